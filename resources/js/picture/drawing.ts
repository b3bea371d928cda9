import { defineStore } from 'pinia';
import { computed, reactive, ref, shallowRef } from 'vue';
import type { Corner } from '@/api/answers';

/** A point that was set with the pen, with the handle that was pulled out of it, in composition pixels. */
export interface PenPoint {
    at: Corner;
    out?: Corner;
}

const text = ([x, y]: Corner): string => `${Math.round(x * 100) / 100} ${Math.round(y * 100) / 100}`;
const across = ({ at, out }: PenPoint): Corner => (out ? [2 * at[0] - out[0], 2 * at[1] - out[1]] : at);

/** SVG path data through points of the pen. */
export function pathThrough(points: PenPoint[], closed: boolean): string {
    const steps = [...points.slice(1), ...(closed ? [points[0]!] : [])].map((to, index) => {
        const from = points[index]!;
        return from.out || to.out
            ? `C${text(from.out ?? from.at)} ${text(across(to))} ${text(to.at)}`
            : `L${text(to.at)}`;
    });
    return `M${text(points[0]!.at)}${steps.join('')}${closed ? 'Z' : ''}`;
}

/** What is drawn in the picture: a path with the pen, point by point, or lines by hand. */
export const useDrawing = defineStore('drawing', () => {
    const finish = shallowRef<((path: string | null) => void) | null>(null);
    const points = ref<PenPoint[]>([]);
    /** Whether only what encloses something is wanted. */
    const mustClose = ref(false);
    const byHand = ref(false);
    /** How lines by hand are drawn from now on. */
    const hand = reactive({ pace: 'hand' as 'hand' | 'even' | 'none', brush: '', width: 12, tolerance: 3 });
    const pen = computed(() => finish.value !== null);
    const active = computed(() => pen.value || byHand.value);

    /** @returns SVG path data in composition pixels, or null where it is given up */
    function draw(closed: boolean): Promise<string | null> {
        stop();
        points.value = [];
        mustClose.value = closed;
        return new Promise((resolve) => {
            finish.value = (drawn) => {
                finish.value = null;
                resolve(drawn);
            };
        });
    }

    function stop(): void {
        finish.value?.(null);
        byHand.value = false;
    }

    function drawByHand(): void {
        stop();
        byHand.value = true;
    }

    return { active, pen, byHand, hand, points, mustClose, finish, draw, drawByHand, stop };
});
