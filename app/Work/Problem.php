<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Queue\MaxAttemptsExceededException;
use Illuminate\Queue\TimeoutExceededException;
use PDOException;
use Ricamo\Core\Refusal;
use RuntimeException;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Throwable;

/** Why work failed, in one line for the producer: no SQL, no paths, no names of classes. */
final class Problem
{
    private const LONGEST = 250;

    public static function of(?Throwable $reason): string
    {
        return match (true) {
            $reason === null => 'the worker was stopped',
            $reason instanceof TimeoutExceededException, $reason instanceof ProcessTimedOutException => 'it took too long',
            $reason instanceof MaxAttemptsExceededException => 'the worker was ended from outside',
            $reason instanceof ProcessSignaledException => 'a program at work on it was ended from outside',
            $reason instanceof ModelNotFoundException => 'it is not there any more',
            $reason instanceof QueryException, $reason instanceof PDOException,
            $reason instanceof ExceptionInterface => self::unforeseen($reason),
            $reason instanceof Refusal,
            $reason instanceof RuntimeException => mb_substr(self::withoutPaths($reason->getMessage()), 0, self::LONGEST),
            default => self::unforeseen($reason),
        };
    }

    public static function isDatabaseBusy(Throwable $reason): bool
    {
        return ($reason instanceof QueryException || $reason instanceof PDOException)
            && preg_match('/database (table )?is locked|database is busy/', $reason->getMessage()) === 1;
    }

    public static function isDiskFull(Throwable $reason): bool
    {
        return preg_match('/database or disk is full|No space left on device|disk I\/O error/', $reason->getMessage()) === 1;
    }

    private static function unforeseen(Throwable $reason): string
    {
        return match (true) {
            self::isDiskFull($reason) => 'the disk is full',
            self::isDatabaseBusy($reason) => 'the database was busy for too long; try again',
            default => 'the server failed at it; its log says why',
        };
    }

    private static function withoutPaths(string $message): string
    {
        return (string) preg_replace('~(?<![\w.])/\S*/~', '', $message);
    }
}
