import type { Media, SoundCue } from '@/api/answers';
import { goneBy, speedsOf, useCues, valueAt } from '@/project/cues';
import { useMedia } from '@/project/media';
import { perSecond } from '@/project/rates';
import { watch } from 'vue';
import { useListening } from './listening';

/** Clips longer than this, in seconds, are played from their file: decoded, they would fill the memory. */
const LONGEST_DECODED = 300;

/** How often, in milliseconds, a player is told its speed where that changes. */
const FOLLOWING = 50;

/** Plays the composition's sound; while decoded sound is heard, its clock is the one that the picture follows. */
export class Sound {
    private context: AudioContext | null = null;
    private readonly buffers = new Map<string, Promise<AudioBuffer | null>>();
    private readonly files = new Map<string, Promise<string | null>>();
    /** Sounds from their end to their beginning. */
    private readonly reversed = new WeakMap<AudioBuffer, AudioBuffer>();
    private sources: AudioBufferSourceNode[] = [];
    /** With the level of each as its cue has it. */
    private players: [HTMLAudioElement, number][] = [];
    /** What all that is decoded goes through: how loud this window plays. */
    private out: GainNode | null = null;
    private timers: number[] = [];
    /** Counts up with every start and stop, so that what was still being fetched is not begun too late. */
    private round = 0;
    /** When, by the context's clock, the present playing began; null while nothing decoded is to be heard. */
    private began: number | null = null;
    private readonly cues = useCues();
    private readonly media = useMedia();
    private readonly listening = useListening();

    constructor() {
        watch(
            () => this.listening.volume,
            (volume) => {
                if (this.out) {
                    this.out.gain.value = volume;
                }
                this.players.forEach(([player, level]) => (player.volume = level * volume));
            },
        );
    }

    /** Finds out what is to be heard, and fetches it. */
    async prepare(): Promise<void> {
        await this.cues.refresh();
        for (const cue of this.cues.list) {
            const clip = this.ready(cue.media);
            void (clip && (this.isLong(clip) ? this.file(clip) : this.buffer(clip)));
        }
    }

    /** Starts at a moment of the composition, in seconds. */
    async play(from: number, speed: number): Promise<void> {
        this.stop();
        const context = (this.context ??= new AudioContext());
        if (context.state === 'suspended') {
            void context.resume();
        }
        if (speed !== 1) {
            return;
        }
        const round = this.round;
        const began = context.currentTime;
        for (const cue of this.cues.list) {
            const clip = this.ready(cue.media);
            if (clip && this.isLong(clip)) {
                void this.playFile(clip, cue, from, round);
                continue;
            }
            const buffer = clip && (await this.buffer(clip));
            if (round !== this.round) {
                return;
            }
            if (buffer) {
                this.began ??= began;
                this.playBuffer(context, buffer, cue, from + context.currentTime - began);
            }
        }
    }

    /** How many seconds of the present playing have come out of the loudspeaker; null where that is not known. */
    elapsed(): number | null {
        if (this.began === null || this.context?.state !== 'running') {
            return null;
        }
        const { contextTime, performanceTime } = this.context.getOutputTimestamp();
        return contextTime && performanceTime
            ? contextTime + (performance.now() - performanceTime) / 1000 - this.began
            : null;
    }

    stop(): void {
        this.round++;
        this.began = null;
        this.timers.forEach((timer) => clearTimeout(timer));
        this.players.forEach(([player]) => player.pause());
        this.sources.forEach((source) => {
            source.stop();
            source.disconnect();
        });
        [this.timers, this.players, this.sources] = [[], [], []];
    }

    /** @param now where playing is by this time, in seconds of the composition: fetching may have taken a moment */
    private playBuffer(context: AudioContext, buffer: AudioBuffer, cue: SoundCue, now: number): void {
        const late = Math.max(0, now - cue.at);
        if (late >= cue.length) {
            return;
        }
        const source = context.createBufferSource();
        const isBack = cue.speed < 0;
        source.buffer = isBack ? this.backwards(context, buffer) : buffer;
        const gain = context.createGain();
        const start = context.currentTime + Math.max(0, cue.at - now);
        follow(gain.gain, cue.level, start, late);
        follow(source.playbackRate, speedsOf(cue), start, late);
        source.connect(gain).connect(this.outOf(context));
        // What is played is counted in seconds of the sound, however fast it goes by.
        const begin = isBack ? buffer.duration - cue.from : cue.from;
        const gone = goneBy(cue, late);
        source.start(start, Math.max(0, begin + gone), goneBy(cue, cue.length) - gone);
        this.sources.push(source);
    }

