import { type Page } from '@playwright/test';
import {
    addToComposition,
    chooseEasing,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [960, 540];
/** From the viewer to the picture, in pixels of the composition: a lens of 50 mm on a sensor of 36. */
const DISTANCE = (1920 * 50) / 36;
const [ROWS, COLUMNS] = [4, 10];
const [FRAMES, OVERLAP] = [96, 0.9];
const [TILT, AWAY, ABOVE] = [40, -800, -900];

type Spot = [x: number, y: number];

/** A patch on a frame: its corners as a pinhole has them, and how far away its middle is. */
interface Seen {
    corners: Spot[];
    box: { left: number; top: number; right: number; bottom: number };
    away: number;
}

/** Row by row from the upper left, each as far on its way as an even pace has it. */
function patchesOn(frame: number): Seen[] {
    const count = ROWS * COLUMNS;
    const each = FRAMES / (1 + (count - 1) * (1 - OVERLAP));
    return Array.from({ length: count }, (_, index) => {
        const begun = (index / (count - 1)) * (FRAMES - each);
        const left = 1 - Math.min(1, Math.max(0, (frame - begun) / each));
        const [row, column] = [Math.floor(index / COLUMNS), index % COLUMNS];
        const [wide, high] = [1920 / COLUMNS, 1080 / ROWS];
        const box = { left: column * wide, top: row * high, right: (column + 1) * wide, bottom: (row + 1) * high };
        const tilt = (TILT * left * Math.PI) / 180;
        const middle = (row + 0.5) * high;
        const corners = (
            [
                [box.left, box.top],
                [box.right, box.top],
                [box.right, box.bottom],
                [box.left, box.bottom],
            ] as Spot[]
        ).map(([x, y]): Spot => {
            // Tilted about its own middle, so that its upper edge leads away; then above the picture and before it.
            const up = y - middle;
            const [high, z] = [middle + ABOVE * left + up * Math.cos(tilt), AWAY * left - up * Math.sin(tilt)];
            const by = DISTANCE / (DISTANCE + z);
            return [960 + (x - 960) * by, 540 + (high - 540) * by];
        });
        return { corners, box, away: AWAY * left };
    });
}

/** How far inside a patch a point is, in pixels; negative outside. */
function inside({ corners }: Seen, [x, y]: Spot): number {
    return Math.min(
        ...corners.map(([x1, y1], index) => {
            const [x2, y2] = corners[(index + 1) % corners.length]!;
            return ((x2 - x1) * (y - y1) - (y2 - y1) * (x - x1)) / Math.hypot(x2 - x1, y2 - y1);
        }),
    );
}

/** Where in the picture is what is seen of a patch at a point: the pinhole backwards. */
function pictured({ box, away }: Seen, [x, y]: Spot): Spot {
    const left = away / AWAY;
    const tilt = (TILT * left * Math.PI) / 180;
    const middle = (box.top + box.bottom) / 2;
    // 540 + (middle + ABOVE·left + up·cos − 540) · D / (D + away − up·sin) = y, for up.
    const high = (y - 540) / DISTANCE;
    const up = (high * (DISTANCE + away) - (middle + ABOVE * left - 540)) / (Math.cos(tilt) + high * Math.sin(tilt));
    return [960 + ((x - 960) * (DISTANCE + away - up * Math.sin(tilt))) / DISTANCE, middle + up];
}

/** A number in a field of the Sheet, by its mark. */
async function set(page: Page, mark: string, value: number): Promise<void> {
    const field = page.locator(`[${mark}] input, input[${mark}]`).last();
    await kept(page, async () => {
        await field.fill(String(value));
        await field.press('Enter');
    });
}

test('a picture falls into place in patches, with the words in it, which are changed afterwards', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 125);
    await upload(page, 'pattern.png');
    await addToComposition(page, 'pattern.png');
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'outline', 'Outline as hex', '#000000');
    await setField(page, 'outlineWidth', 'Outline width', '6');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+a');
    await kept(page, () => page.keyboard.press('p'));

    // Nothing is worked out by hand: rows and columns.
    await kept(page, () => page.locator('[data-cut]').click());
    await expect(page.locator('[data-patch-count=rows] input, input[data-patch-count=rows]').last()).toHaveValue(
        String(ROWS),
    );
    await set(page, 'data-patch-count=columns', COLUMNS);
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator('[data-cascade=fall-into-place]').click());
    await set(page, 'data-cascade-length', FRAMES);
    await set(page, 'data-cascade-overlap', 100 * OVERLAP);
    await chooseEasing(page, '[data-cascade-easing=easing]', 'linear');
    await setField(page, 'c1.position', 'Position y', String(ABOVE));
    await setField(page, 'c1.z', 'Depth', String(AWAY));
    await setField(page, 'c1.scatterTilt', 'Tilt ±', '0');
    await setField(page, 'c1.scatterTurn', 'Turn ±', '0');

    // The words are changed afterwards, and are cut along.
    await page.keyboard.press('Escape');
    await goToFrame(page, FRAMES);
    await page.locator('.cell', { hasText: 'Name' }).click();
    await kept(page, async () => {
        await page.locator('[data-words]').fill('Depot Nine opens');
        await page.locator('[data-words]').blur();
    });

    const file = await renderAndDownload(page);
    const rest = frameOf(file, FRAMES + 4, WIDTH, HEIGHT);
    const at = (pixels: Uint8Array | Buffer, [x, y]: Spot): number[] => {
        const index = 4 * (WIDTH * Math.round(y / 2 - 0.5) + Math.round(x / 2 - 0.5));
        return [pixels[index]!, pixels[index + 1]!, pixels[index + 2]!];
    };
    for (const frame of [30, 55, 80]) {
        const pixels = frameOf(file, frame, WIDTH, HEIGHT);
        const patches = patchesOn(frame);
        // What is nearer covers what is farther away; of two that are equally far the later one the earlier.
        const order = patches.map((one, index) => ({ one, index }));
        order.sort((a, b) => a.one.away - b.one.away || b.index - a.index);
        let [compared, off, shown] = [0, 0, 0];
        for (let y = 9; y < 1080; y += 18) {
            for (let x = 9; x < 1920; x += 18) {
                const depths = patches.map((one) => inside(one, [x, y]));
                // Beside edges it is smoothed, and compressed with what is beyond.
                if (depths.some((depth) => Math.abs(depth) < 8)) {
                    continue;
                }
                const covering = order.find(({ index }) => depths[index]! > 0)?.one;
                const expected = covering ? at(rest, pictured(covering, [x, y])) : [0, 0, 0];
                const found = at(pixels, [x, y]);
                compared++;
                shown += covering ? 1 : 0;
                off += Math.max(...found.map((value, channel) => Math.abs(value - expected[channel]!))) > 40 ? 1 : 0;
            }
        }
        expect(compared, `frame ${frame}`).toBeGreaterThan(3000);
        expect(shown, `frame ${frame}`).toBeGreaterThan(300);
        // The picture has lines of a pixel, beside which a point of another size has another colour.
        expect(off / compared, `${off} of ${compared} on frame ${frame}`).toBeLessThan(0.02);
    }

    // Thrown by some degrees, and settling during the second half: at rest it is the same to the last digit.
    const drawnOn = async (frame: number): Promise<string> => {
        const answer = await page.request.get(
            `/api/compositions/${page.url().split('/').at(-1)}/glimpse?frame=${frame}`,
        );
        const { paths, items } = (await answer.json()).glimpse.list;
        return JSON.stringify([paths, items]);
    };
    const [resting, falling] = [await drawnOn(FRAMES), await drawnOn(40)];
    await page.keyboard.press('Escape');
    await page.locator('.cell', { hasText: 'Group' }).click();
    await setField(page, 'c1.scatterTilt', 'Tilt ±', '10');
    await set(page, 'data-cascade-settles', 50);
    expect(await drawnOn(FRAMES)).toBe(resting);
    expect(await drawnOn(40)).not.toBe(falling);
    // With gaps, round corners, an edge and a shadow it does not come together to the picture any more; without patchwork it does.
    for (const [property, name, value] of [
        ['p1.gap', 'Gap', '8'],
        ['p1.rounding', 'Rounding', '14'],
        ['p1.edge', 'Edge', '1'],
        ['p1.shadow', 'Shadow as hex', '#00000080'],
    ] as const) {
        const before = await drawnOn(FRAMES);
        await setField(page, property, name, value);
        expect(await drawnOn(FRAMES), name).not.toBe(before);
    }
    await kept(page, () => page.locator('[data-uncut]').click());
    expect(await drawnOn(FRAMES)).toBe(resting);
    expect((await layersOf(page)).find(({ kind }) => kind === 'group')).not.toHaveProperty('cascades');
});
