<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * Every name on the shelf, found by its words in order, by its words in any order, by its head (the noun it ends in) and by each word.
 * A name written `name@uk` is that country's alone and there goes before a name of all countries; `~name` is that of near kin the row
 * stands in for (whisky by the row of brandy), and never sure.
 */
final class NameIndex
{
    /** @var array<string, array<string, string>> ingredient id by the name's words, by country ('' is all) */
    private array $byWords = [];

    /** @var array<string, array<string, string>> the same, the words sorted, with the head in front */
    private array $byBag = [];

    /** @var array<string, list<array{id: string, words: list<string>, country: string}>> by head */
    private array $byHead = [];

    /** @var array<string, list<string>> ids by word */
    private array $byWord = [];

    /** @var array<string, float> how rare a word is among names: its inverse document frequency */
    private array $rarity = [];

    /** @var array<string, list<string>> words by each of their trigrams */
    private array $byTrigram = [];

    /** @var array<string, true> names by which a thing stands in for its near kin: written `~name` */
    private array $standIns = [];

    /** @var list<string> every name as it is written, in lower case */
    private array $written = [];

    /** @var ?list<string> names a line must not be parted in, longest first */
    private ?array $joined = null;

    private int $count = 0;

    public function __construct(private readonly Shelf $shelf, public readonly Spelling $spelling) {}

    /** Names are gathered when a line is first read: most requests read none. */
    private function gather(): void
    {
        if ($this->count > 0) {
            return;
        }
        $in = [];
        // The studio's own things go first: a kitchen that makes its praline means that one.
        $all = [...$this->shelf->all()];
        usort($all, static fn(Ingredient $a, Ingredient $b): int => str_starts_with($b->id, 'own-') <=> str_starts_with($a->id, 'own-'));
        // What kitchens call a thing goes before what the shelf calls it, and that before its id.
        foreach ([static fn(Ingredient $i): array => $i->names, static fn(Ingredient $i): array => [$i->name], static fn(Ingredient $i): array => [str_replace('-', ' ', $i->id)]] as $of) {
            foreach ($all as $ingredient) {
                foreach ($of($ingredient) as $written) {
                    $this->add($ingredient->id, $written, $in);
                }
            }
        }
        foreach ($in as $word => $ids) {
            $word = (string) $word;
            $this->byWord[$word] = array_map(strval(...), array_keys($ids));
            $this->rarity[$word] = log(1 + $this->count / \count($ids));
            foreach (self::trigrams($word) as $three) {
                $this->byTrigram[$three][] = $word;
            }
        }
    }

    /** @param array<string, array<string, true>> $in ids by word, added to */
    private function add(string $id, string $written, array &$in): void
    {
        [$name, $country] = [...explode('@', ltrim($written, '~')), ''];
        $words = $this->spelling->words($name);
        $key = implode(' ', $words);
        if ($words === [] || isset($this->byWords[$country][$key])) {
            return;
        }
        $this->written[] = mb_strtolower($name);
        $this->byWords[$country][$key] = $id;
        if (str_starts_with($written, '~')) {
            $this->standIns[$key] = true;
        }
        $this->byBag[$country][self::bag($words)] ??= $id;
        $this->byHead[$words[\count($words) - 1]][] = ['id' => $id, 'words' => $words, 'country' => $country];
        foreach (array_unique($words) as $word) {
            $in[$word][$id] = true;
        }
        ++$this->count;
    }

    /** @param list<string> $words */
    public function exact(array $words, UnitSystem $system): ?string
    {
        $this->gather();
        $key = implode(' ', $words);

        return $this->byWords[$system->value][$key] ?? $this->byWords[''][$key] ?? null;
    }

    /**
     * A name of just these words that ends in the same noun.
     *
     * @param list<string> $words
     */
    public function shuffled(array $words, UnitSystem $system): ?string
    {
        $this->gather();
        $key = self::bag($words);

        return $this->byBag[$system->value][$key] ?? $this->byBag[''][$key] ?? null;
    }

    /**
     * Whether the name is not the thing's own but its near kin's, which it stands in for.
     *
     * @param list<string> $words
     */
    public function isStandIn(array $words): bool
    {
        return isset($this->standIns[implode(' ', $words)]);
    }

    /** @return list<array{id: string, words: list<string>, country: string}> */
    public function endingIn(string $head): array
    {
        $this->gather();

        return $this->byHead[$head] ?? [];
    }

    /** @return list<string> ids with the word in one of their names */
    public function holding(string $word): array
    {
        $this->gather();

        return $this->byWord[$word] ?? [];
    }

    public function knows(string $word): bool
    {
        $this->gather();

        return isset($this->byWord[$word]);
    }

    public function rarity(string $word): float
    {
        $this->gather();

        return $this->rarity[$word] ?? log(1 + $this->count);
    }

    /** @return list<string> names with "and", "of" and the like in them, and those that begin like a container, in lower case, longest first */
    public function joined(Containers $containers): array
    {
        $this->gather();
        if ($this->joined === null) {
            $this->joined = array_values(array_filter($this->written, static fn(string $name): bool => preg_match('/\s(?:and|or|of|in|with|for|&|de|en)\s/u', $name) === 1
                || (preg_match('/^([a-z]+)\s/u', $name, $m) === 1 && $containers->named($m[1]) !== null)));
            usort($this->joined, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));
        }

        return $this->joined;
    }

    /**
     * Words of names one slip away, or two in a long word.
     *
     * @return list<string> nearest first; all of one distance
     */
    public function near(string $word): array
    {
        $this->gather();
        $length = \strlen($word);
        if ($length < 4 || $length > 24 || preg_match('/\d/', $word) === 1) {
            return [];
        }
        $shared = [];
        foreach (self::trigrams($word) as $three) {
            foreach ($this->byTrigram[$three] ?? [] as $other) {
                $shared[$other] = ($shared[$other] ?? 0) + 1;
            }
        }
        $best = $length >= 8 ? 2 : 1;
        $near = [];
        foreach ($shared as $other => $count) {
            $other = (string) $other;
            if ($count < 2 && $length > 5 || abs(\strlen($other) - $length) > $best || \strlen($other) < 4) {
                continue;
            }
            $distance = self::slips($word, $other);
            if ($distance < $best) {
                [$best, $near] = [$distance, []];
            }
            if ($distance === $best) {
                $near[] = $other;
            }
        }

        return $near;
    }

    /** Letters wrong, missing, added, or two neighbours changed about. */
    private static function slips(string $a, string $b): int
    {
        if (\strlen($a) === \strlen($b)) {
            $wrong = [];
            for ($i = 0; $i < \strlen($a); ++$i) {
                if ($a[$i] !== $b[$i]) {
                    $wrong[] = $i;
                }
            }
            if (\count($wrong) === 2 && $wrong[1] === $wrong[0] + 1 && $a[$wrong[0]] === $b[$wrong[1]] && $a[$wrong[1]] === $b[$wrong[0]]) {
                return 1;
            }
        }

        return levenshtein($a, $b);
    }

    /** @return list<string> */
    private static function trigrams(string $word): array
    {
        $padded = '^' . $word . '$';
        $threes = [];
        for ($i = 0; $i + 3 <= \strlen($padded); ++$i) {
            $threes[] = substr($padded, $i, 3);
        }

        return array_values(array_unique($threes));
    }

    /** @param list<string> $words */
    private static function bag(array $words): string
    {
        $head = array_pop($words) ?? '';
        $words = array_diff($words, ['and', 'of', 'with', 'or', 'de']);
        sort($words);

        return $head . '|' . implode(' ', $words);
    }
}
