<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { useVocabulary } from '@/project/vocabulary';
import { useOpened } from '@/shell/opened';
import { easingLabel } from './easingLabel';
import EasingPicker from './EasingPicker.vue';

/** An easing as a field: its name, and by a click all that there are, a free curve and those that the project keeps. */
const props = defineProps<{
    easing: string;
    label: string;
    without?: string[];
    /** Whether it stands in something that is open over the page itself, and closes with a click outside. */
    nested?: boolean;
}>();
const emit = defineEmits<{ attempt: [easing: string]; leave: []; set: [easing: string] }>();

defineOptions({ inheritAttrs: false });

const CURVE = /^cubic-bezier\((.+)\)$/;

const vocabulary = useVocabulary();
const open = ref(false);
useOpened(open);
const tried = ref<string | null>(null);
const known = computed(() => vocabulary.words.easings.find(({ text }) => text === props.easing));
const curve = computed<[number, number, number, number] | null>(() => {
    const text = tried.value ?? props.easing;
    const numbers = CURVE.exec(text)?.[1]?.split(',').map(Number);
    const handles = numbers ?? vocabulary.words.easings.find((one) => one.text === text || one.name === text)?.curve;
    return handles?.length === 4 ? (handles as [number, number, number, number]) : null;
});

function attempt(easing: string): void {
    tried.value = easing;
    emit('attempt', easing);
}

function leave(): void {
    tried.value = null;
    emit('leave');
}

function set(easing: string, done: boolean): void {
    tried.value = null;
    open.value = !done;
    emit('set', easing);
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        :teleported="!nested"
        trigger="click"
        placement="top"
        :width="372"
        :hide-after="0"
        @hide="leave"
    >
        <template #reference>
            <button
                v-bind="$attrs"
                type="button"
                class="easing-field"
                :aria-label="`${label}: ${easing}`"
                :title="label"
                aria-haspopup="true"
            >
                <span>{{ known?.name ?? easingLabel(easing) }}</span>
                <ChevronDown :size="13" aria-hidden="true" />
            </button>
        </template>
        <EasingPicker
            :easing="easing"
            :curve="curve"
            :without="without"
            @attempt="attempt"
            @leave="leave"
            @set="set($event, false)"
            @choose="set($event, true)"
        />
    </ElPopover>
</template>

<style scoped>
.easing-field {
    display: flex;
    flex: 1;
    align-items: center;
    justify-content: space-between;
    gap: 6px;
    min-width: 0;
    height: 26px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: var(--field);
    box-shadow: inset 0 0 0 1px var(--hairline);
    color: var(--ink);
    font-size: 12.5px;
    cursor: pointer;
}
.easing-field:hover,
.easing-field:focus-visible {
    box-shadow: inset 0 0 0 1.5px var(--second);
    outline: none;
}
span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
svg {
    flex: none;
    color: var(--quiet);
}
</style>
