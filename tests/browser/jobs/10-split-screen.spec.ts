import { type Locator, type Page } from '@playwright/test';
import { drag, emptyComposition, goToFrame, kept, layersOf, renderAndDownload, setLength, upload } from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const BLUE = [0x24, 0x55, 0x7a];
const RED = [0xc0, 0x39, 0x2b];
const GREEN = [0x3f, 0x8f, 0x5f];
const YELLOW = [0xe0, 0xb0, 0x40];
const BLACK = [0, 0, 0];

/** Gaps and margins of 20 px: cells of 930 × 510, their middles at these. */
const CELLS: Record<'topLeft' | 'topRight' | 'bottomLeft' | 'bottomRight', [number, number]> = {
    topLeft: [485, 275],
    topRight: [1435, 275],
    bottomLeft: [485, 805],
    bottomRight: [1435, 805],
};

function expectColour(picture: Buffer, x: number, y: number, colour: number[]): void {
    const at = 4 * (1920 * y + x);
    const found = [...picture.subarray(at, at + 3)];
    expect(
        Math.max(...found.map((value, channel) => Math.abs(value - colour[channel]!))),
        `at ${x}, ${y}: ${found.join()}`,
    ).toBeLessThan(14);
}

/** Where a place of the composition lies in the picture on the screen. */
async function onScreen(page: Page, [x, y]: [number, number]): Promise<[number, number]> {
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    return [frame.x + (x / 1920) * frame.width, frame.y + (y / 1080) * frame.height];
}

async function dropInto(page: Page, thing: Locator, place: [number, number]): Promise<void> {
    const picture = (await page.locator('.picture').boundingBox())!;
    const [x, y] = await onScreen(page, place);
    await kept(page, () =>
        thing.dragTo(page.locator('.picture'), { targetPosition: { x: x - picture.x, y: y - picture.y } }),
    );
}

test('four windows come in from four sides, each framed in itself, and none runs out of frames', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 50);
    await goToFrame(page, 0);

    // The cells are computed; nothing is worked out by hand.
    await page.locator('[data-split-gap]').fill('20');
    await page.locator('[data-split-margin]').fill('20');
    await kept(page, () => page.locator('[data-split]').click());
    const layers = page.locator('[data-layer] .name');
    await expect(layers).toHaveText(['Window', 'Window', 'Window', 'Window']);

    // Clips fall into the cells that they are dropped onto.
    for (const name of ['street.mp4', 'photo.jpg', 'halves.mp4']) {
        await upload(page, name);
    }
    const inKit = (name: string): Locator => page.getByRole('button', { name: `Add ${name}` });
    await dropInto(page, inKit('street.mp4'), CELLS.topLeft);
    await dropInto(page, inKit('photo.jpg'), CELLS.topRight);
    await dropInto(page, inKit('halves.mp4'), CELLS.bottomLeft);
    await dropInto(page, inKit('halves.mp4'), CELLS.bottomRight);
    await expect(layers).toHaveText(['halves', 'halves', 'photo', 'street']);

    // A clip that is too short says by how many frames; slowed down, it fills its window. The other one holds.
    const bands = page.locator('[data-band]');
    await expect(bands.nth(1)).toHaveAttribute('title', /: 25 frames are missing/);
    await layers.nth(1).click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=fill]').click());
    await expect(bands.nth(1)).not.toHaveAttribute('title', /missing/);
    await expect(bands.nth(0)).toHaveAttribute('title', /: 25 frames are missing/);

    // One after another from four sides, in one click.
    await layers.nth(3).click();
    for (const index of [2, 1, 0]) {
        await layers.nth(index).click({ modifiers: ['Shift'] });
    }
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-sides-length]').fill('10');
    await page.locator('[data-sides-by]').fill('4');
    await kept(page, () => page.locator('[data-sides]').click());
    expect((await layersOf(page)).map((layer) => layer.in)).toEqual([0, 4, 8, 12]);

    // What is in a window is framed apart from it: dragged to the right, until the yellow half is out of it.
    await goToFrame(page, 40);
    await page.keyboard.press('Escape');
    await page.mouse.dblclick(...(await onScreen(page, CELLS.bottomLeft)));
    const framing = page.locator('[data-window-framing]');
    await expect(framing).toBeVisible();
    const before = (await layersOf(page))[2]!;
    const [x, y] = await onScreen(page, CELLS.bottomLeft);
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const box = (await framing.boundingBox())!;
    await kept(page, () => drag(page, framing, (300 / 1920) * frame.width, 0, { x: x - box.x, y: y - box.y }));
    const framed = (await layersOf(page))[2]!;
    expect((framed.pan as number[])[0]).toBeGreaterThan(290);
    expect([framed.position, framed.size]).toEqual([before.position, before.size]);

    // Dragged onto another window, the two change places with each other.
    const [toX, toY] = await onScreen(page, CELLS.bottomRight);
    await page.keyboard.press('Escape');
    await expect(framing).toBeHidden();
    await page.mouse.dblclick(...(await onScreen(page, CELLS.topLeft)));
    const [fromX, fromY] = await onScreen(page, CELLS.topLeft);
    await kept(page, () => drag(page, framing, toX - fromX, toY - fromY, { x: fromX - box.x, y: fromY - box.y }));
    await page.keyboard.press('Escape');
    await expect(layers).toHaveText(['street', 'halves', 'photo', 'halves']);

    // One of them is looked at alone.
    await layers.nth(2).click();
    await kept(page, () => page.keyboard.press('a'));
    await expect(page.locator('[data-alone]')).toHaveText('1 alone · show all');
    await kept(page, () => page.keyboard.press('a'));

    const film = await renderAndDownload(page);
    const start = frameOf(film, 0, 1920, 1080);
    const later = frameOf(film, 14, 1920, 1080);
    const last = frameOf(film, 49, 1920, 1080);
    for (const cell of Object.values(CELLS)) {
        expectColour(start, ...cell, BLACK);
    }
    // The first two are there; the last one began to come in two frames before.
    expectColour(later, 300, 275, GREEN);
    expectColour(later, ...CELLS.topRight, RED);
    expectColour(frameOf(film, 12, 1920, 1080), ...CELLS.bottomRight, BLACK);
    // Between the cells and around them there is nothing.
    for (const [px, py] of [
        [960, 275],
        [485, 540],
        [8, 8],
        [1912, 1072],
    ] as const) {
        expectColour(last, px, py, BLACK);
    }
    expectColour(last, 300, 275, GREEN);
    expectColour(last, 700, 275, YELLOW);
    expectColour(last, ...CELLS.topRight, RED);
    expectColour(last, ...CELLS.bottomRight, BLUE);
    // Green where it was yellow: 485 + 300 is where the halves meet now.
    expectColour(last, 700, 805, GREEN);
    expectColour(last, 850, 805, YELLOW);
});
