<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;

/** How long, and from when on, a frame is exposed: what motion blur is made of. */
final readonly class Shutter
{
    public const MOST_SAMPLES = 64;

    /** @param  int  $samples  a power of two */
    public function __construct(
        #[Field('degrees, 360 being the whole time from one frame to the next; at 0 everything is sharp', 0, 720)]
        public float $angle = 180,
        #[Field('degrees from the frame\'s own moment to the opening of the shutter', -360, 360)]
        public float $phase = 0,
        #[Field('the most pictures that are drawn for a frame', oneOf: [2, 4, 8, 16, 32, self::MOST_SAMPLES])]
        public int $samples = 32,
    ) {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
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
}
