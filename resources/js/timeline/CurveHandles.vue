<script setup lang="ts">
import type { EditCall } from '@/api/edits';
import { computed } from 'vue';
import type { CurveHandle, Thread } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useDragInValue } from './dragInValue';
import { useTimeView } from './timeView';

/** How a number is drawn in the thread, and which number is meant by a height. */
export interface Scale {
    y: (value: number) => number;
    at: (y: number) => number;
}

/** The handles of a thread's segments beside the keyframes that are selected, or around the playhead: of value and of speed. */
const props = defineProps<{
    layer: string;
    thread: Thread;
    height: number;
    channel: number;
    value: Scale;
    speed: Scale;
}>();
const emit = defineEmits<{ hold: [held: boolean] }>();

const ROOM = 5;

const composition = useComposition();
const playhead = usePlayhead();
const selection = useSelection();
const view = useTimeView();
const drag = useDragInValue();

type Kind = 'value' | 'speed';
interface Drawn {
    kind: Kind;
    end: 'begin' | 'end';
    frame: number;
    handle: CurveHandle;
    number: number;
    x: number;
    y: number;
    fromX: number;
    fromY: number;
}

const within = (y: number): number => Math.max(ROOM, Math.min(props.height - ROOM, y));
const isChosen = (frame: number): boolean =>
    selection.hasBead({ layer: props.layer, property: props.thread.property, frame });

const segments = computed(() => {
    const { beads } = props.thread;
    const pairs = beads.slice(0, -1).map((bead, index) => ({ bead, next: beads[index + 1]! }));
    const chosen = pairs.filter(({ bead, next }) => isChosen(bead.frame) || isChosen(next.frame));
    return chosen.length > 0
        ? chosen
        : pairs.filter(({ bead, next }) => playhead.frame >= bead.frame && playhead.frame < next.frame);
});

const drawn = computed<Drawn[]>(() =>
    segments.value.flatMap(({ bead, next }) =>
        (bead.handles ?? []).flatMap((handle, index) => {
            const end = index === 0 ? ('begin' as const) : ('end' as const);
            const anchor = index === 0 ? bead.frame : next.frame;
            const common = { end, frame: bead.frame, handle, x: view.x(handle.at), fromX: view.x(anchor) };
            const value = handle.values[props.channel];
            const sample = props.thread.frames.indexOf(anchor);
            const own = props.thread.channels[props.channel]?.[sample] ?? 0;
            const speedY = within(props.speed.y(handle.speed));
            return [
                ...(value === undefined
                    ? []
                    : [
                          {
                              ...common,
                              kind: 'value' as const,
                              number: value,
                              y: within(props.value.y(value)),
                              fromY: props.value.y(own),
                          },
                      ]),
                { ...common, kind: 'speed' as const, number: handle.speed, y: speedY, fromY: speedY },
            ];
        }),
    ),
);

const pulled = (one: Drawn, at: number, number: number): EditCall => [
    'pull-curve',
    {
        layer: props.layer,
        property: props.thread.property,
        frame: one.frame,
        handle: one.end,
        at,
        ...(one.kind === 'value' ? { value: number, channel: props.channel } : { speed: Math.max(0, number) }),
    },
];

function grab(one: Drawn, down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    const scale = one.kind === 'value' ? props.value : props.speed;
    // Where the pointer took it, so that it does not jump.
    const [dx, dy] = [one.x - down.clientX, one.y - down.clientY];
    emit('hold', true);
    drag.begin(
        (event) => pulled(one, view.frameAt(event.clientX + dx), scale.at(event.clientY + dy)),
        () => emit('hold', false),
    );
}

function nudge(one: Drawn, frames: number, pixels: number): void {
    const scale = one.kind === 'value' ? props.value : props.speed;
    const number = pixels === 0 ? one.number : scale.at(scale.y(one.number) - pixels);
    const [edit, args] = pulled(one, one.handle.at + frames, number);
    void composition.edit(edit, args);
}

const TITLES = { value: 'Drag it to bend the curve', speed: 'Drag it up or down to go faster or slower there' };
</script>

<template>
    <svg class="curve-handles">
        <g v-for="one in drawn" :key="`${one.kind} ${one.frame} ${one.end}`" :class="one.kind">
            <line :x1="one.fromX" :y1="one.fromY" :x2="one.x" :y2="one.y" />
            <component
                :is="one.kind === 'value' ? 'circle' : 'rect'"
                v-bind="
                    one.kind === 'value'
                        ? { cx: one.x, cy: one.y, r: 4.5 }
                        : { x: one.x - 4, y: one.y - 4, width: 8, height: 8, rx: 1.5 }
                "
                class="handle"
                tabindex="0"
                role="button"
                :aria-label="`${one.kind === 'value' ? 'Curve' : 'Speed'} at the ${one.end} of the segment from frame ${one.frame}`"
                :data-curve-pull="`${one.kind} ${one.frame} ${one.end}`"
                @pointerdown.stop.prevent="grab(one, $event)"
                @dblclick.stop
                @keydown.left.stop.prevent="nudge(one, -1, 0)"
                @keydown.right.stop.prevent="nudge(one, 1, 0)"
                @keydown.up.stop.prevent="nudge(one, 0, 4)"
                @keydown.down.stop.prevent="nudge(one, 0, -4)"
            >
                <title>{{ TITLES[one.kind] }}</title>
            </component>
        </g>
    </svg>
</template>

<style scoped>
.curve-handles {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
line {
    stroke: var(--dye);
    stroke-width: 1;
}
.speed line {
    stroke: var(--quiet);
}
.handle {
    fill: var(--raised);
    stroke: var(--dye);
    stroke-width: 1.5;
    cursor: grab;
    pointer-events: all;
    touch-action: none;
}
.speed .handle {
    stroke: var(--quiet);
}
.handle:hover,
.handle:focus-visible {
    outline: 0;
    fill: var(--accent);
    stroke: var(--accent);
}
</style>
