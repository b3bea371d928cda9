import { readFileSync, writeFileSync } from 'node:fs';
import { PNG } from 'pngjs';
import { CLIPS } from '../clips';
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
    setLength,
    upload,
    wrapUp,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const CREAM = [0xf3, 0xe3, 0xc3];
const RED = [0xc0, 0x39, 0x2b];

/** A still of the frame at the playhead. */
async function still(page: Parameters<typeof renderAndDownload>[0]): Promise<PNG> {
    const file = await renderAndDownload(page, 'still');
    await page.keyboard.press('Escape');
    return PNG.sync.read(readFileSync(file));
}

const at = (picture: PNG, x: number, y: number): number[] => [
    ...picture.data.subarray(4 * (y * picture.width + x), 4 * (y * picture.width + x) + 4),
];

test('a panel sweeps over the frame with words on it, goes out with alpha, and comes back in the same', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 24);
    await kept(page, () => page.locator('.drawer').getByText('Transparent').click());
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await setField(page, 'size', 'Size w', '1200');
    await setField(page, 'size', 'Size h', '1080');
    await setField(page, 'opacity', 'Opacity', '60');
    // 120 pixels a frame, from beyond one side to beyond the other.
    await keyframe(page, 'position', 'Position x', [
        [0, '-600'],
        [20, '1800'],
    ]);
    // The square is seen only where the panel is.
    await goToFrame(page, 0);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#f3e3c3');
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption({ label: 'Bar' })));

    await goToFrame(page, 7);
    const before = await still(page);
    // The panel's middle is at 240: it ends at 840, and the square goes from 760 to 1160.
    expect(at(before, 300, 300)[3]).toBe(153);
    [...RED].forEach((value, channel) =>
        expect(Math.abs(at(before, 300, 300)[channel]! - value)).toBeLessThanOrEqual(2),
    );
    expect(at(before, 1000, 540)[3]).toBe(0);
    // Over the panel at 60 %, and as opaque as that is itself.
    expect(Math.abs(at(before, 800, 540)[3]! - 255 * (0.6 + 0.6 * 0.4))).toBeLessThanOrEqual(1);

    // As a movie with alpha, brought back in, it is the same over anything.
    const movie = await renderAndDownload(page, 'ffv1');
    await page.keyboard.press('Escape');
    writeFileSync(`${CLIPS}/panels.mkv`, readFileSync(movie));
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    await page.locator('[data-upload]').setInputFiles(`${CLIPS}/panels.mkv`);
    await goToFrame(page, 0);
    await addToComposition(page, 'panels.mkv');
    for (const name of ['Bar', 'Square']) {
        await kept(page, () => page.locator('[data-layer]', { hasText: name }).getByLabel('Hide this layer').click());
    }
    await goToFrame(page, 7);
    const after = await still(page);
    let farthest = 0;
    for (let i = 0; i < before.data.length; i += 4) {
        const [a, b] = [before.data[i + 3]!, after.data[i + 3]!];
        farthest = Math.max(farthest, Math.abs(a - b));
        for (let channel = 0; channel < 3; channel++) {
            // As seen over black and over white.
            const [one, two] = [before.data[i + channel]! * a, after.data[i + channel]! * b];
            farthest = Math.max(farthest, Math.abs(one - two) / 255, Math.abs(one - two + 255 * (b - a)) / 255);
        }
    }
    expect(farthest).toBeLessThanOrEqual(2);
    expect(
        at(after, 800, 540)
            .slice(0, 3)
            .every((value, channel) => Math.abs(value - (CREAM[channel]! * 0.6 + RED[channel]! * 0.24) / 0.84) < 3),
    ).toBe(true);
});

