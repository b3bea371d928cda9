import { type Page } from '@playwright/test';
import { readFileSync, writeFileSync } from 'node:fs';
import { addToComposition, emptyComposition, keyframe, kept, layersOf, setField, upload } from './producer';
import { expect, test } from './test';

const removeClip = async (page: Page, name: string): Promise<void> => {
    await page.getByRole('button', { name: `About ${name}` }).click();
    await page.locator('[data-details]').getByRole('button', { name: 'Remove from the project' }).click();
};

test('a clip is removed and brought back, and not while it is in use', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'silent.mp4');
    await removeClip(page, 'silent.mp4');
    await expect(page.locator('.clip')).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await expect(page.locator('.clip')).toHaveCount(1);
    await page.getByRole('button', { name: 'Add silent.mp4', exact: true }).dblclick();
    await page.getByRole('button', { name: /match/i }).first().click();
    await expect.poll(async () => (await layersOf(page)).length).toBe(1);
    await removeClip(page, 'silent.mp4');
    await expect(page.getByText('“silent.mp4” is in use: “silent” in “Composition 1”')).toBeVisible();
    await expect(page.locator('.clip')).toHaveCount(1);
});

test('a broken connection costs a part of an upload, and the file comes whole', async ({ page }) => {
    await emptyComposition(page);
    let broken = 0;
    await page.route('**/api/uploads/*', async (route) => {
        if (route.request().method() === 'PATCH' && broken++ === 0) {
            await route.abort('connectionreset');
        } else {
            await route.continue();
        }
    });
    await upload(page, 'portrait.mp4');
    expect(broken).toBeGreaterThan(1);
});

test('a project is got out as a file, removed, and brought in again from the file', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'silent.mp4');
    await addToComposition(page, 'Bar');
    const name = `Tram ${Date.now()}`;
    const id = Number(page.url().split('/').at(-1));
    const project = (await (await page.request.get(`/api/compositions/${id}`)).json()).project.id as number;
    await page.locator('.crumb.project').click();
    const dialog = page.getByRole('dialog', { name: 'Projects' });
    await dialog.locator('.project', { hasText: 'Test' }).first().locator('[data-export]').click();
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('menuitem', { name: 'With its media (.ricamo)' }).filter({ visible: true }).click(),
    ]);
    expect(download.suggestedFilename()).toBe('test.ricamo');
    expect(
        readFileSync(await download.path())
            .subarray(0, 2)
            .toString(),
    ).toBe('PK');

    // One that says which it is, through the plain document.
    const document = await (await page.request.get(`/api/projects/${project}/export.json`)).json();
    const file = test.info().outputPath('tram.json');
    writeFileSync(file, JSON.stringify({ ...document, name, media: [] }));
    await page.locator('[data-open-project]').setInputFiles(file);
    await expect(page.locator('.crumb.project')).toHaveText(name);
    expect((await layersOf(page)).map((layer) => layer.kind)).toEqual(['shape']);

    await page.locator('.crumb.project').click();
    await dialog.getByRole('button', { name: `Remove ${name}` }).click();
    await expect(page.locator('.crumb.project')).not.toHaveText(name);
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(dialog.locator('.project', { hasText: name })).toBeVisible();

    await page.locator('[data-open-project]').setInputFiles({
        name: 'words.ricamo',
        mimeType: 'application/zip',
        buffer: Buffer.from('these are only words'),
    });
    await expect(dialog.getByRole('alert')).toContainText('words.ricamo cannot be opened');
});

test('a composition is removed, and the page about room shows and erases what was', async ({ page }) => {
    await emptyComposition(page);
    const first = page.url();
    await page.locator('[data-compositions]').click();
    await expect(page.getByRole('button', { name: 'A project keeps one composition' })).toBeDisabled();
    await page.locator('[data-new-composition]').click();
    await page.getByRole('button', { name: 'Make composition' }).click();
    await expect(page).not.toHaveURL(first);
    const second = page.url();
    await page.locator('[data-compositions]').click();
    await page.locator('[data-composition=c2]').hover();
    await page.getByRole('button', { name: 'Remove New composition' }).click();
    await expect(page).toHaveURL(first);
    await page.goto(second);
    await expect(page.getByText('not here any more')).toBeVisible();

    await page.goto(first);
    await page.locator('.crumb.project').click();
    await page.locator('[data-room]').click();
    const room = page.getByRole('dialog', { name: 'Room on the disk' });
    const removed = room.locator('section', { hasText: 'Removed' }).locator('li', { hasText: 'composition' });
    await expect(removed).not.toHaveCount(0);
    const before = await removed.count();
    await removed
        .first()
        .getByRole('button', { name: /^Erase/ })
        .click();
    await expect(removed).toHaveCount(before - 1);
});

test('what is dragged in time is drawn in by the end of another layer', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Bar');
    const [lower, upper] = (await layersOf(page)).map((layer) => layer.id as string);
    const width = (await page.locator(`[data-band=${upper}]`).boundingBox())!.width;
    const perFrame = width / 250;
    const out = page.locator(`[data-band=${lower}] [data-trim=out]`);
    const from = (await out.boundingBox())!;
    const pull = async (frames: number): Promise<void> => {
        const box = (await out.boundingBox())!;
        await page.mouse.move(box.x + 4, box.y + 8);
        await page.mouse.down();
        await page.mouse.move(box.x + 4 + frames * perFrame, box.y + 8, { steps: 6 });
        await kept(page, () => page.mouse.up());
    };
    await pull(-100);
    expect((await out.boundingBox())!.x).toBeLessThan(from.x - 90 * perFrame);
    await pull(99.2);
    expect((await layersOf(page)).map((layer) => layer.out)).toEqual([250, 250]);
});

