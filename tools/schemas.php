<?php

declare(strict_types=1);

use Ricamo\Core\Edit\EditsSchema;
use Ricamo\Core\Interchange\ProjectSchema;

/** Writes the schemas in core/schema that are made from the definitions in core, what fits a line on one line. */
require __DIR__.'/../vendor/autoload.php';

$folder = __DIR__.'/../core/schema';
foreach (['project-1' => ProjectSchema::make(), 'edits-1' => EditsSchema::make()] as $name => $schema) {
    file_put_contents("$folder/$name.json", json_encode($schema, JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
    passthru('npx --no-install prettier --log-level=warn --write '.escapeshellarg("$folder/$name.json"), $status);
    $status === 0 || exit($status);
}
