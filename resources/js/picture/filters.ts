import type { Filter, Matrix, Operation } from '@/api/displayList.gen';
import { multiplied } from './multiplying';
import { warped } from './warping';

type Canvas = HTMLCanvasElement;

type Cells = Extract<Filter, { filter: 'cells' }>;

const SVG = 'http://www.w3.org/2000/svg';

/** A picture that is drawn less than so many times smaller takes as long as one that is not. */
const LEAST_STEP = 1.4;

/** Which value of a colour matrix says how much of alpha is alpha. */
const ALPHA_OF_ALPHA = 18;

/** How many of them are kept at hand in the document. */
const MOST = 64;

/** A canvas of the document, because others do not take filters by their address. */
export function canvasOf(width: number, height: number): Canvas {
    const canvas = document.createElement('canvas');
    canvas.width = width;
    canvas.height = height;
    return canvas;
}

let definitions: SVGSVGElement | null = null;
const known = new Map<string, string>();
let made = 0;

/**
 * @param text by which it is known
 * @returns the address of what is made of colours in the document
 */
function colourFilter(text: string, primitive: () => SVGElement): string {
    let id = known.get(text);
    if (!id) {
        if (!definitions) {
            definitions = document.createElementNS(SVG, 'svg');
            definitions.setAttribute('width', '0');
            definitions.setAttribute('height', '0');
            definitions.setAttribute('aria-hidden', 'true');
            definitions.style.position = 'absolute';
            document.body.append(definitions);
        }
        id = `ricamo-colours-${made++}`;
        const filter = document.createElementNS(SVG, 'filter');
        filter.id = id;
        filter.setAttribute('color-interpolation-filters', 'sRGB');
        for (const [name, value] of Object.entries({ x: '0', y: '0', width: '1', height: '1' })) {
            filter.setAttribute(name, value);
        }
        filter.append(primitive());
        definitions.append(filter);
        known.set(text, id);
        if (known.size > MOST) {
            const [oldest, address] = known.entries().next().value!;
            known.delete(oldest);
            document.getElementById(address)?.remove();
        }
    }
    return `url(#${id})`;
}

function colourMatrix(values: string): SVGElement {
    const matrix = document.createElementNS(SVG, 'feColorMatrix');
    matrix.setAttribute('type', 'matrix');
    matrix.setAttribute('values', values);
    return matrix;
}

/** With as many values as a channel has, none is mixed of two. */
function tables(channels: [name: string, values: readonly number[]][]): SVGElement {
    const transfer = document.createElementNS(SVG, 'feComponentTransfer');
    for (const [name, values] of channels) {
        const one = document.createElementNS(SVG, name);
        one.setAttribute('type', 'table');
        one.setAttribute('tableValues', values.map((value) => value / 255).join(' '));
        transfer.append(one);
    }
    return transfer;
}

function redrawn(canvas: Canvas, draw: (context: CanvasRenderingContext2D) => void): Canvas {
    const fresh = canvasOf(canvas.width, canvas.height);
    draw(fresh.getContext('2d')!);
    return fresh;
}

/** @param deviation in pixels */
export const blurred = (canvas: Canvas, deviation: number): Canvas =>
    redrawn(canvas, (context) => {
        context.filter = `blur(${deviation}px)`;
        context.drawImage(canvas, 0, 0);
    });

/**
 * A browser blurs by three boxes of whole pixels, one after another: of 5 pixels each, they have just this deviation. It is wide enough
 * for a picture that is drawn large again to be right to one of 255.
 */
export const SMALL_DEVIATION = Math.sqrt((3 * (5 ** 2 - 1)) / 12);

/**
 * How many times smaller a picture is drawn to be blurred by `SMALL_DEVIATION` there instead of by so many pixels: of what a wide blur
 * leaves, no more is to be seen, and a browser without a graphics card takes half the time.
 *
 * @returns null where that is of no use
 */
export function stepOfBlur(deviation: number): number | null {
    // To draw it smaller blurs as well, a box of that many pixels, and so does to draw it large again, which weighs two by their distance.
    const step = Math.sqrt((deviation ** 2 + 1 / 12) / (SMALL_DEVIATION ** 2 + 1 / 12 + 1 / 6));
    return step < LEAST_STEP ? null : step;
}

/** Whether a filter makes one colour of all, as opaque in each place as it was or as far as it was: it does the same to a smaller picture. */
const isSilhouette = (filter: Filter): boolean =>
    filter.filter === 'matrix' &&
    filter.values.every((value, index) => value === 0 || index % 5 === 4 || index === ALPHA_OF_ALPHA);

/** How many times smaller a picture is drawn that filters end by blurring far; null where they do something else. */
export function stepOf(filters: readonly Filter[], scale: number): number | null {
    const last = filters.at(-1);
    return last?.filter === 'blur' && filters.slice(0, -1).every(isSilhouette)
        ? stepOfBlur(last.deviation * scale)
        : null;
}

/** The mean of a picture and another under a matrix: the same, where no other is given. */
function mean(canvas: Canvas, matrix: DOMMatrix, other = canvas): Canvas {
    return redrawn(canvas, (context) => {
        context.drawImage(canvas, 0, 0);
        context.globalAlpha = 0.5;
        context.globalCompositeOperation = 'destination-out';
        context.fillRect(0, 0, canvas.width, canvas.height);
        context.globalCompositeOperation = 'lighter';
        context.setTransform(matrix);
        context.drawImage(other, 0, 0);
    });
}

