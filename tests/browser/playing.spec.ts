import { type Page } from '@playwright/test';
import { addToComposition, emptyComposition, goToFrame, kept, layersOf, upload } from './producer';
import { expect, test } from './test';

async function act(page: Page, layer: string, name: string): Promise<void> {
    await page.locator(`[data-layer=${layer}] .name`).click({ button: 'right' });
    await kept(page, () => page.locator(`[data-act=${name}]`).click());
}

test('a clip that is too short says so, and is slowed down, reversed, frozen or looped', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await upload(page, 'silent.mp4');
    await kept(page, () => page.getByRole('button', { name: 'Add silent.mp4' }).dblclick());
    await page.locator('[data-tab=sheet]').click();
    const clip = async (): Promise<Record<string, unknown>> => (await layersOf(page))[1]!;
    expect(await clip()).toMatchObject({ in: 0, out: 50 });
    await act(page, 'l2', 'composition');
    await expect(page.locator('[data-missing-frames]')).toContainText('200 frames are missing');
    const hatched = (await page.locator('[data-band=l2] [data-missing]').boundingBox())!;
    const band = (await page.locator('[data-band=l2]').boundingBox())!;
    expect(hatched.width / band.width).toBeCloseTo(0.8, 2);

    await kept(page, () => page.getByRole('button', { name: 'Slow down to fill' }).click());
    expect(await clip()).toMatchObject({ speed: 20 });
    await expect(page.locator('[data-missing-frames]')).toBeHidden();
    await page.locator('[data-pace]').getByRole('textbox', { name: 'Speed', exact: true }).fill('100');
    await kept(page, () =>
        page.locator('[data-pace]').getByRole('textbox', { name: 'Speed', exact: true }).press('Enter'),
    );
    await kept(page, () =>
        page
            .locator('[data-pace] select')
            .selectOption('loop')
            .then(() => undefined),
    );
    await expect(page.locator('[data-missing-frames]')).toBeHidden();
    expect(await clip()).toMatchObject({ beyond: 'loop' });

    await kept(page, () => page.getByRole('button', { name: 'Reverse', exact: true }).click());
    // 249 frames on, round the clip's 50, it would be at its last; from there it goes back.
    expect(await clip()).toMatchObject({ from: 249, speed: -100 });
    await goToFrame(page, 10);
    await kept(page, () => page.getByRole('button', { name: 'Freeze the frame at the playhead' }).click());
    expect(await clip()).toMatchObject({ from: 39, speed: 0 });
    await kept(page, () => page.keyboard.press('Control+z'));
    expect(await clip()).toMatchObject({ from: 249, speed: -100 });
});

test('a clip slows down, stands still and goes back by keyframes of its speed', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await page.locator('[data-tab=sheet]').click();
    const ramp = page.locator('[data-ramp]');
    await goToFrame(page, 0);
    await kept(page, () =>
        ramp
            .getByRole('button', { name: /keyframe/i })
            .last()
            .click(),
    );
    await goToFrame(page, 40);
    await ramp.getByRole('textbox').fill('-100');
    await kept(page, () => ramp.getByRole('textbox').press('Enter'));
    // Forwards, standing still after 20 frames, and back: k − k²/40.
    for (const frame of [40, 20, 10, 33]) {
        await goToFrame(page, frame);
        const shown = Math.floor(frame - frame ** 2 / 40 + 1e-6) + 1;
        await expect(page.locator('[data-shown-frame]')).toContainText(`Frame ${shown} is shown here.`);
    }
    // It is back at its beginning after 40 frames, and runs out there.
    await expect(page.locator('[data-missing-frames]')).toContainText('84 frames are missing');
    // Its sound is heard while it is fast enough, either way: half its speed until frame 10, and from frame 30 on.
    const sounds = await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/sounds`);
    const cues = (await sounds.json()).cues as { at: number; length: number; speed: number }[];
    expect(cues.map(({ at, length, speed }) => [at, length, speed].map((one) => Math.round(one * 100) / 100))).toEqual([
        [0, 0.4, 0.75],
        [1.2, 0.4, -0.75],
    ]);
});

test('layers are looked at alone, and muted', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'beat.wav');
    await kept(page, () => page.getByRole('button', { name: 'Add beat.wav' }).dblclick());
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Title');
    await expect(page.locator('[data-band=l1] .wave path')).toHaveCount(1);
    const heard = async (): Promise<number> =>
        (await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}/sounds`)).json()).cues.length;
    expect(await heard()).toBe(1);
    await kept(page, () => page.getByRole('button', { name: 'Mute this layer', exact: true }).click());
    expect(await heard()).toBe(0);
    await kept(page, () => page.getByRole('button', { name: 'Unmute this layer' }).click());

    await page.locator('[data-layer=l3] .name').click();
    await kept(page, () => page.keyboard.press('a'));
    await expect(page.locator('[data-alone]')).toHaveText('1 alone · show all');
    await expect(page.locator('[data-band=l2]')).toHaveClass(/aside/);
    expect(await heard()).toBe(0);
    await kept(page, () => page.locator('[data-alone]').click());
    expect(await heard()).toBe(1);
});

