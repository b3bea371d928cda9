<?php

declare(strict_types=1);

namespace Tests\Feature;

use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Edit\EditsPage;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Fields;
use Tests\TestCase;

/** The page of edits is what the edits say of themselves. */
final class EditsPageTest extends TestCase
{
    public function test_the_page_has_the_tables_as_they_are_made_now(): void
    {
        $page = (string) file_get_contents(base_path('docs/edits.md'));
        foreach ([CompositionEdit::class, ProjectEdit::class] as $of) {
            self::assertStringContainsString(EditsPage::table($of), $page, 'php tools/pages.php makes them anew');
        }
    }

    public function test_every_edit_has_one_row_that_says_what_it_does_and_names_all_that_it_takes(): void
    {
        $tables = EditsPage::table(CompositionEdit::class).EditsPage::table(ProjectEdit::class);
        foreach (Edits::BY_NAME as $name => $edit) {
            self::assertSame(1, preg_match_all("/^\\| `$name` \\| ([^|]+) \\| ([^|]+) \\|$/m", $tables, $row), "$name has a row");
            self::assertStringEndsWith('.', $row[1][0], "$name says what it does");
            foreach (array_keys(Fields::of($edit)->names()) as $argument) {
                self::assertStringContainsString("`$argument`", $row[2][0], $name);
            }
        }
    }
}
