<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Window;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Bundle\BundleArtist;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Coats;
use Ricamo\Core\Kind\Footage\FootageArtist;
use Ricamo\Core\Kind\LineArtist;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\Paints;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\FormPaths;
use Ricamo\Core\Kind\Shape\Outlines;
use Ricamo\Core\Paint\Painted;

/** Draws windows: the fill where it can be seen, what is in the window, and the outline over it; more of these beneath and above. */
final readonly class WindowArtist implements Artist, ReachesBeyond
{
    private FootageArtist $footage;

    private BundleArtist $bundles;

    private PaintedPictures $pictures;

    public function __construct(private Materials $materials, private Outlines $outlines = new Outlines)
    {
        $this->footage = new FootageArtist($materials->media);
        $this->bundles = new BundleArtist($materials);
        $this->pictures = new PaintedPictures($materials);
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $content = self::content($layer);
        $at = $moment->at;
        $formed = Formed::of($content->form, $layer, $at);
        if ($formed->isEmpty()) {
            return [];
        }
        $box = $formed->box;
        $width = max(0, $layer->number('outlineWidth', $at));
        $fill = Paints::of(Painted::fill(), $layer, $at, $box);
        $outline = $width > 0 ? Paints::of(Painted::outline(), $layer, $at, $box->grown($width / 2)) : null;
        $pictures = $this->pictures->on($layer, $composition, $moment);
        $path = $this->outlines->of($formed);
        $seen = $this->seen($layer, $composition, $moment, $matrix);
        $coats = $layer->attached->outlines === [] ? null : new Coats($layer, $at, $box, $pictures);
        $coats?->add($path, new Affine, $matrix);
        $operations = $coats?->beneath($matrix) ?? [];
        if ($fill !== null && ! ($seen !== [] && $this->isCovered($layer, $at))) {
            array_push($operations, ...Paints::painted($fill, [new Fill($path, $matrix, Paints::within($fill))], $matrix, $pictures));
        }
        if ($seen !== []) {
            $operations[] = new Group($seen, 1.0, Outline::of(FormPaths::of($formed)->transformed($matrix)));
        }
        if ($outline !== null) {
            $lines = new LineArtist($layer, $at, $width, Join::Miter, pictures: $pictures);
            array_push(
                $operations,
                ...Paints::painted(
                    $outline, $lines->draw($path, $matrix, fn (Affine $own) => Paints::within($outline, $own)), $matrix, $pictures,
                ),
            );
        }

        return $coats === null ? $operations : [...$operations, ...$coats->over($matrix)];
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        return Formed::of(self::content($layer)->form, $layer, $at)->box;
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $shown = self::content($layer)->shown;
        if ($shown === null) {
            return [];
        }
        [$after, $place] = [$moment->frame - $layer->span->in, $matrix->after($this->framing($layer, $moment->at))];

        return $shown instanceof BundleContent
            ? $this->bundles->shown($shown, $after, $composition, $place)
            : $this->footage->shown($shown, $after, $composition, $place, Ramp::of($layer));
    }

    /** From the pixels of what is seen, its middle at the origin, to the window's own. */
    private function framing(Layer $layer, int|float $at): Affine
    {
        $content = self::content($layer);
        $pan = $layer->point('pan', $at);
        $scale = $content->fitting->scale(
            $content->plays($this->materials->media)->size(), $layer->size('size', $at),
        ) * $layer->number('zoom', $at) / 100;

        return Affine::translation($pan->x, $pan->y)->after(Affine::rotation($layer->number('turn', $at)))
            ->after(Affine::scaling($scale, $scale));
    }

    /** Whether an opaque picture leaves nothing of the window's fill to be seen. */
    private function isCovered(Layer $layer, int|float $at): bool
    {
        $facts = self::content($layer)->plays($this->materials->media);
        $framing = $this->framing($layer, $at);
        if ($facts->alpha || $facts->drawing !== null || abs($framing->determinant()) < 1e-12) {
            return false;
        }
        $size = $layer->size('size', $at);
        $back = $framing->inverse();
        foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$x, $y]) {
            $corner = $back->apply(new Point($x * $size->width / 2, $y * $size->height / 2));
            if (abs($corner->x) > $facts->width / 2 + 1e-6 || abs($corner->y) > $facts->height / 2 + 1e-6) {
                return false;
            }
        }

        return true;
    }

    private static function content(Layer $layer): WindowContent
    {
        assert($layer->content instanceof WindowContent);

        return $layer->content;
    }
}