test('guides are pulled from the rulers, and what is dragged near is drawn to them', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await page.locator('[data-look]').click();
    await page.locator('[data-look-menu]').getByText('Rulers').click();
    await page.locator('[data-look-menu]').getByText('Safe areas').click();
    await expect(page.locator('[data-safe]')).toHaveCount(2);
    await page.keyboard.press('Escape');
    const area = (await page.locator('.picture').boundingBox())!;
    await page.mouse.move(area.x + 6, area.y + 200);
    await page.mouse.down();
    await page.mouse.move(area.x + 150, area.y + 200, { steps: 5 });
    await kept(page, () => page.mouse.up());
    const guides = async (): Promise<{ axis: string; at: number }[]> =>
        (await (await page.request.get(`/api/compositions/${page.url().split('/').at(-1)}`)).json()).document.guides;
    const [guide] = await guides();
    expect(guide!.axis).toBe('x');

    const scale = (await page.locator('.picture .frame').boundingBox())!.width / 1920;
    const outline = (await page.locator('polygon.outline').boundingBox())!;
    const target = (await page.locator('.picture .frame').boundingBox())!.x + guide!.at * scale;
    await page.mouse.move(outline.x + 30, outline.y + 20);
    await page.mouse.down();
    await page.mouse.move(outline.x + 60, outline.y + 20, { steps: 3 });
    // Its left edge to a few screen pixels beside the guide: the outline is drawn around it.
    await page.mouse.move(outline.x + 30 + target - outline.x, outline.y + 20, { steps: 8 });
    await kept(page, () => page.mouse.up());
    const [layer] = await layersOf(page);
    const left = (layer!.position as number[])[0]! - (layer!.size as number[])[0]! / 2;
    expect(Math.abs(left - guide!.at)).toBeLessThan(0.6);

    // Off the frame with it, and it is gone.
    await page.mouse.move(target, area.y + 60);
    await page.mouse.down();
    await page.mouse.move(area.x + 4, area.y + 60, { steps: 4 });
    await kept(page, () => page.mouse.up());
    expect(await guides()).toBeUndefined();
});

