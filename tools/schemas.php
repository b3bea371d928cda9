<?php

declare(strict_types=1);

/** Writes core/schema/project-1.json from the definitions in core. */
require __DIR__.'/../vendor/autoload.php';

$json = json_encode(Ricamo\Core\Interchange\ProjectSchema::make(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
file_put_contents(__DIR__.'/../core/schema/project-1.json', "$json\n");