function over(canvas: Canvas, matrix: DOMMatrix): Canvas {
    return redrawn(canvas, (context) => {
        context.drawImage(canvas, 0, 0);
        context.setTransform(matrix);
        context.drawImage(canvas, 0, 0);
    });
}

/** The colours of cells as a small picture of one pixel each, and that so much larger. @param origin on the sheet */
function inCells(canvas: Canvas, filter: Cells, scale: number, [x, y]: [number, number]): Canvas {
    const side = Math.max(1e-3, filter.side * scale);
    const [left, top] = [Math.floor(-x / side), Math.floor(-y / side)];
    const size = [Math.ceil((canvas.width - x) / side - left), Math.ceil((canvas.height - y) / side - top)] as const;
    const larger = new DOMMatrix([side, 0, 0, side, x + left * side, y + top * side]);
    let pictures = filter.at.map((at) => {
        const small = canvasOf(...size);
        const taking = small.getContext('2d')!;
        taking.imageSmoothingEnabled = false;
        // The middle of a small pixel is to lie on the point that gives the colour.
        taking.setTransform(larger.translate(at[0]! - 0.5, at[1]! - 0.5).inverse());
        taking.drawImage(canvas, 0, 0);
        return small;
    });
    while (pictures.length > 1) {
        pictures = pictures.flatMap((one, index) =>
            index % 2 === 0 && pictures[index + 1] ? [mean(one, new DOMMatrix(), pictures[index + 1])] : [],
        );
    }
    const [small] = pictures as [Canvas];
    return redrawn(canvas, (context) => {
        context.imageSmoothingEnabled = false;
        context.setTransform(larger);
        context.drawImage(small, 0, 0);
    });
}

/** Draws operations on a sheet on which the composition lies as it does on the one that is filtered. */
type Draw = (context: CanvasRenderingContext2D, operations: Operation[]) => void;

/** Does a filter to a sheet. @param view the scale and the place of the composition on it */
function filtered(
    canvas: Canvas,
    filter: Filter,
    { scale, x, y }: { scale: number; x: number; y: number },
    draw: Draw,
): Canvas {
    const place = new DOMMatrix([scale, 0, 0, scale, x, y]);
    /** A matrix of the composition's pixels, of the sheet's. */
    const onSheet = (matrix: Matrix): DOMMatrix => place.multiply(new DOMMatrix(matrix)).multiply(place.inverse());
    switch (filter.filter) {
        case 'blur':
            return blurred(canvas, filter.deviation * scale);
        case 'matrix':
            return redrawn(canvas, (context) => {
                const values = filter.values.join(' ');
                context.filter = colourFilter(values, () => colourMatrix(values));
                context.drawImage(canvas, 0, 0);
            });
        case 'tables':
            return redrawn(canvas, (context) => {
                const channels = (['red', 'green', 'blue', 'alpha'] as const).flatMap(
                    (channel): [string, readonly number[]][] =>
                        filter[channel] ? [[`feFunc${channel[0]!.toUpperCase()}`, filter[channel]]] : [],
                );
                context.filter = colourFilter(JSON.stringify(channels), () => tables(channels));
                context.drawImage(canvas, 0, 0);
            });
        case 'lit':
            return multiplied(
                canvas,
                redrawn(canvas, (context) => {
                    context.fillStyle = '#000';
                    context.fillRect(0, 0, canvas.width, canvas.height);
                    draw(context, filter.items);
                }),
            );
        case 'atop': {
            const over = canvasOf(canvas.width, canvas.height);
            draw(over.getContext('2d')!, filter.items);
            return redrawn(canvas, (context) => {
                context.drawImage(canvas, 0, 0);
                context.globalCompositeOperation = 'source-atop';
                context.drawImage(over, 0, 0);
            });
        }
        case 'warp':
            return warped(canvas, filter, { scale, x, y });
        case 'cells':
            return inCells(canvas, filter, scale, [filter.origin[0]! * scale + x, filter.origin[1]! * scale + y]);
        case 'move':
            return redrawn(canvas, (context) => {
                context.setTransform(onSheet(filter.matrix));
                context.drawImage(canvas, 0, 0);
            });
        case 'means':
            return filter.matrices.reduce(
                (sheet, matrix: Matrix) => (filter.over ? over : mean)(sheet, onSheet(matrix)),
                canvas,
            );
    }
}

export const withFilters = (
    canvas: Canvas,
    filters: readonly Filter[],
    view: { scale: number; x: number; y: number },
    draw: Draw,
): Canvas => filters.reduce((sheet, filter) => filtered(sheet, filter, view, draw), canvas);

/** How far a filter reaches beyond what it is done to, in composition pixels. @param size of the frame, its longer side */
export function reachOf(filter: Filter, size: number): number {
    switch (filter.filter) {
        case 'blur':
            return 3 * filter.deviation;
        case 'cells':
            return filter.side;
        case 'move':
        case 'means':
        case 'warp':
            return size;
        case 'lit':
        case 'atop':
        case 'matrix':
        case 'tables':
            return 0;
    }
}
