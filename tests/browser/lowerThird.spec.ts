import { CLIPS } from './clips';
import {
    addToComposition,
    drag,
    emptyComposition,
    goTo,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    sheet,
    upload,
} from './producer';
import { canvasPixels, expectSoundInStep, frameOf, meanOf, probe } from './video';
import { expect, test } from './test';

test('a lower third over a clip, with the pointer alone: upload, build, keyframe, play, render', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await expect(page.locator('.transport .of')).toHaveText('/ 00:00:05:00');

    await addToComposition(page, 'Bar');
    await kept(page, () => drag(page, page.locator('.picture'), -130, 130));
    await addToComposition(page, 'Name');
    await kept(page, () => drag(page, page.locator('[data-handle=bottom-left]'), -180, 120, { x: 40, y: -14 }));
    await addToComposition(page, 'Small line');
    await expect(page.locator('[data-band]')).toHaveCount(4);

    // A slide and a fade of the bar: values at second 1, other values before.
    await page.locator('[data-layer] .name', { hasText: 'Bar' }).click();
    await page.locator('[data-tab=sheet]').click();
    await goTo(page, '1:00');
    await kept(page, () => sheet(page, 'position').locator('.bead').click());
    await kept(page, () => sheet(page, 'opacity').locator('.bead').click());
    await goTo(page, '0');
    await setField(page, 'position', 'Position x', '-500');
    await setField(page, 'opacity', 'Opacity', '0');
    for (const property of ['position', 'opacity']) {
        await page.locator(`[data-thread=${property}] [data-bead="0"]`).click({ button: 'right' });
        await kept(page, () => page.locator('[data-easing=cubic-out]').click());
    }

    await page.locator('[data-play]').click();
    await expect.poll(async () => Number(await page.locator('.picture').getAttribute('data-frame'))).toBeGreaterThan(5);
    await page.locator('[data-play]').click();

    const file = await renderAndDownload(page);
    const video = probe(file);
    expect(video).toMatchObject({ frames: 125, width: 960, height: 540, rate: '25/1', seconds: 5, sound: 5 });
    await expectSoundInStep(file);
    // Half way in time, cubic-out has gone 1 − 0.5³ = 0.875 of its way: the bar is nearly there, and nearly opaque.
    const answer = await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/glimpse?frame=12`);
    const bar = (await answer.json()).glimpse.list.items[1];
    const t = 1 - (1 - 12 / 25) ** 3;
    expect(parseInt(bar.colour.slice(7), 16) / 255).toBeCloseTo(t, 2);
});

for (const { clip, width, height, rate, frames } of [
    { clip: 'portrait.mp4', width: 540, height: 960, rate: '25/1', frames: 75 },
    { clip: 'ntsc.mp4', width: 1280, height: 720, rate: '30000/1001', frames: 120 },
    { clip: 'silent.mp4', width: 1280, height: 720, rate: '25/1', frames: 50 },
    { clip: 'odd.mp4', width: 640, height: 358, rate: '25/1', frames: 50 },
    { clip: 'turned.mp4', width: 720, height: 1280, rate: '25/1', frames: 50 },
]) {
    test(`a composition that matches ${clip} renders at its size, rate and length`, async ({ page }) => {
        await emptyComposition(page);
        await upload(page, clip);
        await page.getByRole('button', { name: `Add ${clip}` }).dblclick();
        await kept(page, () => page.locator('[data-match]').click());
        await addToComposition(page, 'Name');
        const file = await renderAndDownload(page, 'mp4', 1);
        expect(probe(file)).toMatchObject({ frames, width, height, rate });
        if (clip === 'ntsc.mp4') {
            await expectSoundInStep(file);
        }
    });
}

test('a refused file says why and leaves nothing behind', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    for (const [name, reason] of [
        ['words.mp4', 'cannot be read as video'],
        ['empty.mp4', 'the file is empty'],
        ['cut.mp4', 'cannot be'],
    ] as const) {
        await page.locator('[data-upload]').setInputFiles(`${CLIPS}/${name}`);
        await expect(page.getByRole('alert').filter({ hasText: name })).toContainText(reason);
    }
    await expect(page.getByRole('button', { name: /^Add .*mp4/ })).toHaveCount(0);
});

test('the preview and the export agree on the same frame, text and clip included', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 50);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-keep]').click());
    await addToComposition(page, 'Rounded bar');
    await kept(page, () => drag(page, page.locator('[data-handle=turn]'), 60, 10));
    await addToComposition(page, 'Frame');
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'opacity', 'Opacity', '60');
    await setField(page, 'outlineWidth', 'Outline width', '5');
    await page.setViewportSize({ width: 2500, height: 1700 });
    await page.getByLabel('pixel for pixel').click();
    await goTo(page, '40');
    await expect(page.locator('.picture[data-frame="40"][data-complete=true]')).toBeVisible();
    await page.waitForFunction(
        () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done(true)))),
    );
    // A canvas that has just become larger is clear until it is drawn on: on a busy machine that takes a while.
    let preview: Uint8Array = new Uint8Array();
    await expect
        .poll(async () => {
            preview = await canvasPixels(page, 1920, 1080);
            return preview.some((value, index) => index % 4 !== 3 && value > 0);
        })
        .toBe(true);
    const file = await renderAndDownload(page, 'mp4', 1);
    const exported = frameOf(file, 40, 1920, 1080);
    const difference = meanOf(preview, exported);
    console.log('mean difference per channel', difference.map((one) => one.toFixed(3)).join(' '));
    difference.forEach((one) => expect(one).toBeLessThanOrEqual(1.5));
});

test('undo, redo and a reload keep what was done', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    await addToComposition(page, 'Circle');
    await addToComposition(page, 'Bar');
    await kept(page, () => page.keyboard.press('Control+z'));
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await page.reload();
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await kept(page, () => page.keyboard.press('Control+Shift+z'));
    await expect(page.locator('[data-band]')).toHaveCount(2);
    const band = page.locator('[data-band]').first();
    await kept(page, () => drag(page, band.locator('[data-trim=out]'), -200, 0));
    await kept(page, () => drag(page, band, 90, 0));
    const first = (await layersOf(page)).at(-1)!;
    expect(first.in).toBeGreaterThan(5);
    expect(first.out).toBeLessThan(250);
});
