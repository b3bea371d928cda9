<script setup lang="ts">
import type { Corner, SeenLight } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import type { PictureView } from './view';

/** Lights where they are seen, with where they go and what they aim at; both are dragged. */
const props = defineProps<{ lights: SeenLight[]; view: PictureView }>();
const emit = defineEmits<{ press: [layer: string, part: 'whole' | 'eye' | 'aim', down: PointerEvent] }>();

const composition = useComposition();
const selection = useSelection();

/** The rays around a lamp: where each begins and ends, from its middle. */
const RAYS = Array.from({ length: 8 }, (_, index) => (index * Math.PI) / 4).map((turn) => ({
    x1: 11 * Math.cos(turn),
    y1: 11 * Math.sin(turn),
    x2: 15 * Math.cos(turn),
    y2: 15 * Math.sin(turn),
}));

const screen = (corner: Corner): Corner => props.view.toScreen(corner);
const points = (corners: Corner[]): string =>
    corners.map((corner) => screen(corner).map(Math.round).join(',')).join(' ');
const line = (light: SeenLight): string => points(light.aim ? [light.place, light.aim] : []);
</script>

<template>
    <g
        v-for="light in lights"
        :key="light.layer"
        :style="{ '--dye': `var(--dye-${composition.layer(light.layer)?.label ?? 'madder'})` }"
        :class="{ off: !light.on, chosen: selection.layers.includes(light.layer) }"
    >
        <polyline v-if="light.way.length > 0" class="way" :points="points(light.way)" />
        <polyline v-if="light.aim" class="beam" :points="line(light)" />
        <circle
            v-if="light.aim"
            class="point"
            r="6"
            :cx="screen(light.aim)[0]"
            :cy="screen(light.aim)[1]"
            :data-light-aim="light.layer"
            @pointerdown="emit('press', light.layer, 'aim', $event)"
        >
            <title>What it aims at</title>
        </circle>
        <g
            class="lamp"
            :transform="`translate(${screen(light.place).join(' ')})`"
            :data-light-place="light.layer"
            @pointerdown="emit('press', light.layer, 'eye', $event)"
        >
            <title>Where the light is</title>
            <circle class="touch" r="16" />
            <line v-for="(ray, index) in RAYS" :key="index" v-bind="ray" />
            <circle r="8" />
        </g>
    </g>
</template>

<style scoped>
.way,
.beam {
    fill: none;
    stroke: #fff;
    stroke-width: 1.25;
    stroke-dasharray: 2 4;
    pointer-events: none;
}
.beam {
    stroke: color-mix(in srgb, var(--dye) 45%, #fff);
    stroke-dasharray: none;
}
.point {
    fill: var(--raised);
    stroke: var(--dye);
    stroke-width: 2.5;
    cursor: move;
}
.lamp {
    cursor: move;
}
.lamp circle {
    fill: var(--dye);
    stroke: #fff;
    stroke-width: 2;
}
.lamp .touch {
    fill: transparent;
    stroke: none;
}
.lamp line {
    /* On the grey around the picture a dye alone would be lost. */
    stroke: color-mix(in srgb, var(--dye) 45%, #fff);
    stroke-width: 2;
    stroke-linecap: round;
}
.off {
    opacity: 0.5;
}
.chosen .lamp circle:last-child {
    stroke-width: 3;
}
</style>
