<script setup lang="ts">
import { ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useProject } from '@/project/project';

/** The curves that the project keeps by name, and a field to keep the present one. */
const props = defineProps<{ easing: string }>();
const emit = defineEmits<{ attempt: [easing: string]; leave: []; choose: [easing: string] }>();

const composition = useComposition();
const project = useProject();
const name = ref('');
const problem = ref<string | null>(null);

async function keep(): Promise<void> {
    if (name.value.trim() !== '') {
        problem.value = await composition.ask('add-curve', { name: name.value.trim(), easing: props.easing });
        name.value = problem.value === null ? '' : name.value;
    }
}
</script>

<template>
    <div class="kept">
        <span v-for="(one, index) in project.curves" :key="one.name" class="named">
            <button
                type="button"
                class="choice"
                :class="{ chosen: one.easing === easing }"
                :title="one.easing"
                :data-named-curve="one.name"
                @pointerenter="emit('attempt', one.easing)"
                @pointerleave="emit('leave')"
                @click="emit('choose', one.easing)"
            >
                {{ one.name }}</button><button
                type="button"
                class="forget"
                :aria-label="`Forget ${one.name}`"
                @click="composition.edit('remove-curve', { curve: index })"
            >
                ×
            </button>
        </span>
        <form @submit.prevent="keep">
            <input v-model="name" placeholder="Keep this curve as…" aria-label="Name of the curve" data-curve-name />
        </form>
        <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </div>
</template>

<style scoped>
.kept {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 2px 6px;
    margin-top: 6px;
    padding-top: 6px;
    border-top: 1px solid var(--hairline);
}
.named {
    display: flex;
    max-width: 180px;
}
.choice {
    height: 24px;
    padding: 0 5px;
    overflow: hidden;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
    cursor: pointer;
}
.choice:hover,
.choice:focus-visible {
    background: var(--hover);
}
.chosen {
    background: var(--selected);
    color: var(--accent);
}
.forget {
    width: 20px;
    border: 0;
    background: none;
    color: var(--quiet);
    cursor: pointer;
}
input {
    width: 140px;
    height: 24px;
    padding: 0 7px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
    color: var(--ink);
    font-size: 12px;
}
.problem {
    margin: 0;
    color: var(--accent);
}
</style>
