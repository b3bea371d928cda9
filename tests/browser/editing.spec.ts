import { type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { CLIPS } from './clips';
import {
    addToComposition,
    drag,
    emptyComposition,
    findInKit,
    goTo,
    goToFrame,
    kept,
    layersOf,
    setField,
    sheet,
} from './producer';
import { expect, test } from './test';

interface Keyframed {
    keyframes: { at: number; value: [number, number] }[];
}

async function barOn(page: Page): Promise<void> {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
}

/** A bar that goes from 960 to 760 in its first second. */
async function movingBar(page: Page): Promise<void> {
    await barOn(page);
    await kept(page, () => sheet(page, 'position').locator('.bead').click());
    // The time that is typed is read by the server: only then does a value fall on that frame.
    await goToFrame(page, 25);
    await setField(page, 'position', 'Position x', '760');
}

const positionOf = async (page: Page): Promise<Keyframed> => (await layersOf(page))[0]!.position as Keyframed;

test('fields work out sums, and say what is wrong with the rest', async ({ page }) => {
    await barOn(page);
    await setField(page, 'position', 'Position x', 'w/4 + 10');
    const field = sheet(page, 'position').getByRole('textbox', { name: 'Position x' });
    await expect(field).toHaveValue('490');
    await setField(page, 'rotation', 'Rotation', '-1.5t');
    await expect(sheet(page, 'rotation').getByRole('textbox')).toHaveValue('-540');

    await field.fill('w/');
    await field.press('Enter');
    await expect(sheet(page, 'position').getByRole('alert')).toContainText('something is missing at the end');
    await expect(field).toHaveValue('490');
    await field.fill('99');
    await field.press('Escape');
    await expect(field).toHaveValue('490');
    await expect(sheet(page, 'position').getByRole('alert')).toHaveCount(0);
});

test('the toggle beside a value shifts the whole animation', async ({ page }) => {
    await movingBar(page);
    await sheet(page, 'position').locator('[data-scope]').click();
    await setField(page, 'position', 'Position x', '800');
    expect((await positionOf(page)).keyframes.map((one) => one.value[0])).toEqual([1000, 800]);
    await page.locator('.picture').hover();
    await expect(page.locator('.badge')).toContainText('whole animation');
    await sheet(page, 'position').locator('[data-scope]').click();
    await setField(page, 'position', 'Position x', '900');
    expect((await positionOf(page)).keyframes.map((one) => one.value[0])).toEqual([1000, 900]);
});

test('several layers are set and keyframed at once', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'opacity', 'Opacity', '40');
    await page.locator('[data-layer] .name', { hasText: 'Bar' }).click({ modifiers: ['Shift'] });
    await expect(page.getByRole('heading', { name: '2 layers' })).toBeVisible();
    const opacity = sheet(page, 'opacity').getByRole('textbox');
    await expect(opacity).toHaveAttribute('placeholder', 'mixed');
    await expect(sheet(page, 'rounding')).toHaveCount(0);
    await kept(page, () => sheet(page, 'opacity').locator('.bead').click());
    await goTo(page, '20');
    await setField(page, 'opacity', 'Opacity', '0');
    await expect(opacity).toHaveValue('0');
    const keyframes = (await layersOf(page)).map((layer) => (layer.opacity as Keyframed).keyframes);
    expect(keyframes.map((ones) => ones.map((one) => [one.at, one.value]))).toEqual([
        [
            [0, 100],
            [20, 0],
        ],
        [
            [0, 40],
            [20, 0],
        ],
    ]);
    await kept(page, () => sheet(page, 'opacity').locator('.bead').click());
    expect((await layersOf(page)).map((layer) => (layer.opacity as Keyframed).keyframes.length)).toEqual([1, 1]);
});

