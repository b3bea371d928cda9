<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Work\Problem;
use Error;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Queue\MaxAttemptsExceededException;
use Illuminate\Queue\TimeoutExceededException;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use RuntimeException;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;
use Throwable;

/** Why work failed, as the producer reads it. */
final class ProblemTest extends TestCase
{
    private static function killed(): Throwable
    {
        try {
            $process = new Process(['sh', '-c', 'kill -9 $$']);
            $process->run();
        } catch (ProcessSignaledException $signalled) {
            return $signalled;
        }
        throw new RuntimeException('it was not killed');
    }

    /** @return iterable<string, array{?Throwable, string}> */
    public static function reasons(): iterable
    {
        yield 'a worker that was stopped' => [null, 'the worker was stopped'];
        yield 'a worker that was killed' => [
            new MaxAttemptsExceededException('App\Jobs\DrawPiece has been attempted too many times.'),
            'the worker was ended from outside',
        ];
        yield 'a job that took too long' => [new TimeoutExceededException('App\Jobs\DrawPiece has timed out.'), 'it took too long'];
        yield 'a program that was killed' => [self::killed(), 'a program at work on it was ended from outside'];
        yield 'what was removed meanwhile' => [
            new ModelNotFoundException('No query results for model [App\Models\MediaRow].'), 'it is not there any more',
        ];
        yield 'a full disk under the database' => [
            new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 'the disk is full',
        ];
        yield 'a database that others hold' => [
            new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'),
            'the database was busy for too long; try again',
        ];
        yield 'any other word of the database' => [
            new PDOException('SQLSTATE[42S02]: no such table: media'), 'the server failed at it; its log says why',
        ];
        yield 'a fault of the program' => [
            new Error('Call to a member function frame() on null'), 'the server failed at it; its log says why',
        ];
        yield 'a reason with a path' => [
            new RuntimeException('/srv/ricamo/storage/media/clip.mp4: is not a clip'), 'clip.mp4: is not a clip',
        ];
        yield 'a refusal' => [new Refusal('the clip is longer than 4 hours'), 'the clip is longer than 4 hours'];
    }

    #[DataProvider('reasons')]
    public function test_it_is_said_without_what_is_inside(?Throwable $reason, string $said): void
    {
        self::assertSame($said, Problem::of($reason));
    }
}
