<?php

declare(strict_types=1);

namespace Ricamo\Raster\Process;

use Ricamo\Core\Refusal;
use Symfony\Component\Process\Exception\ProcessSignaledException;
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

    private const ENDED = 'the program at work on it was ended from outside';

    /** What it says in many words, and for each what to look for in them. */
    private const KNOWN = [
        'the disk is full' => '/No space left on device|Disk quota exceeded/',
        'no file may become that large here' => '/File too large/',
        'there is not enough memory for it' => '/Cannot allocate memory|malloc of size .* failed/',
        'the file is damaged or not complete' => '/moov atom not found|Invalid data found when processing input|EBML header parsing failed|partial file|Truncated|corrupt|End of file/i',
    ];

    /** What stands before a command that reads what was not made here; settings of its environment may follow. */
    public const TIED = ['setsid', 'setpriv', '--pdeathsig', 'KILL', 'prlimit', '--as=6000000000', 'env', '--ignore-signal=XFSZ'];

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
        } catch (ProcessSignaledException) {
            throw new Refusal(self::ENDED);
        }
        if (! $process->isSuccessful()) {
            throw new Refusal(self::reason($said));
        }
    }

    /**
     * The same, a line at a time.
     *
     * @param  list<string>  $command
     * @param  callable(string): void  $take  is given a line without its end
     *
     * @throws Refusal where it fails or takes too long
     */
    public static function eachLine(array $command, ?float $seconds, callable $take): void
    {
        $rest = '';
        self::listen($command, $seconds, function (string $text) use (&$rest, $take): void {
            $lines = explode("\n", $rest.$text);
            $rest = (string) array_pop($lines);
            array_walk($lines, fn (string $line) => $take($line));
        });
        if ($rest !== '') {
            $take($rest);
        }
    }

    /**
     * What went wrong, in one line without paths, pointers and names that only the machine knows, from what a command wrote to
     * standard error.
     */
    public static function reason(string $said): string
    {
        foreach (self::KNOWN as $reason => $pattern) {
            if (preg_match($pattern, $said) === 1) {
                return $reason;
            }
        }
        $lines = array_filter(array_map(trim(...), explode("\n", $said)));

        // A program that ends without a word was ended.
        return $lines === []
            ? self::ENDED
            : trim(
                (string) preg_replace(
                    ['~^(\[[^\]]*@ 0x[0-9a-f]+\]\s*)+~', '~(?<![\w.])/\S*/~', '~\S*(0x[0-9a-f]{6,}|[0-9a-f]{32,}|\.part)\S*~'],
                    '', (string) end($lines),
                ),
                ' :',
            );
    }
}