test('beads are selected by a lasso and move together', async ({ page }) => {
    await movingBar(page);
    const thread = page.locator('[data-thread=position]');
    const beads = thread.locator('[data-bead]');
    await expect(beads).toHaveCount(2);
    const [first, last] = [(await beads.first().boundingBox())!, (await beads.last().boundingBox())!];
    const row = (await thread.boundingBox())!;
    // From beneath the first, which is high, to above the last, which is low.
    await page.mouse.move(first.x, row.y + row.height - 2);
    await page.mouse.down();
    await page.mouse.move(last.x + 24, row.y + 2, { steps: 5 });
    await page.mouse.up();
    await expect(thread.locator('[data-bead].selected')).toHaveCount(2);
    await kept(page, () => drag(page, beads.last(), 80, 0));
    const at = (await positionOf(page)).keyframes.map((one) => one.at);
    expect(at[0]).toBeGreaterThan(10);
    expect(at[1]! - at[0]!).toBe(25);
    await beads.first().focus();
    await kept(page, () => page.keyboard.press('ArrowLeft'));
    await kept(page, () => page.keyboard.press('Shift+ArrowRight'));
    expect((await positionOf(page)).keyframes.map((one) => one.at)).toEqual([at[0]! + 9, at[1]! + 9]);
    await page.keyboard.press('Enter');
    await kept(page, () => page.locator('[data-easing=sine-in-out]').click());
    const { keyframes } = (await layersOf(page))[0]!.position as { keyframes: { easing: string }[] };
    expect(keyframes.map((one) => one.easing)).toEqual(['sine-in-out', 'sine-in-out']);
    await kept(page, () => page.keyboard.press('Delete'));
    expect(Array.isArray((await layersOf(page))[0]!.position)).toBe(true);
});

test('the anchor is moved without moving the picture', async ({ page }) => {
    await barOn(page);
    const outline = page.locator('polygon.outline');
    const before = await outline.getAttribute('points');
    await kept(page, () => drag(page, page.locator('[data-handle=anchor]'), 60, -20));
    expect((await layersOf(page))[0]!.anchor).not.toEqual([0, 0]);
    const moved = (await outline.getAttribute('points'))!.split(/[ ,]/).map(Number);
    before!.split(/[ ,]/).forEach((value, index) => expect(Math.abs(Number(value) - moved[index]!)).toBeLessThan(0.02));
});

test('a dragged layer is drawn to the middle of the frame, and a guide says so', async ({ page }) => {
    await barOn(page);
    await setField(page, 'position', 'Position x', '700');
    const scale = Number(await page.locator('.picture .frame').evaluate((frame) => frame.clientWidth)) / 1920;
    const box = (await page.locator('polygon.outline').boundingBox())!;
    const [x, y] = [box.x + box.width / 2 + 20, box.y + box.height / 2 + 6];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + (260 - 9) * scale, y, { steps: 6 });
    await expect(page.locator('[data-guide]')).not.toHaveCount(0);
    await kept(page, () => page.mouse.up());
    await expect(page.locator('[data-guide]')).toHaveCount(0);
    expect((await layersOf(page))[0]!.position).toEqual([960, 540]);
    // With Alt it stays where the pointer leaves it.
    await page.mouse.move(x + 260 * scale, y);
    await page.mouse.down();
    await page.keyboard.down('Alt');
    await page.mouse.move(x + 260 * scale + 8, y, { steps: 4 });
    await kept(page, () => page.mouse.up());
    await page.keyboard.up('Alt');
    expect(((await layersOf(page))[0]!.position as number[])[0]).toBeGreaterThan(965);
});

test('things from the Kit land where they are dropped, in the picture and in time', async ({ page }) => {
    await emptyComposition(page);
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const picture = (await page.locator('.picture').boundingBox())!;
    const circleInKit = await findInKit(page, 'Circle');
    await kept(page, () =>
        circleInKit.dragTo(page.locator('.picture'), {
            targetPosition: {
                x: frame.x - picture.x + frame.width / 4,
                y: frame.y - picture.y + frame.height / 2,
            },
        }),
    );
    const [circle] = await layersOf(page);
    expect(Math.abs((circle!.position as number[])[0]! - 480)).toBeLessThan(4);
    expect(Math.abs((circle!.position as number[])[1]! - 540)).toBeLessThan(4);
    const timeline = (await page.locator('.timeline .body').boundingBox())!;
    const squareInKit = await findInKit(page, 'Square');
    await kept(page, () =>
        squareInKit.dragTo(page.locator('.timeline .body'), {
            targetPosition: { x: 312 + (timeline.width - 312) / 2, y: 60 },
        }),
    );
    const square = (await layersOf(page)).at(-1)!;
    expect(Math.abs((square.in as number) - 125)).toBeLessThan(4);
});

