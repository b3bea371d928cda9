import type { SoundCue } from '@/api/answers';
import { get } from '@/api/client';
import { useComposition } from '@/project/composition';
import { useMedia } from '@/project/media';

/** Plays the composition's sound; while some is heard, its clock is the one that the picture follows. */
export class Sound {
    private context: AudioContext | null = null;
    private readonly buffers = new Map<string, Promise<AudioBuffer | null>>();
    private sources: AudioBufferSourceNode[] = [];
    /** When, by the context's clock, the present playing began; null while nothing is to be heard. */
    private began: number | null = null;
    private cues: SoundCue[] = [];
    private readonly composition = useComposition();
    private readonly media = useMedia();

    /** Finds out what is to be heard, and fetches it. */
    async prepare(): Promise<void> {
        this.cues = (await get<{ cues: SoundCue[] }>(`/compositions/${this.composition.id}/sounds`)).cues;
        this.cues.forEach((cue) => void this.buffer(cue.media));
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
        const began = context.currentTime;
        this.began = this.cues.length > 0 ? began : null;
        for (const cue of this.cues) {
            const buffer = await this.buffer(cue.media);
            // Decoding may have taken a moment: the sound joins in where the picture is by then.
            const passed = context.currentTime - began;
            const late = Math.max(0, from + passed - cue.at);
            if (!buffer || late >= cue.length) {
                continue;
            }
            const source = context.createBufferSource();
            source.buffer = buffer;
            source.connect(context.destination);
            source.start(context.currentTime + Math.max(0, cue.at - from - passed), cue.from + late, cue.length - late);
            this.sources.push(source);
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
        this.began = null;
        this.sources.forEach((source) => {
            source.stop();
            source.disconnect();
        });
        this.sources = [];
    }

    private buffer(id: string): Promise<AudioBuffer | null> {
        const clip = this.media.find(id);
        if (!clip?.sound || clip.state !== 'ready') {
            return Promise.resolve(null);
        }
        let buffer = this.buffers.get(id);
        if (!buffer) {
            this.context ??= new AudioContext();
            const context = this.context;
            buffer = fetch(`${clip.previews}/sound.ogg`)
                .then(async (answer) => (answer.ok ? context.decodeAudioData(await answer.arrayBuffer()) : null))
                .catch(() => null);
            this.buffers.set(id, buffer);
        }
        return buffer;
    }
}
