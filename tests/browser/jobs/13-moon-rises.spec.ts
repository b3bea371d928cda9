import {
    drag,
    emptyComposition,
    keyframe,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setLength,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

/** The middle of the red picture on a frame. */
function middleOn(file: string, frame: number): [number, number] {
    const pixels = frameOf(file, frame, 960, 540);
    let [count, sumX, sumY] = [0, 0, 0];
    for (let y = 0; y < 540; y++) {
        for (let x = 0; x < 960; x++) {
            if (pixels[4 * (960 * y + x)]! > 90) {
                [count, sumX, sumY] = [count + 1, sumX + x + 0.5, sumY + y + 0.5];
            }
        }
    }
    return [(2 * sumX) / count, (2 * sumY) / count];
}

test('the moon rises on a path that bends; its speed is read off, mended, and it turns along', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 180);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-layer=l1]').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=composition]').click());
    await page.locator('[data-tab=sheet]').click();
    await keyframe(page, 'position', 'Position x', [
        [0, '300'],
        [120, '900'],
        [175, '1500'],
    ]);
    await keyframe(page, 'scale', 'Scale x', [[0, '30']]);
    // From beyond the lower edge, by its y.
    for (const [frame, y] of [
        [0, '1200'],
        [120, '500'],
        [175, '300'],
    ] as const) {
        await page.locator(`[data-thread=position] [data-bead="${frame}"]`).dblclick();
        await kept(page, async () => {
            const field = page.locator('.drawer [data-property=position]').getByRole('textbox', { name: 'Position y' });
            await field.fill(y);
            await field.press('Enter');
        });
    }
    // It bends: its middle point is made smooth by a double click, and a handle is pulled.
    await kept(page, () => page.locator('[data-path-point="120"]').dblclick());
    const bend = async (): Promise<{ arrive: number[]; leave: number[] }> =>
        ((await layersOf(page))[0]!.position as { keyframes: { bend: { arrive: number[]; leave: number[] } }[] })
            .keyframes[1]!.bend;
    const smooth = await bend();
    expect(smooth.leave[0]! / smooth.leave[1]!).toBeCloseTo(smooth.arrive[0]! / smooth.arrive[1]!, 2);
    const scale = (await page.locator('.picture .frame').boundingBox())!.width / 1920;
    await kept(page, () => drag(page, page.locator('[data-bend="120 leave"]'), 60 * scale, -90 * scale));
    const pulled = await bend();
    expect(Math.abs(pulled.leave[0]! - smooth.leave[0]! - 60)).toBeLessThan(3);
    expect(Math.abs(pulled.leave[1]! - smooth.leave[1]! + 90)).toBeLessThan(3);
    expect(pulled.leave[0]! * pulled.arrive[1]! - pulled.leave[1]! * pulled.arrive[0]!).toBeCloseTo(0, -1);

    // Why does it go faster now? The two halves are read off, and then go at one pace.
    const speedOn = async (frame: number): Promise<number> => {
        await page.locator('[data-time]').fill(`${frame}f`);
        await page.locator('[data-time]').press('Enter');
        await expect(page.locator('.picture')).toHaveAttribute('data-frame', String(frame));
        await page.waitForTimeout(400);
        return parseFloat((await page.locator('[data-speed]').textContent())!);
    };
    const before = [await speedOn(50), await speedOn(140)];
    await openKeyframes(page, 'position', 'keyframes');
    await kept(page, () => page.locator('[data-keyframes-act="Even pace"]').click());
    const after = [await speedOn(50), await speedOn(140)];
    expect(Math.abs(before[0]! - before[1]!)).toBeGreaterThan(15);
    expect(Math.abs(after[0]! - after[1]!)).toBeLessThan(4);

    await kept(page, () => page.locator('[data-turns-along]').click());
    const file = await renderAndDownload(page);
    // From the path's own beginning straight along it: each frame as far as the one before.
    const places = [40, 60, 80, 100].map((frame) => middleOn(file, frame));
    const steps = places.slice(1).map(([x, y], index) => Math.hypot(x - places[index]![0], y - places[index]![1]));
    steps.forEach((step) => expect(Math.abs(step - (20 * after[0]!) / 25)).toBeLessThan(6));
});
