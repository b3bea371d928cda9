import { type Page } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

type Curve = { keyframes: { at: number; value: number }[] };

/** A level line by hand, in composition pixels, with so many milliseconds between its steps. */
async function drawByHand(page: Page, xs: number[], y: number, wait: (index: number) => number): Promise<void> {
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / WIDTH;
    const at = (x: number): [number, number] => [frame.x + x * scale, frame.y + y * scale];
    await page.mouse.move(...at(xs[0]!));
    await page.mouse.down();
    for (const [index, x] of xs.entries()) {
        await page.mouse.move(...at(x));
        await page.waitForTimeout(wait(index));
    }
    await kept(page, () => page.mouse.up());
}

async function chooseBrush(page: Page, brush: string): Promise<void> {
    await page.locator('[data-brush]').click();
    await kept(page, () => page.locator(`[data-brush-choice=${brush}]`).click());
}

async function chooseHand(page: Page, pace: string, brush: string, width: string): Promise<void> {
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=shapes]').click();
    await page.locator('[data-draw-hand]').click();
    await page.locator('[data-hand-pace]').selectOption(pace);
    await page.locator('[data-hand-brush]').selectOption(brush);
    await page.locator('[data-hand-width]').fill(width);
}

/** The columns that are bright on a row of a frame: the first, the last, and how many. */
function bright(
    file: string,
    frame: number,
    rows: [number, number],
    least = 90,
): { left: number; right: number; count: number } {
    const pixels = frameOf(file, frame, WIDTH, HEIGHT);
    const columns = Array.from({ length: WIDTH }, (_, x) => x).filter((x) => {
        for (let y = rows[0]; y < rows[1]; y++) {
            if (pixels[4 * (y * WIDTH + x)]! > least) {
                return true;
            }
        }
        return false;
    });
    return { left: columns[0] ?? -1, right: columns.at(-1) ?? -1, count: columns.length };
}

const steps = (from: number, to: number, count: number): number[] =>
    Array.from({ length: count + 1 }, (_, index) => from + ((to - from) * index) / count);

test('lines that are drawn by hand draw themselves, at the pace of the hand, evened, slower, in part and from the other end', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 100);
    await goToFrame(page, 0);
    await chooseHand(page, 'hand', '', '20');
    // The left half slowly, the right half at once.
    await drawByHand(page, [...steps(300, 900, 20), ...steps(960, 1500, 3)], 300, (index) => (index < 20 ? 40 : 8));
    // It is played once, as it was drawn, and goes back to where it began.
    const picture = page.locator('.picture');
    await expect(picture).not.toHaveAttribute('data-frame', '0');
    await expect(picture).toHaveAttribute('data-frame', '0');
    await page.locator('[data-hand-pace]').selectOption('even');
    await drawByHand(page, [...steps(300, 900, 20), ...steps(960, 1500, 3)], 700, (index) => (index < 20 ? 40 : 8));
    await page.locator('[data-hand-done]').click();
    const [hand, even] = await layersOf(page);
    const paced = (hand!.drawEnd as Curve).keyframes;
    expect(paced.length).toBeGreaterThan(2);
    const evened = (even!.drawEnd as Curve).keyframes;
    expect(evened.map(({ value }) => value)).toEqual([0, 100]);

    // Pulled by its end, a drawing takes its pace along; with Ctrl it keeps it.
    const end = page.locator('[data-band=l1] [data-trim=out]');
    const ends = async (): Promise<[number, number]> => {
        const [layer] = await layersOf(page);
        return [Number(layer!.out), (layer!.drawEnd as Curve).keyframes.at(-1)!.at];
    };
    const [whole, ended] = await ends();
    await kept(page, () => drag(page, end, -300, 0));
    const [pulled, sooner] = await ends();
    expect(pulled).toBeLessThan(whole);
    expect(sooner).toBe(Math.round((ended * pulled) / whole));
    await kept(page, () => page.keyboard.press('Control+z'));
    await page.keyboard.down('Control');
    await kept(page, () => drag(page, end, -300, 0));
    await page.keyboard.up('Control');
    expect(await ends()).toEqual([pulled, ended]);
    await kept(page, () => page.keyboard.press('Control+z'));

    // Slower: its end comes 60 frames after its beginning. Then eased, all of it.
    await page.locator('[data-layer=l2] .name').click();
    await page.locator('[data-thread=drawEnd] [data-bead="0"]').click();
    await openKeyframes(page, 'drawEnd', 'keyframes');
    await page.locator('[data-stretch]').fill('60');
    await kept(page, () => page.locator('[data-stretch]').press('Enter'));
    await page.keyboard.press('Escape');
    expect(((await layersOf(page))[1]!.drawEnd as Curve).keyframes.map(({ at }) => at)).toEqual([0, 60]);
    const file = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    const [last] = paced.slice(-1);
    // By hand: when three quarters of the time have passed, about half of the way is done.
    const slow = bright(file, Math.round(0.75 * last!.at), [290, 310]);
    expect(slow.right).toBeGreaterThan(700);
    expect(slow.right).toBeLessThan(1050);
    expect(bright(file, last!.at + 1, [290, 310]).right).toBeGreaterThan(1480);
    // Evenly: half way after half of the 60 frames.
    const half = bright(file, 30, [690, 710]);
    expect(Math.abs(half.right - 900)).toBeLessThan(30);

    // From the other end, and only the first half of it.
    await page.locator('[data-layer=l2] .name').click();
    await page.locator('[data-tab=sheet]').click();
    await kept(page, () => page.locator('[data-path-reverse]').click());
    await setField(page, 'drawBegin', 'Drawn from', '50');
    const other = await renderAndDownload(page);
    const drawn = bright(other, 95, [690, 710]);
    expect(drawn.left).toBeLessThan(310);
    expect(Math.abs(drawn.right - 900)).toBeLessThan(30);
    const before = bright(other, 45, [690, 710]);
    expect(before.right - before.left).toBeLessThan(drawn.right - drawn.left);
    expect(Math.abs(before.right - drawn.right)).toBeLessThan(12);
});

