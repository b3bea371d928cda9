import { emptyComposition, keyframe, kept, layersOf, renderAndDownload, setField, sheet, upload } from '../producer';
import { frameOf, probe } from '../video';
import { expect, test } from '../test';

test('an overlay at 60 frames a second comes from below, turns, leaves at the top, and another lies over it', async ({
    page,
}) => {
    await emptyComposition(page);
    await page.keyboard.press('g');
    await page.locator('[data-new-composition]').click();
    const dialog = page.getByRole('dialog', { name: 'New composition' });
    await dialog.getByRole('textbox', { name: 'Name' }).fill('Overlay');
    await dialog.getByRole('spinbutton', { name: 'Width' }).fill('1280');
    await dialog.getByRole('spinbutton', { name: 'Height' }).fill('720');
    await dialog.locator('.el-select__wrapper').click();
    await page.getByRole('option', { name: '60 fps', exact: true }).click();
    await dialog.getByLabel('Length').fill('3');
    await page.locator('[data-make]').click();
    await expect(page.locator('[data-compositions]')).toHaveText('Overlay');

    await upload(page, 'badge.png');
    await kept(page, () => page.getByRole('button', { name: 'Add badge.png' }).dblclick());
    await page.locator('[data-layer=l1]').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=composition]').click());
    // In within forty frames, out within forty at the end; it turns once, from a little before it arrives.
    await keyframe(page, 'position', 'Position y', [
        [0, '860'],
        [40, '360'],
        [120, '360'],
        [160, '-140'],
    ]);
    await keyframe(page, 'rotation', 'Rotation', [
        [30, '0'],
        [70, '1t'],
    ]);
    await keyframe(page, 'opacity', 'Opacity', [
        [0, '0'],
        [20, '100'],
    ]);
    // A second one, smaller, over its lower right quarter.
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => page.keyboard.press('Control+d'));
    await page.locator('[data-layer=l2] .name').click();
    await setField(page, 'scale', 'Scale x', '50');
    await sheet(page, 'position').locator('.scope').click();
    await setField(page, 'position', 'Position x', '690');
    const [lower, upper] = await layersOf(page);
    expect([lower!.id, upper!.id]).toEqual(['l1', 'l2']);

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 180, width: 640, height: 360, rate: '60/1', seconds: 3 });
    const red = (pixels: Buffer, x: number, y: number): number => pixels[4 * (1280 * y + x)]!;
    const middle = frameOf(file, 100, 1280, 720);
    // Upright after one turn: its dark quarter is at the top left, and nothing is around it.
    expect(red(middle, 600, 320)).toBeLessThan(60);
    expect(red(middle, 600, 400)).toBeGreaterThan(200);
    expect(red(middle, 640, 240)).toBeLessThan(20);
    // The small one's dark quarter, 50 × 50 from (640, 310), lies over the cream of the large one.
    expect(red(middle, 665, 335)).toBeLessThan(60);
    expect(red(middle, 665, 385)).toBeGreaterThan(200);
    // On frame 10 a quarter of the way up, at half its strength: its middle is at 735, its upper edge at 635.
    const early = frameOf(file, 10, 1280, 720);
    expect(red(early, 570, 625)).toBeLessThan(20);
    expect(Math.abs(red(early, 725, 660) - 243 / 2)).toBeLessThan(10);
    expect(red(frameOf(file, 165, 1280, 720), 640, 360)).toBeLessThan(20);
});
