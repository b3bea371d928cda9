import type { ArgumentsOf } from '@/api/edits';
import { computed, ref } from 'vue';
import type { Value } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { hasKeyframe, inUnitOf, measured, type Axis } from './properties';

/** Tries and sets a property of some layers, and puts keyframes of it at the playhead or takes them away. */
export function useValueEdits(of: {
    layers: () => string[];
    property: () => string;
    /** Null where layers differ in it. */
    value: () => Value | null;
}) {
    const composition = useComposition();
    const playhead = usePlayhead();
    const scopes = useScopes();
    const problem = ref<string | null>(null);
    const single = computed(() => measured(of.value()));

    function args(given: number | string | boolean, axis?: Axis): ArgumentsOf<'set-values'> {
        const [layers, property] = [of.layers(), of.property()];
        return {
            frame: playhead.frame,
            // Of several, each may be told otherwise only by itself.
            ...(layers.length === 1 ? { scope: scopes.scope(layers[0]!, property) } : {}),
            values: layers.map((layer) => ({
                layer,
                property,
                value: inUnitOf(given, single.value),
                ...(axis ? { axis } : {}),
            })),
        };
    }

    const attempt = (given: number | string, axis?: Axis): void =>
        void composition.attempt('set-values', args(given, axis), 'picture');

    async function set(given: number | string | boolean, axis?: Axis): Promise<void> {
        await playhead.there();
        problem.value = await composition.ask('set-values', args(given, axis));
    }

    function giveUp(): void {
        problem.value = null;
        composition.abandon();
    }

    /** Away where all of them have one here. */
    function toggleKeyframe(): void {
        const [layers, property, frame] = [of.layers(), of.property(), playhead.frame];
        const inspections = composition.glimpse?.inspections ?? [];
        const haveAll = layers.every((layer) =>
            hasKeyframe(
                inspections.find((one) => one.layer === layer),
                property,
                frame,
            ),
        );
        void (haveAll
            ? composition.edit('remove-keyframes', {
                  keyframes: layers.map((layer) => ({ layer, property, frames: [frame] })),
              })
            : composition.edit('add-keyframe', { layers, property, frame }));
    }

    return { problem, single, attempt, set, giveUp, toggleKeyframe };
}
