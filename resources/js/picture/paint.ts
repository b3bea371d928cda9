import type {
    DisplayList,
    Fill,
    Gradient,
    Group,
    Image,
    Matrix,
    Operation,
    Samples,
    Stroke,
} from '@/api/displayList.gen';
import type { usePaths } from './paths';

type Context = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

export interface View {
    scale: number;
    x: number;
    y: number;
}

/** Gives a clip's frame, or null while it is not there. */
export type Pictures = (media: string, frame: number) => ImageBitmap | null;

/** Draws display lists on a canvas, exactly as `docs/display-list.md` says. It decides nothing. */
export class Painter {
    /** Sheets for groups, one for each depth of nesting. */
    private readonly sheets: OffscreenCanvas[] = [];
    /** Sheets for pictures of which the mean is taken, that are not in use. */
    private readonly spare: OffscreenCanvas[] = [];
    /** Of more pictures than this, not all are drawn: while it plays. */
    mostSamples = Infinity;

    constructor(
        private readonly paths: ReturnType<typeof usePaths>,
        private readonly pictures: Pictures,
    ) {}

    paint(context: Context, list: DisplayList, view: View): void {
        context.setTransform(view.scale, 0, 0, view.scale, view.x, view.y);
        if (list.background !== null) {
            context.fillStyle = list.background;
            context.fillRect(0, 0, list.width, list.height);
        }
        context.save();
        context.beginPath();
        context.rect(0, 0, list.width, list.height);
        context.clip();
        this.draw(context, list.items, view, 0);
        context.restore();
    }

    /** Draws what a list holds for reference, over all that is there already. */
    paintReference(context: Context, list: DisplayList, view: View): void {
        context.setTransform(view.scale, 0, 0, view.scale, view.x, view.y);
        context.save();
        context.beginPath();
        context.rect(0, 0, list.width, list.height);
        context.clip();
        this.draw(context, list.reference ?? [], view, 0);
        context.restore();
    }

    private draw(context: Context, operations: Operation[], view: View, depth: number): void {
        for (const operation of operations) {
            switch (operation.op) {
                case 'fill':
                    this.fill(context, operation, view);
                    break;
                case 'stroke':
                    this.stroke(context, operation, view);
                    break;
                case 'image':
                    this.image(context, operation, view);
                    break;
                case 'group':
                    this.group(context, operation, view, depth);
                    break;
                case 'samples':
                    this.samples(context, operation, view, depth);
                    break;
            }
        }
    }

    private place(context: Context, matrix: Matrix, view: View): void {
        context.setTransform(view.scale, 0, 0, view.scale, view.x, view.y);
        context.transform(...matrix);
    }

    private fill(context: Context, fill: Fill, view: View): void {
        this.place(context, fill.matrix, view);
        const path = this.paths.path(fill.path);
        const rule = fill.rule ?? 'nonzero';
        if (fill.gradient?.type === 'radial') {
            // A canvas knows circles only: in the gradient's own space it is one, and the path is led there.
            const into = new DOMMatrix(fill.gradient.matrix);
            const led = new Path2D();
            led.addPath(path, into.inverse());
            context.transform(...fill.gradient.matrix);
            context.fillStyle = paintOf(context, { ...fill.gradient, matrix: [1, 0, 0, 1, 0, 0] });
            context.fill(led, rule);
            return;
        }
        context.fillStyle = fill.gradient ? paintOf(context, fill.gradient) : fill.colour!;
        context.fill(path, rule);
    }

    private stroke(context: Context, stroke: Stroke, view: View): void {
        this.place(context, stroke.matrix, view);
        context.strokeStyle = stroke.gradient ? paintOf(context, stroke.gradient) : stroke.colour!;
        context.lineWidth = stroke.width;
        context.lineJoin = stroke.join;
        context.lineCap = stroke.cap ?? 'butt';
        context.setLineDash(stroke.dashes ?? []);
        context.lineDashOffset = stroke.offset ?? 0;
        context.miterLimit = 4;
        context.stroke(this.paths.path(stroke.path));
    }

    private image(context: Context, image: Image, view: View): void {
        const picture = this.pictures(image.media, image.frame);
        if (!picture) {
            return;
        }
        this.place(context, image.matrix, view);
        context.globalAlpha = image.opacity;
        context.imageSmoothingQuality = 'medium';
        context.drawImage(picture, 0, 0, image.size[0]!, image.size[1]!);
        context.globalAlpha = 1;
    }

