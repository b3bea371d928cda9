import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Media, SoundCue } from '@/api/answers';
import { get } from '@/api/client';
import { Sound } from '@/picture/sound';
import { perSecond, rateLabel } from '@/project/rates';
import { useProject } from '@/project/project';
import { deferred } from './world';

vi.mock('@/api/client', async (original) => ({
    ...(await original<typeof import('@/api/client')>()),
    get: vi.fn(),
}));

interface Source {
    start: ReturnType<typeof vi.fn>;
    stop: ReturnType<typeof vi.fn>;
    connect: (to: unknown) => unknown;
    disconnect: () => void;
    /** How fast, as it was asked for, in order. */
    speeds: Asked;
    buffer: unknown;
}

type Asked = [way: string, value: number, at: number][];

/** What was asked of a level, in order. */
const levels: Asked = [];

/** A number that is told how to go on. */
const told = (asked: Asked) => ({
    value: 1,
    setValueAtTime: (value: number, at: number) => asked.push(['set', value, at]),
    linearRampToValueAtTime: (value: number, at: number) => asked.push(['ramp', value, at]),
});

const sources: Source[] = [];

/** What goes to the loudspeaker, and how loud. */
const outs: { value: number }[] = [];

/** Twelve seconds of sound. */
class FakeBuffer {
    duration = 12;
    numberOfChannels = 1;
    sampleRate = 48_000;
    length: number;
    constructor(public samples: Float32Array) {
        this.length = samples.length;
    }
    getChannelData = (): Float32Array => this.samples;
    copyToChannel(samples: Float32Array): void {
        this.samples = samples;
    }
}

/** A context whose clock stands at ten seconds, and whose loudspeaker is 0.02 s behind. */
class FakeContext {
    state = 'running';
    currentTime = 10;
    destination = {};
    decodeAudioData = vi.fn(async () => new FakeBuffer(Float32Array.from([1, 2, 3])));
    resume = vi.fn();
    getOutputTimestamp = () => ({ contextTime: this.currentTime - 0.02, performanceTime: performance.now() });
    createGain() {
        const gain = told(levels);
        const connect = (to: unknown): unknown => {
            if (to === this.destination) {
                outs.push(gain);
            }
            return to;
        };
        return { gain, connect };
    }
    createBuffer(_channels: number, length: number) {
        return new FakeBuffer(new Float32Array(length));
    }
    createBufferSource(): Source {
        const speeds: Asked = [];
        const source = {
            start: vi.fn(),
            stop: vi.fn(),
            connect: (to: unknown) => to,
            disconnect: vi.fn(),
            speeds,
            playbackRate: told(speeds),
            buffer: null,
        };
        sources.push(source);
        return source;
    }
}

const clip = (fields: Partial<Media> = {}): Media =>
    ({
        id: 'm1',
        sound: true,
        state: 'ready',
        frames: 250,
        rate: '25/1',
        previews: '/storage/media/x',
        ...fields,
    }) as Media;

async function prepared(cues: SoundCue[], media: Media[] = [clip()]): Promise<Sound> {
    useProject().media = media;
    vi.mocked(get).mockResolvedValue({ cues });
    const sound = new Sound();
    await sound.prepare();
    return sound;
}

