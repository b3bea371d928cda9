<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Display\Backdrop;
use Ricamo\Core\Time\FrameRange;
use RuntimeException;
use Throwable;

/**
 * Draws a range of frames to a video file without sound. Where a clip fills the bottom of every frame, ffmpeg decodes
 * it and lays the graphics over it, of which only the touched region is drawn; otherwise whole frames are drawn.
 */
final readonly class RangeRenderer
{
    public function __construct(private Scene $scene, private Output $output = new Output)
    {
    }

    /** The way for a whole render, of which each range that is drawn is a piece. */
    public function way(FrameRange $whole): Way
    {
        return $this->backdrop($whole) === null ? Way::WholeFrames : Way::Overlay;
    }

    /**
     * @param  callable(int): bool  $progress  is given the number of frames done; false cancels
     * @param  ?Way  $way  null where the range is the whole render
     *
     * @throws RenderCancelled
     * @throws RuntimeException where a process fails
     */
    public function render(FrameRange $range, string $file, callable $progress, ?Way $way = null): void
    {
        $backdrop = $way === Way::WholeFrames ? null : $this->backdrop($range);
        $methods = [
            ...($backdrop === null ? [] : [new OverlayMethod($this->scene, $backdrop, $this->output)]),
            new WholeFrameMethod($this->scene, $this->output),
        ];
        foreach ($methods as $method) {
            $problem = $this->attempt($method, $range, $file, $progress);
            if ($problem === null) {
                return;
            }
        }
        throw new RuntimeException($problem);
    }

    private function backdrop(FrameRange $range): ?Backdrop
    {
        // Where alpha is kept, whole frames are drawn: what ffmpeg lays over a clip has none.
        $even = ! $this->output->format->holdsAlpha() && $this->scene->width() % 2 === 0 && $this->scene->height() % 2 === 0;

        $backdrop = $this->scene->scale === 1.0 && $even ? Backdrop::under($this->scene->lists($range)) : null;

        // Beneath graphics ffmpeg would have to hold a large picture whole.
        return $backdrop === null || $this->scene->clips->get($backdrop->media)->isLarge ? null : $backdrop;
    }

    /**
     * @param  callable(int): bool  $progress
     * @return ?string what went wrong
     */
    private function attempt(Method $method, FrameRange $range, string $file, callable $progress): ?string
    {
        $output = new VideoOutput($method->command($range), $file, $this->output->format->pieceContainer());
        try {
            foreach ($method->frames($range) as $done => $surface) {
                if (! $output->write($surface)) {
                    break;
                }
                if (! $progress($done + 1)) {
                    throw new RenderCancelled('the render was cancelled');
                }
            }
        } catch (Throwable $ended) {
            $output->discard();
            throw $ended;
        }

        return $output->finish($range->length());
    }
}
