<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * Begins transactions IMMEDIATE: one that reads before it writes would otherwise fail with "database is locked" when
 * another wrote in between, without waiting for the busy timeout. Laravel does this by itself from PHP 8.4 on.
 */
final class ImmediatePdo extends PDO
{
    private bool $inTransaction = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->inTransaction = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->inTransaction = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->inTransaction = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $failure) {
            // On a full disk SQLite has rolled back by itself; the reason for it is what is to be heard of.
            if (! str_contains($failure->getMessage(), 'no transaction is active')) {
                throw $failure;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->inTransaction;
    }
}
