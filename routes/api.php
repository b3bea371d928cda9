<?php

declare(strict_types=1);

use App\Http\Controllers\CompositionController;
use App\Http\Controllers\EasingController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\EffectController;
use App\Http\Controllers\FilmController;
use App\Http\Controllers\FontController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\MarkerController;
use App\Http\Controllers\MediaController;
use App\Http\Controllers\PosterController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\ProjectEditController;
use App\Http\Controllers\RenderController;
use App\Http\Controllers\RoomController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SurroundingsController;
use App\Http\Controllers\TimecodeController;
use App\Http\Controllers\UploadController;
use App\Http\Controllers\VocabularyController;
use Illuminate\Support\Facades\Route;

// Anything else is not found, rather than a fault of the server.
foreach (['project', 'composition', 'media', 'render', 'frame', 'id', 'step'] as $id) {
    Route::pattern($id, '[0-9]{1,15}');
}
Route::pattern('upload', '[A-Za-z0-9]{40}');
Route::pattern('hash', '[0-9a-f]{64}');

Route::get('vocabulary', VocabularyController::class);
Route::get('timecode', TimecodeController::class);
Route::get('easing', EasingController::class);

Route::get('projects', [ProjectController::class, 'index']);
Route::post('projects', [ProjectController::class, 'store']);
Route::delete('projects/{project}', [ProjectController::class, 'destroy']);
Route::get('projects/{project}/export.{ending}', [ProjectController::class, 'export'])->whereIn('ending', ['ricamo', 'json']);
Route::get('projects/{project}/media', [MediaController::class, 'index']);
Route::post('projects/{project}/media/along', [MediaController::class, 'along']);
Route::get('projects/{project}', [ProjectEditController::class, 'show']);
Route::post('projects/{project}/edits', [ProjectEditController::class, 'store']);
Route::get('projects/{project}/history', [ProjectEditController::class, 'history']);

Route::get('shelf', [ShelfController::class, 'index']);
Route::post('projects/{project}/shelf/{sample}', [ShelfController::class, 'take'])->where('sample', '[a-z]{1,20}');

Route::post('projects/{project}/uploads', [UploadController::class, 'store']);
Route::post('uploads', [UploadController::class, 'storeProject']);
Route::get('uploads/{upload}', [UploadController::class, 'show']);
Route::get('uploads/{upload}/outcome', [UploadController::class, 'outcome']);
Route::patch('uploads/{upload}', [UploadController::class, 'update']);
Route::delete('uploads/{upload}', [UploadController::class, 'destroy']);

Route::get('compositions/{composition}', [CompositionController::class, 'show']);
Route::get('compositions/{composition}/marks', [CompositionController::class, 'marks']);
Route::get('compositions/{composition}/sounds', [CompositionController::class, 'sounds']);
Route::get('compositions/{composition}/frames', FrameController::class);
Route::get('compositions/{composition}/markers.{ending}', MarkerController::class)->whereIn('ending', ['vtt', 'csv']);
Route::get('compositions/{composition}/poster', PosterController::class);
Route::get('compositions/{composition}/glimpse', [EditController::class, 'glimpse']);
Route::get('compositions/{composition}/surroundings', SurroundingsController::class);
Route::get('compositions/{composition}/effects', EffectController::class);
Route::post('compositions/{composition}/films', FilmController::class);
Route::get('compositions/{composition}/fonts', FontController::class);
Route::get('compositions/{composition}/changes', [EditController::class, 'changes']);
Route::post('compositions/{composition}/edits', [EditController::class, 'store']);
Route::post('compositions/{composition}/edits/try', [EditController::class, 'try']);
Route::post('compositions/{composition}/undo', [EditController::class, 'undo']);
Route::post('compositions/{composition}/redo', [EditController::class, 'redo']);
Route::post('compositions/{composition}/history/{step}', [EditController::class, 'go']);

Route::get('media/{media}', [MediaController::class, 'show']);
Route::get('media/{media}/uses', [MediaController::class, 'uses']);
Route::delete('media/{media}', [MediaController::class, 'destroy']);
Route::post('media/{media}/prepare', [MediaController::class, 'prepare']);
Route::post('media/{media}/cancel', [MediaController::class, 'cancel']);
Route::get('media/{media}/frames/{hash}/{frame}', [MediaController::class, 'frame']);

Route::get('compositions/{composition}/renders', [RenderController::class, 'index']);
Route::get('compositions/{composition}/size', [RenderController::class, 'size']);
Route::post('compositions/{composition}/renders', [RenderController::class, 'store']);
Route::get('renders/{render}', [RenderController::class, 'show']);
Route::delete('renders/{render}', [RenderController::class, 'destroy']);
Route::post('renders/{render}/cancel', [RenderController::class, 'cancel']);
Route::post('renders/{render}/resume', [RenderController::class, 'resume']);
Route::get('renders/{render}/file', [RenderController::class, 'file']);

Route::get('room', [RoomController::class, 'index']);
Route::post('removed/{kind}/{id}/restore', [RoomController::class, 'restore']);
Route::delete('removed/{kind}/{id}', [RoomController::class, 'erase']);
