import { afterEach, expect, test } from 'vitest';
import { effectScope, ref, type EffectScope, type Ref } from 'vue';
import { useOpened } from '@/shell/opened';

let scope: EffectScope;
afterEach(() => scope.stop());

/** Presses a key on the page. @returns whether it came to the keys of the page itself */
function press(key: string): boolean {
    let came = false;
    const listen = (): void => void (came = true);
    window.addEventListener('keydown', listen);
    document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    window.removeEventListener('keydown', listen);
    return came;
}

function opened(...refs: Ref<boolean>[]): void {
    scope = effectScope();
    scope.run(() => refs.forEach((one) => useOpened(one)));
}

test('Escape closes what was opened last, and does nothing else', () => {
    const [first, second] = [ref(false), ref(false)];
    opened(first, second);
    second.value = true;
    first.value = true;
    expect(press('Escape')).toBe(false);
    expect([first.value, second.value]).toEqual([false, true]);
    expect(press('Escape')).toBe(false);
    expect(second.value).toBe(false);
    expect(press('Escape')).toBe(true);
});

test('other keys are left to the page', () => {
    const open = ref(true);
    opened(open);
    expect(press('x')).toBe(true);
    expect(open.value).toBe(true);
});

test('what is gone with its page is not asked', () => {
    const open = ref(true);
    opened(open);
    scope.stop();
    expect(press('Escape')).toBe(true);
    expect(open.value).toBe(true);
});

test('it is closed in its own way, where it says so', () => {
    scope = effectScope();
    const open = ref(true);
    let given = 0;
    scope.run(() =>
        useOpened(open, () => {
            given++;
            open.value = false;
        }),
    );
    press('Escape');
    expect([given, open.value]).toEqual([1, false]);
});
