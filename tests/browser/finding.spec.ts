import { expect, test } from '@playwright/test';
import { addToComposition, emptyComposition, sheet } from './producer';

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

test('a value is found by its name, and sections stay folded', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-find-value]').fill('out');
    await expect(page.locator('.drawer [data-property]')).toHaveCount(2);
    await expect(page.locator('.drawer [data-property=outlineWidth]')).toBeVisible();
    await page.locator('[data-find-value]').fill('');
    await page.locator('[data-animated-only]').click();
    await expect(page.getByText('Nothing is animated here so far.')).toBeVisible();
    await page.locator('[data-animated-only]').click();
    await page.locator('[data-section=Placement] h3 button[aria-expanded]').click();
    await expect(sheet(page, 'position')).toBeHidden();
    await page.reload();
    await page.locator('[data-band]').first().click();
    await expect(page.locator('[data-section=Placement]')).toBeVisible();
    await expect(sheet(page, 'position')).toBeHidden();
});
