import { onBeforeUnmount } from 'vue';
import type { ArgumentsOf, EditName } from '@/api/edits';
import { useComposition } from './composition';
import { usePlayhead } from './playhead';

/** Seconds that the last frame rests before it begins anew. */
const REST = 0.5;

/** Plays what an edit would do, over and over, at its pace, without doing it: while the pointer rests on a choice. */
export function useTrying() {
    const composition = useComposition();
    const playhead = usePlayhead();
    let round = 0;

    async function play<K extends EditName>(edit: K, args: ArgumentsOf<K>, from: number, to: number): Promise<void> {
        stop();
        const own = ++round;
        const began = performance.now();
        const seconds = Math.max(1, to - from) / playhead.framesPerSecond;
        while (own === round) {
            const passed = ((performance.now() - began) / 1000) % (seconds + REST);
            composition.trial = Math.round(from + Math.min(passed / seconds, 1) * (to - from));
            await composition.attempt(edit, args);
            await new Promise(requestAnimationFrame);
        }
    }

    /** Shows what an edit would do to the frame at the playhead, without doing it. */
    function show<K extends EditName>(edit: K, args: ArgumentsOf<K>): void {
        stop();
        composition.trial = playhead.frame;
        void composition.attempt(edit, args);
    }

    /** Shows again what is. */
    function stop(): void {
        round++;
        if (composition.trial !== null) {
            composition.trial = null;
            composition.abandon();
        }
    }

    onBeforeUnmount(stop);

    return { play, show, stop };
}
