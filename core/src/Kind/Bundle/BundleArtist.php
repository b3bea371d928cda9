<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Bundle;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\UnitsInSpace;

/** Draws compositions within others: the same layers, in a space that is placed. */
final class BundleArtist implements Artist
{
    /** How many compositions, as they go on in different placings, are kept at hand. */
    private const AT_HAND = 64;

    /** @var array<string, Composition> by what each depends on */
    private array $lasting = [];

    public function __construct(private readonly Materials $materials)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $content = $this->content($layer);
        $after = $moment->frame - $layer->span->in;

        return $moment->isOpen
            ? $this->open($content, $after, $composition, $moment, $matrix)
            : $this->shown($content, $after, $composition, $matrix);
    }

    /**
     * What a composition shows that is placed, with its middle at the matrix's origin.
     *
     * @param  int  $after  frames of $composition after the layer's in point
     * @return list<Operation>
     */
    public function shown(BundleContent $content, int $after, Composition $composition, Affine $matrix): array
    {
        $shown = $content->frameShownAfter($after, $composition->rate, $this->materials->media);
        if ($shown === null) {
            return [];
        }
        $placed = $this->lasting($content);
        $space = $matrix->after(Affine::translation(-$placed->width / 2, -$placed->height / 2));
        $frameOutline = Path::rectangle(new Box(0, 0, $placed->width, $placed->height));
        $operations = ($this->materials->inside)($placed, $shown, $space);
        if ($placed->background !== null && $placed->background->isVisible()) {
            $operations = [new Fill(Outline::of($frameOutline), $space, $placed->background), ...$operations];
        }

        $blends = array_filter($operations, fn (Operation $one): bool => $one instanceof Group && $one->blend !== Blend::Normal) !== [];
        // What blends in it blends with nothing beyond it.
        $operations = $blends ? [new Group($operations)] : $operations;

        return $content->crop && $operations !== []
            ? [new Group($operations, 1.0, Outline::of($frameOutline->transformed($space)))]
            : $operations;
    }

    /**
     * What is seen of the layers of a composition among those around it, each with its own depth.
     *
     * @param  int  $after  frames of $composition after the layer's in point
     * @return list<Operation>
     */
    private function open(BundleContent $content, int $after, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $shown = $content->frameShownAfter($after, $composition->rate, $this->materials->media);
        if ($shown === null) {
            return [];
        }
        $placed = $this->lasting($content);
        $space = $matrix->after(Affine::translation(-$placed->width / 2, -$placed->height / 2));
        $background = $placed->background !== null && $placed->background->isVisible()
            ? [new Fill(Outline::of(Path::rectangle(new Box(0, 0, $placed->width, $placed->height))), $space, $placed->background)]
            : [];

        return [
            ...($background === [] ? [] : (new UnitsInSpace($composition, $moment, $matrix))->seen($background, null)),
            ...($this->materials->inside)($placed, $shown, $space, $moment->inside($composition, $shown, $space)),
        ];
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $size = $this->content($layer)->plays($this->materials->media)->size();

        return Box::centred($size->width, $size->height);
    }

    private function lasting(BundleContent $content): Composition
    {
        $own = $this->materials->media->composition($content->composition);
        $key = spl_object_id($own)." {$content->length} ".($content->mirrors ? 'mirrored' : '');
        if (! isset($this->lasting[$key])) {
            $this->lasting = array_slice($this->lasting, -self::AT_HAND, preserve_keys: true);
        }

        return $this->lasting[$key] ??= $content->lasting($this->materials->media);
    }

    private function content(Layer $layer): BundleContent
    {
        assert($layer->content instanceof BundleContent);

        return $layer->content;
    }
}
