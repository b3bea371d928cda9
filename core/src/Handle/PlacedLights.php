<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\GivesLight;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Document\Lights;
use Ricamo\Core\Document\LightSource;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Vector;

/** Where the lights of a composition are seen on a frame, to be dragged. */
final class PlacedLights
{
    /** By what a light's place is led along its way. */
    private const LEADING = ['position', 'z'];

    /**
     * @param  ?Vantage  $vantage  from where it is looked at; null where it is seen as in the picture
     * @return list<array{layer: string, on: bool, place: array{float, float}, aim: ?array{float, float}, way: list<array{float, float}>}>
     *     in composition pixels: where each is, what it aims at where it comes from one direction, and where it goes between its first
     *     keyframe and its last; those that come from everywhere are nowhere
     */
    public static function of(Composition $composition, int $frame, ?Vantage $vantage): array
    {
        $camera = $vantage?->camera($composition) ?? $composition->cameras()?->camera($frame);
        $view = new View($composition);
        $seen = function (Vector $point) use ($camera, $view): array {
            $at = $camera?->seen($point, $view) ?? $view->seen($point);

            return [round($at->x, 2), round($at->y, 2)];
        };
        $placed = [];
        foreach ($composition->lights()?->all() ?? [] as $layer) {
            $source = $layer->content instanceof GivesLight ? $layer->content->source() : LightSource::Ambient;
            if ($source === LightSource::Ambient) {
                continue;
            }
            $light = fn (int $at): Light => Light::of($layer, $source, $at)
                ->carried(View::within(array_slice($composition->around($layer), 1), $at));
            $now = $light($frame);
            $placed[] = [
                'layer' => $layer->id, 'on' => Lights::isOn($composition, $layer, $frame), 'place' => $seen($now->place),
                'aim' => $source === LightSource::Directional ? $seen($now->place->plus($now->way->times($now->away))) : null,
                'way' => array_map(fn (int $at): array => $seen($light($at)->place), WayFrames::of($layer, self::LEADING)),
            ];
        }

        return $placed;
    }
}
