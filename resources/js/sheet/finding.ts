import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { PropertyDefinition, PropertyState } from '@/api/answers';

/** Which of a layer's values are looked for in the Sheet. */
export const useFinding = defineStore('finding', () => {
    const text = ref('');
    const animatedOnly = ref(false);

    const isOn = computed(() => text.value.trim() !== '' || animatedOnly.value);

    function matches(definition: PropertyDefinition, state: PropertyState | undefined): boolean {
        const wanted = text.value.trim().toLocaleLowerCase();
        return (
            (wanted === '' || definition.title.toLocaleLowerCase().includes(wanted)) &&
            (!animatedOnly.value || state?.animated === true)
        );
    }

    return { text, animatedOnly, isOn, matches };
});
