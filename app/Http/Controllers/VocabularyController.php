<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Serving\Cores;
use Illuminate\Http\JsonResponse;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Cascade\Cascades;
use Ricamo\Core\Cascade\Order;
use Ricamo\Core\Cascade\ReadyCascade;
use Ricamo\Core\Display\Blend;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Document\Dye;
use Ricamo\Core\Document\LayerKind;
use Ricamo\Core\Document\LayerPart;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Effects;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Line\EndMark;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Text\FontFeature;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Render\Format\Format;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Joining;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Text\FontCatalogue;
use Ricamo\Raster\Text\FontFace;

/** What there is to choose from: the properties of each kind of layer, fonts, label colours. */
final class VocabularyController
{
    /** How finely easings are sampled for their pictures. */
    private const STEPS = 40;

    public function __construct(private readonly Shaper $shaper)
    {
    }

    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'cores' => Cores::count(),
            'properties' => array_map(
                fn (LayerKind $kind): array => array_values(array_map(
                    fn (PropertyDefinition $one): array => $one->describe(), $kind->properties(),
                )),
                LayerKinds::all(),
            ),
            'fonts' => array_map($this->font(...), FontCatalogue::all()),
            'languages' => array_map(fn (Language $one): array => ['name' => $one->value, 'title' => $one->title()], Language::cases()),
            'easings' => array_map($this->easing(...), Easings::choices()),
            'moves' => array_values(array_map($this->move(...), Moves::all())),
            'accents' => array_values(array_map(fn (Accent $accent): array => [
                'name' => $accent->name(), 'title' => $accent->title(), 'subject' => $accent->subject(),
                'called' => $accent->called(), 'films' => $accent->films(), 'seconds' => $accent->seconds(),
                'settings' => $this->settings($accent->settings()),
            ], Accents::all())),
            'effects' => array_merge(...array_map(
                fn (string $subject, array $effects): array => array_map(
                    fn (Effect $effect): array => ['name' => $effect->name(), 'title' => $effect->title(), 'subject' => $subject],
                    $effects,
                ),
                array_keys(Effects::bySubject()), Effects::bySubject(),
            )),
            'cascades' => array_values(array_map(
                fn (ReadyCascade $one): array => [
                    'name' => $one->name, 'title' => $one->title, 'as' => $one->role->value, 'forWords' => $one->isForWords(),
                ],
                Cascades::all(),
            )),
            'abilities' => array_map(fn (LayerKind $kind): array => array_column($kind->abilities(), 'value'), LayerKinds::all()),
            'sections' => array_map(
                fn (Section $one): array => ['name' => $one->value, 'title' => $one->title(), 'rare' => $one->isRare()],
                Section::cases(),
            ),
            'units' => array_map(fn (LayerKind $kind): array => array_column($kind->units(), 'value'), LayerKinds::all()),
            'forms' => array_map(
                fn (ShapeForm $form): array => [
                    'name' => $form->value, 'title' => $form->title(), 'settings' => $form->settings(),
                    'open' => $form->isOpen(), 'picture' => $form->picture(28, 20)->data(),
                ],
                ShapeForm::cases(),
            ),
            'marks' => array_map(
                fn (EndMark $mark): array => [
                    'name' => $mark->value, 'title' => $mark->title(), 'picture' => $mark->path(10, 2)->data(),
                ],
                EndMark::cases(),
            ),
            'caps' => array_map(fn (Cap $cap): array => ['name' => $cap->value, 'title' => $cap->title()], Cap::cases()),
            'brushes' => array_map(fn (BrushForm $form): array => ['name' => $form->value, 'title' => $form->title()], BrushForm::cases()),
            'features' => array_map(
                fn (FontFeature $one): array => ['name' => $one->value, 'title' => $one->title()], FontFeature::cases(),
            ),
            'patchForms' => array_map(fn (PatchForm $form): array => [
                'name' => $form->value, 'title' => $form->title(), 'rows' => $form->counts()[0], 'columns' => $form->counts()[1],
            ], PatchForm::cases()),
            'lightSources' => array_map(
                fn (LightSource $one): array => ['name' => $one->value, 'title' => $one->title()], LightSource::cases(),
            ),
            'orders' => array_map(fn (Order $order): array => ['name' => $order->value, 'title' => $order->title()], Order::cases()),
            'blends' => array_column(Blend::cases(), 'value'),
            'formats' => array_values(array_map($this->format(...), Formats::all())),
            'parts' => array_map(
                fn (LayerPart $part): array => ['name' => $part->value, 'title' => $part->title(), 'plays' => $part->plays()],
                LayerPart::cases(),
            ),
            'safe' => [Lines::SAFE, Lines::ACTION_SAFE],
            'labels' => array_column(Dye::cases(), 'value'),
        ]);
    }

    /** @return array<string, mixed> with an outline to show it by, in thousandths of an em, y down from the baseline */
    private function font(FontFace $face): array
    {
        $sample = $this->shaper->shape('Aa', $face->id);

        return [
            'id' => $face->id, 'family' => $face->family, 'style' => $face->style, 'variable' => FontCatalogue::isVariable($face->id),
            'sample' => ['path' => $sample->outline(0)->data(), 'width' => round($sample->width(0))],
        ];
    }

    /**
     * @param  list<PropertyDefinition>  $settings
     * @return list<array<string, mixed>>
     */
    private function settings(array $settings): array
    {
        return array_map(fn (PropertyDefinition $one): array => $one->describe(), $settings);
    }

    /** @return array<string, mixed> */
    private function format(Format $format): array
    {
        return [
            'name' => $format->name(), 'title' => $format->title(), 'purpose' => $format->purpose()->value,
            'goodFor' => $format->goodFor(), 'extension' => $format->extension(),
            'alpha' => $format->holdsAlpha(), 'sound' => $format->holdsSound(),
            'premultiplies' => $format->takesPremultiplied(), 'oneFrame' => $format->joining() === Joining::Picture,
            'picture' => $format->joining() !== Joining::Sound,
            'qualities' => $format->density(Quality::Small) !== $format->density(Quality::Best),
        ];
    }

    /** @return array<string, mixed> */
    private function move(Move $move): array
    {
        return [
            'name' => $move->name(), 'title' => $move->title(), 'films' => $move->films(), 'easing' => $move->easing(), 'seconds' => $move->seconds(),
            'settings' => $this->settings($move->settings()),
        ];
    }

    /** @return array{name: string, text: string, samples: list<float>} the text is how documents write it */
    private function easing(string $name): array
    {
        $easing = Easings::parse($name);

        return [
            'name' => $name,
            'text' => (string) $easing,
            'samples' => array_map(fn (int $step): float => round($easing->at($step / self::STEPS), 4), range(0, self::STEPS)),
        ];
    }
}
