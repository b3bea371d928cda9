import { expect, test } from '@playwright/test';
import { emptyComposition, kept, layersOf, renderAndDownload, setField, upload } from '../producer';
import { frameOf, probe } from '../video';

const at = (pixels: Buffer, x: number, y: number): number[] => [
    ...pixels.subarray(4 * (1920 * y + x), 4 * (1920 * y + x) + 3),
];
const near = (actual: number[], expected: number[]): void =>
    actual.forEach((value, channel) => expect(Math.abs(value - expected[channel]!)).toBeLessThan(9));

const PHOTO = [0xc0, 0x39, 0x2b];
const INTERVIEW = [0x24, 0x55, 0x7a];

test('a photograph over an interview goes into a corner with a margin, in its own shape', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    // Both scales are linked: it keeps its shape.
    await setField(page, 'scale', 'Scale x', '40');
    await page.getByLabel('Margin').fill('60');
    await page.getByLabel('Margin').press('Enter');
    await kept(page, () => page.locator('[data-place="end start"]').click());
    // 800 × 600 at 40 % are 320 × 240: from 1540 to 1860, and from 60 to 300.
    expect((await layersOf(page))[1]).toMatchObject({ position: [1700, 180], scale: [40, 40], in: 0, out: 125 });

    // One click out of shape and one back; undo gives back where it was.
    await kept(page, () => page.locator('[data-framing=stretch]').click());
    await kept(page, () => page.locator('[data-framing=fit]').click());
    expect((await layersOf(page))[1]).toMatchObject({ position: [960, 540], scale: [180, 180] });
    await kept(page, () => page.locator('[data-undo]').click());
    await kept(page, () => page.locator('[data-undo]').click());

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 125, width: 1920, height: 1080, rate: '25/1', sound: 5 });
    for (const frame of [12, 110]) {
        const pixels = frameOf(file, frame, 1920, 1080);
        for (const [x, y] of [
            [1544, 64],
            [1856, 64],
            [1544, 296],
            [1856, 296],
        ] as const) {
            near(at(pixels, x, y), PHOTO);
        }
        for (const [x, y] of [
            [1536, 180],
            [1864, 180],
            [1700, 56],
            [1700, 304],
        ] as const) {
            near(at(pixels, x, y), INTERVIEW);
        }
    }
});
