<script setup lang="ts">
import type { EffectPoint } from '@/api/answers';
import { usePlayhead } from '@/project/playhead';
import { SNAP, useDragOnPicture } from './dragOnPicture';
import type { PictureView } from './view';
import WayPoints from './WayPoints.vue';
import WayTicks from './WayTicks.vue';

/** The points of the selected layer's effects, to be dragged to their places. */
const props = defineProps<{ layer: string; points: EffectPoint[]; view: PictureView }>();

const playhead = usePlayhead();
const drag = useDragOnPicture(props.view);

const place = ({ at }: EffectPoint): string => `translate(${props.view.toScreen(at).join(' ')})`;

function pull(property: string, down: PointerEvent): void {
    drag(
        down,
        (by, event) => [
            'pull-effect',
            {
                layer: props.layer,
                property,
                frame: playhead.frame,
                by: [Math.round(by[0]), Math.round(by[1])],
                straight: event.shiftKey,
                snap: event.altKey ? 0 : SNAP / props.view.view.value.scale,
                scope: event.ctrlKey || event.metaKey ? 'whole' : 'playhead',
            },
        ],
        { held: { layer: props.layer, part: property } },
    );
}
</script>

<template>
    <svg class="points" aria-hidden="true">
        <WayTicks
            v-for="point in points"
            :key="`${point.property} way`"
            :ticks="point.ticks.map(props.view.toScreen)"
        />
        <template v-for="point in points" :key="`${point.property} ghosts`">
            <path
                v-for="(ghost, index) in point.ghosts"
                :key="index"
                class="ghost"
                d="M0 -6L6 0L0 6L-6 0Z"
                :transform="`translate(${props.view.toScreen(ghost).join(' ')})`"
                data-point-ghost
            />
        </template>
        <WayPoints
            v-for="point in points"
            :key="`${point.property} points`"
            :layer="layer"
            :property="point.property"
            :points="point.points"
            :view="view"
            @pull="(one) => playhead.go(one.frame)"
        />
        <g
            v-for="point in points"
            :key="point.property"
            :transform="place(point)"
            :data-effect-point="point.property"
            @pointerdown.stop.prevent="pull(point.property, $event)"
        >
            <title>{{ point.title }}</title>
            <circle r="11" class="reach" />
            <path d="M0 -6L6 0L0 6L-6 0Z" />
        </g>
    </svg>
</template>

<style scoped>
.points {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
    pointer-events: none;
}
.points [data-effect-point] {
    pointer-events: all;
    cursor: move;
}
.reach {
    fill: transparent;
}
.points .ghost {
    fill: none;
    stroke: var(--second);
    stroke-width: 1.25;
    stroke-dasharray: 3 3;
    opacity: 0.75;
}
.points [data-effect-point] path {
    fill: var(--raised);
    stroke: var(--second);
    stroke-width: 1.75;
}
.points [data-effect-point]:hover path {
    fill: var(--second);
}
</style>
