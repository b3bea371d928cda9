import { shallowRef } from 'vue';
import { useMedia } from '@/project/media';

const KEPT = 220;

/** Preview frames of clips: fetched ahead, decoded beside the page, the least used let go. */
export class PictureStore {
    /** Counts up when a frame that was missing has come. */
    readonly arrivals = shallowRef(0);
    private readonly kept = new Map<string, ImageBitmap>();
    private readonly coming = new Set<string>();
    private readonly media = useMedia();

    /** The frame, or the nearest one before it that is there, so that a picture is late rather than absent. */
    get(media: string, frame: number): ImageBitmap | null {
        void this.fetch(media, frame);
        for (let near = frame; near > frame - 50 && near >= 0; near--) {
            const picture = this.kept.get(`${media}/${near}`);
            if (picture) {
                return picture;
            }
        }
        return this.kept.get(`${media}/${frame + 1}`) ?? null;
    }

    has(media: string, frame: number): boolean {
        return this.kept.has(`${media}/${frame}`);
    }

    async fetch(media: string, frame: number): Promise<void> {
        const key = `${media}/${frame}`;
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
            const answer = await fetch(`${clip.previews}/frames/${String(frame).padStart(6, '0')}.jpg`);
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
