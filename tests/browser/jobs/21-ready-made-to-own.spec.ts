import { type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setField,
    setLength,
} from '../producer';
import { frameOf } from '../video';
import { expect, test } from '../test';

const [WIDTH, HEIGHT] = [1920, 1080];

/** The box of what is bright on a frame. */
function boxOf(file: string, frame: number): { left: number; top: number; right: number; bottom: number } {
    const pixels = frameOf(file, frame, WIDTH, HEIGHT);
    const box = { left: WIDTH, top: HEIGHT, right: 0, bottom: 0 };
    for (let y = 0; y < HEIGHT; y++) {
        for (let x = 0; x < WIDTH; x++) {
            if (pixels[4 * (y * WIDTH + x)]! > 120) {
                [box.left, box.right] = [Math.min(box.left, x), Math.max(box.right, x + 1)];
                [box.top, box.bottom] = [Math.min(box.top, y), Math.max(box.bottom, y + 1)];
            }
        }
    }
    return box;
}

const ease = async (page: Page, property: string, easing: string): Promise<void> => {
    await openKeyframes(page, property, 'easing');
    await kept(page, () => page.locator(`[data-easing=${easing}]`).click());
};

test('from a ready-made move to one of one’s own, eased, springy, and turned about a corner', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 80);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '200');
    await setField(page, 'size', 'Size h', '200');
    await setField(page, 'fill', 'Fill as hex', '#f3e3c3');
    // Ready-made ones are clicked through; the last is taken away again.
    await page.locator('[data-phase=arrive]').click();
    for (const move of ['fade', 'drop', 'spring']) {
        await kept(page, () => page.locator(`[data-move=${move}]`).click());
        expect((await layersOf(page))[0]!.arrive).toMatchObject({ moves: [{ move }] });
    }
    await kept(page, () => page.getByRole('button', { name: 'No arrival' }).click());
    expect(await layersOf(page)).not.toHaveProperty('0.arrive');
    await page.locator('[data-layer=l1] .name').click();

    // One’s own: all of the placement from a first state to a last.
    await goToFrame(page, 0);
    await setField(page, 'position', 'Position x', '400');
    await kept(page, () => page.locator('[data-whole-placement]').click());
    await goToFrame(page, 20);
    await setField(page, 'position', 'Position x', '1400');
    await setField(page, 'scale', 'Scale x', '200');
    // Longer, by moving its last state; eased out, with an overshoot and springily, one after another.
    const beads = page.locator('[data-thread=position] [data-bead]');
    await beads.nth(1).click();
    for (let step = 0; step < 2; step++) {
        await kept(page, () => page.keyboard.press('Shift+ArrowRight'));
    }
    for (const easing of ['ease-in', 'back-out', 'elastic-out']) {
        await ease(page, 'position', easing);
    }
    const position = (await layersOf(page))[0]!.position as { keyframes: { at: number; easing: string }[] };
    expect(position.keyframes.map(({ at }) => at)).toEqual([0, 40]);
    expect(position.keyframes[0]!.easing).toMatch(/^elastic-out/);
    // A click selects that one alone, so that the others keep their easing.
    await page.locator('[data-thread=scale] [data-bead]').first().click();
    await ease(page, 'scale', 'ease-in-out');

    // A second animation later: a quarter turn about its upper left corner.
    await page.locator('[data-anchor="start start"]').click();
    await goToFrame(page, 50);
    await kept(page, () => page.locator('.drawer [data-property=rotation] .bead').click());
    await goToFrame(page, 70);
    await setField(page, 'rotation', 'Rotation', '90');

    const file = await renderAndDownload(page);
    const wide = (frame: number): number => boxOf(file, frame).right - boxOf(file, frame).left;
    expect([boxOf(file, 0).left, wide(0)]).toEqual([300, 200]);
    // Springy: it goes beyond where it comes to rest, and comes back.
    const middles = Array.from({ length: 20 }, (_, step) => {
        const { left, right } = boxOf(file, 2 * step);
        return (left + right) / 2;
    });
    expect(Math.max(...middles)).toBeGreaterThan(1450);
    const at = middles.indexOf(Math.max(...middles));
    expect(Math.min(...middles.slice(at))).toBeLessThan(1400);
    // At rest it is twice as large; halfway there in the middle of the time, as eased on both sides.
    expect(wide(45)).toBe(400);
    expect(Math.abs(wide(10) - 300)).toBeLessThanOrEqual(2);
    expect(wide(4)).toBeLessThan(230);
    // Its corner stays where it is: (1200, 340) before; turned by a quarter it lies to the left of it.
    expect(boxOf(file, 48)).toEqual({ left: 1200, top: 340, right: 1600, bottom: 740 });
    const turned = boxOf(file, 72);
    for (const [side, expected] of Object.entries({ left: 800, top: 340, right: 1200, bottom: 740 })) {
        expect(Math.abs(turned[side as keyof typeof turned] - expected), side).toBeLessThanOrEqual(1);
    }
});
