import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { computed, nextTick, ref, type App } from 'vue';
import type { Layer } from '@/api/answers';
import { MOVED } from '@/shell/pointer';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import { useDragInTime } from '@/timeline/dragInTime';
import { useReordering } from '@/timeline/reordering';
import { useRows, type LayerRow, type Row } from '@/timeline/rows';
import { provideTimeView, ROW_HEIGHT, useTimeView, type TimeView } from '@/timeline/timeView';
import { bar, glimpse, inComponent, pointer, withLayers } from './world';

const property = (name: string) => ({
    name,
    type: 'number',
    default: 0,
    least: null,
    leastCalled: null,
    hint: null,
    most: null,
    title: name,
    section: 'placement',
    unit: 'px',
    step: 1,
    axes: [],
});

/** A lane of 1028 pixels: 14 at either end, and 1000 for the composition's 250 frames, four to each. */
vi.mock('@vueuse/core', async (original) => ({
    ...(await original<typeof import('@vueuse/core')>()),
    useElementSize: () => ({ width: ref(1028), height: ref(30) }),
}));

let app: App | null = null;

function mounted<T>(setup: (view: TimeView) => T): T {
    const made = inComponent(
        () => setup(useTimeView()),
        () => void provideTimeView(ref(null)),
    );
    app = made.app;
    return made.result;
}

afterEach(() => app?.unmount());

describe('time along the timeline', () => {
    beforeEach(() => void withLayers([]));

    it('shows the whole piece first, and frames lie where they are read', () => {
        const view = mounted((one) => one);
        expect(view.perFrame.value).toBe(4);
        expect(view.x(0)).toBe(14);
        expect(view.x(250)).toBe(1014);
        expect(view.frameAt(view.x(77))).toBeCloseTo(77);
    });

    it('zooms around the pointer, from all to single frames', () => {
        const view = mounted((one) => one);
        const under = view.frameAt(414);
        view.zoomBy(3, 414);
        expect(view.perFrame.value).toBe(12);
        expect(view.frameAt(414)).toBeCloseTo(under);
        view.zoomBy(1000, 414);
        expect(view.perFrame.value).toBe(40);
        view.zoomBy(0.0001, 414);
        expect(view.perFrame.value).toBe(4);
        expect(view.from.value).toBe(0);
    });

    it('scrolls no farther than there is something to see', () => {
        const view = mounted((one) => one);
        view.zoomBy(2, 14);
        view.scrollTo(-50);
        expect(view.from.value).toBe(0);
        view.scrollTo(9999);
        expect(view.from.value).toBe(125);
    });

    it('turns the page when the playhead leaves it', async () => {
        const view = mounted((one) => one);
        view.zoomBy(10, 14);
        usePlayhead().go(200);
        await nextTick();
        expect(view.from.value).toBeLessThan(200);
        expect(view.from.value + view.visible.value).toBeGreaterThan(200);
    });
});

describe('rows', () => {
    const thread = { property: 'opacity', beads: [], frames: [], channels: [], speeds: [], colours: [] };

    beforeEach(() => {
        const composition = withLayers([bar('under'), bar('over', { opacity: { keyframes: [{ at: 0, value: 1 }] } })]);
        useVocabulary().words.properties = {
            adjusting: [],
            bundle: [],
            camera: [],
            light: [],
            footage: [],
            group: [],
            sound: [],
            window: [],
            text: [],
            shape: [property('rotation'), property('opacity')],
        };
        composition.glimpse = glimpse({
            inspections: [
                {
                    layer: 'over',
                    values: {},
                    attached: [],
                    seen: null,
                    faint: null,
                    idle: [],
                    units: [],
                    life: { arrive: 0, leave: 0, stay: 100, reads: null, arriving: [0, 0], leaving: [99, 99] },
                    threads: [thread],
                },
            ],
        });
    });

    it('run from the top of the stack down, with the threads of what is selected', () => {
        const { rows } = mounted(() => useRows());
        expect(rows.value.map((row) => row.key)).toEqual(['over', 'under']);
        expect(rows.value.map((row) => row.kind === 'layer' && row.animated)).toEqual([true, false]);
        useSelection().select('over');
        expect(rows.value.map((row) => row.key)).toEqual(['over', 'over opacity', 'under']);
    });

    it('show every property when asked to', () => {
        const { rows, toggleAll } = mounted(() => useRows());
        toggleAll(bar('over'));
        expect(rows.value.map((row) => row.key)).toEqual(['over', 'over rotation', 'over opacity', 'under']);
        toggleAll(bar('over'));
        expect(rows.value.map((row) => row.key)).toEqual(['over', 'over opacity', 'under']);
    });
});

