import type { Filter, Piece } from '@/api/displayList.gen';
import { canvasOf } from './filters';

export type Warp = Extract<Filter, { filter: 'warp' }>;

type Spot = [x: number, y: number];

/** The scale and the place of the composition on a canvas. */
export interface Placing {
    scale: number;
    x: number;
    y: number;
}

const VERTEX = `#version 300 es
in vec3 seen;
in vec2 taken;
in float halvings;
uniform vec2 size;
uniform vec2 whole;
uniform float isRead;
out vec2 place;
flat out float level;
void main() {
    place = taken / whole;
    level = halvings;
    float up = isRead > 0.5 ? -1.0 : 1.0;
    gl_Position = vec4(2.0 * seen.x / size.x - seen.z, up * (seen.z - 2.0 * seen.y / size.y), 0.0, seen.z);
}`;

const FRAGMENT = `#version 300 es
precision highp float;
uniform sampler2D sheet;
uniform float isRead;
uniform vec3 light;
in vec2 place;
flat in float level;
out vec4 colour;
void main() {
    colour = textureLod(sheet, place, level);
    if (isRead > 0.5 && colour.a > 0.0) {
        colour.rgb *= light / colour.a;
    }
}`;

/** A piece of a sheet, and the part of a canvas that it is drawn on, with where the composition would lie there. */
export interface Pulled {
    piece: Piece;
    to: Placing & { left: number; top: number; width: number; height: number };
}

/**
 * Numbers of a corner of a triangle: where it is seen, times how far away that is, and how far; where it is taken from; how many times
 * the sheet is halved there.
 */
const NUMBERS = 6;

/** Pulls sheets into other shapes, triangle by triangle. */
class Warping {
    private readonly canvas = document.createElement('canvas');
    private readonly gl: WebGL2RenderingContext;
    private readonly program: WebGLProgram;
    private readonly texture: WebGLTexture;
    private readonly buffer: WebGLBuffer;

    constructor() {
        const gl = this.canvas.getContext('webgl2', { antialias: false, premultipliedAlpha: true, depth: false });
        if (!gl) {
            throw new Error('this browser has no WebGL 2, which warps are drawn with');
        }
        this.gl = gl;
        this.program = programOf(gl);
        this.texture = gl.createTexture();
        this.buffer = gl.createBuffer();
        gl.bindVertexArray(gl.createVertexArray());
        gl.bindBuffer(gl.ARRAY_BUFFER, this.buffer);
        let offset = 0;
        for (const [name, count] of [['seen', 3] as const, ['taken', 2] as const, ['halvings', 1] as const]) {
            const place = gl.getAttribLocation(this.program, name);
            gl.enableVertexAttribArray(place);
            gl.vertexAttribPointer(place, count, gl.FLOAT, false, 4 * NUMBERS, 4 * offset);
            offset += count;
        }
    }

    get isLost(): boolean {
        return this.gl.isContextLost();
    }

    draw(sheet: HTMLCanvasElement, warp: Warp, from: Placing, to: Placing, [width, height]: Spot): HTMLCanvasElement {
        const { gl, canvas } = this;
        if (canvas.width !== width || canvas.height !== height) {
            [canvas.width, canvas.height] = [width, height];
        }
        const triangles = trianglesOf(warp, from, to);
        this.begin(sheet, Math.max(0, ...(warp.halvings ?? [])), [width, height]);
        if (warp.rest) {
            gl.blendFunc(gl.ONE, gl.ZERO);
            this.fill(wholeSheet(width, height));
            gl.blendFunc(gl.ZERO, gl.ZERO);
            this.fill(triangles);
        }
        gl.blendFunc(gl.ONE, gl.ONE_MINUS_SRC_ALPHA);
        this.fill(triangles);
        const warped = canvasOf(width, height);
        warped.getContext('2d')!.drawImage(canvas, 0, 0);
        return warped;
    }

