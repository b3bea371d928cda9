<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Document\Markers;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Time\Timecode;

/**
 * Markers as a table (RFC 4180) with a heading: `frame`, `timecode`, `name`, `label`. Of other tables a column `frame` or
 * `timecode` is needed.
 */
final class MarkerCsv
{
    private const COLUMNS = ['frame', 'timecode', 'name', 'label'];

    public static function write(Markers $markers, FrameRate $rate): string
    {
        $timecode = new Timecode($rate);
        $rows = array_map(fn (Marker $marker): array => [
            (string) $marker->frame, $timecode->format($marker->frame), $marker->name, $marker->label->value,
        ], $markers->all());

        return implode('', array_map(self::row(...), [self::COLUMNS, ...$rows]));
    }

    /**
     * @return list<Marker> in the order of the table
     *
     * @throws Refusal naming the row that makes no sense
     */
    public static function read(string $text, FrameRate $rate): array
    {
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $text))));
        $heading = array_map(
            fn (?string $name): string => strtolower(trim((string) $name)), str_getcsv((string) array_shift($lines), ',', '"', ''),
        );
        if (array_intersect(['frame', 'timecode'], $heading) === []) {
            throw new Refusal('the table needs a heading with a column “frame” or “timecode”');
        }
        $markers = [];
        foreach (array_filter($lines, fn (string $line): bool => trim($line) !== '') as $index => $line) {
            $cells = str_getcsv($line, ',', '"', '');
            $markers[] = self::marker(
                fn (string $name): string => trim((string) ($cells[array_search($name, $heading, true)] ?? '')),
                $heading,
                $rate,
                $index + 2,
            );
        }

        return $markers !== [] ? $markers : throw new Refusal('the table holds no markers');
    }

    /**
     * @param  callable(string): string  $cell
     * @param  list<string>  $heading
     */
    private static function marker(callable $cell, array $heading, FrameRate $rate, int $row): Marker
    {
        $has = fn (string $name): bool => in_array($name, $heading, true) && $cell($name) !== '';
        try {
            $frame = (new Timecode($rate))->parse($has('frame') ? $cell('frame') : ($has('timecode') ? $cell('timecode') : ''));
        } catch (Refusal $refusal) {
            throw new Refusal("row $row: {$refusal->getMessage()}");
        }

        return new Marker(
            $frame,
            $has('name') ? mb_substr($cell('name'), 0, 200) : '',
            $has('label') ? Dye::tryFrom($cell('label')) ?? Dye::Saffron : Dye::Saffron,
        );
    }

    /** @param  list<string>  $cells */
    private static function row(array $cells): string
    {
        return implode(
            ',',
            array_map(
                fn (string $cell): string => preg_match('/[",\r\n]/', $cell) === 1 ? '"'.str_replace('"', '""', $cell).'"' : $cell, $cells,
            ),
        )."\r\n";
    }
}
