<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/** The page of common practice (`docs/practice.md`) that sources and comments cite: the word, a colon, a heading of the page, and a chapter of that where it has some. */
final readonly class Practice
{
    /** @param array<string, string> $sections what stands under a heading, by the heading in small letters */
    private function __construct(private array $sections) {}

    public static function of(string $page): self
    {
        $sections = [];
        foreach (\array_slice(preg_split('/^## /m', $page) ?: [], 1) as $section) {
            [$heading, $text] = [...explode("\n", $section, 2), ''];
            $sections[mb_strtolower(trim($heading))] = $text;
        }
        // The longest first: "high protein" before "high".
        uksort($sections, static fn(string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return new self($sections);
    }

    /**
     * Citations of a text that lead nowhere.
     *
     * @return list<string>
     */
    public function leadsNowhere(string $text): array
    {
        preg_match_all('/\bpractice: ([^);*]+)/i', $text, $found);

        return array_values(array_filter(array_map(trim(...), $found[1]), fn(string $cited): bool => !$this->has($cited)));
    }

    /** Whether there is the heading a citation begins with, and under it the chapter it names. */
    private function has(string $cited): bool
    {
        $cited = mb_strtolower(mb_substr($cited, 0, 1)) . mb_substr($cited, 1);
        foreach ($this->sections as $heading => $text) {
            foreach ([$heading, rtrim($heading, 's')] as $name) {
                if (preg_match('/^' . preg_quote($name, '/') . '(?![a-z])(?: ([A-Z]|\d+)\b)?/u', $cited, $m) === 1) {
                    return !isset($m[1]) || preg_match('/(?:^|[.:]\s|\n)' . $m[1] . '[.:]? \p{L}/u', $text) === 1;
                }
            }
        }

        return false;
    }
}
