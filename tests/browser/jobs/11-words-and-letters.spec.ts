import { type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];
const LENGTH = 100;

/** Large white words in the middle of black, with motion blur. */
async function words(page: Page, text: string): Promise<void> {
    await emptyComposition(page);
    await setLength(page, LENGTH);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => {
        await page.locator('[data-words]').fill(text);
        await page.locator('[data-words]').blur();
    });
    await setField(page, 'fill', 'Fill as hex', '#ffffff');
    await setField(page, 'typeSize', 'Type size', '90');
    await setField(page, 'position', 'Position y', '560');
    await kept(page, () => page.getByRole('button', { name: 'Align centre' }).click());
    await kept(page, () => page.locator('[data-motion-blur]').click());
}

async function cascade(page: Page, name: string): Promise<void> {
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator(`[data-cascade=${name}]`).click());
}

async function setTiming(page: Page, which: string, value: string): Promise<void> {
    const field = page.locator(`[data-cascade-${which}] input, input[data-cascade-${which}]`).last();
    await kept(page, async () => {
        await field.fill(value);
        await field.press('Enter');
    });
}

/** What is bright on a frame: its box, and how much of it there is, in whole pixels' worth. */
function ink(
    file: string,
    frame: number,
    [from, to] = [0, WIDTH],
): { left: number; right: number; top: number; bottom: number; sum: number } {
    const pixels = frameOf(file, frame, WIDTH, HEIGHT);
    const box = { left: WIDTH, right: 0, top: HEIGHT, bottom: 0, sum: 0 };
    for (let y = 0; y < HEIGHT; y++) {
        for (let x = from; x < to; x++) {
            const value = pixels[4 * (y * WIDTH + x)]!;
            if (value > 40) {
                box.left = Math.min(box.left, x);
                box.right = Math.max(box.right, x);
                box.top = Math.min(box.top, y);
                box.bottom = Math.max(box.bottom, y);
                box.sum += value / 255;
            }
        }
    }
    return box;
}

/** How far two frames are apart, of 255. */
function apart(file: string, one: number, other: number): number {
    const [a, b] = [frameOf(file, one, WIDTH, HEIGHT), frameOf(file, other, WIDTH, HEIGHT)];
    return a.reduce((sum, value, at) => sum + Math.abs(value - b[at]!), 0) / a.length;
}

test('two words at a time rise and fade on', async ({ page }) => {
    await words(page, 'open day at depot nine today');
    await cascade(page, 'two-by-two');
    await setTiming(page, 'overlap', '0');
    await setTiming(page, 'length', '60');
    expect((await layersOf(page))[0]!.cascades).toMatchObject([{ units: 'words', every: 2, length: 60, overlap: 0 }]);
    const file = await renderAndDownload(page);
    const rest = ink(file, 90);
    // Three pairs of twenty frames each: at rest one by one, from the left.
    expect(ink(file, 0).sum).toBe(0);
    const [one, two] = [ink(file, 20), ink(file, 40)];
    expect([one.left, two.left]).toEqual([rest.left, rest.left]);
    expect(one.right).toBeLessThan(two.right - 200);
    expect(two.right).toBeLessThan(rest.right - 150);
    expect(one.sum + 500).toBeLessThan(two.sum);
    // While the second comes, it is lower and fainter than where it will rest.
    const coming = ink(file, 24, [one.right + 20, two.right + 10]);
    const come = ink(file, 41, [one.right + 20, two.right + 10]);
    expect(coming.bottom).toBeGreaterThan(come.bottom + 4);
    expect(coming.sum).toBeLessThan(0.85 * come.sum);
    expect(apart(file, 61, 99)).toBeLessThan(0.2);
});

test('letters pop in from below, small and clear, with a slow finish', async ({ page }) => {
    await words(page, 'open day');
    await cascade(page, 'pop');
    await setTiming(page, 'length', '40');
    // Seven letters: a space has no turn.
    await expect(page.locator('.timing .count')).toHaveText('7 units');
    await setTiming(page, 'each', '20');
    // 20 · (1 + 6 · 0.2)
    expect((await layersOf(page))[0]!.cascades).toMatchObject([{ length: 44, overlap: 80, easing: 'quint-out' }]);
    const file = await renderAndDownload(page);
    const rest = ink(file, 99);
    const early = ink(file, 5);
    expect(early.right).toBeLessThan(rest.left + (rest.right - rest.left) / 2);
    expect(early.sum).toBeLessThan(0.4 * rest.sum);
    // Slow at the end: within the last quarter next to nothing moves.
    expect(apart(file, 34, 99)).toBeLessThan(0.6);
    expect(apart(file, 45, 99)).toBeLessThan(0.2);
});

test('letters begin on top of one another, small and tilted, and spring apart into place', async ({ page }) => {
    await words(page, 'depot nine');
    await cascade(page, 'spring-apart');
    await setField(page, 'c1.opacity', 'Opacity', '100');
    const file = await renderAndDownload(page);
    const rest = ink(file, 99);
    const first = ink(file, 0);
    const middle = (rest.left + rest.right) / 2;
    expect(first.right - first.left).toBeLessThan(0.2 * (rest.right - rest.left));
    expect(Math.abs((first.left + first.right) / 2 - middle)).toBeLessThan(20);
    expect(first.bottom - first.top).toBeLessThan(0.8 * (rest.bottom - rest.top));
    // They go beyond their places before they rest.
    const widest = Math.max(...[6, 8, 10, 12, 14, 16].map((frame) => ink(file, frame).right));
    expect(widest).toBeGreaterThan(rest.right + 10);
    expect(apart(file, 60, 99)).toBeLessThan(0.2);
});

test('letters fade on, and later, in another order, shrink, tilt and blur away', async ({ page }) => {
    await words(page, 'depot nine');
    await cascade(page, 'fade-on');
    await cascade(page, 'shrink-away');
    expect((await layersOf(page))[0]!.cascades).toMatchObject([
        { id: 'c1', as: 'arrive', order: 'forward' },
        { id: 'c2', as: 'leave', order: 'random' },
    ]);
    const before = (await layersOf(page))[0]!.cascades as { seed?: number }[];
    await kept(page, () => page.locator('[data-throw-again]').click());
    expect((await layersOf(page))[0]!.cascades).toMatchObject([{}, { seed: (before[1]!.seed ?? 1) + 1 }]);
    const file = await renderAndDownload(page);
    const rest = ink(file, 50);
    const coming = ink(file, 6);
    expect([Math.abs(coming.left - rest.left) < 3, Math.abs(coming.top - rest.top) < 6]).toEqual([true, true]);
    expect(coming.right).toBeLessThan(rest.right - 100);
    // On the last visible frame nothing is left; half way some letters are whole, and not the first ones alone.
    expect(ink(file, LENGTH - 1).sum).toBe(0);
    const leaving = ink(file, LENGTH - 12);
    expect(leaving.sum).toBeLessThan(0.9 * rest.sum);
    expect(leaving.right - leaving.left).toBeGreaterThan(0.4 * (rest.right - rest.left));
    // The same again is the same file of frames: what is thrown stays thrown.
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await goToFrame(page, LENGTH - 12);
    const again = await renderAndDownload(page);
    expect(frameOf(again, LENGTH - 12, WIDTH, HEIGHT).equals(frameOf(file, LENGTH - 12, WIDTH, HEIGHT))).toBe(true);
});
