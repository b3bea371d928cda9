import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Layer } from '@/api/answers';
import { Failure, get, post } from '@/api/client';
import { useComposition } from '@/project/composition';
import { answered, bar, deferred, glimpse, opened, tried } from './world';

vi.mock('@/api/client', async (original) => ({
    ...(await original<typeof import('@/api/client')>()),
    get: vi.fn(),
    post: vi.fn(),
}));

const rename = (name: string): object[] => [{ op: 'replace', path: '/layers/0/name', value: name }];
const sent = (index: number): { url: string; body: Record<string, unknown> } => {
    const [url, body] = vi.mocked(post).mock.calls[index]!;
    return { url, body: body as Record<string, unknown> };
};

describe('the open composition', () => {
    beforeEach(async () => {
        vi.mocked(get)
            .mockReset()
            .mockResolvedValue(opened([bar('a'), bar('b')]));
        vi.mocked(post).mockReset();
        await useComposition().open(7);
    });

    it('shows what an edit made of it, by the patch in the answer', async () => {
        const composition = useComposition();
        const before = composition.document;
        vi.mocked(post).mockResolvedValue(answered(5, rename('Lower bar') as never));
        expect(await composition.edit('rename-layer', { layer: 'a', name: 'Lower bar' })).toBe(true);
        expect(sent(0)).toMatchObject({ url: '/compositions/7/edits', body: { edit: 'rename-layer', revision: 4 } });
        expect(composition.layers.map((layer) => layer.name)).toEqual(['Lower bar', 'b']);
        expect(composition.revision).toBe(5);
        expect(composition.history.undo).toBe('rename layer');
        // Patched into a new document, never in place.
        expect(before?.layers?.[0]?.name).toBe('a');
    });

    it('sends one edit after the other, each on the revision before it', async () => {
        const composition = useComposition();
        const first = deferred<unknown>();
        vi.mocked(post).mockReturnValueOnce(first.promise).mockResolvedValueOnce(answered(6));
        const one = composition.edit('rename-layer', { layer: 'a', name: 'x' });
        const two = composition.edit('rename-layer', { layer: 'b', name: 'y' });
        await vi.waitFor(() => expect(post).toHaveBeenCalled());
        expect(post).toHaveBeenCalledTimes(1);
        first.resolve(answered(5));
        await Promise.all([one, two]);
        expect(sent(1).body.revision).toBe(5);
        expect(composition.revision).toBe(6);
    });

    it('says why an edit was refused, and stays as it was', async () => {
        const composition = useComposition();
        const before = composition.document;
        vi.mocked(post).mockRejectedValue(new Failure('130 is outside 0..100', 422, {}));
        expect(await composition.edit('set-values', { frame: 0, values: [] })).toBe(false);
        expect(composition.problem).toBe('130 is outside 0..100');
        expect(composition.document).toBe(before);
        expect(composition.saved).toBe('saved');
        // A field that says so itself keeps it from being said twice.
        composition.problem = null;
        expect(await composition.ask('set-values', { frame: 0, values: [] })).toBe('130 is outside 0..100');
        expect(composition.problem).toBeNull();
    });

    it('says that nothing was kept while the server is away', async () => {
        const composition = useComposition();
        vi.mocked(post).mockRejectedValueOnce(new Failure('The server does not answer.', 0, null));
        await composition.edit('rename-layer', { layer: 'a', name: 'b' });
        expect(composition.saved).toBe('unsaved');
        vi.mocked(post).mockResolvedValueOnce(answered(5));
        await composition.edit('rename-layer', { layer: 'a', name: 'b' });
        expect(composition.saved).toBe('saved');
    });

    it('takes in what it missed when its revision is stale', async () => {
        const composition = useComposition();
        const missed = { changes: [{ revision: 5, patch: rename('Elsewhere') }], history: { undo: 'x', redo: null } };
        vi.mocked(post).mockRejectedValue(new Failure('stale', 409, missed));
        expect(await composition.edit('remove-layers', { layers: ['b'] })).toBe(false);
        expect(composition.revision).toBe(5);
        expect(composition.layers.map((layer) => layer.name)).toEqual(['Elsewhere', 'b']);
        expect(composition.problem).toContain('changed in another window');
    });

    it('takes in its own change once, even where following was quicker than the answer', async () => {
        const composition = useComposition();
        const added = [{ op: 'add', path: '/layers/2', value: bar('c') }];
        const late = deferred<unknown>();
        vi.mocked(post).mockReturnValueOnce(late.promise);
        const editing = composition.edit('add-layer', { layer: {} });
        vi.mocked(get).mockResolvedValueOnce({
            changes: [{ revision: 5, patch: added }],
            history: { undo: 'add layer', redo: null },
        });
        await composition.follow();
        late.resolve(answered(5, added as never));
        await editing;
        expect(composition.layers.map((layer) => layer.id)).toEqual(['a', 'b', 'c']);
        expect(composition.revision).toBe(5);
    });

    it('follows another window, and leaves out changes that do not follow on', async () => {
        const composition = useComposition();
        const history = { undo: null, redo: 'move' };
        vi.mocked(get).mockResolvedValueOnce({ changes: [{ revision: 9, patch: rename('Too late') }], history });
        await composition.follow();
        expect(composition.revision).toBe(4);
        vi.mocked(get).mockResolvedValueOnce({ changes: [{ revision: 5, patch: rename('Next') }], history });
        await composition.follow();
        expect(composition.layers[0]?.name).toBe('Next');
        expect(composition.history.redo).toBe('move');
    });

    it('shows a bundle anew when another composition was changed, and nothing else', async () => {
        const composition = useComposition();
        const told = { changes: [], history: { undo: null, redo: null }, projectRevision: 1 };
        vi.mocked(get).mockResolvedValueOnce({ ...told, work: 10 });
        await composition.follow();
        expect(composition.placed).toBe(0);
        const bundle = { ...bar('b'), kind: 'bundle', composition: 'c2' } as unknown as Layer;
        vi.mocked(get).mockResolvedValueOnce(opened([bundle]));
        await composition.open(7);
        for (const [work, times] of [
            [9, 0],
            [11, 1],
            [11, 1],
        ] as const) {
            vi.mocked(get).mockResolvedValueOnce({ ...told, work });
            await composition.follow();
            expect(composition.placed).toBe(times);
        }
    });
});

