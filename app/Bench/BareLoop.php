<?php

declare(strict_types=1);

namespace App\Bench;

/**
 * What the machine can do at best: bars such as those of `EvaluationBench`, worked out and written as the same JSON by one loop
 * over plain arrays, without objects, kinds, types or anything else that a document may hold.
 */
final readonly class BareLoop
{
    private const PATH = '75f6c3e047c04773';

    private const HEAD = '"width":1920,"height":1080,"background":"#000000","paths":{"75f6c3e047c04773":"M-240 -60L240 -60L240 60L-240 60Z"},"items":[';

    /**
     * @var list<array<string, array{list<int>, list<list<float>>, list<array{float, float, float, float, float, float}>}>> of
     *     each layer and property, of each keyframe: frames, numbers, and the polynomials of the easing
     */
    private array $layers;

    /** @param  array<string, mixed>  $document  a composition of such bars, as JSON */
    public function __construct(array $document)
    {
        $layers = [];
        foreach ($document['layers'] as $layer) {
            $properties = [];
            foreach (['position', 'scale', 'rotation', 'opacity', 'anchor', 'fill', 'outline', 'outlineWidth'] as $name) {
                [$frames, $numbers, $easings] = [[], [], []];
                foreach ($layer[$name]['keyframes'] as ['at' => $at, 'value' => $value, 'easing' => $easing]) {
                    $frames[] = $at;
                    $numbers[] = is_string($value)
                        ? [...array_map(floatval(...), sscanf($value, '#%2x%2x%2x') ?? []), 255.0]
                        : array_map(floatval(...), (array) $value);
                    [$x1, $y1, $x2, $y2] = sscanf($easing, 'cubic-bezier(%f, %f, %f, %f)') ?? [0.0, 0.0, 1.0, 1.0];
                    $easings[] = [1 + 3 * $x1 - 3 * $x2, 3 * $x2 - 6 * $x1, 3 * $x1, 1 + 3 * $y1 - 3 * $y2, 3 * $y2 - 6 * $y1, 3 * $y1];
                }
                $properties[$name] = [$frames, $numbers, $easings];
            }
            $layers[] = $properties;
        }
        $this->layers = $layers;
    }

    /** @return string the display list of a frame, JSON */
    public function frame(int $frame): string
    {
        $items = '';
        foreach ($this->layers as $properties) {
            $values = [];
            foreach ($properties as $name => [$frames, $numbers, $easings]) {
                [$low, $high] = [0, count($frames) - 1];
                if ($frame <= $frames[0] || $frame >= $frames[$high]) {
                    $values[$name] = $numbers[$frame <= $frames[0] ? 0 : $high];

                    continue;
                }
                while ($high - $low > 1) {
                    $middle = ($low + $high) >> 1;
                    $frames[$middle] <= $frame ? $low = $middle : $high = $middle;
                }
                $t = ($frame - $frames[$low]) / ($frames[$high] - $frames[$low]);
                [$ax, $bx, $cx, $ay, $by, $cy] = $easings[$low];
                $u = $t;
                for ($try = 0; $try < 20; $try++) {
                    $error = (($ax * $u + $bx) * $u + $cx) * $u - $t;
                    if (abs($error) < 1e-7) {
                        break;
                    }
                    $u -= $error / ((3 * $ax * $u + 2 * $bx) * $u + $cx);
                }
                $progress = (($ay * $u + $by) * $u + $cy) * $u;
                [$from, $to] = [$numbers[$low], $numbers[$high]];
                $mixed = [];
                if (count($from) === 4) {
                    // Colours are mixed with premultiplied alpha.
                    $alpha = $from[3] + ($to[3] - $from[3]) * $progress;
                    [$here, $there] = [$from[3] * (1 - $progress) / $alpha, $to[3] * $progress / $alpha];
                    $mixed = [
                        round($from[0] * $here + $to[0] * $there), round($from[1] * $here + $to[1] * $there),
                        round($from[2] * $here + $to[2] * $there),
                    ];
                } else {
                    foreach ($from as $at => $number) {
                        $mixed[] = $number + ($to[$at] - $number) * $progress;
                    }
                }
                $values[$name] = $mixed;
            }
            $radians = deg2rad($values['rotation'][0]);
            [$cos, $sin] = [cos($radians), sin($radians)];
            [$scaleX, $scaleY] = $values['scale'];
            [$anchorX, $anchorY] = $values['anchor'];
            [$x, $y] = $values['position'];
            [$a, $b, $c, $d] = [$cos * $scaleX / 100, $sin * $scaleX / 100, -$sin * $scaleY / 100, $cos * $scaleY / 100];
            $matrix = '['.round($a, 7).','.round($b, 7).','.round($c, 7).','.round($d, 7).','
                .round($x - $a * $anchorX - $c * $anchorY, 4).','.round($y - $b * $anchorX - $d * $anchorY, 4).']';
            $fill = sprintf('#%02x%02x%02x', ...$values['fill']);
            $outline = sprintf('#%02x%02x%02x', ...$values['outline']);
            $items .= ($items === '' ? '' : ',').'{"op":"group","opacity":'.round($values['opacity'][0] / 100, 5).',"items":['
                .'{"op":"fill","path":"'.self::PATH."\",\"matrix\":$matrix,\"colour\":\"$fill\"},"
                .'{"op":"stroke","path":"'.self::PATH."\",\"matrix\":$matrix,\"colour\":\"$outline\",\"width\":"
                    .round($values['outlineWidth'][0], 4).',"join":"miter"}]}';
        }

        return "{\"version\":1,\"frame\":$frame,".self::HEAD.$items.']}';
    }
}
