import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { grainPixels } from '@/picture/grain';
import { MOVED } from '@/shell/pointer';
import { ref, type App } from 'vue';
import type { Corner, Media, Pose } from '@/api/answers';
import type { DisplayList } from '@/api/displayList.gen';
import { streamLists } from '@/api/stream';
import { usePaths } from '@/picture/paths';
import { useDragging } from '@/picture/dragging';
import { inside, poseAt } from '@/picture/hit';
import { imagesOf, useFrameLists } from '@/picture/frameLists';
import { useVocabulary } from '@/project/vocabulary';
import { PictureStore } from '@/picture/pictures';
import { usePictureView, type PictureView } from '@/picture/view';
import { useScopes } from '@/project/scopes';
import { useSelection } from '@/project/selection';
import { useProject } from '@/project/project';
import { bar, inComponent, pointer, withLayers } from './world';

/** An area of 992 × 572 pixels: the composition of 1920 × 1080 is fitted at half its size, 16 pixels from the edges. */
vi.mock('@vueuse/core', async (original) => ({
    ...(await original<typeof import('@vueuse/core')>()),
    useElementSize: () => ({ width: ref(992), height: ref(572) }),
}));

let app: App | null = null;
afterEach(() => app?.unmount());

function mounted<T>(setup: () => T): T {
    const made = inComponent(setup);
    app = made.app;
    return made.result;
}

const pose = (layer: string, corners: Corner[], seen = true): Pose => ({
    layer,
    seen,
    corners: corners as Pose['corners'],
    box: [0, 0, 1, 1],
    anchor: [0, 0],
    pulls: 'scale',
});

describe('what is under the pointer', () => {
    const diamond: Corner[] = [
        [50, 0],
        [100, 50],
        [50, 100],
        [0, 50],
    ];

    it('is told by the corners of what is turned', () => {
        expect(inside([50, 50], diamond)).toBe(true);
        expect(inside([26, 26], diamond)).toBe(true);
        expect(inside([10, 10], diamond)).toBe(false);
        expect(inside([120, 50], diamond)).toBe(false);
        // A mirrored layer has its corners the other way round.
        expect(inside([26, 26], diamond.toReversed())).toBe(true);
    });

    it('is the topmost layer that is seen', () => {
        const poses = [pose('low', diamond), pose('high', diamond), pose('hidden', diamond, false)];
        expect(poseAt([50, 50], poses)?.layer).toBe('high');
        expect(poseAt([1, 1], poses)).toBeUndefined();
    });
});

describe('how the picture lies on the screen', () => {
    it('is fitted in the middle, and goes to and fro without loss', () => {
        withLayers([]);
        const view = mounted(() => usePictureView(ref(null)));
        expect(view.view.value).toEqual({ scale: 0.5, x: 16, y: 16 });
        expect(view.toScreen([960, 540])).toEqual([496, 286]);
        expect(view.toComposition([496, 286])).toEqual([960, 540]);
    });

    it('zooms to the pointer', () => {
        withLayers([]);
        const view = mounted(() => usePictureView(ref(null)));
        view.zoomBy(4, [100, 200]);
        expect(view.view.value.scale).toBe(2);
        expect(view.toComposition([100, 200])).toEqual([168, 368]);
        view.panBy(10, -4);
        expect(view.toComposition([110, 196])).toEqual([168, 368]);
        view.zoomBy(1e6, [0, 0]);
        expect(view.view.value.scale).toBe(16);
        view.fit();
        expect(view.view.value.scale).toBe(0.5);
    });
});

