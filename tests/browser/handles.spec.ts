import { type Page } from '@playwright/test';
import { addToComposition, drag, emptyComposition, findInKit, goToFrame, kept, layersOf, setField } from './producer';
import { expect, test } from './test';

/** A place in the composition of 1920 × 1080 on the screen, and how many pixels of the screen one of its pixels is. */
async function onScreen(page: Page): Promise<{ at: (x: number, y: number) => [number, number]; scale: number }> {
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const scale = frame.width / 1920;
    return { at: (x, y) => [frame.x + x * scale, frame.y + y * scale], scale };
}

async function pull(page: Page, handle: string, dx: number, dy: number): Promise<void> {
    const { scale } = await onScreen(page);
    const grip = page.locator(`.handles [data-handle=${handle}]`);
    await kept(page, () => drag(page, grip, dx * scale, dy * scale));
}

/** What tests look at of a layer that has no keyframes. */
interface Still {
    position: [number, number];
    size: [number, number];
    scale?: [number, number];
    rounding?: number;
    boxWidth?: number;
}

const stills = async (page: Page): Promise<Still[]> => (await layersOf(page)) as unknown as Still[];
const last = async (page: Page): Promise<Still> => (await stills(page)).at(-1)!;

test('a bar is drawn by dragging and pulled wider: its round ends and its outline stay, and so does the other side', async ({
    page,
}) => {
    await emptyComposition(page);
    const item = await findInKit(page, 'Rounded bar');
    await item.click();
    await expect(page.getByText('Drag to draw: Rounded bar')).toBeVisible();
    // Escape puts it away, a click takes it again.
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-draw]')).toHaveCount(0);
    await item.click();

    const { at } = await onScreen(page);
    await page.mouse.move(...at(400, 300));
    await page.mouse.down();
    await page.mouse.move(...at(700, 380), { steps: 5 });
    await page.mouse.move(...at(1000, 460), { steps: 5 });
    await expect(page.locator('[data-draw] .size')).toContainText('×');
    await kept(page, () => page.mouse.up());
    await expect(page.locator('[data-draw]')).toHaveCount(0);
    const drawn = await last(page);
    const [left, top] = [drawn.position[0] - drawn.size[0] / 2, drawn.position[1] - drawn.size[1] / 2];
    // As exactly as a pixel of the screen is; a corner may have been drawn to a guide.
    expect([left, top].map((one, index) => Math.abs(one - [400, 300][index]!) < 6)).toEqual([true, true]);
    expect([drawn.size[0], drawn.size[1]].map((one, index) => Math.abs(one - [600, 160][index]!) < 24)).toEqual([
        true,
        true,
    ]);

    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'outlineWidth', 'Outline width', '8');
    await pull(page, 'right', 200, 0);
    const wide = await last(page);
    expect(wide).toMatchObject({ rounding: drawn.rounding, outlineWidth: 8, scale: drawn.scale });
    expect(wide.size[0]).toBeGreaterThan(drawn.size[0] + 150);
    expect(wide.size[1]).toBe(drawn.size[1]);
    expect(wide.position[0] - wide.size[0] / 2).toBeCloseTo(left, 2);

    // Where size has keyframes, a pull makes one.
    await kept(page, () => page.locator('.drawer [data-property=size] .bead').click());
    await goToFrame(page, 20);
    await pull(page, 'left', 120, 0);
    expect((await layersOf(page)).at(-1)).toMatchObject({ size: { keyframes: [{ at: 0 }, { at: 20 }] } });
});

test('several grow as one picture, are put into the frame as one, and all of a placement is reset', async ({
    page,
}) => {
    await emptyComposition(page);
    for (const x of ['600', '1000']) {
        await addToComposition(page, 'Circle');
        await page.locator('[data-tab=sheet]').click();
        await setField(page, 'size', 'Size w', '200');
        await setField(page, 'size', 'Size h', '200');
        await setField(page, 'position', 'Position x', x);
    }
    await page
        .locator('[data-layer] .name')
        .nth(1)
        .click({ modifiers: ['Shift'] });
    await expect(page.locator('.handles [data-all]')).toBeVisible();
    await pull(page, 'bottom-right', 300, 100);
    const [one, two] = await stills(page);
    // Round still, at the scale that they had, and the upper left corner is where it was.
    expect(one!.size[0]).toBeGreaterThan(220);
    expect(one!.size[0]).toBeCloseTo(one!.size[1], 2);
    expect([one!.size, one!.scale]).toEqual([two!.size, [100, 100]]);
    expect(one!.position[0] - one!.size[0] / 2).toBeCloseTo(500, 1);
    expect((two!.position[0] - one!.position[0]) / one!.size[0]).toBeCloseTo(2, 2);

    await page.locator('[data-as-block]').check();
    await kept(page, () => page.locator('[data-framing=fit]').click());
    const fitted = await stills(page);
    expect(fitted[0]!.position[0] - fitted[0]!.size[0] / 2).toBeCloseTo(0, 1);
    expect(fitted[1]!.position[0] + fitted[1]!.size[0] / 2).toBeCloseTo(1920, 1);

    await kept(page, () => page.locator('[data-reset-placement]').click());
    expect((await stills(page)).map(({ position }) => position)).toEqual([
        [960, 540],
        [960, 540],
    ]);
});

