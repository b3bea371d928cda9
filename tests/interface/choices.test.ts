import { provide } from 'vue';
import { routerKey, type Router } from 'vue-router';
import { beforeEach, describe, expect, it } from 'vitest';
import { pathThrough, useDrawing, type PenPoint } from '@/picture/drawing';
import { useWithin } from '@/project/within';
import { useVocabulary } from '@/project/vocabulary';
import { useRenderChoice } from '@/shell/renderChoice';
import { useProject } from '@/project/project';
import { usePlayhead } from '@/project/playhead';
import type { FormatChoice } from '@/api/answers';
import type { Bundle } from '@/project/playing';
import { bar, inComponent, withLayers } from './world';

const format = (name: string, premultiplies: boolean): FormatChoice =>
    ({ name, title: name, premultiplies }) as FormatChoice;

describe('choices for rendering', () => {
    beforeEach(() => {
        localStorage.clear();
        useVocabulary().words.formats = [format('mp4', false), format('mov', true)];
    });

    it('are kept under names, in place of what a name stood for, and taken again', () => {
        const choice = useRenderChoice();
        [choice.name, choice.quality, choice.scale] = ['mov', 'best', 0.5];
        choice.keep('For the editor');
        [choice.name, choice.quality, choice.scale] = ['mp4', 'small', 1];
        choice.keep('To look at');
        choice.take(choice.presets[0]!);
        expect(choice.wanted).toEqual({ format: 'mov', quality: 'best', scale: 0.5 });
        choice.scale = 2;
        choice.keep('For the editor');
        expect(choice.presets.map(({ title, scale }) => [title, scale])).toEqual([
            ['To look at', 1],
            ['For the editor', 2],
        ]);
        choice.forget('To look at');
        expect(choice.presets).toHaveLength(1);
    });

    it('ask for premultiplied colours only where the format takes them', () => {
        const choice = useRenderChoice();
        choice.premultiplied = true;
        choice.name = 'mov';
        expect(choice.wanted).toMatchObject({ premultiplied: true });
        choice.name = 'mp4';
        expect(choice.wanted).not.toHaveProperty('premultiplied');
    });
});

describe('a path that is drawn', () => {
    it('is what was drawn, or nothing where it is given up or begun anew', async () => {
        const drawing = useDrawing();
        const given = drawing.draw(true);
        expect([drawing.active, drawing.mustClose]).toEqual([true, true]);
        drawing.points.push({ at: [1, 2] }, { at: [3, 4] }, { at: [5, 0] });
        const again = drawing.draw(false);
        expect(await given).toBeNull();
        expect([drawing.points, drawing.mustClose]).toEqual([[], false]);
        drawing.finish!('M0 0L1 1');
        expect(await again).toBe('M0 0L1 1');
        expect(drawing.active).toBe(false);
        drawing.drawByHand();
        expect([drawing.active, drawing.pen]).toEqual([true, false]);
    });

    it('goes through its points, bent as they were pulled', () => {
        const points = [{ at: [0, 0] }, { at: [10, 0], out: [14, 3] }, { at: [20, 10.25] }] as PenPoint[];
        // The handle that leads to a point lies across from the one that was pulled.
        expect(pathThrough(points, false)).toBe('M0 0C0 0 6 -3 10 0C14 3 20 10.25 20 10.25');
        expect(pathThrough([points[0]!, points[2]!], true)).toBe('M0 0L20 10.25L0 0Z');
    });
});

describe('the way into bundles', () => {
    it('remembers through which one, and where the playhead was', () => {
        sessionStorage.clear();
        withLayers([bar('a')]);
        useProject().compositions = [
            { id: 7, key: 'c', folder: null, name: 'Lower third' },
            { id: 8, key: 'inner', folder: null, name: 'Name bar' },
        ];
        usePlayhead().frame = 40;
        const { result: within } = inComponent(
            () => useWithin(),
            () => provide(routerKey, { push: () => Promise.resolve() } as unknown as Router),
        );
        within.enter({ id: 'l3', kind: 'bundle', composition: 'inner' } as Bundle);
        expect(within.entered).toEqual({ composition: 7, layer: 'l3', frame: 40, inside: 0 });
        expect(within.outer.map(({ name }) => name)).toEqual(['Lower third']);
        // A composition that is gone leads nowhere.
        within.enter({ id: 'l3', kind: 'bundle', composition: 'nowhere' } as Bundle);
        expect(within.outer).toHaveLength(1);
    });
});
