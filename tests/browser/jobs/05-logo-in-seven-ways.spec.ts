import { type Page } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    chooseEasing,
    kept,
    keyframe,
    layersOf,
    renderAndDownload,
    setField,
    sheet,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

/** How long each way takes, in frames, and how many of them stand when it has come and before it goes. */
const EACH = 15;

/** Where cream is seen on a frame, as a box and as a number of pixels; and how many of the others are not the clip's. */
interface Seen {
    left: number;
    top: number;
    right: number;
    bottom: number;
    cream: number;
    strange: number;
}

function seen(file: string, frame: number): Seen {
    const pixels = frameOf(file, frame, WIDTH, HEIGHT);
    const found: Seen = { left: WIDTH, top: HEIGHT, right: 0, bottom: 0, cream: 0, strange: 0 };
    for (let y = 0; y < HEIGHT; y++) {
        for (let x = 0; x < WIDTH; x++) {
            const at = 4 * (y * WIDTH + x);
            const [red, blue] = [pixels[at]!, pixels[at + 2]!];
            if (red > 0x24 + 12) {
                found.strange++;
            }
            // More than half of the way from the clip's blue to the logo's cream.
            if (red > 140 && blue > 150) {
                found.cream++;
                [found.left, found.right] = [Math.min(found.left, x), Math.max(found.right, x + 1)];
                [found.top, found.bottom] = [Math.min(found.top, y), Math.max(found.bottom, y + 1)];
            }
        }
    }
    return found;
}

/** The logo, 400 pixels large in the middle, for the way that is the next; the Sheet shows it. */
async function logo(page: Page, way: number): Promise<void> {
    await goToFrame(page, way * EACH);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#f3e3c3');
    const out = page.getByLabel('Out point');
    await kept(page, async () => {
        await out.fill(`${way * EACH + EACH}f`);
        await out.press('Enter');
    });
}

const addEffect = async (page: Page, name: string): Promise<void> => {
    await page.locator('[data-add-effect]').click();
    await kept(page, () => page.locator(`[data-effect=${name}]`).click());
};

/** A ready-made move at an end, as long as it is said, and what it is set to. */
async function move(
    page: Page,
    side: 'arrive' | 'leave',
    name: string,
    length: number,
    settings: [name: string, value: string][] = [],
): Promise<void> {
    await page.locator(`[data-phase=${side}]`).click();
    await kept(page, () => page.locator(`[data-move=${name}]`).click());
    await chooseEasing(page, '[data-phase-easing]', 'linear');
    for (const [setting, value] of settings) {
        const field = page.locator('[data-move-picker]').getByRole('textbox', { name: setting });
        await kept(page, async () => {
            await field.fill(value);
            await field.press('Enter');
        });
    }
    await page.keyboard.press('Escape');
    await page.locator(`[data-phase-length=${side}]`).fill(String(length));
    await kept(page, () => page.locator(`[data-phase-length=${side}]`).press('Enter'));
}

