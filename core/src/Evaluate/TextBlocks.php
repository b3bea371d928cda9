<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Text\Shaper;
use Ricamo\Core\Text\TextBlock;

/** Lays texts out, and remembers the last ones, because most frames show the same text as the frame before. */
final class TextBlocks
{
    private const MOST = 500;

    /** @var array<string, TextBlock> */
    private array $blocks = [];

    public function __construct(private readonly Shaper $shaper)
    {
    }

    public function of(TextContent $content, float $tracking): TextBlock
    {
        $key = "{$content->face()} {$content->align->value} $tracking {$content->text}";
        if (! isset($this->blocks[$key])) {
            if (count($this->blocks) >= self::MOST) {
                $this->blocks = array_slice($this->blocks, self::MOST >> 1, null, true);
            }
            $this->blocks[$key] = TextBlock::of($content, $tracking, $this->shaper);
        }

        return $this->blocks[$key];
    }
}