test('a clip is removed from the page about room, and brought back', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'portrait.mp4');
    const id = page.url().split('/').at(-1);
    const { project } = await (await page.request.get(`/api/compositions/${id}`)).json();
    const name = `Room ${Date.now()}`;
    await page.request.post(`/api/projects/${project.id}/edits`, { data: { edit: 'rename-project', args: { name } } });
    await page.reload();
    await page.locator('.crumb.project').click();
    await page.locator('[data-room]').click();
    const room = page.getByRole('dialog', { name: 'Room on the disk' });
    const section = room.locator('section', { hasText: name });
    await section.getByRole('button', { name: 'Remove portrait.mp4' }).click();
    await expect(section.getByText('portrait.mp4')).toHaveCount(0);
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(section.getByText('portrait.mp4')).toHaveCount(1);
});

test('parts of a layer that was copied are pasted onto others: its animation, not its place', async ({ page }) => {
    await emptyComposition(page);
    for (const shape of ['Bar', 'Circle']) {
        await addToComposition(page, shape);
    }
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-layer=l1] .name').click();
    await setField(page, 'position', 'Position x', '400');
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '0'],
        [20, '90'],
    ]);
    // There is nothing to be pasted yet, which is said where it is looked for.
    await page.locator('.picture').focus();
    await page.keyboard.press('/');
    await page.locator('[data-find-everything]').fill('paste parts');
    await expect(page.locator('[data-found=parts]')).toContainText('Copy a layer first.');
    await page.keyboard.press('Escape');
    await page.locator('.picture').focus();
    await page.keyboard.press('Control+c');
    await page.locator('[data-layer=l2] .name').click({ button: 'right' });
    await page.locator('[data-act=parts]').click();
    await page.locator('[data-part=paint]').click();
    await kept(page, () => page.locator('[data-paste-parts]').click());
    await expect(page.locator('[data-parts]')).toBeHidden();
    const [, circle] = await layersOf(page);
    expect(circle).toMatchObject({ form: 'ellipse', position: [960, 540], fill: '#c0392b' });
    expect(circle!.rotation).toMatchObject({ keyframes: [{ value: 0 }, { at: 20, value: 90 }] });
});

test('parts of a layer are kept by a name, and given by a click or dropped onto a layer', async ({ page }) => {
    await emptyComposition(page);
    for (const shape of ['Bar', 'Circle', 'Star']) {
        await addToComposition(page, shape);
    }
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-layer=l1] .name').click();
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await page.locator('[data-layer=l1] .name').click({ button: 'right' });
    await page.locator('[data-act=keep-parts]').click();
    // Of what it can be, its paint alone.
    await page.locator('[data-part=animation]').click();
    await page.locator('[data-part=paint]').click();
    await expect(page.locator('[data-style-name]')).toHaveValue('Bar');
    await page.locator('[data-style-name]').fill('Tram red');
    await kept(page, () => page.locator('[data-style-name]').press('Enter'));
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=looks]').click();
    const style = page.locator('[data-kept="Tram red"]');

    // While the pointer rests on it, what is selected has it; a click gives it.
    await page.locator('[data-layer=l2] .name').click();
    await style.hover();
    const fill = async (layer: number): Promise<unknown> => (await layersOf(page))[layer]!.fill;
    expect(await fill(1)).not.toBe('#c0392b');
    await kept(page, () => style.click());
    expect(await fill(1)).toBe('#c0392b');
    // Dropped onto the name of another, it is given to that one.
    await kept(page, () => style.dragTo(page.locator('[data-layer=l3] .name')));
    expect(await fill(2)).toBe('#c0392b');
    await kept(page, () => page.getByRole('button', { name: 'Forget Tram red' }).click());
    await expect(style).toHaveCount(0);
});

test('several media are filed together, and removed together', async ({ page }) => {
    await emptyComposition(page);
    for (const name of ['photo.jpg', 'badge.png', 'silent.mp4']) {
        await upload(page, name);
    }
    const card = (name: string) => page.getByRole('button', { name: `Add ${name}` });
    await card('photo.jpg').click();
    await expect(page.locator('[data-several]')).toHaveCount(0);
    await card('silent.mp4').click({ modifiers: ['Shift'] });
    await expect(page.locator('[data-several]')).toContainText('3 selected');
    await card('silent.mp4').click({ modifiers: ['Control'] });
    await expect(page.locator('[data-several]')).toContainText('2 selected');
    await page.locator('[data-several-folder]').click();
    await page.locator('[data-name]').fill('Pictures');
    await kept(page, () => page.keyboard.press('Enter'));
    await expect(page.locator('[data-folder="Pictures"]')).toHaveCount(2);
    await kept(page, () => page.locator('[data-several-remove]').click());
    await expect(card('silent.mp4')).toBeVisible();
    await expect(card('photo.jpg')).toHaveCount(0);
    await expect(page.locator('[data-several]')).toHaveCount(0);
});
