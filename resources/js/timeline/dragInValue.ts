import type { EditCall } from '@/api/edits';
import { useComposition } from '@/project/composition';
import { MOVED } from '@/shell/pointer';

/** Drags something in an open thread: what it does is tried all along, and done when it is let go. */
export function useDragInValue() {
    const composition = useComposition();

    /**
     * @param request the edit, for where the pointer is
     * @param ended when it is let go, or given up
     */
    function begin(request: (event: PointerEvent) => EditCall, ended?: () => void): void {
        let latest: EditCall | null = null;
        const onMove = (event: PointerEvent): void => {
            latest = request(event);
            void composition.attempt(latest[0], latest[1]);
        };
        const finish = (): void => {
            window.removeEventListener(MOVED, onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
        };
        const onUp = async (): Promise<void> => {
            finish();
            if (latest) {
                await composition.edit(latest[0], latest[1]);
            }
            ended?.();
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
                composition.abandon();
                ended?.();
            }
        };
        window.addEventListener(MOVED, onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('keydown', onKey, true);
    }

    return { begin };
}
