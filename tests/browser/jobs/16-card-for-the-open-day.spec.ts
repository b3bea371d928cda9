import { type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    findInKit,
    goToFrame,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setField,
    setLength,
    upload,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

async function words(page: Page, text: string, font: string, size: string, place: [string, string]): Promise<void> {
    await addToComposition(page, 'Name');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => {
        await page.locator('[data-words]').fill(text);
        await page.locator('[data-words]').blur();
    });
    await page.locator('[data-choose-font]').click();
    await page.locator('[data-find-font]').fill(font);
    await kept(page, () => page.locator('.picker [data-font]').first().click());
    await setField(page, 'typeSize', 'Type size', size);
    await setField(page, 'position', 'Position x', place[0]);
    await setField(page, 'position', 'Position y', place[1]);
}

const colourAt = (pixels: Buffer, x: number, y: number): number[] => [
    ...pixels.subarray(4 * (y * WIDTH + x), 4 * (y * WIDTH + x) + 3),
];
const near = (a: number[], b: number[]): boolean => a.every((value, index) => Math.abs(value - b[index]!) < 14);

/** How bright a part of a frame is on average, of 255. */
function brightness(pixels: Buffer, x: number, y: number, width: number, height: number): number {
    let sum = 0;
    for (let row = y; row < y + height; row++) {
        for (let column = x; column < x + width; column++) {
            sum += pixels[4 * (row * WIDTH + column)]!;
        }
    }
    return sum / (width * height);
}

test('a card: a tilted block in a colour of its picture, words behind and before it, a button, a logo out of nothing', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 100);
    await upload(page, 'photo.jpg');
    await upload(page, 'badge.png');

    // Very large words, then the picture, then the block in a colour that is picked from it.
    await words(page, 'OPEN', 'bebas neue bold', '700', ['240', '820']);
    await setField(page, 'fill', 'Fill as hex', '#404040');
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-kit-search]').fill('');
    await page.locator('[data-drawer=media]').click();
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'scale', 'Scale x', '20');
    await setField(page, 'position', 'Position x', '520');
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-property=fill] [data-dropper]').first().click();
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / WIDTH;
    await kept(page, () => page.mouse.click(frame.x + 470 * scale, frame.y + 500 * scale));
    await setField(page, 'size', 'Size w', '1000');
    await setField(page, 'size', 'Size h', '420');
    await setField(page, 'position', 'Position x', '1250');
    await setField(page, 'rotation', 'Rotation', '-6');
    const [, photo, block] = await layersOf(page);
    expect(photo!.kind).toBe('footage');
    expect(block!.fill).not.toBe('#2f5d50');

    // Small words before it come by a ready-made cascade; a button is words with a plate that fits them.
    await words(page, 'from ten to six', 'league spartan bold', '80', ['900', '520']);
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator('[data-cascade=unfold]').click());
    await words(page, 'Come in', 'karla extra', '60', ['1000', '680']);
    await setField(page, 'fill', 'Fill as hex', '#101010');
    await setField(page, 'plate', 'Colour as hex', '#c9973f');
    await setField(page, 'plateRounding', 'Rounding', '40');

    // The logo grows out of nothing; its curve is shaped once, kept, and used for the button too.
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-kit-search]').fill('');
    await page.locator('[data-drawer=media]').click();
    await kept(page, () => page.getByRole('button', { name: 'Add badge.png' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'position', 'Position x', '1700');
    await setField(page, 'position', 'Position y', '220');
    for (const [layer, from, to] of [
        ['l6', '20', '100'],
        ['l5', '30', '100'],
    ] as const) {
        await page.locator(`[data-layer=${layer}] .name`).click();
        await goToFrame(page, Number(from));
        await kept(page, () => page.locator('.drawer [data-property=scale] .bead').click());
        await setField(page, 'scale', 'Scale x', '0');
        await goToFrame(page, Number(from) + 20);
        await setField(page, 'scale', 'Scale x', to);
        await page.locator('[data-thread=scale] [data-bead]').first().click();
        await openKeyframes(page, 'scale', 'easing');
        if (layer === 'l6') {
            await kept(page, () => page.locator('[data-easing="back-out"], [data-easing=back]').first().click());
            await openKeyframes(page, 'scale', 'easing');
            await page.locator('[data-curve-name]').fill('Card');
            await kept(page, () => page.locator('[data-curve-name]').press('Enter'));
        } else {
            await kept(page, () => page.locator('[data-named-curve=Card]').click());
        }
        await page.keyboard.press('Escape');
    }
    const layers = await layersOf(page);
    const easing = (layer: Record<string, unknown>): string =>
        (layer.scale as { keyframes: { easing: string }[] }).keyframes[0]!.easing;
    expect(easing(layers[4]!)).toBe(easing(layers[5]!));

    const file = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    const rest = frameOf(file, 95, WIDTH, HEIGHT);
    const fill = (block!.fill as string).match(/[0-9a-f]{2}/g)!.map((part) => parseInt(part, 16));
    // The block, tilted: its upper edge lies higher at the right; the button's plate on it.
    expect(near(colourAt(rest, 1250, 400), fill)).toBe(true);
    expect(near(colourAt(rest, 1660, 365), fill)).toBe(true);
    expect(near(colourAt(rest, 800, 350), fill)).toBe(false);
    expect(near(colourAt(rest, 990, 680), [0xc9, 0x97, 0x3f])).toBe(true);
    // The words behind are hidden where the block is, and seen beside it.
    expect(brightness(rest, 250, 330, 400, 60)).toBeGreaterThan(8);
    // Nothing of the logo at first, more than all of it on its way.
    const logo = (at: number): number => brightness(frameOf(file, at, WIDTH, HEIGHT), 1580, 100, 240, 180);
    expect(Math.abs(logo(20) - logo(0))).toBeLessThan(2);
    expect(Math.abs(logo(95) - logo(0))).toBeGreaterThan(5);

    // Another picture takes the first one's place, as large as it was.
    await upload(page, 'halves.mp4');
    await page.locator('[data-layer=l2] .name').click();
    const other = await findInKit(page, 'halves.mp4');
    await kept(page, () => other.dragTo(page.locator('[data-layer=l2] .name')));
    expect((await layersOf(page))[1]!.media).not.toBe(photo!.media);
});
