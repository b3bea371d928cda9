<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\LayerFacts;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\Nesting;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Strays;
use Ricamo\Core\Edit\Bundles\UnwrapLayer;
use Ricamo\Core\Edit\Bundles\WrapLayers;
use Ricamo\Core\Edit\Cameras\AimCamera;
use Ricamo\Core\Edit\Cameras\DragInSpace;
use Ricamo\Core\Edit\Cameras\DriveCamera;
use Ricamo\Core\Edit\Cameras\SetLens;
use Ricamo\Core\Edit\Cascades\AddCascade;
use Ricamo\Core\Edit\Cascades\PaceCascade;
use Ricamo\Core\Edit\Cascades\PullCascade;
use Ricamo\Core\Edit\Cascades\SetCascades;
use Ricamo\Core\Edit\Compositions\AddComposition;
use Ricamo\Core\Edit\Compositions\DuplicateComposition;
use Ricamo\Core\Edit\Compositions\FileCompositions;
use Ricamo\Core\Edit\Compositions\MatchComposition;
use Ricamo\Core\Edit\Compositions\RemoveCompositions;
use Ricamo\Core\Edit\Compositions\RenameComposition;
use Ricamo\Core\Edit\Compositions\ReorderComposition;
use Ricamo\Core\Edit\Compositions\RestoreComposition;
use Ricamo\Core\Edit\Compositions\SetComposition;
use Ricamo\Core\Edit\Compositions\SetGuides;
use Ricamo\Core\Edit\Effects\AddEffect;
use Ricamo\Core\Edit\Effects\PasteEffects;
use Ricamo\Core\Edit\Effects\PullEffect;
use Ricamo\Core\Edit\Effects\SetEffects;
use Ricamo\Core\Edit\Groups\GroupLayers;
use Ricamo\Core\Edit\Groups\UngroupLayers;
use Ricamo\Core\Edit\Keyframes\AddKeyframe;
use Ricamo\Core\Edit\Keyframes\Animate;
use Ricamo\Core\Edit\Keyframes\BendPath;
use Ricamo\Core\Edit\Keyframes\EqualiseKeyframes;
use Ricamo\Core\Edit\Keyframes\GiveMotion;
use Ricamo\Core\Edit\Keyframes\MirrorKeyframes;
use Ricamo\Core\Edit\Keyframes\MoveKeyframes;
use Ricamo\Core\Edit\Keyframes\PasteKeyframes;
use Ricamo\Core\Edit\Keyframes\PullCurve;
use Ricamo\Core\Edit\Keyframes\RemoveKeyframes;
use Ricamo\Core\Edit\Keyframes\RepeatKeyframe;
use Ricamo\Core\Edit\Keyframes\ReverseKeyframes;
use Ricamo\Core\Edit\Keyframes\SampleKeyframes;
use Ricamo\Core\Edit\Keyframes\SetEasing;
use Ricamo\Core\Edit\Keyframes\SetPin;
use Ricamo\Core\Edit\Keyframes\ShiftValues;
use Ricamo\Core\Edit\Keyframes\SmoothPath;
use Ricamo\Core\Edit\Keyframes\SpaceKeyframes;
use Ricamo\Core\Edit\Keyframes\StretchKeyframes;
use Ricamo\Core\Edit\Keyframes\ThinKeyframes;
use Ricamo\Core\Edit\Layers\AddLayer;
use Ricamo\Core\Edit\Layers\AddMedia;
use Ricamo\Core\Edit\Layers\DrawLayer;
use Ricamo\Core\Edit\Layers\DuplicateLayers;
use Ricamo\Core\Edit\Layers\GiveParts;
use Ricamo\Core\Edit\Layers\LookAlone;
use Ricamo\Core\Edit\Layers\PasteLayers;
use Ricamo\Core\Edit\Layers\PullPhase;
use Ricamo\Core\Edit\Layers\RemoveLayers;
use Ricamo\Core\Edit\Layers\RenameLayer;
use Ricamo\Core\Edit\Layers\ReorderLayer;
use Ricamo\Core\Edit\Layers\SetAccents;
use Ricamo\Core\Edit\Layers\SetArrival;
use Ricamo\Core\Edit\Layers\SetContent;
use Ricamo\Core\Edit\Layers\SetEnds;
use Ricamo\Core\Edit\Layers\SetLayer;
use Ricamo\Core\Edit\Layers\SetLeaving;
use Ricamo\Core\Edit\Layers\SetPatchwork;
use Ricamo\Core\Edit\Layers\SetTypeface;
use Ricamo\Core\Edit\Layers\ShapeWords;
use Ricamo\Core\Edit\Layers\ShowInstead;
use Ricamo\Core\Edit\Layers\StyleWords;
use Ricamo\Core\Edit\Layers\TakeApart;
use Ricamo\Core\Edit\Layers\WriteMovesOut;
use Ricamo\Core\Edit\Lights\AimLight;
use Ricamo\Core\Edit\Markers\AddMarkers;
use Ricamo\Core\Edit\Markers\ChangeMarker;
use Ricamo\Core\Edit\Markers\DropMarkers;
use Ricamo\Core\Edit\Markers\ImportMarkers;
use Ricamo\Core\Edit\Markers\RemoveMarkers;
use Ricamo\Core\Edit\Masks\AddMask;
use Ricamo\Core\Edit\Masks\PullMask;
use Ricamo\Core\Edit\Masks\SetMasks;
use Ricamo\Core\Edit\Masks\TurnMask;
use Ricamo\Core\Edit\Media\FileMedia;
use Ricamo\Core\Edit\Media\RemoveMedia;
use Ricamo\Core\Edit\Media\RenameMedia;
use Ricamo\Core\Edit\Media\ReplaceMedia;
use Ricamo\Core\Edit\Media\RestoreMedia;
use Ricamo\Core\Edit\Paints\SetGradient;
use Ricamo\Core\Edit\Paths\ChangePath;
use Ricamo\Core\Edit\Paths\CombineShapes;
use Ricamo\Core\Edit\Paths\DrawPath;
use Ricamo\Core\Edit\Paths\DrawStroke;
use Ricamo\Core\Edit\Paths\GrowShapes;
use Ricamo\Core\Edit\Paths\MakePath;
use Ricamo\Core\Edit\Paths\PullKnot;
use Ricamo\Core\Edit\Paths\SetBrush;
use Ricamo\Core\Edit\Paths\SetOutlines;
use Ricamo\Core\Edit\Picture\AlignLayers;
use Ricamo\Core\Edit\Picture\DistributeLayers;
use Ricamo\Core\Edit\Picture\DragLayers;
use Ricamo\Core\Edit\Picture\FlipLayers;
use Ricamo\Core\Edit\Picture\FrameLayers;
use Ricamo\Core\Edit\Picture\MatchSizes;
use Ricamo\Core\Edit\Picture\MoveAnchor;
use Ricamo\Core\Edit\Picture\PlaceAnchors;
use Ricamo\Core\Edit\Picture\PullHandle;
use Ricamo\Core\Edit\Picture\PullLayers;
use Ricamo\Core\Edit\Picture\TiltLayers;
use Ricamo\Core\Edit\Picture\TurnLayer;
use Ricamo\Core\Edit\Project\AddCurve;
use Ricamo\Core\Edit\Project\AddLook;
use Ricamo\Core\Edit\Project\AddMotion;
use Ricamo\Core\Edit\Project\AddStyle;
use Ricamo\Core\Edit\Project\AddSwatch;
use Ricamo\Core\Edit\Project\RemoveCurve;
use Ricamo\Core\Edit\Project\RemoveLook;
use Ricamo\Core\Edit\Project\RemoveMotion;
use Ricamo\Core\Edit\Project\RemoveStyle;
use Ricamo\Core\Edit\Project\RemoveSwatch;
use Ricamo\Core\Edit\Project\RenameProject;
use Ricamo\Core\Edit\Project\RenameSwatch;
use Ricamo\Core\Edit\Time\FitLayers;
use Ricamo\Core\Edit\Time\MoveLayers;
use Ricamo\Core\Edit\Time\PlaceLayers;
use Ricamo\Core\Edit\Time\RemoveAndClose;
use Ricamo\Core\Edit\Time\RetimeLayers;
use Ricamo\Core\Edit\Time\SlipLayers;
use Ricamo\Core\Edit\Time\SplitLayers;
use Ricamo\Core\Edit\Time\StaggerLayers;
use Ricamo\Core\Edit\Time\TrimLayer;
use Ricamo\Core\Edit\Transitions\CoverCut;
use Ricamo\Core\Edit\Transitions\CrossCut;
use Ricamo\Core\Edit\Transitions\PlaceTransition;
use Ricamo\Core\Edit\Values\ResetPlacement;
use Ricamo\Core\Edit\Values\ResetValue;
use Ricamo\Core\Edit\Values\SetAxes;
use Ricamo\Core\Edit\Values\SetValues;
use Ricamo\Core\Edit\Windows\ArriveFromSides;
use Ricamo\Core\Edit\Windows\MakeWindows;
use Ricamo\Core\Edit\Windows\PanWindow;
use Ricamo\Core\Edit\Windows\SplitScreen;
use Ricamo\Core\Edit\Windows\SwapWindows;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Fields;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Every edit, by the name it is asked for. */
final class Edits
{
    /** @var array<string, class-string<Edit>> */
    public const BY_NAME = [
        'add-layer' => AddLayer::class,
        'draw-layer' => DrawLayer::class,
        'add-media' => AddMedia::class,
        'remove-layers' => RemoveLayers::class,
        'duplicate-layers' => DuplicateLayers::class,
        'rename-layer' => RenameLayer::class,
        'reorder-layer' => ReorderLayer::class,
        'trim-layer' => TrimLayer::class,
        'move-layers' => MoveLayers::class,
        'split-layers' => SplitLayers::class,
        'slip-layers' => SlipLayers::class,
        'retime-layers' => RetimeLayers::class,
        'fit-layers' => FitLayers::class,
        'place-layers' => PlaceLayers::class,
        'cross-cut' => CrossCut::class,
        'cover-cut' => CoverCut::class,
        'place-transition' => PlaceTransition::class,
        'stagger-layers' => StaggerLayers::class,
        'remove-and-close' => RemoveAndClose::class,
        'give-parts' => GiveParts::class,
        'paste-layers' => PasteLayers::class,
        'add-markers' => AddMarkers::class,
        'drop-markers' => DropMarkers::class,
        'change-marker' => ChangeMarker::class,
        'import-markers' => ImportMarkers::class,
        'remove-markers' => RemoveMarkers::class,
        'set-layer' => SetLayer::class,
        'take-apart' => TakeApart::class,
        'shape-words' => ShapeWords::class,
        'pull-knot' => PullKnot::class,
        'change-path' => ChangePath::class,
        'make-path' => MakePath::class,
        'combine-shapes' => CombineShapes::class,
        'grow-shapes' => GrowShapes::class,
        'draw-path' => DrawPath::class,
        'draw-stroke' => DrawStroke::class,
        'set-outlines' => SetOutlines::class,
        'set-brush' => SetBrush::class,
        'set-patchwork' => SetPatchwork::class,
        'aim-camera' => AimCamera::class,
        'set-lens' => SetLens::class,
        'drive-camera' => DriveCamera::class,
        'aim-light' => AimLight::class,
        'drag-in-space' => DragInSpace::class,
        'add-cascade' => AddCascade::class,
        'set-cascades' => SetCascades::class,
        'pace-cascade' => PaceCascade::class,
        'pull-cascade' => PullCascade::class,
        'add-effect' => AddEffect::class,
        'set-effects' => SetEffects::class,
        'paste-effects' => PasteEffects::class,
        'add-mask' => AddMask::class,
        'pull-mask' => PullMask::class,
        'turn-mask' => TurnMask::class,
        'pull-effect' => PullEffect::class,
        'set-masks' => SetMasks::class,
        'wrap-layers' => WrapLayers::class,
        'unwrap-layer' => UnwrapLayer::class,
        'set-gradient' => SetGradient::class,
        'make-windows' => MakeWindows::class,
        'pan-window' => PanWindow::class,
        'swap-windows' => SwapWindows::class,
        'split-screen' => SplitScreen::class,
        'arrive-from-sides' => ArriveFromSides::class,
        'group-layers' => GroupLayers::class,
        'ungroup-layers' => UngroupLayers::class,
        'set-arrival' => SetArrival::class,
        'pull-phase' => PullPhase::class,
        'set-ends' => SetEnds::class,
        'set-leaving' => SetLeaving::class,
        'set-accents' => SetAccents::class,
        'write-moves-out' => WriteMovesOut::class,
        'show-instead' => ShowInstead::class,
        'look-alone' => LookAlone::class,
        'style-words' => StyleWords::class,
        'set-content' => SetContent::class,
        'set-typeface' => SetTypeface::class,
        'set-composition' => SetComposition::class,
        'set-guides' => SetGuides::class,
        'match-composition' => MatchComposition::class,
        'set-axes' => SetAxes::class,
        'set-values' => SetValues::class,
        'reset-value' => ResetValue::class,
        'reset-placement' => ResetPlacement::class,
        'drag-layers' => DragLayers::class,
        'pull-handle' => PullHandle::class,
        'pull-layers' => PullLayers::class,
        'turn-layer' => TurnLayer::class,
        'tilt-layers' => TiltLayers::class,
        'place-anchors' => PlaceAnchors::class,
        'move-anchor' => MoveAnchor::class,
        'align-layers' => AlignLayers::class,
        'distribute-layers' => DistributeLayers::class,
        'flip-layers' => FlipLayers::class,
        'frame-layers' => FrameLayers::class,
        'match-sizes' => MatchSizes::class,
        'animate' => Animate::class,
        'add-keyframe' => AddKeyframe::class,
        'remove-keyframes' => RemoveKeyframes::class,
        'move-keyframes' => MoveKeyframes::class,
        'repeat-keyframe' => RepeatKeyframe::class,
        'equalise-keyframes' => EqualiseKeyframes::class,
        'reverse-keyframes' => ReverseKeyframes::class,
        'mirror-keyframes' => MirrorKeyframes::class,
        'stretch-keyframes' => StretchKeyframes::class,
        'space-keyframes' => SpaceKeyframes::class,
        'shift-values' => ShiftValues::class,
        'sample-keyframes' => SampleKeyframes::class,
        'thin-keyframes' => ThinKeyframes::class,
        'bend-path' => BendPath::class,
        'smooth-path' => SmoothPath::class,
        'give-motion' => GiveMotion::class,
        'paste-keyframes' => PasteKeyframes::class,
        'set-easing' => SetEasing::class,
        'pull-curve' => PullCurve::class,
        'set-pin' => SetPin::class,
        'add-composition' => AddComposition::class,
        'duplicate-composition' => DuplicateComposition::class,
        'remove-compositions' => RemoveCompositions::class,
        'file-compositions' => FileCompositions::class,
        'rename-composition' => RenameComposition::class,
        'reorder-composition' => ReorderComposition::class,
        'restore-composition' => RestoreComposition::class,
        'file-media' => FileMedia::class,
        'remove-media' => RemoveMedia::class,
        'rename-media' => RenameMedia::class,
        'replace-media' => ReplaceMedia::class,
        'restore-media' => RestoreMedia::class,
        'add-curve' => AddCurve::class,
        'remove-curve' => RemoveCurve::class,
        'add-look' => AddLook::class,
        'remove-look' => RemoveLook::class,
        'add-motion' => AddMotion::class,
        'remove-motion' => RemoveMotion::class,
        'add-style' => AddStyle::class,
        'remove-style' => RemoveStyle::class,
        'add-swatch' => AddSwatch::class,
        'remove-swatch' => RemoveSwatch::class,
        'rename-project' => RenameProject::class,
        'rename-swatch' => RenameSwatch::class,
    ];

