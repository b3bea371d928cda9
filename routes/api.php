<?php

use App\Http\Controllers\CompositionController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\MediaController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\RenderController;
use App\Http\Controllers\TimecodeController;
use App\Http\Controllers\VocabularyController;
use Illuminate\Support\Facades\Route;

// Anything else is not found, rather than a fault of the server.
foreach (['project', 'composition', 'media', 'render'] as $id) {
    Route::pattern($id, '[0-9]{1,15}');
}

Route::get('vocabulary', VocabularyController::class);
Route::get('timecode', TimecodeController::class);

Route::get('projects', [ProjectController::class, 'index']);
Route::post('projects', [ProjectController::class, 'store']);
Route::get('projects/{project}/media', [MediaController::class, 'index']);
Route::post('projects/{project}/media', [MediaController::class, 'store']);
Route::post('projects/{project}/compositions', [CompositionController::class, 'store']);

Route::get('compositions/{composition}', [CompositionController::class, 'show']);
Route::get('compositions/{composition}/sounds', [CompositionController::class, 'sounds']);
Route::get('compositions/{composition}/frames', FrameController::class);
Route::get('compositions/{composition}/glimpse', [EditController::class, 'glimpse']);
Route::get('compositions/{composition}/changes', [EditController::class, 'changes']);
Route::post('compositions/{composition}/edits', [EditController::class, 'store']);
Route::post('compositions/{composition}/edits/try', [EditController::class, 'try']);
Route::post('compositions/{composition}/undo', [EditController::class, 'undo']);
Route::post('compositions/{composition}/redo', [EditController::class, 'redo']);

Route::post('media/{media}/prepare', [MediaController::class, 'prepare']);

Route::get('compositions/{composition}/renders', [RenderController::class, 'index']);
Route::post('compositions/{composition}/renders', [RenderController::class, 'store']);
Route::get('renders/{render}', [RenderController::class, 'show']);
Route::post('renders/{render}/cancel', [RenderController::class, 'cancel']);
Route::post('renders/{render}/resume', [RenderController::class, 'resume']);
Route::get('renders/{render}/file', [RenderController::class, 'file']);
