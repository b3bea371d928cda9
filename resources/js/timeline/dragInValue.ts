import { useComposition } from '@/project/composition';

/** Drags keyframes up and down in an open thread: their values change by as much each. */
export function useDragInValue() {
    const composition = useComposition();

    /** @param args of the edit, for a distance upwards in pixels */
    function begin(down: PointerEvent, args: (up: number) => object): void {
        let latest: object | null = null;
        const onMove = (event: PointerEvent): void => {
            latest = args(down.clientY - event.clientY);
            void composition.attempt('shift-values', latest);
        };
        const finish = (): void => {
            window.removeEventListener('pointermove', onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('keydown', onKey, true);
        };
        const onUp = (): void => {
            finish();
            if (latest) {
                void composition.edit('shift-values', latest);
            }
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
                composition.abandon();
            }
        };
        window.addEventListener('pointermove', onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('keydown', onKey, true);
    }

    return { begin };
}
