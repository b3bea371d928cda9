<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { ref } from 'vue';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';
import { droppedFiles } from '@/project/sequences';
import { usePreferences } from '@/project/preferences';

/** Files may be dropped anywhere. */
const adding = useAdding();
const composition = useComposition();
const media = useMedia();
const preferences = usePreferences();
const over = ref(false);
let depth = 0;

const holdsFiles = (event: DragEvent): boolean => event.dataTransfer?.types.includes('Files') ?? false;

useEventListener(window, 'dragenter', (event) => {
    if (holdsFiles(event)) {
        depth++;
        over.value = true;
    }
});
useEventListener(window, 'dragleave', (event) => {
    if (holdsFiles(event) && --depth <= 0) {
        over.value = false;
    }
});
useEventListener(window, 'dragover', (event) => {
    if (holdsFiles(event) || event.dataTransfer?.types.includes('text/x-ricamo-kit')) {
        event.preventDefault();
        event.dataTransfer!.dropEffect = 'copy';
    }
});
/** Dropped on the picture or the timeline, or into an empty composition, clips are not only taken in but put to use. */
async function bring(files: File[], intoComposition: boolean): Promise<void> {
    await media.addAll(files, async (clip) => {
        if (intoComposition) {
            await adding.addClip(clip);
        }
    });
}

useEventListener(window, 'drop', (event) => {
    depth = 0;
    over.value = false;
    if (holdsFiles(event)) {
        event.preventDefault();
        preferences.drawer = 'kit';
        const onto = event.target instanceof Element && event.target.closest('.picture, .timeline') !== null;
        void droppedFiles(event.dataTransfer!).then((files) => bring(files, onto || composition.layers.length === 0));
    }
});
</script>

<template>
    <div v-if="over" class="drop" aria-hidden="true"><span>Drop to bring the files into this project</span></div>
</template>

<style scoped>
.drop {
    position: fixed;
    inset: 10px;
    display: grid;
    place-items: center;
    border: 2px dashed var(--accent);
    border-radius: 16px;
    background: color-mix(in srgb, var(--surface) 82%, transparent);
    font-size: 20px;
    pointer-events: none;
    z-index: 3000;
}
</style>
