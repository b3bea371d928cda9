<?php

namespace App\Http\Controllers;

use App\Models\Composition;
use App\Projects\NewProject;
use Illuminate\Http\RedirectResponse;

/** Opens what was open last, or a new project where there is none. */
final class StartController
{
    public function __invoke(): RedirectResponse
    {
        $composition = Composition::query()->orderByDesc('opened_at')->first(['id']) ?? NewProject::named('Untitled project');

        return redirect("/compositions/{$composition->id}");
    }
}
