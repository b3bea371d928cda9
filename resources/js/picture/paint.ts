import type {
    DisplayList,
    Fill,
    Filter,
    Gradient,
    Group,
    Image,
    MaskPart,
    Matrix,
    Operation,
    Pieces,
    Samples,
    Stroke,
} from '@/api/displayList.gen';
import { Beneath } from './beneath';
import {
    boundsOf,
    canvasBox,
    farthestOf,
    grown,
    hasOneSize,
    inBoth,
    inPixels,
    longestSide,
    MITER_LIMIT,
    moved,
    onCanvas,
    seenOfGroup,
} from './boxes';
import { blurred, canvasOf, reachOf, SMALL_DEVIATION, stepOf, withFilters } from './filters';
import { CornerPatterns } from './corners';
import { grainOf } from './grain';
import { warped, warpedEach, type Warp } from './warping';
import type { Bounds, usePaths } from './paths';
import { Shelves } from './shelves';

type Context = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

export interface View {
    scale: number;
    x: number;
    y: number;
}

const MASK_MODES = {
    add: 'source-over',
    subtract: 'destination-out',
    intersect: 'destination-in',
    exclude: 'xor',
} as const;

/** How a picture is laid on another. */
type Laid = Pick<Group, 'opacity' | 'blend'>;

const AS_IT_IS: Laid = { opacity: 1 };

const AS_IT_LIES: Matrix = [1, 0, 0, 1, 0, 0];

/** So many sheets for groups are kept. */
const MOST_SHEETS = 64;

/** Sheets of groups begin at a multiple of so many pixels: where pictures on two of them touch, both are halved alike. */
const STEP = 32;

/** Gives a clip's frame, or null while it is not there. */
export type Pictures = (media: string, frame: number) => ImageBitmap | null;

/** Draws display lists on a canvas, exactly as `docs/display-list.md` says. It decides nothing. */
export class Painter {
    /** Sheets for groups, by the depth of nesting and their size: powers of two, or that of the canvas. */
    private readonly sheets = new Map<string, OffscreenCanvas>();
    /** Sheets for pictures of which the mean is taken, that are not in use. */
    private readonly spare: OffscreenCanvas[] = [];
    private readonly corners = new CornerPatterns();
    private readonly beneath = new Beneath();
    /** Of more pictures than this, not all are drawn: while it plays. */
    mostSamples = Infinity;
    /** What filters may draw on, in composition pixels. */
    private farthest: Bounds = [0, 0, 0, 0];

    constructor(
        private readonly paths: ReturnType<typeof usePaths>,
        private readonly pictures: Pictures,
    ) {}

    paint(context: Context, list: DisplayList, view: View): void {
        this.paintPart(context, list, view, null);
    }

    /**
     * Paints on a clear canvas; what is as it was the last time is taken from there.
     *
     * @param stamp what the picture depends on besides the list and the view
     */
    paintAgain(context: Context, list: DisplayList, view: View, stamp: string): void {
        const done = this.beneath.put(
            context,
            list,
            `${stamp} ${view.scale} ${view.x} ${view.y} ${this.mostSamples}`,
            (onto, count) => this.paintPart(onto, list, view, null, count),
        );
        this.paintPart(context, list, view, done);
    }

    /** @param from the first operation that is not there yet; null where not even the background is */
    private paintPart(context: Context, list: DisplayList, view: View, from: number | null, to?: number): void {
        context.setTransform(view.scale, 0, 0, view.scale, view.x, view.y);
        if (list.background !== null && from === null) {
            context.fillStyle = list.background;
            context.fillRect(0, 0, list.width, list.height);
        }
        context.save();
        context.beginPath();
        context.rect(0, 0, list.width, list.height);
        context.clip();
        this.farthest = farthestOf(context.canvas, view);
        this.draw(context, list.items.slice(from ?? 0, to), view, 0);
        context.restore();
    }

    /** Draws what lies around a frame, beyond its edges too. */
    paintAround(context: Context, list: DisplayList, view: View): void {
        this.farthest = farthestOf(context.canvas, view);
        this.draw(context, list.items, view, 0);
    }

