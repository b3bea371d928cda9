import { type Locator, type Page } from '@playwright/test';
import { addToComposition, drag, emptyComposition, goToFrame, keyframe, kept, layersOf, setLength } from './producer';
import { expect, test } from './test';

interface Course {
    keyframes: { at: number; value: number | number[]; easing: string; pin: string }[];
}
const courseOf = async (page: Page, property: string, layer = 0): Promise<Course['keyframes']> =>
    ((await layersOf(page))[layer]![property] as Course).keyframes;

const twoShapes = async (page: Page): Promise<void> => {
    await emptyComposition(page);
    await setLength(page, 120);
    for (const shape of ['Bar', 'Circle']) {
        await addToComposition(page, shape);
    }
    await page.locator('[data-layer=l1] .name').click();
};

test('keyframes are repeated, copied onto another layer, backwards too, and their values dragged in an open thread', async ({
    page,
}) => {
    await twoShapes(page);
    await keyframe(page, 'opacity', 'Opacity', [
        [10, '20'],
        [30, '80'],
    ]);
    await goToFrame(page, 50);
    await kept(page, () => page.keyboard.press('r'));
    expect((await courseOf(page, 'opacity')).map(({ at, value }) => [at, value])).toEqual([
        [10, 20],
        [30, 80],
        [50, 80],
    ]);

    // The last one to an exact frame, and all of them stretched by its end.
    const beads = page.locator('[data-thread=opacity] [data-bead]');
    await beads.nth(2).click();
    await beads.nth(2).press('Enter');
    await page.locator('[data-keyframe-tab=keyframes]').click();
    await page.locator('[data-on-frame]').fill('70');
    await kept(page, () => page.locator('[data-on-frame]').press('Enter'));
    expect((await courseOf(page, 'opacity')).map(({ at }) => at)).toEqual([10, 30, 70]);
    await beads.nth(1).click();
    await beads.nth(2).click({ modifiers: ['Shift'] });
    const perFrame = ((await beads.nth(2).boundingBox())!.x - (await beads.nth(1).boundingBox())!.x) / 40;
    await page.keyboard.down('Control');
    await kept(page, () => drag(page, beads.nth(2), -20 * perFrame, 0));
    await page.keyboard.up('Control');
    expect((await courseOf(page, 'opacity')).map(({ at }) => at)).toEqual([10, 30, 50]);

    await beads.nth(0).click();
    await beads.nth(1).click({ modifiers: ['Shift'] });
    await page.keyboard.press('Control+c');
    await page.locator('[data-layer=l2] .name').click();
    await goToFrame(page, 60);
    await kept(page, () => page.keyboard.press('Control+Shift+v'));
    expect((await courseOf(page, 'opacity', 1)).map(({ at, value }) => [at, value])).toEqual([
        [60, 80],
        [80, 20],
    ]);

    await page.locator('[data-thread=opacity] [data-taller]').click();
    const thread = page.locator('[data-thread=opacity].tall');
    await expect(thread.getByText(/fastest/)).toBeVisible();
    // From the bottom, which stands for 20, half of the height up.
    await kept(page, () => drag(page, thread.locator('[data-bead="80"]'), 0, -66));
    const [, raised] = await courseOf(page, 'opacity', 1);
    expect(raised!.at).toBe(80);
    expect(Math.abs((raised!.value as number) - 50)).toBeLessThan(3);
    await thread.locator('[data-taller]').click();
});

