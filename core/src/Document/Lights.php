<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use WeakMap;

/** The lights of a composition. */
final class Lights
{
    /** For how many moments what was found is kept: all layers of a frame ask for the same few. */
    private const KEPT = 256;

    /** @var ?WeakMap<Stack, array{?self}> what was found for each stack */
    private static ?WeakMap $known = null;

    /** @var array<array-key, list<Light>> by the moment */
    private array $lights = [];

    /** @param  non-empty-list<non-empty-list<Layer>>  $all  each with the groups that it is in, the nearest first */
    private function __construct(private readonly array $all)
    {
    }

    /** @return ?self null for a composition that has none */
    public static function of(Composition $composition): ?self
    {
        self::$known ??= new WeakMap;
        $known = self::$known[$composition->layers] ??= [self::found($composition)];

        return $known[0];
    }

    private static function found(Composition $composition): ?self
    {
        $lights = [];
        foreach ($composition->layers->entries() as $entry) {
            if ($entry->facts->kind->lights()) {
                $lights[] = $composition->around($entry->layer());
            }
        }

        return $lights === [] ? null : new self($lights);
    }

    /** @return list<Layer> all that have a say in how the composition is lit: the lights, and the groups that they are in */
    public function layers(): array
    {
        return array_merge(...$this->all);
    }

    /** @return non-empty-list<Layer> the lights, from the bottom to the top */
    public function all(): array
    {
        return array_map(fn (array $layers): Layer => $layers[0], $this->all);
    }

    /** Whether any throws shadows at some time, so that how a layer is seen depends on the others. */
    public function throwShadows(): bool
    {
        foreach ($this->all() as $light) {
            if ($light->properties['shadow']->values() !== [0.0]) {
                return true;
            }
        }

        return false;
    }

    /** Whether a light is on, with the groups that it is in. */
    public static function isOn(Composition $composition, Layer $light, int $frame): bool
    {
        return self::areOn($composition->around($light), $frame);
    }

    /** @param  non-empty-list<Layer>  $layers  a light, and the groups that it is in */
    private static function areOn(array $layers, int $frame): bool
    {
        foreach ($layers as $one) {
            if (! $one->switches->visible || $one->switches->reference || ! $one->span->contains($frame)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Light> those that are on at a moment; none where nothing is shaded */
    public function at(int|float $at): array
    {
        $key = (string) $at;
        if (count($this->lights) > self::KEPT) {
            $this->lights = [];
        }

        return $this->lights[$key] ??= $this->on($at);
    }

    /** @return list<Light> */
    private function on(int|float $at): array
    {
        $lights = [];
        foreach ($this->all as $layers) {
            $content = $layers[0]->content;
            if ($content instanceof GivesLight && self::areOn($layers, (int) floor($at))) {
                $lights[] = Light::of($layers[0], $content->source(), $at)->carried(View::within(array_slice($layers, 1), $at));
            }
        }

        return $lights;
    }
}
