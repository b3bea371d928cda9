import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { expect, test } from './test';

/** Easing against the browser's own Web Animations engine: 101 points of each curve. */

const FOLDER = `${process.cwd()}/storage/demo/easing`;
const CURVES = [
    'ease',
    'ease-in',
    'ease-out',
    'ease-in-out',
    'cubic-bezier(0.4, 0, 0.2, 1)',
    'cubic-bezier(0, 0, 1, 1)',
    'cubic-bezier(1, 0, 0, 1)',
    'cubic-bezier(0, 1, 1, 0)',
    'cubic-bezier(0, 0, 0, 0)',
    'cubic-bezier(1, 1, 1, 1)',
    'cubic-bezier(0.68, -0.55, 0.27, 1.55)',
    'cubic-bezier(0.5, 3, 0.5, -2)',
    'cubic-bezier(0.999, 0, 0.001, 1)',
    'linear',
];

/** Each curve moves a layer of its own from 0 to 10,000 in 100 frames. */
function evaluated(): number[][] {
    mkdirSync(FOLDER, { recursive: true });
    const layers = CURVES.map((easing, index) => ({
        id: `l${index}`,
        kind: 'shape',
        form: 'rectangle',
        name: easing,
        in: 0,
        out: 101,
        position: {
            keyframes: [
                { at: 0, value: [0, 0], easing },
                { at: 100, value: [10_000, 0] },
            ],
        },
    }));
    const composition = { id: 'c', name: 'Easing', width: 640, height: 360, rate: '25/1', length: 101, layers };
    const document = { format: 'ricamo-project', version: 1, name: 'Easing', compositions: [composition] };
    writeFileSync(`${FOLDER}/doc.json`, JSON.stringify(document));
    const lines = execFileSync('./ricamo', ['evaluate', `${FOLDER}/doc.json`, '--frame', '0..100'], {
        encoding: 'utf8',
        maxBuffer: 1 << 26,
    });
    const lists = lines
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as { items: { matrix: number[] }[] });
    return CURVES.map((_, index) => lists.map((list) => list.items[index]!.matrix[4]! / 10_000));
}

test('cubic-bezier easing is what the browser makes of it', async ({ page }) => {
    const reference = await page.evaluate(
        (curves) =>
            curves.map((easing) => {
                const animation = document.body.animate([{ opacity: 0 }, { opacity: 1 }], {
                    duration: 1000,
                    easing,
                    fill: 'both',
                });
                animation.pause();
                return Array.from({ length: 101 }, (_, step) => {
                    animation.currentTime = step * 10;
                    return animation.effect!.getComputedTiming().progress!;
                });
            }),
        CURVES,
    );
    const ours = evaluated();
    let farthest = 0;
    CURVES.forEach((easing, curve) => {
        for (let step = 0; step <= 100; step++) {
            const difference = Math.abs(ours[curve]![step]! - reference[curve]![step]!);
            expect(difference, `${easing} at ${step} %`).toBeLessThanOrEqual(0.0005);
            farthest = Math.max(farthest, difference);
        }
    });
    console.log(`the largest difference over ${CURVES.length} curves is ${farthest.toFixed(7)}`);
});
