<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Node;

/** How long, and from when on, a frame is exposed: what motion blur is made of. */
final readonly class Shutter
{
    public const MOST_SAMPLES = 64;

    /**
     * @param  float  $angle  degrees, 360 being the whole time from one frame to the next; at 0 everything is sharp
     * @param  float  $phase  degrees from the frame's own moment to the opening of the shutter
     * @param  int  $samples  the most pictures that are drawn for a frame, a power of two
     */
    public function __construct(public float $angle = 180, public float $phase = 0, public int $samples = 32)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['angle', 'phase', 'samples']);
        $samples = $node->optional('samples')?->int(2, self::MOST_SAMPLES) ?? 32;
        if (($samples & ($samples - 1)) !== 0) {
            $node->field('samples')->refuse('must be 2, 4, 8, 16, 32 or 64');
        }

        return new self($node->optional('angle')?->number(0, 720) ?? 180.0, $node->optional('phase')?->number(-360, 360) ?? 0.0, $samples);
    }

    /** @return array{angle: float, phase: float, samples: int} */
    public function toJson(): array
    {
        return ['angle' => $this->angle, 'phase' => $this->phase, 'samples' => $this->samples];
    }

    /**
     * The moments at which a frame is seen while the shutter is open, evenly spread.
     *
     * @param  int<1, max>  $count
     * @return non-empty-list<float> frames
     */
    public function moments(int $frame, int $count): array
    {
        return array_map(
            fn (int $index): float => $frame + ($this->phase + $this->angle * ($index + 0.5) / $count) / 360, range(0, $count - 1),
        );
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return [
            'type' => 'object', 'additionalProperties' => false,
            'properties' => [
                'angle' => ['type' => 'number', 'minimum' => 0, 'maximum' => 720],
                'phase' => ['type' => 'number', 'minimum' => -360, 'maximum' => 360],
                'samples' => ['enum' => [2, 4, 8, 16, 32, 64]],
            ],
        ];
    }
}
