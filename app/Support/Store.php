<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/** The store, whose transactions are begun again where two stood in each other's way: whoever writes need not know. */
final class Store extends MariaDbConnection
{
    /** Times a transaction is tried before a deadlock is told. */
    private const TRIES = 3;

    /** Seconds within which a lost connection is one that had gone before: it is opened anew. Later it is the store that does not answer. */
    private const LOST_BEFORE = 1.0;

    private float $began = 0.0;

    /** Codes of a store that can be read and takes nothing down: read-only, or no room left (a table, the disk, the log). */
    private const TAKES_NOTHING = [1036, 1021, 1030, 1114, 1135, 1290, 1836];

    public static function takesNothing(\PDOException $e): bool
    {
        return \in_array(self::code($e), self::TAKES_NOTHING, true);
    }

    /**
     * Writes what can as well be left unwritten: what is only kept to be quicker, that somebody is still there. Whoever reads goes on reading.
     *
     * @param callable(): mixed $write
     */
    public static function ifItCan(callable $write): void
    {
        try {
            $write();
        } catch (QueryException $refused) {
            if (!self::takesNothing($refused)) {
                throw $refused;
            }
            Log::warning('Left unwritten: the store takes nothing down.', ['code' => $refused->errorInfo[1] ?? null]);
        }
    }

    /** Whether two stood in each other's way to the end: the store is there, and takes it a moment later. */
    public static function isBusy(\PDOException $e): bool
    {
        return \in_array(self::code($e), [1205, 1213], true);
    }

    /** Whether the store itself is away, busy or going; anything else it says is our fault, and to say it cannot be reached would send the cook to the wrong place. */
    public static function isAway(\PDOException $e): bool
    {
        return \in_array(self::code($e), [1040, 1053, 1077, 1079, 1080, 1203, 2002, 2003, 2006, 2013], true) || preg_match('/gone away|lost connection|refused|No such file/i', $e->getMessage()) === 1;
    }

    private static function code(\PDOException $e): int
    {
        $code = $e->errorInfo[1] ?? $e->getCode();

        return is_numeric($code) ? (int) $code : 0;
    }

    /**
     * @param Closure(\Illuminate\Database\Connection): mixed $callback
     * @param int $attempts
     */
    public function transaction(Closure $callback, $attempts = self::TRIES)
    {
        // Within another only the outermost can begin again.
        return parent::transaction($callback, $this->transactionLevel() > 0 ? 1 : $attempts);
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    protected function run($query, $bindings, Closure $callback)
    {
        $this->began = microtime(true);

        return parent::run($query, $bindings, $callback);
    }

    /**
     * @param string $query
     * @param array<array-key, mixed> $bindings
     */
    protected function handleQueryException(QueryException $e, $query, $bindings, Closure $callback)
    {
        if (microtime(true) - $this->began > self::LOST_BEFORE) {
            throw $e;
        }

        return parent::handleQueryException($e, $query, $bindings, $callback);
    }
}
