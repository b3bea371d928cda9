<script setup lang="ts">
import { History } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Step } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';
import IconButton from './IconButton.vue';
import { useOpened } from './opened';

/** As many as the server tells. */
const MOST = 200;

const composition = useComposition();
const project = useProject();
const open = ref(false);
useOpened(open);
const steps = ref<Step[]>([]);
const loaded = ref(false);
const problem = ref<string | null>(null);

/** The last step that is not undone: where the project is now. */
const now = computed(() => steps.value.find((step) => !step.undone)?.id ?? 0);

const clock = (at: string): string =>
    new Date(at).toLocaleTimeString(undefined, { hour: '2-digit', minute: '2-digit' });

async function load(): Promise<void> {
    try {
        steps.value = await project.steps();
        problem.value = null;
    } catch (error) {
        problem.value = (error as Error).message;
    }
    loaded.value = true;
}

async function go(step: number): Promise<void> {
    if (step !== now.value) {
        await composition.goTo(step);
        await load();
    }
}
</script>

<template>
    <ElPopover
        v-model:visible="open"
        :persistent="false"
        trigger="click"
        placement="bottom-end"
        :width="320"
        @before-enter="load"
    >
        <template #reference>
            <span><IconButton :icon="History" label="History" data-history /></span>
        </template>
        <h2>What was done</h2>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
        <p v-else-if="loaded && steps.length === 0" class="empty">Nothing yet.</p>
        <ol v-else>
            <li v-for="step in steps" :key="step.id">
                <button
                    type="button"
                    :class="{ undone: step.undone, now: step.id === now }"
                    :aria-current="step.id === now ? 'step' : undefined"
                    data-step
                    @click="go(step.id)"
                >
                    <span class="title">{{ step.title }}</span>
                    <time>{{ clock(step.at) }}</time>
                    <span class="where" dir="auto"
                        >{{ step.composition ?? project.name }}{{ step.own ? '' : ' · another window' }}</span
                    >
                </button>
            </li>
            <li v-if="steps.length > 0 && steps.length < MOST">
                <button type="button" :class="{ now: now === 0 }" data-step @click="go(0)">
                    <span class="title">The beginning</span>
                </button>
            </li>
        </ol>
    </ElPopover>
</template>

<style scoped>
h2 {
    margin: 2px 8px 8px;
    font-size: 13px;
    font-weight: 600;
}
ol {
    max-height: 60vh;
    margin: 0;
    padding: 0;
    overflow-y: auto;
    list-style: none;
}
button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 8px;
    width: 100%;
    padding: 5px 8px 5px 14px;
    border: 0;
    border-radius: 7px;
    background: none;
    color: var(--ink);
    text-align: left;
    cursor: pointer;
}
button:hover {
    background: var(--hover);
}
.now {
    background: var(--selected);
    box-shadow: inset 3px 0 var(--accent);
}
.undone {
    opacity: 0.5;
}
.title::first-letter {
    text-transform: uppercase;
}
time {
    color: var(--quiet);
    font-size: 12px;
    font-variant-numeric: tabular-nums;
}
.where {
    grid-column: 1 / 3;
    overflow: hidden;
    color: var(--quiet);
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.empty {
    margin: 0 8px 6px;
    color: var(--quiet);
}
.problem {
    margin: 0 8px 6px;
    color: var(--accent);
}
</style>
