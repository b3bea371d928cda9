<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

/**
 * How a clip's preview frames are made: which of its frames, how large, and about how much room they take. Known before
 * the work begins, so that no clip, however long, takes more than it may.
 */
final readonly class PreviewPlan
{
    /** The shorter side of preview frames, by how many there are. */
    private const SIDES = [1 => 2160, 3_000 => 720, 20_000 => 540, PHP_INT_MAX => 360];

    /** Bytes a pixel that a usual picture takes; pictures of noise take four times as many. */
    private const BYTES_A_PIXEL = ['jpg' => 0.2, 'webp' => 0.3, 'png' => 1.0];

    /**
     * @param  int  $every  one of so many of the clip's frames is kept, from the first
     * @param  int  $count  how many are kept
     * @param  string  $type  `jpg`, `png` for drawings, of which there is only a poster, or `webp` for clips with alpha; also
     *     the ending of their names
     */
    private function __construct(public int $every, public int $count, public int $width, public int $height, public string $type)
    {
    }

    public static function of(Clip $clip, PreviewBudget $budget): self
    {
        if ($clip->width === 0 || $clip->drawing !== null) {
            return new self(1, 0, 0, 0, $clip->isSound() ? 'jpg' : 'png');
        }
        $every = (int) ceil($clip->frames / $budget->frames);
        $plan = self::keeping($clip, $every);
        while ($plan->bytes() > $budget->bytes && $plan->count > 1) {
            $plan = self::keeping($clip, $every = 2 * $every);
        }

        return $plan;
    }

    /** The same with half as many frames. */
    public function thinner(Clip $clip): self
    {
        return self::keeping($clip, 2 * $this->every);
    }

    /** About how many bytes they take. */
    public function bytes(): int
    {
        return (int) ($this->count * $this->width * $this->height * self::BYTES_A_PIXEL[$this->type]);
    }

    private static function keeping(Clip $clip, int $every): self
    {
        $count = (int) ceil($clip->frames / $every);
        $side = 720;
        foreach (self::SIDES as $most => $side) {
            if ($count <= $most) {
                break;
            }
        }
        $scale = min(1, $side / min($clip->width, $clip->height), 2 * $side / max($clip->width, $clip->height));

        return new self(
            $every, $count, max(1, (int) round($clip->width * $scale)), max(1, (int) round($clip->height * $scale)),
            $clip->alpha ? 'webp' : 'jpg',
        );
    }
}
