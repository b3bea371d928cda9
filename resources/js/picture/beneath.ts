import type { DisplayList, Operation } from '@/api/displayList.gen';

type Context = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/**
 * What lies beneath the first thing that changes from one picture to the next: it is drawn once, and kept as it came out.
 * While a layer is dragged over a clip, the clip is not scaled anew for each picture.
 */
export class Beneath {
    private before: Operation[] = [];
    private sheet: HTMLCanvasElement | null = null;
    private stamp = '';
    /** How many operations are on the sheet; none where it is of no use. */
    private kept = 0;

    /**
     * Puts what is known on a clear canvas.
     *
     * @param stamp what else the picture depends on
     * @param draw draws the background and so many operations
     * @returns how many operations are on the canvas; not even the background is where it is null
     */
    put(
        context: Context,
        list: DisplayList,
        stamp: string,
        draw: (onto: Context, count: number) => void,
    ): number | null {
        const { width, height } = context.canvas;
        const key = `${stamp} ${width} ${height} ${list.width} ${list.height} ${list.background}`;
        const alike = key === this.stamp ? countAlike(this.before, list.items) : 0;
        this.before = list.items;
        this.stamp = key;
        if (alike < this.kept || (alike > this.kept && alike < list.items.length)) {
            this.kept = alike;
            if (alike > 0) {
                this.draw(width, height, (onto) => draw(onto, alike));
            }
        }
        if (this.kept === 0) {
            return null;
        }
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.drawImage(this.sheet!, 0, 0);
        return this.kept;
    }

    private draw(width: number, height: number, act: (onto: Context) => void): void {
        this.sheet ??= document.createElement('canvas');
        // A size that is set anew clears it.
        [this.sheet.width, this.sheet.height] = [width, height];
        act(this.sheet.getContext('2d')!);
    }
}

/** How many of the first are the same in both. */
function countAlike(a: Operation[], b: Operation[]): number {
    const least = Math.min(a.length, b.length);
    let count = 0;
    while (count < least && isSame(a[count], b[count])) {
        count++;
    }
    return count;
}

function isSame(a: unknown, b: unknown): boolean {
    if (a === b || typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) {
        return a === b;
    }
    const keys = Object.keys(a);
    return (
        keys.length === Object.keys(b).length &&
        keys.every((key) => isSame((a as Record<string, unknown>)[key], (b as Record<string, unknown>)[key]))
    );
}
