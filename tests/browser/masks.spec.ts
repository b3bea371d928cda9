import { expect, test } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    sheet,
} from './producer';
import { readFileSync } from 'node:fs';
import { PNG } from 'pngjs';

interface Mask {
    points: number;
    position: [number, number];
    point2: [number, number] | { keyframes: { at: number }[] };
}

test('a form is drawn on the picture, its points pulled, put in, taken out and keyframed', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    const maskOf = async (): Promise<Mask> => ((await layersOf(page))[0]!.masks as Mask[])[0]!;
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    /** Where a point of the composition is on the screen. */
    const press = (x: number, y: number): Promise<void> => page.mouse.click(frame.x + x * scale, frame.y + y * scale);

    // Given up, nothing was drawn; a point too many is taken back.
    await page.locator('[data-add-mask]').selectOption('free');
    await press(900, 500);
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-pen]')).toHaveCount(0);
    expect((await layersOf(page))[0]!.masks).toBeUndefined();
    await page.locator('[data-add-mask]').selectOption('free');
    await press(860, 440);
    await press(1060, 440);
    await press(1300, 900);
    await page.keyboard.press('Backspace');
    await press(960, 640);
    await kept(page, () => press(860, 440));
    expect(await maskOf()).toMatchObject({ form: 'free', points: 3 });
    // In the middle of its points, on the square's own pixels.
    const middle = (await maskOf()).position;
    expect(Math.abs(middle[0]) + Math.abs(middle[1] - (506.7 - 540))).toBeLessThan(8);

    // Between the last two points one more, 60 pixels out.
    await kept(page, () => drag(page, page.locator('[data-mask-between="2"]'), 60 * scale, 0));
    expect((await maskOf()).points).toBe(4);
    await kept(page, () => page.locator('[data-mask-point="3"]').dblclick());
    expect((await maskOf()).points).toBe(3);

    // Keyframed, a point comes to be elsewhere; half way there in the middle of the time.
    await page.locator('[data-attached-points] summary').click();
    await kept(page, () => sheet(page, 'm1.point2').locator('.bead').click());
    await goToFrame(page, 10);
    await kept(page, () => drag(page, page.locator('[data-mask-point="2"]'), 0, -200 * scale));
    expect(((await maskOf()).point2 as { keyframes: { at: number }[] }).keyframes.map(({ at }) => at)).toEqual([0, 10]);
    await goToFrame(page, 5);
    const still = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
    const isSeen = (x: number, y: number): boolean => still.data[4 * (y * 1920 + x) + 1]! > 60;
    // The corner is now at (1060, 340): above the old edge something is seen, but not beyond.
    expect([isSeen(1040, 370), isSeen(1040, 330), isSeen(960, 600), isSeen(900, 600)]).toEqual([
        true,
        false,
        true,
        false,
    ]);
});
