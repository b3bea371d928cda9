import { computed, ref } from 'vue';
import type { Layer, PropertyDefinition, PropertyState, Thread } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import { isAnimated } from '@/sheet/properties';

export interface LayerRow {
    kind: 'layer';
    key: string;
    layer: Layer;
    selected: boolean;
    animated: boolean;
    /** How many groups it is in. */
    depth: number;
}

export interface PropertyRow {
    kind: 'property';
    key: string;
    layer: Layer;
    definition: PropertyDefinition;
    state: PropertyState | undefined;
    thread: Thread | undefined;
}

export type Row = LayerRow | PropertyRow;

/** The timeline's rows from top to bottom: the topmost layer first, what is in a group beneath it, and beneath a selected layer its threads. */
export function useRows() {
    const composition = useComposition();
    const selection = useSelection();
    const vocabulary = useVocabulary();
    const groups = useGroups();
    /** Whether selected layers show every property, or only those that are animated. */
    const showAll = ref(false);

    function animated(layer: Layer): boolean {
        return isAnimated(
            layer,
            vocabulary.propertiesOf(layer).map(({ name }) => name),
        );
    }

    function propertiesOf(layer: Layer): PropertyRow[] {
        const inspection = composition.glimpse?.inspections.find((one) => one.layer === layer.id);
        if (!inspection) {
            return [];
        }
        return [...vocabulary.propertiesOf(layer), ...inspection.attached]
            .map((definition) => ({
                kind: 'property' as const,
                key: `${layer.id} ${definition.name}`,
                layer,
                definition,
                state: inspection.values[definition.name],
                thread: inspection.threads.find((one) => one.property === definition.name),
            }))
            .filter((row) => row.thread || showAll.value);
    }

    const rows = computed<Row[]>(() => {
        const selected = new Set(selection.layers);
        return composition.layers.toReversed().flatMap((layer): Row[] => {
            const above = groups.above(layer.id);
            return above.some(groups.isFolded)
                ? []
                : [
                      {
                          kind: 'layer',
                          key: layer.id,
                          layer,
                          selected: selected.has(layer.id),
                          animated: animated(layer),
                          depth: above.length,
                      },
                      ...(selected.has(layer.id) ? propertiesOf(layer) : []),
                  ];
        });
    });

    function toggleAll(layer: Layer): void {
        showAll.value = selection.layers.includes(layer.id) ? !showAll.value : true;
        selection.select(layer.id);
    }

    return { rows, showAll, toggleAll };
}
