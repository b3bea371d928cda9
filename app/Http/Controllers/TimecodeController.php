<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Time\Timecode;

/** Writes frames as timecode, `from` up to `to`, or reads what the producer typed as `text` while the frame `here` is seen. */
final class TimecodeController
{
    private const MOST = 20_000;

    public function __invoke(Request $request): JsonResponse
    {
        $timecode = new Timecode(FrameRate::parse(QueryText::of($request, 'rate') ?? ''));
        $text = QueryText::of($request, 'text');
        if ($text !== null) {
            return new JsonResponse(['frame' => $timecode->parseFrom($text, QueryText::int($request, 'here'))]);
        }
        [$from, $to] = [QueryText::int($request, 'from'), QueryText::int($request, 'to')];
        if ($to <= $from || $to - $from > self::MOST) {
            throw new Refusal('at most '.self::MOST.' frames at once');
        }

        return new JsonResponse(['labels' => array_map($timecode->format(...), range($from, $to - 1))]);
    }
}
