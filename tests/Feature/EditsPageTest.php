<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Fields;
use Tests\TestCase;

/** The page of edits is what the edits say of themselves. */
final class EditsPageTest extends TestCase
{
    public function test_every_argument_is_in_the_page_of_edits(): void
    {
        $page = (string) file_get_contents(base_path('docs/edits.md'));
        $missing = [];
        foreach (Edits::BY_NAME as $name => $edit) {
            self::assertSame(1, preg_match("/^\\| [^|]*`$name`[^|]*\\|(.*)$/m", $page, $row), "$name has a row");
            foreach (array_keys(Fields::of($edit)->names()) as $argument) {
                // Frame and scope are told at the top, for all.
                if (! in_array($argument, ['frame', 'scope'], true) && ! preg_match("/\b$argument\b/", $row[1])) {
                    $missing[] = "$name: $argument";
                }
            }
        }
        self::assertSame([], $missing);
    }
}
