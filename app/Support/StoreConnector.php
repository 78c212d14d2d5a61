<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Connectors\MariaDbConnector;

/** Opens the store once: one that does not answer at the first try is told as away at once, and whoever waits is not kept waiting twice. */
final class StoreConnector extends MariaDbConnector
{
    /**
     * @param string $dsn
     * @param string $username
     * @param string $password
     * @param array<int, mixed> $options
     */
    protected function tryAgainIfCausedByLostConnection(\Throwable $e, $dsn, $username, #[\SensitiveParameter] $password, $options)
    {
        throw $e;
    }
}
