import { computed } from 'vue';
import { useComposition } from './composition';
import { useSelection } from './selection';

/** The first and the last frame on which any of what is selected is seen; null where nothing is, or too much is selected to say. */
export function useSeen() {
    const composition = useComposition();
    const selection = useSelection();

    return computed<[number, number] | null>(() => {
        const found = (composition.glimpse?.inspections ?? [])
            .filter((one) => selection.layers.includes(one.layer))
            .flatMap(({ seen }) => (seen ? [seen] : []));
        return found.length === 0
            ? null
            : [Math.min(...found.map(([first]) => first)), Math.max(...found.map(([, last]) => last))];
    });
}
