import { useElementSize } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import type { Corner } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { useViewSettings } from './viewSettings';
import type { View } from './paint';

const MARGIN = 16;
/** So much of the picture, in screen pixels, cannot be panned away. */
const IN_SIGHT = 48;

/** How composition pixels lie on the screen: fitted, or zoomed and panned by the producer. */
export function usePictureView(area: Ref<HTMLElement | null>) {
    const composition = useComposition();
    const looking = useViewSettings();
    const { width, height } = useElementSize(area);
    /** Null while the picture is fitted. */
    const chosen = ref<View | null>(null);

    const fitted = computed<View>(() => {
        const { width: w, height: h } = composition.shown ?? { width: 1920, height: 1080 };
        // Beside a reference the picture has the left half.
        const room = looking.isBeside ? width.value / 2 : width.value;
        const scale = Math.max(0.01, Math.min((room - 2 * MARGIN) / w, (height.value - 2 * MARGIN) / h));
        return { scale, x: (room - w * scale) / 2, y: (height.value - h * scale) / 2 };
    });
    const view = computed<View>(() => chosen.value ?? fitted.value);

    const toScreen = ([x, y]: Corner): Corner => [
        x * view.value.scale + view.value.x,
        y * view.value.scale + view.value.y,
    ];
    const toComposition = ([x, y]: Corner): Corner => [
        (x - view.value.x) / view.value.scale,
        (y - view.value.y) / view.value.scale,
    ];

    function zoomTo(scale: number, [x, y]: Corner): void {
        const [cx, cy] = toComposition([x, y]);
        const bounded = Math.max(0.02, Math.min(16, scale));
        chosen.value = { scale: bounded, x: x - cx * bounded, y: y - cy * bounded };
    }

    const zoomBy = (factor: number, at: Corner): void => zoomTo(view.value.scale * factor, at);
    const zoomActual = (): void => zoomTo(1 / window.devicePixelRatio, [width.value / 2, height.value / 2]);
    const fit = (): void => void (chosen.value = null);

    /** Some of the picture always stays in sight. */
    function panBy(dx: number, dy: number): void {
        const { scale, x, y } = view.value;
        const { width: w, height: h } = composition.shown ?? { width: 1920, height: 1080 };
        const within = (at: number, size: number, room: number): number =>
            Math.max(IN_SIGHT - size, Math.min(room - IN_SIGHT, at));
        chosen.value = {
            scale,
            x: within(x + dx, w * scale, width.value),
            y: within(y + dy, h * scale, height.value),
        };
    }

    return { width, height, view, toScreen, toComposition, zoomBy, zoomActual, fit, panBy };
}

export type PictureView = ReturnType<typeof usePictureView>;
