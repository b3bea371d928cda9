<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Text\Shaper;

/** Lays texts out, and remembers the last ones, because most frames show the same text as the frame before. */
final class TextBlocks
{
    private const MOST = 500;

    /** @var array<string, TextBlock> */
    private array $blocks = [];

    /** @var array<string, ?float> */
    private array $weights = [];

    public function __construct(private readonly Shaper $shaper)
    {
    }

    /** The weight of a font that can be varied in it, where no other is asked for; null for one that cannot. */
    public function weight(string $font): ?float
    {
        if (! array_key_exists($font, $this->weights)) {
            $this->weights[$font] = $this->shaper->weight($font);
        }

        return $this->weights[$font];
    }

    /**
     * @param  array<string, float>  $axes  of a variable font, by their tags
     * @param  float  $width  of the box in which lines break, in thousandths of an em; 0 for lines as long as they are
     */
    public function of(TextContent $content, float $tracking, float $width = 0.0, array $axes = []): TextBlock
    {
        $features = implode(',', array_column($content->features, 'value'));
        $styles = $content->styles->all === [] ? '' : json_encode($content->styles->toJson());
        $key = "{$content->face()} {$content->align->value} $tracking $width {$content->hyphens?->value} $content->down $features $styles "
            .($axes === [] ? '' : json_encode($axes))." {$content->text}";
        if (! isset($this->blocks[$key])) {
            if (count($this->blocks) >= self::MOST) {
                $this->blocks = array_slice($this->blocks, self::MOST >> 1, null, true);
            }
            $this->blocks[$key] = TextBlock::of($content, $tracking, $this->shaper, $width, $axes);
        }

        return $this->blocks[$key];
    }
}
