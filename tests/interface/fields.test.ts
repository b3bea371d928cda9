import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { createApp, h, nextTick, type App } from 'vue';
import { AxiosError, AxiosHeaders, type AxiosResponse } from 'axios';
import { usePlayhead } from '@/project/playhead';
import { MOVED } from '@/shell/pointer';
import { useSelection } from '@/project/selection';
import { inUnitOf, measured } from '@/sheet/properties';
import ValueField from '@/sheet/ValueField.vue';
import { useShortcuts } from '@/shell/shortcuts';
import { bar, glimpse, inComponent, pointer, withLayers } from './world';

const http = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn() }));
vi.mock('axios', async (original) => {
    const real = await original<typeof import('axios')>();
    return { ...real, default: { ...real.default, create: () => http } };
});
const { get } = await import('@/api/client');

let app: App | null = null;
afterEach(() => app?.unmount());

describe('a value field', () => {
    const events: Record<string, unknown[]> = {};

    function field(value: number, range: object = {}): { input: HTMLInputElement; label: HTMLElement } {
        for (const name of ['set', 'try', 'reset', 'abandon']) {
            events[name] = [];
        }
        const on = (name: string) => (given?: unknown) => events[name]!.push(given);
        app = createApp(() =>
            h(ValueField, {
                value,
                label: 'x',
                name: 'Position x',
                ...range,
                onSet: on('set'),
                onTry: on('try'),
                onReset: on('reset'),
                onAbandon: on('abandon'),
            }),
        );
        const place = document.createElement('div');
        document.body.replaceChildren(place);
        app.mount(place);
        return { input: place.querySelector('input')!, label: place.querySelector('.label')! };
    }

    async function type(input: HTMLInputElement, text: string, key: string): Promise<void> {
        input.value = text;
        input.dispatchEvent(new Event('input'));
        await nextTick();
        input.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        await nextTick();
    }

    it('sets numbers as numbers and sums as they were typed', async () => {
        const { input } = field(12.3456);
        expect(input.value).toBe('12.35');
        await type(input, '40', 'Enter');
        await type(input, '1,5', 'Enter');
        await type(input, ' w/2 ', 'Enter');
        expect(events.set).toEqual([40, 1.5, 'w/2']);
    });

    it('leaves the value alone when nothing was changed, or when it is given up', async () => {
        const { input } = field(12);
        await type(input, '12', 'Enter');
        await type(input, '', 'Enter');
        await type(input, '99', 'Escape');
        expect(events.set).toEqual([]);
        expect(events.abandon).toHaveLength(1);
        expect(input.value).toBe('12');
    });

    it('steps with the arrow keys, coarser with Shift and finer with Alt', () => {
        const { input } = field(10);
        const press = (key: string, options: object = {}): boolean =>
            input.dispatchEvent(new KeyboardEvent('keydown', { key, ...options }));
        press('ArrowUp');
        press('ArrowDown', { shiftKey: true });
        press('ArrowUp', { altKey: true });
        expect(events.set).toEqual([11, 0, 10.1]);
    });

    it('stays in its range when it is stepped or scrubbed', () => {
        const { input, label } = field(99.5, { least: 0, most: 100 });
        input.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp' }));
        label.setPointerCapture = vi.fn();
        label.dispatchEvent(pointer('pointerdown', 0, 0));
        label.dispatchEvent(pointer(MOVED, 40, 0));
        label.dispatchEvent(pointer(MOVED, -400, 0));
        label.dispatchEvent(pointer('pointerup', -400, 0));
        expect(events.try).toEqual([100, 0]);
        expect(events.set).toEqual([100, 0]);
    });

    it('is scrubbed by its label, and set once at the end', () => {
        const { label } = field(10);
        label.setPointerCapture = vi.fn();
        label.dispatchEvent(pointer('pointerdown', 0, 0));
        label.dispatchEvent(pointer(MOVED, 5, 0));
        label.dispatchEvent(pointer(MOVED, 8, 0, { shiftKey: true }));
        label.dispatchEvent(pointer('pointerup', 8, 0));
        expect(events.try).toEqual([15, 45]);
        expect(events.set).toEqual([45]);
        label.dispatchEvent(new MouseEvent('dblclick'));
        expect(events.reset).toHaveLength(1);
    });
});

describe('a length', () => {
    it('keeps the unit that it brings while its number is changed', () => {
        expect([12, '50%', '-2.5%', '12 + 25%', '#50%', null].map((one) => measured(one))).toEqual([
            { number: 12 },
            { number: 50, unit: '%' },
            { number: -2.5, unit: '%' },
            null,
            null,
            null,
        ]);
        expect(inUnitOf(30, measured('50%'))).toBe('30%');
        expect(inUnitOf('30px', measured('50%'))).toBe('30px');
        expect(inUnitOf(30, measured(12))).toBe(30);
    });
});

