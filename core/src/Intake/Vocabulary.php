<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Reference\Table;

/**
 * The words beside an ingredient's name (`core/data/intake/words.csv`): what is done to it, what state it is measured in, sizes, kinds
 * of one thing, and the words that say which thing it is. Only the first four may be passed over.
 */
final class Vocabulary
{
    /** @var array<string, string> words that may be passed over, joined with a space: their kind */
    private array $light = [];

    /** @var array<string, string> attribute by its words */
    private array $identities = [];

    /** @var array<string, array<string, true>> heads or whole names a kind's word is passed over beside */
    private array $varieties = [];

    /** @var array<string, string> density form by word */
    private array $states = [];

    /** @var array<string, float> factor by word */
    private array $measures = [];

    public function __construct(private readonly Spelling $spelling)
    {
        foreach (Table::rows(\dirname(__DIR__, 2) . '/data/intake/words.csv') as $row) {
            foreach (explode('|', $row['words']) as $words) {
                $key = implode(' ', $this->spelling->words($words));
                match ($row['kind']) {
                    'identity' => $this->identities[$key] = $row['value'],
                    'variety' => $this->varieties[$key][implode(' ', $this->spelling->words($row['of']))] = true,
                    'state' => $this->states[$key] = $row['value'],
                    'measure' => $this->measures[$words] = (float) $row['value'],
                    default => $this->light[$key] = $row['kind'],
                };
            }
        }
    }

    /** Whether the words may be passed over, whatever they stand beside. */
    public function isLight(string $words): bool
    {
        return isset($this->light[$words]);
    }

    /** The attribute the words ask of an ingredient; null where they ask none. */
    public function identity(string $words): ?string
    {
        return $this->identities[$words] ?? null;
    }

    /** @param list<string> $name the words of the name it stands beside */
    public function isVarietyOf(string $words, array $name): bool
    {
        $of = $this->varieties[$words] ?? [];

        return $of !== [] && (isset($of[implode(' ', $name)]) || array_intersect_key($of, array_flip($name)) !== [] || isset($of[implode(' ', \array_slice($name, -2))]));
    }

    public function isVariety(string $words): bool
    {
        return isset($this->varieties[$words]);
    }

    /** The bulk-density form a phrase asks for; '' for the usual one. */
    public function form(string $phrase): string
    {
        $words = $this->spelling->words($phrase);
        foreach ($this->states as $state => $form) {
            $of = explode(' ', $state);
            for ($at = 0; $at + \count($of) <= \count($words); ++$at) {
                if (\array_slice($words, $at, \count($of)) === $of) {
                    return $form;
                }
            }
        }

        return '';
    }

    /** @return array<string, float> factor on a spoon or cup by word */
    public function measures(): array
    {
        return $this->measures;
    }
}
