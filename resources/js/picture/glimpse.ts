import { watch } from 'vue';
import type { Glimpse } from '@/api/answers';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { useVantage } from './vantage';

/** Keeps the glimpse in step with the playhead and the selection; while one is on its way, only the latest waits. */
export function useGlimpse(): void {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    const vantage = useVantage();
    let asking = false;
    let stale = false;

    async function ask(): Promise<void> {
        if (asking) {
            stale = true;
            return;
        }
        asking = true;
        do {
            stale = false;
            try {
                const answer = await get<{ revision: number; glimpse: Glimpse }>(
                    `/compositions/${composition.id}/glimpse`,
                    {
                        frame: playhead.frame,
                        layers: selection.inspected.join(','),
                        ...(composition.through && { through: composition.through }),
                        ...(vantage.asked && { vantage: JSON.stringify(vantage.asked) }),
                    },
                );
                if (answer.revision === composition.revision && !composition.draft) {
                    composition.receive(answer.glimpse);
                }
            } catch (error) {
                composition.problem = (error as Error).message;
            }
        } while (stale);
        asking = false;
    }

    watch(
        () =>
            [
                composition.id,
                playhead.frame,
                playhead.playing,
                selection.inspected.join(','),
                composition.through,
                composition.stale,
                JSON.stringify(vantage.asked),
            ].join(' '),
        () => {
            if (composition.id && !playhead.playing) {
                void ask();
            }
        },
        { immediate: true },
    );
    watch(
        () => composition.glimpse,
        (glimpse) => glimpse && !composition.draft && selection.keepBeads(glimpse.inspections),
    );
    watch(
        () => composition.layers,
        (layers) => selection.keepOnly(layers.map((layer) => layer.id)),
    );
}
