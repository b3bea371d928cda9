<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Kind\Bundle\BundleArtist;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Footage\FootageArtist;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Paint\Shown;

/** What is to be seen of pictures, clips and compositions that layers are painted with. */
final readonly class PaintedPictures
{
    private FootageArtist $footage;

    private BundleArtist $bundles;

    public function __construct(private Materials $materials)
    {
        $this->footage = new FootageArtist($materials->media);
        $this->bundles = new BundleArtist($materials);
    }

    /** @return Closure(Shown, Affine, Box, Fitting): list<Operation> fitted to a box whose middle is at the matrix's origin */
    public function on(Layer $layer, Composition $composition, Moment $moment): Closure
    {
        return function (Shown $shown, Affine $place, Box $box, Fitting $fitting) use ($layer, $composition, $moment): array {
            $content = self::content($shown);
            $scale = $fitting->scale($content->plays($this->materials->media)->size(), new Size($box->width(), $box->height()));

            [$after, $placed] = [$moment->frame - $layer->span->in, $place->after(Affine::scaling($scale, $scale))];

            return $content instanceof BundleContent
                ? $this->bundles->shown($content, $after, $composition, $placed)
                : $this->footage->shown($content, $after, $composition, $placed);
        };
    }

    /** What is shown, as it plays on. */
    public static function content(Shown $shown): FootageContent|BundleContent
    {
        return $shown->media === null ? new BundleContent((string) $shown->composition) : new FootageContent($shown->media);
    }
}
