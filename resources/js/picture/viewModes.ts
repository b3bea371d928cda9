import type { DisplayList } from '@/api/displayList.gen';
import type { useViewSettings } from './viewSettings';
import type { View } from './paint';

const MARGIN = 16;

/** Shows only how opaque the picture is: white where it is, black where it is not. */
export function alphaAlone(context: CanvasRenderingContext2D, list: DisplayList, { scale, x, y }: View): void {
    context.setTransform(scale, 0, 0, scale, x, y);
    context.globalCompositeOperation = 'source-in';
    context.fillStyle = '#fff';
    context.fillRect(-1e5, -1e5, 2e5, 2e5);
    context.globalCompositeOperation = 'destination-over';
    context.fillStyle = '#000';
    context.fillRect(0, 0, list.width, list.height);
    context.globalCompositeOperation = 'source-over';
}

/** Lays the reference, drawn on a sheet as it lies in the frame, over the picture, over a part of it, or beside it. */
export function placeReference(
    context: CanvasRenderingContext2D,
    sheet: OffscreenCanvas,
    list: DisplayList,
    { scale, x, y }: View,
    looking: Pick<ReturnType<typeof useViewSettings>, 'reference' | 'strength'>,
): void {
    const [width, height] = [list.width * scale, list.height * scale];
    context.setTransform(1, 0, 0, 1, 0, 0);
    if (looking.reference === 'over') {
        context.globalAlpha = looking.strength / 100;
        context.drawImage(sheet, 0, 0);
        context.globalAlpha = 1;
    } else if (looking.reference === 'wipe') {
        const part = (width * looking.strength) / 100;
        context.save();
        context.beginPath();
        context.rect(x, y, part, height);
        context.clip();
        context.drawImage(sheet, 0, 0);
        context.restore();
        context.fillStyle = '#fff';
        context.fillRect(x + part - 1, y, 2, height);
    } else if (looking.reference === 'beside') {
        // In the right half, as large as the picture is fitted in the left one.
        const room = context.canvas.width / 2;
        const size = Math.min((room - 2 * MARGIN) / width, (context.canvas.height - 2 * MARGIN) / height);
        const [w, h] = [width * size, height * size];
        const [left, top] = [room + (room - w) / 2, (context.canvas.height - h) / 2];
        context.fillStyle = '#000';
        context.fillRect(left, top, w, h);
        context.imageSmoothingQuality = 'high';
        context.drawImage(sheet, x, y, width, height, left, top, w, h);
    }
}
