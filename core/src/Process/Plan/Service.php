<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** What a plan is made for: dishes, the moment they are served, a kitchen, and the earliest moment anybody may begin. */
final readonly class Service
{
    /**
     * @param list<Order> $orders
     * @param list<Fixed> $fixed what is begun, done or locked
     */
    public function __construct(public Moment $serveAt, public ?Moment $now, public Kitchen $kitchen, public array $orders, public array $fixed = []) {}

    public function in(Kitchen $kitchen): self
    {
        return new self($this->serveAt, $this->now, $kitchen, $this->orders, $this->fixed);
    }

    public function servedAt(int $seconds): self
    {
        return new self($this->serveAt->at($seconds), $this->now, $this->kitchen, $this->orders, $this->fixed);
    }
}
