import { execFileSync } from 'node:child_process';
import { type Page } from '@playwright/test';
import {
    addToComposition,
    drag,
    emptyComposition,
    findInKit,
    goToFrame,
    choosePicture,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    upload,
} from '../producer';
import { canvasPixels, frameOf, probe } from '../video';
import { expect, test } from '../test';

async function useClip(page: Page, name: string): Promise<void> {
    await upload(page, name);
    await kept(page, () => page.getByRole('button', { name: `Add ${name}` }).dblclick());
}

/** Beats in a file: where its sound begins to be loud, in seconds. */
function beats(file: string): number[] {
    const sound = execFileSync(
        'ffmpeg',
        ['-v', 'error', '-i', file, '-ac', '1', '-ar', '8000', '-f', 's16le', 'pipe:1'],
        {
            maxBuffer: 1 << 26,
        },
    );
    const loud = (sample: number): boolean => Math.abs(sound.readInt16LE(2 * sample)) > 3000;
    const found: number[] = [];
    for (let sample = 0; sample < sound.length / 2; sample++) {
        if (loud(sample) && (found.length === 0 || sample / 8000 - found.at(-1)! > 0.3)) {
            found.push(sample / 8000);
        }
    }
    return found;
}

test('to music and beside a reference: markers are tapped while it plays, and things snap to them', async ({
    page,
}) => {
    await emptyComposition(page);
    await useClip(page, 'beat.wav');
    await useClip(page, 'street.mp4');
    await page.locator('[data-layer=l2] .name').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=reference]').click());
    const layers = await layersOf(page);
    expect(layers.map((layer) => [layer.kind, layer.reference ?? false, layer.out])).toEqual([
        ['sound', false, 200],
        ['footage', true, 125],
    ]);
    // The picture itself stays empty; the reference is beside it, over it, or wiped across it.
    const middle = async (): Promise<number> => (await canvasPixels(page, 600, 300))[4 * (600 * 150 + 300) + 2]!;
    await goToFrame(page, 40);
    await page.locator('[data-look]').click();
    await expect.poll(middle).toBeLessThan(10);
    await page.locator('[data-look-menu]').getByText('Over it').click();
    await expect.poll(middle).toBeGreaterThan(40);
    await page.locator('[data-look-menu]').getByText('Hidden').click();
    await expect.poll(middle).toBeLessThan(10);
    await page.keyboard.press('Escape');

    await page.locator('.picture').focus();
    await page.keyboard.press('Home');
    await page.keyboard.press(' ');
    for (const time of ['00:00:00:12', '00:00:01:12', '00:00:02:12']) {
        await page.waitForFunction(
            (at) => (document.querySelector('[data-time]') as HTMLInputElement).value > at,
            time,
        );
        await page.keyboard.press('m');
    }
    await expect(page.locator('[data-marker]')).toHaveCount(3);
    await page.keyboard.press(' ');
    const markers = (
        await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json()
    ).document.markers.map((marker: { frame: number }) => marker.frame) as number[];

    await page.keyboard.press('Home');
    await kept(page, async () => (await findInKit(page, 'Bar')).dblclick());
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-layer=l3] .name').click();
    // A band that is pulled near a marker is drawn to it.
    const band = page.locator('[data-band=l3]');
    const box = (await band.boundingBox())!;
    const perFrame = box.width / 250;
    await kept(page, () => drag(page, band, markers[1]! * perFrame + 3, 0, { x: 60, y: 10 }));
    expect((await layersOf(page))[2]!.in).toBe(markers[1]);

    const file = await renderAndDownload(page);
    expect(probe(file)).toMatchObject({ frames: 250, sound: 10 });
    // Of the reference there is nothing in the file, neither seen nor heard.
    const blue = (frame: number, x: number, y: number): number =>
        frameOf(file, frame, 1920, 1080)[4 * (1920 * y + x) + 2]!;
    expect(blue(40, 300, 200)).toBeLessThan(10);
    // The bar is there from its marker on.
    expect(blue(markers[1]! - 1, 960, 540)).toBeLessThan(10);
    expect(blue(markers[1]!, 960, 540)).toBeGreaterThan(40);
    const heard = beats(file);
    expect(heard).toHaveLength(16);
    heard.forEach((at, index) => expect(Math.abs(at - index / 2)).toBeLessThan(0.01));
});

