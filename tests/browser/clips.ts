import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';

/** Where the clips for the tests are made; outside the folder that the test server empties. */
export const CLIPS = `${process.cwd()}/storage/demo/test-clips`;

const BT709 = ['-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv'];

function make(name: string, input: string[], output: string[]): void {
    if (!existsSync(`${CLIPS}/${name}`)) {
        // Under another name until it is whole: two halves of the tests make them at once.
        const part = `${CLIPS}/${process.pid}-${name}`;
        execFileSync('ffmpeg', ['-v', 'error', '-y', ...input, ...output, part]);
        renameSync(part, `${CLIPS}/${name}`);
    }
}

const lavfi = (graph: string): string[] => ['-f', 'lavfi', '-i', graph];

/** A flash of white in the picture and a tone in the sound at the same moments: every second, for a tenth of it. */
const FLASH = (size: string, rate: string, seconds: number): string[] => [
    ...lavfi(`color=c=0x24557a:s=${size}:r=${rate}:d=${seconds},drawbox=c=white:t=fill:enable='lt(mod(t,1),0.1)'`),
    ...lavfi(`aevalsrc='0.5*sin(2*PI*1000*t)*lt(mod(t,1),0.1)':s=48000:d=${seconds}`),
];
const H264 = [
    '-vf',
    'scale=out_color_matrix=bt709:out_range=tv,format=yuv420p',
    ...BT709,
    '-c:v',
    'libx264',
    '-preset',
    'veryfast',
    '-crf',
    '16',
];

const NUMBERED = lavfi("color=s=192x96:r=25:d=1.6,format=gray,geq=lum='255*mod(floor(N/pow(2,floor(X/32))),2)'");

export default function globalSetup(): void {
    mkdirSync(CLIPS, { recursive: true });
    make('street.mp4', FLASH('1920x1080', '25', 5), [...H264, '-c:a', 'aac']);
    make('portrait.mp4', FLASH('540x960', '25', 3), [...H264, '-c:a', 'aac']);
    make('ntsc.mp4', FLASH('1280x720', '30000/1001', 4), [...H264, '-c:a', 'aac', '-shortest']);
    make('silent.mp4', lavfi('testsrc2=s=1280x720:r=25:d=2'), H264);
    make('pattern.png', lavfi('testsrc2=s=1920x1080:r=25:d=1'), ['-frames:v', '1']);
    make('odd.mp4', lavfi('testsrc2=s=640x360:r=25:d=2'), [
        '-vf',
        'crop=639:357:exact=1,format=yuv444p',
        '-c:v',
        'libx264',
        '-preset',
        'veryfast',
        '-crf',
        '16',
    ]);
    make('turned.mp4', ['-i', `${CLIPS}/silent.mp4`], ['-c', 'copy', '-metadata:s:v:0', 'rotate=90']);
    // A photograph of one colour, and a badge that is cream but for its first quarter, on nothing.
    make('photo.jpg', lavfi('color=c=0xc0392b:s=800x600'), ['-frames:v', '1', '-q:v', '2']);
    make(
        'badge.png',
        lavfi(
            "color=s=200x200,format=rgba,geq=r='243-214*lt(X,100)*lt(Y,100)':g='227-191*lt(X,100)*lt(Y,100)':b='195-147*lt(X,100)*lt(Y,100)':a=255,pad=260:260:30:30:color=black@0",
        ),
        ['-frames:v', '1', '-pix_fmt', 'rgba'],
    );
    // A second of which the left half is green and the right half yellow.
    make('halves.mp4', lavfi('color=c=0x3f8f5f:s=960x540:r=25:d=1,drawbox=x=480:w=480:h=540:c=0xe0b040:t=fill'), H264);
    // A beat every half second.
    make('beat.wav', lavfi("aevalsrc='0.5*sin(2*PI*880*t)*lt(mod(t,0.5),0.08)':s=48000:d=8"), ['-c:a', 'pcm_s16le']);
    // Forty frames that say which they are in six upright bars, white for one, the lowest bit at the left.
    make('numbered.mp4', NUMBERED, ['-pix_fmt', 'yuv420p', '-c:v', 'libx264', '-crf', '8', ...BT709]);
    make(
        'numbered.webm',
        ['-i', `${CLIPS}/numbered.mp4`, '-i', `${CLIPS}/numbered.mp4`],
        [
            '-filter_complex',
            '[1:v]format=gray[a];[0:v]lutyuv=y=235[w];[w][a]alphamerge',
            ...['-c:v', 'libvpx-vp9', '-pix_fmt', 'yuva420p', '-crf', '10', '-b:v', '0', '-deadline', 'realtime'],
        ],
    );
    make('numbered.gif', ['-i', `${CLIPS}/numbered.mp4`], []);
    make('numbered.mov', ['-i', `${CLIPS}/numbered.webm`], ['-c:v', 'png', '-pix_fmt', 'rgba']);
    if (!existsSync(`${CLIPS}/numbered`)) {
        const part = `${CLIPS}/${process.pid}-numbered`;
        mkdirSync(part, { recursive: true });
        execFileSync('ffmpeg', [
            '-v',
            'error',
            '-y',
            '-i',
            `${CLIPS}/numbered.mp4`,
            '-pix_fmt',
            'rgb24',
            `${part}/n%03d.png`,
        ]);
        // The other half may have been quicker.
        if (existsSync(`${CLIPS}/numbered`)) {
            rmSync(part, { recursive: true });
        } else {
            renameSync(part, `${CLIPS}/numbered`);
        }
    }
    writeFileSync(`${CLIPS}/words.mp4`, 'This is a text file that calls itself a film.\n');
    writeFileSync(`${CLIPS}/empty.mp4`, '');
    if (!existsSync(`${CLIPS}/cut.mp4`)) {
        execFileSync('sh', ['-c', `head -c 9000 street.mp4 > $$-cut.mp4 && mv $$-cut.mp4 cut.mp4`], { cwd: CLIPS });
    }
}
