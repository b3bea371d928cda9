import { beforeEach, describe, expect, it } from 'vitest';
import { createPinia, setActivePinia } from 'pinia';
import { picked } from '@/project/picking';
import { useSelection } from '@/project/selection';

const LIST = ['a', 'b', 'c', 'd', 'e'];
const PLAIN = { shiftKey: false, ctrlKey: false, metaKey: false };
const CTRL = { ...PLAIN, ctrlKey: true };
const SHIFT = { ...PLAIN, shiftKey: true };

describe('a click in a list', () => {
    it('takes one alone, with Ctrl one more or one less', () => {
        expect(picked(['a', 'b'], 'a', 'd', LIST, PLAIN)).toEqual(['d']);
        expect(picked(['a', 'b'], 'a', 'd', LIST, CTRL)).toEqual(['a', 'b', 'd']);
        expect(picked(['a', 'b'], 'a', 'a', LIST, { ...PLAIN, metaKey: true })).toEqual(['b']);
    });

    it('takes all from the last one to here with Shift, and with Ctrl besides the others', () => {
        expect(picked(['b'], 'b', 'd', LIST, SHIFT)).toEqual(['b', 'c', 'd']);
        expect(picked(['a', 'd'], 'd', 'b', LIST, SHIFT)).toEqual(['d', 'c', 'b']);
        expect(picked(['a', 'd'], 'd', 'b', LIST, { ...SHIFT, ctrlKey: true })).toEqual(['a', 'd', 'c', 'b']);
    });

    it('adds with Shift where the last one is not in the list any more', () => {
        expect(picked(['x'], 'x', 'b', LIST, SHIFT)).toEqual(['x', 'b']);
    });
});

describe('the selection', () => {
    beforeEach(() => setActivePinia(createPinia()));

    it('keeps the layer from which Shift counts, until another is clicked', () => {
        const selection = useSelection();
        selection.listed = LIST;
        selection.take('b', PLAIN);
        selection.take('d', SHIFT);
        expect(selection.layers).toEqual(['b', 'c', 'd']);
        selection.take('a', SHIFT);
        expect(selection.layers).toEqual(['b', 'a']);
        selection.take('d', CTRL);
        selection.take('e', SHIFT);
        expect(selection.layers).toEqual(['d', 'e']);
    });

    it('takes beads of one thread from there to here, and leaves those of others', () => {
        const selection = useSelection();
        const bead = (frame: number, property = 'opacity') => ({ layer: 'a', property, frame });
        selection.takeBead(bead(4, 'scale'), [4], PLAIN);
        selection.takeBead(bead(0), [0, 10, 20, 30], CTRL);
        selection.takeBead(bead(20), [0, 10, 20, 30], SHIFT);
        expect(selection.beads).toEqual([bead(4, 'scale'), bead(0), bead(10), bead(20)]);
        selection.takeBead(bead(10), [0, 10, 20, 30], CTRL);
        expect(selection.beads).toEqual([bead(4, 'scale'), bead(0), bead(20)]);
        selection.takeBead(bead(30), [0, 10, 20, 30], PLAIN);
        expect(selection.beads).toEqual([bead(30)]);
    });
});
