import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { useComposition } from './composition';
import { perSecond } from './rates';

/** Where the producer is in time, in whole frames, and the stretch that plays. */
export const usePlayhead = defineStore('playhead', () => {
    const composition = useComposition();
    const frame = ref(0);
    const playing = ref(false);
    /** Where the playhead stood when it began to play. */
    const startedAt = ref(0);
    /** Counts up with every frame that is gone to by hand. */
    const scrubbed = ref(0);
    const loop = ref(true);
    const speed = ref(1);
    const rangeIn = ref<number | null>(null);
    const rangeOut = ref<number | null>(null);

    const length = computed(() => composition.shown?.length ?? 1);
    const from = computed(() => Math.min(rangeIn.value ?? 0, length.value - 1));
    /** The last frame that plays. */
    const last = computed(() => Math.max(from.value, Math.min((rangeOut.value ?? length.value) - 1, length.value - 1)));
    const framesPerSecond = computed(() => perSecond(composition.shown?.rate ?? '25/1'));

    function go(to: number): void {
        const bounded = Math.max(0, Math.min(Math.round(to), length.value - 1));
        if (bounded !== frame.value) {
            frame.value = bounded;
            scrubbed.value++;
        }
    }

    let onItsWay: Promise<unknown> = Promise.resolve();

    /** Goes to a frame that is still being worked out, from a time that was typed. */
    async function goWhenKnown(to: Promise<number>): Promise<void> {
        onItsWay = to.catch(() => undefined);
        go(await to);
    }

    /** Waits until it is where it was told to go, so that a value that is typed right after a time counts there. */
    const there = async (): Promise<void> => void (await onItsWay);

    /** A stretch that is played through once, and where it is gone back to then. */
    const once = ref<{ to: number; back: number } | null>(null);

    /** Shows a stretch once, and goes back to where it stood. */
    function playOnce(first: number, end: number): void {
        once.value = { to: Math.min(end, last.value), back: frame.value };
        go(first);
        playing.value = true;
    }

    /** Ends what is played once, if anything is. */
    function endOnce(): void {
        if (once.value) {
            const { back } = once.value;
            once.value = null;
            playing.value = false;
            go(back);
        }
    }

    watch(playing, (isPlaying) => {
        // Stopped by hand, it stays where it is.
        once.value = isPlaying ? once.value : null;
    });

    function clearRange(): void {
        rangeIn.value = null;
        rangeOut.value = null;
    }

    function setIn(): void {
        rangeIn.value = frame.value;
        if (rangeOut.value !== null && rangeOut.value <= frame.value) {
            rangeOut.value = null;
        }
    }

    function setOut(): void {
        rangeOut.value = frame.value + 1;
        if (rangeIn.value !== null && rangeIn.value > frame.value) {
            rangeIn.value = null;
        }
    }

    return {
        frame,
        playing,
        startedAt,
        scrubbed,
        loop,
        speed,
        rangeIn,
        rangeOut,
        length,
        from,
        last,
        framesPerSecond,
        go,
        goWhenKnown,
        there,
        once,
        playOnce,
        endOnce,
        clearRange,
        setIn,
        setOut,
    };
});
