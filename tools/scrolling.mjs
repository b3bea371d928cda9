// Prints, as JSON, how long a composition takes to open in the browser, and the time between frames while its timeline is
// scrolled (48 pixels a frame, which is fast) and zoomed: median, longest, how many are over two sixtieths of a second, and how many there are.
import { chromium } from '@playwright/test';

const TOO_LONG = 34;

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });

/** The times between frames while something is done again and again, a frame each. */
async function during(act) {
    await page.evaluate(() => {
        window.times = [];
        let before = performance.now();
        const note = (now) => {
            window.times.push(now - before);
            before = now;
            window.noting = requestAnimationFrame(note);
        };
        window.noting = requestAnimationFrame(note);
    });
    for (let step = 0; step < 120; step++) {
        await act(step);
        await page.evaluate(() => new Promise(requestAnimationFrame));
    }
    const times = await page.evaluate(() => (cancelAnimationFrame(window.noting), window.times.slice(1)));
    const sorted = times.toSorted((a, b) => a - b);
    return [sorted[sorted.length >> 1], sorted.at(-1), times.filter((time) => time > TOO_LONG).length, times.length];
}

try {
    // Once, so that what is compiled and kept is not measured.
    await page.goto(process.argv[2]);
    await page.locator('[data-band]').first().waitFor();
    const began = Date.now();
    await page.reload();
    await page.locator('[data-band]').first().waitFor();
    await page.locator('.picture[data-complete=true]').waitFor();
    const opened = Date.now() - began;
    // What is fetched beforehand keeps both cores of a small machine busy, with nothing of it seen.
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(1000);

    const lane = await page.locator('.timeline .lane').nth(2).boundingBox();
    await page.mouse.move(lane.x + 300, lane.y + 10);
    const scrolling = await during((step) => page.mouse.wheel(0, step < 60 ? 48 : -48));
    await page.keyboard.down('Control');
    const zooming = await during((step) => page.mouse.wheel(0, step < 60 ? -60 : 60));
    console.log(JSON.stringify({ opened, scrolling, zooming }));
} finally {
    await browser.close();
}
