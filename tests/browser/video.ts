import { expect, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { closeSync, openSync, readSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { PNG } from 'pngjs';

interface Video {
    frames: number;
    width: number;
    height: number;
    rate: string;
    seconds: number;
    sound: number | null;
}

export function probe(file: string): Video {
    const json = execFileSync('ffprobe', ['-v', 'error', '-count_frames', '-show_streams', '-of', 'json', file], {
        encoding: 'utf8',
    });
    const streams = JSON.parse(json).streams as Record<string, string>[];
    const video = streams.find((one) => one.codec_type === 'video')!;
    const audio = streams.find((one) => one.codec_type === 'audio');
    return {
        frames: Number(video.nb_read_frames),
        width: Number(video.width),
        height: Number(video.height),
        rate: video.r_frame_rate!,
        seconds: Math.round(Number(video.duration) * 100) / 100,
        sound: audio ? Math.round(Number(audio.duration) * 100) / 100 : null,
    };
}

/** The file of which frames are asked, and all of them as they were decoded, each so many bytes. */
interface Decoded {
    file: string;
    raw: string;
    format: string;
    width: number;
    height: number;
    bytes: number;
}

let decoded: Decoded | undefined;

process.on('exit', () => decoded && rmSync(decoded.raw, { force: true }));

/** Whether each four pixels share one colour, in bytes. */
const isPlain = (format: string, width: number, height: number): boolean =>
    format === 'yuv420p' && width % 2 === 0 && height % 2 === 0;

/** Decodes a file from its beginning to its end, which takes about as long as decoding it up to one of its last frames. */
function decode(file: string): Decoded {
    const raw = `${tmpdir()}/ricamo-test-${process.pid}.raw`;
    const {
        pix_fmt: format,
        width,
        height,
    } = JSON.parse(
        execFileSync('ffprobe', [
            ...['-v', 'error', '-select_streams', 'v', '-show_entries', 'stream=width,height,pix_fmt', '-of', 'json'],
            file,
        ]).toString(),
    ).streams[0];
    const one = ['-frames:v', '1', '-f', 'rawvideo', 'pipe:1'];
    const bytes = isPlain(format, width, height)
        ? (width * height * 3) / 2
        : execFileSync('ffmpeg', ['-v', 'error', '-i', file, ...one], { maxBuffer: 1 << 28 }).length;
    execFileSync('ffmpeg', ['-v', 'error', '-y', '-i', file, '-fps_mode', 'passthrough', '-f', 'rawvideo', raw]);
    return { file, raw, format, width, height, bytes };
}

/**
 * A picture in 4:2:0 of 8 bits as RGBA, each of its pixels as that many beside and below one another; a program started for each of
 * hundreds of frames takes ten times as long. Matrix and range: ITU-R BT.709-6, 3.2 and 3.4.
 */
function enlarged(yuv: Buffer, width: number, height: number, times: number): Buffer {
    const wide = width * times;
    const out = new Uint32Array(wide * height * times);
    // It rounds what is written into it and keeps it within 0 to 255.
    const line = new Uint8ClampedArray(4 * width).fill(255);
    const pixels = new Uint32Array(line.buffer);
    const [luma, chroma] = [width * height, (width / 2) * (height / 2)];
    for (let y = 0; y < height; y++) {
        const from = luma + (y >> 1) * (width / 2);
        for (let x = 0; x < width; x++) {
            const light = (yuv[y * width + x]! - 16) * (255 / 219);
            const cb = (yuv[from + (x >> 1)]! - 128) * (255 / 224);
            const cr = (yuv[from + (x >> 1) + chroma]! - 128) * (255 / 224);
            line[4 * x] = light + 1.5748 * cr;
            line[4 * x + 1] = light - ((0.0722 * 1.8556) / 0.7152) * cb - ((0.2126 * 1.5748) / 0.7152) * cr;
            line[4 * x + 2] = light + 1.8556 * cb;
        }
        let to = y * times * wide;
        for (let x = 0; x < width; x++) {
            for (let again = 0; again < times; again++) {
                out[to++] = pixels[x]!;
            }
        }
        for (let again = 1; again < times; again++) {
            out.copyWithin(to + (again - 1) * wide, to - wide, to);
        }
    }
    return Buffer.from(out.buffer);
}

/** One frame of a file as RGBA. */
export function frameOf(file: string, frame: number, width: number, height: number): Buffer {
    if (decoded?.file !== file) {
        decoded = decode(file);
    }
    const { raw, format, bytes, ...own } = decoded;
    const input = Buffer.alloc(bytes);
    const handle = openSync(raw, 'r');
    readSync(handle, input, 0, bytes, frame * bytes);
    closeSync(handle);
    const times = width / own.width;
    if (isPlain(format, own.width, own.height) && Number.isInteger(times) && times * own.height === height) {
        return enlarged(input, own.width, own.height, times);
    }
    const from = ['-f', 'rawvideo', '-pix_fmt', format, '-s', `${own.width}x${own.height}`, '-i', 'pipe:0'];
    const scale = `scale=${width}:${height}:in_color_matrix=bt709:in_range=tv:flags=bicubic+accurate_rnd+full_chroma_int`;
    return execFileSync(
        'ffmpeg',
        ['-v', 'error', ...from, '-vf', `${scale},format=rgba`, '-frames:v', '1', '-f', 'rawvideo', 'pipe:1'],
        { input, maxBuffer: width * height * 5 },
    );
}

/** What the preview canvas shows of the frame, at one pixel each, as RGBA. */
export async function canvasPixels(page: Page, width: number, height: number): Promise<Buffer> {
    const url = await page.evaluate(
        ([w, h]) => {
            const canvas = document.querySelector<HTMLCanvasElement>('[data-picture]')!;
            const frame = document.querySelector<HTMLElement>('.picture .frame')!;
            const cut = document.createElement('canvas');
            [cut.width, cut.height] = [w!, h!];
            cut.getContext('2d')!.drawImage(
                canvas,
                -Math.round(parseFloat(frame.style.left)),
                -Math.round(parseFloat(frame.style.top)),
            );
            return cut.toDataURL('image/png');
        },
        [width, height],
    );
    return PNG.sync.read(Buffer.from(url.split(',')[1]!, 'base64')).data;
}

/** The mean absolute difference of red, green and blue. */
export function meanOf(a: ArrayLike<number>, b: ArrayLike<number>): number[] {
    const sums = [0, 0, 0];
    for (let i = 0; i < a.length; i += 4) {
        for (let channel = 0; channel < 3; channel++) {
            sums[channel]! += Math.abs(a[i + channel]! - b[i + channel]!);
        }
    }
    return sums.map((sum) => sum / (a.length / 4));
}

/** In the clips made for this, a flash and a tone begin together once a second. */
export async function expectSoundInStep(file: string): Promise<void> {
    const picture = execFileSync('ffmpeg', [
        '-v',
        'error',
        '-i',
        file,
        '-vf',
        'crop=16:16:0:0,scale=1:1,format=gray',
        '-f',
        'rawvideo',
        'pipe:1',
    ]);
    const sound = execFileSync(
        'ffmpeg',
        ['-v', 'error', '-i', file, '-ac', '1', '-ar', '48000', '-f', 's16le', 'pipe:1'],
        { maxBuffer: 1 << 28 },
    );
    const [numerator, denominator] = probe(file).rate.split('/').map(Number);
    const flashes: number[] = [];
    picture.forEach((value, frame) => {
        if (frame > 0 && value > 180 && picture[frame - 1]! < 150) {
            flashes.push((frame * denominator!) / numerator!);
        }
    });
    expect(flashes.length).toBeGreaterThan(1);
    for (const flash of flashes) {
        const loudAt = (seconds: number): number => {
            let peak = 0;
            const start = Math.round(seconds * 48000);
            for (let sample = start; sample < start + 480; sample++) {
                peak = Math.max(peak, Math.abs(sound.readInt16LE(2 * sample)));
            }
            return peak;
        };
        // Quiet until a frame before the flash, loud from a frame after it on.
        expect(loudAt(flash - 0.055)).toBeLessThan(2000);
        expect(loudAt(flash + 0.045)).toBeGreaterThan(8000);
    }
}

/** A box in pixels of the composition. */
export interface Bounds {
    left: number;
    top: number;
    right: number;
    bottom: number;
}

/** The box around what is bright on a frame of a file that was rendered at half the size of a composition of 1920 × 1080. */
export function boxOn(file: string, frame: number): Bounds | null {
    const [width, height] = [960, 540];
    const pixels = frameOf(file, frame, width, height);
    let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
    for (let y = 0; y < height; y++) {
        for (let x = 0; x < width; x++) {
            if (pixels[4 * (width * y + x) + 1]! > 60) {
                [left, right] = [Math.min(left, x), Math.max(right, x + 1)];
                [top, bottom] = [Math.min(top, y), Math.max(bottom, y + 1)];
            }
        }
    }
    return right < 0 ? null : { left: 2 * left, top: 2 * top, right: 2 * right, bottom: 2 * bottom };
}
