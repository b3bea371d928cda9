<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Leaves by a move, is not seen for a while, and arrives by it again: in the middle of a layer's life. */
final class GoneMeanwhile extends Accent
{
    private const FRAMES_A_SECOND = 25;

    private const LONGEST = 10_000;

    private readonly Easing $arriving;

    private readonly Easing $leaving;

    public function __construct(private readonly Move $move)
    {
        $this->arriving = Easings::parse($move->easing());
        $this->leaving = $this->arriving->reversed();
    }

    public function name(): string
    {
        return 'gone-'.$this->move->name();
    }

    public function title(): string
    {
        return $this->move->title();
    }

    public function subject(): string
    {
        return 'Goes and returns';
    }

    public function called(): string
    {
        return 'Goes and returns: '.lcfirst($this->title());
    }

    public function leavesPlane(): bool
    {
        return $this->move->leavesPlane();
    }

    public function seconds(): float
    {
        return 2.0;
    }

    public function settings(): array
    {
        $frames = round($this->move->seconds() * self::FRAMES_A_SECOND);

        return [
            self::number('leaves', 'Leaves in', $frames, 0, self::LONGEST, 'f'),
            self::number('comes', 'Returns in', $frames, 0, self::LONGEST, 'f'),
            ...$this->move->settings(),
        ];
    }

    public function films(): bool
    {
        return $this->move->films();
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $p = $this->there($t, $frames, $settings);

        return $p === null ? $this->move->at(0, $settings, $scenery)->faded(0) : $this->move->at($p, $settings, $scenery);
    }

    public function lens(float $t, float $frames, array $settings): float
    {
        return $this->move->lens($this->there($t, $frames, $settings) ?? 0.0, $settings);
    }

    /**
     * @param  array<string, float>  $settings
     * @return ?float 1 where it is at rest, 0 away; null while it is gone
     */
    private function there(float $t, float $frames, array $settings): ?float
    {
        $whole = $t > 0 ? $frames / $t : INF;
        // Where there is no time for both, each gives way in its measure.
        $fits = min(1.0, $whole / max(1.0, $settings['leaves'] + $settings['comes']));
        $leaves = $settings['leaves'] * $fits;
        $comes = $settings['comes'] * $fits;
        $left = $whole - $frames;

        return match (true) {
            $frames < $leaves => 1 - $this->leaving->at($frames / $leaves),
            $left < $comes => $this->arriving->at(1 - $left / $comes),
            default => null,
        };
    }
}
