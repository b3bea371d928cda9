<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Bead, Layer, PropertyDefinition, Thread } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { adds, type Held } from '@/project/picking';
import { usePlayhead } from '@/project/playhead';
import { useSelection, type SelectedBead } from '@/project/selection';
import CurveHandles, { type Scale } from './CurveHandles.vue';
import { useDragInTime } from './dragInTime';
import { easingLabel } from './easingLabel';
import { ROW_HEIGHT, useTimeView } from './timeView';
import { useDragInValue } from './dragInValue';

/** A property's course over time, with its keyframes as beads. */
const props = defineProps<{
    layer: Layer;
    thread: Thread;
    definition: PropertyDefinition;
    height: number;
    /** Whether it lies over another one, of which all is that is not on its line. */
    over?: boolean;
    /** Its colour, where that is not its layer's. */
    dye?: string;
}>();
const emit = defineEmits<{ menu: [bead: Bead, event: MouseEvent]; lasso: [event: PointerEvent] }>();

const INSET = 9;
/** How far the pointer goes before it is clear which way. */
const THRESHOLD = 4;

const composition = useComposition();
const playhead = usePlayhead();
const selection = useSelection();
const view = useTimeView();
const { begin } = useDragInTime();
const inValue = useDragInValue();
const isTall = computed(() => props.height > ROW_HEIGHT);

/** The least and the most of each channel, so that each uses the row's full height. While a handle is held they stay. */
const own = computed(() => ({
    extents: props.thread.channels.map((channel) => [Math.min(...channel), Math.max(...channel)] as const),
    fastest: Math.max(0, ...props.thread.speeds),
}));
const held = ref<typeof own.value | null>(null);
const extents = computed(() => (held.value ?? own.value).extents);

function y(value: number, channel: number): number {
    const [least, most] = extents.value[channel] ?? [0, 0];
    return most - least < 1e-6
        ? props.height / 2
        : props.height - INSET - ((value - least) / (most - least)) * (props.height - 2 * INSET);
}

const curves = computed(() =>
    props.thread.channels.map((channel, index) => {
        const points = channel.map(
            (value, sample) => `${view.x(props.thread.frames[sample]!).toFixed(1)},${y(value, index).toFixed(1)}`,
        );
        const first = y(channel[0] ?? 0, index).toFixed(1);
        const last = y(channel.at(-1) ?? 0, index).toFixed(1);
        return `${view.x(props.layer.in).toFixed(1)},${first} ${points.join(' ')} ${view.x(props.layer.out).toFixed(1)},${last}`;
    }),
);

/** A colour's course, as the stops of a gradient along the row. */
const stops = computed(() => {
    const { frames, colours } = props.thread;
    const [first, last] = [frames[0] ?? 0, frames.at(-1) ?? 0];
    const length = Math.max(1e-6, last - first);
    return colours.map((colour, sample) => ({ colour, offset: ((frames[sample] ?? first) - first) / length }));
});
const gradient = `colours-${props.layer.id}-${props.thread.property}`;

/** The channel that changes most; the beads sit on it. */
const leading = computed(() => {
    const spans = extents.value.map(([least, most]) => most - least);
    return Math.max(0, spans.indexOf(Math.max(...spans)));
});

function beadY(bead: Bead): number {
    // What is not written as its numbers, a path or a length, sits on what its thread shows of it.
    const shown = props.thread.channels[leading.value]?.[props.thread.frames.indexOf(bead.frame)];
    const isWritten = typeof bead.value === 'string' || props.definition.type === 'length';
    const value = Array.isArray(bead.value) ? bead.value[leading.value] : isWritten ? shown : bead.value;
    return typeof value === 'number' && props.thread.channels.length > 0 ? y(value, leading.value) : props.height / 2;
}

const named = (bead: Bead): SelectedBead => ({
    layer: props.layer.id,
    property: props.thread.property,
    frame: bead.frame,
});

