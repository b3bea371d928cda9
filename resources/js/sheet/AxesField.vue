<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { isApart } from './properties';

/** Whether a layer goes along one path, or along x and y by themselves; what that takes is said before it is done. */
const props = defineProps<{ layer: Layer }>();

const composition = useComposition();
const problem = ref<string | null>(null);
const wanted = ref(false);
const apart = computed(() => isApart(props.layer));

async function choose(to: boolean, write = false): Promise<void> {
    wanted.value = to;
    problem.value = await composition.ask('set-axes', { layers: [props.layer.id], apart: to, ...(write && { write }) });
}

function giveUp(): void {
    problem.value = null;
    composition.abandon();
}
</script>

<template>
    <div class="axes" data-axes>
        <label
            >Goes
            <select
                class="choice-field"
                :value="(problem ? wanted : apart) ? 'apart' : 'path'"
                aria-label="How its position is keyframed"
                @change="choose(($event.target as HTMLSelectElement).value === 'apart')"
            >
                <option value="path">as one path</option>
                <option value="apart">x and y apart</option>
            </select></label
        >
        <template v-if="problem">
            <p role="alert">{{ problem }}.</p>
            <button type="button" data-write @click="choose(wanted, true)">Write these keyframes</button>
            <button type="button" class="leave" @click="giveUp">Leave it</button>
        </template>
    </div>
</template>

<style scoped>
.axes {
    padding: 2px 14px 2px 16px;
}
label {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    align-items: center;
    column-gap: 6px;
}
p {
    margin: 5px 0;
    color: var(--accent);
    font-size: 12px;
    line-height: 1.35;
}
button {
    height: 24px;
    margin: 0 6px 4px 0;
    padding: 0 9px;
    border: 0;
    border-radius: 5px;
    background: var(--selected);
    color: var(--ink);
    font: inherit;
    font-size: 12px;
    cursor: pointer;
}
.leave {
    background: none;
    color: var(--quiet);
}
</style>