    /** Draws what a list holds for reference, over all that is there already. */
    paintReference(context: Context, list: DisplayList, view: View): void {
        context.setTransform(view.scale, 0, 0, view.scale, view.x, view.y);
        context.save();
        context.beginPath();
        context.rect(0, 0, list.width, list.height);
        context.clip();
        this.farthest = farthestOf(context.canvas, view);
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
                case 'pieces':
                    this.pieces(context, operation, view, depth);
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
            context.fillStyle = this.paintOf(context, { ...fill.gradient, matrix: [1, 0, 0, 1, 0, 0] });
            context.fill(led, rule);
            return;
        }
        context.fillStyle = fill.gradient ? this.paintOf(context, fill.gradient) : fill.colour!;
        context.fill(path, rule);
    }

    private paintOf(context: Context, gradient: Gradient): CanvasGradient | CanvasPattern {
        switch (gradient.type) {
            case 'corners':
                return this.corners.pattern(context, gradient);
            case 'grain':
                // Finer than a pixel it is not evened out: that would leave nothing of it.
                context.imageSmoothingQuality = 'low';
                return grainOf(context, gradient);
            default:
                return gradientOf(context, gradient);
        }
    }

    private stroke(context: Context, stroke: Stroke, view: View): void {
        this.place(context, stroke.matrix, view);
        context.strokeStyle = stroke.gradient ? this.paintOf(context, stroke.gradient) : stroke.colour!;
        context.lineWidth = stroke.width;
        context.lineJoin = stroke.join;
        context.lineCap = stroke.cap ?? 'butt';
        context.setLineDash(stroke.dashes ?? []);
        context.lineDashOffset = stroke.offset ?? 0;
        context.miterLimit = MITER_LIMIT;
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
        if (group.filters && !group.masks && group.clip === undefined) {
            // What comes of them is one picture, which is laid as the group is.
            this.filtered(context, group, group.filters, group, view, depth);
            return;
        }
        const seen = seenOfGroup(group, this.paths);
        const [x, y, wide, high] = seen ? onCanvas(seen, view, width, height, STEP) : [0, 0, width, height];
        if (wide <= 0 || high <= 0) {
            return;
        }
        const sheet = this.sheetFor(depth, Math.min(powerOf2(wide), width), Math.min(powerOf2(high), height));
        const inner = sheet.getContext('2d')!;
        clear(inner);
        // By whole pixels, so that every edge falls as it would where it is laid.
        const within = { ...view, x: view.x - x, y: view.y - y };
        if (group.filters) {
            this.filtered(inner, group, group.filters, AS_IT_IS, within, depth);
        } else {
            this.draw(inner, group.items, within, depth + 1);
        }
        if (group.clip !== undefined) {
            this.keepWithin(inner, group.clip, within);
        }
        if (group.masks) {
            this.mask(inner, group.masks, within, depth);
        }
        laying(context, group, () => context.drawImage(sheet, 0, 0, wide, high, x, y, wide, high));
    }

    /** A sheet for a group, no larger than it need be: a browser copies the whole of each that is laid on another. */
    private sheetFor(depth: number, width: number, height: number): OffscreenCanvas {
        const key = `${depth} ${width} ${height}`;
        let sheet = this.sheets.get(key);
        if (!sheet) {
            if (this.sheets.size === MOST_SHEETS) {
                this.sheets.clear();
            }
            sheet = new OffscreenCanvas(width, height);
            this.sheets.set(key, sheet);
        }
        return sheet;
    }

    /** Clears what is outside of a path. */
    private keepWithin(context: Context, clip: string, view: View): void {
        this.place(context, [1, 0, 0, 1, 0, 0], view);
        context.globalCompositeOperation = 'destination-in';
        context.fillStyle = '#000';
        context.fill(this.paths.path(clip));
        context.globalCompositeOperation = 'source-over';
    }

    /** Draws a group's items on a sheet of their own, does its filters to it, and draws that. */
    private filtered(context: Context, group: Group, filters: Filter[], laid: Laid, view: View, depth: number): void {
        const [only] = filters;
        if (filters.length === 1 && only?.filter === 'warp' && !only.rest) {
            this.pulled(context, group, only, laid, view, depth);
            return;
        }
        // What is moved at last is drawn where it was, and laid where it comes to: between them there is nothing to be drawn.
        const last = filters.at(-1)!;
        const [done, away] = last.filter === 'move' ? [filters.slice(0, -1), last.matrix] : [filters, AS_IT_LIES];
        const reach = done.reduce((sum, filter) => sum + reachOf(filter, longestSide(this.farthest)), 0);
        const seen = inBoth(group.extent as Bounds, canvasBox(context.canvas, view));
        if (seen[2] <= seen[0] || seen[3] <= seen[1]) {
            return;
        }
        const back = new DOMMatrix(away).inverse();
        const from = moved(seen, [back.a, back.b, back.c, back.d, back.e, back.f]);
        // What is as far beyond as filters reach may come into it; but of sheets within sheets none grows on.
        const [left, top, right, bottom] = inPixels(inBoth(grown(from, reach), this.farthest), view, 1);
        if (!(right > left && bottom > top)) {
            return;
        }
        const smaller = hasOneSize(group.items) ? null : stepOf(done, view.scale);
        const step = smaller ?? 1;
        const sheet = canvasOf(Math.ceil((right - left) / step), Math.ceil((bottom - top) / step));
        const within = { scale: view.scale / step, x: (view.x - left) / step, y: (view.y - top) / step };
        const draw = (onto: Context, items: Operation[]): void => this.apart().draw(onto, items, within, depth + 1);
        draw(sheet.getContext('2d')!, group.items);
        const drawn =
            smaller === null
                ? withFilters(sheet, done, within, draw)
                : blurred(withFilters(sheet, done.slice(0, -1), within, draw), SMALL_DEVIATION);
        laying(context, laid, () => {
            const place = new DOMMatrix([view.scale, 0, 0, view.scale, view.x, view.y]);
            context.setTransform(place.multiply(new DOMMatrix(away)).multiply(place.inverse()));
            context.imageSmoothingQuality = 'low';
            context.drawImage(drawn, left, top, step * drawn.width, step * drawn.height);
        });
    }

    /**
     * The same where all of it is pulled into another shape: what it is taken from and where it is seen may be far from each other,
     * and each is no larger than it need be.
     */
    private pulled(context: Context, group: Group, warp: Warp, laid: Laid, view: View, depth: number): void {
        const { width, height } = context.canvas;
        const step = 2 ** Math.max(0, ...(warp.halvings ?? []));
        const source = boundsOf(warp.from);
        // Two sheets that touch are halved alike where both begin with the same pixel of the frame.
        const from = inPixels(inBoth(source, this.farthest), view, step);
        const to = inPixels(group.extent as Bounds, view, 1);
        const seen: Bounds = [Math.max(0, to[0]), Math.max(0, to[1]), Math.min(width, to[2]), Math.min(height, to[3])];
        if (from[2] <= from[0] || from[3] <= from[1] || seen[2] <= seen[0] || seen[3] <= seen[1]) {
            return;
        }
        const sheet = canvasOf(from[2] - from[0], from[3] - from[1]);
        const on = (box: Bounds): View => ({ scale: view.scale, x: view.x - box[0], y: view.y - box[1] });
        this.apart().draw(sheet.getContext('2d')!, group.items, on(from), depth + 1);
        const drawn = warped(sheet, warp, on(from), {
            ...on(seen),
            width: seen[2] - seen[0],
            height: seen[3] - seen[1],
        });
        laying(context, laid, () => context.drawImage(drawn, seen[0], seen[1]));
    }

    /** A picture that is drawn once, of which pieces are pulled into other shapes, side by side, and then cut out and laid where they are. */
    private pieces(context: Context, { items, pieces }: Pieces, view: View, depth: number): void {
        const { width, height } = context.canvas;
        const halvings = Math.max(0, ...pieces.map((piece) => piece.halvings ?? 0));
        const from = inPixels(inBoth(boundsOf(pieces.flatMap(({ part }) => part)), this.farthest), view, 2 ** halvings);
        const rows = new Shelves(width);
        const seen = pieces.flatMap((piece) => {
            const [x, y, wide, high] = onCanvas(this.paths.bounds(piece.clip), view, width, height);
            if (wide <= 0 || high <= 0) {
                return [];
            }
            const [left, top] = rows.put(wide, high);
            const lies = { scale: view.scale, x: view.x - x + left, y: view.y - y + top };
            return [{ piece, x, y, to: { ...lies, left, top, width: wide, height: high } }];
        });
        if (seen.length === 0 || from[2] <= from[0] || from[3] <= from[1]) {
            return;
        }
        const sheet = canvasOf(from[2] - from[0], from[3] - from[1]);
        const on = { scale: view.scale, x: view.x - from[0], y: view.y - from[1] };
        this.apart().draw(sheet.getContext('2d')!, items, on, depth + 1);
        const drawn = warpedEach(sheet, on, seen, [rows.width, rows.height]);
        if (drawn === null) {
            return;
        }
        const taken = this.sheet(rows.width, rows.height);
        taken.getContext('2d')!.putImageData(drawn, 0, 0);
        for (const {
            piece: { clip, opacity },
            x,
            y,
            to,
        } of seen) {
            context.save();
            this.place(context, [1, 0, 0, 1, 0, 0], view);
            context.clip(this.paths.path(clip));
            context.setTransform(1, 0, 0, 1, 0, 0);
            context.globalAlpha = opacity;
            context.drawImage(taken, to.left, to.top, to.width, to.height, x, y, to.width, to.height);
            context.restore();
        }
        this.spare.push(taken);
    }

    /** One that draws on sheets of this one's, which has sheets of its own: those of another size would be made anew for each group. */
    private apart(): Painter {
        const painter = new Painter(this.paths, this.pictures);
        painter.farthest = this.farthest;
        painter.mostSamples = this.mostSamples;
        return painter;
    }

    /** Leaves of a sheet what its masks show. */
    private mask(context: Context, parts: MaskPart[], view: View, depth: number): void {
        const { width, height } = context.canvas;
        const [whole, one] = [this.sheet(width, height), this.sheet(width, height)];
        const [all, single] = [whole.getContext('2d')!, one.getContext('2d')!];
        parts.forEach((part, index) => {
            if (index === 0 && part.mode !== 'add') {
                // The first one is taken from all that there is.
                all.fillStyle = '#000';
                all.fillRect(0, 0, width, height);
            }
            clear(single);
            this.draw(single, part.items, view, depth + 1);
            if (part.inverted) {
                single.setTransform(1, 0, 0, 1, 0, 0);
                single.globalCompositeOperation = 'xor';
                single.fillStyle = '#000';
                single.fillRect(0, 0, width, height);
                single.globalCompositeOperation = 'source-over';
            }
            all.globalCompositeOperation = MASK_MODES[part.mode];
            all.drawImage(one, 0, 0);
            all.globalCompositeOperation = 'source-over';
        });
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.globalCompositeOperation = 'destination-in';
        context.drawImage(whole, 0, 0);
        context.globalCompositeOperation = 'source-over';
        this.spare.push(whole, one);
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

/** @param draw in pixels of the canvas */
function laying(context: Context, { opacity, blend }: Laid, draw: () => void): void {
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = opacity;
    // A canvas has its own word for one of them.
    context.globalCompositeOperation = blend === 'plus-lighter' ? 'lighter' : (blend ?? 'source-over');
    draw();
    context.globalCompositeOperation = 'source-over';
    context.globalAlpha = 1;
}

const powerOf2 = (side: number): number => 2 ** Math.ceil(Math.log2(side));

function clear(context: Context): void {
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, context.canvas.width, context.canvas.height);
}

/** A gradient whose matrix keeps angles, in the space that the context is in. */
function gradientOf(context: Context, { type, matrix: [a, b, c, d, e, f], focus, stops }: Gradient): CanvasGradient {
    const [x, y] = focus ?? [0, 0];
    const paint =
        type === 'linear'
            ? context.createLinearGradient(e, f, a + e, b + f)
            : context.createRadialGradient(a * x! + c * y! + e, b * x! + d * y! + f, 0, e, f, Math.hypot(a, b));
    for (const [offset, colour] of (stops ?? []) as [number, string][]) {
        paint.addColorStop(offset, colour);
    }
    return paint;
}