    private outOf(context: AudioContext): GainNode {
        if (this.out === null) {
            this.out = context.createGain();
            this.out.gain.value = this.listening.volume;
            this.out.connect(context.destination);
        }
        return this.out;
    }

    private backwards(context: AudioContext, buffer: AudioBuffer): AudioBuffer {
        let turned = this.reversed.get(buffer);
        if (!turned) {
            turned = context.createBuffer(buffer.numberOfChannels, buffer.length, buffer.sampleRate);
            for (let channel = 0; channel < buffer.numberOfChannels; channel++) {
                turned.copyToChannel(buffer.getChannelData(channel).toReversed(), channel);
            }
            this.reversed.set(buffer, turned);
        }
        return turned;
    }

    /** Lets a moment of the composition be heard, as long as a frame is shown and a little longer, while it is gone along by hand. */
    async scrub(at: number, seconds: number): Promise<void> {
        this.stop();
        const context = (this.context ??= new AudioContext());
        const { round } = this;
        for (const cue of this.cues.list) {
            const clip = this.ready(cue.media);
            if (!clip || this.isLong(clip) || at < cue.at || at >= cue.at + cue.length) {
                continue;
            }
            const buffer = await this.buffer(clip);
            if (round !== this.round) {
                return;
            }
            if (buffer) {
                const late = at - cue.at;
                this.playBuffer(context, buffer, { ...cue, length: Math.min(cue.length, late + seconds) }, at);
            }
        }
    }

    private async playFile(clip: Media, cue: SoundCue, from: number, round: number): Promise<void> {
        const began = performance.now();
        const url = await this.file(clip);
        const now = from + (performance.now() - began) / 1000;
        const late = Math.max(0, now - cue.at);
        // A player cannot go backwards.
        if (round !== this.round || !url || late >= cue.length || cue.speed <= 0) {
            return;
        }
        const player = new Audio(url);
        player.preservesPitch = false;
        const speeds = speedsOf(cue);
        player.playbackRate = valueAt(speeds, late);
        const level = Math.min(1, cue.level[0]![1]);
        player.volume = level * this.listening.volume;
        player.currentTime = cue.from + goneBy(cue, late);
        const wait = Math.max(0, cue.at - now);
        if (cue.speeds.length > 0) {
            const follows = (): void => {
                player.playbackRate = valueAt(speeds, from + (performance.now() - began) / 1000 - cue.at);
            };
            this.timers.push(window.setInterval(follows, FOLLOWING));
        }
        this.players.push([player, level]);
        this.timers.push(
            window.setTimeout(() => void player.play().catch(() => undefined), 1000 * wait),
            window.setTimeout(() => player.pause(), 1000 * (wait + cue.length - late)),
        );
    }

    private ready(id: string): Media | null {
        const clip = this.media.find(id);
        return clip?.sound && clip.state === 'ready' ? clip : null;
    }

    private isLong(clip: Media): boolean {
        return clip.frames / perSecond(clip.rate) > LONGEST_DECODED;
    }

    private buffer(clip: Media): Promise<AudioBuffer | null> {
        this.context ??= new AudioContext();
        const context = this.context;
        return remembered(this.buffers, clip.id, async () => {
            const answer = await fetch(`${clip.previews}/sound.ogg`);
            return answer.ok ? context.decodeAudioData(await answer.arrayBuffer()) : null;
        });
    }

    /** The clip's sound as a local address, in which a player can go to any moment. */
    private file(clip: Media): Promise<string | null> {
        return remembered(this.files, clip.id, async () => {
            const answer = await fetch(`${clip.previews}/sound.ogg`);
            return answer.ok ? URL.createObjectURL(await answer.blob()) : null;
        });
    }
}

/**
 * Has a number go in straight lines.
 * @param start when it is heard, by the context's clock
 * @param late how many seconds of it have gone by then
 */
function follow(number: AudioParam, points: [number, number][], start: number, late: number): void {
    number.setValueAtTime(valueAt(points, late), start);
    points
        .filter(([at]) => at > late)
        .forEach(([at, value]) => number.linearRampToValueAtTime(value, start + at - late));
}

/** What was fetched before, or is now; what could not be fetched is tried again the next time. */
function remembered<T>(kept: Map<string, Promise<T | null>>, id: string, make: () => Promise<T | null>) {
    let value = kept.get(id);
    if (!value) {
        value = make().catch(() => {
            kept.delete(id);
            return null;
        });
        kept.set(id, value);
    }
    return value;
}
