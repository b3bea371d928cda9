import {
    addToComposition,
    emptyComposition,
    goToFrame,
    keyframe,
    choosePicture,
    kept,
    layersOf,
    renderAndDownload,
    setField,
    setLength,
    sheet,
} from './producer';
import { frameOf } from './video';
import { expect, test } from './test';

test('a path is drawn with the pen, its corners and curves changed, and shapes are repeated', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=shapes]').click();
    await page.locator('[data-draw-path]').click();
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    const at = (x: number, y: number): [number, number] => [frame.x + x * scale, frame.y + y * scale];
    await page.mouse.click(...at(600, 300));
    await page.mouse.click(...at(1200, 300));
    // A pull makes a smooth point.
    await page.mouse.move(...at(1200, 700));
    await page.mouse.down();
    await page.mouse.move(...at(1000, 700), { steps: 4 });
    await page.mouse.up();
    await kept(page, () => page.mouse.click(...at(600, 300)));
    const [layer] = await layersOf(page);
    expect(layer).toMatchObject({ kind: 'shape', form: 'path', fill: '#2f5d50' });
    // Its outline reaches as far to the right as the handle does: the middle is between that and the first point.
    expect(layer!.path).toMatch(/^M[-\d. ]+L[-\d. ]+C[-\d. ]+C[-\d. ]+Z$/);
    await page.locator('[data-tab=sheet]').click();
    await kept(page, () => page.locator('[data-path-knot="0.2"]').dblclick());
    expect(((await layersOf(page))[0]!.path as string).match(/C/g)).toBeNull();
    await kept(page, () => page.locator('[data-path-reverse]').click());
    await expect(page.locator('button[data-form]')).toHaveCount(0);

    // What means nothing to a form is not shown for it.
    await addToComposition(page, 'Star');
    await page.locator('[data-tab=sheet]').click();
    await expect(sheet(page, 'sides')).toBeVisible();
    await expect(sheet(page, 'tail')).toHaveCount(0);
    await choosePicture(page, 'form', 'speech');
    await expect(sheet(page, 'sides')).toHaveCount(0);
    await expect(sheet(page, 'tail')).toBeVisible();

    await expect(page.locator('[data-section=cascades]')).toHaveCount(0);
    await setField(page, 'columns', 'Columns', '6');
    await setField(page, 'rows', 'Rows', '2');
    await setField(page, 'stepTime', 'Later, each', '4');
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator('[data-cascade=pop]').click());
    await expect(page.locator('.timing .count')).toHaveText('12 units');
    expect((await layersOf(page))[1]).toMatchObject({
        columns: 6,
        rows: 2,
        stepTime: 4,
        cascades: [{ units: 'repeats' }],
    });
});

