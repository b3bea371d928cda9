<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;

/** What becomes of a layer's keyframes when one of its ends is pulled. */
enum PulledBeads: string
{
    /** Each stays as far from the end that it is pinned to. */
    case Stay = 'stay';

    /** They are stretched as the layer is. */
    case Stretch = 'stretch';

    /** Those of a drawing that draws itself are stretched, those of all else stay. */
    case Usual = 'usual';

    /** The other way round. */
    case Unusual = 'unusual';

    public function areStretched(Layer $layer): bool
    {
        return match ($this) {
            self::Stay => false,
            self::Stretch => true,
            self::Usual => self::drawsItself($layer),
            self::Unusual => ! self::drawsItself($layer),
        };
    }

    private static function drawsItself(Layer $layer): bool
    {
        return $layer->content instanceof ShapeContent && $layer->content->form === ShapeForm::Path
            && ! $layer->rests(['drawBegin', 'drawEnd']);
    }
}
