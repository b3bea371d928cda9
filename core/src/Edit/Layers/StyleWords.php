<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\WordStyle;

/** Sets some characters of a text otherwise than the rest: `style` holds what is changed, null for as in the rest. */
final readonly class StyleWords implements CompositionEdit
{
    private function __construct(private string $layer, private int $from, private int $to, private Node $style)
    {
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Id] string $layer,
        #[Field('characters, in code points', 0, TextContent::LONGEST)] int $from,
        #[Field(least: 1, most: TextContent::LONGEST + 1)] int $to,
        #[Field('of `font`, `size` in per cent, `colour`, `tracking`, `rise` in per cent above the baseline, `case` and `underline`')]
        Node $style,
    ): self {
        return $to > $from
            ? new self($layer, $from, $to, $style->allow(WordStyle::FIELDS))
            : throw new Misfit('to', "$to is not behind $from");
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $content = $layer->content;
        if (! $content instanceof TextContent) {
            throw new Refusal("“{$layer->name}” is no text");
        }
        $to = min($this->to, mb_strlen($content->text));
        if ($to <= $this->from) {
            throw new Refusal('There are no such characters');
        }
        // Read by itself first, so that what is wrong is said in its place.
        WordStyle::read(new Node(
            ['from' => 0, 'to' => 1, ...array_filter($this->style->object(), fn (mixed $value): bool => $value !== null)], $this->style,
        ));
        $styles = $content->styles->with($this->from, $to, $this->style->object());

        return count($styles->all) > WordStyle::MOST
            ? throw new Refusal('A text has '.WordStyle::MOST.' styles at most')
            : $composition->replacing($layer->withContent($content->styled($styles)));
    }

    public function title(): string
    {
        return 'style of words';
    }
}
