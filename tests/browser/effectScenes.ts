import { clip, shape, text } from './scenes';

/** What effects do, for both renderers to draw alike. */
export const EFFECTS: Record<string, object[]> = {
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
    'a clip pinned by its corners': [
        clip({
            scale: [80, 80],
            effects: [
                {
                    id: 'e1',
                    effect: 'corner-pin',
                    topLeft: [60, 90],
                    topRight: [-10, -20],
                    bottomRight: [-120, 30],
                    bottomLeft: [30, -60],
                },
            ],
        }),
    ],
    'a clip far away in perspective, in detail smaller than it is': [
        clip({
            effects: [
                { id: 'e1', effect: 'corner-pin', topLeft: [290, 160], topRight: [-290, 160], bottomLeft: [-200, 0] },
            ],
        }),
    ],
    'words that bulge, and a turned ellipse that is pinched': [
        text({
            typeSize: 90,
            fill: '#f3e3c3',
            effects: [{ id: 'e1', effect: 'bulge', amount: 70, centre: [200, -30], radius: 160 }],
        }),
        shape({
            id: 'l2',
            form: 'ellipse',
            size: [260, 90],
            rotation: 25,
            position: [330, 290],
            fill: '#3f6690',
            effects: [{ id: 'e1', effect: 'bulge', amount: -80, radius: 90, centre: [20, 0] }],
        }),
    ],
    'a clip that is twirled, rippled and waved': [
        clip({
            effects: [
                { id: 'e1', effect: 'twirl', angle: 140, radius: 150, centre: [-120, 0] },
                { id: 'e2', effect: 'ripple', height: 8, wavelength: 50, radius: 140, centre: [170, -40], phase: 60 },
                { id: 'e3', effect: 'wave', height: 10, wavelength: 130, angle: 80 },
            ],
        }),
    ],
    'words smeared away from a centre': [
        text({
            typeSize: 110,
            fill: '#f3e3c3',
            effects: [{ id: 'e1', effect: 'smear', amount: 100, radius: 120, centre: [180, -20] }],
        }),
        shape({
            id: 'l2',
            size: [200, 60],
            position: [320, 300],
            fill: '#c0392b',
            effects: [{ id: 'e1', effect: 'smear', amount: 60, radius: 60, centre: [-40, 10] }],
        }),
    ],
    'a turned clip in a mesh': [
        clip({
            scale: [70, 70],
            rotation: 9,
            effects: [{ id: 'e1', effect: 'mesh', point11: [30, 40], point22: [50, 30], point34: [-70, 20] }],
        }),
    ],
    'a clip in squares, and one in facets': [
        clip({ scale: [48, 90], position: [165, 180], effects: [{ id: 'e1', effect: 'pixels', side: 40 }] }),
        {
            ...clip({ scale: [48, 90], position: [480, 180], effects: [{ id: 'e1', effect: 'facets', side: 50 }] }),
            id: 'other',
        },
    ],
    'grain on a bar, under lines, and larger on a turned one': [
        shape({
            size: [300, 300],
            position: [160, 180],
            fill: '#808080',
            effects: [
                { id: 'e1', effect: 'grain', amount: 60, size: 1, seed: 7 },
                { id: 'e2', effect: 'scanlines', spacing: 9, thickness: 40, offset: 2 },
            ],
        }),
        shape({
            id: 'l2',
            size: [260, 200],
            position: [480, 180],
            rotation: 14,
            fill: '#3f6690',
            effects: [
                { id: 'e1', effect: 'grain', amount: 50, size: 3.5 },
                { id: 'e2', effect: 'scanlines', spacing: 24, colour: '#f3e3c380' },
            ],
        }),
    ],
    'words with an edge as of a thick sheet': [
        text({ typeSize: 100, fill: '#c9973f', effects: [{ id: 'e1', effect: 'extrude', depth: 40, angle: 40 }] }),
    ],
    'a clip brighter, warmer and tinted, and one in one colour': [
        clip({
            scale: [50, 90],
            position: [160, 180],
            effects: [
                { id: 'e1', effect: 'brightness', brightness: 12, contrast: 30 },
                { id: 'e2', effect: 'temperature', warmth: 40 },
                { id: 'e3', effect: 'tint', colour: '#c9973f', amount: 35 },
            ],
        }),
        {
            ...clip({
                scale: [50, 90],
                position: [480, 180],
                opacity: 70,
                effects: [{ id: 'e1', effect: 'one-colour', colour: '#3f6690' }],
            }),
            id: 'other',
        },
    ],
    'a clip parted into light and dark': [
        clip({ effects: [{ id: 'e1', effect: 'threshold', level: 45, softness: 15 }] }),
    ],
};
