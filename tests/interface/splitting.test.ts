import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createApp, h, nextTick, type App } from 'vue';
import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import PaintField from '@/sheet/PaintField.vue';
import SidesFields from '@/sheet/SidesFields.vue';
import SplitFields from '@/sheet/SplitFields.vue';
import { bar, glimpse, withLayers } from './world';

let app: App | null = null;
let asked: [string, Record<string, unknown>][] = [];
afterEach(() => app?.unmount());

beforeEach(() => {
    const composition = withLayers([bar('a'), bar('b')]);
    asked = [];
    vi.spyOn(composition, 'edit').mockImplementation((name, args) => {
        asked.push([name, args as Record<string, unknown>]);
        return Promise.resolve(true);
    });
});

/** @returns where a component was mounted in the page */
function shown(component: Parameters<typeof h>[0], props: object): HTMLElement {
    const place = document.createElement('div');
    document.body.replaceChildren(place);
    app = createApp(() => h(component as never, props));
    app.component('ElButton', { template: '<button type="submit"><slot /></button>' });
    app.mount(place);
    return place;
}

function put(place: HTMLElement, selector: string, value: string): void {
    const field = place.querySelector<HTMLInputElement>(selector)!;
    field.value = value;
    field.dispatchEvent(new Event('input'));
}

const submit = (place: HTMLElement): boolean =>
    place.querySelector('form')!.dispatchEvent(new Event('submit', { cancelable: true }));

describe('splitting the screen', () => {
    it('asks for rows and columns, in the order in which layers were chosen', async () => {
        usePlayhead().go(12);
        const place = shown(SplitFields, { layers: ['b', 'a'] });
        put(place, '[data-split-rows]', '3');
        put(place, '[data-split-gap]', '24');
        await nextTick();
        submit(place);
        expect(asked).toEqual([
            [
                'split-screen',
                { cells: 'grid', rows: 3, columns: 2, gap: 24, margin: 0, rounding: 0, layers: ['b', 'a'], at: 12 },
            ],
        ]);
    });

    it('counts cells where one of them is large, at least as many as there are layers', async () => {
        const place = shown(SplitFields, { layers: ['a', 'b', 'c', 'd', 'e'] });
        place.querySelector<HTMLElement>('[data-cells=large-left]')!.click();
        await nextTick();
        expect(place.querySelector<HTMLInputElement>('[data-split-count]')!.value).toBe('5');
        submit(place);
        expect(asked[0]![1]).toMatchObject({ cells: 'large-left', rows: 5, columns: 1 });
        place.querySelector<HTMLElement>('[data-cells=grid]')!.click();
        await nextTick();
        submit(place);
        expect(asked[1]![1]).toMatchObject({ cells: 'grid', rows: 2, columns: 3 });
    });

    it('lets layers slide in', async () => {
        const place = shown(SidesFields, { layers: ['a', 'b'] });
        put(place, '[data-sides-by]', '9');
        await nextTick();
        submit(place);
        expect(asked[0]).toEqual(['arrive-from-sides', { layers: ['a', 'b'], frame: 0, length: 15, by: 9 }]);
    });
});

describe('paint', () => {
    const gradient = { of: 'fill', form: 'linear', stops: 2 };

    it('is a colour until a gradient is chosen, and again', async () => {
        const place = shown(PaintField, { layer: bar('a'), part: 'fill', id: 'g1', text: 'Fill' });
        const fill = place.querySelector<HTMLSelectElement>('[data-paint=fill]')!;
        expect([fill.value, place.querySelector('[data-more-colours]')]).toEqual(['', null]);
        fill.value = 'radial';
        fill.dispatchEvent(new Event('change'));
        fill.value = '';
        fill.dispatchEvent(new Event('change'));
        expect(asked.map(([, args]) => args)).toEqual([
            { layers: ['a'], of: 'fill', form: 'radial' },
            { layers: ['a'], of: 'fill', form: null },
        ]);
    });

    it('takes another colour, and no fewer than two', () => {
        useComposition().glimpse = glimpse({});
        const layer = { ...bar('a'), gradients: [gradient] } as unknown as Layer;
        const place = shown(PaintField, { layer, part: 'fill', id: 'g1', text: 'Fill' });
        expect(place.textContent).toContain('2 colours');
        place.querySelector<HTMLElement>('[data-more-colours]')!.click();
        expect(asked).toEqual([['set-gradient', { layers: ['a'], of: 'fill', form: 'linear', stops: 3 }]]);
        expect(place.querySelector<HTMLButtonElement>('[aria-label="One colour fewer"]')!.disabled).toBe(true);
    });
});
