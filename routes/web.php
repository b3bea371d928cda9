<?php

declare(strict_types=1);

use App\Http\Controllers\StartController;
use Illuminate\Support\Facades\Route;

Route::get('/', StartController::class);
Route::view('/compositions/{composition}', 'app')->whereNumber('composition');
