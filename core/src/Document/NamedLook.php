<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Refusal;

/** Effects that a project keeps at hand under a name, with their settings and the keyframes of these. */
final readonly class NamedLook
{
    /** @param  non-empty-list<array<string, mixed>>  $effects  as a layer holds them */
    private function __construct(public string $name, public array $effects)
    {
    }

    public static function read(Node $node): self
    {
        return Fields::of(self::class)->read($node);
    }

    /** @throws Refusal where its arguments do not go together */
    public static function from(
        #[Name] string $name,
        #[Field(longest: PlacedEffect::MOST, fewest: 1, ref: 'Effect', many: true)] Node $effects,
    ): self {
        [$read, $settings] = PlacedEffect::readAll($effects);

        return $read === [] ? $effects->refuse('is empty') : new self($name, self::filled(AttachedSettings::write($read, $settings)));
    }

    /** @return array{name: string, effects: list<array<string, mixed>>} */
    public function toJson(): array
    {
        return ['name' => $this->name, 'effects' => $this->effects];
    }

    /**
     * @param  list<array<string, mixed>>  $effects
     * @return non-empty-list<array<string, mixed>>
     */
    private static function filled(array $effects): array
    {
        assert($effects !== []);

        return $effects;
    }
}
