import { type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
} from './producer';
import { expect, test } from './test';
import { boxOn } from './video';

type Place = [x: number, y: number, z: number];

/** Half the side of the square that is looked at, which stands here. */
const HALF = 200;
const SQUARE: Place = [1260, 440, 300];
/** How far away a lens of 50 mm on a sensor of 36 sees 1,920 pixels. */
const DISTANCE = (1920 * 50) / 36;
/** How many pixels of the picture a pixel in space is as large as it is seen from above, where it lies in the middle. */
const ABOVE = 1080 / (2.4 * DISTANCE);

/** Where a point is seen by a camera that has gone around the middle of the picture's plane by an angle. */
function seen([x, y, z]: Place, around: number, away: number, lens: number): [number, number] {
    const [cos, sin] = [Math.cos((around * Math.PI) / 180), Math.sin((around * Math.PI) / 180)];
    // The way back: what the camera went around to the right goes to the left before it.
    const across = (x - 960) * cos + z * sin;
    const ahead = away + z * cos - (x - 960) * sin;
    const focal = (1920 * lens) / 36;
    return [960 + (focal * across) / ahead, 540 + (focal * (y - 540)) / ahead];
}

const drawn = async (page: Page, frame: number): Promise<string> => {
    const answer = await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/glimpse?frame=${frame}`);
    const { paths, items } = (await answer.json()).glimpse.list;
    return JSON.stringify([paths, items]);
};

const camera = async (page: Page): Promise<Record<string, unknown>> =>
    (await layersOf(page)).find(({ kind }) => kind === 'camera')!;

test('a camera comes last: it changes nothing, goes around by hand and by keyframes, and is focused by a click', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 60);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'position', 'Position x', String(SQUARE[0]));
    await setField(page, 'position', 'Position y', String(SQUARE[1]));
    await setField(page, 'z', 'Depth', String(SQUARE[2]));
    const without = await drawn(page, 20);

    await addToComposition(page, 'Camera');
    expect(await drawn(page, 20)).toBe(without);
    await page.locator('[data-tab=sheet]').click();

    // By hand: what is in the middle is gone around, half a turn for the width of the picture.
    await goToFrame(page, 0);
    const orbit = page.locator('[data-drive-how=orbit]');
    await orbit.focus();
    await kept(page, () => page.keyboard.press('Shift+ArrowLeft'));
    expect((await camera(page)).orbitY).toBeCloseTo((180 / 1920) * 100, 1);
    const pad = (await orbit.boundingBox())!;
    const before = (await camera(page)).orbitX;
    await page.mouse.move(pad.x + 10, pad.y + 10);
    await page.mouse.down();
    await page.mouse.move(pad.x + 10, pad.y + 60, { steps: 4 });
    await expect(page.locator('[data-drive] .says')).toContainText('whole camera');
    await kept(page, () => page.mouse.up());
    expect((await camera(page)).orbitX).not.toBe(before);
    await setField(page, 'orbitX', 'Orbit up', '0');
    await keyframe(page, 'orbitY', 'Orbit around', [
        [0, '-30'],
        [50, '60'],
    ]);
    // Another lens, by its angle, from so much nearer that what it aims at stays as large.
    await page.locator('[data-keeps]').click();
    const angle = page.getByRole('textbox', { name: 'Angle of view', exact: true });
    await kept(page, async () => {
        await angle.fill('90');
        await angle.press('Enter');
    });
    const { lens, z } = await camera(page);
    expect(lens).toBeCloseTo(18, 3);
    expect(z).toBeCloseTo((-DISTANCE * 18) / 50, 1);

    const file = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    for (const frame of [0, 10, 25, 50]) {
        const around = -30 + (90 * frame) / 50;
        const corners = [-1, 1].flatMap((x) =>
            [-1, 1].map((y) =>
                seen([SQUARE[0] + x * HALF, SQUARE[1] + y * HALF, SQUARE[2]], around, -Number(z), Number(lens)),
            ),
        );
        const box = boxOn(file, frame)!;
        const [left, right] = [Math.min, Math.max].map((most) => most(...corners.map(([x]) => x)));
        const [top, bottom] = [Math.min, Math.max].map((most) => most(...corners.map(([, y]) => y)));
        for (const [side, expected] of Object.entries({ left, top, right, bottom })) {
            expect(Math.abs(box[side as 'left'] - expected!), `${side} on frame ${frame}`).toBeLessThan(4);
        }
    }

    // The square out of focus, and in focus again by a click on it.
    await goToFrame(page, 0);
    await page.locator('.timeline').getByText('Camera', { exact: true }).first().click();
    await setField(page, 'aperture', 'Aperture', '300');
    expect(await drawn(page, 0)).toContain('"blur"');
    await page.locator('[data-at-click=lens]').click();
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const [x, y] = seen(SQUARE, -30, -Number(z), Number(lens));
    await kept(page, () => page.mouse.click(frame.x + (x / 1920) * frame.width, frame.y + (y / 1080) * frame.height));
    expect(await drawn(page, 0)).not.toContain('"blur"');

    // What is kept flat is seen as without a camera, and the list of layers says so.
    const row = page.locator('.timeline').getByRole('button', { name: /Keep this layer flat/ });
    await kept(page, () => row.click());
    expect(await drawn(page, 20)).toBe(without);
    await kept(page, () => page.keyboard.press('Control+z'));
    expect(await drawn(page, 20)).not.toBe(without);
});

test('the space is looked at from above, where cameras and layers are dragged across and away', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await addToComposition(page, 'Camera');
    await page.locator('[data-sight]').selectOption('above');
    const eye = page.locator('[data-space-eye]');
    await expect(eye).toBeVisible();
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const scale = frame.width / 1920;
    const from = (await eye.boundingBox())!;
    const [x, y] = [from.x + from.width / 2, from.y + from.height / 2];
    expect(Math.abs(y - (frame.y + frame.height / 2 + DISTANCE * ABOVE * scale))).toBeLessThan(2);
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 50, y - 40, { steps: 5 });
    await expect(page.locator('[data-space-bar] .says')).toContainText('whole camera');
    await kept(page, () => page.mouse.up());
    const moved = await camera(page);
    const [right, away] = [50 / scale / ABOVE, 40 / scale / ABOVE];
    expect(Math.abs((moved.position as number[])[0]! - 960 - right)).toBeLessThan(6);
    expect((moved.position as number[])[1]).toBeCloseTo(540, 1);
    expect(Math.abs(Number(moved.z) + DISTANCE - away)).toBeLessThan(6);
    // It stays aimed at what it was aimed at, and the picture is seen from there.
    expect(moved.aim).toEqual([960, 540]);

    // The square, which is seen from its edge there, is nudged away by the arrow keys.
    await page.locator('.timeline').getByText('Square', { exact: true }).first().click();
    await page.locator('.picture').focus();
    await kept(page, () => page.keyboard.press('Shift+ArrowUp'));
    const square = (await layersOf(page)).find(({ kind }) => kind === 'shape')!;
    expect(Math.abs(Number(square.z) - 10 / ABOVE)).toBeLessThan(1);
    expect(square.position).toEqual([960, 540]);

    // About its three axes, and farther away.
    const pad = async (how: string, by: [number, number]): Promise<Record<string, unknown>> => {
        const box = (await page.locator(`[data-drive-how=${how}]`).boundingBox())!;
        await page.mouse.move(box.x + 10, box.y + 10);
        await page.mouse.down();
        await page.mouse.move(box.x + 10 + by[0] * scale, box.y + 10 + by[1] * scale, { steps: 4 });
        await kept(page, () => page.mouse.up());
        return (await layersOf(page)).find(({ kind }) => kind === 'shape')!;
    };
    // Half a turn for the width of the picture.
    expect(Number((await pad('tilt', [192, 0])).tiltY)).toBeCloseTo(18, 0);
    expect(Number((await pad('turn', [96, 0])).rotation)).toBeCloseTo(9, 0);
    expect(Math.abs(Number((await pad('depth', [0, -54])).z) - Number(square.z) - DISTANCE / 20)).toBeLessThan(12);

    // Its way by the points at its keyframes: the second is pulled across and away.
    await keyframe(page, 'z', 'Depth', [
        [0, '200'],
        [40, '600'],
    ]);
    const point = (await page.locator('[data-space-point="40"]').boundingBox())!;
    await page.mouse.move(point.x + 5, point.y + 5);
    await page.mouse.down();
    await page.mouse.move(point.x + 5, point.y + 5 - 30, { steps: 4 });
    await kept(page, () => page.mouse.up());
    const { keyframes } = (await layersOf(page)).find(({ kind }) => kind === 'shape')!.z as {
        keyframes: { at: number; value: number }[];
    };
    expect(keyframes.map(({ at }) => at)).toEqual([0, 40]);
    expect(Math.abs(keyframes[1]!.value - 600 - 30 / scale / ABOVE)).toBeLessThan(12);

    // From anywhere: the space is turned, and nothing in it.
    const document = JSON.stringify(await layersOf(page));
    await page.locator('[data-sight]').selectOption('free');
    const turn = (await page.locator('[data-space-turn]').boundingBox())!;
    const corners = (): Promise<string | null> => page.locator('[data-space-layer]').first().getAttribute('points');
    const before = await corners();
    await page.mouse.move(turn.x + 10, turn.y + 10);
    await page.mouse.down();
    await page.mouse.move(turn.x + 80, turn.y - 20, { steps: 5 });
    await page.mouse.up();
    await expect.poll(corners).not.toBe(before);
    expect(JSON.stringify(await layersOf(page))).toBe(document);
    await page.locator('[data-sight]').selectOption('camera');
    await expect(page.locator('[data-drive]')).toHaveCount(0);
});
