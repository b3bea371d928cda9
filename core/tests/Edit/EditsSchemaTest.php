<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Edit\EditsSchema;
use Ricamo\Core\Interchange\ProjectSchema;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

final class EditsSchemaTest extends TestCase
{
    public function test_the_published_file_is_what_the_edits_say_of_themselves(): void
    {
        $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/schema/edits-1.json'), true);
        self::assertSame(json_decode((string) json_encode(EditsSchema::make()), true), $published, 'run php tools/schemas.php');
    }

    public function test_what_it_refers_to_is_defined_in_the_schema_of_projects(): void
    {
        preg_match_all('~"project-1\.json#/([^"]+)"~', (string) json_encode(EditsSchema::make(), JSON_UNESCAPED_SLASHES), $found);
        self::assertGreaterThan(10, count($found[1]));
        foreach (array_unique($found[1]) as $path) {
            $there = ProjectSchema::make();
            foreach (explode('/', $path) as $step) {
                self::assertArrayHasKey($step, $there, $path);
                $there = $there[$step];
            }
        }
    }

    public function test_what_is_not_described_is_refused_by_all(): void
    {
        foreach (Edits::BY_NAME as $name => $edit) {
            try {
                Edits::read(new Node(['edit' => $name, 'args' => ['hollow' => 1]]));
                self::fail("$name took what it does not know");
            } catch (Refusal $refusal) {
                self::assertSame('args.hollow: is not a field known here', $refusal->getMessage(), $name);
            }
        }
    }
}
