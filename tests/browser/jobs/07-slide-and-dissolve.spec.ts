import {
    drag,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setLength,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

/** Red of the middle of the picture, and where the photograph's left edge is, on a frame. */
function seen(file: string, frame: number): { red: number; left: number } {
    const row = frameOf(file, frame, 1920, 1080).subarray(4 * 1920 * 540, 4 * 1920 * 541);
    let left = 0;
    while (left < 1920 && row[4 * left]! <= 90) {
        left++;
    }
    return { red: row[4 * 960]!, left };
}

test('a picture slides in, eased; it dissolves at both ends, longer by dragging, and at one end no more', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 130);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await keyframe(page, 'position', 'Position x', [
        [0, '-400'],
        [20, '960'],
    ]);
    await openKeyframes(page, 'position', 'easing');
    await page.locator('[data-strength]').fill('60');
    await kept(page, () => page.locator('[data-easing=ease-in-out]').click());
    const [slid] = await layersOf(page);
    expect((slid!.position as { keyframes: { easing: string }[] }).keyframes[0]!.easing).toBe('ease-in-out(60%)');
    const sliding = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    // 800 wide; cubic-bezier(0.6, 0, 0.4, 1) is halfway at half of its time, and at 0.0812 at a quarter.
    expect(seen(sliding, 10).left).toBe(0);
    expect(Math.abs(seen(sliding, 20).left - 560)).toBeLessThan(2);
    expect(Math.abs(seen(sliding, 15).left - Math.round(-800 + 1360 * (1 - 0.0812)))).toBeLessThan(2);

    // The dissolve: at the beginning, then at both ends with one click.
    await page.locator('[data-phase=arrive]').click();
    await kept(page, () => page.locator('[data-move=fade]').click());
    await page.keyboard.press('Escape');
    await page.locator('[data-phase-length=arrive]').fill('50');
    await kept(page, () => page.locator('[data-phase-length=arrive]').press('Enter'));
    await kept(page, () => page.locator('[data-mirror]').click());
    expect((await layersOf(page))[0]).toMatchObject({ arrive: { length: 50 }, leave: { mirror: true } });
    const slope = page.locator('[data-slope=arrive]');
    const perFrame = (await slope.boundingBox())!.width / 50;
    // Held at its foot: the trim handle is at its very beginning.
    await kept(page, () => drag(page, slope, 10 * perFrame, 0, { x: 40, y: 3 }));
    expect((await layersOf(page))[0]).toMatchObject({ arrive: { length: 60 } });

    const file = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    const full = seen(file, 64).red;
    // The picture stands from frame 20 on; at 30 it is half there, and so it is 30 frames before its last.
    const last = ((await layersOf(page))[0]!.out as number) - 1;
    for (const frame of [30, last - 30]) {
        expect(Math.abs(seen(file, frame).red - full / 2)).toBeLessThan(6);
    }
    expect(seen(file, last).red).toBeLessThan(20);

    // And no more at the end.
    await kept(page, () => page.locator('[data-mirror]').click());
    expect((await layersOf(page))[0]).not.toHaveProperty('leave');
});

test('clips dissolve across the cut, and words written onto the picture dissolve at both ends with one key', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 50);
    for (const name of ['photo.jpg', 'halves.mp4']) {
        await upload(page, name);
    }
    await goToFrame(page, 0);
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await kept(page, () => page.locator('[data-framing=fill]').click());
    await goToFrame(page, 20);
    await kept(page, () => page.keyboard.press('Shift+O'));
    await goToFrame(page, 21);
    await page.locator('[data-tab=kit]').click();
    await kept(page, () => page.getByRole('button', { name: 'Add halves.mp4' }).dblclick());

    // One key across the cut: half of it before, half of it after; the clip has no frame before its first, which is said.
    const layers = page.locator('[data-layer] .name');
    await layers.nth(1).click();
    await layers.nth(0).click({ modifiers: ['Shift'] });
    await kept(page, () => page.keyboard.press('Shift+D'));
    const [photo, halves] = await layersOf(page);
    const length = (halves!.arrive as { length: number }).length;
    expect([photo!.out, halves!.in]).toEqual([21 - Math.floor(length / 2) + length, 21 - Math.floor(length / 2)]);
    await expect(page.locator('[data-band]').nth(0)).toHaveAttribute(
        'title',
        new RegExp(`: ${Math.floor(length / 2)} frames are missing`),
    );

    // Words at the playhead, ended there too, dissolve at both ends with one key.
    await goToFrame(page, 30);
    await page.locator('.picture').focus();
    await kept(page, () => page.keyboard.press('t'));
    await page.keyboard.press('Escape');
    await goToFrame(page, 47);
    await kept(page, () => page.keyboard.press('Shift+O'));
    await kept(page, () => page.keyboard.press('d'));
    expect((await layersOf(page))[2]).toMatchObject({ in: 30, out: 48, leave: { mirror: true } });

    const film = await renderAndDownload(page);
    const red = (frame: number): number => frameOf(film, frame, 1920, 1080)[4 * (1920 * 200 + 300)]!;
    const [from, to] = [red(5), red(45)];
    // Of the middle frame of the dissolve half is of each, and it goes one way.
    expect(Math.abs(red(21) - (from + to) / 2)).toBeLessThan(0.12 * (from - to));
    expect(red(17)).toBeGreaterThan(red(21));
    expect(red(25)).toBeLessThan(red(21));

    // Again, and the plain cut is back.
    await page.keyboard.press('Escape');
    await layers.nth(2).click();
    await layers.nth(1).click({ modifiers: ['Shift'] });
    await kept(page, () => page.keyboard.press('Shift+D'));
    expect((await layersOf(page)).slice(0, 2)).toMatchObject([{ out: 21 }, { in: 21, from: 0 }]);
});
