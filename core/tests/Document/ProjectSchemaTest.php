<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Document;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Interchange\ProjectSchema;
use Ricamo\Core\Tests\Fixture;

final class ProjectSchemaTest extends TestCase
{
    public function test_a_project_cannot_leave_out_what_it_is(): void
    {
        $required = ProjectSchema::make()['required'];
        self::assertIsArray($required);
        sort($required);
        self::assertSame(['compositions', 'format', 'name', 'version'], $required);
    }

    public function test_the_published_file_is_what_core_says(): void
    {
        $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/schema/project-1.json'), true);
        self::assertSame(json_decode((string) json_encode(ProjectSchema::make()), true), $published, 'run php tools/schemas.php');
    }

    public function test_what_core_writes_is_valid(): void
    {
        $composition = Fixture::composition([
            Fixture::clip(), Fixture::bar(['opacity' => Fixture::keyframes([0, 0, 'back-out(2)'], [9, 100])]), Fixture::words(),
        ], ['background' => 'transparent']);
        $project = new Project('Depot Nine', Fixture::media(), Compositions::of($composition));
        self::assertTrue($this->isValid($project->toJson()));
    }

    #[TestWith([['opacity' => 130]])]
    #[TestWith([['kind' => 'hologram']])]
    #[TestWith([['unknown' => 1]])]
    #[TestWith([['fill' => 'red']])]
    #[TestWith([['size' => [1]]])]
    #[TestWith([['opacity' => ['keyframes' => []]]])]
    public function test_what_core_refuses_is_not_valid(array $fields): void
    {
        $project = (new Project('Depot Nine', Fixture::media(), Compositions::of(Fixture::composition([Fixture::bar()]))))->toJson();
        $project['compositions'][0]['layers'][0] = [...$project['compositions'][0]['layers'][0], ...$fields];
        self::assertFalse($this->isValid($project));
    }

    /** @param  array<string, mixed>  $project */
    private function isValid(array $project): bool
    {
        $schema = json_decode(json_encode(ProjectSchema::make(), JSON_THROW_ON_ERROR));

        return (new Validator)->validate(json_decode(json_encode($project, JSON_THROW_ON_ERROR)), $schema)->isValid();
    }
}
