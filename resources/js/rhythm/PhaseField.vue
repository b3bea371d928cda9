<script setup lang="ts">
import { ChevronDown } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { useOpened } from '@/shell/opened';
import MovePicker from './MovePicker.vue';
import { usePhases, type Side } from './phases';
import { useRoomBelow } from './roomBelow';

/** What a layer arrives or leaves by, and how long that takes. */
const props = defineProps<{ side: Side }>();

const phases = usePhases();
const open = ref(false);
useOpened(open);
const opener = ref<HTMLElement | null>(null);
const room = useRoomBelow(opener, open);
const problem = ref<string | null>(null);

const phase = computed(() => phases.phase(props.side));
const isMirror = computed(() => props.side === 'leave' && phases.mirrors.value);
const says = computed(() =>
    isMirror.value ? 'mirrored' : (phase.value?.moves.map(({ move }) => phases.title(move)).join(' + ') ?? 'none'),
);

async function setLength(event: Event): Promise<void> {
    const field = event.target as HTMLInputElement;
    const length = Math.round(Number(field.value));
    problem.value =
        length >= 1 ? await phases.set(props.side, phases.changed(props.side, { length })) : 'At least one frame';
    field.value = String(phase.value?.length ?? '');
}
</script>

<template>
    <div class="phase">
        <span class="what">{{ side === 'arrive' ? 'Arrive' : 'Leave' }}</span>
        <ElPopover
            v-model:visible="open"
            :persistent="false"
            trigger="click"
            :placement="side === 'arrive' ? 'bottom-start' : 'bottom-end'"
            :fallback-placements="['top-start']"
            :width="720"
            :hide-after="0"
        >
            <template #reference>
                <button ref="opener" type="button" class="choose" :data-phase="side" :title="says">
                    <span>{{ says }}</span><ChevronDown :size="13" aria-hidden="true" />
                </button>
            </template>
            <MovePicker v-if="open" :side="side" :style="room" @done="open = false" />
        </ElPopover>
        <label v-if="phase && !isMirror" :title="problem ?? 'Length in frames'" :class="{ bad: problem }">
            <input
                :value="phase.length"
                inputmode="numeric"
                :aria-label="`Frames of the ${side === 'arrive' ? 'arrival' : 'leaving'}`"
                :data-phase-length="side"
                @change="setLength"
                @keydown.enter="($event.target as HTMLElement).blur()"
            />f
        </label>
    </div>
</template>

<style scoped>
.phase {
    display: flex;
    align-items: center;
    gap: 7px;
    min-width: 0;
}
.what,
label {
    color: var(--quiet);
}
.choose {
    display: flex;
    align-items: center;
    gap: 4px;
    max-width: 170px;
    height: 26px;
    padding: 0 8px 0 10px;
    border: 1px solid var(--hairline);
    border-radius: 13px;
    background: var(--raised);
    color: var(--ink);
    font: inherit;
    cursor: pointer;
}
.choose span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.choose:hover {
    border-color: var(--accent);
}
label {
    display: flex;
    align-items: center;
    gap: 3px;
}
input {
    width: 38px;
    height: 24px;
    padding: 0 5px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    text-align: right;
    font-variant-numeric: tabular-nums;
}
.bad input {
    border-color: var(--accent);
}
</style>
