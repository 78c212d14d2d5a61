<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

/**
 * A step as somebody wrote it: in their words, in their place, parted or added. Amounts stand in it as {{ingredient}}, so that they follow the formula.
 */
final readonly class OwnStep
{
    /**
     * @param string $id its own, kept through changes
     * @param ?string $mark what it tells: the mark of a step of the making, of {@see OwnMethod}; null for one that was added
     * @param string $text '' where it is told as the making tells it
     * @param string $seen how the making told it, without its figures, when this was written
     * @param bool $isOut whether its maker took the step out: it is told no more
     */
    public function __construct(public string $id, public ?string $mark, public string $text, public string $seen, public bool $isOut = false) {}

    /** @return array{id: string, mark: ?string, text: string, seen: string, out?: true} */
    public function write(): array
    {
        return ['id' => $this->id, 'mark' => $this->mark, 'text' => $this->text, 'seen' => $this->seen, ...($this->isOut ? ['out' => true] : [])];
    }

    /** @param array<array-key, mixed> $data as it was written */
    public static function read(array $data): self
    {
        $text = static fn(string $key): string => \is_string($data[$key] ?? null) ? $data[$key] : '';

        return new self($text('id'), \is_string($data['mark'] ?? null) ? $data['mark'] : null, $text('text'), $text('seen'), ($data['out'] ?? false) === true);
    }
}
