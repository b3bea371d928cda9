import type { DisplayList, Matrix } from '@/api/displayList.gen';
import { Painter } from '@/picture/paint';
import { usePaths } from '@/picture/paths';

async function bitmapOf(png: string): Promise<ImageBitmap> {
    const bytes = Uint8Array.from(atob(png), (character) => character.charCodeAt(0));
    return createImageBitmap(new Blob([bytes]), { colorSpaceConversion: 'none' });
}

function canvasFor(list: DisplayList, scale: number): HTMLCanvasElement {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(scale * list.width), Math.round(scale * list.height)];
    return canvas;
}

/** Draws a display list as the preview does, so many pixels for each of its own; every clip shows one picture. */
export async function draw(json: string, png: string, scale = 1): Promise<string> {
    const list = JSON.parse(json) as DisplayList;
    const bitmap = await bitmapOf(png);
    usePaths().learn(list.paths);
    const canvas = canvasFor(list, scale);
    new Painter(usePaths(), () => bitmap).paint(canvas.getContext('2d')!, list, { scale, x: 0, y: 0 });
    return canvas.toDataURL('image/png');
}

/** A list in which everything from an operation on is shifted. */
function shifted(list: DisplayList, from: number): DisplayList {
    const moved = (matrix: Matrix): Matrix => [...matrix.slice(0, 4), matrix[4]! + 12.5, matrix[5]! - 7] as Matrix;
    return {
        ...list,
        items: list.items.map((one, index) =>
            index >= from && 'matrix' in one ? { ...one, matrix: moved(one.matrix) } : one,
        ),
    };
}

/** By how much, of 255, two pictures differ in the mean. */
function meanBetween(a: CanvasRenderingContext2D, b: CanvasRenderingContext2D): number {
    const [one, other] = [a, b].map((from) => from.getImageData(0, 0, from.canvas.width, from.canvas.height).data);
    let sum = 0;
    for (let index = 0; index < one!.length; index++) {
        sum += Math.abs(one![index]! - other![index]!);
    }
    return sum / one!.length;
}

/**
 * Draws a list and changes of it one after another on what is kept from the one before, and each anew.
 *
 * @returns by how much, of 255, the two differ in the mean, in the worst of the pictures
 */
export async function keeping(json: string, png: string): Promise<number> {
    const list = JSON.parse(json) as DisplayList;
    const bitmap = await bitmapOf(png);
    usePaths().learn(list.paths);
    const view = { scale: 0.613, x: 3.3, y: 1.7 };
    const contexts = [0, 1].map(() => canvasFor(list, view.scale).getContext('2d')!);
    const painters = contexts.map(() => new Painter(usePaths(), () => bitmap));
    const count = list.items.length;
    const shorter = { ...list, items: list.items.slice(0, -1) };
    const clear = { ...list, background: null };
    let worst = 0;
    for (const step of [list, shifted(list, count - 1), shifted(list, count >> 1), list, shorter, clear]) {
        for (const [index, context] of contexts.entries()) {
            context.setTransform(1, 0, 0, 1, 0, 0);
            context.clearRect(0, 0, context.canvas.width, context.canvas.height);
            if (index === 0) {
                painters[index]!.paintAgain(context, step, view, 'as it was');
            } else {
                painters[index]!.paint(context, step, view);
            }
        }
        worst = Math.max(worst, meanBetween(contexts[0]!, contexts[1]!));
    }
    return worst;
}
