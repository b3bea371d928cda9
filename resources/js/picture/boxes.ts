import type { Group, Operation } from '@/api/displayList.gen';
import type { Bounds, Paths } from './paths';
import type { View } from './paint';

/** A place on a canvas in whole pixels: x, y, width and height. */
export type Reach = [number, number, number, number];

/** Beyond this many half widths a pointed corner is cut off. */
export const MITER_LIMIT = 4;

/** How far beyond the canvas, in composition pixels, what filters may bring into it is drawn. */
const FARTHEST = 1500;

const NOTHING: Bounds = [Infinity, Infinity, -Infinity, -Infinity];

const around = (boxes: readonly Bounds[]): Bounds =>
    boxes.reduce(
        ([left, top, right, bottom], box) => [
            Math.min(left, box[0]),
            Math.min(top, box[1]),
            Math.max(right, box[2]),
            Math.max(bottom, box[3]),
        ],
        NOTHING,
    );

export const grown = ([left, top, right, bottom]: Bounds, by: number): Bounds => [
    left - by,
    top - by,
    right + by,
    bottom + by,
];

/** @param points x, y, x, y … */
export function boundsOf(points: readonly number[]): Bounds {
    const corners = points.flatMap((x, index): Bounds[] =>
        index % 2 === 0 ? [[x, points[index + 1]!, x, points[index + 1]!]] : [],
    );
    return around(corners);
}

/** The upright box around a box under a matrix. */
export function moved([left, top, right, bottom]: Bounds, [a, b, c, d, e, f]: readonly number[]): Bounds {
    const at = (x: number, y: number): number[] => [a! * x + c! * y + e!, b! * x + d! * y + f!];
    return boundsOf([at(left, top), at(right, top), at(left, bottom), at(right, bottom)].flat());
}

/** Where all of the operations can be seen, in composition pixels; null where that is not known. */
export function seenOf(operations: readonly Operation[], paths: Paths): Bounds | null {
    const boxes = operations.map((operation) => seenOfOne(operation, paths));
    return boxes.includes(null) ? null : around(boxes as Bounds[]);
}

function seenOfOne(operation: Operation, paths: Paths): Bounds | null {
    switch (operation.op) {
        case 'fill':
            return moved(paths.bounds(operation.path), operation.matrix);
        case 'stroke':
            // A pointed corner reaches as far as it may before it is cut off.
            return moved(grown(paths.bounds(operation.path), (operation.width / 2) * MITER_LIMIT), operation.matrix);
        case 'image':
            return moved([0, 0, operation.size[0]!, operation.size[1]!], operation.matrix);
        case 'pieces':
            return around(operation.pieces.map(({ clip }) => paths.bounds(clip)));
        case 'samples':
            return operation.extent as unknown as Bounds;
        case 'group':
            return seenOfGroup(operation, paths);
    }
}

/** The same of a group. */
export function seenOfGroup({ items, clip, filters, extent }: Group, paths: Paths): Bounds | null {
    if (clip !== undefined) {
        return paths.bounds(clip);
    }
    return filters ? ((extent as Bounds | undefined) ?? null) : seenOf(items, paths);
}

/** What of the composition lies on a canvas. */
export const canvasBox = ({ width, height }: { width: number; height: number }, { scale, x, y }: View): Bounds => [
    -x / scale,
    -y / scale,
    (width - x) / scale,
    (height - y) / scale,
];

/** What filters may draw on, beyond a canvas too. */
export const farthestOf = (canvas: { width: number; height: number }, view: View): Bounds =>
    grown(canvasBox(canvas, view), FARTHEST);

/** How long the longer side of the canvas is beyond which that is, in composition pixels. */
export const longestSide = ([left, top, right, bottom]: Bounds): number =>
    Math.max(right - left, bottom - top) - 2 * FARTHEST;

/** What lies in both boxes. */
export const inBoth = (box: Bounds, other: Bounds): Bounds => [
    Math.max(box[0], other[0]),
    Math.max(box[1], other[1]),
    Math.min(box[2], other[2]),
    Math.min(box[3], other[3]),
];

/** The pixels that a box in composition pixels lies on, and one more on each side, from a multiple of a step to another. */
export function inPixels([left, top, right, bottom]: Bounds, { scale, x, y }: View, step: number): Bounds {
    const from = (side: number): number => step * Math.floor((side - 1) / step);
    const to = (side: number): number => step * Math.ceil((side + 1) / step);
    return [from(left * scale + x), from(top * scale + y), to(right * scale + x), to(bottom * scale + y)];
}

/** The same of a canvas: x, y, width and height. */
export function onCanvas(bounds: Bounds, view: View, width: number, height: number, step = 1): Reach {
    const [left, top, right, bottom] = inPixels(bounds, view, step);
    const [x, y] = [Math.max(0, left), Math.max(0, top)];
    return [x, y, Math.min(width, right) - x, Math.min(height, bottom) - y];
}

/**
 * Whether what is drawn would not be the same but smaller where it is drawn smaller: grain is not evened out there, which would leave
 * nothing of it, and what is pulled into another shape is halved by whole steps.
 */
export const hasOneSize = (operations: readonly Operation[]): boolean =>
    operations.some((operation) => {
        switch (operation.op) {
            case 'fill':
            case 'stroke':
                return operation.gradient?.type === 'grain';
            case 'group':
                return (
                    [operation, ...(operation.masks ?? [])].some(({ items }) => hasOneSize(items)) ||
                    (operation.filters ?? []).some(({ filter }) => filter === 'warp')
                );
            case 'samples':
                return operation.lists.some(hasOneSize);
            case 'pieces':
                return true;
            case 'image':
                return false;
        }
    });
