<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The JSON that a request carries. */
final class JsonBody
{
    private const LARGEST = 8 * 1024 * 1024;

    /** @throws Refusal for anything but a JSON object of a reasonable size */
    public static function of(Request $request): Node
    {
        if (! $request->isJson()) {
            throw new Refusal('the request must carry JSON');
        }
        if ((int) $request->header('Content-Length', '0') > self::LARGEST || strlen($request->getContent()) > self::LARGEST) {
            throw new Refusal('the request is too large');
        }
        $node = Node::decode($request->getContent());
        $node->object();

        return $node;
    }
}
