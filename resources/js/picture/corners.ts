import type { Gradient } from '@/api/displayList.gen';

/** Of how many pixels a square of four colours is made along each side. */
const SIDE = 64;
/** How many squares are kept at hand. */
const KEPT = 16;

type Colour = [red: number, green: number, blue: number, alpha: number];

function read(hex: string): Colour {
    const part = (at: number): number => parseInt(hex.slice(at, at + 2), 16);
    return [part(1), part(3), part(5), hex.length > 7 ? part(7) : 255];
}

/** Straight sRGB, mixed bilinearly: its middles at the edges are the colours themselves. */
export function pixelsOf(colours: string[]): Uint8ClampedArray<ArrayBuffer> {
    const read4 = colours.map(read);
    const pixels = new Uint8ClampedArray(4 * SIDE * SIDE);
    for (let row = 0; row < SIDE; row++) {
        for (let column = 0; column < SIDE; column++) {
            const [x, y] = [column / (SIDE - 1), row / (SIDE - 1)];
            const weights = [(1 - x) * (1 - y), x * (1 - y), (1 - x) * y, x * y];
            for (let channel = 0; channel < 4; channel++) {
                pixels[4 * (SIDE * row + column) + channel] = Math.round(
                    read4.reduce((sum, colour, index) => sum + weights[index]! * colour[channel]!, 0),
                );
            }
        }
    }
    return pixels;
}

/** Patterns of four colours at the corners of a square. */
export class CornerPatterns {
    private readonly squares = new Map<string, OffscreenCanvas>();

    pattern(
        context: CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D,
        { matrix, colours }: Gradient,
    ): CanvasPattern {
        const pattern = context.createPattern(this.square(colours!), 'no-repeat')!;
        // The middles of the outermost pixels lie on the edges of the unit square.
        pattern.setTransform(new DOMMatrix(matrix).scale(1 / (SIDE - 1)).translate(-0.5, -0.5));
        return pattern;
    }

    private square(colours: string[]): OffscreenCanvas {
        const key = colours.join();
        let square = this.squares.get(key);
        if (!square) {
            square = new OffscreenCanvas(SIDE, SIDE);
            square.getContext('2d')!.putImageData(new ImageData(pixelsOf(colours), SIDE, SIDE), 0, 0);
            if (this.squares.size >= KEPT) {
                this.squares.delete(this.squares.keys().next().value!);
            }
            this.squares.set(key, square);
        }
        return square;
    }
}
