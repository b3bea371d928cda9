import { readFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from './producer';
import { frameOf } from './video';
import { expect, test } from './test';

test('words have a plate that fits them, a font tried in the picture, and a number that counts', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 60);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    // Resting on a font shows it; choosing keeps it, and it is among those used lately from then on.
    await page.locator('.drawer [data-choose-font]').click();
    const own = page.locator('[data-font=bebas-neue-bold]');
    await own.hover();
    await page.waitForTimeout(400);
    expect((await layersOf(page))[0]!.font).toBe('karla-bold');
    await kept(page, () => own.click());
    expect((await layersOf(page))[0]!.font).toBe('bebas-neue-bold');
    await page.locator('[data-choose-font]').click();
    await expect(page.locator('.picker section').first().locator('[data-font]')).toHaveAttribute(
        'data-font',
        'bebas-neue-bold',
    );
    await page.locator('[data-find-font]').press('Escape');

    // With a bead the typeface is one of its own at each keyframe, and the font beneath stays.
    await goToFrame(page, 0);
    await kept(page, () => sheet(page, 'typeface').locator('.bead').click());
    await goToFrame(page, 55);
    await page.locator('.drawer [data-choose-font]').click();
    await kept(page, () => page.locator('[data-font=karla-bold]').click());
    const [changing] = await layersOf(page);
    expect(changing!.font).toBe('bebas-neue-bold');
    expect(changing!.typeface).toMatchObject({ keyframes: [{ value: '' }, { value: 'karla-bold' }] });
    await expect(sheet(page, 'typeface')).toContainText('Karla Bold');
    await goToFrame(page, 54);
    await expect(sheet(page, 'typeface')).toContainText('Bebas Neue');

    await kept(page, async () => {
        await page.locator('[data-words]').fill('# kg');
        await page.locator('[data-words]').blur();
    });
    await page.getByText('Figures, ligatures').click();
    await kept(page, () => page.locator('[data-counts]').click());
    await kept(page, () => page.locator('[data-feature=tabular-figures]').click());
    await setField(page, 'plate', 'Colour as hex', '#ff0000');
    await keyframe(page, 'number', 'Number', [
        [0, '0'],
        [50, '1000'],
    ]);
    const file = await renderAndDownload(page);
    /** How wide the plate is on a frame. */
    const plate = (frame: number): number => {
        const pixels = frameOf(file, frame, 1920, 1080);
        const row = Array.from({ length: 1920 }, (_, x) => pixels[4 * (530 * 1920 + x)]! > 150);
        return row.lastIndexOf(true) - row.indexOf(true);
    };
    // One digit, two, three, four.
    const widths = [0, 2, 20, 50].map(plate);
    const steps = widths.slice(1).map((width, index) => width - widths[index]!);
    expect(Math.min(...steps)).toBeGreaterThan(15);
    expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(6);
});

test('some of the words are set otherwise, chosen where they are written', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    const words = page.locator('[data-words]');
    await kept(page, async () => {
        await words.fill('the old depot');
        await words.blur();
    });
    await expect(page.locator('[data-word-styles]')).toHaveCount(0);
    // Selected with the keyboard: from the end back over the last word.
    await words.focus();
    await page.keyboard.press('Control+End');
    for (let step = 0; step < 5; step++) {
        await page.keyboard.press('Shift+ArrowLeft');
    }
    await expect(page.locator('[data-word-styles]')).toContainText('“depot” alone');
    // Or where they stand in the picture: back over the first word.
    const outline = (await page.locator('polygon.outline').boundingBox())!;
    await page.mouse.dblclick(outline.x + outline.width / 2, outline.y + outline.height / 2);
    await expect(page.locator('[data-words-here]')).toBeFocused();
    await page.keyboard.press('Control+Home');
    for (let step = 0; step < 3; step++) {
        await page.keyboard.press('Shift+ArrowRight');
    }
    await expect(page.locator('[data-word-styles]')).toContainText('“the” alone');
    await page.keyboard.press('Escape');
    await words.focus();
    await page.keyboard.press('Control+End');
    for (let step = 0; step < 5; step++) {
        await page.keyboard.press('Shift+ArrowLeft');
    }
    await expect(page.locator('[data-word-styles]')).toContainText('“depot” alone');
    const hex = page.getByRole('textbox', { name: 'Colour of these as hex' });
    await kept(page, async () => {
        await hex.fill('#ff0000');
        await hex.press('Enter');
    });
    await kept(page, () => page.locator('[data-style-underline]').click());
    await kept(page, () => page.locator('[data-style-capitals]').click());
    expect((await layersOf(page))[0]!.styles).toEqual([
        { from: 8, to: 13, colour: '#ff0000', case: 'upper', underline: true },
    ]);
    // They go along with words that are written before them.
    await kept(page, async () => {
        await words.fill('see the old depot');
        await words.blur();
    });
    expect((await layersOf(page))[0]!.styles).toMatchObject([{ from: 12, to: 17 }]);
    const still = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
    const red = Array.from({ length: 1920 * 1080 }, (_, index) => 4 * index).filter(
        (at) => still.data[at]! > 200 && still.data[at + 1]! < 60,
    ).length;
    expect(red).toBeGreaterThan(1000);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    await page.locator('[data-layer=l1] .name').click();
    await words.selectText();
    await kept(page, () => page.locator('[data-style-none]').click());
    expect((await layersOf(page))[0]!.styles).toBeUndefined();
});

