import { clip, shape, text } from './scenes';

/** Layers that leave the picture's plane, by what is to be seen. */
export const DEPTH: Record<string, object[]> = {
    'through a camera that has gone around: a clip, words out of focus and a bar in focus, before one that stays flat':
        [
            shape({ id: 'l0', position: [320, 180], size: [640, 360], fill: '#24557a', flat: true }),
            clip({ scale: [45, 45], z: 160 }),
            text({ id: 'l2', typeSize: 70, position: [120, 250], z: -220, fill: '#f3e3c3' }),
            shape({ id: 'l3', position: [430, 110], size: [160, 60], rounding: 20, tiltX: 30 }),
            {
                id: 'c',
                kind: 'camera',
                name: 'Camera',
                in: 0,
                out: 10,
                position: [320, 180],
                z: -760,
                aim: [320, 180],
                orbitX: 14,
                orbitY: -38,
                rotation: 8,
                lens: 40,
                aperture: 60,
            },
        ],
    'a clip and words in the light of a lamp, which is mirrored in them, and their soft shadows on a wall': [
        shape({ id: 'l0', position: [320, 180], size: [900, 600], fill: '#a8b8c4', z: 120, shine: 60, roughness: 15 }),
        clip({ scale: [45, 45], tiltY: 30, z: -40, shine: 80 }),
        text({
            id: 'l2',
            typeSize: 70,
            position: [60, 300],
            z: -90,
            fill: '#b3432c',
            tiltX: 20,
            shine: 90,
            roughness: 40,
        }),
        { id: 'a', kind: 'light', source: 'ambient', name: 'Ambient', in: 0, out: 10, lightStrength: 25 },
        {
            id: 's',
            kind: 'light',
            source: 'point',
            name: 'Lamp',
            in: 0,
            out: 10,
            position: [420, 40],
            z: -260,
            falloff: 500,
            lightStrength: 170,
            lightColour: '#ffdcb0',
            shadow: 80,
            lightSize: 30,
        },
    ],
    'thick words, a thick clip and thick letters that fly, under a lamp': [
        clip({ scale: [40, 40], tiltY: -40, tiltX: 15, z: 60, thickness: 50, sideColour: '#5a2018' }),
        text({
            id: 'l2',
            typeSize: 80,
            position: [60, 300],
            tiltX: 30,
            fill: '#f3e3c3',
            thickness: 30,
            sideColour: '#b5893a',
        }),
        text({
            id: 'l3',
            typeSize: 50,
            position: [60, 90],
            fill: '#a8b8c4',
            thickness: 20,
            cascades: [{ id: 'c1', as: 'arrive', units: 'letters', length: 10, z: -200, tiltY: 70, overlap: 90 }],
        }),
        { id: 'a', kind: 'light', source: 'ambient', name: 'Ambient', in: 0, out: 10, lightStrength: 45 },
        { id: 's', kind: 'light', source: 'point', name: 'Lamp', in: 0, out: 10, position: [320, 60], z: -260 },
    ],
    'a clip that is turned as a page, and words that unfold, in the light of a lamp': [
        clip({ scale: [70, 70], arrive: { moves: [{ move: 'page-turn' }], length: 20, begun: 12, easing: 'linear' } }),
        text({
            id: 'l2',
            typeSize: 70,
            position: [60, 300],
            fill: '#f3e3c3',
            arrive: { moves: [{ move: 'unfold' }], length: 20, begun: 12, easing: 'linear' },
        }),
        { id: 'a', kind: 'light', source: 'ambient', name: 'Ambient', in: 0, out: 10, lightStrength: 45 },
        { id: 's', kind: 'light', source: 'point', name: 'Lamp', in: 0, out: 10, position: [320, 60], z: -260 },
    ],
    'pieces of a clip, each as bright as it faces the light': [
        clip({
            scale: [80, 80],
            tiltX: 25,
            patchwork: { form: 'grid', rows: 3, columns: 4 },
            cascades: [
                { id: 'c1', as: 'arrive', units: 'patches', length: 10, z: -200, tiltY: 60, opacity: 100, overlap: 90 },
            ],
        }),
        {
            id: 's',
            kind: 'light',
            source: 'directional',
            name: 'Sun',
            in: 0,
            out: 10,
            position: [100, 100],
            z: -800,
            aim: [320, 180],
            lightColour: '#ffe6c8',
        },
    ],
    'words tilted about both axes, and others far away': [
        text({ typeSize: 90, fill: '#f3e3c3', tiltX: 35, tiltY: -50 }),
        text({ id: 'l2', typeSize: 90, position: [60, 320], z: 700 }),
    ],
    'a clip that stands across the picture, nearer than it': [clip({ tiltY: 55, z: -150, scale: [70, 70] })],
    'a clip far away, tilted, in detail smaller than it is': [clip({ tiltX: -65, tiltY: 20, z: 900 })],
    'an outlined bar in a gradient, tilted': [
        shape({
            size: [420, 130],
            rounding: 30,
            outline: '#c9973f',
            outlineWidth: 9,
            tiltX: 50,
            gradients: [{ of: 'fill', form: 'linear', stops: 2, colour1: '#1f6f78', colour2: '#f3e3c3' }],
        }),
    ],
    'a masked clip and glowing words in a tilted group, each at its own depth': [
        { id: 'g', kind: 'group', name: 'Group', in: 0, out: 10, position: [320, 180], tiltY: -40 },
        clip({
            group: 'g',
            position: [0, 0],
            scale: [60, 60],
            masks: [{ id: 'm1', form: 'ellipse', size: [420, 300], feather: 12 }],
        }),
        text({
            id: 'l2',
            group: 'g',
            position: [-150, 20],
            z: -120,
            typeSize: 60,
            fill: '#f3e3c3',
            effects: [{ id: 'e1', effect: 'glow' }],
        }),
    ],
    'a blurred group as one tilted picture': [
        {
            id: 'g',
            kind: 'group',
            name: 'Group',
            in: 0,
            out: 10,
            position: [320, 180],
            tiltX: 45,
            effects: [{ id: 'e1', effect: 'blur', radius: 5 }],
        },
        shape({ group: 'g', position: [0, 0], size: [400, 200], fill: '#1f6f78' }),
        text({ id: 'l2', group: 'g', position: [-180, 20], typeSize: 60, fill: '#f3e3c3' }),
    ],
    'a floor that goes on beneath the viewer, and a clip on it': [
        shape({ position: [320, 330], size: [3000, 9000], fill: '#d8c39a', tiltX: 84 }),
        clip({ id: 'l2', position: [320, 320], scale: [60, 200], tiltX: 80 }),
    ],
    'half faded words and a clip, tilted and half wiped': [
        clip({
            tiltY: 35,
            scale: [60, 60],
            opacity: 70,
            in: -5,
            arrive: { moves: [{ move: 'wipe', angle: 200 }], length: 10, easing: 'linear' },
        }),
        text({
            id: 'l2',
            typeSize: 80,
            fill: '#f3e3c3',
            opacity: 60,
            tiltX: 40,
            in: -5,
            arrive: { moves: [{ move: 'iris' }], length: 9 },
        }),
    ],
    'a bar that tilts while it is exposed': [
        shape({
            size: [420, 160],
            motionBlur: true,
            tiltY: {
                keyframes: [
                    { at: 0, value: 0 },
                    { at: 9, value: 300 },
                ],
            },
        }),
    ],
    'a clip in patches that come tilted, thrown and from near': [
        clip({
            patchwork: { rows: 3, columns: 5, gap: 4 },
            cascades: [falling({ z: -300, tiltX: 50, scatterTilt: 30 })],
        }),
    ],
    'a clip and words in round patches with edges and shadows, tilted as a whole': [
        {
            id: 'g',
            kind: 'group',
            name: 'Group',
            in: 0,
            out: 10,
            tiltY: 25,
            patchwork: {
                rows: 2,
                columns: 4,
                gap: 10,
                rounding: 16,
                edge: 2,
                edgeColour: '#ffffff',
                shadow: '#000000a0',
            },
            cascades: [falling({ z: 400, tiltY: -60, opacity: 40 })],
        },
        clip({ group: 'g' }),
        text({ id: 'l2', group: 'g', typeSize: 60, fill: '#f3e3c3', outline: '#3a1f1f', outlineWidth: 4 }),
    ],
    'shards of a clip, turned and blurred as they come, and hexagons of words': [
        clip({
            patchwork: { form: 'shards', rows: 3, columns: 4 },
            cascades: [falling({ turn: 40, blur: 6, position: [30, -60] })],
        }),
        text({
            id: 'l2',
            typeSize: 90,
            fill: '#f3e3c3',
            patchwork: { form: 'hexagons', rows: 2, columns: 8 },
            cascades: [falling({ z: -200, scatterTilt: 60 })],
        }),
    ],
    'letters that come from far away, each tilted by itself': [
        text({
            typeSize: 90,
            fill: '#f3e3c3',
            outline: '#3a1f1f',
            outlineWidth: 4,
            cascades: [{ ...falling({ z: 600, tiltY: 70, tiltX: -30 }), units: 'letters' }],
        }),
    ],
};

/** A cascade of patches, some of which have come on the frames that are drawn. */
function falling(from: object): object {
    return {
        id: 'c1',
        as: 'arrive',
        units: 'patches',
        length: 9,
        overlap: 70,
        easing: 'linear',
        opacity: 100,
        ...from,
    };
}
