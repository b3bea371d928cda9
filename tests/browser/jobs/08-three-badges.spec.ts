import {
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    upload,
} from '../producer';
import { frameOf, probe } from '../video';
import { expect, test } from '../test';

/** Which quarter of a badge is dark, counted clockwise from the top left. */
function darkQuarter(pixels: Buffer, x: number, y: number, off: number): number {
    const brightness = (dx: number, dy: number): number => pixels[4 * (1920 * (y + dy) + x + dx)]!;
    const quarters = [brightness(-off, -off), brightness(off, -off), brightness(off, off), brightness(-off, off)];
    expect(Math.min(...quarters)).toBeLessThan(70);
    expect([...quarters].sort((a, b) => a - b)[1]).toBeGreaterThan(200);
    return quarters.indexOf(Math.min(...quarters));
}

test('three badges, equal in size, level and evenly spaced, turn by whole turns', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 125);
    await upload(page, 'badge.png');
    for (let count = 0; count < 3; count++) {
        await kept(page, () => page.getByRole('button', { name: 'Add badge.png' }).dblclick());
    }
    await page.locator('[data-tab=sheet]').click();
    for (const [layer, x, y, scale] of [
        ['l1', '400', '500', '110'],
        ['l2', '800', '620', '60'],
        ['l3', '1520', '500', '130'],
    ] as const) {
        await page.locator(`[data-layer=${layer}] .name`).click();
        await setField(page, 'position', 'Position x', x);
        await setField(page, 'position', 'Position y', y);
        await setField(page, 'scale', 'Scale x', scale);
    }

    await page.locator('[data-layer=l1] .name').click();
    await page.locator('[data-layer=l2] .name').click({ modifiers: ['Shift'] });
    await page.locator('[data-layer=l3] .name').click({ modifiers: ['Shift'] });
    await page.locator('[data-layer=l3]').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=composition]').click());
    await kept(page, () => page.getByRole('button', { name: /^All as large as/ }).click());
    await kept(page, () => page.getByRole('button', { name: 'Align vertical centres' }).click());
    await kept(page, () => page.getByRole('button', { name: 'Even horizontal gaps' }).click());
    const layers = await layersOf(page);
    // The outermost stay, so that the one between them comes to their middle; all go from the first frame to the last.
    expect(layers.map((layer) => [layer.in, layer.out, ...(layer.scale as number[])])).toEqual(
        Array(3).fill([0, 125, 110, 110]),
    );
    const places = layers.map((layer) => layer.position as [number, number]);
    expect(places.map(([x]) => Math.round(x))).toEqual([400, 960, 1520]);
    expect(new Set(places.map(([, y]) => Math.round(y))).size).toBe(1);

    for (const [layer, end, turns] of [
        ['l1', 120, '3t'],
        ['l2', 120, '-1t'],
        ['l3', 60, '3t'],
    ] as const) {
        await page.locator(`[data-layer=${layer}] .name`).click();
        await keyframe(page, 'rotation', 'Rotation', [
            [0, '0'],
            [end, turns],
        ]);
    }
    await goToFrame(page, 0);

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 125, width: 960, height: 540 });
    const y = Math.round(places[0]![1]);
    // Three turns in 120 frames: a quarter in 10. One turn against: a quarter in 30. Three turns in 60: a quarter in 5.
    for (const [frame, first, second, third] of [
        [0, 0, 0, 0],
        [10, 1, null, 2],
        [30, 3, 3, 2],
        [60, 2, 2, 0],
        [124, 0, 0, 0],
    ] as const) {
        const pixels = frameOf(file, frame, 1920, 1080);
        expect(darkQuarter(pixels, 400, y, 40)).toBe(first);
        if (second !== null) {
            expect(darkQuarter(pixels, 960, y, 40)).toBe(second);
        }
        expect(darkQuarter(pixels, 1520, y, 40)).toBe(third);
    }
});
