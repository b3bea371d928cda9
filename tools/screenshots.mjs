// Refreshes docs/screenshots from the demo project, served by a server of its own with a database of its own.
import { chromium } from '@playwright/test';
import { execFileSync, spawn } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';

const PORT = 8904;
const FOLDER = `${process.cwd()}/storage/test-pictures`;
const PICTURES = 'docs/screenshots';
const env = {
    ...process.env,
    DB_DATABASE: `${FOLDER}/ricamo.sqlite`,
    RICAMO_ORIGINALS: `${FOLDER}/media`,
    RICAMO_RENDERS: `${FOLDER}/renders`,
    RICAMO_UPLOADS: `${FOLDER}/uploads`,
};

async function waitFor(condition) {
    for (const end = Date.now() + 120_000; Date.now() < end; await new Promise((done) => setTimeout(done, 200))) {
        if (await condition().catch(() => false)) {
            return;
        }
    }
    throw new Error('the server did not get ready');
}

const get = async (path) => (await fetch(`http://127.0.0.1:${PORT}/api/${path}`)).json();

rmSync(FOLDER, { recursive: true, force: true });
mkdirSync(FOLDER, { recursive: true });
writeFileSync(env.DB_DATABASE, '');
execFileSync('php', ['artisan', 'migrate', '--force', '-q'], { env });
execFileSync('php', ['artisan', 'ricamo:demo'], { env, stdio: 'inherit' });
const server = spawn('php', ['artisan', 'ricamo:serve', `--port=${PORT}`], { env, stdio: 'ignore' });
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });

