<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Geometry\Space;
use WeakMap;

/**
 * Through which camera a composition is seen, and when: through the topmost that is on. Where none is, it is seen from straight before
 * its middle, as every composition is.
 */
final class Cameras
{
    /** For how many moments what was found is kept: all layers of a frame ask for the same few. */
    private const KEPT = 256;

    /** @var ?WeakMap<Stack, array<string, ?self>> what was found for each stack, by the size of the composition */
    private static ?WeakMap $known = null;

    /** @var array<array-key, ?Camera> through which each moment is seen */
    private array $cameras = [];

    /** @var array<array-key, ?Space> what is seen at each */
    private array $spaces = [];

    /**
     * @param  non-empty-list<non-empty-list<Layer>>  $all  the topmost first, each with the groups that it is in, the nearest first
     * @param  View  $plain  how the composition is seen without a camera
     */
    private function __construct(private readonly array $all, private readonly View $plain)
    {
    }

    /** @return ?self null for a composition that has no camera */
    public static function of(Composition $composition): ?self
    {
        self::$known ??= new WeakMap;
        $known = self::$known[$composition->layers] ?? [];
        $size = "{$composition->width}x{$composition->height}";
        if (! array_key_exists($size, $known)) {
            $known[$size] = self::found($composition);
            self::$known[$composition->layers] = $known;
        }

        return $known[$size];
    }

    private static function found(Composition $composition): ?self
    {
        $cameras = [];
        foreach (array_reverse($composition->layers->entries()) as $entry) {
            if ($entry->facts->kind->looks()) {
                $cameras[] = $composition->around($entry->layer());
            }
        }

        return $cameras === [] ? null : new self($cameras, new View($composition));
    }

    /** @return list<Layer> all that have a say in how the composition is seen: the cameras, and the groups that they are in */
    public function layers(): array
    {
        return array_merge(...$this->all);
    }

    /**
     * How a camera stands at a moment, whether it is on or not.
     *
     * @param  non-empty-list<Layer>  $layers  the camera, and the groups that it is in
     * @param  View  $plain  how the composition is seen without one
     */
    public static function placed(array $layers, View $plain, int|float $at): Camera
    {
        return Camera::of($layers[0], $plain, $at)
            ->moved($layers[0]->life, $at, $layers[0]->span)
            ->carried(View::within(array_slice($layers, 1), $at));
    }

    /** @return non-empty-list<Layer> the cameras, the topmost first */
    public function all(): array
    {
        return array_map(fn (array $layers): Layer => $layers[0], $this->all);
    }

    /** @return ?Layer the camera through which a frame is seen; null where none is on */
    public function on(int|float $frame): ?Layer
    {
        return $this->seenThrough($frame)[0] ?? null;
    }

    /** @return ?Camera how a moment is seen; null where it is as without a camera */
    public function camera(int|float $at): ?Camera
    {
        $key = (string) $at;
        if (count($this->cameras) > self::KEPT) {
            [$this->cameras, $this->spaces] = [[], []];
        }
        if (! array_key_exists($key, $this->cameras)) {
            $layers = $this->seenThrough($at);
            $this->cameras[$key] = $layers === null ? null : self::placed($layers, $this->plain, $at);
        }

        return $this->cameras[$key];
    }

    /**
     * What is seen at a moment, led to where the same is seen without a camera.
     *
     * @return ?Space null where everything is
     */
    public function at(int|float $at): ?Space
    {
        $key = (string) $at;
        if (! array_key_exists($key, $this->spaces)) {
            $this->spaces[$key] = $this->camera($at)?->space($this->plain);
        }

        return $this->spaces[$key];
    }

    /** How far ahead of the camera is what seems to stand at a depth, seen as if without one; in pixels. */
    public function away(float $depth, int|float $at): float
    {
        return ($depth + $this->plain->distance) * ($this->camera($at)->focal ?? $this->plain->distance) / $this->plain->distance;
    }

    /** @return non-empty-list<Layer>|null the camera that is on, with the groups that it is in */
    private function seenThrough(int|float $at): ?array
    {
        $frame = (int) floor($at);
        $isOn = fn (Layer $one): bool => $one->switches->visible && ! $one->switches->reference && $one->span->contains($frame);
        foreach ($this->all as $layers) {
            if (count(array_filter($layers, $isOn)) === count($layers)) {
                return $layers;
            }
        }

        return null;
    }
}
