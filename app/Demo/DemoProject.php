<?php

declare(strict_types=1);

namespace App\Demo;

use App\Media\Intake;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Samples\Shelf;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Json\Text;

/** The demo project, "Depot Nine". */
final readonly class DemoProject
{
    public const NAME = 'Depot Nine';

    public function __construct(private Intake $intake, private Shelf $shelf)
    {
    }

    public function exists(): bool
    {
        return ProjectRow::query()->where('name', self::NAME)->exists();
    }

    public function create(DemoFootage $footage): ProjectRow
    {
        [$street, $workshop] = [$footage->street(), $footage->workshop()];

        $project = ProjectRow::query()->create(['name' => self::NAME, 'swatches' => Text::of(self::swatches())]);
        $take = fn (string $file, string $name, string $folder): string => $this->filed(
            $this->intake->take($project, $file, $name), $folder,
        );
        $sample = fn (string $id, string $folder): string => $take(($this->shelf->get($id)->make)(), $this->shelf->get($id)->file, $folder);
        $documents = self::documents(
            $take($street, 'Street in the evening.mp4', 'Clips'),
            $take($workshop, 'Workshop.mp4', 'Clips'),
            $take($footage->photograph(), 'Workshop by day.png', 'Pictures'),
            $take($footage->logo(), 'Depot Nine logo.png', 'Pictures'),
            $take($footage->panels(), 'Colour panels, rendered.mkv', 'Clips'),
            $sample('badge', 'Pictures'),
            $sample('jingle', 'Sounds'),
        );
        foreach ($documents as $place => $document) {
            CompositionRow::store($project->id, $document, $place);
        }

        return $project;
    }

    /**
     * Its compositions, with the media that each argument names by its id.
     *
     * @return list<Composition> with the ids c1, c2, …
     */
    public static function documents(
        string $street, string $workshop, string $photograph, string $logo, string $panels, string $badge, string $music,
    ): array {
        $documents = [
            LowerThird::composition($street, 'Marta Oldani', 'Depot electrician'),
            PictureInPicture::composition($workshop, $photograph),
            ThreeBadges::composition($street, $logo),
            OverlayAtSixty::composition($logo),
            TramToMusic::composition($street, $music, $badge),
            LogoTour::composition($logo),
            LogoReveal::composition($logo),
            SquareBecomesEverything::composition(),
            RestorationProgress::composition(),
            MoonOverDepot::composition($street),
            WhereToLook::composition($workshop),
            ColourPanels::composition($logo),
            FourWindows::composition($street, $workshop, $photograph),
            NameBar::composition('Marta Oldani', 'Depot electrician'),
        ];
        // The bundle that it places is the one before it.
        $documents[] = NameBar::interview($workshop, 'c'.count($documents));
        $documents[] = LogoInSevenWays::composition($street, $logo);
        $documents[] = PanelsOverACut::composition($street, $workshop, $panels);
        $documents[] = CascadingTitle::composition();
        $documents[] = RouteLine::composition();
        $documents[] = OpenDayCard::composition($photograph, $logo);
        $documents[] = TitleThroughDepot::composition($workshop);
        $documents[] = PatchworkOpener::composition($street);

        return array_map(
            fn (Composition $document, int $place): Composition => $document->withId('c'.($place + 1)), $documents,
            array_keys($documents),
        );
    }

    private function filed(MediaRow $media, string $folder): string
    {
        $media->update(['folder' => $folder]);

        return $media->key();
    }

    /** @return list<array{name: string, colour: string}> */
    private static function swatches(): array
    {
        return [
            ['name' => 'Tram cream', 'colour' => Palette::TRAM_CREAM], ['name' => 'Depot green', 'colour' => Palette::DEPOT_GREEN],
            ['name' => 'Signal red', 'colour' => Palette::SIGNAL_RED], ['name' => 'Enamel blue', 'colour' => Palette::ENAMEL_BLUE],
            ['name' => 'Brass', 'colour' => Palette::BRASS], ['name' => 'Night', 'colour' => Palette::NIGHT],
        ];
    }
}
