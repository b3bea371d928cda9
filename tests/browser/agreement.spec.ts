import { expect, test, type Page } from '@playwright/test';
import { execFile, execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { promisify } from 'node:util';
import { PNG } from 'pngjs';
import { build } from 'vite';
import { CLIPS } from './clips';
import { DRAWING } from './drawing';
import { meanOf } from './video';

/** Both renderers draw the same display lists; their pictures are compared pixel by pixel. */

const FOLDER = `${process.cwd()}/storage/demo/agreement`;
const [WIDTH, HEIGHT] = [640, 360];

const shape = (fields: object): object => ({
    id: 'l1',
    kind: 'shape',
    form: 'rectangle',
    name: 'Shape',
    in: 0,
    out: 10,
    position: [320, 180],
    fill: '#ffffff',
    ...fields,
});
const text = (fields: object): object => ({
    id: 'l1',
    kind: 'text',
    name: 'Words',
    in: 0,
    out: 10,
    position: [60, 200],
    fill: '#ffffff',
    text: 'Marta Oldani',
    ...fields,
});
const clip = (fields: object): object => ({
    id: 'clip',
    kind: 'footage',
    media: 'm1',
    name: 'Clip',
    in: 0,
    out: 10,
    position: [320, 180],
    ...fields,
});

const FLYING = {
    position: {
        keyframes: [
            { at: 0, value: [40, 60] },
            { at: 10, value: [640, 340] },
        ],
    },
};
/** Half arrived on the frame that is drawn. */
const arriving = (move: string, settings: object = {}): object =>
    shape({
        size: [260, 120],
        fill: '#3f6690',
        in: -5,
        arrive: { length: 10, easing: 'linear', moves: [{ move, ...settings }] },
    });

const SCENES: Record<string, object[]> = {
    'a bar on half pixels': [shape({ size: [301, 77], position: [320.25, 180.5] })],
    'a turned bar with round corners': [shape({ size: [360, 90], rounding: 30, rotation: 17 })],
    'a stretched ellipse': [shape({ form: 'ellipse', size: [100, 100], scale: [430, 130], rotation: -40 })],
    'an outline with pointed corners': [
        shape({ size: [300, 120], fill: '#00000000', outline: '#ffffff', outlineWidth: 15, rotation: 8 }),
    ],
    'a stretched outline': [
        shape({ size: [100, 100], scale: [300, 60], fill: '#2f5d50', outline: '#c9973f', outlineWidth: 9 }),
    ],
    'a sans': [text({ typeSize: 90 })],
    'a turned script': [text({ typeSize: 110, font: 'dancing-script-bold', rotation: -12, tracking: 30 })],
    'an outlined serif': [
        text({
            typeSize: 90,
            font: 'eb-garamond-regular',
            outline: '#c0392b',
            outlineWidth: 6,
            text: 'Fähre\nOffice',
            position: [60, 140],
        }),
    ],
    'letters over each other, faded as one': [
        text({ typeSize: 120, tracking: -90, opacity: 45, outline: '#24557a', outlineWidth: 8 }),
    ],
    'small type': [text({ typeSize: 15, text: 'Depot electrician, since the first open day', font: 'karla-regular' })],
    'see-through shapes': [
        shape({ id: 'a', size: [300, 200], fill: '#c0392b80' }),
        shape({ id: 'b', form: 'ellipse', size: [260, 260], position: [420, 200], fill: '#2f5d5099' }),
    ],
    'words with a line around them, a long and an inner shadow': [
        text({
            typeSize: 100,
            position: [90, 190],
            fill: '#c9973f',
            effects: [
                { id: 'e1', effect: 'inner-shadow', distance: 5, softness: 3, angle: 60, colour: '#5a1010c0' },
                { id: 'e2', effect: 'edge-line', width: 7, colour: '#f3e3c3' },
                { id: 'e3', effect: 'long-shadow', length: 60, angle: 30, colour: '#24557ab0' },
            ],
        }),
    ],
    'a clip in curves, in few tones, darker around': [
        clip({
            effects: [
                { id: 'e1', effect: 'curves', shadows: 10, middle: 60, lights: 70 },
                { id: 'e2', effect: 'posterise', steps: 6 },
                { id: 'e3', effect: 'vignette', radius: 380, centre: [40, -20] },
            ],
        }),
    ],
    'a clip without its green, and one by its brightness': [
        clip({
            scale: [50, 50],
            position: [180, 180],
            effects: [{ id: 'e1', effect: 'colour-key', colour: '#00c800' }],
        }),
        {
            ...clip({
                scale: [50, 50],
                position: [460, 180],
                effects: [{ id: 'e1', effect: 'brightness-key', level: 45, softness: 30 }],
            }),
            id: 'other',
        },
    ],
    'all that lies beneath, in two tones within an ellipse': [
        clip({}),
        shape({ size: [500, 60], fill: '#c9973f' }),
        {
            id: 'adjusting',
            kind: 'adjusting',
            name: 'Adjusting',
            in: 0,
            out: 10,
            position: [320, 180],
            opacity: 80,
            effects: [
                { id: 'e1', effect: 'duotone', dark: '#1d2430', bright: '#f3e3c3' },
                { id: 'e2', effect: 'blur', radius: 4 },
            ],
            masks: [{ id: 'm1', form: 'ellipse', size: [400, 260], feather: 20 }],
        },
    ],
    'words in a gradient, with another around them': [
        text({
            typeSize: 90,
            outlineWidth: 9,
            rotation: -9,
            gradients: [
                {
                    of: 'fill',
                    form: 'linear',
                    stops: 3,
                    colour1: '#c0392b',
                    colour2: '#f3e3c3',
                    at2: 30,
                    colour3: '#24557a',
                    from: [10, 0],
                    to: [90, 100],
                },
                {
                    of: 'outline',
                    form: 'corners',
                    topLeft: '#1d2430',
                    topRight: '#c9973f',
                    bottomLeft: '#2f5d50',
                    bottomRight: '#ffffff40',
                },
            ],
        }),
    ],
    'an ellipse in a radial gradient, stretched': [
        shape({
            form: 'ellipse',
            size: [200, 200],
            scale: [240, 110],
            rotation: 20,
            outlineWidth: 18,
            gradients: [
                { of: 'fill', form: 'radial', radius: 90, centre: [30, 40], colour1: '#f3e3c3', colour2: '#c0392b00' },
                { of: 'outline', form: 'linear', colour1: '#24557a', colour2: '#c9973f' },
            ],
        }),
    ],
    'a turned bar of four colours, half faded': [
        shape({
            size: [420, 160],
            rounding: 40,
            rotation: 33,
            opacity: 60,
            gradients: [
                {
                    of: 'fill',
                    form: 'corners',
                    topLeft: '#c0392b',
                    topRight: '#f3e3c3',
                    bottomLeft: '#24557a',
                    bottomRight: '#2f5d5000',
                },
            ],
        }),
    ],
    'a window onto a clip, framed': [
        {
            id: 'w',
            kind: 'window',
            form: 'ellipse',
            name: 'Window',
            media: 'm1',
            in: 0,
            out: 10,
            position: [320, 180],
            size: [420, 240],
            rotation: 14,
            pan: [60, -20],
            zoom: 140,
            turn: 30,
            outline: '#f3e3c3',
            outlineWidth: 7,
        },
    ],
    'a group, turned and half faded, of words over a bar': [
        shape({ id: 'bar', group: 'g', size: [340, 110], fill: '#2f5d50' }),
        text({ id: 'words', group: 'g', typeSize: 60 }),
        {
            id: 'g',
            kind: 'group',
            name: 'Group',
            in: 0,
            out: 10,
            position: [320, 180],
            anchor: [320, 180],
            rotation: -12,
            scale: [90, 90],
            opacity: 55,
        },
    ],
    'a bar that flies by': [shape({ size: [160, 90], motionBlur: true, ...FLYING })],
    'words that turn fast': [
        text({
            typeSize: 70,
            motionBlur: true,
            fill: '#c9973f',
            position: [90, 200],
            rotation: {
                keyframes: [
                    { at: 0, value: 0 },
                    { at: 10, value: 120 },
                ],
            },
        }),
    ],
    'a half faded ellipse over a bar, both blurred': [
        shape({ id: 'a', size: [300, 60], fill: '#2f5d50', motionBlur: true, ...FLYING }),
        shape({ id: 'b', form: 'ellipse', size: [160, 160], opacity: 50, motionBlur: true, ...FLYING }),
    ],
    'a clip that flies by': [clip({ scale: [40, 40], motionBlur: true, ...FLYING })],
    'a bar wiped at an angle': [arriving('wipe', { angle: 200 })],
    'an iris and a clock': [arriving('iris'), { ...arriving('clock'), id: 'l2', position: [500, 280] }],
    'blinds on a turned bar, faded': [{ ...arriving('blinds'), rotation: 12, opacity: 60 }],
    'a blurred bar': [shape({ size: [240, 90], effects: [{ id: 'e1', effect: 'blur', radius: 9 }] })],
    'a bar blurred far, beyond the frame': [
        shape({
            size: [500, 200],
            position: [40, 330],
            fill: '#c0392b',
            effects: [{ id: 'e1', effect: 'blur', radius: 40 }],
        }),
    ],
    'words with a shadow and a halo': [
        text({
            typeSize: 90,
            fill: '#f3e3c3',
            effects: [
                { id: 'e1', effect: 'drop-shadow', distance: 14, softness: 6 },
                { id: 'e2', effect: 'halo', colour: '#c0392b', softness: 8 },
            ],
        }),
    ],
    'a glowing ellipse': [
        shape({ form: 'ellipse', size: [180, 120], fill: '#3f6690', effects: [{ id: 'e1', effect: 'glow' }] }),
    ],
    'a directional blur': [
        text({ typeSize: 90, effects: [{ id: 'e1', effect: 'directional-blur', length: 90, angle: 20 }] }),
    ],
    'a zoom and a spin blur': [
        text({ typeSize: 70, position: [60, 120], effects: [{ id: 'e1', effect: 'zoom-blur', amount: 30 }] }),
        shape({
            id: 'l2',
            size: [160, 80],
            position: [420, 250],
            effects: [{ id: 'e1', effect: 'spin-blur', angle: 40 }],
        }),
    ],
    'colours of a clip, turned about': [
        clip({
            effects: [
                { id: 'e1', effect: 'hue', turn: 80 },
                { id: 'e2', effect: 'saturation', amount: 160 },
                { id: 'e3', effect: 'exposure', stops: 0.4 },
            ],
        }),
    ],
    'a clip with alpha in two tones, half inverted': [
        shape({ size: [300, 200], fill: '#c9973f' }),
        clip({
            media: 'm2',
            opacity: 80,
            effects: [
                { id: 'e1', effect: 'duotone' },
                { id: 'e2', effect: 'invert', amount: 30 },
            ],
        }),
    ],
    'a clip under masks': [
        clip({
            masks: [
                { id: 'm1', form: 'ellipse', size: [300, 220], feather: 40 },
                { id: 'm8', form: 'rectangle', mode: 'subtract', position: [40, 10], size: [90, 60], rotation: 20 },
                { id: 'm9', form: 'rectangle', mode: 'exclude', position: [-120, 60], size: [120, 90], rounding: 20 },
            ],
        }),
    ],
    'a clip seen where words are not, and where they are bright': [
        { ...text({ typeSize: 120, position: [40, 120], fill: '#f3e3c3' }), id: 'words', visible: false },
        { ...text({ typeSize: 120, position: [40, 300], fill: '#808080' }), id: 'grey', visible: false },
        clip({
            scale: [100, 48],
            position: [320, 90],
            masks: [{ id: 'm1', form: 'layer', layer: 'words', inverted: true }],
        }),
        {
            ...clip({
                scale: [100, 48],
                position: [320, 270],
                masks: [{ id: 'm1', form: 'layer', layer: 'grey', by: 'brightness' }],
            }),
            id: 'other',
        },
    ],
    'ways to blend': [
        clip({}),
        ...['multiply', 'screen', 'overlay', 'color-dodge', 'hard-light', 'soft-light', 'difference', 'exclusion'].map(
            (blend, index) =>
                ({
                    ...shape({
                        size: [70, 300],
                        position: [40 + 75 * index, 180],
                        fill: '#c97f3f',
                        opacity: 80,
                        blend,
                    }),
                    id: `l${index}`,
                }) as object,
        ),
    ],
    'the other ways to blend': [
        clip({}),
        ...['darken', 'lighten', 'color-burn', 'hue', 'saturation', 'color', 'luminosity', 'plus-lighter'].map(
            (blend, index) =>
                ({
                    ...shape({
                        size: [70, 300],
                        position: [40 + 75 * index, 180],
                        fill: '#3f87c9',
                        opacity: 70,
                        blend,
                    }),
                    id: `l${index}`,
                }) as object,
        ),
    ],
    'a clip': [clip({})],
    'a clip made smaller': [clip({ scale: [37, 37], position: [300, 150] })],
    'a clip made a little smaller': [clip({ scale: [60, 60], rotation: -4 })],
    'a clip made larger and turned': [clip({ scale: [140, 140], rotation: 11 })],
    'a clip with alpha': [shape({ size: [300, 200], fill: '#c9973f' }), clip({ media: 'm2' })],
    'a clip with alpha, smaller and turned': [
        shape({ size: [300, 200], fill: '#c9973f' }),
        clip({ media: 'm2', scale: [60, 60], rotation: 20, opacity: 80 }),
    ],
    'a drawing': [clip({ media: 'm3' })],
    'a drawing that is turned, large and half seen through': [
        shape({ size: [300, 200], fill: '#c9973f' }),
        clip({ media: 'm3', rotation: 14, scale: [150, 110], opacity: 60 }),
    ],
    'a clip half seen through, under words': [clip({ opacity: 50 }), text({ typeSize: 80, fill: '#f3e3c3' })],
};

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

const ricamo = async (command: string, ...more: string[]): Promise<string> =>
    (
        await promisify(execFile)('php', ['-d', 'memory_limit=2G', 'artisan', `ricamo:${command}`, ...more], {
            encoding: 'utf8',
            maxBuffer: 1 << 26,
        })
    ).stdout;

/** Draws a scene to a picture, and writes down what is to be drawn. */
async function prepare(scene: number, layers: object[]): Promise<void> {
    const project = fileOf(scene, 'json');
    write(layers, project);
    await ricamo('still', project, '--frame', '0', '--out', fileOf(scene, 'png'));
    writeFileSync(fileOf(scene, 'list'), await ricamo('evaluate', project, '--frame', '0'));
}

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
    // Two at a time, which is what most machines that test have.
    const waiting = Object.values(SCENES).map((layers, scene) => [scene, layers] as const);
    const work = async (): Promise<void> => {
        for (let next = waiting.shift(); next; next = waiting.shift()) {
            await prepare(...next);
        }
    };
    await Promise.all([work(), work()]);
    page = await browser.newPage();
    await page.addScriptTag({ path: `${FOLDER}/painting.js` });
});

