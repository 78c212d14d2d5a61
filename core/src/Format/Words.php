<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diagnosis\RunFacts;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Kitchen;
use Transmuta\Formula\Family;
use Transmuta\Formula\Form;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Label\Market;
use Transmuta\Process\Making\Station;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;
use Transmuta\Sensory\Just;
use Transmuta\Shelf\Jobs;
use Transmuta\Trial\Outcome\Outcome;

/** The words of the trade as the screens need them, in TypeScript, so that they are kept in one place: here. */
final class Words
{
    public static function typescript(): string
    {
        $diets = [...Diet::MOST_ASKED, ...array_filter(Diet::cases(), static fn(Diet $diet): bool => !\in_array($diet, Diet::MOST_ASKED, true))];
        $values = static fn(array $cases): array => array_values(array_map(static fn(\BackedEnum $one): string => (string) $one->value, $cases));
        $named = static fn(array $cases): array => array_values(array_map(static fn(UnitSystem $one): array => ['id' => $one->value, 'name' => $one->words()], $cases));

        return "// Made by bin/openapi from the core: not to be changed by hand.\n"
            . self::constant('LADDER', 'Rungs of the set, from what pours.', Ladder::WORDS)
            . self::constant('JUST', 'How a taste is judged.', array_column(Just::cases(), 'value'))
            . self::constant('GRAINS', 'How a mass feels between tongue and palate.', Outcome::GRAINS)
            . self::constant('VERDICTS', 'What becomes of what was tried.', Outcome::VERDICTS)
            . self::constant('RUN_FACTS', 'What somebody can say of how it was made, where a fault is looked for.', RunFacts::asked(), 'readonly { id: string; words: string; low: number | null; high: number | null }[]')
            . self::constant('SHELF_COLUMNS', 'Columns of a table of ingredients.', array_map(static fn(string $column): array => ['id' => $column, 'words' => IngredientCsv::words($column)], IngredientCsv::COLUMNS))
            . self::constant('LABELS', 'Where a label is printed for.', array_map(static fn(Market $one): array => ['id' => $one->value, 'name' => $one->words()], Market::cases()))
            . self::constant('DIETS', 'Those asked for most stand first; who must not rely on one, and whom they ask.', array_values(array_map(static fn(Diet $diet): array => ['id' => $diet->value, 'name' => $diet->words(), 'caution' => $diet->caution()], $diets)))
            . "export type Diet = (typeof DIETS)[number]['id'];\n"
            . self::constant('FIVE', 'The five that a dish is asked for most, side by side in the Spread.', $values(Diet::MOST_ASKED))
            . self::constant('BY_AMOUNT', 'Diets that are a matter of how much a portion holds: no ingredient meets or misses them by itself.', $values(array_filter($diets, static fn(Diet $diet): bool => $diet->isByAmount())), 'readonly string[]')
            . self::constant('FAMILIES', 'What kinds of dish there are.', $values(Family::cases()))
            . self::constant('MEASURES', 'Whose cups and spoons.', $named(UnitSystem::cases()))
            . self::constant('TREATMENTS', 'What is done to a layer, in the words of its grammar, and what that is called.', TreatmentGrammar::choices())
            . self::constant('TINS', 'Vessels a kitchen has, in the words of the grammar, by name. Sizes are those commonly sold.', Tins::common())
            . self::constant('FORMS', 'Forms an ingredient goes in as, where that changes what it does.', array_map(static fn(Form $one): array => ['id' => $one->value, 'name' => $one->words()], Form::cases()))
            . self::constant('MECHANISMS', 'What makes a layer set.', array_map(static fn(array $row): string => $row['name'], Reference::standard()->mechanisms), 'Record<string, string>')
            . self::constant('JOBS', 'What an ingredient is taken for.', array_combine(Jobs::ALL, array_map(static fn(string $job): string => Jobs::WORDS[$job] ?? $job, Jobs::ALL)), 'Record<string, string>')
            . self::constant('GLOSSARY', 'Terms in a cook’s words, then what the figure means, with the mark and source of what is said.', self::glossary(), 'Record<string, { name: string; plain: string; figure: string; mark: "pub" | "trade" | "mem"; source: string }>')
            . self::constant('SHARED', 'What a kitchen may share, so that what is handled may be carried.', Kitchen::SHARED, 'Record<string, string>')
            . self::constant('ALLERGENS', 'Regulation (EU) No 1169/2011 Annex II.', Allergens::EU, 'readonly string[]')
            . self::constant('STATIONS', 'Where a step is done, and whether it is kept busy until what stands in it is done.', array_map(static fn(Station $one): array => ['id' => $one->value, 'runs' => $one->runs()], Station::cases()));
    }

    /** @return array<string, array{name: string, plain: string, figure: string, mark: string, source: string}> by term */
    public static function glossary(): array
    {
        $terms = [];
        foreach (Table::of('reference/glossary') as $row) {
            $terms[$row['term']] = ['name' => $row['name'], 'plain' => $row['plain'], 'figure' => $row['figure'], 'mark' => $row['mark'], 'source' => $row['source']];
        }

        return $terms;
    }

    /** @param array<mixed> $value */
    private static function constant(string $name, string $says, array $value, ?string $type = null): string
    {
        $json = json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR);

        return \sprintf("\n/** %s */\nexport const %s%s = %s%s;\n", $says, $name, $type === null ? '' : ": $type", $json, $type === null ? ' as const' : '');
    }
}
