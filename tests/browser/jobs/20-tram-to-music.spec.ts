import { execFileSync } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { drag, emptyComposition, findInKit, goToFrame, kept, layersOf, renderAndDownload, upload } from '../producer';
import { canvasPixels, frameOf, probe } from '../video';

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
