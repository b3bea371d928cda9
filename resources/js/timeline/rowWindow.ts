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
 * Gives rows their places: a row that is still seen keeps its own, whatever else comes or goes, so that nobody presses
 * the pointer on one row and lets go on another; a row that comes in takes one that has become free.
 */
function takePlaces(taken: Map<string, number>, keys: string[]): Map<string, number> {
    const next = new Map<string, number>();
    for (const key of keys) {
        const place = taken.get(key);
        if (place !== undefined) {
            next.set(key, place);
        }
    }
    const kept = new Set(next.values());
    let free = 0;
    for (const key of keys.filter((one) => !next.has(one))) {
        while (kept.has(free)) {
            free++;
        }
        next.set(key, free++);
    }
    return next;
}

/**
 * Those of many rows that are seen. As many places as fit take turns: the row that comes in at one edge takes the place
 * of the one that went out at the other.
 *
 * @param lowest the height of the lowest row, in pixels
 */
export function useRowWindow<Row extends { key: string }>(
    rows: Ref<Row[]>,
    heightOf: (row: Row) => number,
    lowest: number,
) {
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
    let taken = new Map<string, number>();
    const slots = computed<Slot<Row>[]>(() => {
        const seen = rows.value.slice(first.value, first.value + places.value);
        taken = takePlaces(
            taken,
            seen.map(({ key }) => key),
        );
        return seen.map((row, at) => ({ slot: taken.get(row.key)!, row, top: tops.value[first.value + at]! }));
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
