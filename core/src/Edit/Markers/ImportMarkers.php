<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Markers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Marker;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Interchange\MarkerCsv;
use Ricamo\Core\Interchange\WebVtt;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Adds the markers of a WebVTT file or of a table (CSV), as far as the composition goes. */
final readonly class ImportMarkers implements CompositionEdit
{
    private const LONGEST = 1_000_000;

    private function __construct(private Node $text)
    {
    }

    public static function from(
        #[Field('a WebVTT file, or a table with a column `frame` or `timecode`, and perhaps `name` and `label`', longest: self::LONGEST)] Node $text,
    ): self {
        $text->string(self::LONGEST);

        return new self($text);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $text = $this->text->string(self::LONGEST);
        try {
            $read = WebVtt::is($text) ? WebVtt::read($text, $composition->rate) : MarkerCsv::read($text, $composition->rate);
        } catch (Refusal $refusal) {
            $this->text->refuse($refusal->getMessage());
        }
        $within = array_filter($read, fn (Marker $marker): bool => $composition->range()->contains($marker->frame));

        return $within !== []
            ? $composition->with(['markers' => $composition->markers->with(...$within)])
            : $this->text->refuse('all its markers lie beyond the end of the composition');
    }

    public function title(): string
    {
        return 'import markers';
    }
}
