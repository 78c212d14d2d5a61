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
    /**
     * The table, taken apart when a word is first asked for: a save of what is weighed already asks none.
     *
     * @var ?array{light: array<string, string>, identities: array<string, string>, varieties: array<string, array<string, true>>, states: array<string, string>, measures: array<string, float>} the kind of a word
     *   that may be passed over, the attribute of one that says which thing it is, the heads a kind's word is passed over beside, the density form and the factor of a word
     */
    private ?array $table = null;

    public function __construct(private readonly Spelling $spelling) {}

    /** @return array{light: array<string, string>, identities: array<string, string>, varieties: array<string, array<string, true>>, states: array<string, string>, measures: array<string, float>} */
    private function table(): array
    {
        if ($this->table === null) {
            $table = ['light' => [], 'identities' => [], 'varieties' => [], 'states' => [], 'measures' => []];
            foreach (Table::of('intake/words') as $row) {
                foreach (explode('|', $row['words']) as $words) {
                    $key = implode(' ', $this->spelling->words($words));
                    match ($row['kind']) {
                        'identity' => $table['identities'][$key] = $row['value'],
                        'variety' => $table['varieties'][$key][implode(' ', $this->spelling->words($row['of']))] = true,
                        'state' => $table['states'][$key] = $row['value'],
                        'measure' => $table['measures'][$words] = (float) $row['value'],
                        default => $table['light'][$key] = $row['kind'],
                    };
                }
            }
            $this->table = $table;
        }

        return $this->table;
    }

    /** Whether the words may be passed over, whatever they stand beside. */
    public function isLight(string $words): bool
    {
        return isset($this->table()['light'][$words]);
    }

    /** The attribute the words ask of an ingredient; null where they ask none. */
    public function identity(string $words): ?string
    {
        return $this->table()['identities'][$words] ?? null;
    }

    /** @param list<string> $name the words of the name it stands beside */
    public function isVarietyOf(string $words, array $name): bool
    {
        $of = $this->table()['varieties'][$words] ?? [];

        return $of !== [] && (isset($of[implode(' ', $name)]) || array_intersect_key($of, array_flip($name)) !== [] || isset($of[implode(' ', \array_slice($name, -2))]));
    }

    public function isVariety(string $words): bool
    {
        return isset($this->table()['varieties'][$words]);
    }

    /** The bulk-density form a phrase asks for; '' for the usual one. */
    public function form(string $phrase): string
    {
        $words = $this->spelling->words($phrase);
        foreach ($this->table()['states'] as $state => $form) {
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
        return $this->table()['measures'];
    }
}
