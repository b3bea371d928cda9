<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\LastOpened;
use App\Models\CompositionRow;
use App\Models\ProjectRow;
use App\Projects\NewProject;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Opens what was open last, or a new project where there is none. */
final class StartController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $last = LastOpened::of($request);
        $composition = ($last === null ? null : $this->there()->find($last, ['id']))
            ?? $this->firstOfLatest() ?? NewProject::named('Untitled project');

        // Without a host: web servers may hand one on without its port.
        return new RedirectResponse("/compositions/{$composition->id}");
    }

    /** The first composition of the project that was made or changed last. */
    private function firstOfLatest(): ?CompositionRow
    {
        return ProjectRow::present()->has('compositions')->orderByDesc('updated_at')->orderByDesc('id')->first()
            ?->compositions()->first(['id']);
    }

    /** @return Builder<CompositionRow> */
    private function there(): Builder
    {
        return CompositionRow::present()->whereHas('project', fn (Builder $project) => $project->whereNull('removed_at'));
    }
}
