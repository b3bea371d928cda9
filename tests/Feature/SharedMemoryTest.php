<?php

declare(strict_types=1);

namespace Tests\Feature;

use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What PHP processes of a server share, with APCu on, which it is not where tests run. */
final class SharedMemoryTest extends TestCase
{
    public function test_what_was_kept_is_recalled_whole_and_nothing_else(): void
    {
        $code = <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            use App\Editing\SharedMemory;
            use Ricamo\Core\Document\Composition;
            use Ricamo\Core\Document\MediaLibrary;
            use Ricamo\Core\Document\Stack;
            use Ricamo\Core\Document\StoredLayer;
            use Ricamo\Core\Evaluate\Evaluator;
            use Ricamo\Core\Json\Node;
            use Ricamo\Core\Kind\Text\TextBlocks;
            use Ricamo\Raster\Text\HarfBuzzShaper;

            $memory = new SharedMemory;
            assert($memory->recall(['none']) === [] && $memory->recall([]) === []);
            $bar = fn (string $id): array => ['id' => $id, 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Bar', 'in' => 0, 'out' => 50, 'rotation' => 20];
            $read = Composition::read(new Node(['id' => 'c', 'name' => 'C', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'length' => 50, 'layers' => [$bar('a'), $bar('b')]]));
            $stored = $read->withLayers(Stack::stored(...array_map(
                fn (StoredLayer $one): StoredLayer => StoredLayer::stored($one->id, $one->span, $one->facts, $one->json()), array_values($read->layers->entries()),
            )));
            $evaluator = new Evaluator(MediaLibrary::of(), new TextBlocks(new HarfBuzzShaper), $memory);
            $first = $evaluator->look($stored, 10)->list();
            $kept = count(iterator_to_array(new APCUIterator('/^glance/')));
            $known = array_fill_keys(array_keys($evaluator->frame($read, 10)->paths()), true);
            $second = $evaluator->look($stored, 10, $known)->list();
            echo json_encode([apcu_enabled(), $kept, $first === $evaluator->frame($read, 10)->encode(), $second === $evaluator->frame($read, 10)->encode($known), apcu_cache_info(true)['num_hits'] > 0]);
            PHP;
        $process = new Process(
            [PHP_BINARY, '-d', 'apc.enable_cli=1', '-d', 'ffi.enable=1', '-d', 'zend.assertions=1', '-r', $code, base_path()],
            timeout: null,
        );
        $process->mustRun();
        self::assertSame(
            [true, 2, true, true, true], json_decode($process->getOutput(), true),
            $process->getOutput().$process->getErrorOutput(),
        );
    }
}
