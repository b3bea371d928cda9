import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    keyframe,
    layersOf,
    renderAndDownload,
    setField,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

/** How far the clip is seen on a frame: the first and the last column and row that are bright, and null where none is. */
function seen(file: string, frame: number): [left: number, top: number, right: number, bottom: number] | null {
    const pixels = frameOf(file, frame, WIDTH, HEIGHT);
    let [left, top, right, bottom] = [WIDTH, HEIGHT, -1, -1];
    for (let y = 0; y < HEIGHT; y++) {
        for (let x = 0; x < WIDTH; x++) {
            // Half of the clip's blue.
            if (pixels[4 * (y * WIDTH + x) + 2]! > 0x7a / 2) {
                [left, top, right, bottom] = [
                    Math.min(left, x),
                    Math.min(top, y),
                    Math.max(right, x),
                    Math.max(bottom, y),
                ];
            }
        }
    }
    return right < 0 ? null : [left, top, right + 1, bottom + 1];
}

const near = (actual: number[] | null, expected: number[]): void =>
    expected.forEach((side, index) =>
        expect(Math.abs((actual?.[index] ?? 9999) - side), `${actual} ≈ ${expected}`).toBeLessThanOrEqual(2),
    );

test('a rectangle comes in at one height, rests with its size, widens and stays where to look', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('rectangle')));
    // Half as large as the clip; its proportions are free.
    expect((await layersOf(page))[0]!.masks).toMatchObject([{ form: 'rectangle', size: [960, 540] }]);
    await setField(page, 'm1.size', 'Size w', '200');
    await setField(page, 'm1.size', 'Size h', '100');
    await setField(page, 'm1.position', 'Position y', '-60');
    // From beyond the left edge to the middle in ten frames, on one level.
    await keyframe(page, 'm1.position', 'Position x', [
        [0, '-1060'],
        [10, '40'],
    ]);
    await keyframe(page, 'm1.size', 'Size w', [[10, '200']]);
    // It rests for ten frames, exactly; then it widens and shifts in ten more, and stays so.
    await goToFrame(page, 20);
    await kept(page, () => page.keyboard.press('r'));
    await goToFrame(page, 30);
    await setField(page, 'm1.size', 'Size w', '400');
    await setField(page, 'm1.size', 'Size h', '300');
    await setField(page, 'm1.position', 'Position x', '240');
    await setField(page, 'm1.position', 'Position y', '60');

    const file = await renderAndDownload(page);
    expect(seen(file, 0)).toBeNull();
    // 110 pixels a frame; its middle is 960 from the left and 480 from the top where its position is (0, −60).
    near(seen(file, 5), [960 - 510 - 100, 430, 960 - 510 + 100, 530]);
    for (const frame of [10, 15, 20]) {
        near(seen(file, frame), [960 + 40 - 100, 430, 960 + 40 + 100, 530]);
    }
    near(seen(file, 25), [960 + 140 - 150, 540 - 100, 960 + 140 + 150, 540 + 100]);
    for (const frame of [30, 124]) {
        near(seen(file, frame), [960 + 240 - 200, 600 - 150, 960 + 240 + 200, 600 + 150]);
    }
});

test('a mask is moved and pulled on the picture, and Escape gives up', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('ellipse')));
    const mask = async (): Promise<{ position: number[]; size: number[] }> =>
        ((await layersOf(page))[0]!.masks as never[])[0]!;
    const scale = (await page.locator('.picture .frame').boundingBox())!.width / 1920;
    // With Alt nothing draws it in.
    await page.keyboard.down('Alt');
    await kept(page, () => drag(page, page.locator('[data-mask-knot]'), 40, 20));
    await page.keyboard.up('Alt');
    const free = (await mask()).position;
    expect(Math.abs(free[0]! - 40 / scale)).toBeLessThan(1.5);
    expect(Math.abs(free[1]! - 20 / scale)).toBeLessThan(1.5);
    // Nearly back where it was, it comes to the middle, and the guides are seen while it is there.
    const grip = (await page.locator('[data-mask-knot]').boundingBox())!;
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await page.mouse.down();
    await page.mouse.move(grip.x + grip.width / 2 - 20, grip.y + grip.height / 2 - 9, { steps: 3 });
    await page.mouse.move(grip.x + grip.width / 2 - 39, grip.y + grip.height / 2 - 18, { steps: 3 });
    await expect(page.locator('[data-guide]').first()).toBeAttached();
    await kept(page, () => page.mouse.up());
    await expect(page.locator('[data-guide]')).toHaveCount(0);
    const { position } = await mask();
    expect(position.map((value) => Math.abs(Math.round(value)))).toEqual([0, 0]);
    await kept(page, () => drag(page, page.locator('[data-mask-handle=right]'), 30, 9));
    const pulled = await mask();
    expect(Math.abs(pulled.size[0]! - 200 - 30 / scale)).toBeLessThan(1.5);
    expect(pulled.size[1]).toBe(200);
    // The left side stayed where it was.
    expect(Math.abs(pulled.position[0]! - pulled.size[0]! / 2 - (position[0]! - 100))).toBeLessThan(1);

    const knot = (await page.locator('[data-mask-knot]').boundingBox())!;
    await page.mouse.move(knot.x + knot.width / 2, knot.y + knot.height / 2);
    await page.mouse.down();
    await page.mouse.move(knot.x + 90, knot.y + 60, { steps: 4 });
    await page.keyboard.press('Escape');
    await page.mouse.up();
    expect(await mask()).toEqual(pulled);
});

test('a picture is the mask: it rolls across on one level while it turns once', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    // What is opaque of it is a square of 200, here twice as large.
    await upload(page, 'badge.png');
    await kept(page, () => page.getByRole('button', { name: 'Add badge.png' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'scale', 'Scale x', '200');
    await keyframe(page, 'position', 'Position x', [
        [0, '-300'],
        [20, '2220'],
    ]);
    await keyframe(page, 'rotation', 'Rotation', [
        [0, '0'],
        [20, '1t'],
    ]);
    await kept(page, () => page.locator('[data-layer=l2]').getByLabel('Hide this layer').click());
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption('layer l2')));

    const file = await renderAndDownload(page, 'mp4', 1);
    // 126 pixels and 18 degrees a frame; upright at every quarter turn, and on one level always.
    for (const [frame, x] of [
        [5, 330],
        [10, 960],
        [15, 1590],
    ] as const) {
        near(seen(file, frame), [x - 200, 340, x + 200, 740]);
    }
    // On its way from one to the next it stands as high as a square does that is turned by 36 degrees.
    const half = 200 * (Math.cos(Math.PI / 5) + Math.sin(Math.PI / 5));
    near(seen(file, 12), [1212 - half, 540 - half, 1212 + half, 540 + half]);
    expect(seen(file, 21)).toBeNull();
});
