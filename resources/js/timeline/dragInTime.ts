import { ref, watch } from 'vue';
import type { EditRequest } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import { MOVED } from '@/shell/pointer';
import { useTimeView } from './timeView';

const THRESHOLD = 3;
/** How near, in pixels, a mark draws in. */
const NEAR = 6;

export interface DragInTime {
    /** The edit for a distance in frames. */
    request: (by: number) => EditRequest;
    /** Whether the edit lets itself be drawn in. */
    isDrawnIn?: boolean;
    /** Is told how far it went; 0 when the drag is given up. */
    moved?: (by: number) => void;
    /** What happens where the pointer is let go without having moved. */
    clicked?: () => void;
}

/** Drags something along the timeline; what it comes near to draws it in, unless Alt is held. */
export function useDragInTime() {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();
    const view = useTimeView();
    const dragging = ref(false);

    function begin(down: PointerEvent, { request, moved, clicked, isDrawnIn = true }: DragInTime): void {
        const keyframesOf = [...selection.layers];
        let latest: EditRequest | null = null;
        const unwatch = watch(
            () => composition.by,
            (by) => dragging.value && by !== null && moved?.(by),
        );
        const onMove = (event: PointerEvent): void => {
            const px = event.clientX - down.clientX;
            if (!dragging.value && Math.abs(px) < THRESHOLD) {
                return;
            }
            dragging.value = true;
            const within = event.altKey ? 0 : NEAR / view.perFrame.value;
            const { edit, args } = request(px / view.perFrame.value);
            const snap = { within, playhead: playhead.frame, ...(keyframesOf.length > 0 && { keyframesOf }) };
            latest = { edit, args: isDrawnIn ? { ...args, snap } : args } as EditRequest;
            void composition.attempt(latest.edit, latest.args);
        };
        const finish = (): void => {
            window.removeEventListener(MOVED, onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
        };
        const onUp = async (): Promise<void> => {
            finish();
            if (latest === null) {
                clicked?.();
            }
            if (latest !== null && (await composition.edit(latest.edit, latest.args))) {
                moved?.(composition.by ?? 0);
            } else {
                composition.abandon();
            }
            dragging.value = false;
            unwatch();
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
                unwatch();
                dragging.value = false;
                moved?.(0);
                composition.abandon();
            }
        };
        // On the window: what is dragged may be drawn anew on the way.
        window.addEventListener(MOVED, onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('keydown', onKey, true);
    }

    return { dragging, begin };
}
