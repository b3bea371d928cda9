<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Process\Ffmpeg;
use Symfony\Component\Process\PhpExecutableFinder;

/**
 * A PNG or TIFF so large that ffmpeg, which holds a picture whole and several times over, would take too much memory for it. It is
 * read a strip at a time, and made smaller on the way, in a process of its own (`StripReader`).
 */
final class LargePicture
{
    /** From so many pixels on a picture is large. */
    public const FROM = 1 << 24;

    /** How much of the file is looked through for what stands before the pixels. */
    private const HEAD = 1 << 16;

    /** What can be asked of the program, and the options of libvips for it; a JPEG's chroma is halved below a quality of 90. */
    private const ENCODINGS = [
        'jpg' => '.jpg[Q=88,strip]',
        'webp' => '.webp[Q=90,effort=0,strip]',
        'png' => '.png[compression=1,strip]',
    ];

    private const PROGRAM = __DIR__.'/../../large-picture.php';

    /**
     * The clip that a file is; null where it is no such picture, or one that moves or says which way up it is.
     *
     * @param  int  $from  pixels that it has at least
     *
     * @throws Refusal where it cannot be read
     */
    public static function clip(string $file, int $largestSide, float $seconds, int $from = self::FROM): ?Clip
    {
        [$width, $height, $type] = @getimagesize($file) ?: [0, 0, 0];
        $isOfKind = in_array($type, [IMAGETYPE_PNG, IMAGETYPE_TIFF_II, IMAGETYPE_TIFF_MM], true);
        if (! $isOfKind || $width * $height < $from || max($width, $height) > $largestSide) {
            return null;
        }
        // To libvips a moving PNG is its first picture.
        if (preg_match('/acTL|eXIf/', strstr((string) file_get_contents($file, length: self::HEAD), 'IDAT', true) ?: '') === 1) {
            return null;
        }
        $facts = Node::decode(Ffmpeg::run(self::command([$file, StripReader::FACTS]), $seconds));
        $alpha = $facts->field('alpha')->bool();

        return ! $facts->field('plain')->bool() ? null : new Clip(
            $file, $width, $height, new FrameRate(25), 1, 0, 0, 0, false, false, 'bt709', false, $alpha, null, null, 0,
            coding: $type === IMAGETYPE_PNG ? 'png' : 'tiff', isLarge: true,
        );
    }

    /** @return list<string> a command that writes its pixels at this size: blue, green, red, alpha, premultiplied */
    public static function pixels(Clip $clip, int $width, int $height): array
    {
        return self::command(self::wanted($clip, $width, $height, StripReader::PIXELS));
    }

    /**
     * @param  'jpg'|'webp'|'png'  $type
     * @return string such a file at this size, with straight alpha
     *
     * @throws Refusal where it cannot be read, or not in time
     */
    public static function encoded(Clip $clip, int $width, int $height, string $type, float $seconds): string
    {
        return Ffmpeg::run(self::command(self::wanted($clip, $width, $height, self::ENCODINGS[$type])), $seconds);
    }

    /** @return list<string> */
    private static function wanted(Clip $clip, int $width, int $height, string $form): array
    {
        return [$clip->file, $form, (string) $width, (string) $height];
    }

    /**
     * @param  list<string>  $arguments
     * @return list<string>
     */
    private static function command(array $arguments): array
    {
        // The server's own PHP runs no scripts: the one for the command line is looked for.
        $php = (new PhpExecutableFinder)->find(false) ?: throw new Refusal('there is no PHP for the command line');

        // A warning for each row that is missing would be told to nobody.
        return [...Ffmpeg::TIED, 'VIPS_WARNING=0', $php, '-d', 'ffi.enable=1', '-d', 'display_errors=stderr', self::PROGRAM, ...$arguments];
    }
}
