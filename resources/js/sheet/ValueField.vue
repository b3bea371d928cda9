<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useScrub, within } from './scrub';

const props = defineProps<{
    /** Null where several are shown that differ. */
    value: number | null;
    /** What is shown where it is no single number. */
    written?: string;
    label: string;
    name: string;
    unit?: string;
    step?: number;
    least?: number | null;
    most?: number | null;
    problem?: string | null;
}>();
const emit = defineEmits<{ try: [value: number]; set: [value: number | string]; reset: []; abandon: [] }>();

const draft = ref<string | null>(null);
const input = ref<HTMLInputElement | null>(null);

const step = computed(() => props.step ?? 1);
const bounded = (value: number): number => within(value, props.least, props.most);
const { scrubbed, begin, round } = useScrub({
    value: () => props.value ?? 0,
    step: () => step.value,
    bounded,
    attempt: (value) => emit('try', value),
    set: (value) => emit('set', value),
});
const text = computed(() => {
    const value = scrubbed.value ?? props.value;
    return value === null ? (props.written ?? '') : String(round(value));
});
const shown = computed(() => draft.value ?? text.value);
/** What comes while the field waits for typing is replaced by it, as what stood there was. */
watch(text, async () => {
    if (draft.value === null && document.activeElement === input.value) {
        await nextTick();
        input.value?.select();
    }
});

function commit(): void {
    const typed = draft.value;
    draft.value = null;
    if (typed !== null && typed.trim() !== '' && typed.trim() !== text.value) {
        const number = Number(typed.trim().replace(',', '.'));
        emit('set', Number.isFinite(number) ? number : typed.trim());
    }
}

function giveUp(): void {
    draft.value = null;
    emit('abandon');
    input.value?.blur();
}

function nudge(event: KeyboardEvent, direction: number): void {
    event.preventDefault();
    const size = step.value * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
    draft.value = null;
    emit('set', bounded(round((props.value ?? 0) + direction * size)));
}
</script>

<template>
    <label class="value" :class="{ bad: problem }">
        <span
            v-if="label"
            class="label"
            :title="`Drag to change ${name}; double-click to reset`"
            @pointerdown.prevent="value !== null && begin($event)"
            @dblclick.prevent="emit('reset')"
            >{{ label }}</span
        >
        <input
            ref="input"
            :value="shown"
            :placeholder="value === null ? 'mixed' : ''"
            :aria-label="name"
            :aria-invalid="!!problem"
            inputmode="decimal"
            autocomplete="off"
            spellcheck="false"
            @input="draft = ($event.target as HTMLInputElement).value"
            @focus="($event.target as HTMLInputElement).select()"
            @blur="commit"
            @keydown.enter.prevent="commit"
            @keydown.esc.stop="giveUp"
            @keydown.up="nudge($event, 1)"
            @keydown.down="nudge($event, -1)"
        />
        <span v-if="unit" class="unit">{{ unit }}</span>
    </label>
</template>

<style scoped>
.value {
    display: flex;
    align-items: center;
    min-width: 0;
    flex: 1;
    height: 22px;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
}
.value:focus-within {
    box-shadow: inset 0 0 0 1.5px var(--second);
}
.bad {
    box-shadow: inset 0 0 0 1.5px var(--accent);
}
.label {
    padding: 0 1px 0 6px;
    color: var(--quiet);
    font-size: 12px;
    line-height: 22px;
    cursor: ew-resize;
    user-select: none;
    touch-action: none;
}
input {
    width: 100%;
    min-width: 0;
    padding: 0 2px 0 8px;
    border: 0;
    background: none;
    color: var(--ink);
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    outline: none;
}
.unit {
    white-space: nowrap;
    padding-right: 7px;
    color: var(--quiet);
    font-size: 12px;
}
.label + input {
    padding-left: 3px;
}
</style>
