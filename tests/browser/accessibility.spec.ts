import { type Page } from '@playwright/test';
import axe from 'axe-core';
import { addToComposition, emptyComposition, kept } from './producer';
import { expect, test } from './test';

/** What axe finds wrong on the page as it is, of any weight, in short. */
async function findings(page: Page): Promise<string[]> {
    // Away from what was clicked last, which is drawn otherwise beneath the pointer.
    await page.mouse.move(640, 20);
    if (!(await page.evaluate(() => 'axe' in window))) {
        await page.evaluate(axe.source);
    }
    return page.evaluate(async () => {
        const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(document);
        return violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${id}: ${html.slice(0, 160)}`));
    });
}

test('axe finds nothing on the views of the editor, in both themes', async ({ page }) => {
    await emptyComposition(page);
    expect.soft(await findings(page), 'empty composition').toEqual([]);
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-layer] .name').first().click();
    await kept(page, () => page.locator('.drawer [data-property=opacity] .bead').click());
    expect.soft(await findings(page), 'Sheet and timeline').toEqual([]);
    await page.locator('[data-phase=arrive]').click();
    await expect(page.locator('[data-move-picker]')).toBeVisible();
    expect.soft(await findings(page), 'moves').toEqual([]);
    await page.keyboard.press('Escape');
    for (const opens of ['[data-add-cascade]', '[data-add-effect]', '[data-choose-font]']) {
        await page.locator(opens).click();
        await expect(page.locator('[data-column-panel]')).toBeVisible();
        expect.soft(await findings(page), opens).toEqual([]);
        await page.keyboard.press('Escape');
    }
    await page.keyboard.press('Control+a');
    await expect(page.getByText('2 layers').first()).toBeVisible();
    expect.soft(await findings(page), 'several layers').toEqual([]);
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-kit-search]').fill('');
    for (const drawer of ['media', 'words', 'shapes', 'bundles', 'transitions', 'looks', 'shelf']) {
        await page.locator(`[data-drawer=${drawer}]`).click();
        expect.soft(await findings(page), `Kit: ${drawer}`).toEqual([]);
    }
    for (const [key, name] of [
        ['?', 'keys'],
        ['Control+Enter', 'render'],
    ]) {
        await page.locator('.picture').focus();
        await page.keyboard.press(key!);
        await expect(page.getByRole('dialog').first()).toBeVisible();
        expect.soft(await findings(page), name).toEqual([]);
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    await page.locator('.picture').focus();
    await page.keyboard.press('g');
    await expect(page.locator('[data-new-composition]')).toBeVisible();
    expect.soft(await findings(page), 'compositions').toEqual([]);
    await page.keyboard.press('Escape');
    await page.locator('.picture').focus();
    await page.keyboard.press('/');
    await expect(page.locator('[data-find-everything]')).toBeVisible();
    expect.soft(await findings(page), 'find everything').toEqual([]);
    await page.keyboard.press('Escape');
    await page.locator('.picture').focus();
    await page.keyboard.press('F1');
    await expect(page.locator('[data-guide-panel]')).toBeVisible();
    expect.soft(await findings(page), 'guide').toEqual([]);
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-guide-panel]')).toHaveCount(0);
    await page.evaluate(() => document.documentElement.classList.add('dark'));
    await page.locator('[data-tab=sheet]').click();
    expect.soft(await findings(page), 'in the evening').toEqual([]);
});