test('words from the Kit are typed over where they stand, and break in the box that was drawn for them', async ({
    page,
}) => {
    await emptyComposition(page);
    await kept(page, async () => (await findInKit(page, 'Name')).dblclick());
    await expect(page.locator('[data-words-here]')).toBeFocused();
    await page.keyboard.type('Marta Oldani');
    // Away from the words, what was typed is kept.
    await kept(page, () => page.locator('[data-time]').focus());
    expect((await layersOf(page)).at(-1)).toMatchObject({ text: 'Marta Oldani' });

    await (await findInKit(page, 'Small line')).click();
    const { at } = await onScreen(page);
    await page.mouse.move(...at(300, 600));
    await page.mouse.down();
    await page.mouse.move(...at(900, 700), { steps: 6 });
    await kept(page, () => page.mouse.up());
    await expect(page.locator('[data-words-here]')).toBeFocused();
    expect(Math.abs((await last(page)).boxWidth! - 600)).toBeLessThan(24);
});

test('keys and buttons lead to where what is selected is seen, and to the keyframes of one property', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    const at = (frame: number) => expect(page.locator('.picture')).toHaveAttribute('data-frame', String(frame));
    await page.getByRole('textbox', { name: 'In point' }).fill('20f');
    await kept(page, () => page.getByRole('textbox', { name: 'In point' }).press('Enter'));
    await page.getByRole('textbox', { name: 'Out point' }).fill('60f');
    await kept(page, () => page.getByRole('textbox', { name: 'Out point' }).press('Enter'));
    await page.locator('.picture').focus();
    await page.keyboard.press('Shift+End');
    await at(59);
    await page.keyboard.press('Shift+Home');
    await at(20);
    await page.getByRole('button', { name: /To its last visible frame/ }).click();
    await at(59);

    const bead = page.locator('.drawer [data-property=opacity] .bead');
    for (const frame of [30, 40]) {
        await goToFrame(page, frame);
        await kept(page, () => bead.click());
    }
    await page.getByRole('button', { name: 'To the keyframe of opacity before' }).first().click();
    await at(30);
    await page.getByRole('button', { name: 'To the keyframe of opacity after' }).first().click();
    await at(40);

    // Dragged along the ruler it is drawn to the bead; with Alt it goes by.
    const ruler = (await page.locator('[data-ruler]').boundingBox())!;
    const head = async (): Promise<number> => (await page.locator('[data-ruler] .head').boundingBox())!.x;
    const x = await head();
    const perFrame = ruler.width / (await page.locator('[data-time]').evaluate(() => 250));
    await page.mouse.move(x + 60 * perFrame, ruler.y + 10);
    const marks = page.waitForResponse(/\/marks\?/);
    await page.mouse.down();
    await marks;
    await page.mouse.move(x + 5, ruler.y + 10, { steps: 3 });
    await at(40);
    await page.keyboard.down('Alt');
    await page.mouse.move(x + 6 * perFrame, ruler.y + 10, { steps: 3 });
    await expect(page.locator('.picture')).not.toHaveAttribute('data-frame', '40');
    await page.keyboard.up('Alt');
    await page.mouse.up();
});

test('the picture cannot be panned out of sight, and a thread that is opened tall comes into view whole', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    const area = (await page.locator('.picture').boundingBox())!;
    await page.mouse.move(area.x + area.width / 2, area.y + area.height / 2);
    for (const [dx, dy] of [
        [4000, 3000],
        [-9000, -9000],
    ] as const) {
        await page.mouse.wheel(dx, dy);
        await page.mouse.wheel(dx, dy);
        const frame = (await page.locator('.picture .frame').boundingBox())!;
        const overlap = [
            Math.min(frame.x + frame.width, area.x + area.width) - Math.max(frame.x, area.x),
            Math.min(frame.y + frame.height, area.y + area.height) - Math.max(frame.y, area.y),
        ];
        expect(overlap.every((one) => one >= 47)).toBe(true);
    }
    await page.locator('.picture').focus();
    await page.keyboard.press('f');

    await page.locator('[data-tab=sheet]').click();
    for (const property of ['position', 'scale', 'rotation', 'opacity']) {
        await kept(page, () => page.locator(`.drawer [data-property=${property}] .bead`).click());
    }
    const thread = page.locator('[data-thread=opacity]');
    await thread.locator('[data-taller]').click();
    await expect
        .poll(async () => {
            const [row, body] = [(await thread.boundingBox())!, (await page.locator('.timeline').boundingBox())!];
            return row.height > 60 && row.y + row.height <= body.y + body.height + 1;
        })
        .toBe(true);
});