describe('a new place in the stack', () => {
    const row = (key: string, kind: 'layer' | 'property'): Row =>
        ({ key, kind, layer: bar(key.split(' ')[0]!), depth: 0 }) as unknown as Row;

    function drop(layer: string, rowsDown: number): unknown {
        const composition = withLayers([bar('a'), bar('b'), bar('c'), bar('d')]);
        const edit = vi.spyOn(composition, 'edit').mockReset().mockResolvedValue(true);
        const rows = computed(() => [
            row('d', 'layer'),
            row('d opacity', 'property'),
            row('d position', 'property'),
            row('c', 'layer'),
            row('b', 'layer'),
            row('a', 'layer'),
        ]);
        const { begin } = mounted(() => useReordering(rows));
        begin(layer, pointer('pointerdown', 0, 0));
        window.dispatchEvent(pointer('pointermove', 0, rowsDown * ROW_HEIGHT));
        window.dispatchEvent(pointer('pointerup', 0, rowsDown * ROW_HEIGHT));
        return edit.mock.calls[0]?.[1] ?? null;
    }

    it('counts layers, not the threads between them', () => {
        expect(drop('d', 3)).toMatchObject({ layer: 'd', with: [], above: 'c', beneath: 'b' });
        expect(drop('d', 2)).toBeNull();
        expect(drop('a', -2)).toMatchObject({ layer: 'a', above: 'd', beneath: 'c' });
    });

    it('ends at the top and at the bottom', () => {
        expect(drop('b', 40)).toEqual({ layer: 'b', with: [], above: 'a', frame: 0 });
        expect(drop('b', -40)).toEqual({ layer: 'b', with: [], beneath: 'd', frame: 0 });
    });
});

describe('groups in the timeline', () => {
    /** From the top: over; a group of b and a; under. */
    function grouped(): ReturnType<typeof useComposition> {
        const group = { ...bar('g'), kind: 'group' } as unknown as Layer;
        const composition = withLayers([
            bar('under'),
            bar('a', { group: 'g' }),
            bar('b', { group: 'g' }),
            group,
            bar('over'),
        ]);
        useVocabulary().words.properties = {
            adjusting: [],
            bundle: [],
            camera: [],
            light: [],
            footage: [],
            group: [],
            sound: [],
            text: [],
            shape: [],
            window: [],
        };
        return composition;
    }

    function drop(layer: string, rowsDown: number): unknown {
        const composition = grouped();
        const edit = vi.spyOn(composition, 'edit').mockReset().mockResolvedValue(true);
        const { begin } = mounted(() => useReordering(useRows().rows));
        begin(layer, pointer('pointerdown', 0, 0));
        window.dispatchEvent(pointer('pointermove', 0, rowsDown * ROW_HEIGHT));
        window.dispatchEvent(pointer('pointerup', 0, rowsDown * ROW_HEIGHT));
        return edit.mock.calls[0]?.[1] ?? null;
    }

    it('are trees that fold up', () => {
        grouped();
        const { rows } = mounted(() => useRows());
        const shown = (): [string, number][] => rows.value.map((row) => [row.key, (row as LayerRow).depth]);
        expect(shown()).toEqual([
            ['over', 0],
            ['g', 0],
            ['b', 1],
            ['a', 1],
            ['under', 0],
        ]);
        useGroups().toggle('g');
        expect(shown()).toEqual([
            ['over', 0],
            ['g', 0],
            ['under', 0],
        ]);
        useGroups().toggle('g');
    });

    it('are dropped among as rows are: the server says which group that is in', () => {
        expect(drop('over', 2)).toMatchObject({ above: 'b', beneath: 'a' });
        expect(drop('over', 1)).toMatchObject({ above: 'g', beneath: 'b' });
        expect(drop('b', -1)).toMatchObject({ above: 'over', beneath: 'g' });
        expect(drop('b', 2)).toMatchObject({ above: 'under' });
        expect(drop('a', -1)).toMatchObject({ above: 'g', beneath: 'b' });
        expect(drop('under', -1)).toMatchObject({ above: 'b', beneath: 'a' });
    });

    it('go with all that is in them', () => {
        expect(drop('g', 3)).toMatchObject({ layer: 'g', above: 'under' });
        expect(drop('g', -1)).toMatchObject({ layer: 'g', beneath: 'over' });
    });

    it('are taken whole in the picture, until something in them is selected', () => {
        grouped();
        const groups = useGroups();
        expect(groups.taken('a')).toBe('g');
        expect(groups.taken('over')).toBe('over');
        useSelection().select('g');
        expect(groups.taken('a')).toBe('g');
        expect(groups.taken('a', true)).toBe('a');
        useSelection().select('b');
        expect(groups.taken('a')).toBe('a');
    });
});

