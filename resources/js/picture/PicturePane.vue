<script setup lang="ts">
import { useVocabulary } from '@/project/vocabulary';
import { until, useKeyModifier } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { Ability, Layer, Pose } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { isBundle, isWindow } from '@/project/playing';
import { useSelection } from '@/project/selection';
import { useViewing } from '@/project/viewing';
import { useWithin } from '@/project/within';
import CameraOverlay from './CameraOverlay.vue';
import { useCanvas } from './canvas';
import { useDrawing } from './drawing';
import { useChoosing } from './choosing';
import ClipViewer from './ClipViewer.vue';
import FramingOverlay from './FramingOverlay.vue';
import DragBadge from './DragBadge.vue';
import DrawOverlay from './DrawOverlay.vue';
import { isHandle, useDragging, type Grip } from './dragging';
import { useGlimpse } from './glimpse';
import HandlesOverlay from './HandlesOverlay.vue';
import TrailOverlay from './TrailOverlay.vue';
import { poseAt } from './hit';
import LightOverlay from './LightOverlay.vue';
import MaskOverlay from './MaskOverlay.vue';
import HandOverlay from './HandOverlay.vue';
import PathOverlay from './PathOverlay.vue';
import PenOverlay from './PenOverlay.vue';
import PointsOverlay from './PointsOverlay.vue';
import { useKeyPressed } from './keyPressed';
import { useViewSettings } from './viewSettings';
import { PictureStore } from './pictures';
import SightLines from './SightLines.vue';
import SpaceOverlay from './SpaceOverlay.vue';
import { useVantage } from './vantage';
import { useMarquee } from './marquee';
import { usePlayback } from './playback';
import { usePictureView } from './view';
import WordsEditor from './WordsEditor.vue';
import { useWriting } from './writing';

/** How many milliseconds a double click waits for what it is on. */
const LATEST = 3000;

const vocabulary = useVocabulary();
const adding = useAdding();
const cameras = useCameras();
const composition = useComposition();
const playhead = usePlayhead();
const selection = useSelection();
const media = useMedia();
const viewing = useViewing();
const within = useWithin();
const vantage = useVantage();

const area = ref<HTMLElement | null>(null);
const canvas = ref<HTMLCanvasElement | null>(null);
const view = usePictureView(area);
const pictures = new PictureStore();
const { complete } = useCanvas(canvas, view, pictures);
usePlayback(pictures);
useGlimpse();
const { grip, pointer, place, begin } = useDragging(area, view);

const looking = useViewSettings();
const drawing = useDrawing();
const control = useKeyModifier('Control');
const meta = useKeyModifier('Meta');
const space = useKeyPressed(' ');
const hovered = ref<Pose | null>(null);
const over = ref<Grip>('move');

const groups = useGroups();
const poses = computed(() => composition.glimpse?.poses ?? []);
/** Where things can be pressed, named by what a press takes. */
const targets = computed(() => groups.targets(poses.value));
const subject = computed<Layer | undefined>(() => {
    const id = grip.value || over.value !== 'move' ? selection.layers[0] : hovered.value?.layer;
    return id ? composition.layer(id) : undefined;
});
const marquee = useMarquee(view, place, () => targets.value);
const { selected, press, behind, isDoubleClick } = useChoosing(poses, targets, marquee);
const writing = useWriting(poses);
const words = writing.subject;
const preparing = computed(() => media.list.some((one) => one.state === 'waiting' || one.state === 'preparing'));
const frameStyle = computed(() => {
    const { scale, x, y } = view.view.value;
    const { width, height } = composition.shown ?? { width: 0, height: 0 };
    return { left: `${x}px`, top: `${y}px`, width: `${width * scale}px`, height: `${height * scale}px` };
});

function onMove(event: PointerEvent): void {
    if (event.buttons === 0) {
        const at = place(event);
        pointer.value = at;
        const handle = (event.target as Element).closest('[data-handle]')?.getAttribute('data-handle');
        over.value = (handle as Grip | null) ?? 'move';
        const under = handle ? undefined : poseAt(view.toComposition(at), targets.value);
        hovered.value = poses.value.find((pose) => pose.layer === under?.layer) ?? null;
    }
}

