import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import type { Media } from '@/api/answers';
import { useComposition } from './composition';
import { useMedia } from './media';

/** A part of a clip: its first frame, and the one after its last. */
export interface Stretch {
    from: number;
    to: number;
}

/** The clip that is looked through before it is placed, and what is marked of it; marks stay until the page is left. */
export const useViewing = defineStore('viewing', () => {
    const composition = useComposition();
    const media = useMedia();
    const id = ref<string | null>(null);
    const marks = ref<Record<string, Stretch>>({});

    const clip = computed(() => (id.value === null ? null : (media.find(id.value) ?? null)));
    /** All of it where nothing is marked. */
    const stretch = computed<Stretch>(() => marks.value[id.value ?? ''] ?? { from: 0, to: clip.value?.frames ?? 1 });

    /** Whether there is something to look through. */
    const plays = (one: Media): boolean => !one.still && !one.font && !one.missing;

    function mark(part: Partial<Stretch>): void {
        const { frames } = clip.value ?? { frames: 1 };
        let { from, to } = { ...stretch.value, ...part };
        from = Math.max(0, Math.min(frames - 1, from));
        to = Math.max(1, Math.min(frames, to));
        // A beginning behind the end begins another stretch, and so does an end before the beginning.
        if (from >= to) {
            [from, to] = part.from === undefined ? [0, to] : [from, frames];
        }
        marks.value = { ...marks.value, [id.value ?? '']: { from, to } };
    }

    function open(one: Media): void {
        id.value = one.id;
    }

    function close(): void {
        id.value = null;
    }

    // Another composition is gone to in order to see it.
    watch(() => composition.id, close);

    /** What is marked of it, where that is not all. */
    const marked = computed<Stretch | undefined>(() => {
        const { from, to } = stretch.value;
        return clip.value && (from > 0 || to < clip.value.frames) ? { from, to } : undefined;
    });

    function unmark(): void {
        mark({ from: 0, to: clip.value?.frames ?? 1 });
    }

    return { clip, stretch, marked, plays, mark, unmark, open, close };
});