    /**
     * @param  Node  $node an object {edit, args}
     *
     * @throws Refusal for what is none
     */
    public static function read(Node $node): Edit
    {
        $name = $node->field('edit');
        $class = self::BY_NAME[$name->string()] ?? $name->refuse(
            json_encode($name->value).' is not an edit; there are '.implode(', ', array_keys(self::BY_NAME)),
        );

        $edit = Fields::of($class)->read($node->field('args'));
        assert($edit instanceof Edit);

        return $edit;
    }

    /** The edit, as far as it really will go. */
    public static function settled(CompositionEdit $edit, Composition $composition): CompositionEdit
    {
        return $edit instanceof Snapping ? $edit->settled($composition) : $edit;
    }

    /** @throws Refusal where the composition does not allow it; then nothing is changed */
    public static function apply(CompositionEdit $edit, Composition $composition, Evaluator $evaluator): Composition
    {
        $after = self::settled($edit, $composition)->apply($composition, $evaluator);
        $after->checkAgainst($composition);
        $ordered = $after->layers->inTreeOrder();
        $after = $ordered === $after->layers ? $after : $after->withLayers($ordered);
        self::checkMedia($after, $composition, $evaluator->media);
        self::checkNesting($after, $composition, $evaluator->media);

        return self::withoutStrays($after, $composition);
    }

