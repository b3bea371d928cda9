import { createApp, h, nextTick, ref } from 'vue';
import { afterEach, describe, expect, it } from 'vitest';
import NameField from '@/shell/NameField.vue';

describe('a name that is typed where it stands', () => {
    const name = ref('Bar');
    const asked: string[] = [];
    const stage = document.createElement('div');
    document.body.append(stage);
    const app = createApp({
        render: () => h(NameField, { name: name.value, onRename: (given: string) => asked.push(given) }),
    });
    app.mount(stage);
    const input = stage.querySelector('input')!;

    function type(text: string): void {
        input.focus();
        input.value = text;
        input.dispatchEvent(new Event('input'));
    }

    afterEach(() => asked.splice(0));

    it('keeps what is being typed while something else comes in, and asks once', async () => {
        type('Bar of Marta');
        name.value = 'Bar, renamed elsewhere';
        await nextTick();
        expect(input.value).toBe('Bar of Marta');
        input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }));
        expect(asked).toEqual(['Bar of Marta']);
    });

    it('shows another name while nobody types, and goes back from an empty one', async () => {
        name.value = 'Plate';
        await nextTick();
        expect(input.value).toBe('Plate');
        type('   ');
        input.blur();
        await nextTick();
        expect(input.value).toBe('Plate');
        expect(asked).toEqual([]);
    });
});
