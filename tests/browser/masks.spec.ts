import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    sheet,
} from './producer';
import { readFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { expect, test } from './test';

interface Mask {
    position: [number, number];
    path: string | { keyframes: { at: number }[] };
}

/** How many points a path has that is drawn straight. */
const pointsOf = ({ path }: Mask): number => (typeof path === 'string' ? path.split(/[MLC]/).length - 1 : 0);

test('a form is drawn on the picture, its points pulled, put in, taken out and keyframed', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    const maskOf = async (): Promise<Mask> => ((await layersOf(page))[0]!.masks as Mask[])[0]!;
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    /** Where a point of the composition is on the screen. */
    const press = (x: number, y: number): Promise<void> => page.mouse.click(frame.x + x * scale, frame.y + y * scale);

    // Given up, nothing was drawn; a point too many is taken back.
    await page.locator('[data-add-mask]').selectOption('free');
    await press(900, 500);
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-pen]')).toHaveCount(0);
    expect((await layersOf(page))[0]!.masks).toBeUndefined();
    await page.locator('[data-add-mask]').selectOption('free');
    await press(860, 440);
    await press(1060, 440);
    await press(1300, 900);
    await page.keyboard.press('Backspace');
    await press(960, 640);
    await kept(page, () => press(860, 440));
    expect(await maskOf()).toMatchObject({ form: 'free' });
    expect(pointsOf(await maskOf())).toBe(3);
    // In the middle of its points, on the square's own pixels.
    const middle = (await maskOf()).position;
    expect(Math.abs(middle[0]) + Math.abs(middle[1])).toBeLessThan(8);

    // Between the last two points one more, which is pulled out, made smooth and taken away again.
    await kept(page, () => page.locator('[data-path-between="0.1"]').click());
    expect(pointsOf(await maskOf())).toBe(4);
    await kept(page, () => drag(page, page.locator('[data-path-knot="0.2"]'), 60 * scale, 0));
    await kept(page, () => page.locator('[data-path-knot="0.2"]').dblclick());
    expect((await maskOf()).path).toMatch(/C/);
    await page.locator('[data-path-knot="0.2"]').focus();
    await kept(page, () => page.keyboard.press('Delete'));
    expect(pointsOf(await maskOf())).toBe(3);

    // Keyframed, a point comes to be elsewhere; half way there in the middle of the time.
    await kept(page, () => sheet(page, 'm1.path').locator('.bead').click());
    await goToFrame(page, 10);
    await kept(page, () => drag(page, page.locator('[data-path-knot="0.1"]'), 0, -200 * scale));
    expect(((await maskOf()).path as { keyframes: { at: number }[] }).keyframes.map(({ at }) => at)).toEqual([0, 10]);
    await goToFrame(page, 5);
    const still = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
    const isSeen = (x: number, y: number): boolean => still.data[4 * (y * 1920 + x) + 1]! > 60;
    // The corner is now at (1060, 340): above the old edge something is seen, but not beyond.
    expect([isSeen(1040, 370), isSeen(1040, 330), isSeen(960, 600), isSeen(900, 600)]).toEqual([
        true,
        false,
        true,
        false,
    ]);
});

test('beside an inverted mask that is not opaque it is said what its opacity means', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('rectangle')));
    const note = page.locator('[data-mask-note]');
    await kept(page, () => page.locator('[data-mask-inverted]').click());
    await expect(note).toHaveCount(0);
    const opacity = sheet(page, 'm1.opacity').locator('input');
    await opacity.fill('70');
    await kept(page, () => opacity.press('Enter'));
    await expect(note).toHaveText('Opacity is the form’s own: inside it hides as much, outside it hides nothing.');
    await kept(page, () => page.locator('[data-mask-inverted]').click());
    await expect(note).toHaveCount(0);
});

test('a layer is cropped by its edges, pulled in the picture, and its own handles stay beside them', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('crop')));
    const scale = (await page.locator('.picture .frame').boundingBox())!.width / 1920;
    await kept(page, () => drag(page, page.locator('[data-mask-handle=left]'), 200 * scale, 0));
    const [layer] = (await layersOf(page)) as unknown as { size: number[]; masks: { left: number }[] }[];
    expect(Math.abs(layer!.masks[0]!.left - 200)).toBeLessThan(3);
    expect(layer!.size).toEqual([800, 180]);
    // A keyframe on one edge opens it.
    await kept(page, () => page.locator('.drawer [data-property="m1.left"] .bead').click());
    await goToFrame(page, 20);
    await kept(page, async () => {
        await sheet(page, 'm1.left').locator('input').fill('0');
        await sheet(page, 'm1.left').locator('input').press('Enter');
    });
    expect((await layersOf(page))[0]!.masks).toMatchObject([
        { left: { keyframes: [{ at: 0 }, { at: 20, value: 0 }] } },
    ]);
});

