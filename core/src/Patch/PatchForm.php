<?php

declare(strict_types=1);

namespace Ricamo\Core\Patch;

/** Into what a picture is cut. */
enum PatchForm: string
{
    /** Rows and columns of equal patches. */
    case Grid = 'grid';

    case Hexagons = 'hexagons';

    /** Pieces like those of a broken pane, thrown from a seed. */
    case Shards = 'shards';

    /** Rings around the middle, in sectors. */
    case Rings = 'rings';

    /** Pieces of a path with what lies beside them. */
    case Path = 'path';

    public function title(): string
    {
        return match ($this) {
            self::Grid => 'Grid',
            self::Hexagons => 'Hexagons',
            self::Shards => 'Shards',
            self::Rings => 'Rings',
            self::Path => 'Along a path',
        };
    }

    /** @return array{string, string} what its rows and its columns are called */
    public function counts(): array
    {
        return match ($this) {
            self::Rings => ['Rings', 'Sectors'],
            self::Path => ['Beside it', 'Along it'],
            default => ['Rows', 'Columns'],
        };
    }
}