const take = (bead: Bead, held: Held): void =>
    selection.takeBead(
        named(bead),
        props.thread.beads.map(({ frame }) => frame),
        held,
    );

/** Whether a bead is the first or the last of several that are selected, where Ctrl stretches them. */
function isEnd(frame: number): boolean {
    const frames = selection.beads.map((one) => one.frame);
    const [first, last] = [Math.min(...frames), Math.max(...frames)];
    return first < last && (frame === first || frame === last);
}

/** All selected beads move together, whichever one the pointer has. */
function grab(bead: Bead, event: PointerEvent): void {
    if (event.button !== 0) {
        return;
    }
    const isTaken = selection.hasBead(named(bead));
    if (event.shiftKey || !isTaken || (adds(event) && !isEnd(bead.frame))) {
        take(bead, event);
        if (event.shiftKey || adds(event)) {
            return;
        }
    }
    if (!isTall.value) {
        inTime(bead, event);
        return;
    }
    // In an open thread a bead goes up and down as well: whichever way the pointer goes first.
    const decide = (move: PointerEvent): void => {
        const [dx, dy] = [Math.abs(move.clientX - event.clientX), Math.abs(move.clientY - event.clientY)];
        if (Math.max(dx, dy) < THRESHOLD) {
            return;
        }
        window.removeEventListener('pointermove', decide);
        if (dx >= dy) {
            inTime(bead, event);
        } else {
            const [least, most] = extents.value[leading.value] ?? [0, 0];
            const perPixel = most > least ? (most - least) / (props.height - 2 * INSET) : props.definition.step;
            inValue.begin((to) => [
                'shift-values',
                {
                    keyframes: selection.keyframes,
                    by: (event.clientY - to.clientY) * perPixel,
                    channel: leading.value,
                },
            ]);
        }
    };
    window.addEventListener('pointermove', decide);
    window.addEventListener('pointerup', () => window.removeEventListener('pointermove', decide), { once: true });
}

/** What lies between two beads, where there is room to take hold of it. */
const stretches = computed(() =>
    props.thread.beads.flatMap((to, index) => {
        const from = props.over ? undefined : props.thread.beads[index - 1];
        return from && view.x(to.frame) - view.x(from.frame) > 16 ? [{ from, to }] : [];
    }),
);

/** Takes both beads, and with Shift more than them; they are moved as one. */
function grabStretch(from: Bead, to: Bead, event: PointerEvent): void {
    if (event.button !== 0) {
        return;
    }
    const both = [named(from), named(to)];
    const others = event.shiftKey || both.every(selection.hasBead) ? selection.beads : [];
    selection.beads = [
        ...others,
        ...both.filter((one) => (event.shiftKey ? !selection.hasBead(one) : others.length === 0)),
    ];
    inTime(from, event);
}

function inTime(bead: Bead, event: PointerEvent): void {
    const held = selection.beads;
    const { keyframes } = selection;
    const frames = held.map((one) => one.frame);
    const [first, last] = [Math.min(...frames), Math.max(...frames)];
    if (adds(event) && isEnd(bead.frame)) {
        // At either end of those that are selected, Ctrl stretches them; the other end stays.
        const [from, way] = bead.frame === last ? ['first' as const, 1] : ['last' as const, -1];
        begin(event, {
            isDrawnIn: false,
            clicked: () => take(bead, event),
            request: (by) => ({
                edit: 'stretch-keyframes',
                args: { keyframes, length: Math.max(1, Math.round(last - first + way * by)), from },
            }),
        });
        return;
    }
    begin(event, {
        request: (by) => ({ edit: 'move-keyframes', args: { keyframes, by } }),
        moved: (by) => (selection.beads = held.map((one) => ({ ...one, frame: one.frame + by }))),
    });
}

