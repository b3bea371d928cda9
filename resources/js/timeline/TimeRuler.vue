<script setup lang="ts">
import { computed } from 'vue';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useMarkers } from '@/project/markers';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useTimecode } from '@/project/timecode';
import MarkerFlag from './MarkerFlag.vue';
import { useTimeView } from './timeView';

const composition = useComposition();
const markers = useMarkers();
const playhead = usePlayhead();
const selection = useSelection();
const timecode = useTimecode();
const view = useTimeView();

const LEAST_GAP = 92;
const LABEL = 66;

/** Distances between labels that divide seconds and minutes evenly, in frames. */
const step = computed(() => {
    const second = Math.round(playhead.framesPerSecond);
    const steps = [
        1,
        2,
        5,
        10,
        second,
        2 * second,
        5 * second,
        10 * second,
        30 * second,
        60 * second,
        300 * second,
        600 * second,
        3600 * second,
    ];
    return steps.find((frames) => frames * view.perFrame.value >= LEAST_GAP) ?? steps.at(-1)!;
});
const labels = computed(() => {
    const frames: number[] = [];
    const end = Math.min(playhead.length, view.from.value + view.visible.value + step.value);
    for (let frame = Math.floor(view.from.value / step.value) * step.value; frame <= end; frame += step.value) {
        frames.push(frame);
    }
    // A label that would be cut off at the edge is left out.
    return frames.filter((frame) => view.x(frame) + LABEL < view.width.value);
});
const ticks = computed(() =>
    labels.value.flatMap((frame) => [1, 2, 3, 4].map((part) => frame + (part * step.value) / 5)),
);

/** Those in sight. */
const shown = computed(() =>
    markers.own.filter(
        ({ frame }) => frame >= view.from.value - 1 && frame <= view.from.value + view.visible.value + 1,
    ),
);

/** What comes this near to a bead, an end or a marker, in screen pixels, is drawn to it. */
const SNAP = 6;

/** The frames that the playhead is drawn to while it is dragged: asked for as a drag begins, it is free until they are there. */
async function marksNow(): Promise<number[]> {
    const layers = selection.layers.map((layer) => `layers[]=${encodeURIComponent(layer)}`).join('&');
    try {
        return (await get<{ frames: number[] }>(`/compositions/${composition.id}/marks?${layers}`)).frames;
    } catch {
        return [];
    }
}

function scrub(down: PointerEvent): void {
    const target = down.currentTarget as HTMLElement;
    const left = target.getBoundingClientRect().left;
    playhead.playing = false;
    let marks: number[] = [];
    const move = (event: PointerEvent): void => {
        const x = event.clientX - left;
        const distance = (mark: number): number => Math.abs(view.x(mark + 0.5) - x);
        const near = event.altKey ? [] : marks.filter((mark) => distance(mark) <= SNAP);
        const nearest = near.toSorted((one, other) => distance(one) - distance(other))[0];
        playhead.go(nearest ?? Math.floor(view.frameAt(x) + 1e-6));
    };
    move(down);
    void marksNow().then((frames) => (marks = frames));
    target.setPointerCapture(down.pointerId);
    target.addEventListener('pointermove', move);
    target.addEventListener('pointerup', () => target.removeEventListener('pointermove', move), { once: true });
}
</script>

<template>
    <div
        class="ruler"
        data-ruler
        title="Drag to go; Alt to go past beads, ends and markers"
        @pointerdown="scrub"
        @dblclick="playhead.clearRange"
    >
        <div
            v-if="playhead.rangeIn !== null || playhead.rangeOut !== null"
            class="range"
            :style="{
                left: `${view.x(playhead.from)}px`,
                width: `${(playhead.last + 1 - playhead.from) * view.perFrame.value}px`,
            }"
        />
        <i v-for="tick in ticks" :key="`t${tick}`" class="tick" :style="{ left: `${view.x(tick)}px` }" />
        <span v-for="frame in labels" :key="frame" class="label" :style="{ left: `${view.x(frame)}px` }">{{
            timecode.label(frame)
        }}</span>
        <MarkerFlag v-for="marker in shown" :key="`m${marker.frame}`" :marker="marker" />
        <b
            class="head"
            :style="{
                transform: `translateX(${view.x(playhead.frame)}px)`,
                width: `${Math.max(2, view.perFrame.value)}px`,
            }"
        />
    </div>
</template>

<style scoped>
.ruler {
    position: relative;
    height: 100%;
    overflow: hidden;
    cursor: col-resize;
    user-select: none;
    touch-action: none;
}
.label {
    position: absolute;
    top: 5px;
    padding-left: 4px;
    height: 20px;
    border-left: 1px solid var(--quiet);
    color: var(--quiet);
    font-size: 11px;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
    line-height: 12px;
}
.tick {
    position: absolute;
    bottom: 0;
    width: 1px;
    height: 5px;
    background: var(--hairline);
}
.head {
    position: absolute;
    left: 0;
    bottom: 0;
    height: 8px;
    background: var(--accent);
    will-change: transform;
    border-radius: 3px 3px 0 0;
}
.range {
    position: absolute;
    inset: 0 auto 0 auto;
    background: var(--selected);
}
</style>
