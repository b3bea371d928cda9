import { test as base, type BrowserContext } from '@playwright/test';

export { expect } from '@playwright/test';

/** Parts of the Sheet that are folded until something is in them: open, but where a test is about that. */
const UNFOLDED = [
    'Corners',
    'Line',
    'Repeat',
    'Plate',
    'Variable font',
    'Cascades',
    'Paint',
    'More fills and outlines',
    'Masks',
    'Effects',
    'Motion blur',
];

let shared: BrowserContext | undefined;

/** Tests whose pages share what the browser has read, compiled and decoded, which takes a second otherwise; nothing that is kept in it. */
export const test = base.extend({
    context: async ({ browser }, use) => {
        shared ??= await browser.newContext();
        await use(shared);
        await Promise.all(shared.pages().map((page) => page.close()));
    },
    page: async ({ context, baseURL }, use) => {
        const page = await context.newPage();
        const session = await context.newCDPSession(page);
        await session.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'local_storage' });
        await session.detach();
        await page.addInitScript((unfolded) => {
            // Once: what a test does to it stays, also when the page is loaded again.
            if (sessionStorage.getItem('fresh') === null) {
                sessionStorage.setItem('fresh', 'no');
                localStorage.setItem('ricamo.unfolded', unfolded);
            }
        }, JSON.stringify(UNFOLDED));
        await use(page);
    },
});
