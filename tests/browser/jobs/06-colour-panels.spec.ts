import { expect, test } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { CLIPS } from '../clips';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    keyframe,
    renderAndDownload,
    setField,
    setLength,
} from '../producer';

const CREAM = [0xf3, 0xe3, 0xc3];
const RED = [0xc0, 0x39, 0x2b];

/** A still of the frame at the playhead. */
async function still(page: Parameters<typeof renderAndDownload>[0]): Promise<PNG> {
    const file = await renderAndDownload(page, 'still');
    await page.keyboard.press('Escape');
    return PNG.sync.read(readFileSync(file));
}

const at = (picture: PNG, x: number, y: number): number[] => [
    ...picture.data.subarray(4 * (y * picture.width + x), 4 * (y * picture.width + x) + 4),
];

test('a panel sweeps over the frame with words on it, goes out with alpha, and comes back in the same', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 24);
    await kept(page, () => page.locator('.drawer').getByText('Transparent').click());
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await setField(page, 'size', 'Size w', '1200');
    await setField(page, 'size', 'Size h', '1080');
    await setField(page, 'opacity', 'Opacity', '60');
    // 120 pixels a frame, from beyond one side to beyond the other.
    await keyframe(page, 'position', 'Position x', [
        [0, '-600'],
        [20, '1800'],
    ]);
    // The square is seen only where the panel is.
    await goToFrame(page, 0);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#f3e3c3');
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption({ label: 'Bar' })));

    await goToFrame(page, 7);
    const before = await still(page);
    // The panel's middle is at 240: it ends at 840, and the square goes from 760 to 1160.
    expect(at(before, 300, 300)[3]).toBe(153);
    [...RED].forEach((value, channel) =>
        expect(Math.abs(at(before, 300, 300)[channel]! - value)).toBeLessThanOrEqual(2),
    );
    expect(at(before, 1000, 540)[3]).toBe(0);
    // Over the panel at 60 %, and as opaque as that is itself.
    expect(Math.abs(at(before, 800, 540)[3]! - 255 * (0.6 + 0.6 * 0.4))).toBeLessThanOrEqual(1);

    // As a movie with alpha, brought back in, it is the same over anything.
    const movie = await renderAndDownload(page, 'ffv1');
    await page.keyboard.press('Escape');
    writeFileSync(`${CLIPS}/panels.mkv`, readFileSync(movie));
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    await page.locator('[data-upload]').setInputFiles(`${CLIPS}/panels.mkv`);
    await goToFrame(page, 0);
    await addToComposition(page, 'panels.mkv');
    for (const name of ['Bar', 'Square']) {
        await kept(page, () => page.locator('[data-layer]', { hasText: name }).getByLabel('Hide this layer').click());
    }
    await goToFrame(page, 7);
    const after = await still(page);
    let farthest = 0;
    for (let i = 0; i < before.data.length; i += 4) {
        const [a, b] = [before.data[i + 3]!, after.data[i + 3]!];
        farthest = Math.max(farthest, Math.abs(a - b));
        for (let channel = 0; channel < 3; channel++) {
            // As seen over black and over white.
            const [one, two] = [before.data[i + channel]! * a, after.data[i + channel]! * b];
            farthest = Math.max(farthest, Math.abs(one - two) / 255, Math.abs(one - two + 255 * (b - a)) / 255);
        }
    }
    expect(farthest).toBeLessThanOrEqual(2);
    expect(
        at(after, 800, 540)
            .slice(0, 3)
            .every((value, channel) => Math.abs(value - (CREAM[channel]! * 0.6 + RED[channel]! * 0.24) / 0.84) < 3),
    ).toBe(true);
});