describe('dragging in time', () => {
    const request = (by: number) => ({ edit: 'move-layers' as const, args: { layers: ['a'], by } });

    function drag(pixels: number, options: PointerEventInit = {}): unknown {
        const composition = withLayers([bar('a', { in: 50, out: 80 })]);
        vi.spyOn(composition, 'attempt').mockResolvedValue();
        const edit = vi.spyOn(composition, 'edit').mockReset().mockResolvedValue(true);
        const { begin } = mounted(() => useDragInTime());
        begin(pointer('pointerdown', 300, 0), { request });
        window.dispatchEvent(pointer(MOVED, 300 + pixels, 0, options));
        window.dispatchEvent(pointer('pointerup', 300 + pixels, 0, options));
        return edit.mock.calls[0]?.[1] ?? null;
    }

    it('asks for as far as the pointer went; how far that is, the server settles', () => {
        const { frame } = usePlayhead();
        expect(drag(42)).toEqual({ layers: ['a'], by: 10.5, snap: { within: 1.5, playhead: frame } });
        expect(drag(-41)).toMatchObject({ by: -10.25 });
    });

    it('is not drawn in while Alt is held', () => {
        expect(drag(42, { altKey: true })).toMatchObject({ snap: { within: 0 } });
    });

    it('is a click until it has gone three pixels', () => {
        expect(drag(2)).toBeNull();
    });

    it('says how far it really went', async () => {
        const composition = withLayers([bar('a')]);
        const attempt = vi.spyOn(composition, 'attempt').mockImplementation(async () => {
            composition.by = 12;
        });
        vi.spyOn(composition, 'edit').mockImplementation(async () => {
            composition.by = 13;
            return true;
        });
        const moved = vi.fn();
        const { begin } = mounted(() => useDragInTime());
        begin(pointer('pointerdown', 300, 0), { request, moved });
        window.dispatchEvent(pointer(MOVED, 350, 0));
        await vi.waitFor(() => expect(moved).toHaveBeenLastCalledWith(12));
        expect(attempt).toHaveBeenCalledOnce();
        window.dispatchEvent(pointer('pointerup', 350, 0));
        await vi.waitFor(() => expect(moved).toHaveBeenLastCalledWith(13));
    });

    it('is given up with Escape', () => {
        const composition = useComposition();
        withLayers([bar('a')]);
        vi.spyOn(composition, 'attempt').mockResolvedValue();
        const edit = vi.spyOn(composition, 'edit').mockReset().mockResolvedValue(true);
        const abandon = vi.spyOn(composition, 'abandon');
        const moved = vi.fn();
        const { begin } = mounted(() => useDragInTime());
        begin(pointer('pointerdown', 300, 0), { request, moved });
        window.dispatchEvent(pointer(MOVED, 360, 0));
        window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
        window.dispatchEvent(pointer('pointerup', 360, 0));
        expect(edit).not.toHaveBeenCalled();
        expect(abandon).toHaveBeenCalledOnce();
        expect(moved).toHaveBeenLastCalledWith(0);
    });
});
