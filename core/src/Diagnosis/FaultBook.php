<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;

/** The faults, their causes and the words people use (`core/data/faults`): starting values with marks, from practice. */
final class FaultBook
{
    /**
     * @param array<string, list<array<string, string>>> $causes rows by fault
     * @param array<string, list<string>> $words faults by what people say
     * @param array<string, list<string>> $groups ids by what is meant, or one "@" and a group of the shelf
     * @param array<string, string> $rescues what is added, by the rescue
     * @param array<string, array<int, list<array<string, string>>>> $next changes of the formula by fault and row, in ways of which the first that can be is taken
     * @param array<string, float> $practical g in 100 g that is the most of an agent anybody eats, and how many times a line may be weighed
     */
    private function __construct(public readonly array $causes, private readonly array $words, public readonly array $groups, public readonly array $rescues, public readonly array $next, public readonly array $practical) {}

    public static function standard(): self
    {
        return Kept::once(self::class, self::read(...));
    }

    private static function read(): self
    {
        $causes = $words = [];
        foreach (Table::of('faults/causes') as $row) {
            $causes[$row['fault']][] = $row;
        }
        foreach (Table::of('faults/words') as $row) {
            $words[$row['words']] = explode(' ', $row['faults']);
        }

        $groups = [];
        foreach (Table::of('faults/groups') as $row) {
            $groups[$row['group']] = explode(' ', $row['of']);
        }
        $rescues = [];
        foreach (Table::of('faults/rescues') as $row) {
            $rescues[$row['rescue']] = $row['ingredient'];
        }

        $next = [];
        foreach (Table::of('faults/next') as $row) {
            $next["{$row['fault']} {$row['row']}"][(int) $row['either']][] = $row;
        }

        $practical = [];
        foreach (Table::of('faults/practical') as $row) {
            $practical[$row['agent']] = (float) $row['most'];
        }

        return new self($causes, $words, $groups, $rescues, $next, $practical);
    }

    /** Whether an ingredient is what a group means: one of its ids, or of a group of the shelf. A word that is no group means the ingredient of that id. */
    public function means(string $group, Ingredient $ingredient): bool
    {
        $of = $this->groups[$group] ?? [$group];

        return str_starts_with($of[0], '@') ? $ingredient->group === substr($of[0], 1) : \in_array($ingredient->id, $of, true);
    }

    /** @return list<string> what people say where they mean a class */
    public function saidFor(string $fault): array
    {
        return array_map(strval(...), array_keys(array_filter($this->words, static fn(array $faults): bool => ($faults[0] ?? '') === $fault)));
    }

    /**
     * The faults a word means: a class, or what people say.
     *
     * @return non-empty-list<string>
     *
     * @throws Nonsense with what comes near, if nobody says so
     */
    public function named(string $said): array
    {
        $word = mb_strtolower(trim((string) preg_replace('/\s+/', ' ', $said)));
        $class = str_replace([' ', '-'], '_', $word);
        if (isset($this->causes[$class]) && !isset($this->words[$word])) {
            return [$class];
        }
        // "too soft after 6 h", "it did not set": the longest that is said within it.
        $found = null;
        foreach ($this->words as $words => $faults) {
            if (preg_match('/(?<!\w)' . preg_quote($words, '/') . '(?!\w)/', str_replace('_', ' ', $word)) === 1 && ($found === null || mb_strlen($words) > mb_strlen($found[0]))) {
                $found = [$words, $faults];
            }
        }
        if ($found !== null && $found[1] !== []) {
            return $found[1];
        }
        if (isset($this->causes[$class])) {
            return [$class];
        }
        $near = [];
        foreach ([...array_keys($this->words), ...array_map(static fn(string $f): string => str_replace('_', ' ', $f), array_keys($this->causes))] as $words) {
            similar_text($word, (string) $words, $near[(string) $words]);
        }
        arsort($near);
        throw Nonsense::of('fault', $said, 'did you mean ' . implode(', ', \array_slice(array_map(strval(...), array_keys($near)), 0, 5)) . '?');
    }
}