describe('sound', () => {
    beforeEach(() => {
        sources.length = 0;
        levels.length = 0;
        vi.stubGlobal('AudioContext', FakeContext);
        vi.spyOn(globalThis, 'fetch').mockImplementation(async () => new Response('opus'));
    });

    const cue: SoundCue = {
        layer: 'l1',
        media: 'm1',
        from: 2,
        at: 4,
        length: 3,
        speed: 1,
        level: [[0, 1]],
        speeds: [],
    };

    it('begins when its layer does, at the place in the clip where that begins', async () => {
        const sound = await prepared([cue]);
        await sound.play(1, 1);
        expect(sources[0]!.start).toHaveBeenCalledExactlyOnceWith(13, 2, 3);
    });

    it('joins in where the playhead stands', async () => {
        const sound = await prepared([cue]);
        await sound.play(5, 1);
        expect(sources[0]!.start).toHaveBeenCalledExactlyOnceWith(10, 3, 2);
        await sound.play(7.5, 1);
        expect(sources).toHaveLength(1);
    });

    it('goes at the speed of its cue, and backwards from its end', async () => {
        const sound = await prepared([{ ...cue, speed: 1.5 }]);
        await sound.play(5, 1);
        expect(sources[0]!.start).toHaveBeenCalledExactlyOnceWith(10, 3.5, 3);
        expect(sources[0]!.speeds).toEqual([['set', 1.5, 10]]);
        const back = await prepared([{ ...cue, speed: -2, from: 9 }]);
        await back.play(5, 1);
        // From second 9 of 12 back, a second late: 3 s and 2 s into the sound that is turned round.
        expect(sources[1]!.start).toHaveBeenCalledExactlyOnceWith(10, 5, 4);
        expect([...(sources[1]!.buffer as FakeBuffer).samples]).toEqual([3, 2, 1]);
    });

    it('is as loud as its level says', async () => {
        const sound = await prepared([
            {
                ...cue,
                level: [
                    [0, 0],
                    [1, 0.8],
                    [3, 0.5],
                ],
            },
        ]);
        await sound.play(5, 1);
        expect(levels).toEqual([
            ['set', 0.8, 10],
            ['ramp', 0.5, 12],
        ]);
    });

    it('goes faster and slower as its cue says, joined in later as well', async () => {
        const speeds: [number, number][] = [
            [0, 0.5],
            [2, 1.5],
            [3, 1.5],
        ];
        const sound = await prepared([{ ...cue, speed: 3.5 / 3, speeds }]);
        await sound.play(4, 1);
        // 2 s from a half to one and a half, and 1 s at that: 3.5 s of it.
        expect(sources[0]!.start).toHaveBeenCalledExactlyOnceWith(10, 2, 3.5);
        expect(sources[0]!.speeds).toEqual([
            ['set', 0.5, 10],
            ['ramp', 1.5, 12],
            ['ramp', 1.5, 13],
        ]);
        await sound.play(5, 1);
        // A second late, at a speed of one, 0.75 s of it have gone by.
        expect(sources[1]!.start).toHaveBeenCalledExactlyOnceWith(10, 2.75, 2.75);
        expect(sources[1]!.speeds[0]).toEqual(['set', 1, 10]);
    });

    it('is heard for the moment that is gone over by hand', async () => {
        const sound = await prepared([cue]);
        await sound.scrub(5, 0.09);
        expect(sources[0]!.start.mock.calls[0]!.slice(0, 2)).toEqual([10, 3]);
        expect(sources[0]!.start.mock.calls[0]![2]).toBeCloseTo(0.09, 6);
        await sound.scrub(7.5, 0.09);
        expect(sources).toHaveLength(1);
    });

    it('is what the picture goes by, as it comes out of the loudspeaker', async () => {
        const sound = await prepared([cue]);
        expect(sound.elapsed()).toBeNull();
        await sound.play(0, 1);
        expect(sound.elapsed()).toBeCloseTo(-0.02, 2);
        sound.stop();
        expect(sound.elapsed()).toBeNull();
        expect(sources[0]!.stop).toHaveBeenCalledOnce();
    });

    it('is heard at its own speed only', async () => {
        const sound = await prepared([cue]);
        await sound.play(5, 2);
        await sound.play(5, -1);
        expect(sources).toHaveLength(0);
    });

    it('does not begin when playing was stopped while it was fetched', async () => {
        const slow = deferred<Response>();
        vi.mocked(fetch).mockReturnValue(slow.promise);
        const sound = await prepared([cue]);
        const playing = sound.play(5, 1);
        sound.stop();
        slow.resolve(new Response('opus'));
        await playing;
        expect(sources).toHaveLength(0);
    });

    it('is asked for again after it could not be fetched', async () => {
        vi.mocked(fetch).mockRejectedValueOnce(new TypeError('away'));
        const sound = await prepared([cue]);
        await vi.waitFor(() => expect(fetch).toHaveBeenCalledOnce());
        await sound.play(5, 1);
        expect(fetch).toHaveBeenCalledTimes(2);
        expect(sources).toHaveLength(1);
    });

    it('of a long clip is played from its file rather than decoded as a whole', async () => {
        const players: { currentTime: number; play: () => Promise<void>; pause: () => void }[] = [];
        vi.stubGlobal(
            'Audio',
            vi.fn(function () {
                const player = { currentTime: 0, play: vi.fn(async () => undefined), pause: vi.fn() };
                players.push(player);
                return player;
            }),
        );
        URL.createObjectURL = vi.fn(() => 'blob:x');
        vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] });
        const sound = await prepared([cue], [clip({ frames: 25 * 301 })]);
        await sound.play(3, 1);
        await vi.advanceTimersByTimeAsync(999);
        expect(players[0]!.currentTime).toBe(2);
        expect(players[0]!.play).not.toHaveBeenCalled();
        await vi.advanceTimersByTimeAsync(2);
        expect(players[0]!.play).toHaveBeenCalledOnce();
        expect(sources).toHaveLength(0);
        await vi.advanceTimersByTimeAsync(3000);
        expect(players[0]!.pause).toHaveBeenCalledOnce();
        vi.useRealTimers();
    });

    it('of a clip that is not prepared, or has none, is left out', async () => {
        const sound = await prepared([cue], [clip({ state: 'preparing' })]);
        await sound.play(5, 1);
        expect(sources).toHaveLength(0);
    });
});

describe('rates', () => {
    it('are exact, and said as people say them', () => {
        expect(perSecond('30000/1001')).toBe(30000 / 1001);
        expect(['24000/1001', '25/1', '30000/1001', '25/2'].map(rateLabel)).toEqual(['23.976', '25', '29.97', '12.5']);
    });
});
