import type { Gradient } from '@/api/displayList.gen';

type Context = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** Of how many pixels a tile is made along each side. */
const SIDE = 128;
/** How many tiles are kept at hand. */
const KEPT = 16;

/** 32 bits that look like chance, of 32 that count: "lowbias32", as `docs/display-list.md` has it. */
function hash(count: number): number {
    let value = count | 0;
    value ^= value >>> 16;
    value = Math.imul(value, 0x7feb352d);
    value ^= value >>> 15;
    value = Math.imul(value, 0x846ca68b);
    return (value ^ (value >>> 16)) >>> 0;
}

/** Straight alpha: white or black, as opaque as each grain is strong. */
export function grainPixels(seed: number, amount: number): Uint8ClampedArray<ArrayBuffer> {
    const pixels = new Uint8ClampedArray(4 * SIDE * SIDE);
    for (let index = 0; index < SIDE * SIDE; index++) {
        const chance = hash(index + SIDE * SIDE * seed);
        const strength = ((chance & 0xffff) - (chance >>> 16)) / 0xffff;
        pixels.fill(strength > 0 ? 255 : 0, 4 * index, 4 * index + 3);
        pixels[4 * index + 3] = Math.round(255 * amount * Math.abs(strength));
    }
    return pixels;
}

const tiles = new Map<string, OffscreenCanvas>();

function tile(seed: number, amount: number): OffscreenCanvas {
    const key = `${seed} ${amount}`;
    let made = tiles.get(key);
    if (!made) {
        made = new OffscreenCanvas(SIDE, SIDE);
        made.getContext('2d')!.putImageData(new ImageData(grainPixels(seed, amount), SIDE, SIDE), 0, 0);
        if (tiles.size >= KEPT) {
            tiles.delete(tiles.keys().next().value!);
        }
        tiles.set(key, made);
    }
    return made;
}

/** A pattern of grain. */
export function grainOf(context: Context, { matrix, seed, amount }: Gradient): CanvasPattern {
    const pattern = context.createPattern(tile(seed!, amount!), 'repeat')!;
    pattern.setTransform(new DOMMatrix(matrix));
    return pattern;
}