test('a gradient of four colours, groups within groups moved as one, and all of it adjusted', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 20);
    await goToFrame(page, 0);
    // The body of a tram in four colours, and two wheels that are a group of their own within it.
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await kept(page, async () => void (await page.locator('[data-paint=fill]').selectOption('corners')));
    for (const [corner, name, colour] of [
        ['topLeft', 'Top left', '#ff0000'],
        ['topRight', 'Top right', '#00ff00'],
        ['bottomLeft', 'Bottom left', '#0000ff'],
        ['bottomRight', 'Bottom right', '#ffffff'],
    ] as const) {
        await setField(page, `g1.${corner}`, `${name} as hex`, colour);
    }
    for (const x of ['760', '1160']) {
        await addToComposition(page, 'Circle');
        await page.locator('[data-tab=sheet]').click();
        await setField(page, 'size', 'Size w', '100');
        await setField(page, 'size', 'Size h', '100');
        await setField(page, 'position', 'Position x', x);
        await setField(page, 'position', 'Position y', '660');
    }
    const names = page.locator('[data-layer] .name');
    await names.nth(0).click();
    await names.nth(1).click({ modifiers: ['Shift'] });
    await kept(page, () => page.keyboard.press('p'));
    await names.nth(3).click({ modifiers: ['Control'] });
    await kept(page, () => page.keyboard.press('p'));
    expect((await layersOf(page)).map((layer) => [layer.id, layer.group ?? null])).toEqual([
        ['l1', 'l5'],
        ['l2', 'l4'],
        ['l3', 'l4'],
        ['l4', 'l5'],
        ['l5', null],
    ]);
    await setField(page, 'position', 'Position x', '700');
    const before = await renderAndDownload(page);
    await page.keyboard.press('Escape');
    const pixel = (file: string, x: number, y: number): number[] => {
        const picture = frameOf(file, 5, 1920, 1080);
        return [...picture.subarray(4 * (1920 * y + x), 4 * (1920 * y + x) + 3)];
    };
    const near = (found: number[], wanted: number[]): number =>
        Math.max(...found.map((value, channel) => Math.abs(value - wanted[channel]!)));
    // 260 px to the left of where it was: the bar from 300 to 1100, and from 450 to 630.
    expect(near(pixel(before, 304, 454), [255, 0, 0])).toBeLessThan(24);
    expect(near(pixel(before, 1096, 454), [0, 255, 0])).toBeLessThan(24);
    expect(near(pixel(before, 304, 626), [0, 0, 255])).toBeLessThan(24);
    expect(near(pixel(before, 700, 540), [128, 128, 128])).toBeLessThan(16);
    // A wheel went along, from 760 to 500.
    expect(Math.max(...pixel(before, 500, 690))).toBeGreaterThan(40);
    expect(Math.max(...pixel(before, 1400, 690))).toBeLessThan(12);

    // Over all of it, its colours inverted, the background's too.
    await goToFrame(page, 0);
    await addToComposition(page, 'Adjusting layer');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-add-effect]').click();
    await kept(page, () => page.locator('[data-effect=invert]').click());
    const after = await renderAndDownload(page);
    expect(near(pixel(after, 304, 454), [0, 255, 255])).toBeLessThan(24);
    expect(near(pixel(after, 1700, 200), [255, 255, 255])).toBeLessThan(8);
});

test('a square turns into a star and then a circle, and points of an outline unfold', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 80);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'fill', 'Fill as hex', '#ffffff');
    await kept(page, () => page.locator('[data-make-path]').click());
    for (const [frame, form] of [
        [20, 'star'],
        [40, 'ellipse'],
    ] as const) {
        await goToFrame(page, frame);
        await choosePicture(page, 'turn-into', form);
    }
    // Later one point of the circle unfolds far to the right.
    await goToFrame(page, 60);
    const scale = (await page.locator('.frame').boundingBox())!.width / 1920;
    const right = page.locator('[data-path-knot]').nth(0);
    await kept(page, () => drag(page, right, 400 * scale, 0));
    const path = (await layersOf(page))[0]!.path as { keyframes: { at: number }[] };
    expect(path.keyframes.map(({ at }) => Math.abs(at))).toEqual([0, 20, 40, 20]);
    const file = await renderAndDownload(page);
    /** How many pixels are white, and the farthest of them to the right. */
    const white = (frame: number): { area: number; right: number } => {
        const pixels = frameOf(file, frame, 960, 540);
        const found = { area: 0, right: 0 };
        for (let at = 0; at < pixels.length; at += 4) {
            if (pixels[at]! > 128) {
                found.area += 4;
                found.right = Math.max(found.right, 2 * ((at / 4) % 960));
            }
        }
        return found;
    };
    const isNear = (is: number, wanted: number): void =>
        expect(Math.abs(is - wanted) / wanted, `${is}, not ${wanted}`).toBeLessThan(0.02);
    // A square of 400 px; a star of ten corners around 200 px, half as far in: 5 · 200 · 100 · sin 36°; a circle.
    isNear(white(0).area, 160_000);
    isNear(white(20).area, 10 * 0.5 * 200 * 100 * Math.sin(Math.PI / 5));
    // As large as the star was: 2 · 200 · sin 72° wide, 200 · (1 + cos 36°) high.
    const [across, down] = [400 * Math.sin(0.4 * Math.PI), 200 * (1 + Math.cos(0.2 * Math.PI))];
    isNear(white(40).area, (Math.PI / 4) * across * down);
    // On the way it never crosses itself so that it would vanish: it is between both.
    expect(white(30).area).toBeGreaterThan(0.95 * white(20).area);
    expect(white(30).area).toBeLessThan(white(40).area);
    expect(Math.abs(white(40).right - 960 - across / 2)).toBeLessThan(6);
    expect(Math.abs(white(60).right - 1360 - across / 2)).toBeLessThan(10);
    expect(white(50).right).toBeGreaterThan(1300);
});
