import { ref, type Ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import type { Row } from './rows';
import { ROW_HEIGHT } from './timeView';

/** Drags a layer's name up or down to its new place in the stack. */
export function useReordering(rows: Ref<Row[]>) {
    const composition = useComposition();
    const selection = useSelection();
    /** The layer on its way, and how many rows it is from its own. */
    const moving = ref<{ layer: string; by: number } | null>(null);

    /** How many places in the stack lie between two rows; threads are not places. */
    function placesBetween(from: number, to: number): number {
        const passed = rows.value.slice(Math.min(from, to), Math.max(from, to) + 1);
        return passed.filter((row) => row.kind === 'layer').length - 1;
    }

    function drop(layer: string, by: number): void {
        const from = rows.value.findIndex((row) => row.key === layer);
        const to = Math.max(0, Math.min(rows.value.length - 1, from + by));
        const index = composition.layers.findIndex((one) => one.id === layer);
        const place = index + (by < 0 ? 1 : -1) * Math.max(0, placesBetween(from, to));
        const bounded = Math.max(0, Math.min(composition.layers.length - 1, place));
        if (bounded !== index) {
            const others = selection.layers.includes(layer) ? selection.layers.filter((one) => one !== layer) : [];
            void composition.edit('reorder-layer', {
                layer,
                ...(others.length > 0 && { with: others }),
                to: bounded,
            });
        }
    }

    function begin(layer: string, down: PointerEvent): void {
        const move = (event: PointerEvent): void => {
            const by = Math.round((event.clientY - down.clientY) / ROW_HEIGHT);
            moving.value = by === 0 ? null : { by, layer };
        };
        const finish = (): void => {
            window.removeEventListener('pointermove', move);
            window.removeEventListener('pointerup', up);
            window.removeEventListener('keydown', onKey, true);
            moving.value = null;
        };
        const up = (): void => {
            const wanted = moving.value;
            finish();
            if (wanted) {
                drop(wanted.layer, wanted.by);
            }
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                finish();
            }
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', up);
        window.addEventListener('keydown', onKey, true);
    }

    return { moving, begin };
}
