<script setup lang="ts">
import { Compass, ZoomIn, ZoomOut } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Corner, Layer, Pose, SeenCamera } from '@/api/answers';
import type { EditCall } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { adds } from '@/project/picking';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { MOVED } from '@/shell/pointer';
import IconButton from '@/shell/IconButton.vue';
import { useVocabulary } from '@/project/vocabulary';
import CameraOverlay from './CameraOverlay.vue';
import { useDragOnPicture } from './dragOnPicture';
import LayerPads from './LayerPads.vue';
import LightMarks from './LightMarks.vue';
import LightPads from './LightPads.vue';
import PictureBar from './PictureBar.vue';
import { useSaid } from './said';
import { useVantage } from './vantage';
import type { PictureView } from './view';

/** The space of a composition from one side: its layers as outlines, its cameras with what they see; all of them are dragged. */
const props = defineProps<{ poses: Pose[]; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();
const selection = useSelection();
const vantage = useVantage();
const vocabulary = useVocabulary();
const said = useSaid();
const drag = useDragOnPicture(props.view);

const screen = (corner: Corner): string => props.view.toScreen(corner).map(Math.round).join(',');
const outline = (corners: Corner[]): string => corners.map(screen).join(' ');
const dye = (layer: string): string => `var(--dye-${composition.layer(layer)?.label ?? 'madder'})`;
const chosen = (layer: string): boolean => selection.layers.includes(layer);

const seen = computed(() => props.poses.filter((pose) => pose.seen));
const cameras = computed(() => composition.glimpse?.cameras ?? []);
/** From the eye to each corner of what a camera sees, and around that. */
const cone = ({ eye, corners }: SeenCamera): string =>
    `${corners.map((corner) => `M${screen(eye)}L${screen(corner)}`).join('')}M${corners.map(screen).join('L')}Z`;
const at = (corner: Corner): { cx: number; cy: number } => {
    const [cx, cy] = props.view.toScreen(corner);
    return { cx, cy };
};
const alone = computed(() => (selection.layers.length === 1 ? composition.layer(selection.layers[0]!) : undefined));
/** The way of the layer that is selected alone. */
const trail = computed(() =>
    alone.value ? (composition.glimpse?.inspections.find((one) => one.layer === alone.value!.id)?.trail ?? null) : null,
);
const way = computed(() => (trail.value ? outline(trail.value.ticks) : ''));

/** What drives a layer by hand. */
function padsOf(layer: Layer): typeof CameraOverlay | typeof LayerPads | typeof LightPads | null {
    if (vocabulary.can(layer, 'looks')) {
        return CameraOverlay;
    }
    if (vocabulary.definition(layer.kind, 'tiltY')) {
        return LayerPads;
    }
    return (composition.glimpse?.lights ?? []).some((light) => light.layer === layer.id) ? LightPads : null;
}

/** What drives the layer that is selected alone is in the same bar as that which looks around. */
const bar = computed(() => {
    const layer = alone.value;
    const shows = layer ? padsOf(layer) : null;
    return shows
        ? { shows, of: { key: layer!.id, layer: layer!, view: props.view } }
        : { shows: PictureBar, of: { label: 'How the space is looked at' } };
});

type Part = 'whole' | 'eye' | 'aim';
const dragged = ref<{ layer: Layer; properties: string[] } | null>(null);
const PROPERTIES: Record<Part, string[]> = {
    whole: ['position', 'z'],
    eye: ['position', 'z'],
    aim: ['aim', 'aimZ'],
};

/** @param frame on which it is there, as a point of its way or a ghost is; the playhead's for the layer itself */
function press(id: string, part: Part, down: PointerEvent, frame = playhead.frame): void {
    const layer = composition.layer(id);
    if (down.button !== 0 || !layer) {
        return;
    }
    down.stopPropagation();
    down.preventDefault();
    if (down.shiftKey || adds(down) || !chosen(id)) {
        selection.take(id, down);
    }
    const layers = chosen(id) && part === 'whole' ? [...selection.layers] : [id];
    const properties = PROPERTIES[part];
    dragged.value = { layer, properties };
    window.addEventListener('pointerup', () => (dragged.value = null), { once: true });
    const move = (by: Corner, event: PointerEvent): EditCall => [
        'drag-in-space',
        {
            layers,
            frame,
            vantage: vantage.asked!,
            by,
            part,
            straight: event.shiftKey,
            scope: event.ctrlKey || event.metaKey || said.isWhole(layer, properties) ? 'whole' : 'playhead',
        },
    ];
    drag(down, move, { clicked: () => frame !== playhead.frame && playhead.go(frame) });
}

/** The space itself is turned, and nothing in it. */
function turn(down: PointerEvent): void {
    let [x, y] = [down.clientX, down.clientY];
    const onMove = (event: PointerEvent): void => {
        vantage.turnBy(event.clientX - x, event.clientY - y);
        [x, y] = [event.clientX, event.clientY];
    };
    window.addEventListener(MOVED, onMove);
    window.addEventListener('pointerup', () => window.removeEventListener(MOVED, onMove), { once: true });
}

const now = computed(() => dragged.value && composition.layer(dragged.value.layer.id));
</script>

<template>
    <svg class="space" data-space @pointerdown.self.left.stop="selection.clear()" @dblclick.stop>
        <g v-for="pose in seen" :key="pose.layer" :style="{ '--dye': dye(pose.layer) }">
            <polygon class="touch" :points="outline(pose.corners)" @pointerdown="press(pose.layer, 'whole', $event)" />
            <polygon
                class="plane"
                :class="{ chosen: chosen(pose.layer) }"
                :points="outline(pose.corners)"
                :data-space-layer="pose.layer"
            />
        </g>
        <template v-if="alone && trail">
            <polygon
                v-for="ghost in trail.ghosts"
                :key="`ghost ${ghost.frame}`"
                class="ghost"
                :points="outline(ghost.corners)"
                :data-space-ghost="ghost.frame"
                @pointerdown="press(alone.id, 'whole', $event, ghost.frame)"
            />
            <polyline class="way" :points="way" />
            <circle
                v-for="point in trail.stops"
                :key="`point ${point.frame}`"
                class="point"
                :class="{ eye: point.frame === playhead.frame }"
                r="5"
                v-bind="at(point.at)"
                :style="{ '--dye': dye(alone.id) }"
                :data-space-point="point.frame"
                @pointerdown="press(alone.id, 'whole', $event, point.frame)"
            />
        </template>
        <g v-for="camera in cameras" :key="camera.layer" :style="{ '--dye': dye(camera.layer) }">
            <path class="cone" :class="{ chosen: chosen(camera.layer), off: !camera.on }" :d="cone(camera)" />
            <polyline v-if="camera.way.length > 0" class="way" :points="outline(camera.way)" />
            <path class="touch" :d="cone(camera)" @pointerdown="press(camera.layer, 'whole', $event)" />
            <circle
                class="point"
                r="6"
                v-bind="at(camera.aim)"
                :data-space-aim="camera.layer"
                @pointerdown="press(camera.layer, 'aim', $event)"
            >
                <title>What it aims at</title>
            </circle>
            <circle
                class="point eye"
                r="8"
                v-bind="at(camera.eye)"
                :data-space-eye="camera.layer"
                @pointerdown="press(camera.layer, 'eye', $event)"
            >
                <title>Where the camera stands</title>
            </circle>
        </g>
        <LightMarks :lights="composition.glimpse?.lights ?? []" :view="view" @press="press" />
    </svg>
    <component
        :is="bar.shows"
        v-bind="bar.of"
        :does="dragged && now ? said.does(now, dragged.properties) : null"
        :values="dragged && now ? said.values(now, dragged.properties) : ''"
        data-space-bar
    >
        <button
            v-if="vantage.sight === 'free'"
            type="button"
            class="pad"
            title="Drag: turn the space"
            data-space-turn
            @pointerdown.stop.prevent="turn"
        >
            <Compass :size="15" aria-hidden="true" />Look around
        </button>
        <IconButton :icon="ZoomOut" label="Farther away" @click="vantage.zoomBy(1 / 1.4)" />
        <IconButton :icon="ZoomIn" label="Nearer" @click="vantage.zoomBy(1.4)" />
    </component>
</template>

<style scoped>
.space {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
}
.touch {
    fill: transparent;
    stroke: transparent;
    stroke-width: 11;
    cursor: move;
}
path.touch {
    fill: none;
    pointer-events: stroke;
}
.plane,
.cone,
.way {
    fill: none;
    /* On the grey around the picture a dye alone would be lost. */
    stroke: color-mix(in srgb, var(--dye) 45%, #fff);
    stroke-width: 1.25;
    pointer-events: none;
}
.plane {
    stroke-dasharray: 5 4;
}
.cone {
    stroke-width: 1.5;
    fill: #ffffff14;
}
.off {
    opacity: 0.45;
}
.chosen {
    stroke-width: 2.5;
    stroke-dasharray: none;
}
.way {
    stroke: #fff;
    stroke-dasharray: 2 4;
}
.ghost {
    fill: transparent;
    stroke: #fff;
    stroke-width: 1;
    stroke-dasharray: 2 3;
    cursor: move;
}
.point {
    fill: var(--raised);
    stroke: var(--dye);
    stroke-width: 2.5;
    cursor: move;
}
.eye {
    fill: var(--dye);
    stroke: var(--raised);
}
</style>
