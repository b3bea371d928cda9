<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Interchange\ProjectSchema;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Path\Contours;

/** Project files as they were written once: one of each way that there was. */
final class EarlierFilesTest extends TestCase
{
    public function test_each_opens_and_is_written_as_files_are_today(): void
    {
        $files = glob(__DIR__.'/earlier/*.json') ?: [];
        self::assertNotSame([], $files);
        $schema = json_decode((string) json_encode(ProjectSchema::make()));
        foreach ($files as $file) {
            $json = (string) file_get_contents($file);
            self::assertFalse((new Validator)->validate(json_decode($json), $schema)->isValid(), "$file is of an earlier form");
            $project = Project::read(Node::decode($json));
            $written = json_decode((string) json_encode($project->toJson()));
            self::assertTrue((new Validator)->validate($written, $schema)->isValid(), $file);
            self::assertSame($project->toJson(), Project::read(new Node($project->toJson()))->toJson(), $file);
        }
    }

    public function test_points_of_a_mask_are_the_path_through_them(): void
    {
        $project = Project::read(Node::decode((string) file_get_contents(__DIR__.'/earlier/points-of-a-mask.json')));
        $layer = $project->composition()->layer('l1');
        $corner = function (int $frame) use ($layer): array {
            $path = $layer->value('m1.path', $frame);
            assert($path instanceof Contours);

            return [$path->all[0]->knots[2]->at->x, $path->all[0]->knots[2]->at->y];
        };
        self::assertSame([[100.0, 60.0], [120.0, 60.0], [140.0, 60.0]], array_map($corner, [0, 20, 40]));
        self::assertSame(4.0, $layer->number('m1.feather', 0));
    }
}
