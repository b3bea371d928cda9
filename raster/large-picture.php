<?php

declare(strict_types=1);

/**
 * Reads a picture a strip at a time and writes it to standard output, smaller or as large as it is:
 * php large-picture.php FILE FORM WIDTH HEIGHT, where FORM is "pixels" or an ending with options of libvips; or says what it
 * is, as JSON: php large-picture.php FILE facts. What goes wrong is said on standard error, with status 1.
 */
use Ricamo\Raster\Media\StripReader;

require __DIR__.'/../vendor/autoload.php';
[, $file, $form, $width, $height] = [...$argv, 0, 0];
try {
    $reader = new StripReader($file);
    if ($form === StripReader::FACTS) {
        echo json_encode($reader->facts());
    } else {
        $reader->write((int) $width, (int) $height, $form);
    }
} catch (RuntimeException $reason) {
    fwrite(STDERR, $reason->getMessage()."\n");
    exit(1);
}
