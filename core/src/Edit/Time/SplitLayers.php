<?php

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Cascade\SplitCascades;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\Copies;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/**
 * Cuts layers in two at frame `at`, which is the first of the later parts; those lie right above. Nothing on any frame
 * changes. Layers that are not on before and at that frame stay as they are.
 */
final readonly class SplitLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private int $at)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['layers', 'at']);

        return new self(LayerIds::read($args), $args->field('at')->int(-Composition::LONGEST, 2 * Composition::LONGEST));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $before = $composition;
        foreach ($composition->layers->tree()->outermost($this->layers) as $id) {
            $layer = $composition->layer($id);
            if ($layer->span->contains($this->at) && $this->at > $layer->span->in) {
                // Both parts of a group have all that was in it; what of it is seen is left to their own edges.
                $copies = Copies::of($composition->layers->withAll([$id]), $composition->layers);
                $copies[] = $this->later(array_pop($copies) ?? $layer, $composition, $evaluator);
                $composition = $composition->replacing($this->earlier($layer));
                $composition = $composition->withLayers($composition->layers->insertingAll($copies, $composition->indexOf($id) + 1));
            }
        }

        return $composition !== $before ? $composition : throw new Refusal("no layer goes on across frame {$this->at}");
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'split layer' : 'split layers';
    }

    /** Its keyframes stay on their frames. What was pinned to the end is not about this end, and is pinned to the start. */
    private function earlier(Layer $layer): Layer
    {
        $pinned = fn (Property $property): Property => $property->mapKeyframes(fn (Keyframe $keyframe): Keyframe => $keyframe->pinned(Pin::Start, $layer->span));

        return $layer->with([
            'properties' => array_map($pinned, $layer->properties),
            'span' => new FrameRange($layer->span->in, $this->at),
            'life' => $layer->life->before($layer->span->out - $this->at),
            'cascades' => SplitCascades::before($layer->cascades, $layer->span->out - $this->at),
            'markers' => $layer->markers->before($this->at - $layer->span->in),
        ]);
    }

    /** The same with the other end. */
    private function later(Layer $layer, Composition $composition, Evaluator $evaluator): Layer
    {
        $pinned = fn (Property $property): Property => $property->mapKeyframes(fn (Keyframe $keyframe): Keyframe => $keyframe->pinned(Pin::End, $layer->span));
        $content = $layer->content;

        return $layer->with([
            'properties' => array_map($pinned, $layer->properties),
            'span' => new FrameRange($this->at, $layer->span->out),
            'life' => $layer->life->from($this->at - $layer->span->in),
            'cascades' => SplitCascades::from($layer->cascades, $this->at - $layer->span->in),
            'markers' => $layer->markers->from($this->at - $layer->span->in)->movedBy($layer->span->in - $this->at),
            'content' => $content instanceof Played ? $content->begunLater($this->at - $layer->span->in, $composition->rate, $evaluator->media) : $content,
        ]);
    }
}
