<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Json\Text;

/**
 * What one step changed of one place in a project. Of what it changed, the patches that lead there and back, each with
 * tests of what it replaces, so that changes elsewhere in the same place do not matter; else the values themselves.
 */
final readonly class Part
{
    /**
     * @param  string  $of  the id of a composition or of media; empty for the project itself
     * @param  string  $layer  its id; empty for another place
     * @param  ?string  $there  JSON: a guarded patch, or the value after the step; null where there is none then
     * @param  ?string  $back  JSON: the same, or the value before the step
     */
    public function __construct(
        public ChangedPlace $place, public string $of, public string $layer, public bool $isPatch, public ?string $there,
        public ?string $back,
    ) {
    }

    public static function changed(ChangedPlace $place, string $of, string $layer, ?string $before, ?string $after): self
    {
        return $place->isPatched() && $before !== null && $after !== null
            ? new self($place, $of, $layer, true, Patch::guarded($before, $after), Patch::guarded($after, $before))
            : new self($place, $of, $layer, false, $after, $before);
    }

    /**
     * @param  ?string  $now  the value in this place, JSON
     * @return ?string what it becomes
     *
     * @throws BuiltUpon where what it is now is not what the step made of it
     */
    public function turned(?string $now, bool $isBack): ?string
    {
        [$from, $to] = $isBack ? [$this->there, $this->back] : [$this->back, $this->there];
        if ($this->isPatch) {
            return Patch::turned($now ?? throw new BuiltUpon, (string) $to) ?? throw new BuiltUpon;
        }
        if ($this->place->isOrder() && $now !== null && $from !== null && $to !== null) {
            $decode = fn (string $list): array => json_decode($list, true);

            return Text::of(IdOrder::turned($decode($now), $decode($from), $decode($to)) ?? throw new BuiltUpon);
        }

        return $now === $from ? $to : throw new BuiltUpon;
    }

    /** Whether both changed the same, rather than two things beside each other. */
    public function meets(self $other): bool
    {
        if ([$this->place, $this->of, $this->layer] !== [$other->place, $other->of, $other->layer]) {
            return false;
        }

        return ! $this->isPatch || ! $other->isPatch || array_intersect($this->members(), $other->members()) !== [];
    }

    /** @return list<string> the members of the value that the patch changes */
    private function members(): array
    {
        return array_map(
            fn (array $operation): string => explode('/', $operation['path'])[1] ?? '',
            json_decode((string) $this->there, true),
        );
    }

    /** @return array<string, mixed> */
    public function toJson(): array
    {
        return [
            'place' => $this->place->value, 'of' => $this->of, 'layer' => $this->layer, 'patch' => $this->isPatch,
            'there' => $this->there, 'back' => $this->back,
        ];
    }

    /** @return list<self> */
    public static function readAll(string $json): array
    {
        return array_map(
            fn (array $part): self => new self(
                ChangedPlace::from($part['place']), $part['of'], $part['layer'], $part['patch'], $part['there'],
                $part['back'],
            ),
            json_decode($json, true, flags: JSON_THROW_ON_ERROR),
        );
    }
}
