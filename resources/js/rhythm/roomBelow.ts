import { ref, watch, type Ref } from 'vue';

/** Left free at the foot of the window, with what a popover has around it. */
const MARGIN = 48;
/** With less than this beneath it, it opens above. */
const LEAST = 170;

/**
 * A column that is as tall as there is room beneath something, so that it opens there and the picture above stays whole: what is
 * offered in it is scrolled, what is chosen stays in sight.
 */
export function useRoomBelow(reference: Ref<HTMLElement | null>, open: Ref<boolean>) {
    const style = ref({});
    watch(
        open,
        () => {
            const beneath = window.innerHeight - (reference.value?.getBoundingClientRect().bottom ?? 0) - MARGIN;
            style.value = {
                display: 'flex',
                flexDirection: 'column',
                maxHeight: `${beneath < LEAST ? window.innerHeight / 2 : beneath}px`,
            };
        },
        { flush: 'sync' },
    );

    return style;
}
