import { createPinia, setActivePinia } from 'pinia';
import { beforeEach } from 'vitest';

// What jsdom lacks and the interface uses.
class NoObserver {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
}
globalThis.ResizeObserver ??= NoObserver as unknown as typeof ResizeObserver;

beforeEach(() => {
    setActivePinia(createPinia());
    localStorage.clear();
});
