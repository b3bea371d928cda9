import { ref } from 'vue';
import { MOVED } from '@/shell/pointer';

/** Keeps a number within a range whose ends may be open. */
export const within = (value: number, least?: number | null, most?: number | null): number =>
    Math.max(least ?? -Infinity, Math.min(most ?? Infinity, value));

/** Changes a number by dragging sideways: Shift coarser, Alt finer. */
export function useScrub(options: {
    value: () => number;
    step: () => number;
    /** The range it stays in. */
    bounded: (value: number) => number;
    attempt: (value: number) => void;
    set: (value: number) => void;
}) {
    const scrubbed = ref<number | null>(null);
    const round = (value: number): number => Math.round(value * 100) / 100;

    function begin(down: PointerEvent): void {
        const handle = down.currentTarget as HTMLElement;
        const from = options.value();
        let last = down.clientX;
        let total = 0;
        handle.setPointerCapture(down.pointerId);
        const move = (event: PointerEvent): void => {
            total += (event.clientX - last) * options.step() * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
            last = event.clientX;
            const value = options.bounded(round(from + (event.altKey ? total : Math.round(total))));
            if (value !== (scrubbed.value ?? from)) {
                scrubbed.value = value;
                options.attempt(value);
            }
        };
        const end = (): void => {
            handle.removeEventListener(MOVED, move);
            handle.removeEventListener('pointerup', end);
            if (scrubbed.value !== null) {
                options.set(scrubbed.value);
                scrubbed.value = null;
            }
        };
        handle.addEventListener(MOVED, move);
        handle.addEventListener('pointerup', end);
    }

    return { scrubbed, begin, round };
}
