<?php

declare(strict_types=1);

use App\Editing\Conflict;
use App\Editing\Editor;
use App\Editing\StaleProject;
use App\Http\JsonBody;
use App\Http\Middleware\RefuseCrossSite;
use App\Http\Middleware\SecurityHeaders;
use App\Models\CompositionRow;
use App\Work\NoRoom;
use App\Work\Problem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\InvokeDeferredCallbacks;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Middleware\ValidatePostSize;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Ricamo\Core\Refusal;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        // The edit and frame routes answer while a value is dragged: nothing here that they do not need.
        $middleware->use([
            InvokeDeferredCallbacks::class, TrustProxies::class, SecurityHeaders::class, RefuseCrossSite::class,
            ValidatePostSize::class,
        ]);
        $middleware->group('web', [SubstituteBindings::class]);
        $middleware->group('api', [SubstituteBindings::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([Refusal::class, NoRoom::class, Conflict::class, StaleProject::class]);
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(fn (Refusal $refusal, Request $request) => $request->is('api/*')
            ? response()->json(['message' => $refusal->getMessage()], 422)
            : null);
        $exceptions->render(fn (NoRoom $full) => response()->json(['message' => $full->getMessage()], 507));
        $exceptions->render(fn (NotFoundHttpException $missing, Request $request) => $request->is('api/*')
            ? response()->json(['message' => 'This is not here, or not here any more.'], 404)
            : null);
        $exceptions->render(fn (PDOException $fault) => match (true) {
            Problem::isDatabaseBusy($fault) => response()->json(
                ['message' => 'The server is busy. Nothing was changed; try again in a moment.'], 503,
                ['Retry-After' => '2'],
            ),
            Problem::isDiskFull($fault) => response()->json(
                ['message' => 'The disk is full. Nothing was changed; make room and try again.'], 507,
            ),
            default => null,
        });
        $exceptions->render(fn (StaleProject $stale) => response()->json(
            ['message' => 'The project is being changed in other windows. Nothing was changed; try again.'], 409,
        ));
        // A refused edit carries what its maker has missed.
        $exceptions->render(function (Conflict $conflict) {
            $composition = CompositionRow::query()->findOrFail($conflict->compositionId);
            $window = JsonBody::of(request())->optional('window')?->string(64) ?? '';

            return response()->json(
                [
                    'message' => $conflict->getMessage(), 'revision' => $composition->revision,
                    ...app(Editor::class)->since($composition, $conflict->known, $window),
                ],
                409,
            );
        });
    })
    ->create();