function onDown(event: PointerEvent): void {
    area.value?.focus({ preventScroll: true });
    if (event.button === 1 || (event.button === 0 && space.value)) {
        pan(event);
        return;
    }
    if (event.button !== 0) {
        return;
    }
    if (looking.wanted) {
        looking.wanted(colourAt(place(event)));
        return;
    }
    if (looking.layerWanted) {
        const under = poseAt(view.toComposition(place(event)), touchable());
        if (under) {
            looking.layerWanted.give(under.layer);
        }
        return;
    }
    press(event, view.toComposition(place(event)), (pose, clicked) => begin('move', pose, event, clicked));
}

/** What is seen itself, rather than what it is in. */
const touchable = (): Pose[] => poses.value.filter((pose) => !vocabulary.can(composition.layer(pose.layer), 'holds'));

/** The colour of the picture at a point of the screen, as it is on this frame. */
function colourAt([x, y]: [number, number]): string {
    const ratio = window.devicePixelRatio;
    const [r, g, b, a] = canvas
        .value!.getContext('2d')!
        .getImageData(Math.floor(x * ratio), Math.floor(y * ratio), 1, 1).data;
    const hex = [r!, g!, b!, ...(a === 255 ? [] : [a!])].map((part) => part.toString(16).padStart(2, '0')).join('');
    return `#${hex}`;
}

/** A double click on a group goes into it; on a bundle it opens it; on a window or a painted shape it frames what is in it; on words it edits them; elsewhere it writes new ones. */
async function onDoubleClick(event: MouseEvent): Promise<void> {
    isDoubleClick();
    const at = view.toComposition(place(event));
    // Right after a jump the picture is there sooner than what can be touched in it.
    await until(() => playhead.playing || composition.glimpse?.list.frame === playhead.frame).toBe(true, {
        timeout: LATEST,
    });
    const hit = poseAt(at, touchable());
    const layer = hit && composition.layer(hit.layer);
    if (hit && groups.taken(hit.layer) !== hit.layer) {
        selection.select(groups.taken(hit.layer, true));
        return;
    }
    if (layer && isBundle(layer)) {
        within.enter(layer);
        return;
    }
    if (layer && !vocabulary.can(layer, 'written') && hit.pan) {
        selection.select(layer.id);
        composition.through = layer.id;
        return;
    }
    void writing.writeAt(at);
}

/** Where the layer stands on a point of its way, its anchor lies over that, and is clicked in its place. */
function smoothHere({ layer }: Pose, event: MouseEvent): void {
    const point =
        trail.value?.layer === layer && trail.value.trail.points.find(({ frame }) => frame === playhead.frame);
    if (point && !trail.value?.trail.apart) {
        event.stopPropagation();
        void composition.edit('smooth-path', {
            keyframes: [{ layer, property: 'position', frames: [point.frame] }],
            sharp: point.bend !== null,
        });
    }
}

function onGrab(kind: Grip, pose: Pose, event: PointerEvent): void {
    if (event.button === 0) {
        const at = view.toComposition(place(event));
        // The anchor lies over what is clicked; a click is not about it.
        begin(kind, pose, event, kind === 'anchor' ? () => behind(at, pose) : undefined);
    }
}

