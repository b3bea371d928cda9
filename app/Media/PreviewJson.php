<?php

declare(strict_types=1);

namespace App\Media;

use Ricamo\Raster\Media\PreviewBudget;
use Ricamo\Raster\Media\PreviewPlan;

/** How a clip's preview frames are made, as the database keeps it and the browser has to know it. */
final class PreviewJson
{
    public static function write(PreviewPlan $plan): string
    {
        return json_encode(
            ['every' => $plan->every, 'type' => $plan->type, 'height' => $plan->height, 'bytes' => $plan->bytes()],
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return array{every: int, type: string, height: int, bytes: int} */
    public static function read(?string $json): array
    {
        /** @var array<string, int|string> $plan */
        $plan = $json === null ? [] : json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return [
            'every' => (int) ($plan['every'] ?? 1), 'type' => (string) ($plan['type'] ?? 'jpg'),
            'height' => (int) ($plan['height'] ?? 720), 'bytes' => (int) ($plan['bytes'] ?? 0),
        ];
    }

    public static function budget(): PreviewBudget
    {
        return new PreviewBudget(config('ricamo.preview_frames'), config('ricamo.preview_bytes'), config('ricamo.preview_seconds'));
    }
}