test('layers begin one after another, pulse where the playhead is, and their moves become plain keyframes', async ({
    page,
}) => {
    await twoShapes(page);
    await page.locator('[data-layer=l2] .name').click({ modifiers: ['Shift'] });
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-stagger-by]').fill('12');
    await kept(page, () => page.locator('[data-stagger]').click());
    expect((await layersOf(page)).map((layer) => layer.in)).toEqual([0, 12]);

    await page.locator('[data-layer=l2] .name').click();
    await goToFrame(page, 40);
    await page.locator('[data-accents]').click();
    await page.locator('[data-accent=pulse]').hover();
    await kept(page, () => page.locator('[data-accent=pulse]').click());
    await page.keyboard.press('Escape');
    expect((await layersOf(page))[1]!.accents).toEqual([{ accent: 'pulse', at: 28, length: 20, by: 15, times: 1 }]);
    await expect(page.locator('[data-accent-mark]')).toHaveCount(1);

    // It goes, too, and comes again: by any of the moves, in times of its own.
    await goToFrame(page, 70);
    await page.locator('[data-accents]').click();
    await kept(page, () => page.locator('[data-accent=gone-fade]').click());
    const leaves = page.locator('.accents').getByRole('textbox', { name: 'Leaves in' });
    await leaves.fill('5');
    await kept(page, () => leaves.press('Enter'));
    await page.keyboard.press('Escape');
    expect((await layersOf(page))[1]!.accents).toHaveLength(2);
    expect((await layersOf(page))[1]!.accents).toContainEqual({
        accent: 'gone-fade',
        at: 58,
        length: 50,
        leaves: 5,
        comes: 15,
    });

    await page.locator('[data-phase=arrive]').click();
    await kept(page, () => page.locator('[data-move=overshoot]').click());
    await page.keyboard.press('Escape');
    await page.locator('[data-layer=l2]').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=write-moves]').click());
    const [, circle] = await layersOf(page);
    expect(circle).not.toHaveProperty('arrive');
    const scales = await courseOf(page, 'scale', 1);
    expect(scales.length).toBe(19);
    expect(scales[0]!.value).toEqual([0, 0]);
    // It goes beyond its size on the way.
    expect(Math.max(...scales.map(({ value }) => (value as number[])[0]!))).toBeGreaterThan(105);
});

test('moves and cascades are chosen by small films of the layer itself, which leave the picture and the timeline whole', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    const picture = (await page.locator('.picture').boundingBox())!;
    const shown = (tile: Locator): Promise<string> =>
        tile.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());

    await page.locator('[data-phase=arrive]').click();
    for (const tile of await page.locator('[data-move]').all()) {
        await expect(tile).toHaveAttribute('data-filmed', 'true');
    }
    const picker = (await page.locator('[data-move-picker]').boundingBox())!;
    expect(picker.y).toBeGreaterThanOrEqual(picture.y + picture.height);
    // It moves while the pointer rests on it, as the picture does, and stands as before when that has left.
    const slide = page.locator('[data-move=slide]');
    const still = await shown(slide);
    expect(await shown(page.locator('[data-move=wipe]'))).not.toBe(still);
    await slide.hover();
    await expect.poll(() => shown(slide)).not.toBe(still);
    await expect(page.locator('[data-slope=arrive]')).toBeAttached();
    await page.mouse.move(700, 200);
    await expect.poll(() => shown(slide)).toBe(still);
    await expect(page.locator('[data-slope=arrive]')).toHaveCount(0);
    await page.keyboard.press('Escape');

    await page.locator('[data-add-cascade]').click();
    const panel = page.locator('[data-column-panel]');
    await expect(panel.locator('[data-cascade=pop]')).toHaveAttribute('data-filmed', 'true');
    const beside = (await panel.boundingBox())!;
    expect(beside.x + beside.width).toBeLessThanOrEqual(picture.x + 1);
    await page.keyboard.press('Escape');
    await expect(panel).toHaveCount(0);
    // A press anywhere else closes it, and does what it does.
    await page.locator('[data-add-cascade]').click();
    await expect(panel).toBeVisible();
    await page.locator('.transport').click({ position: { x: 300, y: 6 } });
    await expect(panel).toHaveCount(0);
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => panel.locator('[data-cascade=pop]').click());
    await expect(panel).toHaveCount(0);
    expect((await layersOf(page))[0]!.cascades).toHaveLength(1);
});

test('an easing is felt for on the layer itself: a strength, and a curve whose handle goes beyond', async ({
    page,
}) => {
    await twoShapes(page);
    await keyframe(page, 'rotation', 'Rotation', [
        [10, '0'],
        [40, '2t'],
    ]);
    const bead = page.locator('[data-thread=rotation] [data-bead="10"]');
    await bead.press('Enter');
    // Resting on one plays it, and changes nothing.
    await page.locator('[data-easing=back-out]').hover();
    await page.waitForTimeout(500);
    expect((await courseOf(page, 'rotation'))[0]!.easing).toBe('linear');
    await page.locator('[data-strength]').fill('30');
    await kept(page, () => page.locator('[data-strength]').dispatchEvent('change'));
    expect((await courseOf(page, 'rotation'))[0]!.easing).toBe('ease-in-out(30%)');
    await kept(page, () => drag(page, page.locator('[data-curve-handle="1"]'), 0, -30));
    const [, x2, y2] = /cubic-bezier\([^,]+, [^,]+, ([^,]+), ([^)]+)\)/.exec(
        (await courseOf(page, 'rotation'))[0]!.easing,
    )!;
    expect(Number(x2)).toBeCloseTo(0.7, 1);
    expect(Number(y2)).toBeGreaterThan(1.2);

    // Kept by its name, it is there for another keyframe.
    await page.locator('[data-curve-name]').fill('Soft landing');
    await kept(page, () => page.locator('[data-curve-name]').press('Enter'));
    await page.reload();
    await page.locator('[data-layer=l1] .name').click();
    await page.locator('[data-thread=rotation] [data-bead="40"]').press('Enter');
    await kept(page, () => page.locator('[data-named-curve="Soft landing"]').click());
    const [first, second] = await courseOf(page, 'rotation');
    expect(second!.easing).toBe(first!.easing);
});