try {
    await waitFor(async () => (await get('projects/1/media')).media.every((clip) => clip.state === 'ready'));
    const page = await browser.newPage({
        baseURL: `http://127.0.0.1:${PORT}`,
        viewport: { width: 1280, height: 800 },
        reducedMotion: 'reduce',
    });
    const settle = async () => {
        await page.locator('.picture[data-complete=true], .picture .empty').first().waitFor();
        await page.waitForTimeout(700);
    };
    /** Waits until there is something in a small picture. */
    const drawn = (canvas) =>
        page.waitForFunction((selector) => {
            const found = document.querySelector(selector);
            return found
                ?.getContext('2d')
                .getImageData(0, 0, found.width, found.height)
                .data.some((value) => value > 0);
        }, canvas);
    const take = async (name) => {
        await page.mouse.move(640, 24);
        await settle();
        await page.screenshot({ path: `${PICTURES}/${name}.png` });
    };

    await page.goto('/');
    await settle();
    await page.evaluate(() => localStorage.setItem('ricamo.welcomed', 'true'));
    await page.reload();
    await take('editor');

    const outline = await page.locator('polygon.outline').boundingBox();
    await page.mouse.move(outline.x + 60, outline.y + 20);
    await page.mouse.down();
    const frame = await page.locator('.picture .frame').boundingBox();
    const toMiddle = frame.x + frame.width / 2 - (outline.x + outline.width / 2);
    await page.mouse.move(outline.x + 62 + toMiddle, outline.y - 110, { steps: 8 });
    await page.locator('[data-guide]').first().waitFor({ state: 'attached' });
    await settle();
    await page.screenshot({ path: `${PICTURES}/guides.png` });
    await page.keyboard.press('Escape');
    await page.mouse.up();

    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    // A clip is looked through, with a stretch of it marked.
    await page.getByRole('button', { name: 'Look through Street in the evening.mp4' }).click();
    const strip = page.locator('[data-viewer] .strip');
    for (const [x, key] of [
        [230, 'i'],
        [560, 'o'],
    ]) {
        await strip.click({ position: { x, y: 11 } });
        await page.keyboard.press(key);
    }
    await take('kit');
    await page.keyboard.press('Escape');

    await page.locator('[data-thread=position] [data-bead]').nth(1).click({ button: 'right' });
    await take('easing');
    await page.keyboard.press('Escape');

    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-render]').click();
    await page.locator('[data-begin-render]').click();
    await page.getByText(/^Frame \d+ of/).waitFor();
    await take('render');
    await page.keyboard.press('Escape');

    await page.keyboard.press('Escape');

    // A few steps, for the history to show.
    for (const [edit, args] of [
        ['add-markers', { markers: [{ frame: 40, name: 'Bell' }] }],
        ['set-layer', { layers: ['l2'], label: 'lichen' }],
        ['add-swatch', { colour: '#5d8a80', name: 'Lichen' }],
        ['rename-composition', { composition: 'c4', name: 'Overlay at 60 frames a second' }],
    ]) {
        const { revision } = await get('compositions/1');
        const window = await page.evaluate(() => sessionStorage.getItem('ricamo.window'));
        await page.request.post('/api/compositions/1/edits', { data: { edit, args, revision, window } });
    }
    await page.reload();
    await settle();
    await page.locator('[data-history]').click();
    await take('history');
    await page.keyboard.press('Escape');
    await page.locator('[data-compositions]').click();
    await take('compositions');
    await page.locator('[data-composition=c3] .picture').click();
    await settle();
    await page.locator('[data-time]').fill('2:00');
    await page.locator('[data-time]').press('Enter');
    for (const layer of ['l2', 'l3', 'l4']) {
        await page.locator(`[data-layer=${layer}] .name`).click({ modifiers: layer === 'l2' ? [] : ['Shift'] });
    }
    await take('arranging');

    const open = async (composition, frame, layer) => {
        await page.locator('[data-compositions]').click();
        const before = page.url();
        await page.locator(`[data-composition=${composition}] .picture`).click();
        // Until it is there, keys and clicks would go to the one before.
        await page.waitForURL((url) => url.href !== before);
        await page.locator('[data-layer]').first().waitFor();
        await settle();
        await page.locator('[data-time]').fill(frame);
        await page.locator('[data-time]').press('Enter');
        await page.locator('[data-tab=sheet]').click();
        await page.locator(`[data-layer=${layer}] .name`).click();
    };
    await open('c22', '62f', 'l4');
    await page.locator('[data-sight]').selectOption('free');
    await page.getByRole('button', { name: /^Evening/ }).click();
    await page.waitForTimeout(1500);
    await take('evening');
    await page.getByRole('button', { name: /^Linen/ }).click();

    await open('c18', '16f', 'l1');
    await page.locator('[data-section=cascades]').evaluate((section) => section.scrollIntoView());
    await take('cascades');
    await open('c19', '78f', 'l2');
    await page.locator('[data-section=line]').scrollIntoViewIfNeeded();
    await take('strokes');
    await open('c7', '20f', 'l2');
    await page.locator('[data-phase=arrive]').click();
    await page.locator('[data-move=copies][data-filmed=true]').waitFor();
    await drawn('[data-move=fade] canvas');
    await take('rhythm');
    await page.keyboard.press('Escape');
    await open('c10', '90f', 'l2');
    await take('path');

    await open('c13', '100f', 'title');
    await take('windows');
    await open('c15', '70f', 'l2');
    await page.locator('[data-tab=sheet]').click();
    await page.getByRole('button', { name: 'Unwrap' }).evaluate((one) => one.scrollIntoView({ block: 'center' }));
    await take('bundle');
    await open('c11', '86f', 'l2');
    await page.locator('[data-section=masks]').evaluate((section) => section.scrollIntoView());
    await take('masks');

    await open('c16', '196f', 'l5');
    await page.locator('[data-add-effect]').click();
    await page.locator('[data-effect=corner-pin]').scrollIntoViewIfNeeded();
    await drawn('[data-sample=corner-pin]');
    await take('effects');
    await page.keyboard.press('Escape');
    await open('c17', '56f', 'l3');
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=transitions]').click();
    await take('transitions');

    const { composition } = await (await page.request.post('/api/projects', { data: { name: 'Open day' } })).json();
    await page.goto(`/compositions/${composition}`);
    await take('empty');
} finally {
    await browser.close();
    server.kill('SIGTERM');
    await new Promise((ended) => server.on('exit', ended));
    rmSync(FOLDER, { recursive: true, force: true });
}