test('its second half is the first, backwards and flipped, and the cut lies where it covers the frame', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 40);
    await kept(page, () => page.locator('.drawer').getByText('Transparent').click());
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '1920');
    await setField(page, 'size', 'Size h', '1080');
    // From beyond the left side until it covers the frame, 192 pixels a frame.
    await keyframe(page, 'position', 'Position x', [
        [0, '-960'],
        [10, '960'],
    ]);
    // Once more in another colour, four frames later.
    await goToFrame(page, 0);
    await kept(page, () => page.keyboard.press('Control+d'));
    await setField(page, 'fill', 'Fill as hex', '#f3e3c3');
    const second = page.locator('[data-band]').first();
    const perFrame = (await second.boundingBox())!.width / 40;
    await kept(page, () => drag(page, second, 4 * perFrame, 0));
    const out = page.getByLabel('Out point');
    await kept(page, async () => {
        await out.fill('40f');
        await out.press('Enter');
    });
    expect((await layersOf(page))[1]).toMatchObject({ in: 4, out: 40 });
    // The words in the middle are seen only where that one is, and read in a mirror, too.
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#c0392b');
    await setField(page, 'typeSize', 'Type size', '200');
    await kept(page, () => page.locator('[data-place="middle middle"]').click());
    await kept(page, async () => void (await page.locator('[data-add-mask]').selectOption({ index: 6 })));
    await kept(page, () => page.getByText('Always reads, in a flipped bundle too').click());

    // Wrapped up, twenty frames long; again right after, flipped and backwards.
    await page.locator('.picture').focus();
    await page.keyboard.press('Control+a');
    await wrapUp(page, 'Sweep');
    await goToFrame(page, 19);
    await kept(page, () => page.keyboard.press('Shift+O'));
    await kept(page, () => page.keyboard.press('Control+Shift+D'));
    await kept(page, () => page.locator('[data-flip=x]').click());
    await kept(page, () => page.getByRole('button', { name: 'Reverse' }).click());
    expect((await layersOf(page)).map((layer) => [layer.in, layer.out])).toEqual([
        [0, 20],
        [20, 40],
    ]);

    // In another composition a clip is cut to a photograph on frame 40, and the panels are dropped on that cut.
    await page.keyboard.press('g');
    await page.locator('[data-new-composition]').click();
    const dialog = page.getByRole('dialog', { name: 'New composition' });
    await dialog.getByRole('textbox', { name: 'Name' }).fill('Evening');
    await dialog.getByLabel('Length').fill('3');
    await page.locator('[data-make]').click();
    await expect(page.locator('[data-compositions]')).toHaveText('Evening');
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-keep]').click());
    await goToFrame(page, 39);
    await kept(page, () => page.keyboard.press('Shift+O'));
    await goToFrame(page, 40);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await kept(page, () => page.locator('[data-framing=stretch]').click());
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=transitions]').click();
    const band = page.locator('[data-band=l1]');
    const box = (await band.boundingBox())!;
    await kept(page, () =>
        page.locator('[data-cover=c1]').dragTo(band, { targetPosition: { x: box.width - 12, y: box.height / 2 } }),
    );
    // It covers from its frame 10 to its frame 29: its middle comes to lie on the cut.
    expect((await layersOf(page)).at(-1)).toMatchObject({ kind: 'bundle', in: 20, out: 60 });

    const file = await renderAndDownload(page);
    const frames = new Map([29, 30, 34, 39, 40, 45, 50].map((frame) => [frame, frameOf(file, frame, 1920, 1080)]));
    const colour = (frame: number, x: number, y: number): number[] => [
        ...frames.get(frame)!.subarray(4 * (y * 1920 + x), 4 * (y * 1920 + x) + 3),
    ];
    const near = (actual: number[], expected: number[]): void =>
        actual.forEach((value, channel) => expect(Math.abs(value - expected[channel]!)).toBeLessThan(10));
    const [CLIP, PANEL, PHOTO] = [
        [0x24, 0x55, 0x7a],
        [0x2f, 0x5d, 0x50],
        [0xc0, 0x39, 0x2b],
    ];
    // Its right edge is 192 pixels from the side on frame 9; then the frame is covered, and after the cut it goes on to the right
    // side's mirror: open again from the left.
    near(colour(29, 1850, 100), CLIP);
    near(colour(29, 1600, 100), PANEL);
    near(colour(30, 1915, 100), PANEL);
    for (const frame of [39, 40]) {
        for (const x of [5, 1915]) {
            near(colour(frame, x, 1000), CREAM);
        }
    }
    near(colour(50, 60, 100), PHOTO);
    near(colour(50, 300, 100), PANEL);
    // The words are the same on both sides of the cut, and not their mirror image.
    let [same, mirrored, ink] = [0, 0, 0];
    for (let y = 440; y < 640; y += 2) {
        for (let x = 600; x < 1320; x += 2) {
            const [one, other, mirror] = [colour(39, x, y)[1]!, colour(40, x, y)[1]!, colour(40, 1919 - x, y)[1]!];
            same += Math.abs(one - other);
            mirrored += Math.abs(one - mirror);
            ink += one < 120 ? 1 : 0;
        }
    }
    expect(ink).toBeGreaterThan(1500);
    expect(same).toBeLessThan(mirrored / 8);
});
