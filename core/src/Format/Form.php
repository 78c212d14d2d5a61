<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Fault\Nonsense;

/** A form a formula is passed on in. */
enum Form: string
{
    case Json = 'json';
    case Text = 'text';
    case JsonLd = 'jsonld';
    case Csv = 'csv';
    case Markdown = 'markdown';
    /** What a portion and 100 g hold: one way only. */
    case Nutrition = 'nutrition';

    /** @throws Nonsense with those there are */
    public static function read(string $form, string $field = 'form'): self
    {
        return self::tryFrom($form) ?? throw Nonsense::of($field, $form, 'choose ' . implode(', ', array_column(self::cases(), 'value')));
    }

    public function words(): string
    {
        return match ($this) {
            self::Json => 'All of it, to be read back',
            self::Text => 'Rows, as typed',
            self::JsonLd => 'A recipe for the web (schema.org)',
            self::Csv => 'A table of its lines',
            self::Markdown => 'A card in Markdown',
            self::Nutrition => 'A table of its nutrition',
        };
    }

    public function mime(): string
    {
        return match ($this) {
            self::Json => 'application/json',
            self::JsonLd => 'application/ld+json',
            self::Text => 'text/plain',
            self::Csv, self::Nutrition => 'text/csv',
            self::Markdown => 'text/markdown',
        };
    }

    public function ending(): string
    {
        return match ($this) {
            self::Json => 'json',
            self::JsonLd => 'jsonld',
            self::Text => 'txt',
            self::Csv => 'csv',
            self::Nutrition => 'nutrition.csv',
            self::Markdown => 'md',
        };
    }
}
