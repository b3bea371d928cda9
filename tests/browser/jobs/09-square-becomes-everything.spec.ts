import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    chooseEasing,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setField,
    setLength,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

/** How wide and high what is drawn is on a frame, and whether the corner of its box is covered. */
function shapeOn(file: string, frame: number): { width: number; height: number; corner: number } {
    const pixels = frameOf(file, frame, 1920, 1080);
    const lit = (x: number, y: number): boolean => pixels[4 * (1920 * y + x) + 1]! > 40;
    let [left, right, top, bottom] = [1920, -1, 1080, -1];
    for (let y = 0; y < 1080; y += 1) {
        for (let x = 0; x < 1920; x += 1) {
            if (lit(x, y)) {
                [left, right] = [Math.min(left, x), Math.max(right, x)];
                [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
            }
        }
    }
    return right < 0
        ? { width: 0, height: 0, corner: 0 }
        : {
              width: right - left + 1,
              height: bottom - top + 1,
              corner: pixels[4 * (1920 * (top + 3) + left + 3) + 1]!,
          };
}

test('one square becomes everything, on exact frames, eased at once to 75 %, blurred as it spins', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 130);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    // Grows out of nothing in 20, rests 8, spins for 40 by 24 turns; rounds in the last 20; becomes a bar 8 later, in 20.
    await keyframe(page, 'scale', 'Scale x', [
        [0, '0'],
        [20, '100'],
    ]);
    await keyframe(page, 'rotation', 'Rotation', [
        [28, '0'],
        [68, '24t'],
    ]);
    await keyframe(page, 'rounding', 'Rounding', [
        [48, '0'],
        [68, '50%'],
    ]);
    await keyframe(page, 'size', 'Size w', [
        [76, '400'],
        [96, '1200'],
    ]);
    await goToFrame(page, 96);
    await setField(page, 'size', 'Size h', '160');
    const [square] = await layersOf(page);
    const frames = (property: string): number[] =>
        (square![property] as { keyframes: { at: number }[] }).keyframes.map(({ at }) => at);
    expect(['scale', 'rotation', 'rounding', 'size'].map(frames)).toEqual([
        [0, 20],
        [28, 68],
        [48, 68],
        [76, 96],
    ]);
    expect((square!.rotation as { keyframes: { value: number }[] }).keyframes[1]!.value).toBe(24 * 360);

    // Everything at once.
    for (const property of ['scale', 'rotation', 'rounding', 'size']) {
        await openKeyframes(page, property, 'easing');
        await page.keyboard.press('Escape');
    }
    await page.locator('[data-thread=size] [data-bead]').first().press('Enter');
    await kept(page, () => page.locator('[data-easing=ease-in-out]').click());
    const [eased] = await layersOf(page);
    for (const property of ['scale', 'rotation', 'rounding', 'size']) {
        const { keyframes } = eased![property] as { keyframes: { easing: string }[] };
        expect(keyframes.map(({ easing }) => easing)).toEqual(['ease-in-out(75%)', 'ease-in-out(75%)']);
    }
    await kept(page, () => page.locator('[data-motion-blur]').click());

    const file = await renderAndDownload(page);
    expect(shapeOn(file, 0).width).toBe(0);
    // cubic-bezier(0.75, 0, 0.25, 1) is halfway at half of its time, with a slope of 3.8: half as large, and while the
    // shutter is open it grows from 200 to nearly 240 pixels.
    expect(Math.abs(shapeOn(file, 10).width - 220)).toBeLessThan(12);
    for (const frame of [20, 24, 27]) {
        const { width, height, corner } = shapeOn(file, frame);
        expect([frame, width, height, corner > 60]).toEqual([frame, 400, 400, true]);
    }
    // In the middle of the spin it goes by more than half a turn while the shutter is open: as wide as its diagonal all round.
    const spun = shapeOn(file, 48);
    expect(spun.width).toBeGreaterThan(440);
    expect(Math.abs(spun.width - spun.height)).toBeLessThan(12);
    // A circle, and then a bar with round ends.
    for (const frame of [68, 72, 75]) {
        const { width, height, corner } = shapeOn(file, frame);
        expect([frame, width, height, corner < 40]).toEqual([frame, 400, 400, true]);
    }
    const bar = shapeOn(file, 120);
    expect([bar.width, bar.height]).toEqual([1200, 160]);
    expect(bar.corner).toBeLessThan(40);
});

test('a bar fills a long one with round ends from its left edge, behind the outline', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 40);
    // Twelve frames later than the outline, which is there from the start: first the filling, so that it lies beneath.
    await goToFrame(page, 12);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '1200');
    await setField(page, 'size', 'Size h', '120');
    await setField(page, 'rounding', 'Rounding', '50%');
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await page.locator('[data-phase=arrive]').click();
    await kept(page, () => page.locator('[data-move=wipe]').click());
    await chooseEasing(page, '[data-phase-easing]', 'linear');
    await page.locator('[data-phase-length=arrive]').fill('20');
    await kept(page, () => page.locator('[data-phase-length=arrive]').press('Enter'));
    await goToFrame(page, 0);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '1200');
    await setField(page, 'size', 'Size h', '120');
    await setField(page, 'rounding', 'Rounding', '60');
    await setField(page, 'fill', 'Fill as hex', '#00000000');
    await setField(page, 'outline', 'Outline as hex', '#2020ff');
    await setField(page, 'outlineWidth', 'Outline width', '12');

    const file = await renderAndDownload(page);
    /** How far the row of its middle is red, from the inner edge of the outline on. */
    const filled = (frame: number): { from: number; to: number } => {
        const row = frameOf(file, frame, 1920, 1080).subarray(4 * 1920 * 540, 4 * 1920 * 541);
        let [from, to] = [1920, -1];
        for (let x = 0; x < 1920; x++) {
            if (row[4 * x]! > 120 && row[4 * x + 2]! < 120) {
                [from, to] = [Math.min(from, x), Math.max(to, x + 1)];
            }
        }
        return { from, to };
    };
    // From 360 to 1560; the outline covers six pixels of it on either side. Sixty more are filled every frame.
    expect(filled(11).to).toBe(-1);
    for (const frame of [15, 22, 29]) {
        const { from, to } = filled(frame);
        expect(Math.abs(from - 366)).toBeLessThanOrEqual(2);
        expect(Math.abs(to - (360 + 60 * (frame - 12))), `frame ${frame}: ${to}`).toBeLessThanOrEqual(3);
    }
    for (const frame of [32, 39]) {
        expect(Math.abs(filled(frame).to - 1554)).toBeLessThanOrEqual(2);
    }
});
