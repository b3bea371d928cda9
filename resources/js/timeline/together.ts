import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Which other threads are seen in a thread that is opened tall, until the page is left. */
export const useTogether = defineStore('together', () => {
    /** The names of their properties, by the key of the row. */
    const shown = ref<Record<string, string[]>>({});

    const isShown = (row: string, property: string): boolean => shown.value[row]?.includes(property) ?? false;

    function toggle(row: string, property: string): void {
        const others = (shown.value[row] ?? []).filter((one) => one !== property);
        shown.value = { ...shown.value, [row]: isShown(row, property) ? others : [...others, property] };
    }

    return { isShown, toggle };
});
