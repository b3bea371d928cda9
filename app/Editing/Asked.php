<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\CompositionRow;
use App\Models\ProjectRow;
use Ricamo\Core\Json\Node;

/** Who asks for a change: which project it is about, which composition is looked at, and from which window. */
final readonly class Asked
{
    /** @param  int  $revision  of the composition, as the one who asks knows it */
    private function __construct(public int $project, public ?CompositionRow $composition, public int $revision, public string $window)
    {
    }

    public static function inComposition(int $id, Node $request): self
    {
        $composition = CompositionRow::present()->findOrFail($id, ['id', 'project_id', 'key']);

        return new self(
            $composition->project_id, $composition, $request->field('revision')->int(0, PHP_INT_MAX),
            self::window($request->optional('window')),
        );
    }

    public static function inProject(int $id, Node $request): self
    {
        return new self(ProjectRow::present()->findOrFail($id, ['id'])->id, null, 0, self::window($request->optional('window')));
    }

    private static function window(?Node $window): string
    {
        return $window?->string(64) ?? '';
    }
}
