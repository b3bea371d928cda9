import { test as base, type BrowserContext } from '@playwright/test';

export { expect } from '@playwright/test';

let shared: BrowserContext | undefined;
/** Parts of the Sheet that are folded until something is in them: open, but where a test is about that. */
let unfolded: string[] | undefined;

async function rareSections(context: BrowserContext): Promise<string[]> {
    const { sections } = await (await context.request.get('/api/vocabulary')).json();
    return (sections as { name: string; rare: boolean }[]).filter(({ rare }) => rare).map(({ name }) => name);
}

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
        unfolded ??= await rareSections(context);
        await page.addInitScript((sections) => {
            // Once: what a test does to it stays, also when the page is loaded again.
            if (sessionStorage.getItem('fresh') === null) {
                sessionStorage.setItem('fresh', 'no');
                localStorage.setItem('ricamo.unfolded', sections);
            }
        }, JSON.stringify(unfolded));
        await use(page);
    },
});
