import { useDocumentVisibility, useEventListener, useIntervalFn } from '@vueuse/core';
import { watch } from 'vue';
import { useComposition } from './composition';

const EVERY = 4000;

/** Keeps up with what other windows do to the open composition: at once in this browser, soon in any other. */
export function useFollowing(): void {
    const composition = useComposition();
    const visibility = useDocumentVisibility();
    const channel = new BroadcastChannel('ricamo');

    watch(
        () => composition.revision,
        () => channel.postMessage({ id: composition.id, revision: composition.revision }),
    );
    useEventListener(channel, 'message', (event: MessageEvent<{ id: number; revision: number }>) => {
        if (event.data.id === composition.id && event.data.revision > composition.revision) {
            void composition.follow();
        }
    });
    useEventListener(window, 'pagehide', () => channel.close());

    useIntervalFn(() => {
        if (composition.id && visibility.value === 'visible' && composition.saved === 'saved') {
            void composition.follow();
        }
    }, EVERY);
}