    /** What comes to be used is there, and was not removed. */
    private static function checkMedia(Composition $after, Composition $before, MediaLibrary $media): void
    {
        foreach ($after->layers->changedFrom($before->layers) as $entry) {
            $used = ($before->layers->entries()[$entry->id] ?? null)?->facts->refersTo->media ?? [];
            foreach (array_diff($entry->facts->refersTo->media, $used) as $id) {
                if ($media->get($id)->removed) {
                    throw new Refusal("“{$media->get($id)->name}” was removed from the project");
                }
            }
        }
    }

    /**
     * What took a mask or a number from a layer that is gone takes none any more: that is what it shows anyway, and a
     * layer that gets the same id one day is not meant.
     *
     * @throws Refusal where an edit says to take something from what is not there
     */
    private static function withoutStrays(Composition $after, Composition $before): Composition
    {
        foreach ($after->layers->where(fn (LayerFacts $facts): bool => $facts->refersTo->layers !== []) as $layer) {
            $missing = Strays::missing($layer, $after->layers);
            foreach ($missing as $id) {
                if (
                    ! $before->layers->has($id)
                    && $before->layers->has($layer->id)
                    && ! in_array($id, $before->layers->entries()[$layer->id]->facts->refersTo->layers, true)
                ) {
                    throw new Refusal("there is no layer \"$id\" in \"{$after->name}\"");
                }
            }
            $after = $missing === [] ? $after : $after->replacing($layer->withoutLayers($missing));
        }

        return $after;
    }

