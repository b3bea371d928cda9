<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;

/** A kind of file that a composition is rendered to. A new one is a class here, and is listed in `Formats`. */
abstract class Format
{
    /** Plane by plane: the usual way from one order of them to the other shifts half of all values by one. */
    private const PLANES = 'extractplanes=r+g+b+a[red][green][blue][alpha];[green][blue][red][alpha]mergeplanes=0x00102030:gbrap';

    /** By which it is asked for. */
    abstract public function name(): string;

    abstract public function title(): string;

    abstract public function purpose(): Purpose;

    /** What it is good for, in a few words. */
    abstract public function goodFor(): string;

    abstract public function extension(): string;

    abstract public function mediaType(): string;

    public function joining(): Joining
    {
        return Joining::Copied;
    }

    public function holdsAlpha(): bool
    {
        return true;
    }

    public function holdsSound(): bool
    {
        return $this->soundEncoder() !== [];
    }

    /** Whether it takes even sides only, so that an odd picture gets one more column or row. */
    public function takesEvenSides(): bool
    {
        return false;
    }

    /** About how many bytes a pixel of a frame takes, for telling beforehand how large a file will be. */
    abstract public function density(Quality $quality): float;

    /** Whether its colours may be multiplied by alpha, as some programs want them; where they may not, they are straight. */
    public function takesPremultiplied(): bool
    {
        return false;
    }

    /** The filters from drawn frames to what is encoded. */
    public function filter(bool $premultiplied): string
    {
        return self::colours($premultiplied);
    }

    /** Premultiplied colours, as they are drawn, to straight ones, or as they are. */
    protected static function colours(bool $premultiplied): string
    {
        return self::PLANES.($premultiplied ? '' : ',unpremultiply=inplace=1');
    }

    /** @return list<string> the encoder of a piece, with its options */
    abstract public function encoder(FrameRate $rate, Quality $quality): array;

    /** The container of a piece. */
    public function pieceContainer(): string
    {
        return 'mov';
    }

    /** @return list<string> the options that make the file of pieces that are read as input 0 */
    abstract public function finishing(FrameRate $rate, Quality $quality): array;

    /** @return list<string> none where it holds no sound */
    public function soundEncoder(): array
    {
        return [];
    }
}
