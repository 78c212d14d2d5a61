<?php

declare(strict_types=1);

namespace Transmuta\Diet;

/**
 * What a kitchen handles and shares: where a tool is shared, what is handled may be carried into a dish that does not hold it. A statement of
 * what is possible, and no measure of how much: whether a trace is there is never computed.
 */
final readonly class Kitchen
{
    /** What may be shared, with the words for it. */
    public const SHARED = ['mixers' => 'mixers and bowls', 'oven' => 'oven and trays', 'fryer' => 'a fryer', 'tools' => 'boards, knives and spatulas', 'air' => 'a room where flour or nuts are in the air'];

    /**
     * @param list<string> $handles of the fourteen, in the order of {@see Allergens::EU}
     * @param list<string> $shares keys of {@see SHARED}
     */
    private function __construct(public array $handles, public array $shares) {}

    /** @param array<array-key, mixed> $data what is not known of it is not said; anything else is left out */
    public static function from(array $data): self
    {
        $listed = static fn(string $key, array $of): array => array_values(array_intersect($of, array_filter(\is_array($data[$key] ?? null) ? $data[$key] : [], is_string(...))));

        /** @var list<string> $handles */
        $handles = $listed('handles', Allergens::EU);
        /** @var list<string> $shares */
        $shares = $listed('shares', array_keys(self::SHARED));

        return new self($handles, $shares);
    }

    /**
     * Allergens that are not in a dish and may be carried into it here.
     *
     * @param list<string> $contains of the dish, by ingredient
     *
     * @return list<string>
     */
    public function mayCarry(array $contains): array
    {
        return $this->shares === [] ? [] : array_values(array_diff($this->handles, $contains));
    }

    /** "Made where milk and nuts are handled, with shared mixers and bowls"; '' where nothing is said of the kitchen. */
    public function words(): string
    {
        if ($this->handles === []) {
            return '';
        }
        $shared = array_map(static fn(string $key): string => self::SHARED[$key], $this->shares);

        return 'Made where ' . implode(', ', $this->handles) . ' are handled' . ($shared === [] ? ', with nothing shared' : ', sharing ' . implode('; ', $shared));
    }

    /**
     * @param array<array-key, string> $contains of a dish, by ingredient
     *
     * @return array{may_carry: list<string>, words: string} what is said of it beside the dish's own allergens
     */
    public function beside(array $contains): array
    {
        return ['may_carry' => $this->mayCarry(array_values($contains)), 'words' => $this->words()];
    }

    /** @return array{handles: list<string>, shares: list<string>} */
    public function toArray(): array
    {
        return ['handles' => $this->handles, 'shares' => $this->shares];
    }
}
