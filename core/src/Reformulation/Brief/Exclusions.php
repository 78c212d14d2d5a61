<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\FreeFrom;
use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;
use Transmuta\Shelf\Species;

/**
 * What a guest cannot have or a kitchen has not got, made of the words of a brief: allergens of EU law, what people call them, what things are made
 * of ({@see Species}), single ingredients by any of their names, one or many. A word keeps out what it means and all that holds it. A word that is
 * none of these is refused: nobody is served by a guess.
 */
final readonly class Exclusions
{
    /** How alike two words must be to be offered for each other, share of their letters. */
    private const ALIKE = 0.6;

    /** Ingredients under one word from which it is too wide a word to know what is meant. */
    private const FEW = 12;

    /** @param list<array{word: string, kind: string, value: string}> $rules `value` one or several, with bars between */
    private function __construct(private array $rules) {}

    /**
     * @param list<string> $words
     *
     * @throws Nonsense if a word names neither an allergen nor anything on the shelf
     */
    public static function of(array $words, Shelf $shelf): self
    {
        if ($words === []) {
            return new self([]);
        }
        $table = array_column(Table::of('reformulation/without'), null, 'word');
        $byName = [];
        foreach ($shelf->all() as $in) {
            foreach ([$in->id, mb_strtolower($in->name), ...$in->called()] as $name) {
                $byName[self::singular($name)] ??= $in->id;
            }
        }
        $rules = [];
        foreach ($words as $word) {
            $plain = self::singular(mb_strtolower(trim($word)));
            $allergen = array_values(array_filter(Allergens::EU, static fn(string $a): bool => self::singular($a) === $plain));
            $species = Species::named($plain) ?? Species::named($word);
            $named = $allergen === [] && !isset($table[$plain]) && $species === null && $shelf->find(trim($word)) === null ? self::namedSo($plain, $shelf) : [];
            $rules[] = ['word' => trim($word)] + match (true) {
                $allergen !== [] => ['kind' => 'allergen', 'value' => $allergen[0]],
                isset($table[$plain]) => ['kind' => $table[$plain]['kind'], 'value' => $table[$plain]['value']],
                $species !== null => ['kind' => 'species', 'value' => $species],
                $shelf->find(trim($word)) !== null => ['kind' => 'ingredient', 'value' => trim($word)],
                isset($byName[$plain]) => ['kind' => 'ingredient', 'value' => implode('|', array_unique([$byName[$plain], ...$named]))],
                $named !== [] && \count($named) <= self::FEW => ['kind' => 'ingredient', 'value' => implode('|', $named)],
                default => throw Nonsense::of('without', $word, self::mend($plain, [...Allergens::EU, ...array_keys($table), ...Species::all(), ...array_keys($byName)])),
            };
        }

        return new self($rules);
    }

    /** Whether it is what a word means, or holds it at any depth. */
    public function bans(Ingredient $in): bool
    {
        foreach ($this->rules as ['kind' => $kind, 'value' => $value]) {
            $values = explode('|', $value);
            $out = match ($kind) {
                'allergen' => \in_array($value, $in->allergens, true),
                'species' => array_filter($values, static fn(string $one): bool => Species::holds($in, $one)) !== [],
                'origin' => $in->comesFrom($value),
                'lactose' => $in->composition->of100('sugar.lactose') >= (float) $value,
                'part' => $in->composition->family($value) > 0.0,
                // Sugar is sugar under any name: a packet sweetened with it holds it.
                'sugar' => $in->addedSugars() > 0.0 || Species::holds($in, $value),
                'sweetener' => $in->group === 'sweetener' || $in->composition->family('polyol.') > 0.0 || $in->composition->family('active.') > 0.0,
                default => \in_array($in->id, $values, true) || ($in->basedOn !== null && \in_array($in->basedOn, $values, true))
                    || array_intersect(array_column($in->madeOf === null ? [] : $in->raw(), 'ingredient'), $values) !== [],
            };
            if ($out) {
                return true;
            }
        }

        return false;
    }

    /**
     * What has to be asked of its packet before a word is kept: its packets warn of the allergen, or only its packet knows what it is made of.
     *
     * @return list<string>
     */
    public function questions(Ingredient $in): array
    {
        $asked = [];
        foreach ($this->rules as ['word' => $word, 'kind' => $kind, 'value' => $value]) {
            $asks = match ($kind) {
                'allergen' => !\in_array($value, $in->allergens, true) && !FreeFrom::isClear($in, $value),
                'species', 'sugar' => array_filter(explode('|', $value), static fn(string $one): bool => Species::mayHold($in, $one)) !== [],
                default => false,
            };
            if ($asks) {
                $asked[] = \sprintf('Without %s: %s: does its packet name it, or warn of it?', $word, $in->name);
            }
        }

        return $asked;
    }

    /** Whether a route may bring it in: not where its kind is known to be made with what is left out. */
    public function allows(Ingredient $in): bool
    {
        foreach ($this->rules as ['kind' => $kind, 'value' => $value]) {
            if (\in_array($kind, ['species', 'sugar'], true) && array_filter(explode('|', $value), static fn(string $one): bool => Species::isNamedAsPossible($in, $one)) !== []) {
                return false;
            }
        }

        return !$this->bans($in);
    }

    /**
     * Every ingredient whose name, or one of its names, ends in the word: "cream cheese" is the light one too.
     *
     * @return list<string> ids
     */
    private static function namedSo(string $word, Shelf $shelf): array
    {
        $found = [];
        foreach ($shelf->all() as $in) {
            foreach ([mb_strtolower($in->name), ...$in->called()] as $name) {
                if (str_ends_with(' ' . self::singular($name), ' ' . $word)) {
                    $found[] = $in->id;
                    break;
                }
            }
        }

        return $found;
    }

    /** One of what a word names: "tree nuts" and "tree nut" are one word, "hazelnuts" and "hazelnut" too. */
    private static function singular(string $word): string
    {
        $word = str_replace(['-', '_'], ' ', mb_strtolower($word));

        return match (true) {
            str_ends_with($word, 'ies') && \strlen($word) > 5 => substr($word, 0, -3) . 'y',
            str_ends_with($word, 'oes') => substr($word, 0, -2),
            str_ends_with($word, 's') && !str_ends_with($word, 'ss') && !str_ends_with($word, 'us') => substr($word, 0, -1),
            default => $word,
        };
    }

    /** @param list<int|string> $known */
    private static function mend(string $word, array $known): string
    {
        $near = [];
        foreach (array_unique($known) as $name) {
            similar_text($word, (string) $name, $percent);
            if ($percent >= 100 * self::ALIKE) {
                $near[(string) $name] = $percent;
            }
        }
        arsort($near);
        $near = \array_slice(array_keys($near), 0, 4);

        return 'name an allergen (' . implode(', ', Allergens::EU) . ') or an ingredient of the shelf' . ($near === [] ? '' : '; perhaps ' . implode(', ', $near));
    }
}
