<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\AttachedSettings;

/** Effects that a project keeps at hand under a name, with their settings and the keyframes of these. */
final readonly class NamedLook
{
    /** @param  non-empty-list<array<string, mixed>>  $effects  as a layer holds them */
    private function __construct(public string $name, public array $effects)
    {
    }

    public static function read(Node $node): self
    {
        $node->allow(['name', 'effects']);
        [$effects, $settings] = PlacedEffect::readAll($node->field('effects'));

        return $effects === []
            ? $node->field('effects')->refuse('is empty')
            : new self($node->field('name')->name(), self::filled(AttachedSettings::write($effects, $settings)));
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
