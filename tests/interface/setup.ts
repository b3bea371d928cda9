import { createPinia, disposePinia, setActivePinia, type Pinia } from 'pinia';
import { afterEach, beforeEach, vi } from 'vitest';

// One window serves for all files, which takes a fifth of the time; what one of them mocked is read anew for the next.
vi.resetModules();

// What jsdom lacks and the interface uses.
class NoObserver {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
}
globalThis.ResizeObserver ??= NoObserver as unknown as typeof ResizeObserver;

let pinia: Pinia;

beforeEach(() => {
    pinia = createPinia();
    setActivePinia(pinia);
    localStorage.clear();
});

// What stores do again and again ends with their test.
afterEach(() => disposePinia(pinia));
