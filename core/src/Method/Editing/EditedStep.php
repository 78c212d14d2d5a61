<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Step;

/** A step of the maker's method after a reformulation: as it was, changed, put in, or gone. */
final readonly class EditedStep
{
    /**
     * @param 'same'|'edited'|'new'|'gone' $changed
     * @param string $was the maker's words; '' for a step that was put in
     */
    public function __construct(public Step $step, public string $changed, public string $was) {}

    /** @return array{text: string, changed: string, was: string} */
    public function toArray(): array
    {
        return ['text' => $this->changed === 'gone' ? '' : $this->step->text, 'changed' => $this->changed, 'was' => $this->was];
    }

    /**
     * @param list<self> $edited
     *
     * @return list<Step> what is left to be done
     */
    public static function told(array $edited): array
    {
        return array_map(static fn(self $one): Step => $one->step, array_values(array_filter($edited, static fn(self $one): bool => $one->changed !== 'gone')));
    }
}
