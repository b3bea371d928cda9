import { type Locator, type Page } from '@playwright/test';
import { addToComposition, emptyComposition, kept, layersOf, upload } from './producer';
import { expect, test } from './test';

const names = (page: Page): Promise<string[]> => page.locator('[data-composition] .name').allTextContents();

const about = async (page: Page, clip: string): Promise<void> => {
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    await page.getByRole('button', { name: `About ${clip}` }).click();
    await expect(page.locator('[data-details]')).toBeVisible();
};

test('compositions are duplicated, renamed, put in order and removed, and undo leads back to where it is seen', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    const first = page.url();
    await page.keyboard.press('g');
    await page.locator('[data-composition=c1]').hover();
    await page.getByRole('button', { name: 'Duplicate Composition 1' }).click();
    await expect(page).not.toHaveURL(first);
    const second = page.url();
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await addToComposition(page, 'Circle');

    await page.locator('[data-compositions]').click();
    await page.locator('[data-composition=c2] .name').dblclick();
    await page.locator('[data-composition-name]').fill('Opener');
    await kept(page, () => page.locator('[data-composition-name]').press('Enter'));
    await expect(page.locator('[data-compositions]')).toHaveText('Opener');
    await kept(page, () =>
        page.locator('[data-composition=c2] .picture').dragTo(page.locator('[data-composition=c1] .picture')),
    );
    await expect.poll(() => names(page)).toEqual(['Opener', 'Composition 1']);
    await page.locator('[data-composition=c1] .picture').click();
    await expect(page).toHaveURL(first);

    // What was done last was done in the other composition: undo goes there.
    await kept(page, () => page.keyboard.press('Control+z'));
    await kept(page, () => page.keyboard.press('Control+z'));
    await kept(page, () => page.keyboard.press('Control+z'));
    await expect(page).toHaveURL(second);
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await kept(page, () => page.keyboard.press('Control+z'));
    await expect(page).toHaveURL(first);
    await page.locator('[data-compositions]').click();
    await expect(page.locator('[data-composition]')).toHaveCount(1);
    await page.keyboard.press('Escape');

    // A reload is no end of it.
    await page.reload();
    await expect(page.locator('[data-band]')).toHaveCount(1);
    for (let step = 0; step < 4; step++) {
        await kept(page, () => page.locator('[data-redo]').click());
    }
    await page.locator('[data-compositions]').click();
    await expect.poll(() => names(page)).toEqual(['Opener', 'Composition 1']);
});

test('several compositions are selected, filed in a folder, and removed together', async ({ page }) => {
    await emptyComposition(page);
    for (const name of ['Opener', 'Closer']) {
        const request = page.request.post(`/api${new URL(page.url()).pathname}/edits`, {
            data: { edit: 'add-composition', args: { name }, revision: 0 },
        });
        expect((await request).status()).toBe(200);
    }
    await page.reload();
    await page.locator('[data-compositions]').click();
    const card = (key: string): Locator => page.locator(`[data-composition=${key}]`);
    await card('c2')
        .locator('.picture')
        .click({ modifiers: ['Control'] });
    await card('c3')
        .locator('.picture')
        .click({ modifiers: ['Shift'] });
    await expect(page.locator('[data-several] [role=status]')).toHaveText('2 selected');
    await page.locator('[data-several-folder]').click();
    await page.locator('[data-name]').fill('Open day');
    await kept(page, () => page.locator('[data-name]').press('Enter'));
    const heading = page.locator('[data-folder-heading="Open day"]');
    await expect(heading).toContainText('2');
    await heading.click();
    await expect(page.locator('[data-composition]')).toHaveCount(1);
    await heading.click();
    // Dragged onto what is in no folder, it is in none, either; what is selected goes along.
    await page.getByRole('button', { name: 'Clear the selection' }).click();
    await kept(page, () => card('c2').locator('.picture').dragTo(card('c1').locator('.picture')));
    await expect(card('c2')).toHaveAttribute('data-folder', '');
    await kept(page, () => card('c2').locator('.picture').dragTo(heading));
    await expect(card('c2')).toHaveAttribute('data-folder', 'Open day');
    await card('c3')
        .locator('.picture')
        .click({ modifiers: ['Control'] });
    await card('c2')
        .locator('.picture')
        .click({ modifiers: ['Control'] });
    await kept(page, () => page.locator('[data-several-remove]').click());
    await expect(page.locator('[data-composition]')).toHaveCount(1);
    await expect(heading).toHaveCount(0);
    await kept(page, () => page.locator('[data-undo]').click());
    await page.locator('[data-compositions]').click();
    await expect(card('c3')).toHaveAttribute('data-folder', 'Open day');
});

