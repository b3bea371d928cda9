import { useMedia } from '@/project/media';

/** How many are kept; each may be as large as a film's frame. */
const KEPT = 8;

/** Frames of clips as their files hold them, at full size: asked for where the picture stands still. */
export class OriginalFrames {
    private readonly kept = new Map<string, ImageBitmap>();
    private readonly media = useMedia();
    private asking: AbortController | null = null;

    constructor(private readonly arrived: () => void) {}

    get(media: string, frame: number): ImageBitmap | null {
        return this.kept.get(`${media}/${frame}`) ?? null;
    }

    /**
     * Has these frames fetched, one after the other; what was asked for before is given up.
     *
     * @param scale how many pixels of the screen a pixel of the clip takes, by the frame
     */
    async want(frames: { media: string; frame: number; scale: number }[]): Promise<void> {
        this.asking?.abort();
        const abort = new AbortController();
        this.asking = abort;
        for (const { media, frame, scale } of frames) {
            if (!abort.signal.aborted && !this.get(media, frame) && this.isWorthIt(media, frame, scale)) {
                await this.fetch(media, frame, abort.signal);
            }
        }
    }

    /** Whether more would be seen of it than the preview shows. */
    private isWorthIt(media: string, frame: number, scale: number): boolean {
        const clip = this.media.find(media);
        if (!clip) {
            return false;
        }
        const isAnother = frame % clip.preview.every !== 0;
        return isAnother || Math.min(1, scale) * clip.height > clip.preview.height * 1.05;
    }

    private async fetch(media: string, frame: number, signal: AbortSignal): Promise<void> {
        const clip = this.media.find(media)!;
        try {
            const hash = clip.previews.split('/').at(-1);
            const answer = await fetch(`/api/media/${clip.number}/frames/${hash}/${frame}`, { signal });
            if (answer.ok) {
                this.kept.set(`${media}/${frame}`, await createImageBitmap(await answer.blob()));
                this.forgetOldest();
                this.arrived();
            }
        } catch {
            // Given up, or the server is away: the preview stays.
        }
    }

    private forgetOldest(): void {
        if (this.kept.size > KEPT) {
            const [oldest, picture] = this.kept.entries().next().value!;
            picture.close();
            this.kept.delete(oldest);
        }
    }
}