test('words follow a path that is drawn in the picture, and its points can be pulled', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    const at = (x: number, y: number): [number, number] => [frame.x + x * scale, frame.y + y * scale];
    await page.locator('[data-set-on-path]').click();
    await page.mouse.click(...at(400, 300));
    await page.mouse.click(...at(400, 900));
    await kept(page, () => page.keyboard.press('Enter'));
    const box = async (): Promise<{ width: number; height: number }> => {
        const still = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
        const [xs, ys]: [number[], number[]] = [[], []];
        for (let index = 0; index < 1920 * 1080; index++) {
            if (still.data[4 * index]! > 128) {
                xs.push(index % 1920);
                ys.push(Math.floor(index / 1920));
            }
        }
        const [left, right] = [xs.reduce((a, b) => Math.min(a, b)), xs.reduce((a, b) => Math.max(a, b))];
        return { width: right - left, height: ys.at(-1)! - ys[0]! };
    };
    // Downwards: higher than wide.
    const down = await box();
    expect(down.height).toBeGreaterThan(2 * down.width);
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => drag(page, page.locator('[data-path-knot="0.1"]'), 500 * scale, -600 * scale));
    const level = await box();
    expect(level.width).toBeGreaterThan(2 * level.height);
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => page.locator('[data-set-straight]').click());
    expect((await layersOf(page))[0]!.path ?? '').toBe('');
});

test('a cascade is dragged longer in the timeline, mirrored, and takes the words that come later', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 150);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator('[data-cascade=rise]').click());
    const cascades = async (): Promise<{ id: string; length: number; mirrors?: string }[]> =>
        (await layersOf(page))[0]!.cascades as { id: string; length: number; mirrors?: string }[];
    const before = (await cascades())[0]!.length;
    const mark = (await page.locator('[data-cascade-mark=c1]').boundingBox())!;
    await kept(page, () =>
        drag(page, page.locator('[data-cascade-mark=c1]'), mark.width, 0, { x: mark.width - 3, y: 5 }),
    );
    expect(Math.abs((await cascades())[0]!.length - 2 * before)).toBeLessThanOrEqual(2);
    await kept(page, () => page.locator('[data-mirror-cascade]').click());
    expect(await cascades()).toMatchObject([{ id: 'c1' }, { id: 'c2', mirrors: 'c1' }]);
    await expect(page.locator('[data-cascade-mark=c2]')).toBeVisible();
    // More letters share the same time.
    await expect(page.locator('.timing .count')).toHaveText('4 units');
    await kept(page, async () => {
        await page.locator('[data-words]').fill('Marta Oldani');
        await page.locator('[data-words]').blur();
    });
    await expect(page.locator('.timing .count')).toHaveText('11 units');
    // Without the arrival its mirror goes, too; one undo brings both back.
    await kept(page, () => page.locator('[data-attached=c1] [data-without]').click());
    expect((await layersOf(page))[0]!.cascades).toBeUndefined();
    await kept(page, () => page.locator('[data-undo]').click());
    expect(await cascades()).toHaveLength(2);
    await goToFrame(page, 0);
});

