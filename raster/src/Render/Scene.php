<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Nesting;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Text\ClipFonts;
use Ricamo\Raster\Text\HarfBuzzShaper;

/** A composition with all it takes to draw it. */
final readonly class Scene
{
    private Evaluator $evaluator;

    private MediaLibrary $media;

    public function __construct(public Composition $composition, MediaLibrary $media, public Clips $clips, public float $scale = 1.0)
    {
        $this->media = $clips->describe($media);
        $this->evaluator = new Evaluator($this->media, new TextBlocks(new HarfBuzzShaper(new ClipFonts($clips))));
    }

    public function list(int $frame): DisplayList
    {
        return $this->evaluator->frame($this->composition, $frame);
    }

    /** @return iterable<DisplayList> */
    public function lists(FrameRange $range): iterable
    {
        for ($frame = $range->in; $frame < $range->out; $frame++) {
            yield $this->list($frame);
        }
    }

    /** @return list<SoundCue> */
    public function sounds(FrameRange $range): array
    {
        return SoundPlan::of($this->composition, $this->media, $range);
    }

    /** @return list<string> what is to be known of the clips that are used */
    public function remarks(): array
    {
        $remarks = [];
        foreach ([$this->composition, ...Nesting::within($this->composition, $this->media)] as $composition) {
            $remarks += $this->remarksOn($composition);
        }

        return array_values($remarks);
    }

    /** @return array<string, string> by the id of the clip */
    private function remarksOn(Composition $composition): array
    {
        $remarks = [];
        foreach ($composition->layers as $layer) {
            foreach ($layer->media() as $id) {
                $remark = $this->clips->get($id)->remark();
                if ($remark !== null) {
                    $remarks[$id] = "{$this->media->get($id)->name}: $remark.";
                }
            }
        }

        return $remarks;
    }

    public function size(): PictureSize
    {
        return PictureSize::drawn($this->composition->width, $this->composition->height, $this->scale);
    }

    public function width(): int
    {
        return $this->size()->width;
    }

    public function height(): int
    {
        return $this->size()->height;
    }

    public function view(): Affine
    {
        return Affine::scaling($this->width() / $this->composition->width, $this->height() / $this->composition->height);
    }

    public function still(int $frame): Surface
    {
        $surface = new Surface($this->width(), $this->height());
        (new Painter($surface, new ClipPictures($this->clips), $this->view()))->paint($this->list($frame));

        return $surface;
    }
}