test.afterAll(() => page.close());

/**
 * How far one picture is shifted against the other, in pixels: the shift that explains most of their difference by the
 * picture's slopes (Lucas and Kanade, over the whole picture).
 */
function shiftBetween(a: Uint8Array, b: Uint8Array): number {
    let [xx, xy, yy, xd, yd] = [0, 0, 0, 0, 0];
    const at = (pixels: Uint8Array, x: number, y: number): number => pixels[4 * (y * WIDTH + x) + 1]!;
    for (let y = 1; y < HEIGHT - 1; y++) {
        for (let x = 1; x < WIDTH - 1; x++) {
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

for (const [scene, [name, layers]] of Object.entries(SCENES).entries()) {
    test(`the two renderers agree on ${name}`, async () => {
        const still = PNG.sync.read(readFileSync(fileOf(scene, 'png'))).data;
        const list = readFileSync(fileOf(scene, 'list'), 'utf8');
        const file = JSON.stringify(layers).includes('"m2"') ? 'alpha.png' : 'clip.png';
        const picture = readFileSync(`${FOLDER}/${file}`).toString('base64');
        const url = await page.evaluate(
            ([json, png]) => (window as unknown as { painting: Painting }).painting.draw(json!, png!),
            [list, picture],
        );
        const drawn = PNG.sync.read(Buffer.from(url.split(',')[1]!, 'base64')).data;

        const means = meanOf(drawn, still);
        const shift = shiftBetween(drawn, still);
        console.log(`${name}: mean ${means.map((one) => one.toFixed(3)).join(' ')}, shift ${shift.toFixed(3)} px`);
        expect(Math.max(...means)).toBeLessThanOrEqual(1.5);
        // What is blurred far has no edges that could be told to be elsewhere.
        expect(shift).toBeLessThan(name.includes('blurred far') ? 0.5 : 0.15);
    });
}

interface Painting {
    draw(list: string, picture: string): Promise<string>;
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