test('a circle in brushes: width, spacing, where it begins, another throw, and effects on it', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 60);
    await addToComposition(page, 'Circle');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#00000000');
    await setField(page, 'outline', 'Outline as hex', '#ffffff');
    await setField(page, 'outlineWidth', 'Outline width', '20');
    await chooseBrush(page, 'dotted');
    await setField(page, 'b1.spacing', 'Spacing', '314.159');
    const dots = async (): Promise<Buffer> => frameOf(await renderAndDownload(page, 'still'), 0, WIDTH, HEIGHT);
    /** Whether something is drawn around a place on the circle of 200 px, in degrees clockwise from the right. */
    const isDrawn = (pixels: Buffer, degrees: number): boolean => {
        const [x, y] = [
            960 + 200 * Math.cos((degrees * Math.PI) / 180),
            540 + 200 * Math.sin((degrees * Math.PI) / 180),
        ];
        return pixels[4 * (Math.round(y) * WIDTH + Math.round(x))]! > 128;
    };
    // 1256.6 px around by 62.83: twenty dots, 18° apart, the first at the right.
    const first = await dots();
    for (let index = 0; index < 20; index++) {
        expect(isDrawn(first, 18 * index), `dot ${index}`).toBe(true);
        expect(isDrawn(first, 18 * index + 9), `gap ${index}`).toBe(false);
    }
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
    // It begins half a step later.
    await page.locator('[data-layer=l1] .name').click();
    await setField(page, 'b1.phase', 'Begins', '50');
    const later = await dots();
    expect([isDrawn(later, 0), isDrawn(later, 9), isDrawn(later, 99)]).toEqual([false, true, true]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();

    await page.locator('[data-layer=l1] .name').click();
    for (const brush of ['rings', 'airbrush', 'leaves']) {
        await chooseBrush(page, brush);
    }
    await kept(page, () => page.locator('[data-throw-brush]').click());
    expect((await layersOf(page))[0]!.brush).toMatchObject({ form: 'leaves', seed: 2 });
    // It grows as it is drawn.
    await goToFrame(page, 0);
    await setField(page, 'drawEnd', 'Drawn to', '0');
    await kept(page, () => sheet(page, 'drawEnd').locator('.bead').click());
    await goToFrame(page, 40);
    await setField(page, 'drawEnd', 'Drawn to', '100');
    await page.locator('[data-add-effect]').click();
    await kept(page, () => page.locator('[data-effect=halo]').click());
    await page.locator('[data-add-effect]').click();
    await kept(page, () => page.locator('[data-effect=facets]').click());
    const file = await renderAndDownload(page);
    const lit = (frame: number): number =>
        frameOf(file, frame, WIDTH, HEIGHT).reduce((sum, value, at) => sum + (at % 4 === 0 ? value / 255 : 0), 0);
    const [begun, half, whole, rest] = [lit(2), lit(20), lit(40), lit(59)];
    expect(begun).toBeLessThan(0.2 * whole);
    expect(half / whole).toBeGreaterThan(0.35);
    expect(half / whole).toBeLessThan(0.62);
    expect(Math.abs(rest - whole) / whole).toBeLessThan(0.01);
});
