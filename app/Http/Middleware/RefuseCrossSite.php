<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\OwnNames;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses requests that another site makes through the producer's browser: whatever changes something must come from a
 * page of this application, and the host must be one that the server is meant to be reached by.
 */
final class RefuseCrossSite
{
    private const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! OwnNames::has($request->getHost())) {
            return response()->json(['message' => 'This server is not reached by that name.'], 403);
        }
        if (! in_array($request->method(), self::SAFE_METHODS, true) && $this->isCrossSite($request)) {
            return response()->json(['message' => 'Changes are taken from Ricamo\'s own pages only.'], 403);
        }

        return $next($request);
    }

    /** What the browser says of itself counts (Fetch Metadata); an origin, where it says nothing. */
    private function isCrossSite(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        if ($site !== null) {
            return ! in_array($site, ['same-origin', 'none'], true);
        }
        $origin = $request->headers->get('Origin');

        return $origin !== null && ! in_array($origin, $this->origins($request), true);
    }

    /** @return list<string> that pages of this server have */
    private function origins(Request $request): array
    {
        $host = $request->getHost();
        // Web servers may hand on a host without the port that stood behind it.
        $port = (int) $request->server->get('SERVER_PORT');

        return [
            $request->getSchemeAndHttpHost(),
            "{$request->getScheme()}://$host".(in_array($port, [0, 80, 443], true) ? '' : ":$port"),
            rtrim((string) config('app.url'), '/'),
        ];
    }
}