describe('trying while something is dragged', () => {
    beforeEach(async () => {
        vi.mocked(get)
            .mockReset()
            .mockResolvedValue(opened([bar('a')]));
        vi.mocked(post).mockReset();
        await useComposition().open(7);
    });

    it('lets only the latest wait for the answer before it', async () => {
        const composition = useComposition();
        const first = deferred<unknown>();
        vi.mocked(post)
            .mockReturnValueOnce(first.promise)
            .mockResolvedValue(tried(4, rename('c') as never));
        const running = composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [1, 0] });
        void composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [2, 0] });
        void composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [3, 0] });
        first.resolve(tried(4, rename('b') as never));
        await running;
        expect(post).toHaveBeenCalledTimes(2);
        expect(sent(1).body).toMatchObject({ args: { by: [3, 0] } });
        expect(composition.layers[0]?.name).toBe('c');
        expect(composition.document?.layers?.[0]?.name).toBe('a');
    });

    it('paints the picture first, and tells of layers once it is there', async () => {
        const composition = useComposition();
        const inspections = [{ layer: 'a' }] as never;
        vi.mocked(post).mockResolvedValue({
            ...tried(4, rename('b') as never),
            by: 3,
            glimpse: glimpse({ inspections, poses: [{ layer: 'a' }] as never }),
        });
        composition.glimpse = glimpse();
        await composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] }, 'picture');
        expect(composition.glimpse?.poses).toHaveLength(1);
        expect(composition.glimpse?.inspections).toEqual([]);
        expect(composition.layers[0]?.name).toBe('a');
        await vi.waitFor(() => expect(composition.layers[0]?.name).toBe('b'));
        expect(composition.glimpse?.inspections).toEqual(inspections);
        expect(composition.by).toBe(3);
    });

    it('tells nothing more of what was tried once it is done', async () => {
        const composition = useComposition();
        vi.mocked(post)
            .mockResolvedValueOnce(tried(4, rename('b') as never))
            .mockResolvedValueOnce(answered(5));
        await composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] }, 'picture');
        await composition.edit('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] });
        await new Promise((done) => setTimeout(done, 60));
        expect(composition.draft).toBeNull();
    });

    it('shows what is kept again when the drag is given up', async () => {
        const composition = useComposition();
        vi.mocked(post).mockResolvedValue(tried(4, rename('b') as never));
        await composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] });
        expect(composition.layers[0]?.name).toBe('b');
        composition.abandon();
        expect(composition.layers[0]?.name).toBe('a');
    });

    it('takes no notice of an answer that comes after the drag has ended', async () => {
        const composition = useComposition();
        const late = deferred<unknown>();
        vi.mocked(post).mockReturnValueOnce(late.promise).mockResolvedValueOnce(answered(5));
        const trying = composition.attempt('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] });
        await composition.edit('drag-layers', { layers: ['a'], frame: 0, by: [0, 0] });
        late.resolve(tried(4, rename('late') as never));
        await trying;
        expect(composition.layers[0]?.name).toBe('a');
        expect(composition.draft).toBeNull();
    });
});