test('x and y are keyframed by themselves, dragged in the picture, and become one path again with a word about it', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 60);
    await addToComposition(page, 'Circle');
    await page.locator('[data-tab=sheet]').click();
    const goes = page.getByLabel('How its position is keyframed');
    await kept(page, () => goes.selectOption('apart').then(() => undefined));
    await keyframe(page, 'x', 'Position x', [
        [0, '400'],
        [40, '1400'],
    ]);
    await keyframe(page, 'y', 'Position y', [
        [10, '300'],
        [50, '800'],
    ]);
    // Dragged where both are keyframed, both get a keyframe there.
    await goToFrame(page, 25);
    await page.locator('.picture').press('Shift+ArrowRight');
    await expect.poll(async () => (await courseOf(page, 'x')).map(({ at }) => at)).toEqual([0, 25, 40]);
    expect((await courseOf(page, 'y')).map(({ at }) => at)).toEqual([10, -10]);
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await courseOf(page, 'x')).length).toBe(2);
    await page.locator('[data-thread=x] [data-bead]').first().click({ button: 'right' });
    await kept(page, () => page.locator('[data-easing=cubic-out]').click());

    await goToFrame(page, 25);
    await goes.selectOption('path');
    await expect(page.locator('[data-axes] [role=alert]')).toContainText('a keyframe on each of 30 frames');
    await kept(page, () => page.locator('[data-write]').click());
    const path = await courseOf(page, 'position');
    expect(path.length).toBe(33);
    const at25 = path.find(({ at }) => at === 25)!.value as number[];
    expect(at25[0]).toBeCloseTo(400 + 1000 * (1 - (1 - 25 / 40) ** 3), 2);
    expect(at25[1]).toBeCloseTo(300 + (500 * 15) / 40, 3);
});

test('how a layer moves is kept under a name, tried on another one, and given to it about where that is', async ({
    page,
}) => {
    await twoShapes(page);
    await keyframe(page, 'position', 'Position x', [
        [0, '200'],
        [20, '500'],
    ]);
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '-90'],
        [20, '0'],
    ]);
    await page.locator('[data-keep=move]').fill('From the left, turning');
    await kept(page, () => page.locator('[data-keep=move]').press('Enter'));
    await page.locator('[data-layer=l2] .name').click();
    await goToFrame(page, 60);
    const [x, y] = (await layersOf(page))[1]!.position as number[];
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=looks]').click();
    const move = page.locator('[data-kept="From the left, turning"]');
    const painted = (): Promise<string> =>
        page.locator('.picture canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    const still = await painted();
    await move.hover();
    await expect.poll(painted, { message: 'it plays while the pointer rests on it' }).not.toBe(still);
    await kept(page, () => move.click());
    expect((await courseOf(page, 'position', 1)).map(({ at, value }) => [at, value])).toEqual([
        [0, [x! - 300, y]],
        [20, [x, y]],
    ]);
    expect((await courseOf(page, 'rotation', 1)).map(({ value }) => value)).toEqual([-90, 0]);
    await kept(page, () => page.getByRole('button', { name: 'Forget From the left, turning' }).click());
    await expect(move).toHaveCount(0);
});

