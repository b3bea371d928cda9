<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core';
import { computed } from 'vue';
import type { Corner, Pose } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { isWindow } from '@/project/playing';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useDragOnPicture } from './dragOnPicture';
import { inside } from './hit';
import PictureSays from './PictureSays.vue';
import type { PictureView } from './view';

/**
 * What is in a window, or what a layer is painted with, is framed: dragged within it, while all of it is seen faintly;
 * dragged from one window onto another, it changes places with what is there.
 */
const props = defineProps<{ layer: string; poses: Pose[]; view: PictureView }>();
const emit = defineEmits<{ done: [] }>();

const composition = useComposition();
const playhead = usePlayhead();
const scopes = useScopes();
const drag = useDragOnPicture(props.view);

const pose = computed(() => props.poses.find((one) => one.layer === props.layer));
const pan = computed(() => pose.value?.pan ?? 'pan');
const outline = computed(() => pose.value?.corners.map((corner) => props.view.toScreen(corner).join(',')).join(' '));

onKeyStroke(
    ['Escape', 'Enter'],
    (event) => {
        event.stopPropagation();
        emit('done');
    },
    { target: document },
);

function placeOf(event: PointerEvent, area: Element): Corner {
    const box = area.getBoundingClientRect();
    return props.view.toComposition([event.clientX - box.left, event.clientY - box.top]);
}

const otherAt = (at: Corner): Pose | undefined =>
    props.poses.findLast((one) => {
        const layer = composition.layer(one.layer);
        return one.seen && one.layer !== props.layer && !!layer && isWindow(layer) && inside(at, one.corners);
    });

function press(down: PointerEvent): void {
    const area = down.currentTarget as Element;
    if (!pose.value || !inside(placeOf(down, area), pose.value.corners)) {
        emit('done');
        return;
    }
    drag(down, ([dx, dy], event) => {
        const at = placeOf(event, area);
        const other = pan.value !== 'pan' || inside(at, pose.value!.corners) ? undefined : otherAt(at);
        return other
            ? ['swap-windows', { layers: [props.layer, other.layer] }]
            : [
                  'pan-window',
                  {
                      layer: props.layer,
                      frame: playhead.frame,
                      by: [Math.round(dx), Math.round(dy)],
                      scope:
                          event.ctrlKey || event.metaKey || scopes.isWhole(props.layer, pan.value)
                              ? 'whole'
                              : 'playhead',
                  },
              ];
    });
}
</script>

<template>
    <svg class="framing" data-window-framing @pointerdown.stop="press" @dblclick.stop>
        <polygon v-if="outline" class="edge dark" :points="outline" />
        <polygon v-if="outline" class="edge" :points="outline" />
    </svg>
    <PictureSays>
        {{
            pan === 'pan'
                ? 'Drag what is in the window; onto another window, they swap. Escape when it is right.'
                : 'Drag the picture; the layer stays. Escape when it is right.'
        }}
    </PictureSays>
</template>

<style scoped>
.framing {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: grab;
}
.framing:active {
    cursor: grabbing;
}
.edge {
    fill: none;
    stroke: #fff;
    stroke-width: 2;
    stroke-dasharray: 7 5;
}
.dark {
    stroke: #00000090;
    stroke-dasharray: none;
    stroke-width: 3.5;
}
</style>