test('a drawing is taken apart into shapes in a group, and put together again by one undo', async ({ page }) => {
    await emptyComposition(page);
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=media]').click();
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="200"><rect width="400" height="200" fill="#24557a"/><circle cx="200" cy="100" r="60" fill="#c9973f" stroke="#f3e3c3" stroke-width="8"/></svg>`;
    await page
        .locator('[data-upload]')
        .setInputFiles({ name: 'plate.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
    await expect(page.getByRole('button', { name: 'Add plate.svg' })).toBeVisible();
    await kept(page, () => page.getByRole('button', { name: 'Add plate.svg' }).dblclick());
    await page.locator('[data-layer=l1] .name').click({ button: 'right' });
    await kept(page, () => page.locator('[data-act=apart]').click());
    expect(await layersOf(page)).toMatchObject([
        { kind: 'shape', form: 'path', fill: '#24557a', group: 'l1' },
        { kind: 'shape', form: 'path', fill: '#c9973f', outlineWidth: 8, group: 'l1' },
        { kind: 'group', id: 'l1' },
    ]);
    await kept(page, () => page.locator('[data-undo]').click());
    expect(await layersOf(page)).toMatchObject([{ kind: 'footage' }]);
});

test('shapes are cut out of one another and united, and the edge of the result is moved', async ({ page }) => {
    await emptyComposition(page);
    for (const [form, x] of [
        ['Bar', '700'],
        ['Circle', '1100'],
        ['Star', '1000'],
    ] as const) {
        await addToComposition(page, form);
        await page.locator('[data-tab=sheet]').click();
        await setField(page, 'position', 'Position x', x);
        await setField(page, 'position', 'Position y', '500');
    }
    await page.locator('[data-layer=l1] .name').click();
    await page.locator('[data-layer=l2] .name').click({ modifiers: ['Shift'] });
    await kept(page, () => page.locator('[data-combine=subtract]').click());
    let layers = await layersOf(page);
    expect(layers.map(({ id }) => id)).toEqual(['l1', 'l3']);
    expect(layers[0]).toMatchObject({ form: 'path', fill: '#2f5d50' });
    // A bar with a round bite out of its right: three straight sides, and a curve.
    expect(layers[0]!.path).toMatch(/^M[^M]*L[^M]*C[^M]*Z$/);
    // What came of it is selected, and can be worked on at once.
    await expect(page.locator('[data-section=form], .shape').first()).toBeVisible();
    const before = (layers[0]!.path as string).match(/-?[\d.]+/g)!.map(Number);
    await page.locator('[data-grow-by]').fill('24');
    await kept(page, () => page.locator('[data-grow]').click());
    layers = await layersOf(page);
    const after = (layers[0]!.path as string).match(/-?[\d.]+/g)!.map(Number);
    expect(Math.min(...after)).toBeCloseTo(Math.min(...before) - 24, 2);

    await page.locator('[data-layer=l3] .name').click({ modifiers: ['Shift'] });
    await page.locator('[data-combine=union]').click();
    await expect.poll(async () => (await layersOf(page)).length).toBe(1);
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await layersOf(page)).length).toBe(2);
});

test('a shape is repeated along a path that is drawn in the picture, and a point of it pulled', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Star');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'size', 'Size w', '80');
    await setField(page, 'size', 'Size h', '80');
    const frame = (await page.locator('.frame').boundingBox())!;
    const scale = frame.width / 1920;
    const at = (x: number, y: number): [number, number] => [frame.x + x * scale, frame.y + y * scale];
    await page.locator('[data-repeat-along]').click();
    await page.mouse.click(...at(400, 800));
    await page.mouse.move(...at(960, 300));
    await page.mouse.down();
    await page.mouse.move(...at(1200, 300), { steps: 4 });
    await page.mouse.up();
    await page.mouse.click(...at(1500, 800));
    await kept(page, () => page.keyboard.press('Enter'));
    await expect(sheet(page, 'columns')).toHaveCount(0);
    await setField(page, 'alongCount', 'Copies', '9');
    const knot = page.locator('[data-path-knot="0.2"]');
    await expect(knot).toBeVisible();
    const before = (await layersOf(page))[0]!.along as string;
    const from = (await knot.boundingBox())!;
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(...at(1500, 600), { steps: 5 });
    await kept(page, () => page.mouse.up());
    const after = (await layersOf(page))[0]!.along as string;
    expect(after).not.toBe(before);
    expect(after.split(/[MCL]/)[1]).toBe(before.split(/[MCL]/)[1]);
    // They are units of a cascade.
    await page.locator('[data-add-cascade]').click();
    await kept(page, () => page.locator('[data-cascade=pop]').click());
    await expect(page.locator('.timing .count')).toHaveText('9 units');
    await kept(page, () => page.locator('[data-repeat-plain]').click());
    await expect(sheet(page, 'columns')).toBeVisible();
});

test('a line is drawn with a brush that is made of another layer', async ({ page }) => {
    await emptyComposition(page);
    await addToComposition(page, 'Heart');
    await addToComposition(page, 'Circle');
    await page.locator('[data-tab=sheet]').click();
    await setField(page, 'outlineWidth', 'Outline width', '20');
    await page.locator('[data-brush]').click();
    await expect(page.locator('[data-brush-choice=own]')).toHaveCount(0);
    const heart = page.locator('[data-brush-choice]', { hasText: 'Heart' });
    // By a picture of the line itself, drawn with it.
    await expect(heart).toHaveAttribute('data-filmed', 'true');
    await kept(page, () => heart.click());
    expect((await layersOf(page))[1]!.brush).toMatchObject({ form: 'own', mark: expect.stringMatching(/^M.*C.*Z$/) });
    await expect(page.locator('[data-brush]')).toHaveAttribute('data-brush', 'own');
    await kept(page, () => page.locator('[data-throw-brush]').click());
    expect((await layersOf(page))[1]!.brush).toMatchObject({ seed: 2, mark: expect.stringMatching(/^M/) });
});

test('an arrow grows out of a line while it draws itself', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 30);
    await addToComposition(page, 'Line');
    await page.locator('[data-tab=sheet]').click();
    await expect(sheet(page, 'endSize')).toHaveCount(0);
    await choosePicture(page, 'end-mark', 'arrow');
    await choosePicture(page, 'begin-mark', 'dot');
    await choosePicture(page, 'begin-mark', '');
    await setField(page, 'size', 'Size w', '1000');
    await setField(page, 'outlineWidth', 'Outline width', '20');
    await setField(page, 'outline', 'Outline as hex', '#ffffff');
    await setField(page, 'endSize', 'Marks', '500');
    const [line] = await layersOf(page);
    expect(line).toMatchObject({ form: 'line', endMark: 'arrow', endSize: 500 });
    expect(line).not.toHaveProperty('beginMark');
    await keyframe(page, 'drawEnd', 'Drawn to', [
        [0, '0'],
        [20, '100'],
    ]);
    const file = await renderAndDownload(page);
    // Its tip is as far as the line is drawn; behind the head, 90 px long, the line is 20 px thick again.
    const thick = (frame: number): ((x: number) => number) => {
        const shown = frameOf(file, frame, 1920, 1080);
        return (x) => Array.from({ length: 1080 }, (_, y) => shown[4 * (1920 * y + x)]! > 128).filter(Boolean).length;
    };
    expect(thick(0)(470)).toBe(0);
    for (const [frame, tip] of [
        [10, 960],
        [20, 1460],
        [29, 1460],
    ] as const) {
        const at = thick(frame);
        expect([frame, at(tip + 3)]).toEqual([frame, 0]);
        expect(Math.abs(at(tip - 45) - 50), `frame ${frame}`).toBeLessThanOrEqual(3);
        expect(Math.abs(at(tip - 110) - 20), `frame ${frame}`).toBeLessThanOrEqual(2);
    }
});

test('a letter becomes a shape and turns into a circle; all of the words can be one shape', async ({ page }) => {
    await emptyComposition(page);
    await setLength(page, 30);
    await addToComposition(page, 'Title');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-words]').fill('Ho');
    await kept(page, () => page.locator('[data-words]').blur());
    await setField(page, 'fill', 'Fill as hex', '#ffffff');
    await kept(page, async () => void (await page.locator('[data-shape-words]').selectOption('letters')));
    const names = async (): Promise<string[]> => (await layersOf(page)).map((one) => `${one.kind} ${one.name}`);
    expect(await names()).toEqual(['shape H', 'shape o', 'group Title']);
    // The H turns into a circle from frame 20 on.
    await page.locator('[data-layer=l2]').click();
    await goToFrame(page, 20);
    await choosePicture(page, 'turn-into', 'ellipse');
    const file = await renderAndDownload(page);
    const [letter] = await layersOf(page);
    expect((letter!.path as { keyframes: { at: number }[] }).keyframes.map(({ at }) => at)).toEqual([0, 20]);
    // What is white in the left half: the two stems of the letter on the first frame, all of a disc's middle row on the last.
    const widthsOf = (frame: number): { lit: number; parts: number } => {
        const shown = frameOf(file, frame, 1920, 1080);
        const rows = Array.from({ length: 1080 }, (_, y) =>
            Array.from({ length: 960 }, (_, x) => shown[4 * (1920 * y + x)]! > 128),
        );
        const covered = rows.flatMap((row, y) => (row.some(Boolean) ? [y] : []));
        const row = rows[Math.round(covered[0]! + (covered.at(-1)! - covered[0]!) / 4)]!;
        const parts = row.filter((lit, x) => lit && !row[x - 1]).length;
        return { lit: row.filter(Boolean).length, parts };
    };
    expect(widthsOf(0).parts).toBe(2);
    expect(widthsOf(20).parts).toBe(1);
    expect(widthsOf(20).lit).toBeGreaterThan(1.3 * widthsOf(0).lit);

    // All undone, the words are one shape that keeps their place.
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect.poll(names).toEqual(['text Title']);
    await page.locator('[data-layer=l1]').click();
    await kept(page, async () => void (await page.locator('[data-shape-words]').selectOption('whole')));
    expect(await names()).toEqual(['shape Title']);
});
