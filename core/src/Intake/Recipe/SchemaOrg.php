<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Intake\Unreadable;

/**
 * A schema.org Recipe, as JSON-LD or inside an HTML page, brought to the rows a kitchen would paste. Arrays, `@graph`, `mainEntity`,
 * `{"@value"}`, `{"@list"}`, one string with line breaks, HowToSection and HowToStep are all in use.
 */
final class SchemaOrg
{
    private const DEEPEST = 64;

    /** Whether a text is of this kind: JSON with a Recipe in it, or a page that holds such a script. */
    public static function is(string $text): bool
    {
        $start = ltrim($text, "\u{FEFF} \t\r\n");

        return (str_starts_with($start, '{') || str_starts_with($start, '[')) && preg_match('/"@type"\s*:\s*(?:\[[^\]]*)?"(?:https?:\/\/schema\.org\/)?Recipe"/', $start) === 1
            || preg_match('/<script[^>]+application\/ld\+json/i', $text) === 1;
    }

    /**
     * Every recipe, as text.
     *
     * @return non-empty-list<array{title: string, text: string}>
     *
     * @throws Unreadable if there is none, or the JSON cannot be read
     */
    public static function texts(string $text): array
    {
        $found = [];
        foreach (self::documents($text) as $json) {
            $data = json_decode($json, true, self::DEEPEST);
            if (!\is_array($data)) {
                throw Unreadable::json(json_last_error_msg());
            }
            array_push($found, ...self::recipes($data, 0));
        }

        return $found === [] ? throw Unreadable::json('it holds no Recipe') : array_map(self::text(...), $found);
    }

