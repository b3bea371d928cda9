import { ref, type Ref } from 'vue';
import { useSelection, type SelectedBead } from '@/project/selection';

const THRESHOLD = 4;

interface Rectangle {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** Selects the beads, or the layers, that a rectangle drawn over them touches; with Shift, besides those selected before. */
export function useLasso(area: Ref<HTMLElement | null>) {
    const selection = useSelection();
    const rectangle = ref<Rectangle | null>(null);

    function touches(element: HTMLElement, box: Rectangle): boolean {
        const { left, right, top, bottom } = element.getBoundingClientRect();
        return right >= box.left && left <= box.left + box.width && bottom >= box.top && top <= box.top + box.height;
    }

    function touched(box: Rectangle): SelectedBead[] {
        const beads = [...(area.value?.querySelectorAll<HTMLElement>('[data-bead]') ?? [])];
        return beads.flatMap((bead) => {
            const { layer, property } = bead.dataset as { layer: string; property: string };
            return !touches(bead, box) ? [] : [{ layer, property, frame: Number(bead.dataset.bead) }];
        });
    }

    function layersIn(box: Rectangle): string[] {
        const bands = [...(area.value?.querySelectorAll<HTMLElement>('[data-band]') ?? [])];
        return bands.filter((band) => touches(band, box)).map((band) => band.dataset.band!);
    }

    function begin(down: PointerEvent, over: 'beads' | 'bands' = 'beads'): void {
        const before = down.shiftKey ? selection.beads : [];
        const layersBefore = down.shiftKey ? selection.layers : [];
        const move = (event: PointerEvent): void => {
            const box = {
                left: Math.min(down.clientX, event.clientX),
                top: Math.min(down.clientY, event.clientY),
                width: Math.abs(event.clientX - down.clientX),
                height: Math.abs(event.clientY - down.clientY),
            };
            if (rectangle.value || box.width > THRESHOLD || box.height > THRESHOLD) {
                rectangle.value = box;
                if (over === 'beads') {
                    selection.beads = [...before, ...touched(box)];
                } else {
                    selection.layers = [...new Set([...layersBefore, ...layersIn(box)])];
                }
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
