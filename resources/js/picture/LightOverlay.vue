<script setup lang="ts">
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useDragOnPicture } from './dragOnPicture';
import { ACROSS, AIM, drivesLight } from './lightDriving';
import LightMarks from './LightMarks.vue';
import LightPads from './LightPads.vue';
import { useSaid } from './said';
import type { PictureView } from './view';

/** A light where it is seen in the picture, to be dragged there, and what drives it by hand. */
const props = defineProps<{ layer: Layer; view: PictureView }>();

const composition = useComposition();
const playhead = usePlayhead();
const said = useSaid();
const drag = useDragOnPicture(props.view);

const lights = computed(() => (composition.glimpse?.lights ?? []).filter(({ layer }) => layer === props.layer.id));
function press(_: string, part: 'whole' | 'eye' | 'aim', down: PointerEvent): void {
    if (down.button !== 0) {
        return;
    }
    down.stopPropagation();
    down.preventDefault();
    const way = part === 'aim' ? AIM : ACROSS;
    drag(down, (by, event) =>
        drivesLight(props.layer.id, playhead.frame, way, by, {
            straight: event.shiftKey,
            snap: false,
            scope: event.ctrlKey || event.metaKey || said.isWhole(props.layer, way.changes) ? 'whole' : 'playhead',
        }),
    );
}
</script>

<template>
    <svg class="lights" data-lights>
        <LightMarks :lights="lights" :view="view" @press="press" />
    </svg>
    <LightPads v-if="lights.length > 0" :layer="layer" :view="view" />
</template>

<style scoped>
.lights {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
.lights :deep(.point),
.lights :deep(.lamp) {
    pointer-events: auto;
}
</style>
