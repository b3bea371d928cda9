<script setup lang="ts">
import { computed } from 'vue';
import type { Trail, WayPoint } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { SNAP, useDragOnPicture } from './dragOnPicture';
import { inside } from './hit';
import type { PictureView } from './view';
import WayPoints from './WayPoints.vue';

/** The motion path of the selected layer, a tick a frame, with its points, handles and ghosts to be dragged. */
const props = defineProps<{ layer: string; trail: Trail; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();
const drag = useDragOnPicture(props.view);

const way = computed(() => props.trail.ticks.map((tick) => props.view.toScreen(tick).map(round).join(',')).join(' '));
const ticks = computed(() => props.trail.ticks.map(props.view.toScreen));
const round = (value: number): number => Math.round(value * 10) / 10;
const here = computed(() => {
    const index = Math.round((playhead.frame - props.trail.from) / props.trail.every);
    return ticks.value[index] ?? null;
});

/** What is on the layer itself is the layer's, whatever of the path lies over it. */
function isOnLayer(event: PointerEvent): boolean {
    const pose = composition.glimpse?.poses.find((one) => one.layer === props.layer);
    const area = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    const at = props.view.toComposition([event.clientX - area.left, event.clientY - area.top]);
    return !!pose && inside(at, pose.corners);
}

const whole = (value: number): number => Math.round(value);

function dragPoint(point: WayPoint, down: PointerEvent): void {
    drag(
        down,
        ([dx, dy]) => ['drag-layers', { layers: [props.layer], frame: point.frame, by: [whole(dx), whole(dy)] }],
        { clicked: () => playhead.go(point.frame) },
    );
}

function dragGhost(frame: number, down: PointerEvent): void {
    down.stopPropagation();
    down.preventDefault();
    drag(
        down,
        ([dx, dy], event) => [
            'drag-layers',
            {
                layers: [props.layer],
                frame,
                by: [whole(dx), whole(dy)],
                straight: event.shiftKey,
                snap: event.altKey ? 0 : SNAP / props.view.view.value.scale,
            },
        ],
        { clicked: () => playhead.go(frame) },
    );
}

/** A point is put onto the path where it is clicked twice: on the frame that is nearest. */
function addPoint(event: MouseEvent): void {
    const area = (event.currentTarget as SVGElement).ownerSVGElement!.getBoundingClientRect();
    const [x, y] = [event.clientX - area.left, event.clientY - area.top];
    const distances = ticks.value.map(([tx, ty]) => Math.hypot(tx - x, ty - y));
    const index = distances.indexOf(Math.min(...distances));
    const frame = props.trail.from + index * props.trail.every;
    void composition.edit('add-keyframe', { layers: [props.layer], property: 'position', frame });
}
</script>

<template>
    <svg class="trail" aria-hidden="true">
        <polygon
            v-for="ghost in trail.ghosts"
            :key="`g${ghost.frame}`"
            class="ghost"
            :data-ghost="ghost.frame"
            :points="ghost.corners.map((corner) => view.toScreen(corner).join(',')).join(' ')"
            @pointerdown="!isOnLayer($event) && dragGhost(ghost.frame, $event)"
        />
        <template v-if="trail.ticks.length > 1">
            <polyline class="way" :points="way" />
            <polyline
                v-if="trail.points.length > 1"
                class="reach"
                :points="way"
                data-way
                @dblclick.stop="!trail.apart && addPoint($event)"
                @pointerdown="!isOnLayer($event) && $event.stopPropagation()"
            />
            <circle v-for="([x, y], index) in ticks" :key="index" class="tick" :cx="x" :cy="y" r="1.6" />
            <text v-if="here && trail.speed > 0" class="speed" :x="here[0] + 14" :y="here[1] + 22" data-speed>
                {{ Math.round(trail.speed) }} px/s
            </text>
        </template>
        <WayPoints
            :layer="layer"
            property="position"
            :points="trail.points"
            :view="view"
            :straight="trail.apart"
            @pull="dragPoint"
        />
    </svg>
</template>

<style scoped>
.trail {
    --way: var(--accent);
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
.way {
    fill: none;
    stroke: var(--accent);
    stroke-width: 1.25;
    opacity: 0.75;
}
.reach {
    fill: none;
    stroke: transparent;
    stroke-width: 12;
    pointer-events: stroke;
    cursor: copy;
}
.tick {
    fill: #fff;
    stroke: var(--accent);
    stroke-width: 0.75;
}
.ghost {
    fill: #ffffff14;
    stroke: #fff;
    stroke-width: 1;
    stroke-dasharray: 4 4;
    pointer-events: auto;
    cursor: move;
}
.speed {
    fill: #fff;
    font-size: 11.5px;
    font-variant-numeric: tabular-nums;
    paint-order: stroke;
    stroke: #2a2230;
    stroke-width: 3px;
}
</style>
