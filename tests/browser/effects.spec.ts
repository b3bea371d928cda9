import { addToComposition, emptyComposition, goToFrame, kept, layersOf, upload } from './producer';
import { expect, test } from './test';

test('effects are chosen by pictures of the layer, put in order by dragging, and kept as a look for others', async ({
    page,
}) => {
    await emptyComposition(page);
    await addToComposition(page, 'Square');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-add-effect]').click();
    // Each is drawn, and no two of these alike.
    const drawn = (name: string): Promise<string> =>
        page.locator(`[data-sample=${name}]`).evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
    const clear = await page.evaluate(() => {
        const canvas = document.createElement('canvas');
        Object.assign(canvas, { width: 116, height: 66 });
        return canvas.toDataURL();
    });
    await expect.poll(() => drawn('twirl')).not.toBe(clear);
    const pictures = await Promise.all(['blur', 'halo', 'twirl', 'corner-pin', 'scanlines', 'invert'].map(drawn));
    expect(new Set([...pictures, clear]).size).toBe(7);

    // Found by its name, tried by resting on it, and chosen.
    await page.locator('[data-find-effect]').fill('pin');
    await expect(page.locator('[data-effect]')).toHaveCount(3);
    await page.locator('[data-effect=corner-pin]').hover();
    expect((await layersOf(page))[0]!.effects).toBeUndefined();
    await kept(page, () => page.locator('[data-effect=corner-pin]').click());
    for (const effect of ['invert', 'blur']) {
        await page.locator('[data-add-effect]').click();
        await kept(page, () => page.locator(`[data-effect=${effect}]`).click());
    }
    const order = async (): Promise<string[]> =>
        ((await layersOf(page))[0]!.effects as { effect: string }[]).map(({ effect }) => effect);
    expect(await order()).toEqual(['corner-pin', 'invert', 'blur']);
    const title = (id: string) => page.locator(`[data-attached=${id}] [data-attached-title]`);
    await kept(page, () => title('e3').dragTo(title('e1')));
    expect(await order()).toEqual(['blur', 'corner-pin', 'invert']);
    await page.keyboard.press('Control+z');
    await expect.poll(order).toEqual(['corner-pin', 'invert', 'blur']);

    // Copied to another layer.
    await page.locator('[data-copy-effects]').click();
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=sheet]').click();
    await page.locator('[data-paste-effects]').hover();
    expect((await layersOf(page))[1]!.effects).toBeUndefined();
    await kept(page, () => page.locator('[data-paste-effects]').click());
    expect((await layersOf(page))[1]!.effects).toMatchObject((await layersOf(page))[0]!.effects as object[]);
    await kept(page, () => page.locator('[data-undo]').click());
    await kept(page, () => page.locator('[data-undo]').click());
    await page.locator('[data-layer=l1] .name').click();

    // Kept under a name, and given to another layer with one click.
    await page.locator('[data-keep=look]').fill('Soft negative');
    await kept(page, () => page.locator('[data-keep=look]').press('Enter'));
    await addToComposition(page, 'Bar');
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=looks]').click();
    await kept(page, () =>
        page
            .getByRole('button', { name: /Soft negative/ })
            .first()
            .click(),
    );
    const effects = (await layersOf(page))[1]!.effects as { effect: string }[];
    expect(effects.map(({ effect }) => effect)).toEqual(['corner-pin', 'invert', 'blur']);
});

test('a transition is dropped on a cut, another on it again, and one on an end', async ({ page }) => {
    await emptyComposition(page);
    await upload(page, 'street.mp4');
    await page.getByRole('button', { name: 'Add street.mp4' }).dblclick();
    await kept(page, () => page.locator('[data-match]').click());
    await goToFrame(page, 60);
    await kept(page, () => page.keyboard.press('x'));
    await page.locator('[data-tab=kit]').click();
    await page.locator('[data-drawer=transitions]').click();
    const drop = async (move: string, band: number, from: 'left' | 'right'): Promise<void> => {
        const target = page.locator('[data-band]').nth(band);
        const { width, height } = (await target.boundingBox())!;
        const targetPosition = { x: from === 'left' ? 12 : width - 12, y: height / 2 };
        await kept(page, () => page.locator(`[data-transition=${move}]`).dragTo(target, { targetPosition }));
    };
    const spans = async (): Promise<unknown[]> =>
        (await layersOf(page)).map((layer) => [
            layer.in,
            layer.out,
            (layer.arrive as { moves: { move: string }[] } | undefined)?.moves[0]!.move,
        ]);
    // The upper one, which is the later, comes over the other: for as long as the move's own length, half on either side.
    await drop('wipe', 0, 'left');
    const [earlier, later] = (await spans()) as [number, number, string][];
    const length = earlier![1] - later![0];
    expect([earlier![0], later![1], later![2], earlier![1] - 60]).toEqual([0, 125, 'wipe', Math.ceil(length / 2)]);
    await drop('iris', 1, 'right');
    expect((await spans())[1]).toEqual([later![0], 125, 'iris']);
    // Where nothing meets it, the layer leaves by it.
    await drop('fade', 0, 'right');
    expect((await layersOf(page))[1]!.leave).toMatchObject({ moves: [{ move: 'fade' }] });
    await kept(page, () => page.locator('[data-undo]').click());
    expect((await layersOf(page))[1]!.leave).toBeUndefined();
});
