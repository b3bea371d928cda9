import { defineStore } from 'pinia';
import { ref, shallowRef, watch } from 'vue';
import { get } from '@/api/client';
import { useComposition } from './composition';

const AT_ONCE = 20_000;

/** Timecode as core writes and reads it; all labels of a composition are fetched when it opens. */
export const useTimecode = defineStore('timecode', () => {
    const composition = useComposition();
    const labels = shallowRef<string[]>([]);
    const asFrames = ref(localStorage.getItem('ricamo.time') === 'frames');
    let loaded = '';

    async function load(rate: string, length: number): Promise<void> {
        // Some more than the length, for layers that stand out beyond the end.
        const wanted = Math.min(AT_ONCE, Math.ceil((length * 1.25 + 100) / 500) * 500);
        const key = `${rate} ${wanted}`;
        if (key !== loaded) {
            loaded = key;
            labels.value = (await get<{ labels: string[] }>('/timecode', { rate, from: 0, to: wanted })).labels;
        }
    }

    watch(
        () => [composition.shown?.rate, composition.shown?.length] as const,
        ([rate, length]) => {
            if (rate && length) {
                void load(rate, length);
            }
        },
        { immediate: true },
    );

    const label = (frame: number): string => (asFrames.value ? String(frame) : (labels.value[frame] ?? String(frame)));

    /** @param here the frame from which it counts with a sign before it */
    async function read(text: string, here = 0): Promise<number> {
        return (await get<{ frame: number }>('/timecode', { rate: composition.shown?.rate, text, here })).frame;
    }

    function toggle(): void {
        asFrames.value = !asFrames.value;
        localStorage.setItem('ricamo.time', asFrames.value ? 'frames' : 'timecode');
    }

    return { label, read, asFrames, toggle };
});
