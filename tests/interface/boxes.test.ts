import { beforeAll, describe, expect, it } from 'vitest';
import type { Filter, Group, Operation } from '@/api/displayList.gen';
import { hasOneSize, onCanvas, seenOf, seenOfGroup } from '@/picture/boxes';
import { SMALL_DEVIATION, stepOf, stepOfBlur } from '@/picture/filters';
import { Paths } from '@/picture/paths';

const paths = new Paths();
const bar: Operation = { op: 'fill', path: 'bar', matrix: [2, 0, 0, 1, 10, 20], colour: '#ffffff' };
const group = (more: Partial<Group>): Group => ({ op: 'group', opacity: 1, items: [bar], ...more });

beforeAll(() => paths.learn({ bar: 'M0 0L100 0L100 50L0 50Z', window: 'M5 5L25 5L25 25L5 25Z' }));

describe('where something is seen', () => {
    it('is a box around all of it', () => {
        const line: Operation = {
            op: 'stroke',
            path: 'bar',
            matrix: [1, 0, 0, 1, 0, 0],
            width: 3,
            join: 'miter',
            colour: '#000000',
        };
        expect(seenOf([bar], paths)).toEqual([10, 20, 210, 70]);
        expect(seenOf([bar, line], paths)).toEqual([-6, -6, 210, 70]);
    });

    it('is what a group says it can touch, where filters are done to it, and no more than what it is cut to', () => {
        const blur = { filter: 'blur' as const, deviation: 4 };
        const box: [number, number, number, number] = [-2, 8, 222, 82];
        expect(seenOfGroup(group({ filters: [blur], extent: box }), paths)).toEqual(box);
        expect(seenOf([bar, group({ filters: [blur], extent: box })], paths)).toEqual(box);
        expect(seenOfGroup(group({ filters: [blur], extent: box, clip: 'window' }), paths)).toEqual([5, 5, 25, 25]);
    });

    it('is drawn from a multiple of a step, within the canvas', () => {
        const view = { scale: 0.5, x: 40, y: -30 };
        expect(onCanvas([10, 20, 210, 70], view, 640, 360)).toEqual([44, 0, 102, 6]);
        expect(onCanvas([10, 20, 210, 70], view, 640, 360, 32)).toEqual([32, 0, 128, 32]);
    });
});

describe('a wide blur', () => {
    it('is done to a smaller picture, unless it is too narrow', () => {
        expect(stepOfBlur(3.4)).toBeNull();
        expect(stepOfBlur(5)).toBeCloseTo(2.0, 2);
        expect(stepOfBlur(30)).toBeCloseTo(12.0, 2);
    });

    it('is done so after a silhouette, but not after what tells colours apart', () => {
        const blur = { filter: 'blur' as const, deviation: 10 };
        const values = (more: Record<number, number>): number[] => [...Array(20)].map((_, index) => more[index] ?? 0);
        const matrix = (more: Record<number, number>): Filter =>
            ({ filter: 'matrix', values: values(more) }) as unknown as Filter;
        expect(stepOf([matrix({ 4: 0.2, 18: 0.6 }), blur], 0.5)).toBe(stepOfBlur(5));
        expect(stepOf([matrix({ 15: 0.3 }), blur], 0.5)).toBeNull();
        expect(stepOf([blur, matrix({ 18: 0.6 })], 0.5)).toBeNull();
    });

    it('leaves as much blur as it should, with what making it smaller and larger adds', () => {
        const step = stepOfBlur(10)!;
        const [box, tent] = [(step ** 2 - 1) / 12, step ** 2 / 6];
        expect((step * SMALL_DEVIATION) ** 2 + box + tent).toBeCloseTo(100, 9);
    });

    it('is not where there is grain or a warp, however deep', () => {
        const grain: Operation = {
            ...bar,
            gradient: { type: 'grain', matrix: [1, 0, 0, 1, 0, 0], seed: 1, amount: 0.5 },
        };
        const corners: [number, number, number, number, number, number, number, number] = [0, 0, 1, 0, 0, 1, 1, 1];
        expect(hasOneSize([bar, group({})])).toBe(false);
        expect(hasOneSize([group({ items: [group({ items: [grain] })] })])).toBe(true);
        expect(hasOneSize([group({ filters: [{ filter: 'warp', columns: 1, from: corners, to: corners }] })])).toBe(
            true,
        );
        expect(hasOneSize([group({ masks: [{ mode: 'add', inverted: false, items: [grain] }] })])).toBe(true);
    });
});
