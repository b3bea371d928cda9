<script setup lang="ts">
import { onMounted, ref, watch } from 'vue';
import { get } from '@/api/client';
import type { DisplayList } from '@/api/displayList.gen';
import { Painter } from '@/picture/paint';
import { Paths } from '@/picture/paths';
import { PictureStore } from '@/picture/pictures';

/** A small picture of a composition. */
const props = defineProps<{ id: number }>();

const WIDTH = 144;
const HEIGHT = 81;

const canvas = ref<HTMLCanvasElement | null>(null);
const paths = new Paths();
const pictures = new PictureStore();
const painter = new Painter(paths, (media, frame) => pictures.get(media, frame));
let list: DisplayList | null = null;

function draw(): void {
    const context = canvas.value?.getContext('2d');
    if (!context || !list) {
        return;
    }
    const [width, height] = [context.canvas.width, context.canvas.height];
    const scale = Math.min(width / list.width, height / list.height);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, width, height);
    painter.paint(context, list, {
        scale,
        x: (width - scale * list.width) / 2,
        y: (height - scale * list.height) / 2,
    });
}

onMounted(async () => {
    const ratio = window.devicePixelRatio;
    Object.assign(canvas.value!, { width: WIDTH * ratio, height: HEIGHT * ratio });
    try {
        list = (await get<{ list: DisplayList }>(`/compositions/${props.id}/poster`)).list;
        paths.learn(list.paths);
        draw();
    } catch {
        // An empty picture is no reason to say anything.
    }
});
watch(pictures.arrivals, draw);
</script>

<template>
    <canvas ref="canvas" aria-hidden="true" />
</template>

<style scoped>
canvas {
    display: block;
    width: 100%;
    aspect-ratio: 16 / 9;
    border-radius: 6px;
    background: var(--surround);
}
</style>
