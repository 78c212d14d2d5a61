<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/**
 * What one column of a table holds, as `core/data/columns.csv` says it: the kind of its cells, their unit and meaning. A cell is of its kind to the
 * last character, or it is refused.
 *
 * Kinds: `number` and `whole`, with bounds (`number 0..100`, `whole 1..`); `words`, free text; `text`, that may be blank; `name`, a key in small letters; `one of a|b`; `ingredient`, `class`,
 * `group`, `function`, `species`, which are there; `selector`, a name that may say of what (`class:jam`, `@fruit`); `pattern`, a regular expression; `condition`,
 * comparisons joined by `&`, alternatives parted by `;`; `pairs by space`, names with a number each; `list of KIND by space` or `by |`. A `?` behind the kind: it may be empty.
 */
final readonly class Column
{
    private const NUMBER = '-?\d+(?:\.\d+)?(?:e[+-]?\d+)?';

    /** Kinds whose cells are written in one way, whatever they name. */
    private const WRITTEN = [
        'words' => '/\S/u',
        'text' => '/./us',
        'name' => '/^[a-z0-9][a-zA-Z0-9_.>-]*$/',
        'selector' => '/^(?:@|(?:class|group|protein|taste|sum|each):)?[a-z0-9][a-z0-9-]*$/',
        'condition' => '/^(?:!?[a-z][a-z0-9_]*[<>]=?-?\d+(?:\.\d+)?)(?:[&;]!?[a-z][a-z0-9_]*[<>]=?-?\d+(?:\.\d+)?)*$/',
        'pair' => '/^[a-z][a-z0-9-]*:' . self::NUMBER . '$/i',
    ];

    /**
     * @param ?non-empty-string $separator
     * @param list<string> $words what `one of` names
     */
    private function __construct(
        public string $table,
        public string $name,
        public string $kind,
        public bool $isOptional,
        public ?string $separator,
        public ?float $low,
        public ?float $high,
        public array $words,
        public string $unit,
        public string $meaning,
    ) {}

    /**
     * @param array<string, string> $row of columns.csv
     *
     * @throws BrokenTable if nobody knows the kind
     */
    public static function read(array $row): self
    {
        $number = self::NUMBER;
        $known = preg_match("/^(?:list of )?(?<kind>one of \\S+?|ingredient or class|pairs|[a-z]+)(?<optional>\\?)?(?: (?<low>$number)?\\.\\.(?<high>$number)?)?(?: by (?<by>space|\\|)(?<optional_list>\\?)?)?$/", $row['holds'], $m) === 1;
        if (!$known) {
            throw BrokenTable::cell('columns', "$row[table] $row[column]", 'holds', $row['holds'], 'a kind of cell that is known');
        }
        $isOneOf = str_starts_with($m['kind'], 'one of ');

        return new self(
            $row['table'],
            $row['column'],
            match (true) {
                $isOneOf => 'one of',
                $m['kind'] === 'pairs' => 'pair',
                default => $m['kind'],
            },
            ($m['optional'] ?? '') !== '' || ($m['optional_list'] ?? '') !== '',
            match ($m['by'] ?? '') {
                'space' => ' ',
                '|' => '|',
                default => null,
            },
            ($m['low'] ?? '') === '' ? null : (float) $m['low'],
            ($m['high'] ?? '') === '' ? null : (float) $m['high'],
            $isOneOf ? explode('|', substr($m['kind'], 7)) : [],
            $row['unit'],
            $row['meaning'],
        );
    }

    /**
     * Whether a cell is of this column, read to its end.
     *
     * @param callable(string, string): bool $isThere whether there is an ingredient, class, group, function or species of a name
     */
    public function takes(string $cell, callable $isThere): bool
    {
        if ($cell === '') {
            return $this->isOptional;
        }
        $parts = $this->separator === null ? [$cell] : explode($this->separator, $cell);
        foreach ($parts as $part) {
            if (!$this->takesOne($part, $isThere)) {
                return false;
            }
        }

        return true;
    }

    /** @param callable(string, string): bool $isThere */
    private function takesOne(string $part, callable $isThere): bool
    {
        return match ($this->kind) {
            'number' => preg_match('/^' . self::NUMBER . '$/i', $part) === 1 && $this->isWithin((float) $part),
            'whole' => preg_match('/^-?\d+$/', $part) === 1 && $this->isWithin((float) $part),
            'one of' => \in_array($part, $this->words, true),
            'pattern' => trim($part) !== '' && @preg_match("~$part~u", '') !== false,
            'ingredient or class' => $isThere('ingredient', $part) || $isThere('class', $part),
            'ingredient', 'class', 'group', 'function', 'species' => $isThere($this->kind, $part),
            default => preg_match(self::WRITTEN[$this->kind] ?? '/(*FAIL)/', $part) === 1,
        };
    }

    private function isWithin(float $value): bool
    {
        return ($this->low === null || $value >= $this->low) && ($this->high === null || $value <= $this->high);
    }

    /** The kind in words, for the dictionary. */
    public function words(): string
    {
        $range = $this->low === null && $this->high === null ? '' : \sprintf(' %s…%s', $this->low ?? '', $this->high ?? '');
        $kind = match ($this->kind) {
            'one of' => 'one of ' . implode(', ', $this->words),
            'pair' => 'names, each with a number',
            default => $this->kind . $range,
        };

        return ($this->separator === null || $this->kind === 'pair' ? $kind : "$kind, several") . ($this->isOptional ? ', may be empty' : '');
    }
}
