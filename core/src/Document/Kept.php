<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** What a project keeps at hand: colours, and under a name each easings, effects, moves and parts of layers. */
final readonly class Kept
{
    /** Of each of them. */
    public const MOST = 200;

    /** The names of the lists. */
    public const LISTS = ['swatches', 'curves', 'looks', 'motions', 'styles'];

    /**
     * @param  list<Swatch>  $swatches
     * @param  list<NamedCurve>  $curves
     * @param  list<NamedLook>  $looks
     * @param  list<NamedMotion>  $motions
     * @param  list<NamedStyle>  $styles
     */
    public function __construct(
        #[Field(longest: self::MOST, of: Swatch::class, ref: 'Swatch', always: true)]
        public array $swatches = [],
        #[Field(longest: self::MOST, of: NamedCurve::class, always: true)]
        public array $curves = [],
        #[Field('effects that are kept at hand by name', longest: self::MOST, of: NamedLook::class, always: true)]
        public array $looks = [],
        #[Field(
            'moves that are kept at hand by name, relative to where a layer rests', longest: self::MOST,
            of: NamedMotion::class, always: true,
        )]
        public array $motions = [],
        #[Field('parts of layers that are kept at hand by name', longest: self::MOST, of: NamedStyle::class, always: true)]
        public array $styles = [],
    ) {
    }

    /** @param  Node  $project  that they are fields of */
    public static function read(Node $project): self
    {
        return Fields::of(self::class)->readAmong($project);
    }

    /**
     * @return array<string, mixed> the fields of a project that they are written in, empty lists included, by which it is said
     *     that nothing is left
     */
    public function toJson(): array
    {
        return Fields::of(self::class)->write($this);
    }

    /** With another one behind the others, or in the place of the one that has its name. */
    public function with(NamedCurve|NamedLook|NamedMotion|NamedStyle $one): self
    {
        return match (true) {
            $one instanceof NamedCurve => $this->having(curves: self::put($this->curves, $one, 'curves')),
            $one instanceof NamedLook => $this->having(looks: self::put($this->looks, $one, 'looks')),
            $one instanceof NamedMotion => $this->having(motions: self::put($this->motions, $one, 'moves')),
            $one instanceof NamedStyle => $this->having(styles: self::put($this->styles, $one, 'styles')),
        };
    }

    /**
     * With other lists.
     *
     * @param  ?list<Swatch>  $swatches
     * @param  ?list<NamedCurve>  $curves
     * @param  ?list<NamedLook>  $looks
     * @param  ?list<NamedMotion>  $motions
     * @param  ?list<NamedStyle>  $styles
     */
    public function having(
        ?array $swatches = null, ?array $curves = null, ?array $looks = null, ?array $motions = null, ?array $styles = null,
    ): self {
        return new self(
            $swatches ?? $this->swatches, $curves ?? $this->curves, $looks ?? $this->looks, $motions ?? $this->motions,
            $styles ?? $this->styles,
        );
    }

    /**
     * A list without the one at a place, 0 being the first.
     *
     * @template T
     *
     * @param  list<T>  $list
     * @return list<T>
     */
    public static function without(array $list, Node $place): array
    {
        array_splice($list, $place->int(0, count($list) - 1), 1);

        return $list;
    }

    /**
     * @template T of NamedCurve|NamedLook|NamedMotion|NamedStyle
     *
     * @param  list<T>  $list
     * @param  T  $thing
     * @param  string  $called  what they are in a word
     * @return list<T>
     */
    private static function put(array $list, NamedCurve|NamedLook|NamedMotion|NamedStyle $thing, string $called): array
    {
        $place = array_search($thing->name, array_column($list, 'name'), true);
        if ($place === false && count($list) >= self::MOST) {
            throw new Refusal('a project keeps at most '.self::MOST." $called");
        }
        $list[$place === false ? count($list) : $place] = $thing;

        return array_values($list);
    }
}
