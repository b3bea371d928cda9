<?php

/**
 * Checks that each part depends only on what it may: core on nothing, raster on core, app on both. Core may not do I/O
 * either: no files, processes, clock or native code.
 */
$root = dirname(__DIR__);
$rules = [
    'core/src' => [
        'namespaces' => '/\b(?:use|new|extends|implements)\s+\\\\?(?:App|Illuminate|Laravel|Symfony(?!\\\\Component\\\\CssSelector)|Ricamo\\\\Raster|Swaggest|Opis)\\\\/',
        'calls' => '/(?<![\w>:\\\\$])(?:fopen|file_get_contents|file_put_contents|is_file|unlink|mkdir|proc_open|exec|shell_exec|system|passthru|time|microtime|hrtime|date|getenv|curl_\w+|DB::|FFI::)\s*\(/',
    ],
    'raster/src' => [
        'namespaces' => '/\b(?:use|new|extends|implements)\s+\\\\?(?:App|Illuminate|Laravel)\\\\/',
        'calls' => '/(?<![\w>:\\\\$])(?:PDO|DB::|curl_\w+)\s*\(/',
    ],
    // The application asks core and raster; it does not compute what they compute.
    'app' => [
        'namespaces' => '/\buse\s+(?:FFI|Ricamo\\\\Raster\\\\Native)\b/',
        'calls' => '/(?<![\w>:\\\\$])(?:proc_open|shell_exec|passthru)\s*\(/',
    ],
];
$found = 0;
foreach ($rules as $folder => $patterns) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() !== 'php') {
            continue;
        }
        foreach (file($file->getPathname()) as $index => $line) {
            $code = preg_replace('~^\s*(?://|\*|/\*).*~', '', $line);
            foreach ($patterns as $kind => $pattern) {
                if (preg_match($pattern, $code, $match)) {
                    printf("%s:%d: %s may not use \"%s\" (%s)\n", substr($file->getPathname(), strlen($root) + 1), $index + 1, $folder, trim($match[0]), $kind);
                    $found++;
                }
            }
        }
    }
}
echo $found === 0 ? "The borders between the parts hold.\n" : "$found places cross a border.\n";
exit($found === 0 ? 0 : 1);
