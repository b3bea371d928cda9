<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paints;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Misfit;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Refusal;

/**
 * Paints the fill or the outline of layers, or one of more outlines by its id, with a gradient, or with `form` null in their colour
 * again. Colours and places that the gradient before it has had stay; the first colour of a new one is the layer's. With other
 * `stops`, one is put in before the last, half way in place and in colour, or the last but one is taken away. With the form
 * `picture`, `media` is the picture or clip, or `composition` another composition, `fitting` `fill` or `fit`.
 */
final readonly class SetGradient implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(
        private array $layers,
        private Painted $of,
        private ?GradientForm $form,
        private ?int $stops,
        private ?string $media,
        private ?string $placed,
        private Fitting $fitting,
    ) {
    }

    /**
     * @param  non-empty-list<string>  $layers
     *
     * @throws Refusal where its arguments do not go together
     */
    public static function from(
        #[LayerIds] array $layers,
        #[Field] ?Painted $of = null,
        #[Field('null for one colour')] ?GradientForm $form = null,
        #[Field(least: PlacedGradient::LEAST_STOPS, most: PlacedGradient::MOST_STOPS)] ?int $stops = null,
        #[Id] ?string $media = null,
        #[Id('another composition, in the place of media')] ?string $composition = null,
        #[Field] Fitting $fitting = Fitting::Fill,
    ): self {
        $isPicture = $form === GradientForm::Picture;
        if ($isPicture && $composition === null && $media === null) {
            throw Misfit::missing('media');
        }

        return new self(
            $layers, $of ?? Painted::fill(), $form, $stops, $isPicture && $composition === null ? $media : null,
            $isPicture ? $composition : null, $fitting,
        );
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        if ($this->media !== null && $evaluator->media->get($this->media)->known()->width === 0) {
            throw new Refusal("“{$evaluator->media->get($this->media)->name}” has no picture");
        }
        if ($this->placed !== null) {
            $evaluator->media->composition($this->placed);
        }
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! isset($layer->properties[$this->of->colour()])) {
                throw new Refusal("“{$layer->name}” has no {$this->of->name} to be painted");
            }
            $composition = $composition->replacing($this->painted($layer));
        }

        return $composition;
    }

    public function title(): string
    {
        return match ($this->form) {
            null => 'plain colour',
            GradientForm::Picture => 'picture as paint',
            default => 'gradient',
        };
    }

    private function painted(Layer $layer): Layer
    {
        $others = array_values(array_filter($layer->attached->gradients, fn (PlacedGradient $one): bool => ! $one->of->is($this->of)));
        $before = array_values(array_filter(
            $layer->attached->gradients, fn (PlacedGradient $one): bool => $one->of->is($this->of),
        ))[0] ?? null;
        if ($this->form === null) {
            return $layer->having(['gradients' => $others], []);
        }
        $gradient = new PlacedGradient(
            $this->of,
            $this->form,
            $this->form === GradientForm::Corners
                ? 4
                : $this->stops ?? ($before?->form === GradientForm::Corners ? null : $before?->stops) ?? PlacedGradient::LEAST_STOPS,
            $this->media,
            $this->placed,
            $this->fitting,
        );
        // Of a picture there is nothing to keep for colours, nor the other way round.
        $before = $before !== null && ($before->form === GradientForm::Picture) === ($this->form === GradientForm::Picture)
            ? $before
            : null;
        $settings = [];
        foreach ($gradient->settings() as $setting) {
            $settings["{$gradient->id()}.{$setting->name}"] = $this->value($setting, $gradient, $before, $layer);
        }

        return $layer->having(['gradients' => [...$others, $gradient]], $settings);
    }

    private function value(PropertyDefinition $setting, PlacedGradient $gradient, ?PlacedGradient $before, Layer $layer): Property
    {
        $default = Property::constant($setting->type, $setting->default);
        if ($before === null) {
            return ($gradient->colours()[0] ?? null) === $setting->name ? $layer->properties[$this->of->colour()] : $default;
        }
        $had = fn (string $name): ?Property => $layer->properties["{$before->id()}.$name"] ?? null;
        $colour = array_search($setting->name, $gradient->colours(), true);
        if ($colour !== false) {
            $origin = self::origin($colour, $gradient, $before);
            [$last, $names] = [count($before->colours()) - 1, $before->colours()];

            return $origin === null
                ? self::halfWay($setting, $had($names[$last - 1]), $had($names[$last]), $layer)
                : $had($names[$origin]) ?? $default;
        }
        if (! preg_match('/^at(\d+)$/', $setting->name, $number)) {
            return $had($setting->name) ?? $default;
        }
        $origin = self::origin((int) $number[1] - 1, $gradient, $before);

        return $origin === null
            ? self::halfWay($setting, $had('at'.($before->stops - 1)), $had("at{$before->stops}"), $layer)
            : $had('at'.($origin + 1)) ?? $default;
    }

    /** Which stop a stop was before: the last was the last, the others as they are; null for one that is put in before the last. */
    private static function origin(int $stop, PlacedGradient $gradient, PlacedGradient $before): ?int
    {
        $last = count($before->colours()) - 1;

        return $stop === count($gradient->colours()) - 1 ? $last : ($stop < $last ? $stop : null);
    }

    private static function halfWay(PropertyDefinition $setting, ?Property $a, ?Property $b, Layer $layer): Property
    {
        [$from, $to] = [$a?->at($layer->span->in, $layer->span), $b?->at($layer->span->in, $layer->span)];

        return Property::constant(
            $setting->type, $from === null || $to === null ? $setting->default : $setting->type->mix($from, $to, 0.5),
        );
    }
}
