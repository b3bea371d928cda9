import { canvasOf } from './filters';

const VERTEX = `#version 300 es
in vec2 corner;
out vec2 place;
void main() {
    place = vec2(corner.x, 1.0 - corner.y);
    gl_Position = vec4(2.0 * corner - 1.0, 0.0, 1.0);
}`;

const FRAGMENT = `#version 300 es
precision highp float;
uniform sampler2D sheet;
uniform sampler2D by;
in vec2 place;
out vec4 colour;
void main() {
    colour = texture(sheet, place) * vec4(texture(by, place).rgb, 1.0);
}`;

/** Multiplies the colours of sheets by those of others. */
class Multiplying {
    private readonly canvas = document.createElement('canvas');
    private readonly gl: WebGL2RenderingContext;
    private readonly textures: WebGLTexture[];

    constructor() {
        const gl = this.canvas.getContext('webgl2', { antialias: false, premultipliedAlpha: true, depth: false });
        if (!gl) {
            throw new Error('this browser has no WebGL 2, which light is drawn with');
        }
        this.gl = gl;
        const program = gl.createProgram();
        for (const [kind, source] of [[gl.VERTEX_SHADER, VERTEX] as const, [gl.FRAGMENT_SHADER, FRAGMENT] as const]) {
            const shader = gl.createShader(kind)!;
            gl.shaderSource(shader, source);
            gl.compileShader(shader);
            gl.attachShader(program, shader);
        }
        gl.linkProgram(program);
        gl.useProgram(program);
        gl.bindVertexArray(gl.createVertexArray());
        gl.bindBuffer(gl.ARRAY_BUFFER, gl.createBuffer());
        gl.bufferData(gl.ARRAY_BUFFER, new Float32Array([0, 0, 1, 0, 0, 1, 1, 1]), gl.STATIC_DRAW);
        gl.enableVertexAttribArray(gl.getAttribLocation(program, 'corner'));
        gl.vertexAttribPointer(gl.getAttribLocation(program, 'corner'), 2, gl.FLOAT, false, 0, 0);
        gl.uniform1i(gl.getUniformLocation(program, 'sheet'), 0);
        gl.uniform1i(gl.getUniformLocation(program, 'by'), 1);
        gl.pixelStorei(gl.UNPACK_PREMULTIPLY_ALPHA_WEBGL, true);
        this.textures = [gl.createTexture(), gl.createTexture()];
    }

    get isLost(): boolean {
        return this.gl.isContextLost();
    }

    draw(sheet: HTMLCanvasElement, by: HTMLCanvasElement): HTMLCanvasElement {
        const { gl, canvas } = this;
        const { width, height } = sheet;
        if (canvas.width !== width || canvas.height !== height) {
            [canvas.width, canvas.height] = [width, height];
        }
        [sheet, by].forEach((picture, unit) => {
            gl.activeTexture(gl.TEXTURE0 + unit);
            gl.bindTexture(gl.TEXTURE_2D, this.textures[unit]!);
            gl.texImage2D(gl.TEXTURE_2D, 0, gl.RGBA8, gl.RGBA, gl.UNSIGNED_BYTE, picture);
            gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MIN_FILTER, gl.NEAREST);
            gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_MAG_FILTER, gl.NEAREST);
            gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_WRAP_S, gl.CLAMP_TO_EDGE);
            gl.texParameteri(gl.TEXTURE_2D, gl.TEXTURE_WRAP_T, gl.CLAMP_TO_EDGE);
        });
        gl.viewport(0, 0, width, height);
        gl.drawArrays(gl.TRIANGLE_STRIP, 0, 4);
        const drawn = canvasOf(width, height);
        drawn.getContext('2d')!.drawImage(canvas, 0, 0);
        return drawn;
    }
}

let kept: Multiplying | null = null;
let isImpossible = false;

/**
 * A sheet, each colour multiplied by that of another, opaque one of the same size; its alpha stays. It is made anew when the browser
 * has taken its context away, as when the machine sleeps.
 *
 * @returns the sheet as it is where that cannot be done: `onNoWarping` says so, which needs the same
 */
export function multiplied(sheet: HTMLCanvasElement, by: HTMLCanvasElement): HTMLCanvasElement {
    if (isImpossible) {
        return sheet;
    }
    try {
        kept = kept && !kept.isLost ? kept : new Multiplying();
        return kept.draw(sheet, by);
    } catch {
        isImpossible = true;
        return sheet;
    }
}
