import type { EditCall } from '@/api/edits';
import type { Corner } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { MOVED } from '@/shell/pointer';
import type { PictureView } from './view';

/** A guide draws in from so many screen pixels. */
export const SNAP = 6;

/** A pointer that goes this far, in screen pixels, drags; less is a click. */
const THRESHOLD = 3;

/** Drags something that is drawn over the picture; Escape gives it up. */
export function useDragOnPicture(view: PictureView) {
    const composition = useComposition();

    /**
     * @param request the edit that is asked for, by how far it was dragged in composition pixels
     * @param held what is dragged, where guides are shown for it
     */
    return (
        down: PointerEvent,
        request: (by: Corner, event: PointerEvent) => EditCall,
        { clicked, held }: { clicked?: () => void; held?: { layer: string; part: string } } = {},
    ): void => {
        const { scale } = view.view.value;
        let latest: EditCall | null = null;
        const onMove = (event: PointerEvent): void => {
            const [dx, dy] = [event.clientX - down.clientX, event.clientY - down.clientY];
            if (latest || Math.hypot(dx, dy) > THRESHOLD) {
                composition.held = held ?? null;
                latest = request([dx / scale, dy / scale], event);
                void composition.attempt(latest[0], latest[1], 'picture');
            }
        };
        const finish = (): void => {
            window.removeEventListener(MOVED, onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
            composition.held = null;
        };
        const onUp = (): void => {
            finish();
            if (latest) {
                void composition.edit(latest[0], latest[1]);
            } else {
                clicked?.();
            }
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
                composition.abandon();
            }
        };
        window.addEventListener(MOVED, onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('keydown', onKey, true);
    };
}
