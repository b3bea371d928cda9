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
        for (const frame of [3, 9]) {
            selection.toggleBead({ layer: 'a', property: 'position', frame });
        }
        selection.toggleBead({ layer: 'b', property: 'opacity', frame: 3 });
        expect(selection.keyframes).toEqual([
            { layer: 'a', property: 'position', frames: [3, 9] },
            { layer: 'b', property: 'opacity', frames: [3] },
        ]);
        selection.toggleBead({ layer: 'a', property: 'position', frame: 3 });
        expect(selection.keyframes[0]).toEqual({ layer: 'a', property: 'position', frames: [9] });
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
});
