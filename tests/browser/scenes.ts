/** What both renderers are to draw alike: lists of layers by what they show, in a frame of 640 × 360. */

export const shape = (fields: object): object => ({
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
export const text = (fields: object): object => ({
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
export const clip = (fields: object): object => ({
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

export const SCENES: Record<string, object[]> = {
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
    'forms: a rounded star, a ring sector, a speech plate, a dashed arc': [
        shape({ form: 'star', size: [150, 150], position: [110, 110], rounding: 12, inner: 45, rotation: 11 }),
        shape({
            id: 'l2',
            form: 'ring',
            size: [150, 150],
            position: [300, 110],
            sweep: 230,
            start: 40,
            fill: '#c9973f',
        }),
        shape({
            id: 'l3',
            form: 'speech',
            size: [170, 80],
            position: [500, 90],
            rounding: 22,
            tail: [-60, 90],
            fill: '#24557a',
        }),
        shape({
            id: 'l4',
            form: 'arc',
            size: [300, 150],
            position: [320, 270],
            start: -100,
            sweep: 200,
            fill: '#00000000',
            outline: '#f3e3c3',
            outlineWidth: 9,
            cap: 'round',
            dash: 26,
            gap: 17,
            drawEnd: 80,
        }),
    ],
    'words in several colours and sizes with three outlines and a plate': [
        text({
            typeSize: 90,
            text: 'Depot nine',
            position: [60, 170],
            styles: [
                { from: 0, to: 1, size: 150, colour: '#c9973f' },
                { from: 6, to: 10, underline: true, case: 'upper', colour: '#9fc5e8' },
            ],
            plate: '#24557a',
            plateRounding: 20,
            outlines: [
                { id: 'o1', width: 9, colour: '#1d2430' },
                { id: 'o2', side: 'inside', width: 2, colour: '#c0392b' },
                { id: 'o3', side: 'centre', width: 3, colour: '#f3e3c3', opacity: 60 },
            ],
        }),
    ],
    'pictures among words, some of them on their way': [
        text({
            typeSize: 70,
            position: [20, 100],
            text: 'Line 9 🚋\n👩‍🚀 ❤️ 🇩🇪 1️⃣',
            outline: '#f3e3c3',
            outlineWidth: 5,
            cascades: [{ id: 'c1', as: 'arrive', units: 'letters', length: 40, overlap: 60, at: -20, turn: 40 }],
        }),
    ],
    'words along a path': [
        text({
            typeSize: 54,
            position: [320, 180],
            text: 'All the way round',
            path: 'M-200 60C-160 -120 160 -120 200 60',
        }),
    ],
    'a tapered path, and leaves that are half drawn': [
        shape({
            form: 'path',
            path: 'M-250 40C-150 -160 -50 160 60 0C120 -90 200 -40 250 60',
            fill: '#00000000',
            outline: '#f3e3c3',
            outlineWidth: 16,
            taperBegin: 40,
            taperEnd: 60,
        }),
        shape({
            id: 'l2',
            form: 'ellipse',
            size: [420, 200],
            fill: '#00000000',
            outline: '#5d8a4a',
            outlineWidth: 9,
            drawEnd: 66,
            brush: { form: 'leaves', seed: 4 },
        }),
    ],
    'lines with marks at their ends, one of them translucent and one half drawn': [
        shape({
            form: 'line',
            size: [480, 0],
            position: [320, 70],
            outline: '#f3e3c380',
            outlineWidth: 14,
            beginMark: 'dot',
            endMark: 'arrow',
        }),
        shape({
            id: 'l2',
            form: 'path',
            path: 'M-250 40C-150 -160 -50 160 60 0C120 -90 200 -40 250 60',
            position: [320, 200],
            fill: '#00000000',
            outline: '#5d8a4a',
            outlineWidth: 10,
            beginMark: 'bar',
            endMark: 'barb',
            endSize: 520,
            drawEnd: 70,
        }),
        shape({
            id: 'l3',
            form: 'line',
            size: [300, 0],
            position: [320, 310],
            outline: '#c9a227',
            outlineWidth: 8,
            dash: 24,
            gap: 12,
            beginMark: 'diamond',
            endMark: 'square',
        }),
    ],
    'chalk, airbrush and stitches': [
        shape({
            form: 'line',
            size: [500, 0],
            position: [320, 80],
            outline: '#f3e3c3',
            outlineWidth: 26,
            brush: { form: 'chalk' },
        }),
        shape({
            id: 'l2',
            form: 'line',
            size: [500, 0],
            position: [320, 180],
            outline: '#c0392b',
            outlineWidth: 20,
            brush: { form: 'airbrush' },
        }),
        shape({
            id: 'l3',
            form: 'line',
            size: [500, 0],
            position: [320, 280],
            outline: '#c9973f',
            outlineWidth: 14,
            brush: { form: 'stitches' },
        }),
    ],
    'brushes of a shape and of a picture, and a shape along a path': [
        shape({
            form: 'ellipse',
            size: [420, 200],
            fill: '#00000000',
            outline: '#c9973f',
            outlineWidth: 12,
            brush: { form: 'own', mark: 'M0 0L40 10L30 40L10 40Z', scatterTurn: 30, scatterOpacity: 60 },
        }),
        shape({
            id: 'l2',
            form: 'line',
            size: [520, 0],
            position: [320, 330],
            outline: '#f3e3c3',
            outlineWidth: 24,
            brush: { form: 'own', media: 'm1', size: 200, spacing: 120, scatterTurn: 20 },
        }),
        shape({
            id: 'l3',
            form: 'star',
            size: [30, 30],
            position: [60, 40],
            along: 'M0 0C200 60 300 -60 500 0',
            alongCount: 11,
            fill: '#c0392b',
        }),
    ],
    'words that run down, with a plate, and fills of their own': [
        text({ text: '電車の車庫\nDepot「九」', down: true, typeSize: 44, position: [200, 30], plate: '#2f5d50' }),
        text({
            id: 'l2',
            text: 'Down it goes',
            down: true,
            typeSize: 40,
            position: [420, 20],
            outlines: [
                { id: 'o1', side: 'beneath', width: 2, shift: [6, 5], colour: '#0b0f18' },
                { id: 'o2', side: 'outside', width: 3, colour: '#c0392b' },
            ],
            gradients: [{ of: 'o2', form: 'linear', stops: 2 }],
        }),
    ],
    'letters on their way, each as faint and as blurred as it is': [
        text({
            typeSize: 90,
            position: [60, 150],
            text: 'Depot\nNine',
            cascades: [
                {
                    id: 'c1',
                    as: 'arrive',
                    units: 'letters',
                    length: 40,
                    overlap: 70,
                    at: -20,
                    position: [0, 40],
                    turn: -30,
                    blur: 6,
                    scale: [160, 60],
                    tint: '#c0392b',
                },
            ],
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
    'an ellipse in colours around a point, and words with them around them': [
        shape({
            form: 'ellipse',
            size: [260, 200],
            position: [180, 150],
            rotation: 10,
            gradients: [
                {
                    of: 'fill',
                    form: 'sweep',
                    stops: 3,
                    angle: 30,
                    centre: [40, 55],
                    colour1: '#c0392b',
                    colour2: '#f3e3c380',
                    at2: 60,
                    colour3: '#24557a',
                },
            ],
        }),
        {
            ...text({
                typeSize: 90,
                position: [330, 260],
                text: 'Nine',
                outlineWidth: 12,
                gradients: [
                    { of: 'outline', form: 'sweep', stops: 2, colour1: '#2f5d50', colour2: '#c9973f', angle: -90 },
                ],
            }),
            id: 'words',
        },
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
    'words that a clip is seen through, with another as their outline': [
        text({
            typeSize: 150,
            position: [30, 230],
            outlineWidth: 10,
            gradients: [
                { of: 'fill', form: 'picture', media: 'm1', pan: [20, 10], zoom: 130, turn: 8 },
                { of: 'outline', form: 'picture', media: 'm1', turn: 180 },
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
    'a clip under masks': [
        clip({
            masks: [
                { id: 'm1', form: 'ellipse', size: [300, 220], feather: 40 },
                { id: 'm8', form: 'rectangle', mode: 'subtract', position: [40, 10], size: [90, 60], rotation: 20 },
                { id: 'm9', form: 'rectangle', mode: 'exclude', position: [-120, 60], size: [120, 90], rounding: 20 },
            ],
        }),
    ],
    'a clip under smooth forms, one of them grown and one shrunk': [
        clip({
            masks: [
                {
                    id: 'm1',
                    form: 'free',
                    points: 5,
                    smooth: 100,
                    position: [-60, 0],
                    grow: 12,
                    point1: [-150, -90],
                    point2: [120, -130],
                    point3: [190, 20],
                    point4: [20, 120],
                    point5: [-180, 70],
                },
                { id: 'm8', form: 'free', points: 3, position: [200, 60], grow: -15, feather: 10 },
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
