<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

/** A step of the method as it is told now. */
final readonly class ToldStep
{
    /**
     * @param string $id of the words, or of the step where nobody has written any
     * @param ?string $step id of the step of the making; null for one that was added, or is gone
     * @param bool $isOwn whether it is told in somebody's words
     * @param ?Quarrel $quarrel null where words and making agree
     * @param string $now as the making tells it; '' where it has no such step
     * @param string $why what they do not agree about; '' where they do
     */
    public function __construct(public string $id, public ?string $step, public string $text, public bool $isOwn, public ?Quarrel $quarrel, public string $now, public string $why) {}

    /** @return array{id: string, step: ?string, text: string, is_own: bool, quarrel: ?string, now: string, why: string} */
    public function write(): array
    {
        return ['id' => $this->id, 'step' => $this->step, 'text' => $this->text, 'is_own' => $this->isOwn, 'quarrel' => $this->quarrel?->value, 'now' => $this->now, 'why' => $this->why];
    }
}
