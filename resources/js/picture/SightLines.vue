<script setup lang="ts">
import { computed, ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useVocabulary } from '@/project/vocabulary';
import { useViewSettings } from './viewSettings';
import type { PictureView } from './view';

/** Safe areas, a grid, rulers, and the guides that are pulled from them. */
const props = defineProps<{ view: PictureView }>();

interface Line {
    axis: 'x' | 'y';
    at: number;
}

const RULER = 18;
/** Marks on a ruler are at least this far apart on the screen. */
const LEAST_GAP = 60;

const composition = useComposition();
const looking = useViewSettings();
const vocabulary = useVocabulary();

/** The guide on its way, and which of those that are there it is; null for a new one. */
const moving = ref<(Line & { index: number | null }) | null>(null);

const size = computed(() => ({ width: composition.shown?.width ?? 0, height: composition.shown?.height ?? 0 }));
const guides = computed<Line[]>(() => {
    const kept = (composition.shown?.guides ?? []) as Line[];
    return moving.value?.index == null ? kept : kept.filter((_, index) => index !== moving.value?.index);
});
const scale = computed(() => props.view.view.value.scale);
const on = (axis: 'x' | 'y', at: number): number => at * scale.value + props.view.view.value[axis];

function rectangle(part: number) {
    const { width, height } = size.value;
    return {
        x: on('x', part * width),
        y: on('y', part * height),
        width: (1 - 2 * part) * width * scale.value,
        height: (1 - 2 * part) * height * scale.value,
    };
}
const safe = computed(() => vocabulary.words.safe.map(rectangle));
const across = (length: number): number[] =>
    Array.from({ length: Math.max(0, Math.ceil(length / looking.spacing) - 1) }, (_, n) => (n + 1) * looking.spacing);

const step = computed(
    () => [1, 5, 10, 20, 50, 100, 200, 500, 1000, 2000].find((one) => one * scale.value >= LEAST_GAP) ?? 5000,
);
function marks(axis: 'x' | 'y'): number[] {
    const { view, width, height } = props.view;
    const length = axis === 'x' ? width.value : height.value;
    const first = Math.ceil(-view.value[axis] / scale.value / step.value) * step.value;
    const found: number[] = [];
    for (let at = first; on(axis, at) < length; at += step.value) {
        found.push(at);
    }
    return found;
}

function pull(axis: 'x' | 'y', index: number | null, down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    const area = (down.currentTarget as Element).closest('.picture')!.getBoundingClientRect();
    const at = (event: PointerEvent): number => {
        const screen = axis === 'x' ? event.clientX - area.left : event.clientY - area.top;
        return Math.round((screen - props.view.view.value[axis]) / scale.value);
    };
    const move = (event: PointerEvent): void => void (moving.value = { axis, at: at(event), index });
    const up = (event: PointerEvent): void => {
        window.removeEventListener('pointermove', move);
        if (!moving.value) {
            return;
        }
        const place = at(event);
        const rest = guides.value;
        moving.value = null;
        // One that is pulled off the frame is gone.
        const isThere = place >= 0 && place <= (axis === 'x' ? size.value.width : size.value.height);
        void composition.edit('set-guides', { guides: isThere ? [...rest, { axis, at: place }] : rest });
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up, { once: true });
}
</script>

<template>
    <svg class="sight" aria-hidden="true">
        <g v-if="looking.grid" class="grid">
            <line
                v-for="x in across(size.width)"
                :key="`x${x}`"
                :x1="on('x', x)"
                :x2="on('x', x)"
                :y1="on('y', 0)"
                :y2="on('y', size.height)"
            />
            <line
                v-for="y in across(size.height)"
                :key="`y${y}`"
                :y1="on('y', y)"
                :y2="on('y', y)"
                :x1="on('x', 0)"
                :x2="on('x', size.width)"
            />
        </g>
        <g v-if="looking.safe">
            <rect v-for="(box, index) in safe" :key="index" class="safe" data-safe v-bind="box" />
        </g>
        <g v-for="(guide, index) in [...guides, ...(moving ? [moving] : [])]" :key="`${guide.axis}${guide.at}`">
            <line
                class="guide"
                data-placed-guide
                :x1="guide.axis === 'x' ? on('x', guide.at) : 0"
                :x2="guide.axis === 'x' ? on('x', guide.at) : view.width.value"
                :y1="guide.axis === 'y' ? on('y', guide.at) : 0"
                :y2="guide.axis === 'y' ? on('y', guide.at) : view.height.value"
            />
            <line
                v-if="looking.rulers && !moving"
                class="reach"
                :class="guide.axis"
                :x1="guide.axis === 'x' ? on('x', guide.at) : 0"
                :x2="guide.axis === 'x' ? on('x', guide.at) : view.width.value"
                :y1="guide.axis === 'y' ? on('y', guide.at) : 0"
                :y2="guide.axis === 'y' ? on('y', guide.at) : view.height.value"
                @pointerdown.stop="pull(guide.axis, index, $event)"
            />
        </g>
        <g v-if="looking.rulers">
            <rect
                class="ruler y"
                data-ruler-x
                :width="view.width.value"
                :height="RULER"
                @pointerdown.stop="pull('y', null, $event)"
            />
            <rect
                class="ruler x"
                data-ruler-y
                :width="RULER"
                :height="view.height.value"
                @pointerdown.stop="pull('x', null, $event)"
            />
            <template v-for="at in marks('x')" :key="`mx${at}`">
                <line class="mark" :x1="on('x', at)" :x2="on('x', at)" :y1="RULER - 5" :y2="RULER" />
                <text :x="on('x', at) + 3" y="11">{{ at }}</text>
            </template>
            <template v-for="at in marks('y')" :key="`my${at}`">
                <line class="mark" :y1="on('y', at)" :y2="on('y', at)" :x1="RULER - 5" :x2="RULER" />
                <text :transform="`translate(11 ${on('y', at) - 3}) rotate(-90)`">{{ at }}</text>
            </template>
        </g>
        <text
            v-if="moving"
            class="told"
            :x="moving.axis === 'x' ? on('x', moving.at) + 6 : 30"
            :y="moving.axis === 'y' ? on('y', moving.at) - 6 : 36"
        >
            {{ moving.at }} px
        </text>
    </svg>
</template>

<style scoped>
.sight {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: hidden;
    pointer-events: none;
}
.safe {
    fill: none;
    stroke: #ffffffb0;
    stroke-width: 1;
    filter: drop-shadow(0 0 1px #000000b0);
}
.grid {
    /* Seen on what is bright, too. */
    filter: drop-shadow(0 0 0.7px #000000d0);
}
.grid line {
    stroke: #ffffff70;
    stroke-width: 1;
}
.guide {
    stroke: var(--second);
    stroke-width: 1.25;
}
.reach {
    stroke: transparent;
    stroke-width: 9;
    pointer-events: all;
}
.x {
    cursor: ew-resize;
}
.y {
    cursor: ns-resize;
}
.ruler {
    fill: color-mix(in srgb, var(--raised) 92%, transparent);
    pointer-events: all;
}
.mark {
    stroke: var(--quiet);
}
text {
    fill: var(--quiet);
    font-size: 9.5px;
    font-variant-numeric: tabular-nums;
}
.told {
    fill: #fff;
    font-size: 12px;
    paint-order: stroke;
    stroke: #000000a0;
    stroke-width: 3px;
}
</style>
