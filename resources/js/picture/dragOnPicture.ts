import type { EditCall } from '@/api/edits';
import type { Corner } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { MOVED } from '@/shell/pointer';
import type { PictureView } from './view';

/** A pointer that goes this far, in screen pixels, drags; less is a click. */
const THRESHOLD = 3;

/** Drags something that is drawn over the picture; Escape gives it up. */
export function useDragOnPicture(view: PictureView) {
    const composition = useComposition();

    /** @param request the edit that is asked for, by how far it was dragged in composition pixels */
    return (down: PointerEvent, request: (by: Corner, event: PointerEvent) => EditCall, clicked?: () => void): void => {
        const { scale } = view.view.value;
        let latest: EditCall | null = null;
        const onMove = (event: PointerEvent): void => {
            const [dx, dy] = [event.clientX - down.clientX, event.clientY - down.clientY];
            if (latest || Math.hypot(dx, dy) > THRESHOLD) {
                latest = request([dx / scale, dy / scale], event);
                void composition.attempt(latest[0], latest[1], 'picture');
            }
        };
        const finish = (): void => {
            window.removeEventListener(MOVED, onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
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
