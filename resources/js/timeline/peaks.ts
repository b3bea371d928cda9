import { computedAsync } from '@vueuse/core';
import { computed, type ComputedRef } from 'vue';
import type { Layer } from '@/api/answers';
import { goneBy, useCues, valueAt } from '@/project/cues';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';

/** Peaks in a second, as the preparation writes them. */
const PER_SECOND = 50;
const POINTS = 500;

const fetched = new Map<string, Promise<number[]>>();

/** How loud a sound is, 0 to 100, so many times a second. */
export function peaksOf(previews: string): Promise<number[]> {
    let peaks = fetched.get(previews);
    if (!peaks) {
        peaks = fetch(`${previews}/peaks.json`).then((answer) =>
            answer.ok ? (answer.json() as Promise<number[]>) : [],
        );
        fetched.set(previews, peaks);
    }
    return peaks;
}

/** The waveform of a layer's sound: path data in a box of 1000 × 100, and the frames of the composition that it goes over. */
export interface Wave {
    path: string;
    from: number;
    to: number;
}

export function usePeaks(layer: () => Layer): ComputedRef<Wave | null> {
    const media = useMedia();
    const playhead = usePlayhead();
    const cues = useCues();
    const own = computed(() => cues.list.filter((cue) => cue.layer === layer().id));
    const clip = computed(() => (own.value[0] ? media.find(own.value[0].media) : undefined));
    const peaks = computedAsync(async () => (clip.value?.state === 'ready' ? peaksOf(clip.value.previews) : []), []);

    return computed(() => {
        if (own.value.length === 0 || peaks.value.length === 0) {
            return null;
        }
        const now = layer();
        const then = cues.layers.find((one) => one.id === now.id);
        if (!then) {
            return null;
        }
        const rate = playhead.framesPerSecond;
        const seconds = (then.out - then.in) / rate;
        let path = 'M0 100';
        for (let point = 0; point <= POINTS; point++) {
            const at = then.in / rate + (point / POINTS) * seconds;
            const cue = own.value.find((one) => at >= one.at && at < one.at + one.length);
            const moment = cue ? cue.from + Math.sign(cue.speed) * goneBy(cue, at - cue.at) : -1;
            const peak = cue
                ? (peaks.value[Math.floor(moment * PER_SECOND)] ?? 0) * valueAt(cue.level, at - cue.at)
                : 0;
            path += `L${(point * 1000) / POINTS} ${100 - Math.min(100, peak) * 0.9}`;
        }
        // While a layer is moved its sound goes along; while it is trimmed its sound stays where it is.
        const moved = JSON.stringify(played(now)) === JSON.stringify(played(then)) ? now.in - then.in : 0;
        return { path: `${path}L1000 100Z`, from: then.in + moved, to: then.out + moved };
    });
}

const played = (layer: Layer): unknown => ('from' in layer ? layer.from : null);