test('a colour is tried while it is picked, kept when the picker closes, and given up with Escape', async ({
    page,
}) => {
    await barOn(page);
    const { project } = await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json();
    for (const colour of ['#c0392b', '#c9973f']) {
        await page.request.post(`/api/projects/${project.id}/edits`, {
            data: { edit: 'add-swatch', args: { colour } },
        });
    }
    await page.reload();
    await page.locator('[data-band]').first().click();
    const fill = async (): Promise<unknown> => (await layersOf(page))[0]!.fill;
    const field = sheet(page, 'fill');
    const swatch = page.locator('[data-picker] .el-color-predefine__color-selector');
    await field.locator('[data-pick]').click();
    const tried = page.waitForResponse('**/edits/try');
    await swatch.nth(0).click();
    await tried;
    await expect(field.getByRole('textbox')).toHaveValue('#c0392b');
    expect(await fill()).toBe('#2f5d50');
    await kept(page, () => page.locator('nav .ricamo').click());
    expect(await fill()).toBe('#c0392b');

    await field.locator('[data-pick]').click();
    await swatch.nth(1).click();
    await expect(field.getByRole('textbox')).toHaveValue('#c9973f');
    await page.locator('[data-picker] input').first().press('Escape');
    await expect(field.getByRole('textbox')).toHaveValue('#c0392b');
    expect(await fill()).toBe('#c0392b');

    // Forgotten in the project, it is still offered as one that is in use.
    await field.locator('[data-pick]').click();
    await expect(page.locator('[data-keep-colour]').filter({ visible: true })).toHaveText('Forget in the project');
    const offered = await swatch.filter({ visible: true }).count();
    await kept(page, () => page.locator('[data-keep-colour]').filter({ visible: true }).click());
    await expect(page.locator('[data-keep-colour]').filter({ visible: true })).toHaveText('Keep for the project');
    await expect(swatch.filter({ visible: true })).toHaveCount(offered);
    await page.getByRole('button', { name: 'No colour' }).click();
    await kept(page, () => page.locator('nav .ricamo').click());
    expect(await fill()).toBe('#00000000');
});

test('words are edited where they stand, and seen while they are typed', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Title');
    const box = (await page.locator('polygon.outline').boundingBox())!;
    const middle = [box.x + box.width / 2, box.y + box.height / 2] as const;
    await page.mouse.dblclick(...middle);
    const words = page.locator('[data-words-here]');
    await expect(words).toBeFocused();
    await words.fill('Depot');
    const answer = page.waitForResponse('**/edits/try');
    await words.pressSequentially(' Nine');
    await answer;
    expect((await layersOf(page))[0]!.text).toBe('Title');
    await kept(page, () => words.press('Control+Enter'));
    expect((await layersOf(page))[0]!.text).toBe('Depot Nine');

    await page.mouse.dblclick(...middle);
    await words.fill('Depot Ten');
    await words.press('Escape');
    await expect(words).toBeHidden();
    await page.locator('[data-tab=sheet]').click();
    await expect(page.locator('[data-words]')).toHaveValue('Depot Nine');
    expect((await layersOf(page))[0]!.text).toBe('Depot Nine');

    // Elsewhere a double click writes new words, and so does the key for it.
    await kept(page, () => page.mouse.dblclick(box.x + box.width / 2, box.y + box.height + 60));
    await expect(words).toBeFocused();
    await words.fill('open day');
    await kept(page, () => words.blur());
    await page.locator('.picture').focus();
    await kept(page, () => page.keyboard.press('t'));
    await expect(words).toBeFocused();
    await words.press('Escape');
    expect((await layersOf(page)).map((layer) => layer.text)).toEqual(['Depot Nine', 'open day', 'Words']);
});

