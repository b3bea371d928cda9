import { shallowRef } from 'vue';
import { useMedia } from '@/project/media';
import { OriginalFrames } from './originals';

const KEPT = 220;

/** Preview frames of clips: fetched ahead, decoded beside the page, the least used let go. */
export class PictureStore {
    /** Counts up when a frame that was missing has come. */
    readonly arrivals = shallowRef(0);
    private readonly kept = new Map<string, ImageBitmap>();
    private readonly coming = new Set<string>();
    private readonly media = useMedia();
    /** Frames at full size, for a picture that stands still. */
    readonly originals = new OriginalFrames(() => this.arrivals.value++);

    /**
     * The frame as its file holds it where that is there, else its preview, or the nearest one before it, so that a
     * picture is late rather than absent.
     */
    get(media: string, frame: number): ImageBitmap | null {
        const original = this.originals.get(media, frame);
        if (original) {
            return original;
        }
        const index = this.index(media, frame);
        void this.fetch(media, frame);
        for (let near = index; near > index - 50 && near >= 0; near--) {
            const picture = this.kept.get(`${media}/${near}`);
            if (picture) {
                return picture;
            }
        }
        return this.kept.get(`${media}/${index + 1}`) ?? null;
    }

    has(media: string, frame: number): boolean {
        return this.kept.has(`${media}/${this.index(media, frame)}`);
    }

    /** Which of the preview frames shows a frame of the clip. */
    private index(media: string, frame: number): number {
        return Math.floor(frame / (this.media.find(media)?.preview.every ?? 1));
    }

    async fetch(media: string, frame: number): Promise<void> {
        const index = this.index(media, frame);
        const key = `${media}/${index}`;
        const known = this.kept.get(key);
        if (known) {
            this.kept.delete(key);
            this.kept.set(key, known);
            return;
        }
        const clip = this.media.find(media);
        if (!clip || this.coming.has(key) || (clip.state !== 'ready' && frame >= clip.prepared - 1)) {
            return;
        }
        this.coming.add(key);
        try {
            const name = `${String(index).padStart(6, '0')}.${clip.preview.type}`;
            const answer = await fetch(`${clip.previews}/frames/${name}`);
            if (answer.ok) {
                this.keep(key, await createImageBitmap(await answer.blob()));
            }
        } catch {
            // The frame is asked for again when it is next needed.
        } finally {
            this.coming.delete(key);
        }
    }

    private keep(key: string, picture: ImageBitmap): void {
        this.kept.set(key, picture);
        if (this.kept.size > KEPT) {
            const [oldest, bitmap] = this.kept.entries().next().value!;
            bitmap.close();
            this.kept.delete(oldest);
        }
        this.arrivals.value++;
    }
}
