<?php

declare(strict_types=1);

/** Lists lines of PHP that are longer than 140 characters, but for those that only a text in them makes so long. */
const LONGEST = 140;

/** @return list<string> what is left of each line of a file without the texts in it */
function bare(string $file): array
{
    $texts = [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML];
    $bare = '';
    foreach (token_get_all((string) file_get_contents($file)) as $token) {
        $text = is_array($token) ? $token[1] : $token;
        $bare .= is_array($token) && in_array($token[0], $texts, true) ? str_repeat("\n", substr_count($text, "\n")) : $text;
    }

    return explode("\n", $bare);
}

$root = dirname(__DIR__);
$found = 0;
foreach (['app', 'core/src', 'core/tests', 'raster/src', 'raster/tests', 'support', 'tests', 'tools'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        foreach ($file->getExtension() === 'php' ? bare((string) $file) : [] as $index => $line) {
            if (mb_strlen($line) > LONGEST) {
                printf("%s:%d has %d characters\n", substr((string) $file, strlen($root) + 1), $index + 1, mb_strlen($line));
                $found++;
            }
        }
    }
}
exit($found === 0 ? 0 : 1);
