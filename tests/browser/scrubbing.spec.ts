import { type Page } from '@playwright/test';
import { readdirSync } from 'node:fs';
import { CLIPS } from './clips';
import { emptyComposition, goToFrame, kept, layersOf, renderAndDownload, upload } from './producer';
import { canvasPixels, frameOf } from './video';
import { expect, test } from './test';

/** Each is a strip across the frame, above one another. */
const STRIPS = [
    { media: 'numbered.mp4', pace: { from: 39, speed: -100 } },
    { media: 'numbered.webm', pace: { beyond: 'loop', speed: 130 } },
    { media: 'numbered.gif', pace: { beyond: 'there-and-back', speed: 200 } },
    { media: 'numbered.mov', pace: { from: '19/2', speed: 37 } },
    { media: 'n1–40.png', pace: { beyond: 'hold', speed: 150 } },
];
const [WIDTH, STRIP] = [192, 96];

/** The numbers that the strips of a picture say, RGBA of any size. */
function numbersIn(pixels: Buffer, width: number, height: number): number[] {
    return STRIPS.map((_, strip) => {
        const y = Math.floor(((strip + 0.5) / STRIPS.length) * height);
        return [0, 1, 2, 3, 4, 5].reduce((number, bit) => {
            const x = Math.floor(((bit + 0.5) / 6) * width);
            return number + (pixels[4 * (y * width + x)]! > 128 ? 1 << bit : 0);
        }, 0);
    });
}

async function bringInNumberedPictures(page: Page): Promise<void> {
    await page
        .locator('[data-upload]')
        .setInputFiles(readdirSync(`${CLIPS}/numbered`).map((name) => `${CLIPS}/numbered/${name}`));
    await expect(page.getByRole('dialog', { name: 'Numbered pictures' })).toContainText('n1–40.png');
    await page.locator('[data-bring-in]').click();
    await expect(page.getByRole('button', { name: 'Add n1–40.png' })).toBeVisible();
}

test('any frame that is scrubbed to is the frame of the export, for every kind of clip at any pace', async ({
    page,
}) => {
    await emptyComposition(page);
    for (const { media } of STRIPS.slice(0, -1)) {
        await upload(page, media);
    }
    await bringInNumberedPictures(page);
    const composition = `/api/compositions/${page.url().split('/').at(-1)}`;
    const edit = async (name: string, args: object): Promise<void> => {
        const { revision } = await (await page.request.get(composition)).json();
        const answer = await page.request.post(`${composition}/edits`, { data: { edit: name, args, revision } });
        expect(answer.status(), await answer.text()).toBe(200);
    };
    const { project } = await (await page.request.get(composition)).json();
    await edit('set-composition', { width: WIDTH, height: STRIP * STRIPS.length, length: 60 });
    for (const [strip, { media, pace }] of STRIPS.entries()) {
        const { id } = project.media.find((one: { name: string }) => one.name === media);
        const layer = { kind: 'footage', media: id, in: 0, out: 60, scale: [100, 100], ...pace };
        await edit('add-layer', { layer: { ...layer, position: [WIDTH / 2, STRIP * (strip + 0.5)] } });
    }
    await page.reload();
    await expect(page.locator('[data-band]')).toHaveCount(STRIPS.length);
    const file = await renderAndDownload(page, 'mp4', 1);
    await page.keyboard.press('Escape');

    for (const frame of [0, 1, 2, 31, 30, 29, 17, 58, 59, 44, 3, 12]) {
        const rendered = numbersIn(frameOf(file, frame, WIDTH, STRIP * STRIPS.length), WIDTH, STRIP * STRIPS.length);
        await goToFrame(page, frame);
        const { width, height } = (await page.locator('.picture .frame').boundingBox())!;
        const [w, h] = [Math.floor(width), Math.floor(height)];
        await expect
            .poll(async () => numbersIn(await canvasPixels(page, w, h), w, h), { message: `frame ${frame}` })
            .toEqual(rendered);
        // Some of it worked out by hand.
        expect(rendered.slice(0, 2)).toEqual([Math.max(0, 39 - frame), Math.floor(frame * 1.3) % 40]);
    }
});

test('a layer has markers of its own, dropped with a key, that go where it goes and draw in what is dragged', async ({
    page,
}) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    for (const shape of ['Bar', 'Circle']) {
        await page.locator('[data-kit-search]').fill(shape);
        await kept(page, () => page.getByRole('button', { name: `Add ${shape}`, exact: true }).dblclick());
    }
    await page.locator('[data-layer=l1] .name').click();
    await goToFrame(page, 100);
    await kept(page, () => page.keyboard.press('Shift+M'));
    const flag = page.locator('.lane [data-marker]');
    await expect(flag).toHaveAttribute('data-marker', '100');
    await flag.dblclick();
    await kept(page, async () => {
        await page.locator('[data-marker-name]').fill('Lands');
        await page.locator('[data-marker-name]').press('Enter');
    });
    expect((await layersOf(page))[0]!.markers).toEqual([{ frame: 100, name: 'Lands', label: 'madder' }]);
    await goToFrame(page, 0);
    await page.keyboard.press('PageDown');
    await expect(page.locator('[data-time]')).toHaveValue('00:00:04:00');

    // The circle's beginning is drawn to it.
    await goToFrame(page, 0);
    const band = page.locator('[data-band=l2]');
    const box = (await band.boundingBox())!;
    const perFrame = box.width / 250;
    await page.mouse.move(box.x + 40, box.y + 8);
    await page.mouse.down();
    await page.mouse.move(box.x + 60, box.y + 8, { steps: 3 });
    await page.mouse.move(box.x + 40 + 100 * perFrame + 4, box.y + 8, { steps: 6 });
    await kept(page, () => page.mouse.up());
    expect((await layersOf(page))[1]!.in).toBe(100);
});

test('an edge that is pulled is drawn to the width that another layer has', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    for (const shape of ['Bar', 'Square']) {
        await page.locator('[data-kit-search]').fill(shape);
        await kept(page, () => page.getByRole('button', { name: `Add ${shape}`, exact: true }).dblclick());
    }
    const [bar, square] = await layersOf(page);
    const [wide, narrow] = [(bar!.size as number[])[0]!, (square!.size as number[])[0]!];
    const scale = (await page.locator('.picture .frame').boundingBox())!.width / 1920;
    const handle = (await page.locator('[data-handle=bottom-right]').boundingBox())!;
    const [x, y] = [handle.x + handle.width / 2, handle.y + handle.height / 2];
    // The opposite corner stays, so that the corner goes by what the width is to grow, and here three screen pixels less.
    const by = (wide - narrow) * scale - 3;
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + by / 2, y + by / 2, { steps: 4 });
    await page.mouse.move(x + by, y + by, { steps: 4 });
    await expect(page.locator('.guide').first()).toBeAttached();
    await kept(page, () => page.mouse.up());
    const [, pulled] = await layersOf(page);
    expect((pulled!.size as number[])[0]).toBeCloseTo(wide, 1);
});
