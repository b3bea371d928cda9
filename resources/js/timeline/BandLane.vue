<script setup lang="ts">
import { useVocabulary } from '@/project/vocabulary';
import {
    AppWindow,
    AudioLines,
    Folder,
    Glasses,
    Lightbulb,
    Lock,
    Package,
    SlidersHorizontal,
    Video,
} from 'lucide-vue-next';
import { computed, ref, type Component } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { useMedia } from '@/project/media';
import { useSelection } from '@/project/selection';
import { isBundle, plays, playsMedia } from '@/project/playing';
import { useWithin } from '@/project/within';
import BandSlopes from './BandSlopes.vue';
import { useDragInTime } from './dragInTime';
import MarkerFlag from './MarkerFlag.vue';
import { usePeaks } from './peaks';
import PulledLength from './PulledLength.vue';
import { useTimeView } from './timeView';

/** A layer's life in time: drag to move it, drag its ends to trim it. */
const props = defineProps<{ layer: Layer; selected: boolean }>();
const emit = defineEmits<{ menu: [event: MouseEvent]; lasso: [event: PointerEvent] }>();

const vocabulary = useVocabulary();
const composition = useComposition();
const media = useMedia();
const selection = useSelection();
const view = useTimeView();
const { dragging, begin } = useDragInTime();
const within = useWithin();
const groups = useGroups();
const wave = usePeaks(() => props.layer);

const SIGNS: Partial<Record<Layer['kind'], Component>> = {
    sound: AudioLines,
    bundle: Package,
    group: Folder,
    window: AppWindow,
    adjusting: SlidersHorizontal,
    camera: Video,
    light: Lightbulb,
};

/** Whether others are looked at by themselves. */
const aside = computed(() => {
    const alone = composition.shown?.alone ?? [];
    if (alone.length === 0) {
        return false;
    }
    const near = [
        props.layer.id,
        ...groups.above(props.layer.id),
        ...groups.withAll([props.layer.id]).map((one) => one.id),
    ];
    return !near.some((id) => alone.includes(id));
});
const sign = computed(() => (props.layer.reference ? Glasses : SIGNS[props.layer.kind]));
const style = computed(() => ({
    left: `${view.x(props.layer.in)}px`,
    width: `${Math.max(3, (props.layer.out - props.layer.in) * view.perFrame.value)}px`,
    '--dye': `var(--dye-${props.layer.label ?? 'madder'})`,
}));
const missing = computed(() => composition.glimpse?.missing[props.layer.id] ?? []);
const missed = computed(() => missing.value.reduce((sum, [from, to]) => sum + to - from, 0));
const title = computed(() => {
    const hint = isBundle(props.layer) ? 'double-click to open' : 'Ctrl+drag: which part of it plays';
    const name = plays(props.layer) ? `${props.layer.name} (${hint})` : props.layer.name;
    return missed.value > 0 ? `${name}: ${missed.value} frames are missing` : name;
});
const poster = computed(() => {
    const layer = props.layer;
    const clip = vocabulary.can(layer, 'seen') && playsMedia(layer) ? media.find(layer.media) : undefined;
    return clip?.poster && (clip.prepared > 0 || clip.state === 'ready') ? clip.poster : null;
});

function choose(event: PointerEvent): void {
    if (event.shiftKey || !props.selected) {
        selection.take(props.layer.id, { shiftKey: event.shiftKey, ctrlKey: false, metaKey: false });
    }
}

function move(event: PointerEvent): void {
    if (event.button === 0) {
        pulled.value = null;
        choose(event);
        const layers = selection.layers.includes(props.layer.id) ? [...selection.layers] : [props.layer.id];
        if (event.ctrlKey && plays(props.layer)) {
            // What plays is pulled along beneath its band.
            begin(event, {
                isDrawnIn: false,
                request: (by) => ({ edit: 'slip-layers', args: { layers, by: -Math.round(by) } }),
            });
        } else {
            begin(event, { request: (by) => ({ edit: 'move-layers', args: { layers, by } }) });
        }
    }
}

/** The end that is being pulled. */
const pulled = ref<'in' | 'out' | null>(null);

