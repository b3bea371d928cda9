import { computedAsync } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import type { Layer } from '@/api/answers';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { fraction, perSecond } from '@/project/rates';

/** Peaks in a second, as the preparation writes them. */
const PER_SECOND = 50;
const POINTS = 500;

const fetched = new Map<string, Promise<number[]>>();

function peaksOf(previews: string): Promise<number[]> {
    let peaks = fetched.get(previews);
    if (!peaks) {
        peaks = fetch(`${previews}/peaks.json`).then((answer) =>
            answer.ok ? (answer.json() as Promise<number[]>) : [],
        );
        fetched.set(previews, peaks);
    }
    return peaks;
}

/** The waveform of a layer's sound as path data in a box of 1000 × 100, or null. */
export function usePeaks(layer: () => Layer): ComputedRef<string | null> {
    const media = useMedia();
    const playhead = usePlayhead();
    const clip = computed(() => {
        const one = layer();
        return one.kind === 'footage' && one.sound !== false ? media.find(one.media) : undefined;
    });
    const peaks = computedAsync(
        async () => (clip.value?.sound && clip.value.state === 'ready' ? peaksOf(clip.value.previews) : []),
        [],
    );

    return computed(() => {
        const one = layer();
        if (one.kind !== 'footage' || !clip.value || peaks.value.length === 0) {
            return null;
        }
        const start = (fraction(one.from ?? 0) / perSecond(clip.value.rate)) * PER_SECOND;
        const length = ((one.out - one.in) / playhead.framesPerSecond) * PER_SECOND;
        let path = 'M0 100';
        for (let point = 0; point <= POINTS; point++) {
            const peak = peaks.value[Math.floor(start + (point / POINTS) * length)] ?? 0;
            path += `L${(point * 1000) / POINTS} ${100 - peak * 0.9}`;
        }
        return `${path}L1000 100Z`;
    });
}
