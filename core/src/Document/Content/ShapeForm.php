<?php

namespace Ricamo\Core\Document\Content;

enum ShapeForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';
}
