<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Database\MariaDbConnection;

/** The store, whose transactions are begun again where two stood in each other's way: whoever writes need not know. */
final class Store extends MariaDbConnection
{
    /** Times a transaction is tried before a deadlock is told. */
    private const TRIES = 3;

    /**
     * @param Closure(\Illuminate\Database\Connection): mixed $callback
     * @param int $attempts
     */
    public function transaction(Closure $callback, $attempts = self::TRIES)
    {
        // Within another only the outermost can begin again.
        return parent::transaction($callback, $this->transactionLevel() > 0 ? 1 : $attempts);
    }
}
