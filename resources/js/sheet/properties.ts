import type { Inspection, PropertyDefinition } from '@/api/answers';

/** Along which axis one number of a pair lies. */
export type Axis = 'x' | 'y';

/** Pixels go without saying. */
export const unitOf = (definition: PropertyDefinition): string | undefined =>
    definition.unit === 'px' || definition.unit === '' ? undefined : definition.unit;

export const isPair = (definition: PropertyDefinition): boolean => definition.axes.length === 2;

/** The properties of a kind of layer, in the sections and the order in which they are defined. */
export function sectionsOf(definitions: PropertyDefinition[]): [string, PropertyDefinition[]][] {
    const sections = new Map<string, PropertyDefinition[]>();
    for (const definition of definitions) {
        sections.set(definition.section, [...(sections.get(definition.section) ?? []), definition]);
    }
    return [...sections];
}

/**
 * Whether a layer has a keyframe of a property on a frame. Asked of its threads, which hold all of them: what is told of
 * values is of the frame that was shown last, which may be another one by now.
 */
export const hasKeyframe = (inspection: Inspection | undefined, property: string, frame: number): boolean =>
    inspection?.threads.find((one) => one.property === property)?.beads.some((bead) => bead.frame === frame) ?? false;
