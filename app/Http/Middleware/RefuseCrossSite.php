<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses requests that another site makes through the producer's browser: whatever changes something must come from a
 * page of this application, and the host must be one that the server is meant to be reached by (against DNS rebinding).
 */
final class RefuseCrossSite
{
    private const SAFE_METHODS = ['GET', 'HEAD', 'OPTIONS'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $hosts = ['127.0.0.1', 'localhost', '::1', '[::1]', parse_url((string) config('app.url'), PHP_URL_HOST)];
        if (! in_array($request->getHost(), $hosts, true)) {
            return response()->json(['message' => 'This server is not reached by that name.'], 403);
        }
        if (! in_array($request->method(), self::SAFE_METHODS, true) && $this->isCrossSite($request)) {
            return response()->json(['message' => 'Changes are taken from Ricamo\'s own pages only.'], 403);
        }

        return $next($request);
    }

    private function isCrossSite(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');

        return ($site !== null && ! in_array($site, ['same-origin', 'none'], true))
            || ($origin !== null && $origin !== $request->getSchemeAndHttpHost());
    }
}