test('a clip dropped into an empty composition is put into it', async ({ page }) => {
    await emptyComposition(page);
    const clip = readFileSync(`${CLIPS}/silent.mp4`).toString('base64');
    const files = await page.evaluateHandle((base64) => {
        const bytes = Uint8Array.from(atob(base64), (character) => character.charCodeAt(0));
        const carried = new DataTransfer();
        carried.items.add(new File([bytes], 'silent.mp4', { type: 'video/mp4' }));
        return carried;
    }, clip);
    await page.locator('.picture').dispatchEvent('dragenter', { dataTransfer: files });
    await expect(page.getByText('Drop to bring the files')).toBeVisible();
    await page.locator('.picture').dispatchEvent('drop', { dataTransfer: files });
    await kept(page, () => page.locator('[data-match]').click());
    await expect(page.locator('[data-band]')).toHaveCount(1);
    await expect(page.locator('.transport .of')).toHaveText('/ 00:00:02:00');
});

test('the keyboard nudges, duplicates, steps and removes', async ({ page }) => {
    await movingBar(page);
    await page.locator('.picture').focus();
    await kept(page, () => page.keyboard.press('Shift+ArrowDown'));
    expect((await positionOf(page)).keyframes[1]!.value).toEqual([760, 550]);
    await page.locator('body').click({ position: { x: 640, y: 24 } });
    const time = page.locator('[data-time]');
    await page.keyboard.press(',');
    await expect(time).toHaveValue('00:00:00:00');
    await page.keyboard.press('.');
    await expect(time).toHaveValue('00:00:01:00');
    await page.keyboard.press('End');
    await expect(time).toHaveValue('00:00:09:24');
    await page.keyboard.press('Shift+ArrowLeft');
    await expect(time).toHaveValue('00:00:09:14');
    await kept(page, () => page.keyboard.press('Control+d'));
    await expect(page.locator('[data-band]')).toHaveCount(2);
    await kept(page, () => page.keyboard.press('Delete'));
    await expect(page.locator('[data-band]')).toHaveCount(1);
});

test('a second window follows the first, and a change on an old state is done on the new one, or refused with what it missed', async ({
    page,
    context,
}) => {
    await barOn(page);
    const second = await context.newPage();
    await second.goto(page.url());
    await expect(second.locator('[data-band]')).toHaveCount(1);
    await page.locator('[data-tab=kit]').click();
    await addToComposition(page, 'Circle');
    await expect(second.locator('[data-band]')).toHaveCount(2);

    // Somebody whose browser knows nothing of this one, and whose change is not followed yet.
    await second.route('**/changes?*', (route) => route.abort());
    const id = page.url().split('/').at(-1);
    const { revision } = await (await page.request.get(`/api/compositions/${id}`)).json();
    const edit = { edit: 'rename-layer', args: { layer: 'l1', name: 'Lower bar' }, revision };
    expect((await page.request.post(`/api/compositions/${id}/edits`, { data: edit })).ok()).toBe(true);
    // A copy of it touches nothing that was changed: it is made, and what was missed is in.
    await second.locator('[data-band]').last().click();
    await second.keyboard.press('Control+d');
    await expect(second.locator('[data-band]')).toHaveCount(3);
    await expect(second.locator('[data-layer] .name', { hasText: 'Lower bar' }).first()).toBeVisible();

    // Another name for what was given one meanwhile is not: it says so, and shows what there is.
    const { revision: next } = await (await page.request.get(`/api/compositions/${id}`)).json();
    const again = { edit: 'rename-layer', args: { layer: 'l1', name: 'Lowest bar' }, revision: next };
    expect((await page.request.post(`/api/compositions/${id}/edits`, { data: again })).ok()).toBe(true);
    const name = second.locator('[data-layer=l1] .name');
    await name.dblclick();
    await second.keyboard.type('Mine');
    await second.keyboard.press('Enter');
    await expect(second.getByText('changed in another window')).toBeVisible();
    await expect(name).toHaveText('Lowest bar');
});