test('a logo comes and goes in seven ways over a clip of which nothing is touched', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());

    // 1: faded on and off; on the last frame that is seen it is gone.
    await logo(page, 0);
    await keyframe(page, 'opacity', 'Opacity', [
        [0, '0'],
        [5, '100'],
        [10, '100'],
        [14, '0'],
    ]);
    // 2: slid on from below and off at the top.
    await logo(page, 1);
    await keyframe(page, 'position', 'Position y', [
        [15, '1280'],
        [20, '540'],
        [24, '540'],
        [29, '-200'],
    ]);
    // 3: grown and shrunk.
    await logo(page, 2);
    await keyframe(page, 'scale', 'Scale x', [
        [30, '0'],
        [35, '100'],
        [40, '100'],
        [44, '0'],
    ]);
    // 4: one corner drawn in from outside, another drawn out.
    await logo(page, 3);
    await addEffect(page, 'corner-pin');
    await goToFrame(page, 53);
    await kept(page, () => sheet(page, 'e1.topLeft').locator('.bead').click());
    await goToFrame(page, 45);
    const point = page.locator('[data-effect-point="e1.topLeft"]');
    await kept(page, () => drag(page, point, -120, -90));
    await keyframe(page, 'e1.bottomRight', 'Bottom right x', [
        [54, '0'],
        [59, '1000'],
    ]);
    const pinned = (await layersOf(page)).at(-1)!.effects as { topLeft: { keyframes: { value: number[] }[] } }[];
    const [across, down] = pinned[0]!.topLeft.keyframes[0]!.value as [number, number];
    expect(across).toBeLessThan(-150);
    // 5: it comes out of a distortion that goes by, and is gone with it.
    await logo(page, 4);
    await addEffect(page, 'smear');
    await setField(page, 'e1.radius', 'Radius', '300');
    await keyframe(page, 'e1.centre', 'Centre x', [
        [60, '-700'],
        [74, '700'],
    ]);
    // 6: a diagonal wipe, leaving the other way round and slower.
    await logo(page, 5);
    await move(page, 'arrive', 'wipe', 4, [['From', '225']]);
    await move(page, 'leave', 'wipe', 8, [['From', '45']]);
    // 7: out of a blur along its way.
    await logo(page, 6);
    await move(page, 'arrive', 'streak', 5);
    await kept(page, () => page.locator('[data-mirror]').click());

    const file = await renderAndDownload(page);
    const whole = { left: 760, top: 340, right: 1160, bottom: 740 };
    /** That the logo is seen so far, to a pixel or two. */
    const expectBox = (frame: number, box: Partial<Seen>, tolerance = 2): Seen => {
        const found = seen(file, frame);
        for (const [side, expected] of Object.entries(box) as [keyof Seen, number][]) {
            expect(
                Math.abs(found[side] - expected),
                `frame ${frame}: ${JSON.stringify(found)}, ${side} ≈ ${expected}`,
            ).toBeLessThanOrEqual(tolerance);
        }
        return found;
    };
    // All of them stand whole in their middle, with nothing else in the picture; and are gone on their last frame.
    for (const frame of [7, 22, 37, 82, 97]) {
        const found = expectBox(frame, whole);
        expect(found.strange - found.cream).toBeLessThan(2000);
    }
    for (const last of [14, 29, 44, 74, 89, 104]) {
        expect(seen(file, last).cream, `frame ${last}`).toBe(0);
        expect(seen(file, last).strange, `frame ${last}`).toBeLessThan(3000);
    }
    // Half faded: the clip's red and the logo's, half and half.
    const faded = frameOf(file, 12, WIDTH, HEIGHT);
    expect(Math.abs(faded[4 * (540 * WIDTH + 960)]! - (0x24 + 0xf3) / 2)).toBeLessThan(6);
    // 148 pixels a frame.
    expectBox(18, { top: 1280 - 3 * 148 - 200 });
    expectBox(28, { top: 0, bottom: 740 - 4 * 148 });
    expectBox(33, { left: 960 - 120, right: 960 + 120, top: 540 - 120 });
    // The corner that was dragged is on its way in; the one across from it is where it was.
    expectBox(49, { left: 760 + across / 2, top: 340 + down / 2, right: 1160, bottom: 740 }, 3);
    expectBox(53, whole);
    expectBox(57, { left: 760, right: 1160 + 600, bottom: 740 }, 3);
    // Its centre is 100 px further each frame: nothing at first; from 667, the logo's left edge is in its circle and drawn out.
    expect(seen(file, 60).strange).toBeLessThan(500);
    expectBox(65, { left: 760, right: WIDTH });
    expectBox(67, whole);
    expectBox(69, { left: 0, right: 1160 });
    // Wiped from the top left corner: three quarters of the way, an eighth of a square is still to come at the other.
    expect(Math.abs(expectBox(78, { left: 760, top: 340 }).cream / 160_000 - 7 / 8)).toBeLessThan(0.02);
    // Leaving, what is left three frames before the end, of eight, is at the other corner: twice (3/8)² of a half.
    expect(Math.abs(expectBox(86, { right: 1160, bottom: 740 }).cream / 160_000 - 2 * (3 / 8) ** 2)).toBeLessThan(0.02);
    // Blurred along its way: wider than it is, and fainter.
    const streak = seen(file, 94);
    expect(streak.strange).toBeGreaterThan(160_000);
    expect(streak.cream).toBeLessThan(160_000);
});