const valueScale = computed<Scale>(() => {
    const [least, most] = extents.value[leading.value] ?? [0, 0];
    const perPixel = (most - least) / (props.height - 2 * INSET);
    return {
        y: (value) => y(value, leading.value),
        at: (height) => least + (props.height - INSET - height) * perPixel,
    };
});
const speedScale = computed<Scale>(() => {
    const perPixel = (held.value ?? own.value).fastest / (props.height - 12);
    return {
        y: (speed) => props.height - 2 - speed / perPixel,
        at: (height) => (props.height - 2 - height) * perPixel,
    };
});

/** How fast the value changes, by the height of a line, and the most of it in a second. */
const speed = computed(() => {
    const { speeds, frames } = props.thread;
    if (!isTall.value || props.over || own.value.fastest <= 0) {
        return null;
    }
    const points = speeds.map(
        (one, sample) => `${view.x(frames[sample]!).toFixed(1)},${speedScale.value.y(one).toFixed(1)}`,
    );
    const fastest = own.value.fastest * playhead.framesPerSecond;
    return { points: points.join(' '), label: `fastest ${Math.round(fastest)} ${props.definition.unit}/s` };
});

/** With the keyboard: a frame at a time, ten with Shift. */
async function nudge(bead: Bead, event: KeyboardEvent, direction: 1 | -1): Promise<void> {
    if (!selection.hasBead(named(bead))) {
        selection.beads = [named(bead)];
    }
    const by = direction * (event.shiftKey ? 10 : 1);
    const moved = selection.beads.map((one) => ({ ...one, frame: one.frame + by }));
    if (await composition.edit('move-keyframes', { keyframes: selection.keyframes, by })) {
        selection.beads = moved;
    }
}

function add(event: MouseEvent): void {
    const left = (event.currentTarget as HTMLElement).getBoundingClientRect().left;
    const frame = Math.round(view.frameAt(event.clientX - left));
    void composition.edit('add-keyframe', { layers: [props.layer.id], property: props.thread.property, frame });
}

function openFromKeyboard(bead: Bead, event: KeyboardEvent): void {
    const { left, top } = (event.currentTarget as HTMLElement).getBoundingClientRect();
    emit('menu', bead, new MouseEvent('contextmenu', { clientX: left, clientY: top }));
}

/** A right click on the line speaks of the segment there. */
function menuOnLine(event: MouseEvent): void {
    const left = (event.currentTarget as HTMLElement).getBoundingClientRect().left;
    const frame = view.frameAt(event.clientX - left);
    const bead = props.thread.beads.findLast((one) => one.frame <= frame) ?? props.thread.beads[0];
    if (bead) {
        emit('menu', bead, event);
    }
}
</script>

