import { describe, expect, it } from 'vitest';
import { KeepingUp } from '@/picture/keepingUp';

/** Draws pictures so many milliseconds after one another. */
function play(keeping: KeepingUp, gaps: number[], rate = 25): number {
    let now = 1000;
    keeping.drawn(now, rate);
    for (const gap of gaps) {
        now += gap;
        keeping.drawn(now, rate);
    }
    return keeping.samples;
}

const times = (count: number, gap: number): number[] => Array.from({ length: count }, () => gap);

describe('keeping up', () => {
    it('draws motion blur as finely as it can while pictures are in time', () => {
        expect(play(new KeepingUp(), times(100, 40))).toBe(8);
        // A screen shows frames when it can, a little sooner or later.
        expect(play(new KeepingUp(), [33, 50, 33, 50, 33, 50, 33, 50])).toBe(8);
        expect(play(new KeepingUp(), times(50, 17), 120)).toBe(8);
    });

    it('lets a picture be late now and then, and draws less where many are', () => {
        expect(play(new KeepingUp(), [80, ...times(9, 40), 80, ...times(9, 40), 80, ...times(9, 40)])).toBe(8);
        expect(play(new KeepingUp(), times(3, 80))).toBe(4);
        expect(play(new KeepingUp(), times(6, 80))).toBe(2);
        expect(play(new KeepingUp(), times(60, 80))).toBe(2);
    });

    it('takes no pause for a late picture, and keeps what it has learnt until something changes', () => {
        const keeping = new KeepingUp();
        play(keeping, times(3, 80));
        keeping.stopped();
        expect(play(keeping, times(20, 40))).toBe(4);
        play(keeping, [40, 80, 40, 80]);
        keeping.stopped();
        expect(play(keeping, [80, 40, 40])).toBe(4);
        keeping.forget();
        expect(keeping.samples).toBe(8);
    });
});
