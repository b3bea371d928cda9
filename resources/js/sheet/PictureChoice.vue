<script setup lang="ts" generic="Choice extends { name: string; title: string }">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { useOpened } from '@/shell/opened';

/** One of several things that a picture says better than a word: the one that is chosen, and beneath it a tile for each. */
const props = defineProps<{
    choices: Choice[];
    /** The name of the one that is chosen; none for an act. */
    chosen?: string;
    /** What is chosen, as it is called; it stands beside the picture where nothing is. */
    label: string;
    /** By which it is found: `data-form`. */
    kind: string;
    columns?: number;
    /** Whether the chosen one is named beside its picture. */
    named?: boolean;
}>();
const emit = defineEmits<{ choose: [name: string] }>();
defineSlots<{ default: (scope: { choice: Choice }) => unknown }>();

const open = ref(false);
useOpened(open);
const now = computed(() => props.choices.find(({ name }) => name === props.chosen));

function choose(name: string): void {
    open.value = false;
    if (name !== props.chosen) {
        emit('choose', name);
    }
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        trigger="click"
        placement="bottom-start"
        :width="52 * (columns ?? 4) + 24"
        :hide-after="0"
    >
        <template #reference>
            <button
                type="button"
                class="choice-button"
                :aria-label="now ? `${label}: ${now.title}` : label"
                :title="now ? `${label}: ${now.title}` : label"
                :[`data-${kind}`]="chosen ?? ''"
                aria-haspopup="true"
                :aria-expanded="open"
            >
                <slot v-if="now" :choice="now" />
                <span v-if="!now || named">{{ now?.title ?? label }}</span>
                <ChevronDown :size="13" aria-hidden="true" />
            </button>
        </template>
        <div
            class="tiles"
            :style="{ gridTemplateColumns: `repeat(${columns ?? 4}, 1fr)` }"
            role="group"
            :aria-label="label"
        >
            <button
                v-for="choice in choices"
                :key="choice.name"
                type="button"
                :class="{ chosen: choice.name === chosen }"
                :aria-label="choice.title"
                :title="choice.title"
                :data-choice="choice.name"
                @click="choose(choice.name)"
            >
                <slot :choice="choice" />
            </button>
        </div>
    </ElPopover>
</template>

<style scoped>
.tiles {
    display: grid;
    gap: 4px;
}
.tiles button {
    display: grid;
    place-items: center;
    height: 40px;
    padding: 0;
    border: 0;
    border-radius: 7px;
    background: var(--field);
    color: var(--ink);
    cursor: pointer;
}
.tiles button:hover,
.tiles button:focus-visible {
    background: var(--hover);
}
.tiles .chosen {
    background: var(--selected);
    color: var(--accent);
}
</style>
