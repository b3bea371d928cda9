import { onScopeDispose, watch, type Ref } from 'vue';

/** How to close what is open over the page; the last was opened on top of the others. */
const opened: (() => void)[] = [];

// Before the keys of the page itself, which listen at the window; what a field does with Escape itself does not come here.
document.addEventListener('keydown', (event) => {
    const close = event.key === 'Escape' ? opened.at(-1) : undefined;
    if (close) {
        event.stopImmediatePropagation();
        event.preventDefault();
        close();
    }
});

/** While something is open over the page, Escape closes it, wherever the keys go, and does nothing else. */
export function useOpened(open: Ref<boolean>, close: () => void = () => (open.value = false)): void {
    const forget = (): void => {
        const at = opened.indexOf(close);
        if (at >= 0) {
            opened.splice(at, 1);
        }
    };
    watch(
        open,
        (isOpen) => {
            forget();
            if (isOpen) {
                opened.push(close);
            }
        },
        { immediate: true, flush: 'sync' },
    );
    onScopeDispose(forget);
}
