import { computed, ref } from 'vue';
import type { Corner, Pose } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useSelection } from '@/project/selection';
import { inside } from './hit';
import type { PictureView } from './view';

/** A drag shorter than this, in screen pixels, is a click. */
const THRESHOLD = 3;

interface Bounds {
    left: number;
    top: number;
    right: number;
    bottom: number;
}

const boundsOf = (points: Corner[]): Bounds => ({
    left: Math.min(...points.map(([x]) => x)),
    top: Math.min(...points.map(([, y]) => y)),
    right: Math.max(...points.map(([x]) => x)),
    bottom: Math.max(...points.map(([, y]) => y)),
});

/** Draws a rectangle with the pointer and selects what it touches; what covers the whole frame lies behind it all. */
export function useMarquee(view: PictureView, place: (event: PointerEvent) => Corner, poses: () => Pose[]) {
    const composition = useComposition();
    const selection = useSelection();
    const drawn = ref<{ from: Corner; to: Corner } | null>(null);

    const rectangle = computed(() => {
        const box = drawn.value && boundsOf([drawn.value.from, drawn.value.to]);
        return (
            box && {
                left: `${box.left}px`,
                top: `${box.top}px`,
                width: `${box.right - box.left}px`,
                height: `${box.bottom - box.top}px`,
            }
        );
    });

    function coversFrame(pose: Pose): boolean {
        const { width, height } = composition.shown ?? { width: 0, height: 0 };
        const corners: Corner[] = [
            [1, 1],
            [width - 1, 1],
            [width - 1, height - 1],
            [1, height - 1],
        ];
        return corners.every((corner) => inside(corner, pose.corners));
    }

    function touched({ from, to }: { from: Corner; to: Corner }): string[] {
        const box = boundsOf([view.toComposition(from), view.toComposition(to)]);
        return poses()
            .filter((pose) => pose.seen && !coversFrame(pose))
            .filter((pose) => {
                const other = boundsOf(pose.corners);
                return (
                    other.left <= box.right &&
                    other.right >= box.left &&
                    other.top <= box.bottom &&
                    other.bottom >= box.top
                );
            })
            .map((pose) => pose.layer);
    }

    /** @param clicked what a click without a drag does */
    function begin(down: PointerEvent, clicked: () => void): void {
        const from = place(down);
        const before = down.shiftKey ? [...selection.layers] : [];
        const move = (event: PointerEvent): void => {
            const to = place(event);
            if (drawn.value || Math.hypot(to[0] - from[0], to[1] - from[1]) > THRESHOLD) {
                drawn.value = { from, to };
                const found = touched(drawn.value);
                selection.layers = [...new Set([...before, ...found])];
            }
        };
        const up = (): void => {
            window.removeEventListener('pointermove', move);
            if (!drawn.value) {
                clicked();
            }
            drawn.value = null;
        };
        window.addEventListener('pointermove', move);
        window.addEventListener('pointerup', up, { once: true });
    }

    return { rectangle, begin, coversFrame };
}
