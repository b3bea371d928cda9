import { useVocabulary } from '@/project/vocabulary';
import { computed, ref, watch, type Ref } from 'vue';
import type { Corner, Pose } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import { inside } from './hit';

const NEW_WORDS = { kind: 'text', text: 'Words', name: 'Words', typeSize: 96, align: 'centre' };

/** Words that are typed where they stand in the picture. */
export function useWriting(poses: Ref<Pose[]>) {
    const vocabulary = useVocabulary();
    const adding = useAdding();
    const composition = useComposition();
    const selection = useSelection();
    const layerId = ref<string | null>(null);

    const subject = computed(() => {
        const layer = layerId.value === null ? undefined : composition.layer(layerId.value);
        const pose = poses.value.find((one) => one.layer === layerId.value);
        return layer?.kind === 'text' && pose ? { layer, pose } : null;
    });

    /** Puts new words into the picture and begins to edit them. */
    const write = (position?: Corner): Promise<void> => adding.add(NEW_WORDS, { position });

    watch(
        () => adding.fresh,
        (id) => {
            if (id !== null) {
                layerId.value = id;
                adding.fresh = null;
            }
        },
    );

    /** Edits the words at a place in composition pixels; where there are none, it writes new ones. */
    async function writeAt(at: Corner): Promise<void> {
        const pose = poses.value.findLast(
            (one) => one.seen && inside(at, one.corners) && vocabulary.can(composition.layer(one.layer), 'written'),
        );
        if (pose) {
            selection.select(pose.layer);
            layerId.value = pose.layer;
        } else if (composition.layers.length > 0) {
            await write([Math.round(at[0]), Math.round(at[1])]);
        }
    }

    const done = (): void => void (layerId.value = null);

    return { subject, write, writeAt, done };
}
