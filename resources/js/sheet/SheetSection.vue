<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed } from 'vue';
import { usePreferences } from '@/project/preferences';

/** A part of the Sheet that folds, and stays so for every layer. */
const props = defineProps<{ title: string; open?: boolean }>();

const preferences = usePreferences();
const isOpen = computed(() => props.open || !preferences.folded.includes(props.title));

function toggle(): void {
    preferences.folded = isOpen.value
        ? [...preferences.folded, props.title]
        : preferences.folded.filter((one) => one !== props.title);
}
</script>

<template>
    <section :data-section="title">
        <h3>
            <slot name="head" />
            <button type="button" :aria-expanded="isOpen" :disabled="open" @click="toggle">
                {{ title }}<ChevronDown :size="13" aria-hidden="true" />
            </button>
        </h3>
        <slot v-if="isOpen" />
    </section>
</template>

<style scoped>
section {
    padding-bottom: 4px;
    border-top: 1px solid var(--hairline);
}
h3 {
    position: relative;
    margin: 0;
}
h3 :deep(.bead) {
    position: absolute;
    top: 2px;
    right: 30px;
}
h3 button {
    display: flex;
    align-items: center;
    justify-content: space-between;
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
h3 button:hover:enabled {
    color: var(--ink);
}
h3 svg {
    transform: rotate(-90deg);
}
h3 button[aria-expanded='true'] svg {
    transform: none;
    opacity: 0.5;
}
</style>
