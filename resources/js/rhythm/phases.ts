import { isBundle } from '@/project/playing';
import { computed } from 'vue';
import type { ChosenMove, Layer, Phase } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePreferences } from '@/project/preferences';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';

/** What is to become of an arrival or a leaving; null for none. */
type Wanted = object | null;

export type Side = 'arrive' | 'leave';

/** How the layer that was selected last comes and goes; what is set is set for all that are selected. */
export function usePhases() {
    const composition = useComposition();
    const selection = useSelection();
    const vocabulary = useVocabulary();
    const preferences = usePreferences();

    const layer = computed<Layer | undefined>(() => {
        // Of the document: what is tried while the pointer rests on a move is not what is chosen.
        const found = (composition.document?.layers as Layer[] | undefined)?.find(
            (one) => one.id === selection.layers.at(-1),
        );
        return vocabulary.can(found, 'seen') || vocabulary.can(found, 'looks') ? found : undefined;
    });
    /** Whether it is a camera, which has moves and accents of its own. */
    const films = computed(() => vocabulary.can(layer.value, 'looks'));
    const life = computed(
        () => composition.glimpse?.inspections.find((one) => one.layer === layer.value?.id)?.life ?? null,
    );
    const mirrors = computed(
        () =>
            (!!layer.value?.leave && 'mirror' in layer.value.leave) ||
            (!!layer.value && isBundle(layer.value) && !!layer.value.mirrors),
    );
    const phase = (side: Side): Phase | null => {
        const found = layer.value?.[side];
        return found && 'moves' in found ? (found as unknown as Phase) : null;
    };
    const title = (move: string): string => vocabulary.words.moves.find((one) => one.name === move)?.title ?? move;
    const edit = (side: Side): 'set-arrival' | 'set-leaving' => (side === 'arrive' ? 'set-arrival' : 'set-leaving');
    const args = (phase: Wanted) => ({ layers: selection.layers, ...(phase && { phase }) });

    /** The same moves with some of it changed; its own length stays when another move is chosen. */
    function changed(side: Side, change: Partial<Phase>): object {
        const now = phase(side);
        return { ...(now && { length: now.length, easing: now.easing, moves: now.moves }), ...change };
    }

    /** With a move in the place of the first, or besides those that are there. */
    function choosing(side: Side, move: string, besides: boolean): object {
        const now = phase(side);
        const chosen = { move } as ChosenMove;
        return besides && now
            ? changed(side, { moves: [...now.moves, chosen] })
            : { ...(now && { length: now.length }), moves: [chosen] };
    }

    function set(side: Side, phase: Wanted): Promise<string | null> {
        if (phase && 'moves' in phase && !films.value) {
            preferences.preferred = { moves: phase.moves };
        }
        return composition.ask(edit(side), args(phase));
    }

    return { layer, films, life, mirrors, phase, title, edit, args, changed, choosing, set };
}
