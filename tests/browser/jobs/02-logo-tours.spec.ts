import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setLength,
    setField,
    sheet,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

/** Where the square is on a frame, its middle; null where it is not in the frame. */
function squareOn(file: string, frame: number): [number, number] | null {
    const pixels = frameOf(file, frame, 960, 540);
    let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let y = 0; y < 540; y++) {
        for (let x = 0; x < 960; x++) {
            if (pixels[4 * (960 * y + x) + 1]! > 40) {
                [left, right] = [Math.min(left, x), Math.max(right, x)];
                [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
            }
        }
    }
    return right < 0 ? null : [left + right + 1, top + bottom + 1];
}

const STOPS: [frame: number, x: number, y: number][] = [
    [0, -200, -200],
    [8, 500, 300],
    [14, 500, 800],
    [19, 1400, 800],
    [24, 1400, 300],
    [30, 1400, 1300],
];

test('a logo tours the frame: all of its placement at once, all legs at one pace, gliding round the corners', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 50);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'scale', 'Scale x', '50');
    for (const [index, [frame, x, y]] of STOPS.entries()) {
        await goToFrame(page, frame);
        if (index === 0) {
            await kept(page, () => page.getByRole('button', { name: /the whole placement/ }).click());
        }
        const before = STOPS[index - 1];
        if (x !== before?.[1]) {
            await setField(page, 'position', 'Position x', String(x));
        }
        if (y !== before?.[2]) {
            await setField(page, 'position', 'Position y', String(y));
        }
    }
    const animated = (await layersOf(page))[0]!;
    for (const property of ['position', 'scale', 'rotation', 'opacity']) {
        expect(animated[property]).toHaveProperty('keyframes');
    }
    // One axis is taken from the keyframe before, where the eye alone would be off by some pixels.
    await goToFrame(page, 19);
    await setField(page, 'position', 'Position y', '803');
    await sheet(page, 'position').locator('.bead').hover();
    await page.locator('[data-thread=position] [data-bead="19"]').click();
    await page.locator('[data-thread=position] [data-bead="19"]').press('Enter');
    await page.locator('[data-keyframe-tab=keyframes]').click();
    await kept(page, () => page.locator('[data-keyframes-act="Same y as before"]').click());

    // 990, 500, 900, 500 and 1000 pixels in 30 frames: 7.63, 3.86, 6.94, 3.86 and 7.71.
    await openKeyframes(page, 'position', 'keyframes');
    await kept(page, () => page.locator('[data-keyframes-act="Even pace"]').click());
    const course = async (): Promise<{ at: number; value: number[]; easing: string }[]> =>
        ((await layersOf(page))[0]!.position as { keyframes: { at: number; value: number[]; easing: string }[] })
            .keyframes;
    expect((await course()).map(({ at, value }) => [at, ...value])).toEqual([
        [0, -200, -200],
        [7, 500, 300],
        [11, 500, 800],
        [18, 1400, 800],
        [22, 1400, 300],
        [30, 1400, 1300],
    ]);
    const straight = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    expect(squareOn(straight, 9)).toEqual([500, 550]);
    expect(squareOn(straight, 20)).toEqual([1400, 550]);
    expect(squareOn(straight, 0)).toBeNull();
    expect(squareOn(straight, 30)).toBeNull();

    await openKeyframes(page, 'position', 'easing');
    await kept(page, () => page.locator('[data-easing=glide]').click());
    expect(new Set((await course()).map(({ easing }) => easing))).toEqual(new Set(['glide']));
    const gliding = await renderAndDownload(page);
    // Through the corner at (500, 300) it goes by (36.4, 105.5) a frame, through the next by (46.8, 79.5); the cubic of four
    // frames between them is at (511.7, 422.6) after the first.
    const [x, y] = squareOn(gliding, 8)!;
    expect(squareOn(gliding, 7)).toEqual([500, 300]);
    expect(Math.abs(x - 511.7)).toBeLessThan(2.5);
    expect(Math.abs(y - 422.6)).toBeLessThan(2.5);
});
