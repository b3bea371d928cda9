import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import { useRowWindow } from '@/timeline/rowWindow';

const HEIGHT = 30;

function scrolled(count: number, heightOf: (row: number) => number = () => HEIGHT) {
    const rows = ref(Array.from({ length: count }, (_, number) => ({ key: `l${number}`, number })));
    const window = useRowWindow(rows, ({ number }) => heightOf(number), HEIGHT);
    const element = { scrollTop: 0, clientHeight: 120 };
    window.body.value = element as unknown as HTMLElement;
    const to = (top: number): void => {
        element.scrollTop = top;
        window.onScroll();
    };
    const seen = (): Map<number, number> => new Map(window.slots.value.map(({ row, slot }) => [row.number, slot]));
    return { rows, window, element, to, seen };
}

describe('the rows that are seen', () => {
    it('are a few of many, each at its height', () => {
        const { window, to } = scrolled(500);
        expect(window.total.value).toBe(15000);
        to(3000);
        const rows = window.slots.value;
        expect(rows.length).toBeLessThan(20);
        expect(Math.min(...rows.map(({ row }) => row.number))).toBe(94);
        expect(rows.every(({ row, top }) => top === HEIGHT * row.number)).toBe(true);
    });

    it('keep their places; one that comes in takes the place of the one that went out', () => {
        const { to, seen } = scrolled(500);
        to(3000);
        const before = seen();
        to(3000 + 2 * HEIGHT);
        const after = seen();
        const stayed = [...before].filter(([row]) => after.has(row));
        expect(stayed.length).toBe(before.size - 2);
        expect(stayed.every(([row, slot]) => after.get(row) === slot)).toBe(true);
        expect([...after.values()].toSorted()).toEqual([...before.values()].toSorted());
    });

    it('keep their places when others between them come or go', () => {
        const { rows, seen } = scrolled(10);
        const before = seen();
        rows.value = rows.value.filter(({ number }) => number !== 1 && number !== 2);
        const after = seen();
        expect(after.size).toBe(8);
        expect([...after].every(([row, slot]) => before.get(row) === slot)).toBe(true);
        rows.value = [{ key: 'l10', number: 10 }, ...rows.value];
        expect(seen().get(10)).toBe(before.get(1));
        // They are gone through with the keyboard in the order in which they lie.
        expect([...seen().keys()]).toEqual([10, 0, 3, 4, 5, 6, 7, 8, 9]);
    });

    it('end with the last, however far it is scrolled', () => {
        const { to, seen } = scrolled(40);
        to(9999);
        expect(Math.max(...seen().keys())).toBe(39);
        expect(scrolled(3).seen().size).toBe(3);
        expect(scrolled(0).seen().size).toBe(0);
    });

    it('may be of several heights, and are brought into sight', () => {
        const { window, element, to } = scrolled(100, (row) => (row === 2 ? 150 : HEIGHT));
        expect(window.total.value).toBe(3120);
        expect(window.slots.value.find(({ row }) => row.number === 3)?.top).toBe(210);
        window.show(1);
        expect(element.scrollTop).toBe(0);
        window.show(50);
        expect(element.scrollTop).toBe(50 * HEIGHT + 120);
        to(0);
        window.show(-1);
        expect(element.scrollTop).toBe(0);
    });
});
