import { ref } from 'vue';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useTimeView } from './timeView';

const THRESHOLD = 3;
const SNAP = 6;

export interface DragInTime {
    /** The layer whose own ends do not draw it in. */
    except: string;
    /** What may meet a mark. */
    frames: number[];
    /** The edit for a distance in frames. */
    request: (by: number) => { edit: string; args: object };
    /** Is told how far it is from where it was; 0 when the drag is given up. */
    moved?: (by: number) => void;
}

/** Drags something along the timeline in whole frames; what it comes near to draws it in, unless Alt is held. */
export function useDragInTime() {
    const composition = useComposition();
    const playhead = usePlayhead();
    const view = useTimeView();
    const dragging = ref(false);

    function marks(except: string): number[] {
        const edges = composition.layers.filter((one) => one.id !== except).flatMap((one) => [one.in, one.out]);
        return [0, playhead.length, playhead.frame, ...edges];
    }

    /** How far to go so that one of these frames meets a mark, or just as far as the pointer. */
    function snapped(by: number, frames: number[], except: string): number {
        let best = Math.round(by);
        let nearest = SNAP / view.perFrame.value;
        for (const frame of frames) {
            for (const mark of marks(except)) {
                const distance = Math.abs(frame + by - mark);
                if (distance < nearest) {
                    nearest = distance;
                    best = mark - frame;
                }
            }
        }
        return best;
    }

    function begin(down: PointerEvent, { except, frames, request, moved }: DragInTime): void {
        let by = 0;
        const onMove = (event: PointerEvent): void => {
            const px = event.clientX - down.clientX;
            if (!dragging.value && Math.abs(px) < THRESHOLD) {
                return;
            }
            dragging.value = true;
            const raw = px / view.perFrame.value;
            const next = event.altKey ? Math.round(raw) : snapped(raw, frames, except);
            if (next !== by) {
                by = next;
                moved?.(by);
                const { edit, args } = request(by);
                void composition.attempt(edit, args);
            }
        };
        const finish = (): void => {
            window.removeEventListener('pointermove', onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
            dragging.value = false;
        };
        const onUp = (): void => {
            finish();
            if (by !== 0) {
                const { edit, args } = request(by);
                void composition.edit(edit, args);
            } else {
                composition.abandon();
            }
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
                moved?.(0);
                composition.abandon();
            }
        };
        // On the window: what is dragged may be drawn anew on the way.
        window.addEventListener('pointermove', onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('keydown', onKey, true);
    }

    return { dragging, begin };
}
