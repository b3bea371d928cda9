// Prints how many frames a second of a composition are shown while it plays from its beginning, for three seconds.
import { chromium } from '@playwright/test';

const WARM = 500;
const MEASURED = 3000;

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' });

try {
    await page.goto(process.argv[2]);
    await page.locator('.picture[data-complete=true]').waitFor();
    await page.locator('.picture').focus();
    // Once, so that what is fetched and compiled is not measured.
    await page.keyboard.press(' ');
    await page.waitForTimeout(4500);
    await page.keyboard.press(' ');
    await page.keyboard.press('Home');
    await page.keyboard.press(' ');
    await page.waitForTimeout(WARM);
    const frames = await page.evaluate(
        (measured) =>
            new Promise((resolve) => {
                const picture = document.querySelector('.picture');
                const began = performance.now();
                let [seen, last] = [0, picture.dataset.frame];
                const look = (now) => {
                    if (picture.dataset.frame !== last) {
                        [seen, last] = [seen + 1, picture.dataset.frame];
                    }
                    if (now - began < measured) {
                        requestAnimationFrame(look);
                    } else {
                        resolve((1000 * seen) / (now - began));
                    }
                };
                requestAnimationFrame(look);
            }),
        MEASURED,
    );
    console.log(JSON.stringify(frames));
} finally {
    await browser.close();
}