    /** Only a layer that is new or other can make compositions lie within one another that did not. */
    private static function checkNesting(Composition $after, Composition $before, MediaLibrary $media): void
    {
        foreach ($after->layers->changedFrom($before->layers) as $entry) {
            if ($entry->facts->refersTo->compositions !== []) {
                Nesting::check($after, $media);

                return;
            }
        }
    }

    /**
     * @param  ?string  $composition  the id of the one that an edit within a composition is about; null for the first
     *
     * @throws Refusal where the project does not allow it; then nothing is changed
     */
    public static function applyTo(Project $project, Edit $edit, ?string $composition, Evaluator $evaluator): Project
    {
        if ($edit instanceof CompositionEdit) {
            $before = $composition === null ? $project->composition() : $project->compositions->get($composition);

            return $project->replacing(self::apply($edit, $before, $evaluator->showing($project->library())));
        }
        assert($edit instanceof ProjectEdit);
        $after = $edit->apply($project);
        foreach ($after->compositions->changedFrom($project->compositions) as $changed) {
            $now = $changed->composition();
            $now->checkAgainst(
                $project->compositions->knows($changed->id) ? $project->compositions->entry($changed->id)->composition() : $now,
            );
            Nesting::check($now, $after->library());
        }

        return $after;
    }

    /**
     * A file of edits: a list of {edit, args}, each with the name or id of the composition that it is about where that is
     * not the one that was chosen for all.
     *
     * @return list<array{Edit, ?string}>
     */
    public static function readList(Node $node): array
    {
        return array_map(
            fn (Node $item): array => [
                self::read($item->allow(['edit', 'args', 'composition'])), $item->optional('composition')?->string(200),
            ],
            $node->items(10_000),
        );
    }
}
