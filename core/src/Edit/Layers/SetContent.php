<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\UsesMedia;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextContent;

/** Changes what a layer shows: the words, font and alignment of a text, the form of a shape, the clip and its sound. */
final readonly class SetContent implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Field('those fields of it that change, as documents hold them')] private Node $content,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $this->content->allowKeys($layer->kind->contentFields());
        $fields = [...$layer->content->toJson(), ...$this->content->object()];
        $content = $layer->kind->readContent(new Node($fields, $this->content));
        if (
            $content instanceof TextContent
            && $layer->content instanceof TextContent
            && ! array_key_exists('styles', $this->content->object())
        ) {
            $content = $content->styled($layer->content->styles->followed($layer->content->text, $content->text));
        }
        array_map($evaluator->media->get(...), $content instanceof UsesMedia ? $content->media() : []);

        return $composition->replacing($layer->withContent($content));
    }

    public function title(): string
    {
        return array_key_exists('text', $this->content->object()) ? 'change words' : 'change content';
    }
}