describe('dragging in the picture', () => {
    function drag(kind: 'move' | 'turn' | 'right' | 'anchor', path: Corner[], options: PointerEventInit = {}) {
        const composition = withLayers([bar('a')]);
        const attempt = vi.spyOn(composition, 'attempt').mockReset().mockResolvedValue();
        const edit = vi.spyOn(composition, 'edit').mockReset().mockResolvedValue(true);
        useSelection().select('a');
        const area = document.createElement('div');
        const { begin, grip } = mounted(() => {
            const view: PictureView = usePictureView(ref(null));
            return useDragging(ref(area), view);
        });
        const [first, ...rest] = path.map(([x, y]) => pointer(MOVED, x, y, options));
        begin(kind, pose('a', []), first!);
        rest.forEach((event) => window.dispatchEvent(event));
        const dragging = grip.value;
        const [x, y] = path.at(-1)!;
        window.dispatchEvent(pointer('pointerup', x, y, options));
        return { attempt, edit: edit.mock.calls[0], dragging };
    }

    it('says how far it went in composition pixels, and is one edit', () => {
        const { attempt, edit, dragging } = drag('move', [
            [100, 100],
            [110, 100],
            [150, 125],
        ]);
        expect(dragging).toBe('move');
        expect(attempt).toHaveBeenCalledTimes(2);
        expect(edit).toEqual([
            'drag-layers',
            { frame: 0, scope: 'playhead', layers: ['a'], by: [100, 50], straight: false, snap: 12 },
        ]);
    });

    it('is a click until it has gone three pixels', () => {
        const { edit, attempt } = drag('move', [
            [100, 100],
            [102, 101],
        ]);
        expect(edit).toBeUndefined();
        expect(attempt).not.toHaveBeenCalled();
    });

    it('is constrained with Shift, free of guides with Alt, and shifts the whole animation with Ctrl', () => {
        const there: Corner[] = [
            [100, 100],
            [150, 120],
        ];
        expect(drag('move', there, { shiftKey: true }).edit?.[1]).toMatchObject({ straight: true });
        expect(drag('move', there, { altKey: true }).edit?.[1]).toMatchObject({ snap: 0, by: [100, 40] });
        expect(drag('move', there, { ctrlKey: true }).edit?.[1]).toMatchObject({ scope: 'whole' });
        expect(drag('right', there, { shiftKey: true, altKey: true }).edit).toEqual([
            'pull-handle',
            {
                frame: 0,
                scope: 'playhead',
                layer: 'a',
                handle: 'right',
                by: [100, 40],
                centred: true,
                proportional: true,
                snap: 0,
            },
        ]);
    });

    it('goes by the toggle beside the value that it changes', () => {
        useScopes().toggle('a', 'rotation');
        const path: Corner[] = [
            [100, 100],
            [150, 120],
            [150, 150],
        ];
        expect(drag('turn', path).edit).toEqual([
            'turn-layer',
            {
                frame: 0,
                scope: 'whole',
                layer: 'a',
                path: [
                    [168, 168],
                    [268, 208],
                    [268, 268],
                    [268, 268],
                ].slice(0, 3),
                snap: false,
            },
        ]);
        expect(drag('anchor', path).edit?.[1]).toMatchObject({ scope: 'playhead', to: [268, 268] });
    });
});

describe('display lists', () => {
    const list = (frame: number, path = ''): string =>
        JSON.stringify({ frame, paths: path ? { [path]: 'M0 0' } : {}, items: [] });

    /** A stream of these pieces, which are cut wherever they please. */
    function answers(pieces: string[], revision = 4): void {
        const bytes = pieces.map((piece) => new TextEncoder().encode(piece));
        vi.spyOn(globalThis, 'fetch').mockImplementation(
            async () =>
                new Response(
                    new ReadableStream({
                        start(controller) {
                            bytes.forEach((piece) => controller.enqueue(piece));
                            controller.close();
                        },
                    }),
                    { headers: { 'X-Revision': String(revision) } },
                ),
        );
    }

    it('are read line by line, wherever the pieces were cut', async () => {
        const whole = `${list(0)}\n${list(1, 'é')}\n${list(2)}\n`;
        answers([whole.slice(0, 7), whole.slice(7, 55), whole.slice(55)]);
        const frames = [];
        for await (const { frame, line, revision } of streamLists(7, 0, 3, null, new AbortController().signal)) {
            frames.push([frame, (JSON.parse(line) as DisplayList).frame, revision]);
        }
        expect(frames).toEqual([
            [0, 0, 4],
            [1, 1, 4],
            [2, 2, 4],
        ]);
    });

    it('are asked for once, and forgotten with the revision that they are of', async () => {
        withLayers([]);
        const lists = useFrameLists();
        answers([`${list(0, 'told-first')}\n${list(1)}\n`]);
        await lists.want(0, 2);
        // Paths are known at once, though the list that tells them is read when it is looked at.
        expect(usePaths().keys()).toContain('told-first');
        expect(lists.at(1)?.frame).toBe(1);
        await lists.want(0, 2);
        expect(fetch).toHaveBeenCalledTimes(1);
        await lists.want(0, 5);
        expect(vi.mocked(fetch).mock.calls[1]?.[0]).toContain('from=2&to=5');
        lists.forget();
        expect(lists.at(1)).toBeUndefined();
        answers([`${list(0)}\n`], 3);
        await lists.want(0, 1);
        expect(lists.at(0)).toBeUndefined();
    });

    it('come in stretches side by side, the nearest first, and others when one goes elsewhere', async () => {
        withLayers([]);
        useVocabulary().words = { ...useVocabulary().words, cores: 2 };
        const lists = useFrameLists();
        const asked: { from: number; to: number; answer: () => void; signal: AbortSignal }[] = [];
        vi.spyOn(globalThis, 'fetch').mockImplementation((url, options) => {
            const [from, to] = [...String(url).matchAll(/(?:from|to)=(\d+)/g)].map((found) => Number(found[1]));
            return new Promise((resolve) => {
                const lines = Array.from({ length: to! - from! }, (_, index) => list(from! + index)).join('\n') + '\n';
                const answer = (): void => resolve(new Response(lines, { headers: { 'X-Revision': '4' } }));
                asked.push({ from: from!, to: to!, answer, signal: options!.signal! });
            });
        });
        const done = lists.want(0, 60);
        expect(asked.map(({ from, to }) => [from, to])).toEqual([
            [0, 6],
            [6, 18],
        ]);
        asked[0]!.answer();
        await vi.waitFor(() => expect(asked).toHaveLength(3));
        expect([asked[2]!.from, asked[2]!.to]).toEqual([18, 42]);
        expect(lists.at(5)?.frame).toBe(5);
        // Far on: what is on its way behind gives way, and few frames are asked for first again.
        void lists.want(200, 260);
        expect(asked.slice(1, 3).every(({ signal }) => signal.aborted)).toBe(true);
        expect(asked.slice(3).map(({ from, to }) => [from, to])).toEqual([
            [200, 206],
            [206, 218],
        ]);
        asked.slice(1).forEach(({ answer }) => answer());
        await done;
    });

    it('name the clip frames that they show, in groups too', () => {
        const image = { op: 'image', media: 'm1', frame: 3 } as never;
        const group = { op: 'group', opacity: 1, items: [image] } as never;
        expect(imagesOf([group, image]).map((one) => one.frame)).toEqual([3, 3]);
    });
});

