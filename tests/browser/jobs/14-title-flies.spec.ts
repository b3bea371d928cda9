import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setLength,
    sheet,
} from '../producer';
import { boxOn } from '../video';
import { expect, test } from '../test';

/** From the viewer to the picture, in pixels of the composition: a lens of 50 mm on a sensor of 36. */
const DISTANCE = (1920 * 50) / 36;
/** When the title is where: how far away on each keyframe. */
const FROM = { frame: 0, away: 4000 };
const RESTS = { from: 80, to: 130 };
const OFF = { frame: 199, away: -2600 };

test('a title flies from far away into the picture, rests truly still, and flies off past the viewer', async ({
    page,
}) => {
    await emptyComposition(page);
    // Exactly eight seconds.
    await setLength(page, 200);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await expect(sheet(page, 'z')).toBeVisible();
    await expect(sheet(page, 'z').locator('.name')).toHaveAttribute('title', /Positive is farther away/);
    await keyframe(page, 'z', 'Depth', [
        [FROM.frame, String(FROM.away)],
        [RESTS.from, '0'],
        // Exactly the same rest again.
        [RESTS.to, '0'],
        [OFF.frame, String(OFF.away)],
    ]);
    await keyframe(page, 'tiltY', 'Tilt about y', [
        [0, '-70'],
        [40, '0'],
    ]);
    await keyframe(page, 'opacity', 'Opacity', [
        [0, '0'],
        [30, '100'],
    ]);
    // Slower towards its rest; from there on faster and faster.
    await page.locator('[data-thread=z] [data-bead="0"]').click();
    await page.locator('[data-thread=z] [data-bead="0"]').press('Enter');
    await page.locator('[data-keyframe-tab=easing]').click();
    await kept(page, () => page.locator('[data-easing=cubic-out]').click());
    // Its way across the picture: from the right, in a corner that is made smooth, and sharp again.
    await keyframe(page, 'position', 'Position x', [
        [0, '1700'],
        [RESTS.from, '960'],
    ]);
    const corner = async (): Promise<object | undefined> =>
        ((await layersOf(page))[0]!.position as { keyframes: { bend?: object }[] }).keyframes[1]!.bend;
    // From a frame on which the title's own handles do not lie over it.
    await goToFrame(page, 20);
    await kept(page, () => page.locator(`[data-path-point="${RESTS.from}"]`).dblclick());
    expect(await corner()).toBeDefined();
    // The click has gone to its frame: what is double-clicked there is the title's anchor, which lies over the point.
    await expect(page.locator('[data-time]')).toHaveValue('00:00:03:05');
    await kept(page, () => page.locator('[data-handle=anchor]').dblclick());
    expect(await corner()).toBeUndefined();

    const file = await renderAndDownload(page);
    const rest = boxOn(file, RESTS.from)!;
    // It rests truly still, from the first to the last of its frames: nothing is drawn elsewhere, to the last digit.
    const drawnOn = async (frame: number): Promise<string> => {
        const answer = await page.request.get(
            `/api/compositions/${page.url().split('/').at(-1)}/glimpse?frame=${frame}`,
        );
        const { paths, items } = (await answer.json()).glimpse.list;
        return JSON.stringify([paths, items]);
    };
    const still = await drawnOn(RESTS.from);
    for (const frame of [RESTS.from + 15, RESTS.from + 30, RESTS.to]) {
        expect(await drawnOn(frame), `frame ${frame}`).toBe(still);
        expect(boxOn(file, frame), `frame ${frame}`).toEqual(rest);
    }
    expect(await drawnOn(RESTS.to + 1)).not.toBe(still);
    // On its way it stands where a pinhole has it: its box about its place, and all of it about the middle.
    for (const frame of [50, 65]) {
        const t = frame / RESTS.from;
        const away = FROM.away * (1 - t) ** 3;
        const by = DISTANCE / (DISTANCE + away);
        const x = 1700 + (960 - 1700) * t;
        const seen = boxOn(file, frame)!;
        const expected = {
            left: 960 + (rest.left - 960 + x - 960) * by,
            right: 960 + (rest.right - 960 + x - 960) * by,
            top: 540 + (rest.top - 540) * by,
            bottom: 540 + (rest.bottom - 540) * by,
        };
        for (const side of ['left', 'right', 'top', 'bottom'] as const) {
            expect(Math.abs(seen[side] - expected[side]), `${side} on frame ${frame}`).toBeLessThan(4);
        }
    }
    // Past the viewer it is gone.
    expect(boxOn(file, 199)).toBeNull();
});
