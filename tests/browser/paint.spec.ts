import { readFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    upload,
} from './producer';
import { expect, test } from './test';

test('a shape is painted with colours around its middle, then with a clip that is framed in it', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'halves.mp4');
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-paint=fill]').selectOption('sweep')));
    await setField(page, 'g1.colour1', 'Colour 1 as hex', '#ff0000');
    await setField(page, 'g1.colour2', 'Colour 2 as hex', '#0000ff');
    await goToFrame(page, 0);
    const still = async (): Promise<(x: number, y: number) => number[]> => {
        const { data } = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
        return (x, y) => [...data.subarray(4 * (y * 1920 + x), 4 * (y * 1920 + x) + 3)];
    };
    const sweep = await still();
    // It begins upwards and goes round clockwise: right after that it is red, right before it blue, below half and half.
    const [after, before, below] = [sweep(970, 400), sweep(950, 400), sweep(960, 700)];
    expect(after[0]!).toBeGreaterThan(240);
    expect(before[2]!).toBeGreaterThan(240);
    expect(Math.abs(below[0]! - 128) + Math.abs(below[2]! - 128)).toBeLessThan(12);

    // The clip is green and yellow; it covers the square, half of it on either side.
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, async () => void (await page.locator('[data-paint=fill]').selectOption({ label: 'halves.mp4' })));
    expect((await layersOf(page))[0]!.gradients).toMatchObject([{ form: 'picture', zoom: 100 }]);
    const [left, right] = await still().then((at) => [at(800, 540), at(1120, 540)]);
    expect(Math.abs(left![0]! - right![0]!)).toBeGreaterThan(100);
    // Dragged to the right in the shape, which stays where it is: the half on the left is seen past the middle.
    const picture = await page.locator('canvas[data-picture]').boundingBox();
    const middle: [number, number] = [picture!.x + picture!.width / 2, picture!.y + picture!.height / 2];
    await page.mouse.dblclick(...middle);
    await expect(page.locator('[data-window-framing]')).toBeVisible();
    await kept(page, async () => {
        await page.mouse.move(...middle);
        await page.mouse.down();
        await page.mouse.move(middle[0] + 30, middle[1], { steps: 4 });
        await page.mouse.up();
    });
    await page.keyboard.press('Escape');
    expect((await layersOf(page))[0]).toMatchObject({ position: [960, 540], gradients: [{ form: 'picture' }] });
    await page.locator('[data-layer=l1] .name').click();
    await setField(page, 'g1.pan', 'Pan x', '150');
    await page.locator('[data-frame-paint]').click();
    await expect(page.locator('[data-window-framing]')).toBeVisible();
    await page.keyboard.press('Escape');
    const panned = await still();
    expect(Math.max(...panned(800, 540).map((value, channel) => Math.abs(value - left![channel]!)))).toBeLessThan(12);
    expect(Math.max(...panned(1090, 540).map((value, channel) => Math.abs(value - left![channel]!)))).toBeLessThan(12);
});

test('a shape of which nothing can be seen says why', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    const faint = page.locator('[data-faint]');
    await expect(faint).toBeHidden();
    await setField(page, 'fill', 'Fill as hex', '#00000000');
    await expect(faint).toHaveText('Nothing of it is seen: it has no fill, and its outline is 0 px wide.');
    await setField(page, 'outlineWidth', 'Outline width', '0.2');
    await expect(faint).toHaveText('Its outline is thinner than a pixel: 0.2 px.');
    await setField(page, 'outlineWidth', 'Outline width', '6');
    await expect(faint).toBeHidden();
});
