<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Kind\Playing\Ramp;

/**
 * The keyframes of a layer, as far apart as it became longer: each to the nearest frame, where the later of two on one frame stays.
 * Those of a clip's speed stay with what plays.
 */
final class Stretched
{
    public static function with(Layer $before, Layer $after): Layer
    {
        $factor = $after->span->length() / $before->span->length();
        foreach (array_diff_key($before->properties, [Ramp::PROPERTY => true]) as $name => $property) {
            $stretched = [];
            foreach ($property->keyframes() as $keyframe) {
                $from = $keyframe->frame($before->span);
                $to = $after->span->in + (int) round(($from - $before->span->in) * $factor);
                $stretched[$to] = new Keyframe(
                    $to - $keyframe->pin->origin($after->span), $keyframe->value, $keyframe->easing, $keyframe->pin, $keyframe->bend,
                );
            }
            if ($stretched !== []) {
                $after = $after->withProperty($name, Property::keyframed($property->type, array_values($stretched)));
            }
        }

        return $after;
    }
}
