<?php

declare(strict_types=1);

namespace Ricamo\Core\Time;

use Ricamo\Core\Refusal;

/** The frames [in, out): `out` is the first frame that no longer belongs to it. */
final readonly class FrameRange
{
    /** @throws Refusal for a range that holds no frame */
    public function __construct(public int $in, public int $out)
    {
        if ($out <= $in) {
            throw new Refusal("the range $in..$out holds no frame");
        }
    }

    public function length(): int
    {
        return $this->out - $this->in;
    }

    /** The last visible frame. */
    public function last(): int
    {
        return $this->out - 1;
    }

    public function contains(int|float $frame): bool
    {
        return $frame >= $this->in && $frame < $this->out;
    }

    public function intersection(self $other): ?self
    {
        $in = max($this->in, $other->in);
        $out = min($this->out, $other->out);

        return $out > $in ? new self($in, $out) : null;
    }

    /** @return list<self> this range cut into pieces of at most $length frames */
    public function pieces(int $length): array
    {
        $pieces = [];
        for ($in = $this->in; $in < $this->out; $in += $length) {
            $pieces[] = new self($in, min($in + $length, $this->out));
        }

        return $pieces;
    }
}
