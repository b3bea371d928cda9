<script setup lang="ts">
import type { OfKeyframes } from '@/api/edits';
import { computed, ref } from 'vue';
import type { Bead } from '@/api/answers';

/** What can be done to the selected keyframes in time and in value. */
const props = defineProps<{ count: number; length: number; bead: Bead }>();
const emit = defineEmits<{ act: [edit: OfKeyframes, args?: object] }>();

const length = ref(props.length);
const every = ref(1);
const tolerance = ref(2);

const frame = ref(props.bead.frame);

const several = computed(() => props.count > 1);
const ACTIONS: { edit: OfKeyframes; args: object; text: string; several: boolean }[] = [
    { edit: 'equalise-keyframes', args: { to: 'previous' }, text: 'Same as the one before', several: false },
    { edit: 'equalise-keyframes', args: { to: 'next' }, text: 'Same as the one after', several: false },
    { edit: 'equalise-keyframes', args: { to: 'previous', axis: 'x' }, text: 'Same x as before', several: false },
    { edit: 'equalise-keyframes', args: { to: 'previous', axis: 'y' }, text: 'Same y as before', several: false },
    { edit: 'smooth-path', args: {}, text: 'Smooth path', several: false },
    { edit: 'smooth-path', args: { sharp: true }, text: 'Sharp corner', several: false },
    { edit: 'reverse-keyframes', args: {}, text: 'Reverse', several: true },
    { edit: 'mirror-keyframes', args: {}, text: 'And back again', several: true },
    { edit: 'space-keyframes', args: { by: 'time' }, text: 'Even spacing', several: true },
    { edit: 'space-keyframes', args: { by: 'distance' }, text: 'Even pace', several: true },
];
</script>

<template>
    <div class="actions">
        <button
            v-for="one in ACTIONS"
            :key="one.text"
            type="button"
            class="choice"
            :disabled="one.several && !several"
            :data-keyframes-act="one.text"
            @click="emit('act', one.edit, one.args)"
        >
            {{ one.text }}
        </button>
    </div>
    <form v-if="!several" @submit.prevent="emit('act', 'move-keyframes', { by: Math.round(frame) - bead.frame })">
        <label>On frame <input v-model.number="frame" type="number" data-on-frame /></label>
        <button type="submit">Move</button>
    </form>
    <form v-if="several" @submit.prevent="emit('act', 'stretch-keyframes', { length })">
        <label>Stretch to <input v-model.number="length" type="number" min="1" data-stretch /> frames</label>
        <button type="submit">Stretch</button>
    </form>
    <form v-if="several" @submit.prevent="emit('act', 'sample-keyframes', { every })">
        <label>A keyframe every <input v-model.number="every" type="number" min="1" /> frames</label>
        <button type="submit">Write out</button>
    </form>
    <form v-if="several" @submit.prevent="emit('act', 'thin-keyframes', { tolerance })">
        <label>Off by at most <input v-model.number="tolerance" type="number" min="0" step="any" /></label>
        <button type="submit">Thin out</button>
    </form>
</template>

<style scoped>
.actions {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2px;
    margin-bottom: 6px;
}
.choice,
form button {
    height: 27px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font-size: 12.5px;
    text-align: left;
    cursor: pointer;
}
.choice:hover:not(:disabled),
.choice:focus-visible,
form button:hover {
    background: var(--hover);
}
.choice:disabled {
    opacity: 0.4;
    cursor: default;
}
form {
    display: flex;
    align-items: center;
    justify-content: space-between;
    height: 32px;
    padding-left: 8px;
    border-top: 1px solid var(--hairline);
}
form button {
    color: var(--second);
}
input {
    width: 62px;
    height: 24px;
    margin: 0 4px;
    padding: 0 6px;
    border: 1px solid var(--hairline);
    border-radius: 6px;
    background: var(--field);
    color: var(--ink);
    font: inherit;
    font-variant-numeric: tabular-nums;
}
</style>