describe('the keyboard', () => {
    const actions = {
        fit: vi.fn(),
        render: vi.fn(),
        switch: vi.fn(),
        keys: vi.fn(),
        write: vi.fn(),
        zoomTime: vi.fn(),
        find: vi.fn(),
    };
    const press = (key: string, options: object = {}, target: EventTarget = window): boolean =>
        target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...options }));

    beforeEach(() => {
        document.body.replaceChildren();
        const composition = withLayers([bar('a'), bar('b')]);
        composition.glimpse = glimpse({
            inspections: [
                {
                    layer: 'a',
                    values: {},
                    attached: [],
                    seen: null,
                    faint: null,
                    idle: [],
                    units: [],
                    life: { arrive: 0, leave: 0, stay: 100, reads: null, arriving: [0, 0], leaving: [99, 99] },
                    threads: [
                        {
                            property: 'opacity',
                            beads: [10, 40, 90].map((frame) => ({
                                frame,
                                value: 1,
                                easing: 'linear',
                                pin: 'start',
                                handles: null,
                                curve: null,
                            })),
                            frames: [],
                            channels: [],
                            speeds: [],
                            colours: [],
                        },
                    ],
                },
            ],
        });
        app = inComponent(() => useShortcuts(actions)).app;
    });

    it('plays, stops and steps', () => {
        const playhead = usePlayhead();
        press(' ');
        expect(playhead.playing).toBe(true);
        press(' ');
        expect(playhead.playing).toBe(false);
        press('End');
        expect(playhead.frame).toBe(249);
        press('ArrowLeft', { shiftKey: true });
        expect(playhead.frame).toBe(239);
        press('Home');
        press('ArrowRight');
        expect(playhead.frame).toBe(1);
    });

    it('shuttles faster with every press, and the other way', () => {
        const playhead = usePlayhead();
        press('l');
        press('L');
        expect(playhead.speed).toBe(2);
        press('j');
        expect(playhead.speed).toBe(-1);
        press('j');
        press('j');
        press('j');
        expect(playhead.speed).toBe(-4);
        press('k');
        expect([playhead.playing, playhead.speed]).toEqual([false, 1]);
    });

    it('goes from keyframe to keyframe', () => {
        const playhead = usePlayhead();
        press('.');
        expect(playhead.frame).toBe(10);
        press('.');
        press('.');
        press('.');
        expect(playhead.frame).toBe(90);
        press(',');
        expect(playhead.frame).toBe(40);
    });

    it('removes keyframes before layers', () => {
        const selection = useSelection();
        const edit = vi.spyOn(withLayers([bar('a')]), 'edit').mockResolvedValue(true);
        selection.select('a');
        selection.beads = [{ layer: 'a', property: 'opacity', frame: 10 }];
        press('Delete');
        press('Backspace');
        expect(edit.mock.calls).toEqual([
            ['remove-keyframes', { keyframes: [{ layer: 'a', property: 'opacity', frames: [10] }] }],
            ['remove-layers', { layers: ['a'] }],
        ]);
    });

    it('keeps out of fields and dialogs', () => {
        document.body.innerHTML = '<input><div role="dialog"><button></button></div>';
        press(' ', {}, document.querySelector('input')!);
        press('Delete', {}, document.querySelector('button')!);
        expect(usePlayhead().playing).toBe(false);
        press('Enter', { ctrlKey: true });
        expect(actions.render).toHaveBeenCalledOnce();
    });
});

describe('what the server refuses', () => {
    const refused = (status: number, data: unknown): AxiosError =>
        new AxiosError('x', undefined, undefined, undefined, {
            status,
            data,
            statusText: '',
            headers: {},
            config: { headers: new AxiosHeaders() },
        } as AxiosResponse);

    it.each([
        [422, { message: 'args.values[0].value: 130 is outside 0..100' }, '130 is outside 0..100'],
        [
            422,
            { message: 'clip.mp4 cannot be used: the file is empty.' },
            'clip.mp4 cannot be used: the file is empty.',
        ],
        [413, null, 'The file is larger than the server takes.'],
        [500, { message: 'Server Error' }, 'The server could not do this (500).'],
    ])('is said in words (%i)', async (status, data, says) => {
        http.get.mockRejectedValue(refused(status, data));
        await expect(get('/x')).rejects.toMatchObject({ message: says, status });
    });

    it('is told apart from a server that is away', async () => {
        http.get.mockRejectedValue(new AxiosError('Network Error'));
        await expect(get('/x')).rejects.toMatchObject({
            status: 0,
            message: expect.stringContaining('Nothing is lost'),
        });
    });
});
