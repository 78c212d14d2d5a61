<?php

declare(strict_types=1);

namespace App\Access;

use App\Support\Store;
use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the store, which are written when there is something to write: a window that only looks does not write a row at every glance,
 * and goes on looking while the store takes nothing down.
 */
final class Sessions extends DatabaseSessionHandler
{
    /** Seconds after which it is written down that somebody is still there. */
    public const SEEN_EVERY = 60;

    /** @var ?array{string, string, int} of the session that was read: its id, what it held, when it was last written */
    private ?array $was = null;

    /** @param string $sessionId */
    public function read($sessionId): string
    {
        $row = $this->getQuery()->find($sessionId);
        $this->exists = $row !== null;
        if ($row === null || $this->expired($row)) {
            return '';
        }
        $held = \is_string($row->payload) ? (string) base64_decode($row->payload, true) : '';
        $this->was = [$sessionId, $held, is_numeric($row->last_activity) ? (int) $row->last_activity : 0];

        return $held;
    }

    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        $data = self::lasting($data);
        if ($this->was !== null && [$this->was[0], $this->was[1]] === [$sessionId, $data] && $this->currentTime() - $this->was[2] < self::SEEN_EVERY) {
            return true;
        }
        if (($this->was[0] ?? null) !== $sessionId) {
            // Another than was read: whether it is there is asked anew.
            $this->exists = false;
        }
        // A store that takes nothing down is told where somebody writes.
        Store::ifItCan(fn(): bool => parent::write($sessionId, $data));

        return true;
    }

    /** @param int $lifetime */
    public function gc($lifetime): int
    {
        $gone = 0;
        Store::ifItCan(function () use ($lifetime, &$gone): void {
            $gone = parent::gc($lifetime);
        });

        return $gone;
    }

    /** Without the address that was last looked at: nothing here goes back to it. */
    private static function lasting(string $data): string
    {
        $held = @unserialize($data, ['allowed_classes' => false]);
        if (!\is_array($held)) {
            return $data;
        }
        unset($held['_previous']);

        return serialize($held);
    }
}
