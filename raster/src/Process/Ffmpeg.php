<?php

namespace Ricamo\Raster\Process;

use Ricamo\Core\Refusal;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * How ffmpeg and ffprobe are called: on local files only, with demuxers that refer to no other file, within limits; in a
 * session of their own, so that what is typed at a terminal reaches who called them and not them, ended by the system
 * when that process ends, and told of a limit on the size of files instead of killed by it.
 */
final class Ffmpeg
{
    /** Containers that hold their media themselves: no playlists, no concatenations, no devices. */
    private const DEMUXERS = 'mov,matroska,avi,mpegts,mpeg,ogg,flv,asf,mxf,dv,gif,wav,flac,mp3,aac,h264,hevc,ivf,nut,yuv4mpegpipe,apng,png_pipe,jpeg_pipe,webp_pipe,bmp_pipe,tiff_pipe';

    private const TIED = ['setsid', 'setpriv', '--pdeathsig', 'KILL', 'prlimit', '--as=6000000000', 'env', '--ignore-signal=XFSZ'];

    /** @return list<string> the options that stand before an input file that was not made here */
    public static function inputOptions(string $file): array
    {
        // By its ending alone a photograph would be taken for one of a numbered sequence, whose other files would be read.
        $isJpeg = @file_get_contents($file, length: 3) === "\xff\xd8\xff";

        return ['-protocol_whitelist', 'file', '-format_whitelist', self::DEMUXERS, ...($isJpeg ? ['-f', 'jpeg_pipe'] : [])];
    }

    /** @return list<string> the start of every ffmpeg command */
    public static function command(): array
    {
        return [...self::TIED, 'ffmpeg', '-nostdin', '-hide_banner', '-v', 'error'];
    }

    /**
     * @param  list<string>  $arguments  what is to be told of the file
     * @return list<string> an ffprobe command
     */
    public static function probing(array $arguments, string $file): array
    {
        return [...self::TIED, 'ffprobe', '-hide_banner', '-v', 'error', ...self::inputOptions($file), ...$arguments, $file];
    }

    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal where the file cannot be read
     */
    public static function probe(array $arguments, string $file, float $seconds): string
    {
        return self::run(self::probing($arguments, $file), $seconds);
    }

    /**
     * Runs a command to its end.
     *
     * @param  list<string>  $command
     * @return string what it printed
     */
    public static function run(array $command, ?float $seconds = null): string
    {
        $output = '';
        self::listen($command, $seconds, function (string $text) use (&$output): void {
            $output .= $text;
        });

        return $output;
    }

    /**
     * Runs a command to its end without keeping what it prints.
     *
     * @param  list<string>  $command
     * @param  callable(string): void  $listen  is given what it prints, as it comes; what it throws ends the command
     *
     * @throws Refusal where it fails or takes too long
     */
    public static function listen(array $command, ?float $seconds, callable $listen): void
    {
        $process = new Process($command, timeout: $seconds);
        try {
            $process->disableOutput();
            $said = '';
            $process->run(function (string $type, string $text) use ($listen, &$said): void {
                if ($type === Process::OUT) {
                    $listen($text);
                } else {
                    $said = substr($said.$text, -4000);
                }
            });
        } catch (ProcessTimedOutException) {
            throw new Refusal("reading it took longer than $seconds seconds");
        }
        if (! $process->isSuccessful()) {
            throw new Refusal(self::reason($said));
        }
    }

    /** What went wrong, in one line without paths, from what a command wrote to standard error. */
    public static function reason(string $said): string
    {
        if (str_contains($said, 'No space left on device') || str_contains($said, 'Disk quota exceeded')) {
            return 'the disk is full';
        }
        if (str_contains($said, 'File too large')) {
            return 'no file may become that large here';
        }
        $lines = array_filter(array_map(trim(...), explode("\n", $said)));

        return $lines === [] ? 'the reason is not known' : (string) preg_replace('~(?<![\w.])/\S*/~', '', (string) end($lines));
    }
}
