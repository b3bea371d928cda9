<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Display\Blend;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\Shutter;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/**
 * Shows or hides layers, locks or unlocks them, links or unlinks their scale, marks them as reference, lets them turn along their path, keeps them readable in bundles that are flipped, gives them motion blur and a
 * shutter of their own (null for the composition's), or changes their label colour.
 */
final readonly class SetLayer implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?bool $visible, private ?bool $scaleLinked, private ?Dye $label, private ?bool $locked, private ?bool $reference, private ?bool $motionBlur, private bool $setsShutter, private ?Shutter $shutter, private ?bool $turnsAlong, private ?bool $alwaysReads, private ?Blend $blend)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'visible', 'scaleLinked', 'label', 'locked', 'reference', 'motionBlur', 'shutter', 'turnsAlong', 'alwaysReads', 'blend']);

        return new self(
            LayerIds::read($args),
            $args->optional('visible')?->bool(),
            $args->optional('scaleLinked')?->bool(),
            $args->optional('label')?->enum(Dye::class),
            $args->optional('locked')?->bool(),
            $args->optional('reference')?->bool(),
            $args->optional('motionBlur')?->bool(),
            array_key_exists('shutter', $args->object()),
            $args->has('shutter') ? Shutter::read($args->field('shutter')) : null,
            $args->optional('turnsAlong')?->bool(),
            $args->optional('alwaysReads')?->bool(),
            $args->optional('blend')?->enum(Blend::class),
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $composition = $composition->replacing($layer->with([
                'visible' => $this->visible ?? $layer->visible,
                'scaleLinked' => $this->scaleLinked ?? $layer->scaleLinked,
                'label' => $this->label ?? $layer->label,
                'locked' => $this->locked ?? $layer->locked,
                'reference' => $this->reference ?? $layer->reference,
                'turnsAlong' => $this->turnsAlong ?? $layer->turnsAlong,
                'alwaysReads' => $this->alwaysReads ?? $layer->alwaysReads,
                'blend' => $this->blend ?? $layer->blend,
                'motionBlur' => $this->motionBlur ?? $layer->motionBlur,
                'shutter' => $this->setsShutter ? $this->shutter : $layer->shutter,
            ]));
        }

        return $composition;
    }

    public function title(): string
    {
        return match (true) {
            $this->locked !== null => $this->locked ? 'lock layer' : 'unlock layer',
            $this->reference !== null => $this->reference ? 'use as reference' : 'use in the picture',
            $this->visible !== null => $this->visible ? 'show layer' : 'hide layer',
            $this->scaleLinked !== null => $this->scaleLinked ? 'link scale' : 'unlink scale',
            $this->motionBlur !== null => $this->motionBlur ? 'motion blur' : 'no motion blur',
            $this->setsShutter => 'set shutter',
            $this->turnsAlong !== null => $this->turnsAlong ? 'turn along the path' : 'do not turn along',
            $this->alwaysReads !== null => $this->alwaysReads ? 'always reads' : 'flips along',
            $this->blend !== null => 'blend',
            default => 'change label',
        };
    }
}
