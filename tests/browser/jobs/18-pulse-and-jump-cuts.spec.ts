import {
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setLength,
    upload,
} from '../producer';
import { frameOf, probe } from '../video';
import { expect, test } from '../test';

/** How wide the red photograph is on a frame, in pixels. */
function widthOf(file: string, frame: number): number {
    const row = frameOf(file, frame, 1920, 1080).subarray(4 * 1920 * 540, 4 * 1920 * 541);
    let width = 0;
    for (let x = 0; x < 1920; x++) {
        width += row[4 * x]! > 90 ? 1 : 0;
    }
    return width;
}

test('a picture grows, rests truly still and shrinks; later its size jumps from frame to frame', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 180);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-layer=l1] .name').click();
    await keyframe(page, 'scale', 'Scale x', [
        [0, '100'],
        [20, '150'],
        [40, '150'],
        [60, '100'],
        [80, '100'],
        [81, '140'],
        [82, '60'],
        [83, '140'],
        [84, '100'],
    ]);
    // Several keyframes go together, by one frame.
    await goToFrame(page, 0);
    const beads = page.locator('[data-thread=scale] [data-bead]');
    await expect(beads).toHaveCount(9);
    await beads.nth(1).click();
    await beads.nth(2).click({ modifiers: ['Shift'] });
    await kept(page, () => page.keyboard.press('ArrowRight'));
    const [layer] = await layersOf(page);
    const keyframes = (layer!.scale as { keyframes: { at: number }[] }).keyframes;
    expect(keyframes.map(({ at }) => at)).toEqual([0, 21, 41, 60, 80, 81, 82, 83, 84]);

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 180 });
    for (const [frame, percent] of [
        [0, 100],
        [21, 150],
        [30, 150],
        [41, 150],
        [60, 100],
        [80, 100],
        [81, 140],
        [82, 60],
        [83, 140],
        [84, 100],
    ] as const) {
        expect(Math.abs(widthOf(file, frame) - 8 * percent)).toBeLessThanOrEqual(2);
    }
    // While it rests no pixel moves.
    expect(widthOf(file, 22)).toBe(widthOf(file, 40));
});
