import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { Corner } from '@/api/answers';

/** A closed form that is being drawn in the picture, point by point. */
export const useDrawing = defineStore('drawing', () => {
    const finish = shallowRef<((points: Corner[] | null) => void) | null>(null);
    /** In composition pixels. */
    const points = ref<Corner[]>([]);
    const active = computed(() => finish.value !== null);

    /** @returns the points that were drawn, or null where it is given up */
    function draw(): Promise<Corner[] | null> {
        finish.value?.(null);
        points.value = [];
        return new Promise((resolve) => {
            finish.value = (drawn) => {
                finish.value = null;
                resolve(drawn);
            };
        });
    }

    return { active, points, finish, draw };
});
