import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref } from 'vue';

export const DRAWERS = ['media', 'words', 'shapes', 'bundles', 'transitions', 'looks', 'shelf'] as const;

/** Which drawer of the Kit is open, and what is looked for in all of them. */
export const useKit = defineStore('kit', () => {
    const drawer = useLocalStorage<(typeof DRAWERS)[number]>('ricamo.kit', 'media');
    const search = ref('');

    const matches = (name: string): boolean =>
        name.toLocaleLowerCase().includes(search.value.trim().toLocaleLowerCase());

    return { drawer, search, matches };
});
