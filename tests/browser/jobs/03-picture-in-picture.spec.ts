import {
    emptyComposition,
    chooseEasing,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    upload,
} from '../producer';
import { frameOf, probe } from '../video';
import { expect, test } from '../test';

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
    expect(probe(file)).toMatchObject({ frames: 125, width: 960, height: 540, rate: '25/1', sound: 5 });
    for (const frame of [12, 110]) {
        const pixels = frameOf(file, frame, 1920, 1080);
        for (const [x, y] of [
            [1548, 68],
            [1852, 68],
            [1548, 292],
            [1852, 292],
        ] as const) {
            near(at(pixels, x, y), PHOTO);
        }
        for (const [x, y] of [
            [1532, 180],
            [1868, 180],
            [1700, 52],
            [1700, 308],
        ] as const) {
            near(at(pixels, x, y), INTERVIEW);
        }
    }
});

test('arrivals are tried by hovering and mirrored to leave, and it never jumps, whatever pose it has', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 130);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'scale', 'Scale x', '40');
    await kept(page, () => page.locator('[data-place="end start"]').click());
    await page.locator('[data-phase=arrive]').click();
    // Resting on one plays it and changes nothing.
    await page.locator('[data-move=drop]').hover();
    await expect(page.locator('[data-slope=arrive]')).toBeAttached();
    await page.locator('[data-move=slide]').hover();
    await page.mouse.move(700, 300);
    await expect(page.locator('[data-slope=arrive]')).toHaveCount(0);
    expect((await layersOf(page))[0]).not.toHaveProperty('arrive');

    await kept(page, () => page.locator('[data-move=slide]').click());
    await chooseEasing(page, '[data-phase-easing]', 'linear');
    await kept(page, async () => {
        await page.locator('[data-move-picker]').getByRole('textbox', { name: 'From' }).fill('0');
        await page.locator('[data-move-picker]').getByRole('textbox', { name: 'From' }).press('Enter');
    });
    await page.keyboard.press('Escape');
    await page.locator('[data-phase-length=arrive]').fill('20');
    await kept(page, () => page.locator('[data-phase-length=arrive]').press('Enter'));
    await kept(page, () => page.locator('[data-mirror]').click());

    const file = await renderAndDownload(page);
    const last = ((await layersOf(page))[0]!.out as number) - 1;
    const left = (frame: number): number => {
        const row = frameOf(file, frame, 1920, 1080).subarray(4 * 1920 * 180, 4 * 1920 * 181);
        let x = 0;
        while (x < 1920 && row[4 * x]! <= 90) {
            x++;
        }
        return x;
    };
    // It rests from 1540 to 1860: 380 pixels to the right nothing of it is seen, and each frame of twenty brings it 19 nearer.
    for (const frame of [0, 5, 10, 19, 20, 21, 60]) {
        const expected = 1540 + 19 * Math.max(0, 20 - frame);
        expect(Math.abs(left(frame) - Math.min(1920, expected))).toBeLessThanOrEqual(1);
        expect(Math.abs(left(last - frame) - Math.min(1920, expected))).toBeLessThanOrEqual(1);
    }
});
