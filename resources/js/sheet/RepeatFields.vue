<script setup lang="ts">
import type { Layer } from '@/api/answers';
import { useDrawing } from '@/picture/drawing';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';

/** Repeats a shape along a path that is drawn in the picture. */
const props = defineProps<{ layer: Extract<Layer, { kind: 'shape' }> }>();

const composition = useComposition();
const drawing = useDrawing();
const playhead = usePlayhead();

async function draw(): Promise<void> {
    const path = await drawing.draw(false);
    if (path) {
        await composition.edit('draw-path', { path, frame: playhead.frame, onto: props.layer.id });
    }
}

const straighten = (): void =>
    void composition.edit('set-values', {
        frame: playhead.frame,
        scope: 'whole',
        values: [{ layer: props.layer.id, property: 'along', value: '' }],
    });
</script>

<template>
    <div class="repeat">
        <button type="button" class="small-button" data-repeat-along @click="draw">
            {{ layer.along ? 'Another path…' : 'Along a path…' }}
        </button>
        <button v-if="layer.along" type="button" class="small-button" data-repeat-plain @click="straighten">
            Not along it
        </button>
    </div>
</template>

<style scoped>
.repeat {
    display: flex;
    gap: 6px;
    padding: 4px 14px 6px 16px;
}
</style>