    /** @return list<string> */
    private static function documents(string $text): array
    {
        $start = ltrim($text, "\u{FEFF} \t\r\n");
        if (str_starts_with($start, '{') || str_starts_with($start, '[')) {
            return [$start];
        }
        $page = preg_replace('/<!--.*?-->/su', '', $text) ?? $text;
        preg_match_all('/<script[^>]+application\/ld\+json[^>]*>(.*?)<\/script>/is', $page, $m);

        return array_values(array_filter(array_map(static fn(string $json): string => trim(preg_replace('/^\s*(?:\/\/\s*)?<!\[CDATA\[|(?:\/\/\s*)?\]\]>\s*$/', '', $json) ?? $json), $m[1]), static fn(string $json): bool => str_contains($json, 'Recipe')));
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return list<array<array-key, mixed>>
     */
    private static function recipes(array $data, int $depth): array
    {
        if ($depth > self::DEEPEST) {
            return [];
        }
        $types = array_map(static fn(mixed $type): string => \is_string($type) ? $type : '', \is_array($data['@type'] ?? null) ? $data['@type'] : [$data['@type'] ?? '']);
        if (array_filter($types, static fn(string $type): bool => preg_match('/(?:^|\/|:)Recipe$/', $type) === 1) !== []) {
            return [$data];
        }
        $found = [];
        foreach ($data as $inner) {
            if (\is_array($inner)) {
                array_push($found, ...self::recipes($inner, $depth + 1));
            }
        }

        return $found;
    }

    /**
     * @param array<array-key, mixed> $recipe
     *
     * @return array{title: string, text: string}
     */
    private static function text(array $recipe): array
    {
        $title = self::plain(self::strings($recipe['name'] ?? '')[0] ?? '') ?: 'Untitled dish';
        $rows = ['title: ' . $title];
        $yields = self::strings($recipe['recipeYield'] ?? $recipe['yield'] ?? []);
        usort($yields, static fn(string $a, string $b): int => (int) (preg_match('/[a-z]/i', $b) === 1) <=> (int) (preg_match('/[a-z]/i', $a) === 1));
        foreach ($yields as $yield) {
            $yield = self::plain($yield);
            $count = Rows::yield($yield) ?? (preg_match('/^\d+\s*(?:-|–|to)?\s*\d*$|\b(?:servings?|slices|pieces|portions?|people|pots|squares|bars)\b/iu', $yield) === 1 ? Rows::yield('serves ' . $yield) : null);
            if ($count !== null) {
                $rows[] = 'portions: ' . $count;
                break;
            }
        }
        $sections = self::sections($recipe['recipeInstructions'] ?? $recipe['instructions'] ?? []);
        $names = array_map(mb_strtolower(...), array_column($sections, 'name'));
        $rows[] = '';
        $rows[] = 'Ingredients';
        foreach (self::strings($recipe['recipeIngredient'] ?? $recipe['ingredients'] ?? []) as $line) {
            foreach (preg_split('/\R|<br\s*\/?>/iu', $line) ?: [] as $row) {
                $row = self::plain($row);
                $bare = trim($row, ' :');
                $isHeading = preg_match('/\d/u', $row) !== 1 && $bare !== '' && (str_ends_with($row, ':') || \in_array(mb_strtolower($bare), $names, true) || (mb_strtoupper($bare) === $bare && mb_strlen($bare) > 3));
                $rows[] = $isHeading ? $bare . ':' : $row;
            }
        }
        $rows[] = '';
        $rows[] = 'Method';
        foreach ($sections as $section) {
            if ($section['name'] !== '') {
                $rows[] = $section['name'] . ':';
            }
            array_push($rows, ...$section['steps']);
        }

        return ['title' => $title, 'text' => implode("\n", $rows)];
    }

    /**
     * @return list<array{name: string, steps: list<string>}>
     */
    private static function sections(mixed $of): array
    {
        if (\is_string($of)) {
            $steps = array_values(array_filter(array_map(self::plain(...), preg_split('/\R|<\/(?:p|li|div)>|<br\s*\/?>/iu', $of) ?: []), static fn(string $step): bool => $step !== ''));

            return [['name' => '', 'steps' => $steps]];
        }
        if (!\is_array($of)) {
            return [];
        }
        if (isset($of['@list']) || isset($of['@value'])) {
            return self::sections($of['@list'] ?? $of['@value']);
        }
        if (isset($of['itemListElement'])) {
            $inner = self::sections($of['itemListElement']);
            $name = ($of['@type'] ?? '') === 'HowToSection' ? self::plain(self::strings($of['name'] ?? '')[0] ?? '') : '';

            return $name === '' ? $inner : [['name' => trim($name, ' :'), 'steps' => array_merge(...array_column($inner, 'steps'), ...[[]])]];
        }
        if (isset($of['text']) || isset($of['name'])) {
            $text = self::strings($of['text'] ?? $of['name'] ?? '')[0] ?? '';

            return self::sections($text);
        }
        $all = [];
        $loose = [];
        foreach ($of as $one) {
            foreach (self::sections($one) as $section) {
                if ($section['name'] === '') {
                    array_push($loose, ...$section['steps']);
                    continue;
                }
                if ($loose !== []) {
                    $all[] = ['name' => '', 'steps' => $loose];
                    $loose = [];
                }
                $all[] = $section;
            }
        }

        return $loose === [] ? $all : [...$all, ['name' => '', 'steps' => $loose]];
    }

    /** @return list<string> */
    private static function strings(mixed $of): array
    {
        return match (true) {
            \is_string($of) => preg_split('/\R/u', $of, -1, \PREG_SPLIT_NO_EMPTY) ?: [],
            \is_int($of), \is_float($of) => [(string) $of],
            \is_array($of) && (isset($of['@list']) || isset($of['@value'])) => self::strings($of['@list'] ?? $of['@value']),
            \is_array($of) && isset($of['name']) => self::strings($of['name']),
            \is_array($of) => array_merge(...array_map(self::strings(...), array_values($of)), ...[[]]),
            default => [],
        };
    }

    /** Tags out, entities read (twice, where a page wrote them twice). */
    private static function plain(string $text): string
    {
        $text = html_entity_decode(html_entity_decode(strip_tags(str_replace(['</p>', '</li>', '<br>', '<br/>', '<br />'], ' ', $text)), \ENT_QUOTES | \ENT_HTML5), \ENT_QUOTES | \ENT_HTML5);

        return trim(preg_replace('/\s+/u', ' ', strip_tags($text)) ?? $text);
    }
}
