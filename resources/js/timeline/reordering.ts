import { ref, type Ref } from 'vue';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { usePlayhead } from '@/project/playhead';
import { useSelection } from '@/project/selection';
import type { LayerRow, Row } from './rows';
import { ROW_HEIGHT } from './timeView';

const count = <T>(items: T[], is: (item: T) => boolean): number => items.filter(is).length;

/** Drags a layer's name up or down to its new place in the stack. */
export function useReordering(rows: Ref<Row[]>) {
    const composition = useComposition();
    const selection = useSelection();
    const groups = useGroups();
    const playhead = usePlayhead();
    /** The layer on its way, and how many rows it is from its own. */
    const moving = ref<{ layer: string; by: number } | null>(null);

    function drop(layer: string, by: number): void {
        const chosen = selection.layers.includes(layer) ? selection.layers : [layer];
        const moved = new Set(groups.withAll(chosen).map((one) => one.id));
        // What goes along in a group takes no place of its own.
        const isPlace = (row: Row): row is LayerRow =>
            row.kind === 'layer' && (!moved.has(row.key) || chosen.includes(row.key));
        const from = rows.value.findIndex((row) => row.key === layer);
        const at = Math.max(0, Math.min(rows.value.length - 1, from + by));
        // The one that is pulled comes to lie where it was let go; those that go with it stay right around it.
        const landing =
            by < 0 ? count(rows.value.slice(0, at), isPlace) : count(rows.value.slice(0, at + 1), isPlace) - 1;
        if (landing === count(rows.value.slice(0, from), isPlace)) {
            return;
        }
        const before = count(rows.value.slice(0, from), (row) => isPlace(row) && moved.has(row.key));
        const stays = rows.value.filter(isPlace).filter((row) => !moved.has(row.key));
        const top = Math.max(0, Math.min(stays.length, landing - before));
        const [above, beneath] = [stays[top - 1]?.key, stays[top]?.key];
        if (above || beneath) {
            void composition.edit('reorder-layer', {
                layer,
                with: chosen.filter((one) => one !== layer),
                ...(above && { above }),
                ...(beneath && { beneath }),
                frame: playhead.frame,
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
