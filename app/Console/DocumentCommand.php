<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Strays;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Render\Scene;
use RuntimeException;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that works on a project file, without a server or a database. Bad input ends it with status 2 and one line. */
abstract class DocumentCommand extends Command
{
    private const LARGEST = 64 * 1024 * 1024;

    private const BAD_INPUT = 2;

    private ?Project $project = null;

    /** @throws Refusal */
    abstract protected function work(): void;

    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ExceptionInterface|Refusal $badInput) {
            return $this->end($output, $badInput->getMessage(), self::BAD_INPUT);
        } catch (Stopped $stopped) { // @phpstan-ignore catch.neverThrown
            return $this->end($output, $stopped->getMessage(), $stopped->getCode());
        } catch (RuntimeException $failure) { // @phpstan-ignore catch.neverThrown
            return $this->end($output, $failure->getMessage(), self::FAILURE);
        }
    }

    public function handle(): int
    {
        // One object may be called for one file after another.
        $this->project = null;
        $this->work();

        return self::SUCCESS;
    }

    private function end(OutputInterface $output, string $reason, int $status): int
    {
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)
            ->writeln((string) preg_replace('/\s+/', ' ', $reason), OutputInterface::OUTPUT_RAW);

        return $status;
    }

    protected function read(string $file): Node
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw new Refusal("$file: there is no such file");
        }
        if (filesize($file) > self::LARGEST) {
            throw new Refusal("$file: larger than ".(self::LARGEST >> 20).' MB');
        }

        $content = (string) file_get_contents($file);
        if (str_starts_with($content, "PK\x03\x04")) {
            throw new Refusal("$file: is an archive of a project and its media; unpack it, as a ZIP, and name its project.json");
        }

        return Node::decode($content);
    }

    protected function project(): Project
    {
        $file = (string) $this->argument('document');

        if ($this->project === null) {
            $this->project = $this->about($file, fn (): Project => Project::read(new Node($this->read($file)->value)));
            foreach (Strays::of($this->project) as $stray) {
                $this->getOutput()->getErrorStyle()->writeln("$file: $stray");
            }
        }

        return $this->project;
    }

    protected function clips(Project $project): Clips
    {
        $file = (string) $this->argument('document');

        return $this->about($file, fn (): Clips => Clips::inFolder($project->media, dirname($file)));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     *
     * @throws Refusal naming the file
     */
    protected function about(string $file, callable $work): mixed
    {
        try {
            return $work();
        } catch (Refusal $refusal) {
            throw str_starts_with($refusal->getMessage(), $file) ? $refusal : new Refusal("$file: {$refusal->getMessage()}");
        }
    }

    /**
     * The same of one entry of a list in a file, whose place is told once.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     *
     * @throws Refusal naming the file and the entry
     */
    protected function aboutEntry(string $file, int $index, callable $work): mixed
    {
        return $this->about($file, function () use ($index, $work): mixed {
            try {
                return $work();
            } catch (Refusal $refusal) {
                throw str_starts_with($refusal->getMessage(), "[$index]") ? $refusal : new Refusal("[$index]: {$refusal->getMessage()}");
            }
        });
    }

    /** Says what the producer should know of the files that are used. */
    protected function remarkOn(Scene $scene): void
    {
        foreach ($scene->remarks() as $remark) {
            $this->getOutput()->getErrorStyle()->writeln($remark);
        }
    }

    protected function wholeNumber(string $option, string $text): int
    {
        return preg_match('/^\d{1,9}$/', $text) ? (int) $text : throw new Refusal("--$option: \"$text\" is not a frame number");
    }

    /**
     * Reads `A..B`, both frames included, or a single frame.
     *
     * @return array{int, int} the first frame and the one after the last
     */
    protected function frames(string $option, string $text): array
    {
        [$first, $last] = explode('..', $text, 2) + [1 => $text];
        [$first, $last] = [$this->wholeNumber($option, $first), $this->wholeNumber($option, $last)];

        return $last >= $first ? [$first, $last + 1] : throw new Refusal("--$option: $text ends before it begins");
    }
}
