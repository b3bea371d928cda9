import type { ArgumentsOf, EditName, EditRequest } from '@/api/edits';
import { applyPatch, type Operation } from 'fast-json-patch';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Band, Change, CompositionAnswer, EditAnswer, Glimpse, History, Layer, TryAnswer } from '@/api/answers';
import { Failure, get, post } from '@/api/client';
import type { Composition } from '@/api/project.gen';
import { usePaths } from '@/picture/paths';
import { useVantage } from '@/picture/vantage';
import { usePlayhead } from './playhead';
import { useProject } from './project';
import { useSelection } from './selection';
import { windowId } from './window';

/** What another window did since. */
interface Missed {
    changes: Change[];
    history: History;
    projectRevision: number;
    work: number;
}

type Saved = 'saved' | 'saving' | 'unsaved';

const MOST_KNOWN_PATHS = 2000;

const MISSED = 'The same was changed in another window. That is in; do yours again.';

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
    const project = useProject();
    const saved = ref<Saved>('saved');
    const problem = ref<string | null>(null);
    /** Layers on the move, whose alignments are to be shown. */
    const aligned = ref<string[]>([]);
    /** What of a layer is on the move by itself: a mask, or a point of an effect. */
    const held = ref<{ layer: string; part: string } | null>(null);
    /** Whether they change their size, so that what is as large is to be shown too. */
    const sized = ref(false);
    /** How many frames the last change in time went, or would go. */
    const by = ref<number | null>(null);
    /** The frame that draws in what is on the move. */
    const met = ref<number | null>(null);
    /** The window beyond whose edges is to be seen what is in it. */
    const through = ref<string | null>(null);
    /** The frame that a try is to be seen on, where that is not the playhead's. */
    const trial = ref<number | null>(null);
    /** Counts up when what is placed in this composition may be other than it was. */
    const placed = ref(0);
    let work = 0;
    /** Counts up when the glimpse shows something that is not to be. */
    const stale = ref(0);

    const shown = computed(() => draft.value ?? document.value);
    const layers = computed<Layer[]>(() => (shown.value?.layers ?? []) as Layer[]);

    let queue: Promise<unknown> = Promise.resolve();
    let trying = false;
    let wanted: EditRequest | null = null;
    let tryRound = 0;

    const layer = (layerId: string): Layer | undefined => layers.value.find((one) => one.id === layerId);

    /**
     * Waits for changes under way: they are of the composition that was open when they were asked for.
     *
     * @param begin what is done in the same moment in which it is open, so that nothing is asked for twice
     */
    function open(compositionId: number, begin?: () => void): Promise<void> {
        const opened = queue.then(() => load(compositionId, begin));
        queue = opened.catch(() => undefined);
        return opened;
    }

    async function load(compositionId: number, begin?: () => void): Promise<void> {
        const answer = await get<CompositionAnswer>(`/compositions/${compositionId}`, { window: await windowId() });
        id.value = answer.id;
        revision.value = answer.revision;
        document.value = answer.document;
        draft.value = null;
        glimpse.value = null;
        through.value = null;
        history.value = answer.history;
        work = answer.work;
        project.accept(answer.project);
        saved.value = 'saved';
        problem.value = null;
        begin?.();
    }

    function show(): object {
        const known = usePaths().keys();
        const vantage = useVantage().asked;
        return {
            frame: trial.value ?? usePlayhead().frame,
            layers: useSelection().inspected,
            known: known.slice(-MOST_KNOWN_PATHS),
            aligned: aligned.value,
            sized: sized.value,
            through: through.value,
            ...(held.value && { held: held.value }),
            ...(vantage && { vantage }),
        };
    }

    function accept(answer: EditAnswer): void {
        // What others did meanwhile comes first; a change may have come in by following before its own answer did.
        takeIn(answer.missed);
        if (document.value && answer.revision > revision.value) {
            document.value = patched(document.value, answer.patch);
            revision.value = answer.revision;
        }
        history.value = answer.history;
        by.value = answer.by;
        if (answer.project) {
            project.accept(answer.project);
        }
        if (answer.glimpse) {
            receive(answer.glimpse);
        }
    }

    function takeIn(changes: Change[]): void {
        for (const change of changes) {
            if (document.value && change.revision === revision.value + 1) {
                document.value = patched(document.value, change.patch);
                revision.value = change.revision;
            }
        }
    }

    function receive(fresh: Glimpse): void {
        usePaths().learn({ ...fresh.list.paths, ...fresh.beyond?.paths });
        glimpse.value = fresh;
    }

    /** Shows the picture of a glimpse, and what lies over it; what is told of layers besides is left as it was. */
    function preview(fresh: Glimpse): void {
        receive(combined(glimpse.value ?? fresh, fresh));
    }

    /** What one glimpse tells of layers, and the picture of another. */
    const combined = ({ inspections, bands, missing }: Glimpse, picture: Glimpse): Glimpse => ({
        ...picture,
        inspections,
        bands,
        missing,
    });

    /** What came of a try. */
    function tell({ glimpse: fresh, patch, by: moved, met: drawnTo }: TryAnswer): void {
        receive(fresh);
        draft.value = document.value && patched(document.value, patch);
        by.value = moved;
        met.value = drawnTo;
    }

    /** Takes in what another window changed in the meantime. */
    function catchUp({ changes, history: latest, projectRevision }: Missed): void {
        history.value = latest;
        if (projectRevision !== project.revision) {
            void project.refresh();
        }
        takeIn(changes);
    }

    /** @returns what was wrong with the change, or null */
    async function send(path: string, body: object): Promise<string | null> {
        saved.value = 'saving';
        try {
            const answer = await post<EditAnswer>(`/compositions/${id.value}/${path}`, {
                ...body,
                revision: revision.value,
                window: await windowId(),
                show: show(),
            });
            accept(answer);
            if (answer.open !== null) {
                await load(answer.open);
            }
            saved.value = 'saved';
            return null;
        } catch (error) {
            if (!(error instanceof Failure)) {
                // What came could not be taken in: what the server has counts.
                await load(id.value);
                return null;
            }
            saved.value = error.status === 0 ? 'unsaved' : 'saved';
            stale.value++;
            if (error.status === 409 && 'changes' in (error.body as object)) {
                catchUp(error.body as Missed);
                return MISSED;
            }
            return error.message;
        } finally {
            draft.value = null;
            met.value = null;
        }
    }

    /** Asks whether another window changed something, and shows it. */
    async function follow(): Promise<void> {
        try {
            const missed = await get<Missed>(`/compositions/${id.value}/changes`, {
                since: revision.value,
                window: await windowId(),
            });
            const isNew = missed.changes.some((change) => change.revision === revision.value + 1);
            if (isNew || missed.projectRevision !== project.revision) {
                catchUp(missed);
            }
            // What another window did to a composition that is placed here is seen here.
            if (missed.work !== work && layers.value.some((layer) => 'composition' in layer && layer.composition)) {
                placed.value++;
                stale.value++;
            } else if (isNew) {
                stale.value++;
            }
            work = missed.work;
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
    const ask = <K extends EditName>(name: K, args: ArgumentsOf<K>): Promise<string | null> =>
        inTurn('edits', { edit: name, args });
    const edit = <K extends EditName>(name: K, args: ArgumentsOf<K>): Promise<boolean> => told(ask(name, args));
    const undo = (): Promise<boolean> => (history.value.undo ? told(inTurn('undo', {})) : Promise.resolve(false));
    const redo = (): Promise<boolean> => (history.value.redo ? told(inTurn('redo', {})) : Promise.resolve(false));
    /** Goes along the history to right after a step; 0 for its beginning. */
    const goTo = (step: number): Promise<boolean> => told(inTurn(`history/${step}`, {}));

    /**
     * Shows what an edit would do, without doing it; while one is being asked for, only the latest waits.
     *
     * @param first what is looked at meanwhile: the picture, which is painted before anything else is told, or all of it
     */
    async function attempt<K extends EditName>(
        name: K,
        args: ArgumentsOf<K>,
        first: 'picture' | 'all' = 'all',
    ): Promise<void> {
        wanted = { edit: name, args } as EditRequest;
        if (trying) {
            return;
        }
        trying = true;
        const round = tryRound;
        while (wanted && round === tryRound) {
            const next: EditRequest = wanted;
            wanted = null;
            try {
                const answer = await post<TryAnswer>(`/compositions/${id.value}/edits/try`, { ...next, show: show() });
                if (round === tryRound && document.value && answer.revision === revision.value) {
                    if (first === 'picture') {
                        preview(answer.glimpse);
                        // By then another picture may be there: it stays.
                        afterPaint(() => {
                            if (round === tryRound) {
                                tell({ ...answer, glimpse: combined(answer.glimpse, glimpse.value!) });
                            }
                        });
                    } else {
                        tell(answer);
                    }
                } else if (answer.revision > revision.value) {
                    // Another window changed something: what is tried next is seen on top of that.
                    await follow();
                }
            } catch (error) {
                problem.value = (error as Failure).message;
            }
        }
        trying = false;
    }

    /** Whether an edit would make anything of the composition other than it is; one that is refused does not. */
    async function wouldChange<K extends EditName>(name: K, args: ArgumentsOf<K>): Promise<boolean> {
        const body = { edit: name, args, show: show() };
        try {
            return (await post<TryAnswer>(`/compositions/${id.value}/edits/try`, body)).patch.length > 0;
        } catch {
            return false;
        }
    }

    /** What the band of a layer shows besides its length. */
    const bandOf = (one: Layer): Band => glimpse.value?.bands[one.id] ?? {};

    /** Gives up what is being tried. */
    function abandon(): void {
        wanted = null;
        tryRound++;
        draft.value = null;
        met.value = null;
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
        saved,
        problem,
        stale,
        placed,
        aligned,
        held,
        sized,
        by,
        met,
        trial,
        through,
        layer,
        bandOf,
        wouldChange,
        open,
        ask,
        edit,
        undo,
        redo,
        goTo,
        attempt,
        abandon,
        follow,
        receive,
    };
});

/** Does something once what is on its way to the screen is there. */
function afterPaint(act: () => void): void {
    requestAnimationFrame(() => setTimeout(act));
}
