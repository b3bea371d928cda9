<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { useComposition } from '@/project/composition';
import { Pipette } from 'lucide-vue-next';
import { useViewSettings } from '@/picture/viewSettings';
import { useProject } from '@/project/project';
import IconButton from '@/shell/IconButton.vue';
import { useOpened } from '@/shell/opened';

/** A colour: tried while it is being picked, kept when the picker is closed, given up with Escape. */
const props = defineProps<{ value: string; name: string }>();
const emit = defineEmits<{ try: [value: string]; set: [value: string]; abandon: [] }>();

/** The two that every job needs. */
const ALWAYS = ['#ffffff', '#000000'];
/** Of the colours in use, as many are shown. */
const MOST_IN_USE = 10;
const CLEAR = '#00000000';

const open = ref(false);
useOpened(open, giveUp);
const panel = ref<{ update: () => void } | null>(null);
/** What has been picked so far; null while nothing was. */
const picked = ref<string | null>(null);
const before = ref('');

const composition = useComposition();
const looking = useViewSettings();
const project = useProject();
const kept = computed(() => project.swatches.map((swatch) => swatch.colour));
/** Those of the project, those in use in the composition, and those that are always there; as of when it was opened. */
const offered = shallowRef<string[]>([]);

function offer(): void {
    const found = JSON.stringify(composition.document?.layers ?? []).match(/"#[0-9a-f]{6}(?:[0-9a-f]{2})?"/g) ?? [];
    const used = [...new Set(found.map((text) => text.slice(1, -1)))].filter((one) => !kept.value.includes(one));
    offered.value = [...new Set([...kept.value, ...used.slice(0, MOST_IN_USE), ...ALWAYS])];
}
watch(kept, () => open.value && offer());

const shown = computed(() => picked.value ?? props.value);

function keepForProject(): void {
    const swatch = kept.value.indexOf(shown.value);
    void (swatch < 0
        ? composition.edit('add-swatch', { colour: shown.value })
        : composition.edit('remove-swatch', { swatch }));
}

function begin(): void {
    offer();
    before.value = props.value;
    picked.value = null;
}

function pick(colour: string | null): void {
    const chosen = (colour ?? CLEAR).toLowerCase().replace(/^(#.{6})ff$/, '$1');
    if (open.value && chosen !== (picked.value ?? before.value)) {
        picked.value = chosen;
        emit('try', chosen);
    }
}

function keep(): void {
    const chosen = picked.value;
    picked.value = null;
    if (chosen !== null && chosen !== before.value) {
        emit('set', chosen);
    }
}

function giveUp(): void {
    picked.value = null;
    open.value = false;
    emit('abandon');
}

/** Takes the colour at which the producer points in the picture. */
async function fromPicture(): Promise<void> {
    open.value = false;
    const colour = await looking.pickColour();
    if (colour !== null && colour !== props.value) {
        emit('set', colour);
    }
}

function typed(event: Event): void {
    const text = (event.target as HTMLInputElement).value.trim().toLowerCase();
    emit('set', text.startsWith('#') ? text : `#${text}`);
}
</script>

<template>
    <div class="colour">
        <ElPopover
            v-model:visible="open"
            :persistent="false"
            trigger="click"
            width="auto"
            placement="bottom-start"
            @before-enter="begin"
            @show="panel?.update()"
            @hide="keep"
        >
            <template #reference>
                <button type="button" class="swatch" :aria-label="`Pick ${name.toLowerCase()}`" data-pick>
                    <i :style="{ background: picked ?? value }" />
                </button>
            </template>
            <div data-picker>
                <ElColorPickerPanel
                    ref="panel"
                    :model-value="picked ?? value"
                    show-alpha
                    color-format="hex"
                    :predefine="offered"
                    :border="false"
                    @update:model-value="pick"
                />
                <div class="foot">
                    <button type="button" class="clear" @click="pick(CLEAR)">No colour</button>
                    <button type="button" class="clear" data-keep-colour @click="keepForProject">
                        {{ kept.includes(shown) ? 'Forget in the project' : 'Keep for the project' }}
                    </button>
                </div>
            </div>
        </ElPopover>
        <input
            :value="value"
            :placeholder="value === '' ? 'mixed' : ''"
            :aria-label="`${name} as hex`"
            spellcheck="false"
            @change="typed"
            @keydown.enter="($event.target as HTMLInputElement).blur()"
        />
        <IconButton
            :icon="Pipette"
            :size="13"
            class="drop"
            :label="`Take the ${name.toLowerCase()} from the picture`"
            data-dropper
            @click="fromPicture"
        />
    </div>
</template>

<style scoped>
.colour {
    display: flex;
    flex: 1;
    min-width: 0;
    align-items: center;
    gap: 6px;
    height: 22px;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
}
.swatch {
    display: grid;
    place-items: center;
    width: 28px;
    height: 22px;
    flex: none;
    padding: 0;
    border: 0;
    background: none;
    cursor: pointer;
}
.swatch::before {
    content: '';
    grid-area: 1 / 1;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: repeating-conic-gradient(#b9b2a4 0 25%, #fff 0 50%) 0 0 / 9px 9px;
}
.swatch i {
    grid-area: 1 / 1;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    box-shadow: inset 0 0 0 1px #2a223055;
    z-index: 1;
}
.clear {
    margin: 0 12px 2px;
    padding: 4px 6px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--second);
    font-size: 12px;
    cursor: pointer;
}
.clear:hover {
    background: var(--hover);
}
input {
    width: 100%;
    min-width: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font-size: 13px;
    outline: none;
}
.foot {
    display: flex;
    justify-content: space-between;
}
</style>
