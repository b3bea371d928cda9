import { type Page } from '@playwright/test';
import { execFile, execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { promisify } from 'node:util';
import { PNG } from 'pngjs';
import { build } from 'vite';
import { CLIPS } from './clips';
import { DEPTH } from './depthScenes';
import { DRAWING } from './drawing';
import { EFFECTS } from './effectScenes';
import { SCENES as PLAIN } from './scenes';
import { meanOf } from './video';
import { expect, test } from './test';

/** Both renderers draw the same display lists; their pictures are compared pixel by pixel. */

const FOLDER = `${process.cwd()}/storage/demo/agreement`;
const [WIDTH, HEIGHT] = [640, 360];
/** As `drawScenes.php` makes the small ones: 400 × 225. */
const SMALL = 0.625;
const SCENES: Record<string, object[]> = { ...PLAIN, ...EFFECTS, ...DEPTH };

/** The file of a scene: a project, what is drawn of it, or what is to be drawn. */
const fileOf = (scene: number, ending: string): string => `${FOLDER}/scene-${scene}.${ending}`;

function write(layers: object[], file: string): void {
    writeFileSync(
        file,
        JSON.stringify({
            format: 'ricamo-project',
            version: 1,
            name: 'Agreement',
            media: [
                { id: 'm1', file: 'clip.mkv' },
                { id: 'm2', file: 'alpha.mkv' },
                { id: 'm3', file: 'drawing.svg' },
            ],
            compositions: [
                {
                    id: 'c',
                    name: 'Scene',
                    width: WIDTH,
                    height: HEIGHT,
                    rate: '25/1',
                    length: 10,
                    background: '#1d2430',
                    layers,
                },
            ],
        }),
    );
}

/** Draws scenes to pictures, and writes down what is to be drawn. */
const drawn = (projects: string[]): Promise<unknown> =>
    promisify(execFile)('php', ['-d', 'memory_limit=2G', 'tests/browser/drawScenes.php', ...projects]);

/** One for all scenes: opening one takes longer than drawing on it. */
let page: Page;

test.beforeAll(async ({ browser }) => {
    mkdirSync(FOLDER, { recursive: true });
    // A lossless clip in RGB, so that only drawing is compared, not two ways of decoding.
    execFileSync('ffmpeg', [
        ...['-v', 'error', '-y', '-i', `${CLIPS}/silent.mp4`, '-frames:v', '10'],
        ...['-vf', 'scale=640:360,format=gbrp', '-c:v', 'ffv1', `${FOLDER}/clip.mkv`],
    ]);
    // The same, clear at the left and opaque at the right.
    execFileSync('ffmpeg', [
        ...['-v', 'error', '-y', '-i', `${FOLDER}/clip.mkv`, '-c:v', 'ffv1', '-vf'],
        ...["format=rgba,geq=r='r(X,Y)':g='g(X,Y)':b='b(X,Y)':a='255*X/W',format=bgra", `${FOLDER}/alpha.mkv`],
    ]);
    writeFileSync(`${FOLDER}/drawing.svg`, DRAWING);
    for (const name of ['clip', 'alpha']) {
        const [from, to] = [`${FOLDER}/${name}.mkv`, `${FOLDER}/${name}.png`];
        execFileSync('ffmpeg', ['-v', 'error', '-y', '-i', from, '-frames:v', '1', to]);
    }
    await build({
        configFile: false,
        logLevel: 'error',
        resolve: { alias: { '@': `${process.cwd()}/resources/js` } },
        build: {
            outDir: FOLDER,
            emptyOutDir: false,
            lib: {
                entry: 'tests/browser/painting.ts',
                formats: ['iife'],
                name: 'painting',
                fileName: () => 'painting.js',
            },
        },
    });
    const projects = Object.values(SCENES).map((layers, scene) => {
        const project = fileOf(scene, 'json');
        write(layers, project);
        return project;
    });
    // Two at a time, which is what most machines that test have.
    await Promise.all([0, 1].map((half) => drawn(projects.filter((_, scene) => scene % 2 === half))));
    // Two that were one picture would agree with anything that one agrees with.
    expect(new Set(projects.map((_, scene) => readFileSync(fileOf(scene, 'png'), 'base64'))).size).toBe(
        projects.length,
    );
    page = await browser.newPage();
    await page.addScriptTag({ path: `${FOLDER}/painting.js` });
});

test.afterAll(() => page?.close());

/**
 * How far one picture is shifted against the other, in pixels: the shift that explains most of their difference by the
 * picture's slopes (Lucas and Kanade, over the whole picture).
 */
function shiftBetween(a: Uint8Array, b: Uint8Array, width = WIDTH, height = HEIGHT): number {
    let [xx, xy, yy, xd, yd] = [0, 0, 0, 0, 0];
    const at = (pixels: Uint8Array, x: number, y: number): number => pixels[4 * (y * width + x) + 1]!;
    for (let y = 1; y < height - 1; y++) {
        for (let x = 1; x < width - 1; x++) {
            const gx = (at(b, x + 1, y) - at(b, x - 1, y)) / 2;
            const gy = (at(b, x, y + 1) - at(b, x, y - 1)) / 2;
            const difference = at(a, x, y) - at(b, x, y);
            xx += gx * gx;
            xy += gx * gy;
            yy += gy * gy;
            xd += gx * difference;
            yd += gy * difference;
        }
    }
    const determinant = xx * yy - xy * xy;
    return Math.hypot((yy * xd - xy * yd) / determinant, (xx * yd - xy * xd) / determinant);
}

/** A scene as the preview draws it. */
async function painted(scene: number, layers: object[], scale: number): Promise<PNG> {
    const list = readFileSync(fileOf(scene, 'list'), 'utf8');
    const file = JSON.stringify(layers).includes('"m2"') ? 'alpha.png' : 'clip.png';
    const picture = readFileSync(`${FOLDER}/${file}`).toString('base64');
    const url = await page.evaluate(
        ([json, png, at]) => (window as unknown as { painting: Painting }).painting.draw(json, png, at),
        [list, picture, scale] as const,
    );
    return PNG.sync.read(Buffer.from(url.split(',')[1]!, 'base64'));
}

for (const [scene, [name, layers]] of Object.entries(SCENES).entries()) {
    test(`the two renderers agree on ${name}`, async () => {
        const still = PNG.sync.read(readFileSync(fileOf(scene, 'png')));
        const shown = await painted(scene, layers, 1);
        const means = meanOf(shown.data, still.data);
        const shift = shiftBetween(shown.data, still.data);
        console.log(`${name}: mean ${means.map((one) => one.toFixed(3)).join(' ')}, shift ${shift.toFixed(3)} px`);
        expect(Math.max(...means)).toBeLessThanOrEqual(1.5);
        // What is blurred far has no edges that could be told to be elsewhere: one of 255 more is as much as most of a pixel there.
        expect(shift).toBeLessThan(name.includes('blurred far') ? 0.8 : 0.15);
    });
}

test('they agree at an odd size, too, as a preview is zoomed', async () => {
    let worst: [mean: number, name: string] = [0, ''];
    for (const [scene, [name, layers]] of Object.entries(SCENES).entries()) {
        const still = PNG.sync.read(readFileSync(fileOf(scene, 'small.png')));
        const shown = await painted(scene, layers, SMALL);
        expect([shown.width, shown.height], name).toEqual([still.width, still.height]);
        const mean = Math.max(...meanOf(shown.data, still.data));
        worst = mean > worst[0] ? [mean, name] : worst;
        expect.soft(mean, name).toBeLessThanOrEqual(1.5);
    }
    console.log(`at ${SMALL}: the largest mean is ${worst[0].toFixed(3)}, of ${worst[1]}`);
});

test('what is kept of the picture before is as if it were drawn anew', async () => {
    const picture = readFileSync(`${FOLDER}/clip.png`).toString('base64');
    // What is several things to be drawn, every third of those.
    const several = Object.keys(SCENES)
        .map((name, scene) => [name, readFileSync(fileOf(scene, 'list'), 'utf8')] as const)
        .filter(([, list]) => (JSON.parse(list) as { items: object[] }).items.length > 1);
    for (const [name, list] of several.filter((_, index) => index % 3 === 0)) {
        const mean = await page.evaluate(
            ([json, png]) => (window as unknown as { painting: Painting }).painting.keeping(json, png),
            [list, picture] as const,
        );
        // Within groups a canvas does not scale a clip quite alike each time.
        expect.soft(mean, name).toBeLessThanOrEqual(name.includes('all that lies beneath') ? 0.3 : 0.01);
    }
});

test('what filters are done to is drawn across the frame, also after something small that is cut out', async () => {
    const blurred = (path: string, filter: object, left: number, seen = left): object => ({
        op: 'group',
        opacity: 1,
        extent: [seen - 12, 28, seen + 112, 152],
        filters: [filter],
        items: [{ op: 'fill', path, matrix: [1, 0, 0, 1, left, 40], colour: '#ffffff' }],
    });
    const blur = { filter: 'blur', deviation: 4 };
    const list = {
        version: 1,
        frame: 0,
        width: 2560,
        height: 360,
        background: '#000000',
        paths: { far: 'M0 0L100 0L100 100L0 100Z', window: 'M20 20L60 20L60 160L20 160Z' },
        items: [
            // From 900 pixels away a box comes into the window.
            {
                op: 'group',
                opacity: 1,
                clip: 'window',
                items: [
                    blurred('far', { filter: 'move', matrix: [1, 0, 0, 1, -900, 0] }, 910, 10),
                    blurred('far', blur, 10),
                ],
            },
            blurred('far', blur, 2300),
        ],
    };
    const onlyMoved = {
        ...list,
        items: [{ ...list.items[0]!, items: [(list.items[0] as { items: object[] }).items[0]!] }],
    };
    const picture = readFileSync(`${FOLDER}/clip.png`).toString('base64');
    const brightnessAt = async (json: object, x: number, y: number): Promise<number> => {
        const url = await page.evaluate(
            ([one, png]) => (window as unknown as { painting: Painting }).painting.draw(one, png, 0.25),
            [JSON.stringify(json), picture] as const,
        );
        const { data, width } = PNG.sync.read(Buffer.from(url.split(',')[1]!, 'base64'));
        return data[4 * (Math.round(y / 4) * width + Math.round(x / 4))]!;
    };
    expect(await brightnessAt(list, 2350, 90)).toBeGreaterThan(250);
    expect(await brightnessAt(list, 40, 90)).toBeGreaterThan(250);
    expect(await brightnessAt(list, 80, 90)).toBe(0);
    expect(await brightnessAt(onlyMoved, 40, 90)).toBeGreaterThan(250);
});

interface Painting {
    draw(list: string, picture: string, scale: number): Promise<string>;
    keeping(list: string, picture: string): Promise<number>;
}

test('a drawing looks as the browser itself draws the file', async () => {
    const scene = Object.keys(SCENES).indexOf('a drawing');
    await page.setViewportSize({ width: WIDTH, height: HEIGHT });
    await page.setContent(`<body style="margin:0;background:#1d2430;line-height:0">${DRAWING}</body>`);
    const theirs = PNG.sync.read(await page.screenshot()).data;
    const ours = PNG.sync.read(readFileSync(fileOf(scene, 'png'))).data;
    meanOf(ours, theirs).forEach((mean) => expect(mean).toBeLessThan(1));
    expect(shiftBetween(ours, theirs)).toBeLessThan(0.1);
});