/** Space plays as soon as it is pressed; where it turns out to be held for panning, that is taken back. */
function pan(down: PointerEvent): void {
    down.preventDefault();
    if (space.value && playhead.playing) {
        playhead.playing = false;
        playhead.go(playhead.startedAt);
    }
    let last = place(down);
    const move = (event: PointerEvent): void => {
        const now = place(event);
        view.panBy(now[0] - last[0], now[1] - last[1]);
        last = now;
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', () => window.removeEventListener('pointermove', move), { once: true });
}

function onDrop(event: DragEvent): void {
    const at = view.toComposition(place(event));
    const onto = poseAt(at, poses.value);
    const layer = onto && composition.layer(onto.layer);
    adding.drop({
        ...(layer && isWindow(layer) ? { onto: layer.id } : { position: [Math.round(at[0]), Math.round(at[1])] }),
        ...(layer && { over: layer.id }),
    });
}

function onWheel(event: WheelEvent): void {
    if (event.ctrlKey || event.metaKey) {
        view.zoomBy(Math.exp(-event.deltaY / 300), place(event));
    } else {
        view.panBy(-event.deltaX, -event.deltaY);
    }
}

function nudge(event: KeyboardEvent): void {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (by && selection.layers.length > 0) {
        event.preventDefault();
        event.stopPropagation();
        const step = event.shiftKey ? 10 : 1;
        const nudged = { layers: selection.layers, frame: playhead.frame, by: [by[0]! * step, by[1]! * step] } as const;
        void (vantage.asked
            ? composition.edit('drag-in-space', { ...nudged, by: [...nudged.by], vantage: vantage.asked })
            : composition.edit('drag-layers', { ...nudged, by: [...nudged.by] }));
    }
}

/** The way of the layer that is selected alone. */
const trail = computed(() => {
    const [layer, ...others] = selection.layers;
    const found = composition.glimpse?.inspections.find((one) => one.layer === layer)?.trail;
    return layer && found && others.length === 0 ? { layer, trail: found } : null;
});

/** Whether the layer that is selected alone has a depth or a tilt, or is seen through a camera: only then it is shown to have them. */
const isInSpace = computed(() => {
    const layer = selection.layers.length === 1 ? composition.layer(selection.layers[0]!) : undefined;
    return !!layer && !!vocabulary.definition(layer.kind, 'tiltY') && (cameras.any || cameras.hasDepth(layer));
});

/** What is selected alone, where it can do something. */
function alone(what: Ability): Layer | null {
    const layer = selection.layers.length === 1 ? composition.layer(selection.layers[0]!) : undefined;
    return layer && vocabulary.can(layer, what) ? layer : null;
}
const camera = computed(() => alone('looks'));
const light = computed(() => alone('lights'));

/** The masks of the layer that is selected alone. */
const masks = computed(() => {
    const [layer, ...others] = selection.layers;
    const found = composition.glimpse?.inspections.find((one) => one.layer === layer)?.masks;
    return layer && found && found.length > 0 && others.length === 0 ? { layer, masks: found } : null;
});

/** The paths of the layer that is selected alone, and of its masks. */
const paths = computed(() => {
    const [layer, ...others] = selection.layers;
    const found = composition.glimpse?.inspections.find((one) => one.layer === layer)?.paths;
    return layer && found && found.length > 0 && others.length === 0 ? { layer, paths: found } : null;
});

/** The points of effects of the layer that is selected alone. */
const points = computed(() => {
    const [layer, ...others] = selection.layers;
    const found = composition.glimpse?.inspections.find((one) => one.layer === layer)?.points;
    return layer && found && found.length > 0 && others.length === 0 ? { layer, points: found } : null;
});

/** The window in which something is framed, as long as it is selected and nothing plays. */
const framed = computed(() =>
    !playhead.playing && selection.layers.length === 1 && selection.layers[0] === composition.through
        ? composition.through
        : null,
);
watch(framed, (now) => {
    if (now === null) {
        composition.through = null;
    }
});

defineExpose({ fit: view.fit, actual: view.zoomActual, write: writing.write });
</script>

<template>
    <section
        ref="area"
        class="picture"
        :class="{ picking: looking.wanted || looking.layerWanted }"
        tabindex="0"
        aria-label="Picture"
        :data-complete="complete"
        :data-frame="playhead.frame"
        @pointermove="onMove"
        @pointerdown="onDown"
        @dblclick="onDoubleClick"
        @pointerleave="hovered = null"
        @drop="onDrop"
        @wheel.prevent="onWheel"
        @keydown="nudge"
    >
        <div class="frame" :class="{ clear: composition.shown?.background === 'transparent' }" :style="frameStyle" />
        <canvas ref="canvas" class="canvas" data-picture />
        <SpaceOverlay v-if="vantage.isElsewhere && !playhead.playing" :poses="poses" :view="view" />
        <SightLines v-else :view="view" />
        <MaskOverlay
            v-if="masks && !vantage.isElsewhere && !playhead.playing && !marquee.rectangle.value"
            v-bind="masks"
            :view="view"
        />
        <TrailOverlay
            v-if="trail && !vantage.isElsewhere && !playhead.playing && !marquee.rectangle.value"
            v-bind="trail"
            :view="view"
        />
        <FramingOverlay
            v-if="framed"
            :key="framed"
            :layer="framed"
            :poses="poses"
            :view="view"
            @done="composition.through = null"
        />
        <HandlesOverlay
            v-if="!playhead.playing && !framed && !vantage.isElsewhere"
            :poses="selected"
            :view="view"
            :in-space="isInSpace"
            :guides="grip === 'move' || isHandle(grip) || composition.held ? (composition.glimpse?.guides ?? []) : []"
            :hovered="grip || !hovered || selection.layers.includes(hovered.layer) ? null : hovered"
            @grab="onGrab"
            @anchor="smoothHere"
        />
        <CameraOverlay
            v-if="
                camera &&
                !vantage.isElsewhere &&
                !playhead.playing &&
                !drawing.active &&
                !viewing.clip &&
                !looking.layerWanted
            "
            :key="camera.id"
            :layer="camera"
            :view="view"
        />
        <LightOverlay
            v-if="
                light &&
                !vantage.isElsewhere &&
                !playhead.playing &&
                !drawing.active &&
                !viewing.clip &&
                !looking.layerWanted
            "
            :key="light.id"
            :layer="light"
            :view="view"
        />
        <PointsOverlay
            v-if="points && !vantage.isElsewhere && !playhead.playing && !framed && !marquee.rectangle.value"
            v-bind="points"
            :view="view"
        />
        <PathOverlay
            v-if="
                paths &&
                !vantage.isElsewhere &&
                !playhead.playing &&
                !framed &&
                !drawing.active &&
                !marquee.rectangle.value
            "
            :key="`paths ${paths.layer}`"
            v-bind="paths"
            :view="view"
        />
        <PenOverlay v-if="drawing.pen" :view="view" />
        <HandOverlay v-if="drawing.byHand" :view="view" />
        <DrawOverlay v-if="adding.inHand" :key="adding.inHand.label" :thing="adding.inHand" :view="view" />
        <i v-if="marquee.rectangle.value" class="marquee" :style="marquee.rectangle.value" />
        <WordsEditor v-if="words" :key="words.layer.id" v-bind="words" :view="view" @done="writing.done" />
        <DragBadge
            v-if="
                subject &&
                !playhead.playing &&
                !vantage.isElsewhere &&
                !framed &&
                !drawing.active &&
                !adding.inHand &&
                !viewing.clip &&
                (grip || hovered || over !== 'move')
            "
            :layer="subject"
            :grip="grip ?? over"
            :dragging="grip !== null"
            :whole="!!control || !!meta"
            :at="pointer"
            :width="view.width.value"
        />
        <ClipViewer v-if="viewing.clip" :key="viewing.clip.id" :clip="viewing.clip" :pictures="pictures" />
        <p v-if="composition.layers.length === 0 && composition.document && !viewing.clip" class="empty">
            Drop a clip here, or take words and shapes from the Kit.
        </p>
        <p v-else-if="looking.wanted" class="note" role="status">Click the colour to pick it; Escape cancels.</p>
        <p v-else-if="looking.layerWanted" class="note" role="status">
            {{ looking.layerWanted.says }}; Escape cancels.
        </p>
        <p v-else-if="preparing && !complete" class="note" role="status">Preparing the clip for playback…</p>
    </section>
</template>

<style scoped>
.picture {
    position: relative;
    flex: 1;
    min-height: 0;
    background: var(--surround);
    overflow: hidden;
    outline: none;
    touch-action: none;
}
.picking {
    cursor: crosshair;
}
.frame {
    position: absolute;
    box-shadow: 0 2px 18px #00000038;
}
.clear {
    background: repeating-conic-gradient(#8a8a8a 0 25%, #959595 0 50%) 0 0 / 20px 20px;
}
.marquee {
    position: absolute;
    border: 1px dashed #fff;
    background: #ffffff22;
    outline: 1px solid #00000055;
    pointer-events: none;
}
.canvas {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
}
.empty,
.note {
    position: absolute;
    left: 50%;
    top: 50%;
    transform: translate(-50%, -50%);
    margin: 0;
    color: #f4eee3;
    font-size: 15px;
    pointer-events: none;
}
.note {
    top: auto;
    bottom: 6px;
    padding: 3px 12px;
    border-radius: 12px;
    background: #000000a0;
    font-size: 12px;
}
</style>
