<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Path\Contours;

final class ContoursTest extends TestCase
{
    #[TestWith(['M0 0L0 0L0 0L0 0Z', 'M0 0Z'])]
    #[TestWith(['M0 0L90 0L90 50L0 0L0 0Z', 'M0 0L90 0L90 50Z'])]
    #[TestWith(['M0 0L90 0L0 0L0 0', 'M0 0L90 0L0 0L0 0'])]
    #[TestWith(['M0 0C40 0 0 40 0 0Z', 'M0 0C40 0 0 40 0 0Z'])]
    #[TestWith(['M0 0L90 0C90 40 0 40 0 0C-40 0 0 -40 0 0Z', 'M0 0L90 0C90 40 0 40 0 0C-40 0 0 -40 0 0Z'])]
    public function test_what_is_written_is_read_as_the_same(string $given, string $written): void
    {
        $read = Contours::parse($given);
        self::assertSame($written, $read->write());
        self::assertEquals($read->all, Contours::parse($written)->all);
    }
}
