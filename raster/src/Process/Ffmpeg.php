<?php

namespace Ricamo\Raster\Process;

use Ricamo\Core\Refusal;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** How ffmpeg and ffprobe are called: on local files only, with demuxers that refer to no other file, within limits. */
final class Ffmpeg
{
    /** Containers that hold their media themselves: no playlists, no concatenations, no devices. */
    private const DEMUXERS = 'mov,matroska,avi,mpegts,mpeg,ogg,flv,asf,mxf,dv,gif,wav,flac,mp3,aac,h264,hevc,ivf,nut,yuv4mpegpipe';

    private const MEMORY = 6_000_000_000;

    /** @return list<string> the options that stand before an input file that was not made here */
    public static function inputOptions(): array
    {
        return ['-protocol_whitelist', 'file', '-format_whitelist', self::DEMUXERS];
    }

    /** @return list<string> the start of every ffmpeg command */
    public static function command(): array
    {
        return ['prlimit', '--as='.self::MEMORY, 'ffmpeg', '-nostdin', '-hide_banner', '-v', 'error'];
    }

    /**
     * @param  list<string>  $arguments
     *
     * @throws Refusal where the file cannot be read
     */
    public static function probe(array $arguments, float $seconds): string
    {
        return self::run(['prlimit', '--as='.self::MEMORY, 'ffprobe', '-hide_banner', '-v', 'error', ...self::inputOptions(), ...$arguments], $seconds);
    }

    /**
     * Runs a command to its end.
     *
     * @param  list<string>  $command
     * @param  ?callable(string): void  $listen  is given what it prints, as it comes
     */
    public static function run(array $command, ?float $seconds = null, ?callable $listen = null): string
    {
        $process = new Process($command, timeout: $seconds);
        try {
            $process->run($listen === null ? null : function (string $type, string $text) use ($listen): void {
                if ($type === Process::OUT) {
                    $listen($text);
                }
            });
        } catch (ProcessTimedOutException) {
            throw new Refusal("reading it took longer than $seconds seconds");
        }
        if (! $process->isSuccessful()) {
            $lines = array_filter(array_map(trim(...), explode("\n", $process->getErrorOutput())));
            throw new Refusal(self::withoutPaths((string) (end($lines) ?: 'the reason is not known')));
        }

        return $process->getOutput();
    }

    private static function withoutPaths(string $line): string
    {
        return (string) preg_replace('~(?<![\w.])/\S*/~', '', $line);
    }
}
