<script setup lang="ts">
import { computed } from 'vue';
import type { Corner, WayPoint } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useDragOnPicture } from './dragOnPicture';
import type { PictureView } from './view';

/** Where a way goes through at its keyframes: a click goes to the frame, a double click makes it smooth or sharp, handles bend it. */
const props = defineProps<{
    layer: string;
    property: string;
    points: WayPoint[];
    view: PictureView;
    straight?: boolean;
}>();
const emit = defineEmits<{ pull: [point: WayPoint, event: PointerEvent] }>();

type Side = 'arrive' | 'leave';

const composition = useComposition();
const playhead = usePlayhead();
const drag = useDragOnPicture(props.view);

const drawn = computed(() =>
    props.points.map((point) => ({
        ...point,
        screen: props.view.toScreen(point.at),
        handles: (['arrive', 'leave'] as Side[])
            .map((side) => ({ side, by: point.bend?.[side] ?? ([0, 0] as Corner) }))
            .filter(({ by }) => by[0] !== 0 || by[1] !== 0)
            .map(({ side, by }) => ({ side, at: props.view.toScreen([point.at[0] + by[0], point.at[1] + by[1]]) })),
    })),
);

function bend(point: WayPoint, side: Side, down: PointerEvent): void {
    const from = point.bend?.[side] ?? [0, 0];
    drag(down, ([dx, dy], event) => [
        'bend-path',
        {
            layer: props.layer,
            property: props.property,
            frame: point.frame,
            seen: playhead.frame,
            handle: side,
            to: [Math.round(from[0] + dx), Math.round(from[1] + dy)],
            sharp: event.altKey,
        },
    ]);
}

function toggleSmooth(point: WayPoint): void {
    void composition.edit('smooth-path', {
        keyframes: [{ layer: props.layer, property: props.property, frames: [point.frame] }],
        sharp: point.bend !== null,
    });
}
</script>

<template>
    <g class="way-points">
        <template v-for="point in drawn" :key="point.frame">
            <template v-for="handle in point.handles" :key="handle.side">
                <line class="stalk" :x1="point.screen[0]" :y1="point.screen[1]" :x2="handle.at[0]" :y2="handle.at[1]" />
                <circle
                    class="bend"
                    r="4.5"
                    :cx="handle.at[0]"
                    :cy="handle.at[1]"
                    :data-bend="`${point.frame} ${handle.side}`"
                    @pointerdown.stop.prevent="bend(point, handle.side, $event)"
                />
            </template>
            <circle
                class="point"
                :class="{ here: point.frame === playhead.frame }"
                r="5"
                :cx="point.screen[0]"
                :cy="point.screen[1]"
                :data-path-point="point.frame"
                @pointerdown.stop.prevent="emit('pull', point, $event)"
                @dblclick.stop="!straight && toggleSmooth(point)"
            />
        </template>
    </g>
</template>

<style scoped>
.point,
.bend {
    fill: #fff;
    stroke: var(--way, var(--second));
    stroke-width: 2;
    pointer-events: auto;
    cursor: move;
}
.point.here {
    fill: var(--way, var(--second));
}
.bend {
    stroke: var(--second);
}
.stalk {
    stroke: var(--second);
    stroke-width: 1;
}
</style>
