import { ref, type Ref } from 'vue';
import { useSelection, type SelectedBead } from '@/project/selection';

const THRESHOLD = 4;

interface Rectangle {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** Selects the beads that a rectangle drawn over the threads touches; with Shift, besides those selected before. */
export function useLasso(area: Ref<HTMLElement | null>) {
    const selection = useSelection();
    const rectangle = ref<Rectangle | null>(null);

    function touched(box: Rectangle): SelectedBead[] {
        const beads = [...(area.value?.querySelectorAll<HTMLElement>('[data-bead]') ?? [])];
        return beads.flatMap((bead) => {
            const { left, right, top, bottom } = bead.getBoundingClientRect();
            const outside =
                right < box.left || left > box.left + box.width || bottom < box.top || top > box.top + box.height;
            const { layer, property } = bead.dataset as { layer: string; property: string };
            return outside ? [] : [{ layer, property, frame: Number(bead.dataset.bead) }];
        });
    }

    function begin(down: PointerEvent): void {
        const before = down.shiftKey ? selection.beads : [];
        const move = (event: PointerEvent): void => {
            const box = {
                left: Math.min(down.clientX, event.clientX),
                top: Math.min(down.clientY, event.clientY),
                width: Math.abs(event.clientX - down.clientX),
                height: Math.abs(event.clientY - down.clientY),
            };
            if (rectangle.value || box.width > THRESHOLD || box.height > THRESHOLD) {
                rectangle.value = box;
                selection.beads = [...before, ...touched(box)];
            }
        };
        const up = (): void => {
            window.removeEventListener('pointermove', move);
            if (!rectangle.value && !down.shiftKey) {
                selection.beads = [];
            }
            rectangle.value = null;
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', up, { once: true });
    }

    return { rectangle, begin };
}
