import { type Page } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
} from './producer';
import { frameOf } from './video';
import { expect, test } from './test';

const names = (page: Page) => page.locator('[data-layer] .name');

const pixel = (file: string, frame: number, x: number, y: number): number[] => {
    const picture = frameOf(file, frame, 1920, 1080);
    return [...picture.subarray(4 * (1920 * y + x), 4 * (1920 * y + x) + 3)];
};

test('layers are put into a group, moved and turned as one, and taken apart again', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 20);
    await goToFrame(page, 0);
    for (const [colour, x] of [
        ['#ffffff', '700'],
        ['#00ff00', '1000'],
        ['#ff0000', '1300'],
    ] as const) {
        await addToComposition(page, 'Bar');
        await page.locator('[data-tab=sheet]').click();
        await setField(page, 'size', 'Size w', '200');
        await setField(page, 'position', 'Position x', x);
        await setField(page, 'fill', 'Fill as hex', colour);
    }
    const before = await layersOf(page);

    // Two of them become a group: one row, what is in it beneath it.
    await names(page).nth(0).click();
    await names(page)
        .nth(1)
        .click({ modifiers: ['Shift'] });
    await kept(page, () => page.keyboard.press('p'));
    await expect(names(page)).toHaveText(['Group', 'Bar', 'Bar', 'Bar']);
    await expect(page.locator('[data-depth="1"]')).toHaveCount(2);
    expect(await layersOf(page)).toMatchObject([{ id: before[0]!.id }, { group: 'l4' }, { group: 'l4' }, { id: 'l4' }]);

    // A press on one of them in the picture takes the group; a double click goes into it.
    await page.keyboard.press('Escape');
    const picture = (await page.locator('[data-picture]').boundingBox())!;
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const at = (x: number, y: number): [number, number] => [
        frame.x + (x / 1920) * frame.width,
        frame.y + (y / 1080) * frame.height,
    ];
    expect(picture.width).toBeGreaterThan(300);
    await page.mouse.click(...at(1000, 540));
    await expect(page.locator('.cell.selected .name')).toHaveText('Group');
    await kept(page, () => page.keyboard.press('Shift+ArrowDown'));
    expect((await layersOf(page))[3]).toMatchObject({ position: [1150, 550] });
    await page.mouse.dblclick(...at(1000, 550));
    await expect(page.locator('[data-depth="1"].selected')).toHaveCount(1);
    await page.waitForTimeout(400);
    await page.mouse.click(...at(1300, 550));
    await expect(page.locator('[data-depth="1"].selected')).toHaveCount(1);

    // As one: a quarter turn about its middle.
    await names(page).nth(0).click();
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'rotation', 'Rotation', '90');
    const film = await renderAndDownload(page);
    // The green bar was 150 px to the left of the middle, and is above it now; the red one is below.
    expect(pixel(film, 5, 1150, 400)[1]).toBeGreaterThan(200);
    expect(pixel(film, 5, 1150, 700)[0]).toBeGreaterThan(200);
    expect(Math.max(...pixel(film, 5, 1000, 550))).toBeLessThan(30);
    expect(pixel(film, 5, 700, 540)[2]).toBeGreaterThan(200);
    await page.keyboard.press('Escape');

    // Folded up and unfolded; dragged out of it, a bar stays where it is in the picture.
    await page.locator('[data-fold]').click();
    await expect(names(page)).toHaveCount(2);
    await page.locator('[data-fold]').click();
    await kept(page, () => drag(page, names(page).nth(1), 0, -30));
    await expect(page.locator('[data-depth="1"]')).toHaveCount(1);
    const out = (await layersOf(page)).find((layer) => layer.id === 'l3');
    expect(out).toMatchObject({ position: [1150, 700], rotation: 90 });
    await kept(page, () => page.keyboard.press('Control+z'));

    // Taken apart, each keeps its place; undone to the last, all is as it was.
    await names(page).nth(0).click();
    await kept(page, () => page.keyboard.press('Shift+P'));
    await expect(names(page)).toHaveText(['Bar', 'Bar', 'Bar']);
    expect((await layersOf(page))[1]).toMatchObject({ position: [1150, 400], rotation: 90 });
    for (let step = 0; step < 4; step++) {
        await kept(page, () => page.keyboard.press('Control+z'));
    }
    expect(await layersOf(page)).toEqual(before);
});
