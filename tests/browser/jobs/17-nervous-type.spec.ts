import { expect, test, type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setLength,
} from '../producer';
import { frameOf } from '../video';

/** The uppermost row of a frame on which something is lit. */
function topOf(file: string, frame: number): number {
    const pixels = frameOf(file, frame, 1920, 1080);
    for (let at = 0; at < pixels.length; at += 4) {
        if (Math.max(pixels[at]!, pixels[at + 1]!, pixels[at + 2]!) > 90) {
            return Math.floor(at / 4 / 1920);
        }
    }
    return -1;
}

/** How many pixels of the screen a frame takes in the timeline, of a layer that lasts for 40. */
const perFrame = async (page: Page): Promise<number> =>
    (await page.locator('[data-band=l1]').evaluate((band) => (band as HTMLElement).offsetWidth)) / 40;

test('type jumps about four times a second in place, size, tilt and colour, then on every frame', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 40);
    await goToFrame(page, 0);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await keyframe(page, 'position', 'Position x', [
        [0, '600'],
        [6, '900'],
        [12, '500'],
        [18, '760'],
    ]);
    await keyframe(page, 'typeSize', 'Type size', [
        [0, '120'],
        [6, '200'],
        [12, '90'],
        [18, '160'],
    ]);
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '-6'],
        [6, '9'],
        [12, '-3'],
        [18, '0'],
    ]);
    await keyframe(page, 'fill', 'Fill as hex', [
        [0, '#ffffff'],
        [6, '#ff0000'],
        [12, '#00ff00'],
        [18, '#ffffff'],
    ]);

    // The time scale goes from the whole to single frames.
    const whole = await perFrame(page);
    expect(whole * 40).toBeGreaterThan(800);
    await page.locator('[data-band=l1]').hover({ position: { x: 500, y: 10 } });
    await page.keyboard.down('Control');
    for (let turn = 0; turn < 12; turn++) {
        await page.mouse.wheel(0, -240);
    }
    await page.keyboard.up('Control');
    await expect.poll(() => perFrame(page)).toBeGreaterThan(1.6 * whole);

    // On every frame in one place: the arrows of the keyboard, one after another.
    for (const [frame, key] of [
        [24, 'Shift+ArrowUp'],
        [25, 'Shift+ArrowDown'],
        [26, 'Shift+ArrowUp'],
        [27, 'Shift+ArrowDown'],
    ] as const) {
        await goToFrame(page, frame);
        await page.locator('.picture').focus();
        await kept(page, () => page.keyboard.press(key));
    }
    await page.locator('.timeline').hover();
    const [layer] = await layersOf(page);
    const framesOf = (property: string): number[] =>
        (layer![property] as { keyframes: { at: number }[] }).keyframes.map((one) => one.at);
    expect(framesOf('position')).toEqual([0, 6, 12, 18, 24, 25, 26, 27]);
    for (const property of ['typeSize', 'rotation', 'fill']) {
        expect(framesOf(property)).toEqual([0, 6, 12, 18]);
    }

    const film = await renderAndDownload(page);
    const tops = [24, 25, 26, 27].map((frame) => topOf(film, frame));
    // Ten pixels up, down again, and so on: each frame by itself.
    expect(tops.map((top) => top - tops[0]!)).toEqual([0, 10, 0, 10]);
    const colour = (frame: number): number[] => {
        const pixels = frameOf(film, frame, 1920, 1080);
        const brightest = [0, 0, 0];
        for (let at = 0; at < pixels.length; at += 4) {
            for (const channel of [0, 1, 2]) {
                brightest[channel] = Math.max(brightest[channel]!, pixels[at + channel]!);
            }
        }
        return brightest;
    };
    const [red, green] = [colour(6), colour(12)];
    expect(red[0]! > 200 && red[1]! < 70).toBe(true);
    expect(green[1]! > 200 && green[0]! < 70).toBe(true);
});
