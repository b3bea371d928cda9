<?php

declare(strict_types=1);

/** Writes core/schema/project-1.json from the definitions in core, what fits a line on one line. */
require __DIR__.'/../vendor/autoload.php';

$target = __DIR__.'/../core/schema/project-1.json';
file_put_contents($target, json_encode(Ricamo\Core\Interchange\ProjectSchema::make(), JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR));
passthru('npx --no-install prettier --log-level=warn --write '.escapeshellarg($target), $status);
exit($status);
