import { expect, type Locator, type Page } from '@playwright/test';
import { CLIPS } from './clips';

/** What a producer does with pointer and keyboard. */

export async function emptyComposition(page: Page): Promise<void> {
    const made = await page.request.post('/api/projects', { data: { name: 'Test' } });
    const { composition } = await made.json();
    await page.goto(`/compositions/${composition}`);
    await expect(page.getByText('Drop a clip here')).toBeVisible();
}

export async function kept(page: Page, change: () => Promise<void>): Promise<void> {
    const answer = page.waitForResponse(
        (response) =>
            /\/(edits|undo|redo|history\/\d+)$/.test(response.url()) && response.request().method() === 'POST',
    );
    await change();
    const answered = await answer;
    // What was answered is fetched only where it is to be read.
    const said = answered.status() === 200 ? '' : `${answered.request().postData()} → ${await answered.text()}`;
    expect(answered.status(), said).toBe(200);
    await expect(page.locator('.saved')).toHaveText('All changes kept');
}

export async function drag(
    page: Page,
    from: Locator,
    dx: number,
    dy: number,
    at?: { x: number; y: number },
): Promise<void> {
    const box = (await from.boundingBox())!;
    const [x, y] = [box.x + (at?.x ?? box.width / 2), box.y + (at?.y ?? box.height / 2)];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
    await page.mouse.move(x + dx, y + dy, { steps: 4 });
    await page.mouse.up();
}

export async function upload(page: Page, name: string): Promise<void> {
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    await page.locator('[data-upload]').setInputFiles(`${CLIPS}/${name}`);
    await expect(page.getByRole('button', { name: `Add ${name}` })).toBeVisible();
}

/** Shows a thing of the Kit, in whichever drawer it lies. */
export async function findInKit(page: Page, label: string): Promise<Locator> {
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-kit-search]').fill(label);
    return page.getByRole('button', { name: `Add ${label}`, exact: true });
}

export async function addToComposition(page: Page, label: string): Promise<void> {
    const item = await findInKit(page, label);
    await kept(page, () => item.dblclick());
    // Once it is cleared, Escape gives the keys back to what is worked on.
    await page.locator('[data-kit-search]').press('Escape');
    await page.locator('[data-kit-search]').press('Escape');
}

export async function goTo(page: Page, timecode: string): Promise<void> {
    await page.locator('[data-time]').fill(timecode);
    await page.locator('[data-time]').press('Enter');
}

export const sheet = (page: Page, property: string): Locator => page.locator(`.drawer [data-property="${property}"]`);

/** Chooses by its picture: the list opens where the chosen one is shown. */
export async function choosePicture(page: Page, kind: string, name: string): Promise<void> {
    await page.locator(`[data-${kind}]`).click();
    await kept(page, () => page.locator(`.tiles:visible [data-choice="${name}"]`).click());
}

/** Chooses an easing in a field for one. */
export async function chooseEasing(page: Page, field: string, name: string): Promise<void> {
    await page.locator(field).click();
    await kept(page, () => page.locator(`.el-popover:visible [data-easing="${name}"]`).click());
}

export async function setField(page: Page, property: string, name: string, value: string): Promise<void> {
    const field = sheet(page, property).getByRole('textbox', { name, exact: true });
    await kept(page, async () => {
        await field.fill(value);
        await field.press('Enter');
    });
}

/** Goes to a frame, and waits until the keys are free again. */
export async function goToFrame(page: Page, frame: number): Promise<void> {
    await goTo(page, `${frame}f`);
    await expect(page.locator('[data-time]')).not.toBeFocused();
}

/** Values of one property on several frames, as a producer keyframes them: the bead first, then value after value. */
export async function keyframe(
    page: Page,
    property: string,
    name: string,
    values: [frame: number, value: string][],
): Promise<void> {
    await page.locator('[data-tab=sheet]').click();
    const bead = (): Promise<void> => kept(page, () => sheet(page, property).locator('.bead').click());
    for (const [index, [frame, value]] of values.entries()) {
        await goToFrame(page, frame);
        const stands = await sheet(page, property).getByRole('textbox', { name, exact: true }).inputValue();
        // A first keyframe, or one that holds what is there already, takes a click on the bead.
        if (index === 0 || stands === value) {
            await bead();
        }
        if (stands !== value) {
            await setField(page, property, name, value);
        }
    }
}

/** Renders and downloads a file, a movie at half the width and height where its test says nothing else: a quarter of the work. */
export async function renderAndDownload(
    page: Page,
    format = 'mp4',
    scale = format === 'mp4' ? 0.5 : 1,
): Promise<string> {
    await page.locator('[data-render]').click();
    await expect(page.locator('[data-begin-render]')).toBeVisible();
    await page.locator('[data-render-format]').selectOption(format);
    await page.locator('[data-render-scale]').selectOption(String(scale));
    const links = page.locator('[data-download]');
    // Those that were rendered before are listed as soon as the server has told of them.
    await page.waitForTimeout(400);
    const before = await links.count();
    await page.locator('[data-begin-render]').click();
    await expect(links).toHaveCount(before + 1);
    const [download] = await Promise.all([page.waitForEvent('download'), links.first().click()]);
    return download.path();
}

export const layersOf = async (page: Page): Promise<Record<string, unknown>[]> =>
    (await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json()).document.layers;

/** Selects every keyframe of a property, and opens what can be done to them. */
export async function openKeyframes(page: Page, property: string, tab: 'easing' | 'keyframes'): Promise<void> {
    const beads = page.locator(`[data-thread="${property}"] [data-bead]`);
    const count = await beads.count();
    for (let index = 0; index < count; index++) {
        const isSelected = /selected/.test((await beads.nth(index).getAttribute('class')) ?? '');
        if (!isSelected) {
            await beads.nth(index).click({ modifiers: ['Control'] });
        }
    }
    await beads.first().press('Enter');
    await page.locator(`[data-keyframe-tab=${tab}]`).click();
}

/** Makes the composition that long, while nothing is selected. */
export async function setLength(page: Page, frames: number): Promise<void> {
    await page.locator('[data-tab=sheet]').click();
    const field = page.locator('.drawer').getByRole('textbox', { name: 'Length', exact: true });
    await kept(page, async () => {
        await field.fill(String(frames));
        await field.press('Enter');
    });
}

/** Wraps up what is selected, under a name. */
export async function wrapUp(page: Page, name: string): Promise<void> {
    await page.keyboard.press('b');
    await expect(page.locator('[data-name]')).toBeFocused();
    await page.locator('[data-name]').fill(name);
    await kept(page, () => page.keyboard.press('Enter'));
}
