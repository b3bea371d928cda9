import { useElementSize } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';

/** Rows that are made beyond both edges, so that a fast scroll finds them there. */
const BEYOND = 6;

/** A place for a row in what is scrolled. */
export interface Slot<Row> {
    /** It stays while other rows come into it, so that they are changed rather than made anew. */
    slot: number;
    row: Row;
    top: number;
}

/**
 * Those of many rows that are seen. As many places as fit take turns: the row that comes in at one edge takes the place
 * of the one that went out at the other.
 *
 * @param lowest the height of the lowest row, in pixels
 */
export function useRowWindow<Row>(rows: Ref<Row[]>, heightOf: (row: Row) => number, lowest: number) {
    const body = ref<HTMLElement | null>(null);
    const { height } = useElementSize(body);
    const scrolled = ref(0);

    /** Where each row begins, and where the last one ends. */
    const tops = computed(() => {
        const tops = [0];
        for (const row of rows.value) {
            tops.push(tops[tops.length - 1]! + heightOf(row));
        }
        return tops;
    });
    const total = computed(() => tops.value[rows.value.length]!);

    /** The row that lies at a height. */
    function rowAt(y: number): number {
        let [low, high] = [0, rows.value.length];
        while (low < high) {
            const middle = (low + high) >> 1;
            if (tops.value[middle + 1]! <= y) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    const places = computed(() => Math.ceil(height.value / lowest) + 1 + 2 * BEYOND);
    const first = computed(() =>
        Math.max(0, Math.min(rowAt(scrolled.value) - BEYOND, rows.value.length - places.value)),
    );
    const slots = computed<Slot<Row>[]>(() => {
        const count = places.value;
        return rows.value
            .slice(first.value, first.value + count)
            .map((row, at) => ({ slot: (first.value + at) % count, row, top: tops.value[first.value + at]! }))
            .sort((a, b) => a.slot - b.slot);
    });

    function onScroll(): void {
        scrolled.value = body.value?.scrollTop ?? 0;
    }

    /** Brings a row to the upper edge, if it is not wholly seen. */
    function show(index: number): void {
        const element = body.value;
        const [top, bottom] = [tops.value[index], tops.value[index + 1]];
        if (
            element &&
            top !== undefined &&
            bottom !== undefined &&
            (top < element.scrollTop || bottom > element.scrollTop + element.clientHeight)
        ) {
            element.scrollTop = top;
            onScroll();
        }
    }

    return { body, slots, total, onScroll, show };
}
