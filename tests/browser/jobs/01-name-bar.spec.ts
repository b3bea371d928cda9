import { type Page } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    keyframe,
    layersOf,
    renderAndDownload,
    setField,
    upload,
    wrapUp,
} from '../producer';
import { expectSoundInStep, frameOf, probe } from '../video';
import { expect, test } from '../test';

const STREET = [0x24, 0x55, 0x7a];

const near = (actual: number[], expected: number[]): boolean =>
    actual.every((value, channel) => Math.abs(value - expected[channel]!) < 12);

/** Half way from the street's blue to the bar's colour, where an edge lies whatever the codec makes of it. */
const isRed = ([r]: number[]): boolean => r! > (0x24 + 0xc0) / 2;
const isGreen = ([, , b]: number[]): boolean => b! < (0x7a + 0x50) / 2;

/** The x at which a colour is seen first on a line of a frame; null where it is not. */
function leftOf(file: string, frame: number, y: number, isIt: (colour: number[]) => boolean): number | null {
    const row = frameOf(file, frame, 1920, 1080).subarray(4 * 1920 * y, 4 * 1920 * (y + 1));
    for (let x = 0; x < 1920; x++) {
        if (isIt([...row.subarray(4 * x, 4 * x + 3)])) {
            return x;
        }
    }
    return null;
}

/** A bar of 800 × 180 that comes from the left in twenty frames, a few later than the last one, its middle at (600, y). */
async function bar(page: Page, y: number, from: number): Promise<void> {
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'position', 'Position y', String(y));
    await keyframe(page, 'position', 'Position x', [
        [from, '-500'],
        [from + 20, '600'],
    ]);
}

test('a name bar is wrapped up, leaves as it came, lasts longer by its edge, and is corrected in one place', async ({
    page,
}) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await goToFrame(page, 0);
    await bar(page, 700, 0);
    await goToFrame(page, 0);
    await bar(page, 900, 4);
    await goToFrame(page, 0);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await keyframe(page, 'opacity', 'Opacity', [
        [10, '0'],
        [24, '100'],
    ]);
    await goToFrame(page, 0);
    await addToComposition(page, 'Small line');
    await kept(page, () => drag(page, page.locator('.picture'), 0, 60));

    // 1: wrap up. The four bands become one, and nothing in the picture changes.
    const layers = page.locator('[data-layer] .name');
    await expect(layers).toHaveCount(5);
    await layers.nth(0).click();
    for (const index of [1, 2, 3]) {
        await layers.nth(index).click({ modifiers: ['Shift'] });
    }
    await wrapUp(page, 'Name bar');
    await expect(layers).toHaveCount(2);
    expect((await layersOf(page))[1]).toMatchObject({ kind: 'bundle', name: 'Name bar', in: 0, out: 125 });

    // One undo takes it back, one redo does it again.
    await kept(page, () => page.locator('[data-undo]').click());
    await expect(layers).toHaveCount(5);
    await kept(page, () => page.locator('[data-redo]').click());
    await expect(layers).toHaveCount(2);

    // 2: it is pulled to end at frame 60, then again to 100: arriving stays as it is. 3: leaving mirrors it.
    await layers.first().click();
    await goToFrame(page, 99);
    await kept(page, () => page.keyboard.press('Shift+O'));
    await kept(page, () => page.locator('[data-mirror]').click());
    expect((await layersOf(page))[1]).toMatchObject({ in: 0, out: 100, length: 100, mirrors: true });

    // Opened by a double click, its colour is changed; the header leads back.
    await page
        .locator('[data-band]')
        .first()
        .dblclick({ position: { x: 200, y: 10 } });
    await expect(page.locator('[data-way-back]')).toBeVisible();
    await expect(layers).toHaveCount(4);
    const upper = layers.filter({ hasText: 'Bar' }).last();
    await upper.click();
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await page.locator('[data-way-back]').click();
    await expect(layers).toHaveCount(2);

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 125, width: 960, height: 540, sound: 5 });
    await expectSoundInStep(file);
    // 1100 pixels in twenty frames: 55 each, its left edge 400 before its middle; on the last frame it is where it came from.
    for (const frame of [9, 19, 30]) {
        const expected = Math.max(0, -500 + 55 * Math.min(20, frame) - 400);
        for (const at of [frame, 99 - frame]) {
            const left = leftOf(file, at, 700, isRed);
            expect(Math.abs((left ?? 9999) - expected), `frame ${at}`).toBeLessThanOrEqual(2);
        }
        // The other comes four frames later, and is as it was.
        const lower = leftOf(file, 99 - frame, 900, isGreen);
        const further = Math.max(0, -500 + 55 * Math.min(20, frame - 4) - 400);
        expect(lower === null ? -500 + 55 * (frame - 4) + 400 <= 0 : Math.abs(lower - further) <= 2).toBe(true);
    }
    const beyond = frameOf(file, 105, 1920, 1080);
    expect(near([...beyond.subarray(4 * (1920 * 700 + 600), 4 * (1920 * 700 + 600) + 3)], STREET)).toBe(true);
});