test('a click takes what is seen, another what lies behind; a drag over the background selects what it touches', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Bar');
    await addToComposition(page, 'Circle');
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    const [x, y] = [frame.x + frame.width / 2, frame.y + frame.height / 2];
    const selected = page.locator('.cell.selected');
    await page.locator('.picture').focus();
    await page.keyboard.press('Escape');
    await page.mouse.click(x, y);
    await expect(selected).toHaveAttribute('data-layer', 'l2');
    await page.mouse.click(x, y);
    await expect(selected).toHaveAttribute('data-layer', 'l1');
    await page.mouse.click(x, y);
    await expect(selected).toHaveAttribute('data-layer', 'l2');
    await page.keyboard.press('Escape');
    await page.mouse.move(frame.x + 5, frame.y + 5);
    await page.mouse.down();
    await page.mouse.move(x, y, { steps: 6 });
    await page.mouse.up();
    await expect(selected).toHaveCount(2);

    // The anchor goes to a corner, and nothing moves.
    await page.locator('[data-layer=l1] .name').click();
    await page.locator('[data-tab=sheet]').click();
    const before = (await page.locator('polygon.outline').getAttribute('points'))!;
    await kept(page, () => page.locator('[data-anchor="start end"]').click());
    const [layer] = await layersOf(page);
    const [w, h] = layer!.size as [number, number];
    expect(layer!.anchor).toEqual([-w / 2, h / 2]);
    expect(await page.locator('polygon.outline').getAttribute('points')).toBe(before);
});

test('a colour is taken from the picture', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'photo.jpg');
    await kept(page, () => page.getByRole('button', { name: 'Add photo.jpg' }).dblclick());
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    const frame = (await page.locator('.picture .frame').boundingBox())!;
    await expect(page.locator('.picture')).toHaveAttribute('data-complete', 'true');
    await page.locator('[data-property=fill] [data-dropper]').click();
    await kept(page, () => page.mouse.click(frame.x + frame.width * 0.4, frame.y + frame.height * 0.35));
    const fill = (await layersOf(page))[1]!.fill as string;
    // As the photograph has it, which JPEG keeps within a few steps.
    const parts = [1, 3, 5].map((at) => parseInt(fill.slice(at, at + 2), 16));
    [0xc0, 0x39, 0x2b].forEach((part, index) => expect(Math.abs(parts[index]! - part)).toBeLessThan(5));
});

test('samples are brought in from the shelf, and what is looked at alone is said before it is rendered', async ({
    page,
}) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=shelf]').click();
    for (const sample of ['badge', 'bell']) {
        await kept(page, () => page.locator(`[data-sample=${sample}]`).dblclick());
    }
    expect((await layersOf(page)).map((layer) => [layer.kind, layer.name])).toEqual([
        ['footage', 'Depot Nine badge'],
        ['sound', 'Signal bell'],
    ]);
    await page.locator('[data-layer=l1] .name').click();
    await kept(page, () => page.keyboard.press('a'));
    await page.locator('[data-render]').click();
    await expect(page.locator('[data-render-alone]')).toContainText('Only Depot Nine badge is rendered');
    await kept(page, () => page.locator('[data-render-alone] button').click());
    await expect(page.locator('[data-render-alone]')).toBeHidden();
});

test('layers are chosen by a rectangle over their bands, and moved in the stack together', async ({ page }) => {
    await emptyComposition(page);
    for (const shape of ['Bar', 'Square', 'Circle', 'Line']) {
        await addToComposition(page, shape);
    }
    // The bands end before the lanes do: room to begin a rectangle in.
    for (const layer of ['l1', 'l2', 'l3', 'l4']) {
        await page.locator(`[data-layer=${layer}] .name`).click({ modifiers: layer === 'l1' ? [] : ['Shift'] });
    }
    await goToFrame(page, 120);
    await kept(page, () => page.keyboard.press('Shift+O'));
    const [top, second] = [
        (await page.locator('[data-band=l4]').boundingBox())!,
        (await page.locator('[data-band=l3]').boundingBox())!,
    ];
    await page.mouse.move(top.x + top.width + 60, top.y + 4);
    await page.mouse.down();
    await page.mouse.move(second.x + second.width - 40, second.y + 10, { steps: 6 });
    await page.mouse.up();
    await expect(page.locator('.cell.selected')).toHaveCount(2);

    const name = page.locator('[data-layer=l4] .name');
    const row = (await name.boundingBox())!;
    await page.mouse.move(row.x + 20, row.y + row.height / 2);
    await page.mouse.down();
    await page.mouse.move(row.x + 20, row.y + row.height / 2 + 40, { steps: 3 });
    await page.mouse.move(row.x + 20, row.y + row.height / 2 + 60, { steps: 3 });
    await kept(page, () => page.mouse.up());
    // The one that was pulled lies two places lower; the other is right beneath it, as before.
    expect((await layersOf(page)).map((layer) => layer.name)).toEqual(['Circle', 'Line', 'Bar', 'Square']);
    await page.locator('.picture').focus();
    const before = (await page.locator('[data-band=l1]').boundingBox())!.width;
    await page.keyboard.press('z');
    await expect
        .poll(async () => (await page.locator('[data-band=l1]').boundingBox())!.width)
        .toBeGreaterThan(1.5 * before);
    await page.keyboard.press('z');
    await expect.poll(async () => (await page.locator('[data-band=l1]').boundingBox())!.width).toBeCloseTo(before, 0);
});