test('of very many layers only the rows in sight are drawn', async ({ page }) => {
    await emptyComposition(page);
    const id = page.url().split('/').at(-1);
    const layers = Array.from({ length: 300 }, (_, index) => ({
        id: `bar${index}`,
        kind: 'shape',
        form: 'rectangle',
        name: `Bar ${index}`,
        in: index % 200,
        out: 250,
    }));
    await page.request.post(`/api/compositions/${id}/edits`, {
        data: { edit: 'paste-layers', args: { layers }, revision: 0 },
    });
    await page.reload();
    await expect(page.getByText('300 layers')).toBeVisible();
    await expect(page.locator('[data-layer] .name').first()).toHaveText('Bar 299');
    expect(await page.locator('[data-layer]').count()).toBeLessThan(40);
    await page.locator('.timeline .body').evaluate((body) => body.scrollTo(0, body.scrollHeight));
    await expect(page.locator('[data-layer] .name', { hasText: /^Bar 0$/ })).toBeVisible();
});

test('a composition is made with a size, a rate and a length in seconds', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-compositions]').click();
    await page.locator('[data-new-composition]').click();
    const dialog = page.getByRole('dialog', { name: 'New composition' });
    await dialog.getByRole('button', { name: '1080 × 1920' }).click();
    await dialog.getByLabel('Length').fill('2.5');
    await dialog.getByLabel('Name', { exact: true }).fill('Portrait');
    await dialog.locator('[data-make]').click();
    await expect(page.locator('[data-compositions]')).toHaveText('Portrait');
    // Two and a half seconds at 25 a second are 62.5 frames; halves go up.
    await expect(page.locator('.transport .of')).toHaveText('/ 00:00:02:13');
    await expect(page.locator('.transport .size')).toHaveText('1080 × 1920 · 25 fps');
    // Or as a sum.
    await page.locator('[data-compositions]').click();
    await page.locator('[data-new-composition]').click();
    await dialog.getByLabel('Length').fill('4s + 6f');
    await dialog.locator('[data-make]').click();
    await expect(page.locator('.transport .of')).toHaveText('/ 00:00:04:06');

    // The time goes on from here by a sum, and a layer is as long as is typed, or by so much longer.
    await goTo(page, '2s');
    await expect(page.locator('[data-time]')).toHaveValue('00:00:02:00');
    await goTo(page, '+1s');
    await expect(page.locator('[data-time]')).toHaveValue('00:00:03:00');
    await goTo(page, '-2s+4f');
    await expect(page.locator('[data-time]')).toHaveValue('00:00:01:04');
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    const lasts = page.getByLabel('Length of the layer');
    for (const [typed, label, out] of [
        ['1s', '00:00:01:00', 29 + 25],
        ['+6f', '00:00:01:06', 29 + 31],
        ['0:10', '00:00:00:10', 29 + 10],
    ] as const) {
        await kept(page, async () => {
            await lasts.fill(typed);
            await lasts.press('Enter');
        });
        await expect(lasts).toHaveValue(label);
        expect((await layersOf(page))[0]).toMatchObject({ in: 29, out });
    }
});

test('Escape closes what is open over the page, and nothing else', async ({ page }) => {
    await barOn(page);
    const fill = sheet(page, 'fill');
    await fill.locator('[data-pick]').click();
    await expect(page.locator('[data-picker]')).toBeVisible();
    // What is tried is given up with it.
    await page.locator('[data-picker] .el-color-svpanel').click({ position: { x: 5, y: 5 } });
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-picker]')).toBeHidden();
    await expect(fill.getByRole('textbox')).toHaveValue('#2f5d50');

    const opened = page.locator('.el-popper:visible, [data-column-panel]');
    for (const opens of ['[data-add-effect]', '.drawer .dye', '[data-phase=arrive]', '[data-compositions]']) {
        await page.locator(opens).click();
        await expect(opened).toHaveCount(1);
        await page.keyboard.press('Escape');
        await expect(opened).toHaveCount(0);
        await expect(fill).toBeVisible();
    }
    await page.keyboard.press('Escape');
    await expect(fill).toBeHidden();
});
