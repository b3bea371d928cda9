import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed } from 'vue';

/** How loud this window plays; what is rendered is as loud as ever. */
export const useListening = defineStore('listening', () => {
    /** In per cent. */
    const level = useLocalStorage('ricamo.listening', 100);
    const silent = useLocalStorage('ricamo.silent', false);
    /** By what all that is heard is multiplied. */
    const volume = computed(() => (silent.value ? 0 : Math.max(0, Math.min(100, level.value)) / 100));

    return { level, silent, volume };
});