    /**
     * Draws pieces of a sheet side by side, each where it says. They are read out: a browser without a graphics card takes twice as long
     * to lay one canvas on the other.
     *
     * @param from where the composition lies on the sheet
     */
    drawEach(sheet: HTMLCanvasElement, from: Placing, pieces: readonly Pulled[], [width, height]: Spot): ImageData {
        const { gl, canvas } = this;
        // It never shrinks: another size would be made anew for each frame.
        if (canvas.width < width || canvas.height < height) {
            [canvas.width, canvas.height] = [Math.max(canvas.width, width), Math.max(canvas.height, height)];
        }
        const halvings = Math.max(0, ...pieces.map(({ piece }) => piece.halvings ?? 0));
        this.begin(sheet, halvings, [canvas.width, canvas.height], true);
        const light = gl.getUniformLocation(this.program, 'light');
        gl.enable(gl.SCISSOR_TEST);
        gl.disable(gl.BLEND);
        for (const { piece, to } of pieces) {
            gl.scissor(to.left, to.top, to.width, to.height);
            const [red = 1, green = 1, blue = 1] = piece.light ?? [];
            gl.uniform3f(light, red, green, blue);
            this.fill(boxOf(piece, from, to));
        }
        gl.disable(gl.SCISSOR_TEST);
        const image = new ImageData(width, height);
        gl.readPixels(0, 0, width, height, gl.RGBA, gl.UNSIGNED_BYTE, new Uint8Array(image.data.buffer));
        return image;
    }

    /** @param isRead whether the pixels are read out: from the top, and straight colours */
    private begin(sheet: HTMLCanvasElement, halvings: number, [width, height]: Spot, isRead = false): void {
        const { gl } = this;
        const [across, down] = this.hold(sheet, halvings);
        gl.viewport(0, 0, width, height);
        gl.useProgram(this.program);
        gl.uniform2f(gl.getUniformLocation(this.program, 'size'), width, height);
        gl.uniform2f(gl.getUniformLocation(this.program, 'whole'), across, down);
        gl.uniform1f(gl.getUniformLocation(this.program, 'isRead'), isRead ? 1 : 0);
        gl.clearColor(0, 0, 0, 0);
        gl.clear(gl.COLOR_BUFFER_BIT);
        gl.enable(gl.BLEND);
    }

    /** Makes a sheet what is drawn with, clear beyond it. @returns the size of the texture, which can be halved that often */
    private hold(sheet: HTMLCanvasElement, halvings: number): Spot {
        const { gl } = this;
        const step = 2 ** halvings;
        const [across, down] = [Math.ceil(sheet.width / step) * step, Math.ceil(sheet.height / step) * step];
        gl.bindTexture(gl.TEXTURE_2D, this.texture);
        gl.pixelStorei(gl.UNPACK_PREMULTIPLY_ALPHA_WEBGL, true);
        gl.texImage2D(gl.TEXTURE_2D, 0, gl.RGBA8, across, down, 0, gl.RGBA, gl.UNSIGNED_BYTE, null);
        gl.texSubImage2D(gl.TEXTURE_2D, 0, 0, 0, gl.RGBA, gl.UNSIGNED_BYTE, sheet);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_WRAP_S, gl.CLAMP_TO_EDGE);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_WRAP_T, gl.CLAMP_TO_EDGE);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MAX_LEVEL, halvings);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MAG_FILTER, gl.LINEAR);
        gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MIN_FILTER, gl.LINEAR_MIPMAP_NEAREST);
        gl.generateMipmap(gl.TEXTURE_2D);
        return [across, down];
    }

    private fill(triangles: Float32Array): void {
        const { gl } = this;
        gl.bindBuffer(gl.ARRAY_BUFFER, this.buffer);
        gl.bufferData(gl.ARRAY_BUFFER, triangles, gl.STREAM_DRAW);
        gl.drawArrays(gl.TRIANGLES, 0, triangles.length / NUMBERS);
    }
}

/** Each cell's two triangles, cut from its top right to its bottom left. */
function trianglesOf(warp: Warp, from: Placing, to: Placing): Float32Array {
    const { columns } = warp;
    const on = ({ scale, x, y }: Placing, points: readonly number[], index: number): Spot => [
        points[2 * index]! * scale + x,
        points[2 * index + 1]! * scale + y,
    ];
    const cells = (warp.to.length / 2 / (columns + 1) - 1) * columns;
    const numbers = new Float32Array(cells * 6 * NUMBERS);
    let next = 0;
    for (let cell = 0; cell < cells; cell++) {
        const first = Math.floor(cell / columns) * (columns + 1) + (cell % columns);
        const below = first + columns + 1;
        for (const corner of [first, first + 1, below, below, first + 1, below + 1]) {
            numbers.set(
                [...on(to, warp.to, corner), 1, ...on(from, warp.from, corner), warp.halvings?.[cell] ?? 0],
                next,
            );
            next += NUMBERS;
        }
    }
    return numbers;
}

