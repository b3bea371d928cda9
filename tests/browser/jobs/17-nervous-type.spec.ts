import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from '../producer';
import { frameOf, meanOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

/** The words on a frame: the middle of what is bright, how much of it there is, and its mean colour. */
function inked(pixels: Buffer): { x: number; y: number; count: number; colour: [number, number, number] } {
    let [x, y, count] = [0, 0, 0];
    const sum: [number, number, number] = [0, 0, 0];
    for (let row = 0; row < HEIGHT; row++) {
        for (let column = 0; column < WIDTH; column++) {
            const at = 4 * (row * WIDTH + column);
            const [red, green, blue] = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!];
            if (Math.max(red, green, blue) > 150) {
                [x, y, count] = [x + column, y + row, count + 1];
                [sum[0], sum[1], sum[2]] = [sum[0] + red, sum[1] + green, sum[2] + blue];
            }
        }
    }
    return { x: x / count, y: y / count, count, colour: [sum[0] / count, sum[1] / count, sum[2] / count] };
}

/** Position, size, tilt and colour, four times a second. */
const STATES = [
    { frame: 0, x: '300', y: '500', scale: '90', rotation: '-6', fill: '#ffffff' },
    { frame: 6, x: '900', y: '350', scale: '60', rotation: '20', fill: '#ff2020' },
    { frame: 12, x: '500', y: '700', scale: '140', rotation: '-15', fill: '#20ff20' },
    { frame: 18, x: '1000', y: '560', scale: '80', rotation: '35', fill: '#4040ff' },
] as const;

test('words twitch four times a second, and in one place on every frame', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 32);
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'typeSize', 'Type size', '220');
    await goToFrame(page, 0);
    // All of the placement with one click on its bead; the colour with one more. From here on a value is a keyframe.
    await kept(page, () => page.locator('[data-whole-placement]').click());
    await kept(page, () => sheet(page, 'fill').locator('.bead').click());
    for (const { frame, x, y, scale, rotation, fill } of STATES) {
        await goToFrame(page, frame);
        await setField(page, 'position', 'Position x', x);
        await setField(page, 'position', 'Position y', y);
        await setField(page, 'scale', 'Scale x', scale);
        await setField(page, 'rotation', 'Rotation', rotation);
        await setField(page, 'fill', 'Fill as hex', fill);
    }
    // The time from the whole piece to single frames, around the playhead, and back.
    await goToFrame(page, 24);
    const beads = page.locator('[data-thread=rotation] [data-bead]');
    const apart = async (): Promise<number> =>
        ((await beads.nth(3).boundingBox())!.x - (await beads.nth(2).boundingBox())!.x) / 6;
    const whole = await apart();
    const ruler = (await page.locator('.ruler-cell').boundingBox())!;
    await page.mouse.move(ruler.x + ruler.width / 2, ruler.y + 10);
    await page.keyboard.down('Control');
    await page.mouse.wheel(0, -800);
    await page.keyboard.up('Control');
    await expect.poll(apart).toBeGreaterThan(Math.min(38, 1.2 * whole));
    // One keyframe on every frame.
    for (let frame = 24; frame <= 29; frame++) {
        await goToFrame(page, frame);
        await setField(page, 'rotation', 'Rotation', frame % 2 === 0 ? '12' : '-12');
    }
    const [layer] = await layersOf(page);
    // Those near the end are pinned to it.
    const rotation = (layer!.rotation as { keyframes: { at: number }[] }).keyframes;
    expect(rotation.map(({ at }) => (at < 0 ? 32 + at : at))).toEqual([0, 6, 12, 18, 24, 25, 26, 27, 28, 29]);

    const file = await renderAndDownload(page);
    const pictures = Array.from({ length: 32 }, (_, frame) => frameOf(file, frame, WIDTH, HEIGHT));
    const ink = pictures.map(inked);
    // In each state its colour, and as many pixels as its size squared.
    const [first] = ink;
    for (const { frame, scale, fill } of STATES) {
        const { colour, count } = ink[frame]!;
        const brightest = Math.max(...colour);
        const wanted = [1, 3, 5].map((at) => parseInt(fill.slice(at, at + 2), 16));
        wanted.forEach((value, channel) => {
            if (value === 255) {
                expect(colour[channel]!, `frame ${frame}`).toBeGreaterThan(0.9 * brightest);
            } else {
                expect(colour[channel]!, `frame ${frame}`).toBeLessThan(150);
            }
        });
        expect(Math.abs(count / first!.count - (Number(scale) / 90) ** 2) / (Number(scale) / 90) ** 2).toBeLessThan(
            0.08,
        );
    }
    // Between two of them it is on the straight way from one to the other.
    expect(ink[3]!.x).toBeGreaterThan(Math.min(ink[0]!.x, ink[6]!.x));
    expect(ink[3]!.x).toBeLessThan(Math.max(ink[0]!.x, ink[6]!.x));
    // On every frame the other way round, and every second one the same; after the last it rests.
    for (let frame = 24; frame < 29; frame++) {
        expect(Math.max(...meanOf(pictures[frame]!, pictures[frame + 1]!))).toBeGreaterThan(3);
        if (frame < 28) {
            expect(Math.max(...meanOf(pictures[frame]!, pictures[frame + 2]!))).toBeLessThan(0.5);
        }
    }
    expect(Math.max(...meanOf(pictures[29]!, pictures[31]!))).toBeLessThan(0.5);
});
