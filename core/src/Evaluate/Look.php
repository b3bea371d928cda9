<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Json\Text;

/** One frame as it is worked on: what is seen, and where each layer stands. */
final readonly class Look
{
    /**
     * @param  DisplayList  $frame  without operations, unless it is whole
     * @param  array<array-key, Glance>  $glances  by the id of the layer, in the order in which they are drawn
     * @param  array<string, true>  $known  keys of paths that are not told again
     * @param  bool  $isWhole  whether the frame holds all operations itself
     */
    public function __construct(private DisplayList $frame, public array $glances, private array $known, private bool $isWhole = false)
    {
    }

    /** The display list, JSON. */
    public function list(): string
    {
        if ($this->isWhole) {
            return $this->frame->encode($this->known);
        }
        $paths = [];
        $items = [];
        $reference = [];
        foreach ($this->glances as $glance) {
            foreach (array_diff_key($glance->paths, $this->known) as $key => $data) {
                $paths[$key] = (string) $data;
            }
            $glance->reference ? array_push($reference, ...$glance->items) : array_push($items, ...$glance->items);
        }

        return DisplayList::write($this->frame, $paths, $items, $reference);
    }

    /** By the id of a layer, where frames of what plays in it are missing; JSON. */
    public function missing(): string
    {
        $missing = array_map(fn (Glance $glance): array => $glance->missing, $this->glances);

        return Text::of((object) array_filter($missing));
    }

    /** By the id of a layer, what its band in the timeline shows, where it shows anything; JSON. */
    public function bands(): string
    {
        return Text::of((object) array_filter(array_map(fn (Glance $glance): array => $glance->band, $this->glances)));
    }

    /** The pose of every layer, JSON. */
    public function poses(): string
    {
        return Text::list(array_values(array_map(fn (Glance $glance): string => $glance->pose, $this->glances)));
    }
}