<template>
    <div
        class="lane"
        :class="{ over }"
        :style="{ '--dye': dye ?? `var(--dye-${layer.label ?? 'madder'})` }"
        title="Double-click adds a keyframe; right-click sets the easing; drag across beads to select them"
        @pointerdown="$event.button === 0 && emit('lasso', $event)"
        @dblclick="add"
        @contextmenu.prevent="menuOnLine"
    >
        <svg aria-hidden="true">
            <template v-if="stops.length">
                <linearGradient :id="gradient">
                    <stop
                        v-for="({ colour, offset }, index) in stops"
                        :key="index"
                        :offset="offset"
                        :stop-color="colour"
                    />
                </linearGradient>
                <rect
                    class="colours"
                    :x="view.x(thread.frames[0]!)"
                    :y="height / 2 - 4"
                    :width="Math.max(1, view.x(thread.frames.at(-1)!) - view.x(thread.frames[0]!))"
                    height="8"
                    :fill="`url(#${gradient})`"
                />
            </template>
            <polyline v-if="speed" :points="speed.points" class="speed" />
            <polyline
                v-for="(points, index) in curves"
                :key="index"
                :points="points"
                :class="{ second: index !== leading }"
            />
        </svg>
        <CurveHandles
            v-if="speed"
            :layer="layer.id"
            :thread="thread"
            :height="height"
            :channel="leading"
            :value="valueScale"
            :speed="speedScale"
            @hold="held = $event ? own : null"
        />
        <i
            v-for="({ from, to }, index) in stretches"
            :key="`s${index}`"
            class="stretch"
            :class="{ selected: selection.hasBead(named(from)) && selection.hasBead(named(to)) }"
            :data-stretch-from="from.frame"
            :style="{
                left: `${view.x(from.frame) + 5}px`,
                width: `${view.x(to.frame) - view.x(from.frame) - 10}px`,
            }"
            :title="`Frames ${from.frame} to ${to.frame}: drag them together`"
            @pointerdown.stop="grabStretch(from, to, $event)"
            @contextmenu.stop.prevent="emit('menu', from, $event)"
        />
        <span v-if="speed" class="fastest">{{ speed.label }}</span>
        <button
            v-for="(bead, index) in thread.beads"
            :key="index"
            type="button"
            class="bead"
            :data-bead="bead.frame"
            :data-layer="layer.id"
            :data-property="thread.property"
            :class="{
                selected: selection.hasBead(named(bead)),
                here: bead.frame === playhead.frame,
                end: bead.pin === 'end',
            }"
            :style="{ left: `${view.x(bead.frame)}px`, top: `${beadY(bead)}px` }"
            :title="`Frame ${bead.frame}, then ${easingLabel(bead.easing)}${bead.pin === 'end' ? '; pinned to the end' : ''}`"
            :aria-label="`Keyframe of ${thread.property} on frame ${bead.frame}`"
            @pointerdown.stop="grab(bead, $event)"
            @dblclick.stop="playhead.go(bead.frame)"
            @keydown.left.stop.prevent="nudge(bead, $event, -1)"
            @keydown.right.stop.prevent="nudge(bead, $event, 1)"
            @keydown.enter.stop.prevent="openFromKeyboard(bead, $event)"
            @contextmenu.stop.prevent="emit('menu', bead, $event)"
        />
    </div>
</template>

<style scoped>
.lane {
    position: relative;
    height: 100%;
    overflow: hidden;
}
/* Whatever is not a bead is the one's that it lies over. */
.over {
    position: absolute;
    inset: 0;
    pointer-events: none;
}
.over .bead {
    pointer-events: auto;
}
svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
}
polyline {
    fill: none;
    stroke: var(--dye);
    stroke-width: 1.75;
    stroke-linejoin: round;
}
.speed {
    stroke: var(--quiet);
    stroke-width: 1;
    stroke-dasharray: 3 3;
}
.fastest {
    position: absolute;
    top: 14px;
    right: 8px;
    color: var(--quiet);
    font-size: 11px;
    pointer-events: none;
}
.second {
    opacity: 0.5;
}
.stretch {
    position: absolute;
    bottom: 1px;
    height: 6px;
    border-radius: 3px;
    background: var(--dye);
    opacity: 0;
    cursor: grab;
    touch-action: none;
}
.lane:hover .stretch {
    opacity: 0.22;
}
.lane .stretch:hover,
.lane .stretch.selected {
    opacity: 0.65;
}
.bead {
    position: absolute;
    width: 12px;
    height: 12px;
    margin: -6px 0 0 -6px;
    padding: 0;
    border: 2px solid var(--dye);
    border-radius: 50%;
    background: var(--raised);
    cursor: grab;
    touch-action: none;
}
.bead::before {
    content: '';
    position: absolute;
    inset: -6px;
    border-radius: 50%;
}
.bead:hover,
.bead.here {
    background: var(--dye);
}
.bead.selected {
    background: var(--ink);
    border-color: var(--ink);
}
.bead.end::after {
    content: '';
    position: absolute;
    left: 12px;
    top: 3px;
    width: 6px;
    height: 2px;
    background: var(--dye);
}
</style>