describe('preview frames', () => {
    const clip = {
        id: 'm1',
        state: 'ready',
        prepared: 500,
        frames: 500,
        previews: '/storage/media/x',
        preview: { every: 1, type: 'jpg', height: 720, bytes: 0 },
    } as Media;
    const bitmap = (): ImageBitmap => ({ close: vi.fn() }) as unknown as ImageBitmap;

    beforeEach(() => {
        useProject().media = [clip];
        vi.spyOn(globalThis, 'fetch').mockImplementation(async () => new Response('jpeg'));
        vi.stubGlobal(
            'createImageBitmap',
            vi.fn(async () => bitmap()),
        );
    });

    it('are fetched by their number, once', async () => {
        const store = new PictureStore();
        await Promise.all([store.fetch('m1', 7), store.fetch('m1', 7)]);
        expect(fetch).toHaveBeenCalledExactlyOnceWith('/storage/media/x/frames/000007.jpg');
        expect(store.has('m1', 7)).toBe(true);
        expect(store.arrivals.value).toBe(1);
    });

    it('are late rather than absent: the nearest one before stands in', async () => {
        const store = new PictureStore();
        await store.fetch('m1', 7);
        expect(store.get('m1', 12)).not.toBeNull();
        expect(store.get('m1', 400)).toBeNull();
    });

    it('are let go of, the least used first', async () => {
        const store = new PictureStore();
        for (let frame = 0; frame < 220; frame++) {
            await store.fetch('m1', frame);
        }
        await store.fetch('m1', 0);
        await store.fetch('m1', 220);
        expect(store.has('m1', 0)).toBe(true);
        expect(store.has('m1', 1)).toBe(false);
    });

    it('are not asked for before they are prepared', async () => {
        useProject().media = [{ ...clip, state: 'preparing', prepared: 10 }];
        const store = new PictureStore();
        await store.fetch('m1', 9);
        await store.fetch('m2', 0);
        expect(fetch).not.toHaveBeenCalled();
        await store.fetch('m1', 8);
        expect(fetch).toHaveBeenCalledOnce();
    });

    it('of a long clip stand for several frames each', async () => {
        useProject().media = [{ ...clip, preview: { every: 4, type: 'webp', height: 720, bytes: 0 } }];
        const store = new PictureStore();
        await store.fetch('m1', 11);
        expect(fetch).toHaveBeenCalledExactlyOnceWith('/storage/media/x/frames/000002.webp');
        expect([store.has('m1', 8), store.has('m1', 11), store.has('m1', 12)]).toEqual([true, true, false]);
    });

    it('give way to the original where the picture stands still and more can be seen of it', async () => {
        useProject().media = [{ ...clip, number: 7, height: 1080 }];
        const store = new PictureStore();
        await store.originals.want([{ media: 'm1', frame: 3, scale: 0.5 }]);
        expect(fetch).not.toHaveBeenCalled();
        await store.originals.want([{ media: 'm1', frame: 3, scale: 1 }]);
        expect(vi.mocked(fetch).mock.calls[0]![0]).toBe('/api/media/7/frames/x/3');
        expect(store.get('m1', 3)).toBe(store.originals.get('m1', 3));
        expect(store.arrivals.value).toBe(1);
    });

    it('of a thinned preview give way to the frame itself at any size', async () => {
        useProject().media = [
            { ...clip, number: 7, height: 1080, preview: { every: 4, type: 'jpg', height: 720, bytes: 0 } },
        ];
        const store = new PictureStore();
        await store.originals.want([
            { media: 'm1', frame: 4, scale: 0.1 },
            { media: 'm1', frame: 5, scale: 0.1 },
        ]);
        expect(vi.mocked(fetch).mock.calls.map(([url]) => url)).toEqual(['/api/media/7/frames/x/5']);
    });
});

describe('grain', () => {
    it('is the same as the core throws it', () => {
        const pixels = grainPixels(7, 0.6);
        // Of the third row, as Grain::at has them.
        const [red, alpha] = [0, 3].map((channel) => [0, 1, 2, 3, 4].map((x) => pixels[4 * (2 * 128 + x) + channel]));
        expect(red).toEqual([0, 0, 255, 0, 0]);
        expect(alpha).toEqual([44, 27, 110, 3, 16]);
    });
});
