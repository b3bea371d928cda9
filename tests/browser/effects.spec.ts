import { expect, test } from '@playwright/test';
import { addToComposition, emptyComposition, kept, layersOf } from './producer';

test('effects are chosen by pictures of the layer, put in order by dragging, and kept as a look for others', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-add-effect]').click();
    // Each is drawn, and no two of these alike.
    const drawn = (name: string): Promise<string> =>
        page.locator(`[data-sample=${name}]`).evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    const clear = await page.evaluate(() => {
        const canvas = document.createElement('canvas');
        Object.assign(canvas, { width: 116, height: 66 });
        return canvas.toDataURL();
    });
    await expect.poll(() => drawn('twirl')).not.toBe(clear);
    const pictures = await Promise.all(['blur', 'halo', 'twirl', 'corner-pin', 'scanlines', 'invert'].map(drawn));
    expect(new Set([...pictures, clear]).size).toBe(7);

    // Found by its name, tried by resting on it, and chosen.
    await page.locator('[data-find-effect]').fill('pin');
    await expect(page.locator('[data-effect]')).toHaveCount(3);
    await page.locator('[data-effect=corner-pin]').hover();
    expect((await layersOf(page))[0]!.effects).toBeUndefined();
    await kept(page, () => page.locator('[data-effect=corner-pin]').click());
    for (const effect of ['invert', 'blur']) {
        await page.locator('[data-add-effect]').click();
        await kept(page, () => page.locator(`[data-effect=${effect}]`).click());
    }
    const order = async (): Promise<string[]> =>
        ((await layersOf(page))[0]!.effects as { effect: string }[]).map(({ effect }) => effect);
    expect(await order()).toEqual(['corner-pin', 'invert', 'blur']);
    const title = (id: string) => page.locator(`[data-attached=${id}] [data-attached-title]`);
    await kept(page, () => title('e3').dragTo(title('e1')));
    expect(await order()).toEqual(['blur', 'corner-pin', 'invert']);
    await page.keyboard.press('Control+z');
    await expect.poll(order).toEqual(['corner-pin', 'invert', 'blur']);

    // Kept under a name, and given to another layer with one click.
    await page.locator('[data-look-name]').fill('Soft negative');
    await kept(page, () => page.locator('[data-look-name]').press('Enter'));
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=looks]').click();
    await kept(page, () =>
        page
            .getByRole('button', { name: /Soft negative/ })
            .first()
            .click(),
    );
    const effects = (await layersOf(page))[1]!.effects as { effect: string }[];
    expect(effects.map(({ effect }) => effect)).toEqual(['corner-pin', 'invert', 'blur']);
});
