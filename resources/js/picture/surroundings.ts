import { watchDebounced } from '@vueuse/core';
import { shallowRef } from 'vue';
import { get } from '@/api/client';
import type { DisplayList } from '@/api/displayList.gen';
import { usePlayhead } from '@/project/playhead';
import { useWithin } from '@/project/within';
import { useViewSettings } from './viewSettings';
import { usePaths } from './paths';

/** How long, in milliseconds, the playhead rests before what lies around is asked for anew. */
const RESTING = 120;

/** What lies around the open bundle in the composition through which it was entered; null where there is none. */
export function useSurroundings() {
    const looking = useViewSettings();
    const playhead = usePlayhead();
    const within = useWithin();
    const list = shallowRef<DisplayList | null>(null);
    let asked = 0;

    async function ask(): Promise<void> {
        const own = ++asked;
        const { entered } = within;
        if (!entered || !looking.surroundings) {
            list.value = null;
            return;
        }
        try {
            const answer = await get<{ list: DisplayList }>(`/compositions/${entered.composition}/surroundings`, {
                layer: entered.layer,
                // As long after it was entered there as in here.
                frame: entered.frame + playhead.frame - entered.inside,
            });
            if (own === asked) {
                usePaths().learn(answer.list.paths);
                list.value = answer.list;
            }
        } catch {
            // The bundle may be gone; what is worked on is there all the same.
            list.value = null;
        }
    }

    watchDebounced(
        [() => within.entered, () => looking.surroundings, () => playhead.frame, () => playhead.playing],
        () => {
            if (!playhead.playing) {
                void ask();
            }
        },
        { debounce: RESTING, immediate: true },
    );
    return list;
}
