<?php

namespace Ricamo\Core\Kind\Shape;

enum ShapeForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';
}
