import { type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from './producer';
import { expect, test } from './test';
import { frameOf } from './video';

const shown = async (page: Page): Promise<string> => {
    const answer = await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/glimpse?frame=10`);
    const { paths, items } = (await answer.json()).glimpse.list;
    return JSON.stringify([paths, items]);
};

const layer = async (page: Page, name: string): Promise<Record<string, unknown>> =>
    (await layersOf(page)).find((one) => one.name === name)!;

async function place(page: Page, x: string, z: string): Promise<void> {
    await setField(page, 'position', 'Position x', x);
    await setField(page, 'z', 'Depth', z);
}

test('a light shades by its angle, and throws the shadow of a card on a wall', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 30);
    await addToComposition(page, 'Square');
    await addToComposition(page, 'Circle');
    await page.locator('[data-tab=sheet]').click();
    await place(page, '700', '-120');
    const without = await shown(page);

    // A new one comes from where the picture is seen: what lies in that stays as bright as it is.
    await addToComposition(page, 'Directional light');
    expect(await shown(page)).toBe(without);
    await page.locator('[data-tab=sheet]').click();
    await expect(sheet(page, 'falloff')).toHaveCount(0);
    // From the left, 45° to the wall.
    await place(page, '-40', '-1000');
    await setField(page, 'shadow', 'Shadow', '60');
    await setField(page, 'lightSize', 'Radius', '0');

    const file = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    const pixels = frameOf(file, 10, 1920, 1080);
    const at = (x: number): number[] => [...pixels.subarray((540 * 1920 + x) * 4, (540 * 1920 + x) * 4 + 3)];
    const fill = String((await layer(page, 'Square')).fill);
    const wall = [1, 3, 5].map((index) => Number.parseInt(fill.slice(index, index + 2), 16));
    // The circle is 200 about x = 700, and its shadow as far to the right as it is before the wall: up to 1,020. It covers up to 909 itself.
    for (const [x, lit] of [
        [950, 0.4],
        [1010, 0.4],
        [1030, 1],
        [1120, 1],
    ] as const) {
        at(x).forEach((channel, index) => {
            expect(Math.abs(channel - wall[index]! * Math.SQRT1_2 * lit), `${x}, channel ${index}`).toBeLessThan(5);
        });
    }

    // The wall takes no shadow, and then no light at all.
    await page.locator('.timeline').getByText('Square', { exact: true }).first().click();
    const lit = await shown(page);
    const receives = page.locator('[data-light-switch=receivesShadow]');
    await kept(page, () => receives.click());
    expect((await layer(page, 'Square')).receivesShadow).toBe(false);
    expect(await shown(page)).not.toBe(lit);
    await kept(page, () => page.keyboard.press('Control+z'));
    expect(await shown(page)).toBe(lit);

    // Led by hand: as it is seen, nearer, and put before a layer as a lamp.
    await page.locator('.timeline').getByText('Directional light', { exact: true }).first().click();
    await expect(page.locator('[data-no-rhythm]')).toBeVisible();
    await page.locator('[data-drive-how=aim]').focus();
    await kept(page, () => page.keyboard.press('ArrowRight'));
    expect((await layer(page, 'Directional light')).aim).toEqual([970, 540]);
    await page.locator('[data-drive-how=nearer]').focus();
    const depth = Number((await layer(page, 'Directional light')).z);
    await kept(page, () => page.keyboard.press('ArrowUp'));
    expect(Number((await layer(page, 'Directional light')).z)).toBeLessThan(depth);
    await kept(page, async () => void (await page.locator('[data-light-source]').selectOption('point')));
    await expect(page.locator('[data-drive-how=aim]')).toHaveCount(0);
    await kept(page, async () => void (await page.locator('[data-at-layer=light]').selectOption({ label: 'Circle' })));
    expect((await layer(page, 'Directional light')).position).toEqual([700, 540]);
    const lamp = (await page.locator('[data-light-place]').boundingBox())!;
    await page.mouse.move(lamp.x + lamp.width / 2, lamp.y + lamp.height / 2);
    await page.mouse.down();
    await page.mouse.move(lamp.x + lamp.width / 2 + 40, lamp.y + lamp.height / 2, { steps: 4 });
    await kept(page, () => page.mouse.up());
    const [x, y] = (await layer(page, 'Directional light')).position as [number, number];
    expect(x).toBeGreaterThan(720);
    expect(y).toBe(540);

    // From elsewhere it is seen as well, and goes away and nearer there.
    await page.locator('[data-sight]').selectOption('above');
    await expect(page.locator('[data-light-place]')).toBeVisible();
    const before = await layer(page, 'Directional light');
    await page.locator('[data-drive-how=nearer]').focus();
    await kept(page, () => page.keyboard.press('ArrowDown'));
    const after = await layer(page, 'Directional light');
    expect(Number(after.z)).toBeGreaterThan(Number(before.z));
    expect(after.position).toEqual(before.position);
    await page.locator('[data-drive-how=across]').focus();
    await kept(page, () => page.keyboard.press('ArrowDown'));
    const across = await layer(page, 'Directional light');
    expect((across.position as number[])[1]).toBeGreaterThan((after.position as number[])[1]!);
    expect(across.z).toEqual(after.z);
});
