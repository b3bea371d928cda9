<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use ReflectionClass;
use Ricamo\Core\Json\Fields;

/** The tables of edits in `docs/edits.md`, in Markdown: what each does, as its class says, and what it takes, as that is described. */
final class EditsPage
{
    /** What is told once for all edits. */
    private const TOLD = ['frame', 'scope', 'layer', 'layers'];

    /** @param  class-string  $of  what the edits of this table are: CompositionEdit or ProjectEdit */
    public static function table(string $of): string
    {
        $rows = ['| edit | what it does | what it takes |', '|---|---|---|'];
        foreach (Edits::BY_NAME as $name => $edit) {
            if (is_subclass_of($edit, $of)) {
                $rows[] = "| `$name` | ".self::says($edit).' | '.self::takes($edit).' |';
            }
        }

        return implode("\n", $rows)."\n";
    }

    /**
     * The description of a class: its comment up to the first tag.
     *
     * @param  class-string  $edit
     */
    public static function says(string $edit): string
    {
        $comment = (string) (new ReflectionClass($edit))->getDocComment();
        $text = (string) preg_replace(['~^\s*/\*\*|\*/\s*$~', '~^\s*\*~m', '~\s@.*~s'], ['', '', ''], $comment);

        return trim((string) preg_replace('~\s+~', ' ', $text));
    }

    /** @param  class-string  $edit */
    private static function takes(string $edit): string
    {
        $needed = Fields::of($edit)->required();
        [$always, $perhaps] = [[], []];
        foreach (Fields::of($edit)->properties() as $name => $schema) {
            in_array($name, $needed, true) ? $always[] = self::argument($name, $schema) : $perhaps[] = self::argument($name, $schema);
        }

        return implode('; ', [...$always, ...($perhaps === [] ? [] : ['perhaps '.implode('; ', $perhaps)])]);
    }

    /** @param  array<string, mixed>  $schema */
    private static function argument(string $name, array $schema): string
    {
        if (in_array($name, self::TOLD, true) && ! isset($schema['description'])) {
            return "`$name`";
        }
        $default = $schema['default'] ?? null;
        $told = array_filter([
            ($schema['maxItems'] ?? null) === 2 ? '`[x, y]`' : '',
            is_string($schema['description'] ?? null) ? $schema['description'] : '',
            is_array($schema['enum'] ?? null) ? self::choices($schema['enum']) : '',
            $default === null || $default === false ? '' : (is_string($default) ? "`$default`" : json_encode($default)).' without it',
        ]);

        return "`$name`".($told === [] ? '' : ': ').implode(', ', $told);
    }

    /** @param  array<mixed>  $choices */
    private static function choices(array $choices): string
    {
        $named = array_map(fn (mixed $one): string => '`'.(is_string($one) ? $one : json_encode($one)).'`', array_values($choices));
        $last = array_pop($named);

        return $named === [] ? (string) $last : implode(', ', $named)." or $last";
    }
}
