import { useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import type { Media } from '@/api/answers';
import { Failure, get, post, upload } from '@/api/client';
import { useComposition } from './composition';

export interface Upload {
    key: number;
    name: string;
    part: number;
    problem: string | null;
    cancel: () => void;
}

/** The project's clips, those on their way in, and how far their preparation is. */
export const useMedia = defineStore('media', () => {
    const composition = useComposition();
    const uploads = ref<Upload[]>([]);
    let keys = 0;

    const list = computed(() => composition.media);
    const unprepared = computed(() => list.value.some((one) => one.state === 'waiting' || one.state === 'preparing'));
    const find = (id: string): Media | undefined => list.value.find((one) => one.id === id);

    async function refresh(): Promise<void> {
        composition.media = (await get<{ media: Media[] }>(`/projects/${composition.project.id}/media`)).media;
    }

    const poll = useIntervalFn(() => refresh().catch(() => undefined), 700, { immediate: false });
    watch(unprepared, (some) => (some ? poll.resume() : poll.pause()), { immediate: true });

    /** @returns the clip, or null when it was refused; the upload's row then says why */
    async function add(file: File): Promise<Media | null> {
        const abort = new AbortController();
        uploads.value.push({ key: ++keys, name: file.name, part: 0, problem: null, cancel: () => abort.abort() });
        const row = uploads.value[uploads.value.length - 1]!;
        try {
            const media = await upload<Media>(
                `/projects/${composition.project.id}/media`,
                file,
                (part) => (row.part = part),
                abort.signal,
            );
            dismiss(row.key);
            await refresh();
            return media;
        } catch (error) {
            row.problem = abort.signal.aborted ? 'The upload was cancelled.' : (error as Failure).message;
            return null;
        }
    }

    function dismiss(key: number): void {
        uploads.value = uploads.value.filter((one) => one.key !== key);
    }

    async function prepareAgain(media: Media): Promise<void> {
        await post(media.prepare.replace(/^\/api/, ''));
        await refresh();
    }

    return { list, uploads, find, refresh, add, dismiss, prepareAgain };
});