function trim(side: 'in' | 'out', event: PointerEvent): void {
    if (event.button === 0) {
        choose(event);
        const { id } = props.layer;
        const from = props.layer[side];
        pulled.value = side;
        const beads = event.ctrlKey || event.metaKey ? 'unusual' : 'usual';
        begin(event, { request: (by) => ({ edit: 'trim-layer', args: { layer: id, [side]: from + by, beads } }) });
    }
}
</script>

<template>
    <div class="lane" @pointerdown.self="$event.button === 0 && emit('lasso', $event)">
        <div
            class="band"
            :class="{ selected, dragging, hidden: layer.visible === false, reference: layer.reference, aside }"
            :style="style"
            :data-band="layer.id"
            :title="title"
            @pointerdown="move"
            @contextmenu.prevent="emit('menu', $event)"
            @dblclick="isBundle(layer) && within.enter(layer)"
        >
            <img v-if="poster" :src="poster" alt="" draggable="false" />
            <svg
                v-if="wave"
                class="wave"
                viewBox="0 0 1000 100"
                preserveAspectRatio="none"
                aria-hidden="true"
                :style="{
                    left: `${(wave.from - layer.in) * view.perFrame.value}px`,
                    width: `${(wave.to - wave.from) * view.perFrame.value}px`,
                }"
            >
                <path :d="wave.path" />
            </svg>
            <i
                v-for="[from, to] in missing"
                :key="from"
                class="missing"
                data-missing
                :style="{
                    left: `${(from - layer.in) * view.perFrame.value}px`,
                    width: `${(to - from) * view.perFrame.value}px`,
                }"
            />
            <BandSlopes :layer="layer" @grab="choose" />
            <component :is="sign" v-if="sign" class="sign" :size="12" aria-hidden="true" />
            <Lock v-if="layer.locked" class="lock" :size="11" aria-label="Locked" />
            <span class="name" dir="auto">{{ layer.name }}</span>
            <i class="trim in" data-trim="in" @pointerdown.stop="trim('in', $event)" />
            <i class="trim out" data-trim="out" @pointerdown.stop="trim('out', $event)" />
        </div>
        <PulledLength v-if="dragging && pulled" :layer="layer" :end="pulled" />
        <MarkerFlag
            v-for="marker in composition.bandOf(layer).markers ?? []"
            :key="marker.frame"
            :marker="marker"
            :layer="layer.id"
        />
    </div>
</template>

<style scoped>
.lane {
    position: relative;
    height: 100%;
    overflow: hidden;
}
.band {
    position: absolute;
    top: 4px;
    bottom: 4px;
    display: flex;
    align-items: center;
    border-radius: 6px;
    background: color-mix(in srgb, var(--dye) 24%, var(--raised));
    box-shadow: inset 0 -2px 0 var(--dye);
    overflow: hidden;
    cursor: grab;
    user-select: none;
    touch-action: none;
}
.band.selected {
    background: color-mix(in srgb, var(--dye) 46%, var(--raised));
}
.band.dragging {
    cursor: grabbing;
}
.band.aside,
.band.hidden {
    opacity: 0.4;
}
img {
    height: 100%;
    aspect-ratio: 16 / 9;
    object-fit: cover;
    flex: none;
}
.name {
    position: relative;
    overflow: hidden;
    padding: 0 10px;
    font-size: 12px;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.lock {
    position: relative;
    flex: none;
    margin-left: 8px;
}
.lock + .name {
    padding-left: 5px;
}
.band.reference {
    background: repeating-linear-gradient(
        90deg,
        color-mix(in srgb, var(--dye) 26%, var(--raised)) 0 10px,
        var(--raised) 10px 14px
    );
}
.sign {
    position: relative;
    flex: none;
    margin-left: 8px;
}
.sign + .name {
    padding-left: 6px;
}
.missing {
    position: absolute;
    top: 0;
    bottom: 0;
    background: repeating-linear-gradient(
        -45deg,
        color-mix(in srgb, var(--warning) 70%, transparent) 0 4px,
        transparent 4px 9px
    );
    pointer-events: none;
}
.wave {
    position: absolute;
    top: 0;
    height: 100%;
    fill: var(--dye);
    opacity: 0.3;
    pointer-events: none;
}
.trim {
    position: absolute;
    z-index: 2;
    top: 0;
    bottom: 0;
    width: 9px;
    cursor: ew-resize;
    touch-action: none;
}
.trim:hover {
    background: var(--dye);
}
.in {
    left: 0;
}
.out {
    right: 0;
}
</style>
