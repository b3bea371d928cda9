import { type Page } from '@playwright/test';
import { addToComposition, drag, emptyComposition, goTo, kept, layersOf, upload } from './producer';
import { expect, test } from './test';

const spans = async (page: Page): Promise<[string, number, number][]> =>
    (await layersOf(page)).map((layer) => [layer.name as string, layer.in as number, layer.out as number]);

/** What is seen on every frame, as the server tells it. */
const frames = async (page: Page): Promise<string> => {
    const lines = await (
        await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/frames?from=0&to=250`)
    ).text();
    return lines.replaceAll(/"paths":\{[^}]*\}/g, '');
};

const choose = async (page: Page, layer: string, act: string): Promise<void> => {
    await page.locator(`[data-layer=${layer}]`).click({ button: 'right' });
    await page.locator(`[data-act=${act}]`).click();
};

test('a clip is split, slipped and closed up, and what is seen stays what it was where it should', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    const [clip] = await layersOf(page);
    const before = await frames(page);
    await goTo(page, '20f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('x'));
    await expect(page.locator('[data-band]')).toHaveCount(2);
    expect(await frames(page)).toBe(before);
    await goTo(page, '40f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('x'));
    expect((await spans(page)).map(([, from, to]) => [from, to])).toEqual([
        [0, 20],
        [20, 40],
        [40, clip!.out as number],
    ]);
    expect(await frames(page)).toBe(before);

    // The middle part out, and the last moves up; the cut is where it was asked for.
    await kept(page, () => choose(page, 'l2', 'close'));
    const [first, last] = await layersOf(page);
    expect([first!.out, last!.in, last!.from]).toEqual([20, 20, 40]);

    // What plays is pulled along beneath its band by Ctrl.
    await page.keyboard.down('Control');
    const band = page.locator(`[data-band=${last!.id as string}]`);
    const perFrame = (await band.boundingBox())!.width / ((last!.out as number) - (last!.in as number));
    await kept(page, () => drag(page, band, 10.2 * perFrame, 0));
    await page.keyboard.up('Control');
    expect((await layersOf(page))[1]).toMatchObject({ in: 20, from: 30 });
});

test('layers are made as long as others, moved to the playhead, and duplicated right after', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await goTo(page, '100f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('Shift+O'));
    await goTo(page, '40f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('Shift+I'));
    await addToComposition(page, 'Circle');
    expect(await spans(page)).toEqual([
        ['Bar', 40, 101],
        ['Circle', 40, 250],
    ]);
    await kept(page, () => choose(page, 'l2', 'beneath'));
    expect((await spans(page))[1]).toEqual(['Circle', 40, 101]);
    await goTo(page, '10f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => choose(page, 'l2', 'place-first'));
    expect((await spans(page))[1]).toEqual(['Circle', 10, 71]);
    await kept(page, () => page.keyboard.press('Control+Shift+d'));
    expect((await spans(page))[2]).toEqual(['Circle copy', 71, 132]);
    await kept(page, () => choose(page, 'l2', 'composition'));
    expect((await spans(page))[1]).toEqual(['Circle', 0, 250]);
});

test('a locked layer says so whatever is done to it', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-layer=l1]').hover();
    await kept(page, () => page.getByRole('button', { name: 'Lock this layer' }).click());
    await page.locator('[data-band=l1]').click();
    await page.keyboard.press('Delete');
    await expect(page.getByText('“Bar” is locked; unlock it first')).toBeVisible();
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await kept(page, () => choose(page, 'l1', 'lock'));
    await kept(page, () => page.keyboard.press('Delete'));
    await expect(page.locator('[data-band]')).toHaveCount(0);
});

test('layers are copied into another composition, at the playhead or at the same time', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await goTo(page, '30f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('Shift+I'));
    await page.keyboard.press('Control+c');
    await page.keyboard.press('g');
    await page.locator('[data-new-composition]').click();
    await page.getByRole('button', { name: 'Make composition' }).click();
    await expect(page.locator('[data-band]')).toHaveCount(0);
    await page.mouse.click(700, 300);
    await goTo(page, '50f');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await kept(page, () => page.keyboard.press('Control+v'));
    await kept(page, () => page.keyboard.press('Control+Shift+v'));
    expect(await spans(page)).toEqual([
        ['Bar', 50, 270],
        ['Bar', 30, 250],
    ]);
});

test('a clip that is pasted into another project is there, with its media', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'silent.mp4');
    await page.getByRole('button', { name: 'Add silent.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await page.mouse.click(700, 300);
    await page.keyboard.press('Control+c');
    await emptyComposition(page);
    await page.mouse.click(700, 300);
    await kept(page, () => page.keyboard.press('Control+v'));
    expect(await spans(page)).toHaveLength(1);
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    await expect(page.getByRole('button', { name: 'Add silent.mp4' })).toBeVisible();
});

test('markers are dropped while it plays, named, moved, gone to and taken away', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    const markers = async (): Promise<{ frame: number; name: string; label: string }[]> =>
        (await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json()).document.markers;
    await page.keyboard.press('Home');
    await page.keyboard.press(' ');
    await page.waitForFunction(() => (document.querySelector('[data-time]') as HTMLInputElement).value > '00:00:00:10');
    await page.keyboard.press('m');
    await page.waitForFunction(() => (document.querySelector('[data-time]') as HTMLInputElement).value > '00:00:01:10');
    await page.keyboard.press('m');
    await expect(page.locator('[data-marker]')).toHaveCount(2);
    await page.keyboard.press(' ');
    const dropped = (await markers()).map((marker) => marker.frame);
    expect(dropped[0]).toBeGreaterThan(9);
    expect(dropped[1]).toBeGreaterThan(34);

    await page.keyboard.press('Home');
    await page.keyboard.press('PageDown');
    await page.keyboard.press('PageDown');
    await expect
        .poll(() => page.locator('[data-time]').inputValue())
        .toBe(`00:00:0${Math.floor(dropped[1]! / 25)}:${String(dropped[1]! % 25).padStart(2, '0')}`);
    await page.keyboard.press('PageUp');
    // The one that is gone to is shown as such, taken away by the key that dropped it, and dropped again.
    await expect(page.locator('.marker.here')).toHaveAttribute('data-marker', String(dropped[0]));
    await kept(page, () => page.keyboard.press('m'));
    await expect(page.locator('[data-marker]')).toHaveCount(1);
    await kept(page, () => page.keyboard.press('m'));
    await expect(page.locator('[data-marker]')).toHaveCount(2);

    const first = page.locator(`[data-marker="${dropped[0]}"]`);
    await first.dblclick();
    await page.locator('[data-marker-name]').fill('Bell');
    await kept(page, () => page.locator('[data-marker-name]').press('Enter'));
    await expect(first).toHaveText('Bell');
    await page.mouse.click(700, 300);
    await kept(page, () => drag(page, first, 60, 0, { x: 5, y: 6 }));
    const moved = await markers();
    expect(moved.find((marker) => marker.name === 'Bell')!.frame).toBeGreaterThan(dropped[0]!);
    expect(moved).toHaveLength(2);

    // Out as a table and in again: the same markers.
    await page.keyboard.press('Escape');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-markers-out]').click();
    const [table] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('menuitem', { name: 'Table (CSV)' }).click(),
    ]);
    expect(table.suggestedFilename()).toBe('composition-1.csv');
    await kept(page, () => page.getByRole('button', { name: 'Remove all markers' }).click());
    expect(await markers()).toEqual([]);
    const file = test.info().outputPath('markers.csv');
    await table.saveAs(file);
    await kept(page, () => page.locator('[data-markers-in]').setInputFiles(file));
    expect(await markers()).toEqual(moved);

    await page.locator(`[data-marker]`).last().focus();
    await kept(page, () => page.keyboard.press('Delete'));
    expect(await markers()).toHaveLength(1);
    await kept(page, () => page.keyboard.press('Control+z'));
    expect(await markers()).toEqual(moved);
});

test('while an end is pulled it is said how long the layer is', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    const end = (await page.locator('[data-band=l1] [data-trim=out]').boundingBox())!;
    await page.mouse.move(end.x + 2, end.y + 8);
    await page.mouse.down();
    await page.mouse.move(end.x - 200, end.y + 8);
    const said = page.locator('[data-lasts]');
    await expect(said).toHaveText(/^00:00:0\d:\d\d long$/);
    await expect(said).not.toHaveText('00:00:10:00 long');
    const label = (await said.textContent())!.split(' ')[0]!;
    await kept(page, () => page.mouse.up());
    await expect(said).toHaveCount(0);
    const [[, from, to]] = (await spans(page)) as [[string, number, number]];
    const [, , seconds, frames] = label.split(':').map(Number);
    expect(to - from).toBe(25 * seconds! + frames!);
});