    private group(context: Context, group: Group, view: View, depth: number): void {
        const { width, height } = context.canvas;
        const sheet = (this.sheets[depth] ??= new OffscreenCanvas(width, height));
        if (sheet.width !== width || sheet.height !== height) {
            sheet.width = width;
            sheet.height = height;
        }
        const inner = sheet.getContext('2d')!;
        inner.setTransform(1, 0, 0, 1, 0, 0);
        inner.clearRect(0, 0, width, height);
        this.draw(inner, group.items, view, depth + 1);
        if (group.clip !== undefined) {
            this.place(inner, [1, 0, 0, 1, 0, 0], view);
            inner.globalCompositeOperation = 'destination-in';
            inner.fillStyle = '#000';
            inner.fill(this.paths.path(group.clip));
            inner.globalCompositeOperation = 'source-over';
        }
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.globalAlpha = group.opacity;
        context.drawImage(sheet, 0, 0);
        context.globalAlpha = 1;
    }

    private samples(context: Context, samples: Samples, view: View, depth: number): void {
        let lists: Operation[][] = samples.lists;
        while (lists.length > this.mostSamples) {
            lists = lists.filter((_, index) => index % 2 === 0);
        }
        const [left, top, right, bottom] = samples.extent as [number, number, number, number];
        const x = Math.max(0, Math.floor(view.x + left * view.scale) - 1);
        const y = Math.max(0, Math.floor(view.y + top * view.scale) - 1);
        const width = Math.min(context.canvas.width, Math.ceil(view.x + right * view.scale) + 1) - x;
        const height = Math.min(context.canvas.height, Math.ceil(view.y + bottom * view.scale) + 1) - y;
        if (width <= 0 || height <= 0) {
            return;
        }
        const sheet = this.mean(lists, { scale: view.scale, x: view.x - x, y: view.y - y }, width, height, depth);
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.drawImage(sheet, 0, 0, width, height, x, y, width, height);
        this.spare.push(sheet);
    }

    /** The mean of pictures, in pairs: added up at 1/n each they would lose what is less than one of 255. */
    private mean(lists: Operation[][], view: View, width: number, height: number, depth: number): OffscreenCanvas {
        if (lists.length === 1) {
            const sheet = this.sheet(width, height);
            this.draw(sheet.getContext('2d')!, lists[0]!, view, depth + 1);
            return sheet;
        }
        const half = (lists.length + 1) >> 1;
        const sheet = this.mean(lists.slice(0, half), view, width, height, depth);
        const other = this.mean(lists.slice(half), view, width, height, depth);
        const context = sheet.getContext('2d')!;
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.globalAlpha = 0.5;
        context.globalCompositeOperation = 'destination-out';
        context.fillStyle = '#000';
        context.fillRect(0, 0, width, height);
        context.globalCompositeOperation = 'lighter';
        context.drawImage(other, 0, 0, width, height, 0, 0, width, height);
        context.globalCompositeOperation = 'source-over';
        context.globalAlpha = 1;
        this.spare.push(other);
        return sheet;
    }

    /** A clear one, at least that large. */
    private sheet(width: number, height: number): OffscreenCanvas {
        const sheet = this.spare.pop() ?? new OffscreenCanvas(width, height);
        if (sheet.width < width || sheet.height < height) {
            sheet.width = Math.max(sheet.width, width);
            sheet.height = Math.max(sheet.height, height);
        }
        const context = sheet.getContext('2d')!;
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.clearRect(0, 0, sheet.width, sheet.height);
        return sheet;
    }
}

/** A gradient whose matrix keeps angles, in the space that the context is in. */
function paintOf(context: Context, { type, matrix: [a, b, c, d, e, f], focus, stops }: Gradient): CanvasGradient {
    const [x, y] = focus ?? [0, 0];
    const paint =
        type === 'linear'
            ? context.createLinearGradient(e, f, a + e, b + f)
            : context.createRadialGradient(a * x! + c * y! + e, b * x! + d * y! + f, 0, e, f, Math.hypot(a, b));
    for (const [offset, colour] of stops as [number, string][]) {
        paint.addColorStop(offset, colour);
    }
    return paint;
}
