<script setup lang="ts">
import { Search } from 'lucide-vue-next';
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useEverything, type Found, type WindowActions } from './everything';

/** One field that finds everything: Enter does it, or goes there; what cannot be done now says why. */
const props = defineProps<{ actions: WindowActions }>();
const emit = defineEmits<{ close: [] }>();

const MOST = 12;

const { found } = useEverything(props.actions);
const text = ref('');
const at = ref(0);
const field = ref<HTMLInputElement | null>(null);
const list = ref<HTMLElement | null>(null);
const results = computed(() => found(text.value, MOST));

watch(text, () => (at.value = 0));
onMounted(() => field.value?.focus());

async function step(by: number): Promise<void> {
    at.value = (at.value + by + results.value.length) % Math.max(1, results.value.length);
    await nextTick();
    list.value?.querySelector('[aria-selected=true]')?.scrollIntoView({ block: 'nearest' });
}

function take(one: Found | undefined): void {
    if (one && one.why === null) {
        emit('close');
        void one.act();
    }
}
</script>

<template>
    <div class="shade" @pointerdown.self="emit('close')">
        <div class="find" role="dialog" aria-label="Find everything" @keydown.esc.stop="emit('close')">
            <div class="field">
                <Search :size="16" aria-hidden="true" />
                <input
                    ref="field"
                    v-model="text"
                    type="text"
                    role="combobox"
                    placeholder="What do you want to do, or to find?"
                    aria-label="Find everything"
                    aria-controls="found"
                    :aria-expanded="results.length > 0"
                    :aria-activedescendant="results[at] ? `found-${results[at]!.name}` : undefined"
                    autocomplete="off"
                    spellcheck="false"
                    data-find-everything
                    @keydown.down.prevent="step(1)"
                    @keydown.up.prevent="step(-1)"
                    @keydown.enter.prevent="take(results[at])"
                />
            </div>
            <ul id="found" ref="list" role="listbox" aria-label="Found">
                <li
                    v-for="(one, index) in results"
                    :id="`found-${one.name}`"
                    :key="one.name"
                    role="option"
                    :aria-selected="index === at"
                    :aria-disabled="one.why !== null"
                    :data-found="one.name"
                    @pointermove="at = index"
                    @click="take(one)"
                >
                    <span class="kind">{{ one.kind === 'Do' ? '' : one.kind }}</span>
                    <span class="text" dir="auto">{{ one.text }}</span>
                    <span v-if="one.why" class="why">{{ one.why }}</span>
                    <kbd v-else-if="one.keys">{{ one.keys }}</kbd>
                </li>
                <li v-if="results.length === 0" class="none" role="option" aria-selected="false">
                    Nothing is called that.
                </li>
            </ul>
        </div>
    </div>
</template>

<style scoped>
.shade {
    position: fixed;
    inset: 0;
    z-index: 2500;
}
.find {
    width: min(560px, calc(100vw - 40px));
    margin: 62px auto 0;
    border-radius: 12px;
    background: var(--raised);
    box-shadow:
        0 0 0 1px var(--hairline),
        0 18px 50px #00000038;
}
.field {
    display: flex;
    align-items: center;
    gap: 10px;
    height: 48px;
    padding: 0 16px;
    border-bottom: 1px solid var(--hairline);
    color: var(--quiet);
}
input {
    flex: 1;
    min-width: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: 400 15px var(--type);
    outline: none;
}
ul {
    max-height: min(420px, calc(100vh - 180px));
    margin: 0;
    padding: 6px;
    overflow-y: auto;
    list-style: none;
    scrollbar-width: thin;
}
li {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 32px;
    padding: 0 10px;
    border-radius: 7px;
    font-size: 13.5px;
    cursor: pointer;
}
li[aria-selected='true'] {
    background: var(--selected);
}
li[aria-disabled='true'] {
    color: var(--quiet);
    cursor: default;
}
.kind {
    width: 84px;
    flex: none;
    color: var(--quiet);
    font-size: 12px;
}
.text {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.why {
    color: var(--quiet);
    font-size: 12px;
}
kbd {
    color: var(--quiet);
    font: inherit;
    font-size: 12px;
}
.none {
    color: var(--quiet);
    cursor: default;
}
</style>
