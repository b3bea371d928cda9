import { createApp, defineComponent, h, type App } from 'vue';
import type { CompositionAnswer, EditAnswer, Glimpse, Layer, TryAnswer } from '@/api/answers';
import { useComposition } from '@/project/composition';

/** Documents and answers for the tests, and a way to run composables. */

export const bar = (id: string, fields: object = {}): Layer =>
    ({ id, kind: 'shape', form: 'rectangle', name: id, in: 0, out: 100, visible: true, ...fields }) as Layer;

export function glimpse(fields: Partial<Glimpse> = {}): Glimpse {
    const list = { version: 1, frame: 0, width: 1920, height: 1080, background: null, paths: {}, items: [] } as const;
    return { list: { ...list, items: [] }, poses: [], inspections: [], guides: [], missing: {}, bands: {}, ...fields };
}

export function opened(layers: Layer[], revision = 4): CompositionAnswer {
    return {
        id: 7,
        revision,
        work: 9,
        document: {
            id: 'c',
            name: 'Lower third',
            width: 1920,
            height: 1080,
            rate: '25/1',
            length: 250,
            background: '#000000',
            layers,
        } as CompositionAnswer['document'],
        history: { undo: 'move', redo: null },
        project: {
            id: 2,
            name: 'Depot Nine',
            revision: 1,
            compositions: [{ id: 7, key: 'c', folder: null, name: 'Lower third' }],
            media: [],
            swatches: [],
            curves: [],
            looks: [],
            motions: [],
            styles: [],
        },
    };
}

export const answered = (revision: number, patch: EditAnswer['patch'] = []): EditAnswer => ({
    by: null,
    revision,
    missed: [],
    patch,
    history: { undo: 'rename layer', redo: null },
    glimpse: glimpse(),
    project: null,
    open: null,
});

export const tried = (revision: number, patch: TryAnswer['patch'] = []): TryAnswer => ({
    by: null,
    met: null,
    revision,
    patch,
    glimpse: glimpse(),
});

/** The composition as it would be after it was opened, without asking a server. */
export function withLayers(layers: Layer[], fields: object = {}): ReturnType<typeof useComposition> {
    const composition = useComposition();
    const answer = opened(layers);
    composition.id = answer.id;
    composition.revision = answer.revision;
    composition.document = { ...answer.document, ...fields };
    return composition;
}

/** Runs composables inside a component that is mounted within another, whose setup may provide what they need. */
export function inComponent<T>(setup: () => T, around: () => void = () => {}): { result: T; app: App } {
    let result: T | undefined;
    const inner = defineComponent(() => {
        result = setup();
        return () => null;
    });
    const app = createApp(
        defineComponent(() => {
            around();
            return () => h(inner);
        }),
    );
    app.mount(document.createElement('div'));
    return { result: result as T, app };
}

/** A promise with its ends in the hand of the test. */
export function deferred<T>(): { promise: Promise<T>; resolve: (value: T) => void; reject: (reason: unknown) => void } {
    let resolve!: (value: T) => void;
    let reject!: (reason: unknown) => void;
    const promise = new Promise<T>((yes, no) => {
        resolve = yes;
        reject = no;
    });
    return { promise, resolve, reject };
}

export const pointer = (type: string, x: number, y: number, fields: PointerEventInit = {}): PointerEvent =>
    new PointerEvent(type, { clientX: x, clientY: y, button: 0, bubbles: true, ...fields });
