import { expect, test, type Page } from '@playwright/test';
import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    kept,
    layersOf,
    openKeyframes,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from '../producer';
import { frameOf } from '../video';

interface Keyframed {
    keyframes: { at: number; value: unknown; easing?: string }[];
}

const keyframes = async (page: Page, property: string): Promise<Keyframed['keyframes']> =>
    ((await layersOf(page))[0]![property] as Keyframed).keyframes;

/** The middle of what is lit on a frame. */
function middleOf(file: string, frame: number): [number, number] {
    const pixels = frameOf(file, frame, 1920, 1080);
    let [count, x, y] = [0, 0, 0];
    for (let at = 0; at < pixels.length; at += 4) {
        if (pixels[at + 1]! > 60) {
            count++;
            x += (at / 4) % 1920;
            y += Math.floor(at / 4 / 1920);
        }
    }
    return [x / count, y / count];
}

test('from ready-made moves to one’s own: several values at once, longer, eased, a second one, about a corner', async ({
    page,
}) => {
    await emptyComposition(page);
    await setLength(page, 70);
    await goToFrame(page, 0);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '200');
    await setField(page, 'size', 'Size h', '200');
    await setField(page, 'fill', 'Fill as hex', '#ffffff');

    // Ready-made ones are clicked through; each takes the place of the one before.
    for (const move of ['slide', 'grow', 'turn']) {
        await page.locator('[data-phase=arrive]').click();
        await kept(page, () => page.locator(`[data-move=${move}]`).first().click());
        await page.keyboard.press('Escape');
    }
    expect((await layersOf(page))[0]!.arrive).toMatchObject({ moves: [{ move: 'turn' }] });
    await kept(page, () => page.keyboard.press('Control+z'));
    expect((await layersOf(page))[0]!.arrive).toMatchObject({ moves: [{ move: 'grow' }] });
    for (let step = 0; step < 2; step++) {
        await kept(page, () => page.keyboard.press('Control+z'));
    }
    expect((await layersOf(page))[0]).not.toHaveProperty('arrive');

    // One's own: the whole placement at once, from a first state to a last.
    await goToFrame(page, 0);
    await setField(page, 'position', 'Position x', '400');
    await kept(page, () => page.locator('[data-whole-placement]').click());
    await goToFrame(page, 20);
    await setField(page, 'position', 'Position x', '1200');
    await setField(page, 'rotation', 'Rotation', '90');
    await setField(page, 'opacity', 'Opacity', '80');
    expect(await keyframes(page, 'position')).toMatchObject([
        { at: 0, value: [400, 540] },
        { at: 20, value: [1200, 540] },
    ]);

    // Longer: its beads are stretched to thirty frames.
    await openKeyframes(page, 'position', 'keyframes');
    await page.locator('[data-stretch]').fill('30');
    await kept(page, () => page.locator('[data-stretch]').press('Enter'));
    await page.keyboard.press('Escape');
    expect((await keyframes(page, 'position')).map((one) => one.at)).toEqual([0, 30]);

    // Eased in, out, both, with overshoot, springy: each is one click.
    for (const easing of ['ease-in', 'ease-out', 'ease-in-out', 'back-out', 'elastic-out']) {
        await openKeyframes(page, 'position', 'easing');
        await kept(page, () => page.locator(`[data-easing=${easing}]`).first().click());
        await page.keyboard.press('Escape');
        expect((await keyframes(page, 'position'))[0]!.easing).toMatch(new RegExp(`^${easing}`));
    }

    // A second one later on; and it turns about a corner instead of the middle.
    await keyframe(page, 'rotation', 'Rotation', [
        [40, '90'],
        [60, '180'],
    ]);
    expect((await keyframes(page, 'rotation')).map((one) => one.at)).toEqual([0, 20, 40, 60]);
    await expect(sheet(page, 'rotation')).toBeVisible();
    await goToFrame(page, 0);
    await kept(page, () => page.locator('[data-anchor="start start"]').click());
    const [layer] = await layersOf(page);
    expect(layer!.anchor).toEqual([-100, -100]);

    const film = await renderAndDownload(page);
    // Elastic goes beyond its end before it comes to rest there.
    const over = Math.max(...Array.from({ length: 25 }, (_, index) => middleOf(film, index + 4)[0]));
    const rest = middleOf(film, 39);
    expect(over).toBeGreaterThan(rest[0] + 20);
    // By 90 degrees about the corner at (1100, 440): its middle goes from below left of it to above left.
    const turned = middleOf(film, 60);
    expect(Math.hypot(turned[0] - 1100, turned[1] - 440)).toBeCloseTo(Math.hypot(rest[0] - 1100, rest[1] - 440), 0);
    expect(Math.abs(turned[0] - rest[0]) + Math.abs(turned[1] - rest[1])).toBeGreaterThan(150);
});
