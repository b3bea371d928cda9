<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Arriving\Push;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

/** How a layer arrives, or leaves: for so many frames, by moves that work together. */
final readonly class Phase
{
    public const LONGEST = 100_000;

    private const MOST_MOVES = 10;

    /**
     * @param  int  $length  frames, at least 1
     * @param  Easing  $easing  over time: of arriving from away to rest, of leaving from rest to away
     * @param  non-empty-list<ChosenMove>  $moves
     * @param  int  $begun  how many frames of it lie beyond the layer's end, because it was cut there
     */
    public function __construct(public int $length, public Easing $easing, public array $moves, public int $begun = 0)
    {
    }

    /**
     * @param  ?FrameRate  $rate  of the composition, where a length may be left out and is the first move's own then
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $node, ?FrameRate $rate = null): self
    {
        $phase = self::described($rate === null)->read($node);

        return $rate === null || $node->has('length')
            ? $phase
            : $phase->with(length: max(1, (int) round($phase->moves[0]->move->seconds() * $rate->perSecond())));
    }

    /** @param  non-empty-list<ChosenMove>  $moves */
    public static function from(
        #[Field(longest: self::MOST_MOVES, fewest: 1, of: ChosenMove::class)] array $moves,
        #[Field(least: 1, most: self::LONGEST)] int $length = 1,
        #[Field(of: Easings::class, ref: 'Easing')] ?Easing $easing = null,
        #[Field('frames of it that lie beyond the end, because the layer was cut there', 0, self::LONGEST)] int $begun = 0,
    ): self {
        return new self($length, $easing ?? Easings::parse($moves[0]->move->easing()), $moves, $begun);
    }

    /** @return array<string, mixed> its JSON Schema */
    public static function schema(): array
    {
        return ['description' => 'how a layer arrives or leaves', ...self::described(true)->schema()];
    }

    /** @return Fields<self> */
    private static function described(bool $needsLength): Fields
    {
        return Fields::of(self::class)->form(
            $needsLength ? 'lasting' : 'any', fn (Fields $all): Fields => $all->fixing([], $needsLength ? ['length'] : []),
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'length' => $this->length,
            'easing' => (string) $this->easing,
            'moves' => array_map(fn (ChosenMove $move): array => $move->toJson(), $this->moves),
            ...($this->begun === 0 ? [] : ['begun' => $this->begun]),
        ];
    }

    /** What the moves together make of the pose. @param  float  $p  0 away, 1 at rest */
    public function change(float $p, Scenery $scenery): Change
    {
        return array_reduce(
            $this->moves,
            fn (Change $change, ChosenMove $chosen): Change => $change->and($chosen->move->at($p, $chosen->settings, $scenery)),
            new Change,
        );
    }

    /** How many times longer they make the lens of a camera. @param  float  $p  0 away, 1 at rest */
    public function lens(float $p): float
    {
        return array_product(array_map(fn (ChosenMove $chosen): float => $chosen->move->lens($p, $chosen->settings), $this->moves));
    }

    public function with(?int $length = null, ?Easing $easing = null, ?int $begun = null): self
    {
        return new self($length ?? $this->length, $easing ?? $this->easing, $this->moves, $begun ?? $this->begun);
    }

    /**
     * What another layer does meanwhile that is pushed out of the frame by this arriving; null where nothing is pushed. It begins
     * and ends on the same frames, so one of it lies beyond that layer's end.
     */
    public function pushed(): ?self
    {
        $pushes = array_values(array_filter($this->moves, fn (ChosenMove $move): bool => $move->move->name() === Push::NAME));
        if ($pushes === []) {
            return null;
        }

        return new self(
            $this->length,
            $this->easing,
            array_map(
                fn (ChosenMove $move): ChosenMove => new ChosenMove($move->move, ['angle' => $move->settings['angle'] + 180]), $pushes,
            ),
            1,
        );
    }

    /** The leaving that is this arriving run backwards, or the other way round. */
    public function mirrored(): self
    {
        return $this->with(easing: $this->easing->reversed());
    }

    /** A copy that takes as many seconds at another frame rate. */
    public function inRate(FrameRate $from, FrameRate $to): self
    {
        return $this->with(length: max(1, $to->nearestFrame($this->length, $from)), begun: $to->nearestFrame($this->begun, $from));
    }
}