test('words in a box are parted by hyphens of their language, and hold pictures and a time that runs', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 75);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => {
        await page.locator('[data-words]').fill('Restoration by electricians 🚋 #');
        await page.locator('[data-words]').blur();
    });
    await setField(page, 'boxWidth', 'Box width', '720');
    const paths = (): Promise<string[]> =>
        page.evaluate(async () => {
            const id = location.pathname.split('/').at(-1);
            const answer = await fetch(`/api/compositions/${id}/glimpse?frame=30&layers=l1`);
            const { glimpse } = (await answer.json()) as { glimpse: { list: { items: { path: string }[] } } };
            return glimpse.list.items.map((one) => one.path);
        });
    const whole = await paths();
    await page.getByText('Figures, ligatures').click();
    await kept(page, () =>
        page
            .locator('[data-hyphens]')
            .selectOption('en-GB')
            .then(() => undefined),
    );
    expect((await paths())[0], 'the first line has a part of the next word').not.toBe(whole[0]);
    await kept(page, () => page.locator('[data-counts]').click());
    await kept(page, () =>
        page
            .locator('[data-counts-runs]')
            .selectOption('up')
            .then(() => undefined),
    );
    const picture = page.locator('.picture canvas');
    const painted = (): Promise<string> => picture.evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    await goToFrame(page, 26);
    await expect(page.locator('.picture[data-complete=true]')).toBeVisible();
    await page.waitForTimeout(400);
    const second = await painted();
    await goToFrame(page, 50);
    await expect.poll(painted, { message: 'a second later it says another time' }).not.toBe(second);
    const reading = (await layersOf(page))[0]!;
    expect([reading.hyphens, (reading.counts as { runs: string }).runs]).toEqual(['en-GB', 'up']);
});

test('a number goes in step with the bar beside it, and words run down', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await goToFrame(page, 0);
    await kept(page, () => page.locator('.drawer [data-property=size] .bead').click());
    await setField(page, 'size', 'Size w', '0');
    await goToFrame(page, 50);
    await setField(page, 'size', 'Size w', '800');
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => {
        await page.locator('[data-words]').fill('# px');
        await page.locator('[data-words]').blur();
    });
    await page.getByText('Figures, ligatures').click();
    await kept(page, () => page.locator('[data-counts]').click());
    await kept(
        page,
        async () => void (await page.locator('[data-counts-runs]').selectOption({ label: 'Bar: Size w' })),
    );
    const words = async () => (await layersOf(page))[1]!;
    expect((await words()).counts).toMatchObject({ of: { layer: 'l1', property: 'size' } });
    // As wide as what it says: nothing at first, three figures later.
    const width = (): Promise<number> =>
        page.locator('polygon.outline').evaluate((one: SVGPolygonElement) => one.getBoundingClientRect().width);
    const late = await width();
    await goToFrame(page, 0);
    await expect.poll(width).toBeLessThan(late - 10);

    await kept(page, () => page.locator('[data-down]').click());
    expect(await words()).toMatchObject({ down: true });
    const box = (await page.locator('polygon.outline').boundingBox())!;
    expect(box.height).toBeGreaterThan(box.width);
});

test('words have more fills and outlines, each with a paint of its own', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, () => page.locator('[data-add-fill]').click());
    await kept(page, () => page.locator('[data-add-outline]').click());
    const first = async () => (await layersOf(page))[0]!;
    expect((await first()).outlines).toMatchObject([
        { id: 'o2', width: 8 },
        { id: 'o1', side: 'beneath', width: 0, shift: [10, 10] },
    ]);
    await expect(page.locator('[data-attached=o1] b')).toHaveText('Fill 1');
    await kept(page, async () => void (await page.locator('[data-paint=o2]').selectOption('linear')));
    expect((await first()).gradients).toMatchObject([{ of: 'o2', form: 'linear', colour1: '#1d2430' }]);
    await kept(page, () => page.locator('[data-attached=o2] [data-more-colours]').click());
    expect((await first()).gradients).toMatchObject([{ of: 'o2', stops: 3 }]);
    await kept(page, () => page.locator('[data-attached=o2] [data-without]').click());
    expect((await first()).gradients).toBeUndefined();
});
