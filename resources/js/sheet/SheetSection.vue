<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { usePreferences } from '@/project/preferences';
import { useGuide } from '@/shell/guide';
import { useVocabulary } from '@/project/vocabulary';

/** A part of the Sheet that folds, and stays so for every layer; what is not always needed is folded until something is in it. */
const props = withDefaults(
    defineProps<{
        /** What it is known by where it is remembered whether it is folded. */
        name: string;
        /** As it is called, where it is none of those that the server has words for. */
        title?: string;
        open?: boolean;
        /** Whether few layers need it, where it is none of those that the server has words for. */
        rare?: boolean;
        /** Whether something is in it; left out, it is open though few layers need it. */
        used?: boolean | null;
    }>(),
    // Left out, it is no answer: Vue would take it for a no.
    { used: null },
);

const guide = useGuide();
const page = guide.about(props.name);
const preferences = usePreferences();
const vocabulary = useVocabulary();
const section = computed(() => vocabulary.section(props.name));
const called = computed(() => props.title ?? section.value?.title);
/** What was in use while it is looked at stays open when it is emptied: nothing folds up under the hand. */
const wasUsed = ref(props.used);
watch(
    () => props.used,
    (used) => (wasUsed.value ||= used),
);
const isNeeded = computed(() => !(section.value?.rare ?? props.rare) || (wasUsed.value ?? !props.rare));
const isOpen = computed(
    () =>
        props.open ||
        (isNeeded.value ? !preferences.folded.includes(props.name) : preferences.unfolded.includes(props.name)),
);

const without = (names: string[]): string[] => names.filter((one) => one !== props.name);

function toggle(): void {
    const opens = !isOpen.value;
    preferences.folded = [...without(preferences.folded), ...(!opens && isNeeded.value ? [props.name] : [])];
    preferences.unfolded = [...without(preferences.unfolded), ...(opens && !isNeeded.value ? [props.name] : [])];
}
</script>

<template>
    <section :data-section="name">
        <h2>
            <slot name="head" />
            <button
                v-if="page"
                type="button"
                class="page"
                :aria-label="`About ${called}`"
                :title="`About ${called}, in the guide`"
                @click="guide.show(page)"
            >
                ?
            </button>
            <button type="button" class="fold" :aria-expanded="isOpen" :disabled="open" @click="toggle">
                {{ called }}<i v-if="used && !isOpen" class="used" title="There is something in it" /><ChevronDown
                    :size="13"
                    aria-hidden="true"
                />
            </button>
        </h2>
        <slot v-if="isOpen" />
    </section>
</template>

<style scoped>
section {
    padding-bottom: 4px;
    border-top: 1px solid var(--hairline);
}
h2 {
    position: relative;
    margin: 0;
}
h2 :deep(.bead) {
    position: absolute;
    top: 2px;
    right: 30px;
}
h2 .fold {
    display: flex;
    align-items: center;
    width: 100%;
    height: 26px;
    padding: 0 14px 0 16px;
    border: 0;
    background: none;
    color: var(--quiet);
    font-size: 12px;
    font-weight: 500;
    cursor: pointer;
}
h2 .fold:hover:enabled {
    color: var(--ink);
}
.page {
    position: absolute;
    top: 4px;
    right: 58px;
    width: 18px;
    height: 18px;
    padding: 0;
    border: 0;
    border-radius: 50%;
    background: var(--hover);
    color: var(--quiet);
    font-size: 11px;
    line-height: 18px;
    cursor: pointer;
    opacity: 0;
}
section:hover .page,
.page:focus-visible {
    opacity: 1;
}
.page:hover {
    color: var(--accent);
}
.used {
    width: 6px;
    height: 6px;
    margin-left: 7px;
    border-radius: 50%;
    background: var(--accent);
}
h2 svg {
    margin-left: auto;
    transform: rotate(-90deg);
}
h2 .fold[aria-expanded='true'] svg {
    transform: none;
    opacity: 0.5;
}
</style>
