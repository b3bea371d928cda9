<script setup lang="ts">
import { onClickOutside } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useLayerActions } from '@/project/layerActions';
import { useLayerCommands } from '@/project/layerCommands';
import { useVocabulary } from '@/project/vocabulary';

/** What can be done to the layers that are selected, where the pointer is. */
const props = defineProps<{ x: number; y: number }>();
const emit = defineEmits<{ close: [] }>();

const WIDTH = 268;
/** How far it stays from the edges of the window. */
const MARGIN = 8;

const actions = useLayerActions();
const commands = useLayerCommands();
const vocabulary = useVocabulary();
const menu = ref<HTMLElement | null>(null);

onClickOutside(menu, () => emit('close'));
const height = ref(0);

onMounted(() => {
    height.value = menu.value?.offsetHeight ?? 0;
    items()[0]?.focus();
});

const place = computed(() => ({
    left: `${Math.max(MARGIN, Math.min(props.x, window.innerWidth - WIDTH - MARGIN))}px`,
    top: `${Math.max(MARGIN, Math.min(props.y, window.innerHeight - height.value - MARGIN))}px`,
}));

/** Only what can be done now. */
const groups = computed(() =>
    commands.value.map((group) => group.filter((one) => one.why === null)).filter((group) => group.length > 0),
);

const items = (): HTMLElement[] => [...(menu.value?.querySelectorAll<HTMLElement>('[role^=menuitem]') ?? [])];

function step(by: number): void {
    const all = items();
    const at = all.indexOf(document.activeElement as HTMLElement);
    all[(at + by + all.length) % all.length]?.focus();
}

function choose(act: () => unknown): void {
    emit('close');
    void act();
}
</script>

<template>
    <Teleport to="body">
        <div
            ref="menu"
            class="menu"
            role="menu"
            aria-label="What can be done to the selected layers"
            :style="place"
            @keydown.esc.stop="emit('close')"
            @keydown.down.prevent="step(1)"
            @keydown.up.prevent="step(-1)"
            @contextmenu.prevent
        >
            <ul v-for="(group, index) in groups" :key="index" role="none">
                <li v-for="one in group" :key="one.name" role="none">
                    <button type="button" role="menuitem" :data-act="one.name" @click="choose(one.act)">
                        {{ one.text }}<kbd v-if="one.keys">{{ one.keys }}</kbd>
                    </button>
                </li>
            </ul>
            <div class="dyes" role="none">
                <button
                    v-for="dye in vocabulary.words.labels"
                    :key="dye"
                    type="button"
                    role="menuitemradio"
                    :aria-checked="actions.chosen.value.every((layer) => (layer.label ?? 'madder') === dye)"
                    :aria-label="`Label colour ${dye}`"
                    :title="dye"
                    :style="{ '--dye': `var(--dye-${dye})` }"
                    @click="choose(() => actions.label(dye))"
                />
            </div>
        </div>
    </Teleport>
</template>

<style scoped>
.menu {
    position: fixed;
    z-index: 20;
    width: 268px;
    max-height: calc(100vh - 16px);
    overflow-y: auto;
    padding: 5px;
    border: 1px solid var(--hairline);
    border-radius: 10px;
    background: var(--raised);
    box-shadow: 0 8px 28px #2a223038;
}
ul {
    margin: 0;
    padding: 0 0 4px;
    list-style: none;
}
ul + ul {
    padding-top: 4px;
    border-top: 1px solid var(--hairline);
}
li button {
    display: flex;
    align-items: center;
    justify-content: space-between;
    width: 100%;
    height: 27px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font-size: 13px;
    text-align: left;
    cursor: pointer;
}
li button:hover,
li button:focus-visible {
    background: var(--hover);
    outline: 0;
}
kbd {
    color: var(--quiet);
    font: inherit;
    font-size: 11.5px;
}
.dyes {
    display: flex;
    gap: 4px;
    padding: 6px 6px 3px;
    border-top: 1px solid var(--hairline);
}
.dyes button {
    width: 22px;
    height: 22px;
    padding: 0;
    border: 3px solid var(--raised);
    border-radius: 50%;
    background: var(--dye);
    cursor: pointer;
}
.dyes button[aria-checked='true'] {
    box-shadow: 0 0 0 1.5px var(--ink);
}
</style>
