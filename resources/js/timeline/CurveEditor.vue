<script setup lang="ts">
import { computed, ref, watch } from 'vue';

/** A free curve with two handles, which may reach beyond the value of either keyframe. */
const props = defineProps<{ curve: [number, number, number, number] | null }>();
const emit = defineEmits<{ attempt: [easing: string]; choose: [easing: string] }>();

/** The square from 0 to 1 in the picture, and the room around it. */
const [SIDE, ROOM, SIDEWAYS] = [80, 40, 28];
const BEYOND = ROOM / SIDE;

/** Of what has no handles: straight on. */
const STRAIGHT = [0.33, 0.33, 0.67, 0.67] as const;

const handles = ref<[number, number, number, number]>([...(props.curve ?? STRAIGHT)]);
const area = ref<SVGSVGElement | null>(null);
let isHeld = false;

const x = (value: number): number => SIDEWAYS + value * SIDE;
const y = (value: number): number => ROOM + (1 - value) * SIDE;
const text = computed(() => `cubic-bezier(${handles.value.map((one) => Math.round(one * 1000) / 1000).join(', ')})`);
const path = computed(() => {
    const [x1, y1, x2, y2] = handles.value;
    return `M${x(0)} ${y(0)}C${x(x1)} ${y(y1)} ${x(x2)} ${y(y2)} ${x(1)} ${y(1)}`;
});

/** Another easing was chosen beside it. What is being pulled stays under the hand, whatever answer comes meanwhile. */
watch(
    () => props.curve,
    (curve) => {
        if (!isHeld) {
            handles.value = [...(curve ?? STRAIGHT)];
        }
    },
);

function put(handle: 0 | 1, along: number, up: number): void {
    const next: [number, number, number, number] = [...handles.value];
    next[2 * handle] = Math.max(0, Math.min(1, along));
    next[2 * handle + 1] = Math.max(-BEYOND, Math.min(1 + BEYOND, up));
    handles.value = next;
    emit('attempt', text.value);
}

function grab(handle: 0 | 1, down: PointerEvent): void {
    const box = area.value!.getBoundingClientRect();
    const move = (event: PointerEvent): void =>
        put(handle, (event.clientX - box.left - SIDEWAYS) / SIDE, 1 - (event.clientY - box.top - ROOM) / SIDE);
    const before = handles.value;
    const letGo = (): void => {
        isHeld = false;
        window.removeEventListener('pointermove', move);
        window.removeEventListener('pointerup', up);
        window.removeEventListener('pointercancel', cancel);
    };
    const up = (): void => {
        letGo();
        emit('choose', text.value);
    };
    // Taken away by the system, it was never pulled.
    const cancel = (): void => {
        letGo();
        handles.value = before;
        emit('attempt', text.value);
    };
    isHeld = true;
    down.preventDefault();
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', cancel);
}

function nudge(handle: 0 | 1, along: number, up: number): void {
    put(handle, handles.value[2 * handle]! + along, handles.value[2 * handle + 1]! + up);
    emit('choose', text.value);
}
</script>

<template>
    <svg
        ref="area"
        class="curve-editor"
        :width="SIDE + 2 * SIDEWAYS"
        :height="SIDE + 2 * ROOM"
        role="group"
        aria-label="A custom curve"
        data-curve-editor
    >
        <rect :x="x(0)" :y="y(1)" :width="SIDE" :height="SIDE" />
        <line :x1="x(0)" :y1="y(0)" :x2="x(handles[0])" :y2="y(handles[1])" />
        <line :x1="x(1)" :y1="y(1)" :x2="x(handles[2])" :y2="y(handles[3])" />
        <path :d="path" />
        <circle
            v-for="handle in [0, 1] as const"
            :key="handle"
            r="5.5"
            tabindex="0"
            :cx="x(handles[2 * handle]!)"
            :cy="y(handles[2 * handle + 1]!)"
            :aria-label="handle === 0 ? 'Handle of the beginning' : 'Handle of the end'"
            :data-curve-handle="handle"
            @pointerdown="grab(handle, $event)"
            @keydown.left.prevent="nudge(handle, -0.02, 0)"
            @keydown.right.prevent="nudge(handle, 0.02, 0)"
            @keydown.up.prevent="nudge(handle, 0, 0.02)"
            @keydown.down.prevent="nudge(handle, 0, -0.02)"
        />
    </svg>
</template>

<style scoped>
.curve-editor {
    align-self: center;
    border-radius: 8px;
    background: var(--field);
    touch-action: none;
}
rect {
    fill: none;
    stroke: var(--hairline);
}
line {
    stroke: var(--quiet);
    stroke-dasharray: 2 2;
}
path {
    fill: none;
    stroke: var(--accent);
    stroke-width: 2;
}
circle {
    fill: var(--raised);
    stroke: var(--ink);
    stroke-width: 2;
    cursor: grab;
}
circle:focus-visible {
    outline: 0;
    fill: var(--accent);
}
</style>
