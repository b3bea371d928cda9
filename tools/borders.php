<?php

declare(strict_types=1);

/**
 * Checks that each part depends only on what it may: core on nothing, raster on core, app on both. Core may not do I/O
 * either: no files, processes, clock or native code. And that each of core's rooms uses only those that stand before it in
 * docs/architecture.md.
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
                    printf(
                        "%s:%d: %s may not use \"%s\" (%s)\n", substr($file->getPathname(), strlen($root) + 1), $index + 1,
                        $folder, trim($match[0]), $kind,
                    );
                    $found++;
                }
            }
        }
    }
}
preg_match_all('~^\| `(\w+)/` \|~m', (string) file_get_contents("$root/docs/architecture.md"), $rows);
$order = array_flip($rows[1]);
foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/core/src", FilesystemIterator::SKIP_DOTS)) as $file) {
    $path = substr($file->getPathname(), strlen("$root/core/src/"));
    $room = strstr($path, '/', true);
    if ($file->getExtension() !== 'php' || $room === false) {
        continue;
    }
    if (! isset($order[$room])) {
        echo "core/src/$path: the room $room has no place in the order of docs/architecture.md\n";
        $found++;
    }
    preg_match_all('~Ricamo\\\\Core\\\\(\w+)\\\\~', (string) file_get_contents($file->getPathname()), $uses);
    foreach (array_unique($uses[1]) as $used) {
        if ($used !== $room && ($order[$used] ?? PHP_INT_MAX) >= ($order[$room] ?? -1)) {
            echo "core/src/$path: $room may not use $used, which comes after it\n";
            $found++;
        }
    }
}
echo $found === 0 ? "The borders between the parts hold.\n" : "$found places cross a border.\n";
exit($found === 0 ? 0 : 1);
