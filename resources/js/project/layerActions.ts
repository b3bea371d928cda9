import { useVocabulary } from '@/project/vocabulary';
import type { ArgumentsOf, OfLayers } from '@/api/edits';
import { computed } from 'vue';
import type { Layer } from '@/api/answers';
import { post, type Failure } from '@/api/client';
import { useComposition } from './composition';
import { useMedia } from './media';
import { useGroups } from './groups';
import { useNaming } from './naming';
import { useParts } from './parts';
import { usePlayhead } from './playhead';
import { usePreferences } from './preferences';
import { useProject } from './project';
import { isBundle, isWindow, plays } from './playing';
import { useSelection } from './selection';
import { useWithin } from './within';

/** Marks text in the clipboard as layers of ours. */
const COPIED = 'ricamo-layers';

interface Copied {
    [COPIED]: 1;
    /** The server and the project that they are of. */
    from: string;
    layers: Layer[];
}

/** What can be done to the layers that are selected, from keys and from their menu alike. */
export function useLayerActions() {
    const vocabulary = useVocabulary();
    const composition = useComposition();
    const media = useMedia();
    const playhead = usePlayhead();
    const selection = useSelection();
    const within = useWithin();
    const groups = useGroups();
    const preferences = usePreferences();
    const project = useProject();
    const parts = useParts();
    const naming = useNaming();

    /** From the bottom of the stack to the top. */
    const chosen = computed(() => composition.layers.filter((layer) => selection.layers.includes(layer.id)));
    const ids = computed(() => chosen.value.map((layer) => layer.id));
    const locked = computed(() => chosen.value.length > 0 && chosen.value.every((layer) => layer.locked));

    const reference = computed(() => chosen.value.length > 0 && chosen.value.every((layer) => layer.reference));
    const anyMoves = computed(() => chosen.value.some((layer) => layer.arrive || layer.leave));
    const anyPlays = computed(() => chosen.value.some(plays));
    /** The bundle that is selected by itself. */
    const bundle = computed(() => (chosen.value.length === 1 ? chosen.value.find(isBundle) : undefined));
    /** The picture that is selected by itself, where it is made of outlines. */
    const drawn = computed(() => {
        const [layer, ...others] = chosen.value;
        return layer?.kind === 'footage' && others.length === 0 && media.find(layer.media)?.drawn ? layer : undefined;
    });
    const areWindows = computed(() => chosen.value.length === 2 && chosen.value.every(isWindow));
    const canBeWindows = computed(
        () => chosen.value.length > 0 && chosen.value.every((layer) => vocabulary.can(layer, 'frames')),
    );
    /** Whether two layers are selected of which one begins right where the other ends. */
    const isCut = computed(() => {
        const [a, b, ...others] = chosen.value.toSorted((one, other) => one.in - other.in);
        return !!a && !!b && others.length === 0 && a.out === b.in;
    });
    /** The compositions that may cover a cut. */
    const covers = computed(() => project.compositions.filter((one) => one.id !== composition.id));
    const anyGroup = computed(() => chosen.value.some((layer) => vocabulary.can(layer, 'holds')));
    const alone = computed(() => composition.shown?.alone ?? []);
    const areAlone = computed(() => ids.value.length > 0 && ids.value.every((id) => alone.value.includes(id)));

    async function ask<K extends OfLayers>(edit: K, args?: Omit<ArgumentsOf<K>, 'layers'>): Promise<boolean> {
        return ids.value.length > 0 && composition.edit(edit, { layers: ids.value, ...args } as ArgumentsOf<K>);
    }

    /** Selects what an edit put on the stack. */
    async function selectingNew(asked: () => Promise<boolean>): Promise<void> {
        const before = new Set(composition.layers.map((layer) => layer.id));
        if (await asked()) {
            const fresh = composition.layers.map((layer) => layer.id).filter((id) => !before.has(id));
            selection.layers = fresh.length > 0 ? fresh : selection.layers;
            selection.beads = [];
        }
    }

    const home = (): string => `${window.location.origin}/projects/${project.id}`;

    /** Has what layers of another project use brought into this one. @returns by what; null where that cannot be done */
    async function broughtAlong(layers: Layer[]): Promise<{ media: string; by: string }[] | null> {
        try {
            const answer = await post<{ media: Record<string, string> }>(`/projects/${project.id}/media/along`, {
                layers,
            });
            await media.refresh();
            return Object.entries(answer.media).map(([old, by]) => ({ media: old, by }));
        } catch (failure) {
            composition.problem = (failure as Failure).message;
            return null;
        }
    }

    /** @returns what goes into the clipboard; null where nothing is selected */
    function copied(): string | null {
        // Of the document, not of a drag that is tried.
        const layers = groups.withAll(ids.value, composition.document?.layers);
        parts.copied = layers.find(({ id }) => id === ids.value.at(-1)) ?? null;
        return layers.length === 0 ? null : JSON.stringify({ [COPIED]: 1, from: home(), layers });
    }

    /** @returns whether the text was layers */
    function paste(text: string, sameTime: boolean): boolean {
        let found: Partial<Copied>;
        try {
            found = JSON.parse(text) as Partial<Copied>;
        } catch {
            return false;
        }
        if (found?.[COPIED] !== 1 || !Array.isArray(found.layers)) {
            return false;
        }
        const { layers, from } = found;
        void selectingNew(async () => {
            const isOthers = from !== home() && !!from?.startsWith(`${window.location.origin}/`);
            const media = isOthers ? await broughtAlong(layers) : [];
            const at = sameTime ? {} : { at: playhead.frame };
            return media !== null && composition.edit('paste-layers', { layers, ...at, media });
        });
        return true;
    }

    return {
        chosen,
        locked,
        reference,
        anyPlays,
        anyGroup,
        areWindows,
        drawn,
        canBeWindows,
        isCut,
        covers,
        bundle,
        anyMoves,
        areAlone,
        copied,
        paste,
        /** The layer that was copied last. */
        source: computed(() => parts.copied),
        pasteParts: () => void (parts.asking = 'paste'),
        keepParts: () => void (parts.asking = 'keep'),
        /** Into a composition of their own. */
        async wrap(): Promise<void> {
            const layers = ids.value;
            const name = layers.length === 0 ? null : await naming.ask('Wrap up as', 'Bundle', 'Wrap up');
            if (name !== null) {
                const { id } = composition.document ?? { id: '' };
                void selectingNew(() => composition.edit('wrap-layers', { composition: id, layers, name }));
            }
        },
        unwrap: () =>
            selectingNew(() =>
                bundle.value ? composition.edit('unwrap-layer', { layer: bundle.value.id }) : Promise.resolve(false),
            ),
        makeWindows: () => ask('make-windows'),
        takeApart: () => drawn.value && composition.edit('take-apart', { layer: drawn.value.id }),
        swap: () => ask('swap-windows'),
        group: () => selectingNew(() => ask('group-layers', { frame: playhead.frame })),
        /** Takes the groups away; what was in them is selected. */
        async ungroup(): Promise<void> {
            const found = chosen.value.filter((layer) => vocabulary.can(layer, 'holds')).map((layer) => layer.id);
            const members = composition.layers.filter((layer) => found.includes(layer.group ?? ''));
            if (found.length > 0 && (await composition.edit('ungroup-layers', { layers: found }))) {
                selection.layers = members.map((layer) => layer.id);
            }
        },
        open: () => bundle.value && within.enter(bundle.value),
        /** Their arriving and leaving by what was preferred last; a dissolve to begin with. */
        setEnds: () => ask('set-ends', { phase: preferences.preferred }),
        /** Leads over from one to the next where two meet, by what was preferred last; again, the plain cut is back. */
        cross: () => ask('cross-cut', { phase: isCut.value ? preferences.preferred : null }),
        /** Another composition over the cut, which comes to lie beneath the frames on which it covers all. */
        cover: (key: string) => selectingNew(() => ask('cover-cut', { composition: key })),
        split: () => selectingNew(() => ask('split-layers', { at: playhead.frame })),
        duplicate: () => selectingNew(() => ask('duplicate-layers')),
        duplicateAfter: () => selectingNew(() => ask('duplicate-layers', { after: true })),
        remove: () => ask('remove-layers'),
        removeAndClose: () => ask('remove-and-close'),
        fit: (to: 'beneath' | 'composition' | 'content') => ask('fit-layers', { to }),
        trim: (to: 'first' | 'last') => ask('fit-layers', { to, at: playhead.frame }),
        place: (edge: 'first' | 'last') => ask('place-layers', { edge, at: playhead.frame }),
        reverse: () => ask('retime-layers', { to: 'reverse' }),
        freeze: () => ask('retime-layers', { to: 'freeze', at: playhead.frame }),
        /** Their arriving and leaving as plain keyframes. */
        writeMovesOut: () => ask('write-moves-out'),
        fill: () => ask('retime-layers', { to: 'fill' }),
        refer: () => ask('set-layer', { reference: !reference.value }),
        /** Those that are selected by themselves; again, or with nothing selected, all. */
        lookAlone: () => composition.edit('look-alone', { layers: areAlone.value ? [] : ids.value }),
        /** In the order in which they were chosen. */
        stagger: (by: number, order: string, seed: number) =>
            composition.edit('stagger-layers', {
                layers: selection.layers,
                by,
                order,
                seed,
                frame: playhead.frame,
            }),
        lock: () => ask('set-layer', { locked: !locked.value }),
        label: (label: string) => ask('set-layer', { label }),
    };
}