test('in an open thread a curve is pulled by its value and by its speed', async ({ page }) => {
    await twoShapes(page);
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '0'],
        [50, '100'],
    ]);
    await goToFrame(page, 25);
    await page.locator('[data-thread=rotation] [data-taller]').click();
    const speed = page.locator('[data-curve-pull="speed 0 begin"]');
    await expect(page.locator('[data-curve-pull]')).toHaveCount(4);
    const eased = async (): Promise<number[]> =>
        [...(await courseOf(page, 'rotation'))[0]!.easing.matchAll(/[\d.]+/g)].map(Number);

    // It begins at rest, and is 2 degrees a frame on the average: at the end it is faster.
    await kept(page, () => drag(page, speed, 0, 220));
    expect(await eased()).toEqual([0.3333, 0, 0.6667, 0.6667]);
    const value = page.locator('[data-curve-pull="value 0 end"]');
    const [from, lane] = [(await value.boundingBox())!, (await page.locator('[data-thread=rotation]').boundingBox())!];
    await kept(page, () => drag(page, value, 0, lane.y + lane.height - 9 - (from.y + from.height / 2)));
    const [, , x2, y2] = await eased();
    expect(x2).toBeCloseTo(0.6667, 2);
    expect(y2).toBeLessThan(0.05);
    // By the keyboard too; and Escape gives up what is held.
    await speed.focus();
    await kept(page, () => page.keyboard.press('ArrowRight'));
    expect((await eased())[0]).toBeCloseTo(0.3333 + 1 / 50, 2);
    const before = await eased();
    const box = (await value.boundingBox())!;
    await page.mouse.move(box.x + 4, box.y + 4);
    await page.mouse.down();
    await page.mouse.move(box.x + 40, box.y - 60, { steps: 4 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    expect(await eased()).toEqual(before);
});

test('a value is animated in one act, and what lies between two beads is dragged as one', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-section=animate] h2 button[aria-expanded]').click();
    await page.locator('[data-animate-property]').selectOption('rotation');
    await page.locator('[data-animate-length]').fill('20f');
    // Without a value there is nothing to be done, which is said.
    await page.locator('[data-animate-go]').click();
    await expect(page.locator('[data-animate] [role=alert]')).toHaveText('Say to which value rotation changes.');
    await page.locator('[data-animate-by]').selectOption('by');
    await page.locator('[data-animate-value="0"]').fill('90');
    await page.locator('[data-animate-easing]').click();
    await page.locator('.el-popover:visible [data-easing=cubic-out]').click();
    await kept(page, () => page.locator('[data-animate-go]').click());
    const keyframes = async (): Promise<{ at: number; value: number; easing: string }[]> =>
        ((await layersOf(page))[0]!.rotation as { keyframes: { at: number; value: number; easing: string }[] })
            .keyframes;
    const [first, last] = await keyframes();
    expect([first, last]).toMatchObject([
        { at: 0, value: 0 },
        { at: 20, value: 90 },
    ]);
    expect(first!.easing).toBe('cubic-out');

    await page.locator('[data-stretch-from="0"]').hover();
    await kept(page, () => drag(page, page.locator('[data-stretch-from="0"]'), 120, 0));
    const moved = await keyframes();
    expect(moved[0]!.at).toBeGreaterThan(20);
    expect(moved[1]!.at - moved[0]!.at).toBe(20);
    expect(moved.map(({ value }) => value)).toEqual([0, 90]);
});

test('several threads are seen in one, each as high as it, and their beads are pulled there', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '0'],
        [40, '90'],
    ]);
    await keyframe(page, 'opacity', 'Opacity', [
        [20, '0'],
        [60, '100'],
    ]);
    const thread = page.locator('[data-thread=rotation]');
    await thread.locator('[data-taller]').click();
    await expect(thread.locator('[data-bead]')).toHaveCount(2);
    await thread.locator('[data-together=opacity]').click();
    await expect(thread.locator('[data-bead]')).toHaveCount(4);
    const height = async (property: string, frame: number): Promise<number> => {
        const bead = thread.locator(`[data-property=${property}][data-bead="${frame}"]`);
        return (await bead.boundingBox())!.y;
    };
    // 90° and 100 % lie at the same height, and so do 0° and 0 %.
    expect(await height('opacity', 60)).toBeCloseTo(await height('rotation', 40), 0);
    expect(await height('opacity', 20)).toBeCloseTo(await height('rotation', 0), 0);
    await kept(page, () => drag(page, thread.locator('[data-property=opacity][data-bead="20"]'), 0, -40));
    const [bar] = await layersOf(page);
    const values = (bar!.opacity as { keyframes: { value: number }[] }).keyframes.map(({ value }) => value);
    expect(values[0]).toBeGreaterThan(15);
    expect(values[1]).toBe(100);
    expect((bar!.rotation as { keyframes: { value: number }[] }).keyframes.map(({ value }) => value)).toEqual([0, 90]);
});
