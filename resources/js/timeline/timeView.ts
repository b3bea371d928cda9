import { useElementSize } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, inject, provide, watch, type InjectionKey, type Ref } from 'vue';
import { usePlaces } from '@/project/places';
import { usePlayhead } from '@/project/playhead';

/** The height of every row of the timeline, in pixels. */
export const ROW_HEIGHT = 30;

/** The height of a thread that is opened to be worked on. */
export const TALL_HEIGHT = 150;

const WIDEST = 40;
const PADDING = 14;

/** How frames lie along the timeline: from the whole piece to single frames. */
function createTimeView(lane: Ref<HTMLElement | null>) {
    const playhead = usePlayhead();
    const { width } = useElementSize(lane);
    const { zoom, from } = storeToRefs(usePlaces());

    const fitted = computed(() => Math.max(0.001, (width.value - 2 * PADDING) / playhead.length));
    const perFrame = computed(() => Math.max(fitted.value, Math.min(WIDEST, zoom.value ?? 0)));
    const visible = computed(() => (width.value - 2 * PADDING) / perFrame.value);

    const x = (frame: number): number => PADDING + (frame - from.value) * perFrame.value;
    const frameAt = (px: number): number => from.value + (px - PADDING) / perFrame.value;

    function scrollTo(frame: number): void {
        from.value = Math.max(0, Math.min(frame, playhead.length - visible.value));
    }

    function zoomBy(factor: number, px: number): void {
        const under = frameAt(px);
        const next = Math.max(fitted.value, Math.min(WIDEST, perFrame.value * factor));
        zoom.value = next <= fitted.value * 1.001 ? null : next;
        scrollTo(under - (px - PADDING) / perFrame.value);
    }

    /** Shows a stretch with a little room around it; all of the time where it is shown so already. */
    function show(begin: number, end: number): void {
        const room = 0.05 * (end - begin);
        const next = Math.min(WIDEST, (width.value - 2 * PADDING) / (end - begin + 2 * room));
        const isShown = zoom.value !== null && Math.abs(zoom.value - next) < 1e-6;
        zoom.value = isShown || next <= fitted.value ? null : next;
        scrollTo(begin - room);
    }

    function onWheel(event: WheelEvent, px: number): boolean {
        if (event.ctrlKey || event.metaKey) {
            zoomBy(Math.exp(-event.deltaY / 200), px);
            return true;
        }
        const sideways = event.shiftKey ? event.deltaY : event.deltaX;
        if (sideways !== 0) {
            scrollTo(from.value + sideways / perFrame.value);
            return true;
        }
        return false;
    }

    // Playback turns the page when the playhead leaves it.
    watch(
        () => playhead.frame,
        (frame) => {
            if (frame < from.value || frame > from.value + visible.value) {
                scrollTo(frame - visible.value * 0.1);
            }
        },
    );
    watch([() => playhead.length, width], () => scrollTo(from.value));

    return { width, from, perFrame, visible, x, frameAt, zoomBy, show, scrollTo, onWheel };
}

export type TimeView = ReturnType<typeof createTimeView>;

const key: InjectionKey<TimeView> = Symbol('time view');

export function provideTimeView(lane: Ref<HTMLElement | null>): TimeView {
    const view = createTimeView(lane);
    provide(key, view);
    return view;
}

export const useTimeView = (): TimeView => inject(key)!;
