import type { DisplayList } from '@/api/displayList.gen';
import { Painter, type View } from './paint';
import { Paths, type Bounds } from './paths';
import { PictureStore } from './pictures';

/** Draws small pictures of what a layer could be, each on a canvas of its own, zoomed to where the layer is. */
export class Sampler {
    private readonly paths = new Paths();
    private readonly pictures = new PictureStore();
    private readonly painter = new Painter(this.paths, (media, frame) => this.pictures.get(media, frame));
    /** Counts up when a clip's frame that was missing has come. */
    readonly arrivals = this.pictures.arrivals;

    /** @param around how much is shown on each side of the layer, in its own sizes */
    constructor(private readonly around: number) {}

    learn(list: DisplayList): void {
        this.paths.learn(list.paths);
    }

    draw(canvas: HTMLCanvasElement, list: DisplayList, bounds: Bounds): void {
        const context = canvas.getContext('2d')!;
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.clearRect(0, 0, canvas.width, canvas.height);
        this.painter.paint(context, list, this.view(bounds, canvas.width, canvas.height));
    }

    private view([left, top, right, bottom]: Bounds, width: number, height: number): View {
        const across = Math.max(1, right - left) * (1 + 2 * this.around);
        const down = Math.max(1, bottom - top) * (1 + 2 * this.around);
        const scale = Math.min(width / across, height / down);
        return { scale, x: width / 2 - (scale * (left + right)) / 2, y: height / 2 - (scale * (top + bottom)) / 2 };
    }
}
