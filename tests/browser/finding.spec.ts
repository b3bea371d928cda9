import { addToComposition, emptyComposition, kept, setField, sheet } from './producer';
import { expect, test } from './test';

test('all keys are listed under ?, and found by what they do', async ({ page }) => {
    await emptyComposition(page);
    await page.keyboard.press('?');
    const dialog = page.getByRole('dialog', { name: 'Keys' });
    await expect(dialog.locator('dt')).not.toHaveCount(0);
    await dialog.locator('[data-find-key]').fill('split');
    await expect(dialog.locator('dt')).toHaveText(['X']);
    await dialog.locator('[data-find-key]').fill('fly');
    await expect(dialog.getByText('No key does that.')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
});

test('what is not always needed is folded until something is in it, and stays open once it was opened', async ({
    page,
}) => {
    await page.addInitScript(() => sessionStorage.getItem('begun') ?? localStorage.removeItem('ricamo.unfolded'));
    await page.addInitScript(() => sessionStorage.setItem('begun', 'true'));
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await expect(sheet(page, 'size')).toBeVisible();
    await expect(page.locator('[data-section=repeat]')).toBeVisible();
    await expect(page.locator('[data-place]').first()).toBeVisible();
    for (const folded of ['columns', 'drawEnd']) {
        await expect(sheet(page, folded)).toHaveCount(0);
    }
    await expect(page.locator('[data-add-effect]')).toHaveCount(0);
    // Looked for, it is found all the same.
    await page.locator('[data-find-value]').fill('columns');
    await setField(page, 'columns', 'Columns', '3');
    await page.locator('[data-find-value]').fill('');
    // Now there is something in it; emptied, it does not fold up under the hand.
    await expect(sheet(page, 'columns')).toBeVisible();
    await setField(page, 'columns', 'Columns', '1');
    await expect(sheet(page, 'columns')).toBeVisible();
    await page.locator('[data-section=effects] h2 button[aria-expanded]').click();
    await expect(page.locator('[data-add-effect]')).toBeVisible();
    await page.reload();
    await page.locator('[data-band]').first().click();
    await expect(page.locator('[data-add-effect]')).toBeVisible();
    await expect(sheet(page, 'columns')).toHaveCount(0);
});

test('a value is found by its name, and sections stay folded', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-find-value]').fill('outli');
    await expect(page.locator('.drawer [data-property]')).toHaveCount(3);
    await expect(page.locator('.drawer [data-property=outlineWidth]')).toBeVisible();
    await page.locator('[data-find-value]').fill('');
    await page.locator('[data-animated-only]').click();
    await expect(page.getByText('Nothing is animated here yet.')).toBeVisible();
    await page.locator('[data-animated-only]').click();
    await page.locator('[data-section=placement] h2 button[aria-expanded]').click();
    await expect(sheet(page, 'position')).toBeHidden();
    await page.reload();
    await page.locator('[data-band]').first().click();
    await expect(page.locator('[data-section=placement]')).toBeVisible();
    await expect(sheet(page, 'position')).toBeHidden();
});

test('the guide is a key away, and each part of the Sheet leads to its page', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('.picture').focus();
    await page.keyboard.press('F1');
    const guide = page.locator('[data-guide-panel]');
    await expect(guide.getByRole('heading', { level: 2 })).toHaveText('The first graphic in five minutes');
    for (const one of await guide.locator('[data-guide-page]').all()) {
        await one.click();
        await expect(guide.getByRole('heading', { level: 2 })).toHaveText((await one.textContent())!.trim());
        // Every picture of it is there.
        for (const picture of await guide.locator('article img').all()) {
            await expect
                .poll(() => picture.evaluate((img) => (img as HTMLImageElement).naturalWidth))
                .toBeGreaterThan(600);
        }
    }
    await page.keyboard.press('Escape');
    await expect(guide).toHaveCount(0);

    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-section=masks]').hover();
    await page.getByRole('button', { name: 'About Masks' }).click();
    await expect(guide.getByRole('heading', { level: 2 })).toHaveText('Windows, masks and effects');
});

test('one field finds everything, does it or goes there, and says why something cannot be done', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Circle');
    const find = async (text: string): Promise<void> => {
        await page.locator('.picture').focus();
        await page.keyboard.press('/');
        await page.locator('[data-find-everything]').fill(text);
    };
    // What is done, by what is selected.
    await find('dupl');
    await expect(page.locator('[data-found=duplicate]')).toHaveAttribute('aria-selected', 'true');
    await kept(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('[data-find-everything]')).toHaveCount(0);
    await expect(page.locator('[data-layer] .name')).toHaveCount(3);
    // Why something cannot be done, and that Enter does nothing then.
    await find('swap what');
    await expect(page.locator('[data-found=swap]')).toContainText('Select two windows.');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-find-everything]')).toBeVisible();
    // A layer, a value of it, a page of the guide.
    await page.locator('[data-find-everything]').fill('bar');
    await page.locator('[data-found=layer-l1]').click();
    await expect(page.locator('.cell.selected .name')).toHaveText('Bar');
    await find('roundi');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-find-value]')).toHaveValue('Rounding');
    await expect(sheet(page, 'rounding')).toBeVisible();
    // A setting says what it does as things stand.
    await find('time in frames');
    await expect(page.locator('[data-found=setting-time]')).toContainText('Setting');
    await page.keyboard.press('Enter');
    await expect(page.locator('.transport .time')).not.toContainText(':');
    await find('tell time');
    await expect(page.locator('[data-found=setting-time]')).toContainText('Tell time as timecode');
    await page.keyboard.press('Enter');
    await expect(page.locator('.transport .time')).toContainText(':');
    await find('rendering');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('ArrowUp');
    await page.locator('[data-found=page-rendering]').click();
    await expect(page.locator('[data-guide-panel]')).toBeVisible();
    await page.keyboard.press('Escape');
    await find('zzz');
    await expect(page.getByText('Nothing is called that.')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-find-everything]')).toHaveCount(0);
});
