import { promiseTimeout, useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import type { Arrival, Media, Sample } from '@/api/answers';
import { get, post, remove, type Failure } from '@/api/client';
import { send } from '@/api/upload';
import { useComposition } from './composition';
import { useProject } from './project';
import { packed, sequencesIn, type Sequence } from './sequences';

export interface Upload {
    key: number;
    name: string;
    part: number;
    problem: string | null;
    cancel: () => void;
}

/** The project's clips, those on their way in, and how far their preparation is. */
export const useMedia = defineStore('media', () => {
    const project = useProject();
    const uploads = ref<Upload[]>([]);
    let keys = 0;

    const list = computed(() => project.media);
    const folders = computed(() =>
        [...new Set(list.value.flatMap((one) => one.folder ?? []))].sort((a, b) => a.localeCompare(b)),
    );
    const unprepared = computed(() => list.value.some((one) => one.state === 'waiting' || one.state === 'preparing'));
    const find = (id: string): Media | undefined => list.value.find((one) => one.id === id);

    async function refresh(): Promise<void> {
        project.media = (await get<{ media: Media[] }>(`/projects/${project.id}/media`)).media;
    }

    const poll = useIntervalFn(() => refresh().catch(() => undefined), 700, { immediate: false });
    watch(unprepared, (some) => (some ? poll.resume() : poll.pause()), { immediate: true });

    /** Waits until the server has looked at a file. @returns its id, or null when it was refused */
    async function lookedAt(number: number, row: Upload): Promise<string | null> {
        row.part = 1;
        for (;;) {
            const arrival = await get<Arrival>(`/media/${number}`);
            if (arrival.state === 'refused') {
                row.problem = arrival.problem;
                await remove(`/media/${number}`);
                return null;
            }
            if (arrival.state !== 'checking') {
                return arrival.twin ?? `m${number}`;
            }
            await promiseTimeout(150);
        }
    }

    /** @returns the clip, or null when it was refused; the upload's row then says why */
    async function add(file: File | Sequence): Promise<Media | null> {
        const abort = new AbortController();
        uploads.value.push({ key: ++keys, name: file.name, part: 0, problem: null, cancel: () => abort.abort() });
        const row = uploads.value[uploads.value.length - 1]!;
        try {
            const sent = await send(
                `/projects/${project.id}/uploads`,
                file instanceof File ? file : await packed(file),
                (part) => (row.part = Math.min(part, 0.999)),
                abort.signal,
                // Numbered pictures are shown at the rate of what they are brought into; their layer's speed changes that.
                { rate: useComposition().shown?.rate ?? '25/1' },
            );
            const id = sent.media === null ? null : await lookedAt(sent.media, row);
            if (id === null) {
                row.problem ??= 'The file did not arrive whole; bring it in again.';
                return null;
            }
            dismiss(row.key);
            await refresh();
            return find(id) ?? null;
        } catch (error) {
            row.problem = (error as Failure).message;
            return null;
        }
    }

    /** Takes in files, numbered pictures among them as the clips that they are. @param each is given what came of each */
    async function addAll(files: File[], each?: (media: Media) => Promise<void>): Promise<void> {
        const { single, sequences } = sequencesIn(files);
        for (const one of [...single, ...sequences]) {
            const added = await add(one);
            if (added) {
                await each?.(added);
            }
        }
    }

    /** Brings in something from the shelf. @returns it, or null where it could not be made */
    async function take(sample: Sample): Promise<Media | null> {
        uploads.value.push({ key: ++keys, name: sample.title, part: 1, problem: null, cancel: () => undefined });
        const row = uploads.value[uploads.value.length - 1]!;
        try {
            const taken = await post<{ media: number }>(`/projects/${project.id}/shelf/${sample.id}`);
            row.cancel = () => {
                dismiss(row.key);
                void remove(`/media/${taken.media}`).catch(() => undefined);
            };
            const id = await lookedAt(taken.media, row);
            if (id === null) {
                return null;
            }
            dismiss(row.key);
            await refresh();
            return find(id) ?? null;
        } catch (error) {
            // Of one that was given up nothing is to be said; its row has gone.
            row.problem = (error as Failure).message;
            return null;
        }
    }

    function dismiss(key: number): void {
        uploads.value = uploads.value.filter((one) => one.key !== key);
    }

    async function prepareAgain(media: Media): Promise<void> {
        await post(`/media/${media.number}/prepare`);
        await refresh();
    }

    async function cancelPreparation(media: Media): Promise<void> {
        await post(`/media/${media.number}/cancel`);
        await refresh();
    }

    return { list, folders, uploads, find, refresh, add, addAll, take, dismiss, prepareAgain, cancelPreparation };
});
