import { ref, watch, type Ref } from 'vue';

/** Left free at the foot of the window, with what a popover has around it. */
const MARGIN = 48;
/** With less than this beneath it, it opens above. */
const LEAST = 170;

/** How tall what opens beneath something may be, so that it stays there and the picture above stays whole. */
export function useRoomBelow(reference: Ref<HTMLElement | null>, open: Ref<boolean>) {
    const style = ref({});
    watch(
        open,
        () => {
            const beneath = window.innerHeight - (reference.value?.getBoundingClientRect().bottom ?? 0) - MARGIN;
            style.value = { maxHeight: `${beneath < LEAST ? window.innerHeight / 2 : beneath}px`, overflowY: 'auto' };
        },
        { flush: 'sync' },
    );

    return style;
}
