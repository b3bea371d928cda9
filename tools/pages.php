<?php

declare(strict_types=1);

use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\EditsPage;
use Ricamo\Core\Edit\ProjectEdit;

/** Writes those parts of the pages in docs that are made from what core says of itself, between their marks. */
require __DIR__.'/../vendor/autoload.php';

$page = __DIR__.'/../docs/edits.md';
$text = (string) file_get_contents($page);
foreach (['edits within a composition' => CompositionEdit::class, 'edits of the project' => ProjectEdit::class] as $name => $of) {
    $text = preg_replace_callback(
        "~(<!-- $name: .*? -->\n).*?(<!-- end -->)~s",
        fn (array $found): string => "$found[1]\n".EditsPage::table($of)."\n$found[2]",
        $text, -1, $count,
    ) ?? $text;
    $count === 1 || exit("docs/edits.md has no place for $name\n");
}
file_put_contents($page, $text);