test('each composition remembers the playhead and what was selected', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-time]').fill('3:05');
    await page.locator('[data-time]').press('Enter');
    await expect(page.locator('[data-time]')).not.toBeFocused();
    await page.keyboard.press('g');
    await page.locator('[data-new-composition]').click();
    await page.getByRole('button', { name: 'Make composition' }).click();
    await expect(page.locator('[data-time]')).toHaveValue('00:00:00:00');
    await page.locator('[data-compositions]').click();
    await page.locator('[data-composition=c1] .picture').click();
    await expect(page.locator('[data-time]')).toHaveValue('00:00:03:05');
    await expect(page.locator('polygon.outline')).toHaveCount(1);
});

test('the history shows what was done, and goes back and forth along it', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Circle');
    await addToComposition(page, 'Square');
    await page.locator('[data-history]').click();
    const steps = page.locator('[data-step]');
    await expect(steps).toHaveCount(4);
    await kept(page, () => steps.nth(2).click());
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await kept(page, () => steps.nth(3).click());
    await expect(page.locator('[data-band]')).toHaveCount(0);
    await kept(page, () => steps.nth(0).click());
    expect((await layersOf(page)).map((layer) => layer.name)).toEqual(['Bar', 'Circle', 'Square']);
});

test('two windows undo each its own, and are told where one built on the other', async ({ page, context }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.locator('[data-band]')).toHaveCount(1);
    await expect(other.locator('[data-undo]')).toBeDisabled();
    await addToComposition(other, 'Circle');
    await expect(page.locator('[data-band]')).toHaveCount(2);
    await kept(page, () => page.keyboard.press('Control+z'));
    await expect.poll(async () => (await layersOf(page)).map((layer) => layer.name)).toEqual(['Circle']);
    await kept(page, () => page.keyboard.press('Control+Shift+z'));
    await expect(other.locator('[data-band]')).toHaveCount(2);
    await other.locator('[data-band]').last().click();
    await kept(other, () => other.keyboard.press('Delete'));
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(page.getByText('“add layer” cannot be undone by itself')).toBeVisible();
});

test('media are found by name, filed, looked up and replaced wherever they are used', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'silent.mp4');
    await upload(page, 'portrait.mp4');
    await page.getByRole('button', { name: 'Add silent.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await page.locator('[data-kit-search]').fill('portr');
    await expect(page.getByRole('button', { name: 'Add silent.mp4' })).toBeHidden();
    await expect(page.getByRole('button', { name: 'Add portrait.mp4' })).toBeVisible();
    await page.locator('[data-kit-search]').fill('');

    await about(page, 'silent.mp4');
    const details = page.locator('[data-details]');
    await expect(details).toContainText('“silent” in “Composition 1”');
    await expect(details).toContainText('h264');
    await details.getByLabel('Folder').fill('Street');
    await kept(page, () => details.getByLabel('Folder').press('Enter'));
    await expect(page.locator('[data-folder=Street]', { hasText: 'silent.mp4' })).toBeVisible();
    const before = (await layersOf(page))[0]!;
    await kept(page, async () => {
        await details.getByLabel('Replace by').selectOption('portrait.mp4');
    });
    const after = (await layersOf(page))[0]!;
    expect(after.media).not.toBe(before.media);
    await expect(page.locator('[data-folder=Street]', { hasText: 'portrait.mp4' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Add silent.mp4' })).toHaveCount(0);
    await kept(page, () => page.locator('[data-undo]').click());
    expect((await layersOf(page))[0]).toEqual(before);
    await expect(page.locator('[data-folder=Street]', { hasText: 'silent.mp4' })).toBeVisible();
});
