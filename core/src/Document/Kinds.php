<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Closure;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The kinds of layers that documents may hold: handed in by whoever knows them all, before the first document is read. */
final class Kinds
{
    /** @var ?Closure(): array<string, LayerKind> by name */
    private static ?Closure $all = null;

    /** @param  Closure(): array<string, LayerKind>  $all  by name */
    public static function are(Closure $all): void
    {
        self::$all = $all;
    }

    /** @return array<string, LayerKind> by name */
    public static function all(): array
    {
        return self::$all === null ? [] : (self::$all)();
    }

    /** @throws Refusal for what is none */
    public static function read(Node $node): LayerKind
    {
        $kinds = self::all();

        return is_string($node->value) && isset($kinds[$node->value])
            ? $kinds[$node->value]
            : $node->refuse((json_encode($node->value) ?: 'this').' is not one of '.implode(', ', array_keys($kinds)));
    }
}
