<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\QueryText;
use App\Models\CompositionRow;
use Illuminate\Http\Request;
use Ricamo\Core\Handle\Vantage;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The display lists of a range of frames, one JSON object a line, each with only the paths that no line before it had. */
final class FrameController
{
    /** How many lines are sent together; the first ones go out at once, for playback to begin with. */
    private const TOGETHER = 50;

    public function __invoke(Request $request, int $composition): StreamedResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $vantage = QueryText::of($request, 'vantage');
        $document = $found->read();
        $document = $vantage === null ? $document : Vantage::read(Node::decode($vantage))->seen($document);
        $range = new FrameRange(
            max(0, QueryText::int($request, 'from')),
            min($document->length, QueryText::int($request, 'to', $document->length)),
        );
        $evaluator = $found->evaluator();
        $zips = in_array('gzip', $request->getEncodings(), true);

        return new StreamedResponse(function () use ($evaluator, $document, $range, $zips): void {
            $zip = $zips ? deflate_init(ZLIB_ENCODING_GZIP, ['level' => 1]) : null;
            $send = function (string $text, int $flush) use ($zip): void {
                echo $zip ? deflate_add($zip, $text, $flush) : $text;
                flush();
            };
            $known = [];
            $lines = '';
            for ($frame = $range->in; $frame < $range->out; $frame++) {
                $list = $evaluator->frame($document, $frame);
                $lines .= $list->encode($known)."\n";
                $known += array_fill_keys(array_keys($list->paths()), true);
                if ($frame - $range->in < 2 || ($frame - $range->in) % self::TOGETHER === 0) {
                    $send($lines, ZLIB_SYNC_FLUSH);
                    $lines = '';
                }
            }
            $send($lines, ZLIB_FINISH);
        }, 200, [
            'Content-Type' => 'application/x-ndjson',
            'X-Revision' => (string) $found->revision,
            ...($zips ? ['Content-Encoding' => 'gzip'] : []),
        ]);
    }
}
