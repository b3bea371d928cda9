import type { LayerKind, PropertyDefinition } from '@/api/answers';

/** Along which axis one number of a pair lies. */
export type Axis = 'x' | 'y';

interface Face {
    label: string;
    unit?: string;
    /** What one step of the arrow keys or of scrubbing changes. */
    step?: number;
    axes?: [string, string];
}

/** How properties are named and measured in the interface. */
const FACES: Record<string, Face> = {
    position: { label: 'Position', axes: ['x', 'y'] },
    scale: { label: 'Scale', unit: '%', axes: ['x', 'y'] },
    rotation: { label: 'Rotation', unit: '°' },
    opacity: { label: 'Opacity', unit: '%' },
    anchor: { label: 'Anchor', axes: ['x', 'y'] },
    size: { label: 'Size', axes: ['w', 'h'] },
    rounding: { label: 'Rounding' },
    fill: { label: 'Fill' },
    outline: { label: 'Outline' },
    outlineWidth: { label: 'Outline width' },
    typeSize: { label: 'Type size' },
    tracking: { label: 'Tracking' },
    leading: { label: 'Leading', unit: '%' },
};

const SECTIONS: Record<LayerKind, [string, string[]][]> = {
    shape: [
        ['Placement', ['position', 'scale', 'rotation', 'opacity', 'anchor']],
        ['Form', ['size', 'rounding', 'fill', 'outline', 'outlineWidth']],
    ],
    text: [
        ['Placement', ['position', 'scale', 'rotation', 'opacity', 'anchor']],
        ['Type', ['typeSize', 'fill', 'tracking', 'leading', 'outline', 'outlineWidth']],
    ],
    footage: [['Placement', ['position', 'scale', 'rotation', 'opacity', 'anchor']]],
};

export const faceOf = (property: string): Face => FACES[property] ?? { label: property };

export const sectionsOf = (kind: LayerKind): [string, string[]][] => SECTIONS[kind];

/** What is shown of a property where space is short. */
export const isPair = (definition: PropertyDefinition): boolean =>
    definition.type === 'point' || definition.type === 'size';
