import { applyPatch, type Operation } from 'fast-json-patch';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type {
    Change,
    CompositionAnswer,
    EditAnswer,
    Glimpse,
    History,
    Layer,
    Media,
    Named,
    TryAnswer,
} from '@/api/answers';
import { Failure, get, post } from '@/api/client';
import type { Composition } from '@/api/project.gen';
import { usePaths } from '@/picture/paths';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** What another window did since. */
interface Missed {
    changes: Change[];
    history: History;
}

type Saved = 'saved' | 'saving' | 'unsaved';

const MOST_KNOWN_PATHS = 2000;

function patched(document: Composition, patch: Operation[]): Composition {
    return patch.length === 0 ? document : applyPatch(document, patch, false, false).newDocument;
}

/** The open composition: its document as the server keeps it, and what a drag under way would make of it. */
export const useComposition = defineStore('composition', () => {
    const id = ref(0);
    const revision = ref(0);
    const document = shallowRef<Composition | null>(null);
    const draft = shallowRef<Composition | null>(null);
    const glimpse = shallowRef<Glimpse | null>(null);
    const history = ref<History>({ undo: null, redo: null });
    const project = ref<Named>({ id: 0, name: '' });
    const siblings = ref<Named[]>([]);
    const media = ref<Media[]>([]);
    const saved = ref<Saved>('saved');
    const problem = ref<string | null>(null);
    /** Layers on the move, whose alignments are to be shown. */
    const aligned = ref<string[]>([]);
    /** How many frames the last change in time went, or would go. */
    const by = ref<number | null>(null);
    /** Counts up when the glimpse shows something that is not to be. */
    const stale = ref(0);

    const shown = computed(() => draft.value ?? document.value);
    const layers = computed<Layer[]>(() => (shown.value?.layers ?? []) as Layer[]);

    let queue: Promise<unknown> = Promise.resolve();
    let trying = false;
    let wanted: { edit: string; args: object } | null = null;
    let tryRound = 0;

    const layer = (layerId: string): Layer | undefined => layers.value.find((one) => one.id === layerId);

    async function open(compositionId: number): Promise<void> {
        const answer = await get<CompositionAnswer>(`/compositions/${compositionId}`);
        id.value = answer.id;
        revision.value = answer.revision;
        document.value = answer.document;
        draft.value = null;
        glimpse.value = null;
        history.value = answer.history;
        project.value = answer.project;
        siblings.value = answer.compositions;
        media.value = answer.media;
        saved.value = 'saved';
        problem.value = null;
    }

    /** Asks which compositions the project has by now. */
    async function refreshSiblings(): Promise<void> {
        const { projects } = await get<{ projects: (Named & { compositions: Named[] })[] }>('/projects');
        siblings.value = projects.find((one) => one.id === project.value.id)?.compositions ?? siblings.value;
    }

    function show(): object {
        const known = usePaths().keys();
        return {
            frame: usePlayhead().frame,
            layers: useSelection().inspected,
            known: known.slice(-MOST_KNOWN_PATHS),
            aligned: aligned.value,
        };
    }

    function accept(answer: EditAnswer): void {
        // A change may have come in by following before its own answer did.
        if (document.value && answer.revision > revision.value) {
            document.value = patched(document.value, answer.patch);
            revision.value = answer.revision;
        }
        history.value = answer.history;
        by.value = answer.by;
        siblings.value = siblings.value.map((one) =>
            one.id === id.value ? { ...one, name: document.value?.name ?? one.name } : one,
        );
        receive(answer.glimpse);
    }

    function receive(fresh: Glimpse): void {
        usePaths().learn(fresh.list.paths);
        glimpse.value = fresh;
    }

    /** Takes in what another window changed in the meantime. */
    function catchUp({ changes, history: latest }: Missed): void {
        history.value = latest;
        for (const change of changes) {
            if (document.value && change.revision === revision.value + 1) {
                document.value = patched(document.value, change.patch);
                revision.value = change.revision;
            }
        }
    }

    /** @returns what was wrong with the change, or null */
    async function send(path: string, body: object): Promise<string | null> {
        saved.value = 'saving';
        try {
            accept(
                await post<EditAnswer>(`/compositions/${id.value}/${path}`, {
                    ...body,
                    revision: revision.value,
                    show: show(),
                }),
            );
            saved.value = 'saved';
            return null;
        } catch (error) {
            if (!(error instanceof Failure)) {
                // What came could not be taken in: what the server has counts.
                await open(id.value);
                return null;
            }
            saved.value = error.status === 0 ? 'unsaved' : 'saved';
            stale.value++;
            if (error.status === 409) {
                catchUp(error.body as Missed);
                return 'This composition was changed in another window. Those changes are in; do yours again.';
            }
            return error.message;
        } finally {
            draft.value = null;
        }
    }

    /** Asks whether another window changed something, and shows it. */
    async function follow(): Promise<void> {
        try {
            const missed = await get<Missed>(`/compositions/${id.value}/changes`, { since: revision.value });
            if (missed.changes.some((change) => change.revision === revision.value + 1)) {
                catchUp(missed);
                stale.value++;
            }
        } catch {
            // The server is away; the next edit says so.
        }
    }

    /** One change after the other, because each is made on the revision before it. */
    function inTurn(path: string, body: object): Promise<string | null> {
        wanted = null;
        tryRound++;
        const sent = queue.then(() => send(path, body));
        queue = sent;
        return sent;
    }

    /** Says what was wrong at the top of the window. @returns whether nothing was */
    async function told(asked: Promise<string | null>): Promise<boolean> {
        problem.value = await asked;
        return problem.value === null;
    }

    /** Makes a change for a field that says itself what is wrong with it. */
    const ask = (name: string, args: object): Promise<string | null> => inTurn('edits', { edit: name, args });
    const edit = (name: string, args: object): Promise<boolean> => told(ask(name, args));
    const undo = (): Promise<boolean> => (history.value.undo ? told(inTurn('undo', {})) : Promise.resolve(false));
    const redo = (): Promise<boolean> => (history.value.redo ? told(inTurn('redo', {})) : Promise.resolve(false));

    /** Shows what an edit would do, without doing it; while one is being asked for, only the latest waits. */
    async function attempt(name: string, args: object): Promise<void> {
        wanted = { edit: name, args };
        if (trying) {
            return;
        }
        trying = true;
        const round = tryRound;
        while (wanted && round === tryRound) {
            const next: { edit: string; args: object } = wanted;
            wanted = null;
            try {
                const answer = await post<TryAnswer>(`/compositions/${id.value}/edits/try`, { ...next, show: show() });
                if (round === tryRound && document.value && answer.revision === revision.value) {
                    draft.value = patched(document.value, answer.patch);
                    by.value = answer.by;
                    receive(answer.glimpse);
                }
            } catch (error) {
                problem.value = (error as Failure).message;
            }
        }
        trying = false;
    }

    /** Gives up what is being tried. */
    function abandon(): void {
        wanted = null;
        tryRound++;
        draft.value = null;
        stale.value++;
    }

    return {
        id,
        revision,
        document,
        draft,
        shown,
        layers,
        glimpse,
        history,
        project,
        siblings,
        media,
        saved,
        problem,
        stale,
        aligned,
        by,
        layer,
        open,
        ask,
        edit,
        undo,
        redo,
        attempt,
        abandon,
        follow,
        receive,
        refreshSiblings,
    };
});