test('a clip is looked through before it is placed, and the stretch that was marked is what is placed', async ({
    page,
}) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Look through street.mp4' }).click();
    const viewer = page.locator('[data-viewer]');
    const strip = viewer.locator('.strip');
    await expect(strip).toBeVisible();
    // Its keys are the clip’s: forwards ten frames, the beginning; fifteen on, the end.
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('i');
    for (let step = 0; step < 14; step++) {
        await page.keyboard.press('ArrowRight');
    }
    await page.keyboard.press('o');
    await expect(viewer.locator('.lasts')).toContainText('15 frames');
    await expect(viewer).toHaveAttribute('data-frame', '24');
    expect(await page.locator('[data-picture]').count()).toBe(1);
    // Played, it goes to its last frame and stops there.
    await page.keyboard.press('Home');
    await viewer.getByRole('button', { name: 'Play the stretch' }).click();
    await expect(viewer).toHaveAttribute('data-frame', '24');
    // Dragged out over the picture, it lets that be seen; whose size and rate count is asked, and the stretch not forgotten meanwhile.
    await viewer.locator('[data-viewed]').dragTo(page.locator('.picture'), { targetPosition: { x: 300, y: 200 } });
    await kept(page, () => page.locator('[data-match]').click());
    await expect(viewer).toHaveCount(0);
    await expect.poll(async () => (await layersOf(page)).length).toBe(1);
    const [placed] = await layersOf(page);
    expect([placed!.from, Number(placed!.out) - Number(placed!.in)]).toEqual([10, 15]);

    // Looked at again, it is still marked; dragged to the timeline, it begins where it is let go.
    await page.getByRole('button', { name: 'Look through street.mp4' }).click();
    await expect(viewer.locator('.lasts')).toContainText('15 frames');
    await kept(page, () =>
        viewer.locator('[data-viewed]').dragTo(page.locator('.timeline .rows'), { targetPosition: { x: 700, y: 10 } }),
    );
    await expect(viewer).toHaveCount(0);
    const [, second] = await layersOf(page);
    expect(second!.from).toBe(10);
    expect(Number(second!.in)).toBeGreaterThan(0);

    // What is marked goes to the playhead by a key; Escape leads back to the composition.
    await page.getByRole('button', { name: 'Look through street.mp4' }).click();
    await kept(page, () => page.keyboard.press('Enter'));
    expect((await layersOf(page))[2]!.from).toBe(10);
    await page.getByRole('button', { name: 'Look through street.mp4' }).click();
    await page.keyboard.press('Escape');
    await expect(viewer).toHaveCount(0);

    // Of what is only heard the sound is seen.
    await upload(page, 'beat.wav');
    await page.getByRole('button', { name: 'Look through beat.wav' }).click();
    await expect(viewer.locator('[data-viewed-wave] path')).toHaveAttribute('d', /^M0 .*Z$/);
});
