import { expect, test, type Locator, type Page } from '@playwright/test';
import { CLIPS } from './clips';
import { expectSoundInStep, frameOf, meanOf, probe } from './video';

async function emptyComposition(page: Page): Promise<void> {
    const made = await page.request.post('/api/projects', { data: { name: 'Test' } });
    const { composition } = await made.json();
    await page.goto(`/compositions/${composition}`);
    await expect(page.getByText('Drop a clip here')).toBeVisible();
}

async function kept(page: Page, change: () => Promise<void>): Promise<void> {
    const answer = page.waitForResponse(
        (response) => /\/(edits|undo|redo)$/.test(response.url()) && response.request().method() === 'POST',
    );
    await change();
    expect((await answer).status()).toBe(200);
    await expect(page.locator('.saved')).toHaveText('All changes kept');
}

async function drag(page: Page, from: Locator, dx: number, dy: number, at?: { x: number; y: number }): Promise<void> {
    const box = (await from.boundingBox())!;
    const [x, y] = [box.x + (at?.x ?? box.width / 2), box.y + (at?.y ?? box.height / 2)];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
    await page.mouse.move(x + dx, y + dy, { steps: 4 });
    await page.mouse.up();
}

async function upload(page: Page, name: string): Promise<void> {
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-upload]').setInputFiles(`${CLIPS}/${name}`);
    await expect(page.getByRole('button', { name: `Add ${name}` })).toBeVisible();
}

async function addToComposition(page: Page, label: string): Promise<void> {
    await kept(page, () => page.getByRole('button', { name: `Add ${label}`, exact: true }).dblclick());
}

async function goTo(page: Page, timecode: string): Promise<void> {
    await page.locator('[data-time]').fill(timecode);
    await page.locator('[data-time]').press('Enter');
}

const sheet = (page: Page, property: string): Locator => page.locator(`.drawer [data-property=${property}]`);

async function setField(page: Page, property: string, name: string, value: string): Promise<void> {
    const field = sheet(page, property).getByRole('textbox', { name, exact: true });
    await kept(page, async () => {
        await field.fill(value);
        await field.press('Enter');
    });
}

async function renderAndDownload(page: Page): Promise<string> {
    await page.locator('[data-render]').click();
    await page.locator('[data-begin-render]').click();
    const link = page.locator('[data-download]').first();
    await expect(link).toBeVisible({ timeout: 90_000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    return download.path();
}

test('a lower third over a clip, with the pointer alone: upload, build, keyframe, play, render', async ({ page }) => {
    const began = Date.now();
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
    expect(Date.now() - began).toBeLessThan(120_000);
    const video = probe(file);
    expect(video).toMatchObject({ frames: 125, width: 1920, height: 1080, rate: '25/1', seconds: 5, sound: 5 });
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
        const file = await renderAndDownload(page);
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
    await page.setViewportSize({ width: 2500, height: 1700 });
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await addToComposition(page, 'Rounded bar');
    await kept(page, () => drag(page, page.locator('[data-handle=turn]'), 60, 10));
    await addToComposition(page, 'Frame');
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'opacity', 'Opacity', '60');
    await setField(page, 'outlineWidth', 'Outline width', '5');
    await page.getByLabel('Pixel for pixel').click();
    await goTo(page, '40');
    await expect(page.locator('.picture[data-frame="40"][data-complete=true]')).toBeVisible();
    await page.waitForFunction(
        () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done(true)))),
    );
    const preview = await page.evaluate(() => {
        const canvas = document.querySelector<HTMLCanvasElement>('[data-picture]')!;
        const frame = document.querySelector<HTMLElement>('.picture .frame')!;
        const [x, y] = [Math.round(parseFloat(frame.style.left)), Math.round(parseFloat(frame.style.top))];
        return [...canvas.getContext('2d')!.getImageData(x, y, 1920, 1080).data];
    });
    const file = await renderAndDownload(page);
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
    const [first] = (
        await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json()
    ).document.layers.slice(-1);
    expect(first.in).toBeGreaterThan(5);
    expect(first.out).toBeLessThan(250);
});
