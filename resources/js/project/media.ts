import { promiseTimeout, useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import type { Arrival, Media, Sample } from '@/api/answers';
import { get, post, remove, type Failure } from '@/api/client';
import { send } from '@/api/upload';
import { useComposition } from './composition';
import { useProject } from './project';
import { packed, sequencesIn, type Sequence } from './sequences';

export interface Upload {
    key: number;
    name: string;
    /** What is done with the part of it, where that is not sending. */
    doing: string | null;
    part: number;
    problem: string | null;
    cancel: () => void;
}

/** At what rate numbered pictures are to be shown, before they are sent. */
export interface RateQuestion {
    sequences: string[];
    answer: (rate: string | null) => void;
}

/** The project's clips, those on their way in, and how far their preparation is. */
export const useMedia = defineStore('media', () => {
    const project = useProject();
    const uploads = ref<Upload[]>([]);
    const question = shallowRef<RateQuestion | null>(null);
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

    /** A row that tells of something on its way in. */
    function begun(name: string, cancel: () => void): Upload {
        uploads.value.push({ key: ++keys, name, doing: null, part: 0, problem: null, cancel });
        return uploads.value[uploads.value.length - 1]!;
    }

    /** Numbered pictures are shown at the rate of what they are brought into, where nothing else is said. */
    const usualRate = (): string => useComposition().shown?.rate ?? '25/1';

    async function packing(
        file: Sequence,
        row: Upload,
        progress: (part: number) => void,
        signal: AbortSignal,
    ): Promise<File> {
        row.doing = 'put together';
        const whole = await packed(file, (part) => {
            signal.throwIfAborted();
            progress(part);
        });
        row.doing = null;
        return whole;
    }

    /** @returns the clip, or null when it was refused; the upload's row then says why */
    async function add(file: File | Sequence, rate = usualRate()): Promise<Media | null> {
        const abort = new AbortController();
        const row = begun(file.name, () => abort.abort());
        const progress = (part: number): number => (row.part = Math.min(part, 0.999));
        try {
            const whole = file instanceof File ? file : await packing(file, row, progress, abort.signal);
            const sent = await send(`/projects/${project.id}/uploads`, whole, progress, abort.signal, { rate });
            const id = sent.media === null ? null : await lookedAt(sent.media, row);
            if (id === null) {
                row.problem ??= 'The file did not arrive whole; bring it in again.';
                return null;
            }
            dismiss(row.key);
            await refresh();
            return find(id) ?? null;
        } catch (error) {
            row.problem = abort.signal.aborted ? 'The upload was cancelled.' : (error as Failure).message;
            return null;
        }
    }

    /** @returns null where they are not to be brought in after all */
    async function askedRate(names: string[]): Promise<string | null> {
        const rate = await new Promise<string | null>((answer) => (question.value = { sequences: names, answer }));
        question.value = null;
        return rate;
    }

    /** Takes in files, numbered pictures among them as the clips that they are. @param each is given what came of each */
    async function addAll(files: File[], each?: (media: Media) => Promise<void>): Promise<void> {
        const { single, sequences } = sequencesIn(files);
        const numbered = [...sequences, ...single.filter((file) => /\.zip$/i.test(file.name))];
        const rate = numbered.length > 0 ? await askedRate(numbered.map((one) => one.name)) : usualRate();
        for (const one of rate === null
            ? single.filter((file) => !numbered.includes(file))
            : [...single, ...sequences]) {
            const added = await add(one, rate ?? usualRate());
            if (added) {
                await each?.(added);
            }
        }
    }

    /** Brings in something from the shelf. @returns it, or null where it could not be made */
    async function take(sample: Sample): Promise<Media | null> {
        const row = begun(sample.title, () => undefined);
        row.part = 1;
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

    return {
        list,
        folders,
        uploads,
        question,
        usualRate,
        find,
        refresh,
        add,
        addAll,
        take,
        dismiss,
        prepareAgain,
        cancelPreparation,
    };
});
