import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';

/** Whether a key is held down just now. */
export function useKeyPressed(key: string): Ref<boolean> {
    const pressed = ref(false);
    useEventListener(window, 'keydown', (event) => {
        pressed.value ||= event.key === key;
    });
    useEventListener(window, 'keyup', (event) => {
        pressed.value &&= event.key !== key;
    });
    useEventListener(window, 'blur', () => (pressed.value = false));
    return pressed;
}
