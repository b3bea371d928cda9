import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { isApart } from '@/sheet/properties';
import type { Ability, Layer, PropertyDefinition, Vocabulary } from '@/api/answers';
import { get } from '@/api/client';

/** Until it has been asked for, nothing is known of any kind of layer. */
const none = <T>() => ({}) as Record<Layer['kind'], T[]>;

/** What there is to choose from, asked for once. */
export const useVocabulary = defineStore('vocabulary', () => {
    const words = shallowRef<Vocabulary>({
        abilities: none(),
        sections: [],
        parts: [],
        effects: [],
        blends: [],
        formats: [],
        properties: none(),
        fonts: [],
        languages: [],
        labels: [],
        safe: [],
        cores: 1,
        easings: [],
        moves: [],
        accents: [],
        cascades: [],
        units: none(),
        orders: [],
        features: [],
        forms: [],
        caps: [],
        marks: [],
        brushes: [],
        lightSources: [],
        patchForms: [],
    });

    async function load(): Promise<void> {
        words.value = await get<Vocabulary>('/vocabulary');
    }

    const definition = (kind: keyof Vocabulary['properties'], property: string): PropertyDefinition | undefined =>
        words.value.properties[kind]?.find((one) => one.name === property);

    /** What a layer has by its kind: its place is one path, or x and y by themselves. */
    const propertiesOf = (layer: Layer): PropertyDefinition[] => {
        const other = isApart(layer) ? ['position'] : ['x', 'y'];
        return (words.value.properties[layer.kind] ?? []).filter(({ name }) => !other.includes(name));
    };

    const can = (layer: Layer | undefined, what: Ability): boolean =>
        layer !== undefined && !!words.value.abilities[layer.kind]?.includes(what);

    const section = (name: string): Vocabulary['sections'][number] | undefined =>
        words.value.sections.find((one) => one.name === name);

    return { words, load, definition, propertiesOf, can, section };
});
