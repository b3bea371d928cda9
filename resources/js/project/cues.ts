import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { SoundCue } from '@/api/answers';
import { get } from '@/api/client';
import type { Layer } from '@/api/answers';
import { useComposition } from './composition';

/** What is heard in the open composition, as it was when it was asked for last. */
export const useCues = defineStore('cues', () => {
    const composition = useComposition();
    const list = shallowRef<SoundCue[]>([]);
    /** The layers at that time, by which it can be told how far a layer has moved since. */
    const layers = shallowRef<Layer[]>([]);

    async function refresh(): Promise<void> {
        const { id, document } = composition;
        const { cues } = await get<{ cues: SoundCue[] }>(`/compositions/${id}/sounds`);
        if (id === composition.id) {
            list.value = cues;
            layers.value = (document?.layers ?? []) as Layer[];
        }
    }

    return { list, layers, refresh };
});

/** What goes in straight lines over time, at a moment; at its ends beyond them. */
export function valueAt(points: [at: number, value: number][], at: number): number {
    const next = points.findIndex(([time]) => time >= at);
    const [t1, v1] = points[next < 0 ? points.length - 1 : next]!;
    const [t0, v0] = points[Math.max(0, next - 1)]!;
    return next <= 0 || t1 === t0 ? v1 : v0 + ((v1 - v0) * (at - t0)) / (t1 - t0);
}

/** How fast it goes by, whichever way. */
export const speedsOf = (cue: SoundCue): [at: number, speed: number][] =>
    cue.speeds.length === 0 ? [[0, Math.abs(cue.speed)]] : cue.speeds.map(([at, speed]) => [at, Math.abs(speed)]);

/** How many seconds of a sound have gone by, so many seconds after a cue begins. */
export function goneBy(cue: SoundCue, after: number): number {
    const points = speedsOf(cue);
    const until = [...points.map(([at]) => at).filter((at) => at > 0 && at < after), after];
    let gone = 0;
    let from = 0;
    for (const to of until) {
        gone += ((to - from) * (valueAt(points, from) + valueAt(points, to))) / 2;
        from = to;
    }
    return gone;
}
