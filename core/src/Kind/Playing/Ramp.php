<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Animation\Area;
use Ricamo\Core\Animation\Easing\Hold;
use Ricamo\Core\Animation\Easing\Jump;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\NumberType;
use WeakMap;

/** How fast a clip goes at each moment, in shares of its speed: its layer's property `ramp`. */
final class Ramp
{
    public const PROPERTY = 'ramp';

    /** Per cent, either way. */
    private const MOST = 1000;

    /** @var WeakMap<Layer, self>|null those of layers that are asked for frame after frame */
    private static ?WeakMap $known = null;

    private readonly Area $area;

    /** @var list<int> the frames of the composition at which it changes at once */
    private readonly array $steps;

    private function __construct(private readonly Property $property, private readonly FrameRange $span)
    {
        $this->area = new Area($property, $span);
        $steps = [];
        $before = null;
        foreach ($property->course($span) as $frame => $keyframe) {
            $steps[] = $before?->easing instanceof Hold ? $frame : null;
            $steps[] = $keyframe->easing instanceof Jump ? $frame : null;
            $before = $keyframe;
        }
        $this->steps = array_values(array_filter($steps, is_int(...)));
    }

    public static function property(): PropertyDefinition
    {
        return new PropertyDefinition(
            self::PROPERTY, new NumberType, 100.0, -self::MOST, self::MOST, 'Speed ramp', Section::Pace, '%', rare: true, isFactor: true,
        );
    }

    /** @return ?self null for a layer that goes at its speed all the time */
    public static function of(Layer $layer): ?self
    {
        $property = $layer->properties[self::PROPERTY] ?? null;
        if ($property === null || (! $property->isAnimated() && $property->at(0, $layer->span) === 100.0)) {
            return null;
        }
        self::$known ??= new WeakMap;

        return self::$known[$layer] ??= new self($property, $layer->span);
    }

    /** A layer whose ends are about to move by so many frames, with its ramp left where it is in time: it belongs to what plays. */
    public static function staying(Layer $layer, int $in, int $out): Layer
    {
        $property = $layer->properties[self::PROPERTY] ?? null;

        return $property?->isAnimated() === true ? $layer->withProperty(self::PROPERTY, $property->mapKeyframes(
            fn (Keyframe $one): Keyframe => $one->movedBy($one->pin === Pin::Start ? -$in : -$out),
        )) : $layer;
    }

    /** A layer whose ramp goes from its last frame to its first. */
    public static function reversed(Layer $layer): Layer
    {
        $property = $layer->properties[self::PROPERTY] ?? null;
        $course = array_values($property?->course($layer->span) ?? []);
        if ($property === null || $course === []) {
            return $layer;
        }
        $ends = 2 * $layer->span->in + $layer->span->length() - 1;
        $reversed = [];
        foreach ($course as $index => $keyframe) {
            $reversed[] = $keyframe->withEasing($index > 0 ? $course[$index - 1]->easing->reversed() : new Linear)
                ->movedBy($ends - 2 * $keyframe->frame($layer->span));
        }

        return $layer->withProperty(self::PROPERTY, Property::keyframed($property->type, $reversed));
    }

    /**
     * How many frames at its speed what goes by comes to, between two moments.
     *
     * @param  float  $from  frames of the composition after the layer's in point
     */
    public function between(float $from, float $to): float
    {
        return $this->area->between($this->span->in + $from, $this->span->in + $to) / 100;
    }

    /** @return float its speed at a moment, in shares of what it is otherwise */
    public function at(float $after): float
    {
        return $this->area->at($this->span->in + $after) / 100;
    }

    /** How many times it has changed at once by then. */
    public function stepsUntil(float $after): int
    {
        return count(array_filter($this->steps, fn (int $frame): bool => $frame <= $this->span->in + $after));
    }

    /** @return array{int, int}|null from its first keyframe to its last, in frames after the in point; null where it is even */
    public function changes(): ?array
    {
        $frames = array_keys($this->property->course($this->span));

        return $frames === [] ? null : [$frames[0] - $this->span->in, $frames[count($frames) - 1] - $this->span->in];
    }
}
