<?php

declare(strict_types=1);

namespace App\Editing;

/** A list of ids that was changed, and is taken back or done again on a list that may have changed since. */
final class IdOrder
{
    /**
     * @param  list<string>  $now
     * @param  list<string>  $from  what it was led away from
     * @param  list<string>  $to  what it is to be led to
     * @return ?list<string> null where that cannot be done on what it is now
     */
    public static function turned(array $now, array $from, array $to): ?array
    {
        if ($now === $from) {
            return $to;
        }
        $come = array_diff($to, $from);
        $gone = array_diff($from, $to);
        $kept = fn (array $list): array => array_values(array_diff($list, $come, $gone));
        if ($kept($from) !== $kept($to) || array_diff($gone, $now) !== [] || array_intersect($come, $now) !== []) {
            return null;
        }
        $turned = array_values(array_diff($now, $gone));
        foreach ($come as $place => $id) {
            // Right behind the nearest of those before it that is still there.
            $before = array_intersect(array_reverse(array_slice($to, 0, $place)), $turned);
            $index = $before === [] ? 0 : (int) array_search(reset($before), $turned, true) + 1;
            array_splice($turned, $index, 0, [$id]);
        }

        return $turned;
    }
}
