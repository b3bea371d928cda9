import { afterEach, expect, it } from 'vitest';
import { createApp, h, nextTick, ref, type App } from 'vue';
import CurveEditor from '@/timeline/CurveEditor.vue';
import { pointer } from './world';

let app: App | null = null;
afterEach(() => app?.unmount());

it('keeps what is pulled under the hand when an answer comes meanwhile', async () => {
    const curve = ref<[number, number, number, number]>([0.3, 0, 0.7, 1]);
    const chosen: string[] = [];
    app = createApp(() =>
        h(CurveEditor, { curve: curve.value, onChoose: (easing: string) => void chosen.push(easing) }),
    );
    const place = document.createElement('div');
    document.body.replaceChildren(place);
    app.mount(place);
    const handle = place.querySelector('[data-curve-handle="1"]')!;
    handle.dispatchEvent(pointer('pointerdown', 84, 40));
    window.dispatchEvent(pointer('pointermove', 84, 8));
    // The same curve, as a fresh answer holds it.
    curve.value = [0.3, 0, 0.7, 1];
    await nextTick();
    window.dispatchEvent(pointer('pointerup', 84, 8));
    expect(chosen).toEqual(['cubic-bezier(0.3, 0, 0.7, 1.4)']);

    // Taken away by the system, a pull is given up.
    handle.dispatchEvent(pointer('pointerdown', 84, 8));
    window.dispatchEvent(pointer('pointermove', 60, 90));
    window.dispatchEvent(pointer('pointercancel', 60, 90));
    window.dispatchEvent(pointer('pointerup', 60, 90));
    expect(chosen).toHaveLength(1);

    // Let go, it follows what is chosen beside it.
    curve.value = [0.1, 0.2, 0.3, 0.4];
    await nextTick();
    expect(handle.getAttribute('cx')).toBe(String(28 + 0.3 * 80));
});
