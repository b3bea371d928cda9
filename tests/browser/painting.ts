import type { DisplayList } from '@/api/displayList.gen';
import { Painter } from '@/picture/paint';
import { usePaths } from '@/picture/paths';

/** Draws a display list as the preview does, so many pixels for each of its own; every clip shows one picture. */
export async function draw(json: string, png: string, scale = 1): Promise<string> {
    const list = JSON.parse(json) as DisplayList;
    const bytes = Uint8Array.from(atob(png), (character) => character.charCodeAt(0));
    const bitmap = await createImageBitmap(new Blob([bytes]), { colorSpaceConversion: 'none' });
    usePaths().learn(list.paths);
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [Math.round(scale * list.width), Math.round(scale * list.height)];
    new Painter(usePaths(), () => bitmap).paint(canvas.getContext('2d')!, list, { scale, x: 0, y: 0 });
    return canvas.toDataURL('image/png');
}
