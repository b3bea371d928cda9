import type { Inspection, Layer, PropertyDefinition, Value } from '@/api/answers';

/** Along which axis one number of a pair lies. */
export type Axis = 'x' | 'y';

/** Pixels go without saying. */
export const unitOf = (definition: PropertyDefinition): string | undefined =>
    definition.unit === 'px' || definition.unit === '' ? undefined : definition.unit;

export const isPair = (definition: PropertyDefinition): boolean => definition.axes.length === 2;

/** The number that a value is, with the unit that it brings itself where that is not its property's, as in `50%`; null for what is no single number. */
export function measured(value: Value | null): { number: number; unit?: '%' } | null {
    if (typeof value === 'number') {
        return { number: value };
    }
    const share = typeof value === 'string' ? /^(-?\d+(?:\.\d+)?)%$/.exec(value) : null;
    return share ? { number: Number(share[1]), unit: '%' } : null;
}

/** A number as it is set, in the unit of what it takes the place of. */
export const inUnitOf = <T>(given: T, old: { unit?: '%' } | null): T | string =>
    typeof given === 'number' && old?.unit ? `${given}${old.unit}` : given;

/** The properties of a kind of layer, in the sections and the order in which they are defined. */
export function sectionsOf(definitions: PropertyDefinition[]): [string, PropertyDefinition[]][] {
    const sections = new Map<string, PropertyDefinition[]>();
    for (const definition of definitions) {
        const section = definition.section ?? '';
        sections.set(section, [...(sections.get(section) ?? []), definition]);
    }
    return [...sections];
}

/**
 * Whether a layer has a keyframe of a property on a frame. Asked of its threads, which hold all of them: what is told of
 * values is of the frame that was shown last, which may be another one by now.
 */
export const hasKeyframe = (inspection: Inspection | undefined, property: string, frame: number): boolean =>
    inspection?.threads.find((one) => one.property === property)?.beads.some((bead) => bead.frame === frame) ?? false;

/** Something that a layer has in a list, with settings of its own: an effect, a mask, a gradient. */
export interface Attached extends Record<string, unknown> {
    id: string;
    on?: boolean;
}

export const attachedTo = (layer: Layer): Attached[] =>
    [
        ...(layer.effects ?? []),
        ...(layer.masks ?? []),
        ...('cascades' in layer ? (layer.cascades ?? []) : []),
        ...('outlines' in layer ? (layer.outlines ?? []) : []),
        ...('brush' in layer && layer.brush ? [layer.brush] : []),
        ...('gradients' in layer ? (layer.gradients ?? []) : []),
    ] as unknown as Attached[];

/** Whether x and y of a layer's place have keyframes of their own. */
export const isApart = (layer: Layer): boolean => 'x' in layer || 'y' in layer;

export const isKeyframed = (value: unknown): boolean =>
    typeof value === 'object' && value !== null && 'keyframes' in value;

/** Whether any of a layer's properties has keyframes. @param own the names of those that its kind has */
export const isAnimated = (layer: Layer, own: string[]): boolean =>
    own.some((name) => isKeyframed((layer as unknown as Record<string, unknown>)[name])) ||
    attachedTo(layer).some((one) => Object.values(one).some(isKeyframed));
