import { droppedFiles, sequencesIn } from '@/project/sequences';
import { describe, expect, it } from 'vitest';
import { Paths } from '@/picture/paths';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useSelection } from '@/project/selection';
import { bar, withLayers } from './world';

describe('the selection', () => {
    it('names keyframes as edits do, by property', () => {
        const selection = useSelection();
        selection.layers = ['a', 'b'];
        selection.beads = [
            { layer: 'a', property: 'position', frame: 3 },
            { layer: 'b', property: 'opacity', frame: 3 },
            { layer: 'a', property: 'position', frame: 9 },
        ];
        expect(selection.keyframes).toEqual([
            { layer: 'a', property: 'position', frames: [3, 9] },
            { layer: 'b', property: 'opacity', frames: [3] },
        ]);
    });

    it('of very many layers has none inspected', () => {
        const selection = useSelection();
        selection.layers = Array.from({ length: 12 }, (_, index) => `l${index}`);
        expect(selection.inspected).toHaveLength(12);
        selection.toggle('one too many');
        expect(selection.inspected).toEqual([]);
    });

    it('lets go of what is no longer there, its keyframes too', () => {
        const selection = useSelection();
        selection.layers = ['a', 'b'];
        selection.beads = [
            { layer: 'a', property: 'opacity', frame: 1 },
            { layer: 'b', property: 'opacity', frame: 2 },
        ];
        selection.keepOnly(['b', 'c']);
        expect(selection.layers).toEqual(['b']);
        expect(selection.beads.map((bead) => bead.layer)).toEqual(['b']);
    });

    it('keeps the keyframes of layers that stay selected', () => {
        const selection = useSelection();
        selection.layers = ['a', 'b'];
        selection.beads = [{ layer: 'a', property: 'opacity', frame: 1 }];
        selection.toggle('b');
        expect(selection.beads).toHaveLength(1);
        selection.toggle('a');
        expect(selection.beads).toHaveLength(0);
        expect(selection.layers).toEqual([]);
    });
});

describe('the playhead', () => {
    it('stays inside the composition, on whole frames', () => {
        withLayers([]);
        const playhead = usePlayhead();
        playhead.go(12.4);
        expect(playhead.frame).toBe(12);
        playhead.go(900);
        expect(playhead.frame).toBe(249);
        playhead.go(-3);
        expect(playhead.frame).toBe(0);
    });

    it('plays from the first to the last frame of its range', () => {
        withLayers([]);
        const playhead = usePlayhead();
        expect([playhead.from, playhead.last]).toEqual([0, 249]);
        playhead.go(20);
        playhead.setIn();
        playhead.go(60);
        playhead.setOut();
        expect([playhead.from, playhead.last]).toEqual([20, 60]);
        // An in point behind the out point, or the reverse, opens the other end.
        playhead.go(80);
        playhead.setIn();
        expect([playhead.from, playhead.last]).toEqual([80, 249]);
        playhead.go(10);
        playhead.setOut();
        expect([playhead.from, playhead.last]).toEqual([0, 10]);
        playhead.clearRange();
        expect([playhead.from, playhead.last]).toEqual([0, 249]);
    });

    it('knows exact rates', () => {
        withLayers([], { rate: '30000/1001' });
        expect(usePlayhead().framesPerSecond).toBeCloseTo(29.97003, 5);
    });

    it('is waited for while a time that was typed is worked out, however that ends', async () => {
        withLayers([bar('a')]);
        const playhead = usePlayhead();
        let say: (frame: number) => void = () => {};
        const went = playhead.goWhenKnown(new Promise((resolve) => (say = resolve)));
        let isThere = false;
        const waited = playhead.there().then(() => (isThere = true));
        await Promise.resolve();
        expect([isThere, playhead.frame]).toEqual([false, 0]);
        say(12);
        await went;
        await waited;
        expect([isThere, playhead.frame]).toEqual([true, 12]);
        await expect(playhead.goWhenKnown(Promise.reject(new Error('no time')))).rejects.toThrow('no time');
        await playhead.there();
        expect(playhead.frame).toBe(12);
    });
});

describe('scopes', () => {
    it('are set for one property of one layer', () => {
        withLayers([bar('a')]);
        const scopes = useScopes();
        scopes.toggle('a', 'position');
        expect(scopes.scope('a', 'position')).toBe('whole');
        expect(scopes.scope('a', 'opacity')).toBe('playhead');
        expect(scopes.scope('b', 'position')).toBe('playhead');
        scopes.toggle('a', 'position');
        expect(scopes.isWhole('a', 'position')).toBe(false);
    });
});

describe('paths', () => {
    it('are learnt once, and can be named to the server', () => {
        const paths = new Paths();
        paths.learn({ one: 'M0 0', two: 'M1 1' });
        paths.learn({ one: 'something else' });
        expect(paths.keys()).toEqual(['one', 'two']);
    });

    it('lie within a box around their points and handles', () => {
        const paths = new Paths();
        paths.learn({ bent: 'M-240 -60L240.5 -60C300 1.5e-3 20 -75 10 60Z', none: '' });
        expect(paths.bounds('bent')).toEqual([-240, -75, 300, 60]);
        expect(paths.bounds('none')).toEqual([Infinity, Infinity, -Infinity, -Infinity]);
    });
});

describe('numbered pictures', () => {
    const named = (...names: string[]): File[] => names.map((name) => new File(['x'], name));

    it('are one clip from four on, by what their names have in common', () => {
        const files = named('b_2.png', 'b_10.png', 'b_9.png', 'b_11.png', 'photo1.jpg', 'photo2.jpg', 'street.mp4');
        const { single, sequences } = sequencesIn(files);
        expect(single.map((file) => file.name)).toEqual(['photo1.jpg', 'photo2.jpg', 'street.mp4']);
        expect(sequences.map((one) => [one.name, one.files.length])).toEqual([['b_2–11.png', 4]]);
    });

    it('of two kinds are two clips', () => {
        const numbers = [1, 2, 3, 4];
        const files = named(...numbers.map((n) => `a${n}.png`), ...numbers.map((n) => `a${n}.JPG`));
        expect(sequencesIn(files).sequences.map((one) => one.name)).toEqual(['a1–4.png', 'a1–4.jpg']);
    });

    it('are found in folders that are dropped', async () => {
        const file = (name: string) => ({
            isFile: true,
            file: (give: (file: File) => void) => give(new File(['x'], name)),
        });
        const folder = (...parts: object[][]) => ({
            isFile: false,
            createReader: () => {
                const left = [...parts, []];
                return { readEntries: (give: (entries: object[]) => void) => give(left.shift()!) };
            },
        });
        const dropped = [folder([file('a1.png'), file('.hidden')], [folder([file('a2.png')])]), file('b.mp4')];
        const data = { items: dropped.map((entry) => ({ webkitGetAsEntry: () => entry })), files: [] };
        const found = await droppedFiles(data as unknown as DataTransfer);
        expect(found.map((one) => one.name)).toEqual(['a1.png', 'a2.png', 'b.mp4']);
    });
});