test('a mask is turned in the picture, and one bead keyframes all of it', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('rectangle')));
    const maskOf = async (): Promise<Record<string, unknown>> =>
        ((await layersOf(page))[0]!.masks as Record<string, unknown>[])[0]!;
    const frame = (await page.locator('.frame').boundingBox())!;
    const grip = (await page.locator('[data-mask-handle=turn]').boundingBox())!;
    const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2];
    const middle = [frame.x + frame.width / 2, frame.y + frame.height / 2] as const;
    // From above to the right: a quarter clockwise, with Shift in steps of 15°.
    const far = middle[1] - y;
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.keyboard.down('Shift');
    for (const degrees of [30, 60, 88]) {
        const turn = (degrees * Math.PI) / 180;
        await page.mouse.move(middle[0] + far * Math.sin(turn), middle[1] - far * Math.cos(turn));
    }
    await kept(page, () => page.mouse.up());
    await page.keyboard.up('Shift');
    expect(await maskOf()).toMatchObject({ rotation: 90 });

    const bead = page.locator('[data-attached=m1] [data-whole]');
    await goToFrame(page, 10);
    await kept(page, () => bead.click());
    for (const value of ['position', 'size', 'rotation', 'feather']) {
        expect((await maskOf())[value]).toMatchObject({ keyframes: [{ at: 10 }] });
    }
    // Moved on another frame, its way is seen, a tick a frame, and where it stands at the keyframe before.
    await expect(page.locator('[data-way]')).toHaveCount(0);
    await goToFrame(page, 20);
    await kept(page, () => drag(page, page.locator('[data-mask-knot]'), 150, 0));
    await expect(page.locator('.masks [data-way] circle')).toHaveCount(11);
    await expect(page.locator('[data-mask-ghost]')).toHaveCount(1);
    await goToFrame(page, 15);
    await expect(page.locator('[data-mask-ghost]')).toHaveCount(2);
    // Its way is made smooth by a double click on one of its points, and bent by the handle that comes.
    await goToFrame(page, 20);
    const point = page.locator('.masks [data-path-point="20"]');
    await kept(page, () => point.dblclick());
    await kept(page, () => drag(page, page.locator('.masks [data-bend="20 arrive"]'), 0, -60));
    const { keyframes } = (await maskOf()).position as { keyframes: { bend?: { arrive: number[] } }[] };
    expect(keyframes[1]!.bend!.arrive[1]).toBeLessThan(-20);
    for (let step = 0; step < 3; step++) {
        await kept(page, () => page.keyboard.press('Control+z'));
    }
    await goToFrame(page, 10);
    await kept(page, () => bead.click());
    expect(await maskOf()).toMatchObject({ rotation: 90 });
});

test('a picture is cut along a path that is drawn on it, and the cut follows its points', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    const press = (x: number, y: number): Promise<void> => page.mouse.click(frame.x + x * scale, frame.y + y * scale);
    const set = async (mark: string, value: string): Promise<void> => {
        const field = page.locator(`[${mark}] input, input[${mark}]`).last();
        await kept(page, async () => {
            await field.fill(value);
            await field.press('Enter');
        });
    };
    /** How light the picture is at places of the frame, 0 to 255. */
    const light = async (...places: [number, number][]): Promise<number[]> => {
        const still = PNG.sync.read(readFileSync(await renderAndDownload(page, 'still')));
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
        return places.map(([x, y]) => still.data[4 * (1920 * y + x) + 1]!);
    };
    const middle: [number, number] = [960, 540];
    const left: [number, number] = [930, 540];
    const right: [number, number] = [990, 540];
    const corner: [number, number] = [1080, 420];
    await kept(page, () => page.locator('[data-cut]').click());
    await kept(page, async () => void (await page.locator('[data-patch-form]').selectOption('path')));
    await set('data-patch-count=rows', '2');
    await set('data-patch-count=columns', '1');
    await setField(page, 'p1.gap', 'Gap', '40');

    // Given up, the cut stays the level line that it began with.
    await page.locator('[data-cut-along]').click();
    await press(960, 300);
    await page.keyboard.press('Escape');
    expect((await layersOf(page))[0]!.patchwork).toMatchObject({ path: '' });
    await page.locator('[data-cut-along]').click();
    await press(960, 300);
    await press(960, 780);
    await kept(page, () => page.keyboard.press('Enter'));
    const [inCut, toLeft, toRight, away] = await light(middle, left, right, corner);
    expect(toLeft).toBe(toRight);
    expect(toLeft! - inCut!).toBeGreaterThan(60);
    expect(away).toBe(toLeft);

    // Its lower end pulled up to the right: from there it cuts off a corner.
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => drag(page, page.locator('[data-path-knot="0.1"]'), 240 * scale, -240 * scale));
    const [whole, , , cut] = await light(middle, left, right, corner);
    expect([whole, cut]).toEqual([toLeft, inCut]);

    // One undo is one step, and without patchwork nothing is cut.
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => page.keyboard.press('Control+z'));
    expect((await light(middle))[0]).toBe(inCut);
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => page.locator('[data-uncut]').click());
    expect((await light(middle))[0]).toBe(toLeft);
});
