<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * Steps that are put in, said in the language of the maker's method (`core/data/method/step-words.csv`). What the table does not say in a language is said in
 * English, for a step is never left out.
 */
final readonly class StepWords
{
    /** What joins the last of a list in a language. */
    private const AND = ['es' => 'y', 'fr' => 'et', 'it' => 'e', 'pt' => 'e', 'de' => 'und'];

    /** @param ?string $lang of the method, such as `es`; null for English */
    public function __construct(private ?string $lang = null) {}

    public function isEnglish(): bool
    {
        return $this->lang === null;
    }

    /** A sentence with its places still open: `{name}`, `{pot}`, `{twice}`, `{grams}`. */
    public function template(string $english): string
    {
        return $this->lang === null ? $english : self::table()[$this->lang][$english] ?? $english;
    }

    /** @param array<string, string> $places by their names without braces */
    public function say(string $english, array $places = []): string
    {
        return self::begun(self::filled($this->template($english), $places));
    }

    /** @param array<string, string> $places by their names without braces */
    public static function filled(string $template, array $places): string
    {
        return str_replace(array_map(static fn(string $place): string => '{' . $place . '}', array_keys($places)), array_values($places), $template);
    }

    /** With a capital, as a sentence. */
    public static function begun(string $sentence): string
    {
        return mb_strtoupper(mb_substr($sentence, 0, 1)) . mb_substr($sentence, 1);
    }

    /** What is named in a sentence: with its article in English; in the others articles agree with a name, so it goes without. */
    public function named(string $name): string
    {
        return $this->lang === null ? "the $name" : $name;
    }

    /** @param list<string> $names */
    public function listed(array $names): string
    {
        return Wording::listed($names, self::AND[$this->lang] ?? 'and');
    }

    /** So much of a thing as a cook says it: half the milk, a third of it; all of it by its name. */
    public function part(float $share, string $name): string
    {
        $few = match (true) {
            $share >= 0.95 => '',
            abs($share - 0.5) < 0.06 => 'half of {name}',
            abs($share - 1 / 3) < 0.05 => 'a third of {name}',
            abs($share - 0.25) < 0.03 => 'a quarter of {name}',
            abs($share - 2 / 3) < 0.05 => 'two thirds of {name}',
            default => 'some of {name}',
        };

        return match (true) {
            $few === '' => $this->named($name),
            $few === 'half of {name}' && $this->lang === null => "half the $name",
            default => self::filled($this->template($few), ['name' => $this->named($name)]),
        };
    }

    /** @return array<string, array<string, string>> by language, by the English of it */
    private static function table(): array
    {
        return Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('method/step-words') as $row) {
                $made[$row['lang']][$row['english']] = $row['own'];
            }

            return $made;
        });
    }
}