/** The box of a piece, in perspective: what is taken within it is right for every pixel. */
function boxOf({ part, seen, halvings }: Piece, from: Placing, to: Placing): Float32Array {
    const [left = 0, top = 0, right = 0, bottom = 0] = part;
    const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0, i = 1] = seen;
    const corner = (x: number, y: number): number[] => {
        const away = g * x + h * y + i;
        return [
            (a * x + b * y + c) * to.scale + to.x * away,
            (d * x + e * y + f) * to.scale + to.y * away,
            away,
            x * from.scale + from.x,
            y * from.scale + from.y,
            halvings ?? 0,
        ];
    };
    const [one, two, three, four] = [
        corner(left, top),
        corner(right, top),
        corner(left, bottom),
        corner(right, bottom),
    ];
    return new Float32Array([one, two, three, three, two, four].flat());
}

/** The whole sheet as it is. */
function wholeSheet(width: number, height: number): Float32Array {
    const corners: Spot[] = [
        [0, 0],
        [width, 0],
        [0, height],
        [0, height],
        [width, 0],
        [width, height],
    ];
    return new Float32Array(corners.flatMap((corner) => [...corner, 1, ...corner, 0]));
}

function programOf(gl: WebGL2RenderingContext): WebGLProgram {
    const program = gl.createProgram();
    for (const [kind, source] of [[gl.VERTEX_SHADER, VERTEX] as const, [gl.FRAGMENT_SHADER, FRAGMENT] as const]) {
        const shader = gl.createShader(kind)!;
        gl.shaderSource(shader, source);
        gl.compileShader(shader);
        gl.attachShader(program, shader);
    }
    gl.linkProgram(program);
    if (!gl.getProgramParameter(program, gl.LINK_STATUS) && !gl.isContextLost()) {
        throw new Error(`warps cannot be drawn: ${gl.getProgramInfoLog(program)}`);
    }
    return program;
}

/** One that is made when it is needed, and anew when its context has been taken away, as when the machine sleeps. */
class Kept {
    private warping: Warping | null = null;

    at(): Warping {
        this.warping = this.warping && !this.warping.isLost ? this.warping : new Warping();
        return this.warping;
    }
}

/** For sheets that are as large as what is drawn, and for many pieces at once: each has a canvas of its own size. */
const [whole, sideBySide] = [new Kept(), new Kept()];
let isImpossible = false;
let tell = (reason: string): void => console.warn(reason);

/** Says once why nothing can be warped here. */
export function onNoWarping(teller: (reason: string) => void): void {
    tell = teller;
}

/**
 * @param from where the composition lies on the sheet
 * @param to where it lies on what is drawn, and how large that is; left out, as on the sheet
 */
export function warped(
    sheet: HTMLCanvasElement,
    warp: Warp,
    from: Placing,
    to: Placing & { width: number; height: number } = { ...from, width: sheet.width, height: sheet.height },
): HTMLCanvasElement {
    return trying(() => whole.at().draw(sheet, warp, from, to, [to.width, to.height])) ?? sheet;
}

/**
 * Pieces of a sheet, side by side in a picture of that size.
 *
 * @param from where the composition lies on the sheet
 * @returns null where nothing can be warped
 */
export const warpedEach = (
    sheet: HTMLCanvasElement,
    from: Placing,
    pieces: readonly Pulled[],
    size: [width: number, height: number],
): ImageData | null => trying(() => sideBySide.at().drawEach(sheet, from, pieces, size));

function trying<Drawn>(draw: () => Drawn): Drawn | null {
    if (isImpossible) {
        return null;
    }
    try {
        return draw();
    } catch (error) {
        isImpossible = true;
        tell((error as Error).message);
        return null;
    }
}
