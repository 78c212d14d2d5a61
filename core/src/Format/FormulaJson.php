<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Confidence;
use Transmuta\Formula\Family;
use Transmuta\Formula\Form;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Identity;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Step;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Intake\LineReader;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\TextFormula;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Intake\Unreadable;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Measured;

/** The JSON form of a formula: docs/formula.schema.json. `treat`, `tin` and `loss` use the words of the plain text form. */
final readonly class FormulaJson
{
    public function __construct(private LineReader $lines) {}

    /** @return array<string, mixed> */
    public static function write(Formula $formula): array
    {
        return [
            'title' => $formula->title,
            'family' => $formula->family->value,
            'measures' => $formula->measures->value,
            'portions' => $formula->portions,
            'serve_at_c' => $formula->serveAt,
            'layers' => array_map(static fn(Layer $layer): array => [
                'id' => $layer->id,
                'name' => $layer->name,
                'treat' => $layer->treatment->words(),
                'air' => $layer->treatment->air(),
                'tin' => $layer->tin?->words(),
                'loss' => $layer->loss?->words(),
                'lines' => array_map(self::line(...), $layer->lines),
            ], $formula->layers),
            'method' => array_map(static fn(Step $step): array => ['id' => $step->id, 'text' => $step->text], $formula->method),
            'measured' => array_map(static fn(Measured $m): array => ['ingredient' => $m->ingredient, 'brix' => $m->brix, 'acid' => $m->acid], $formula->measured),
        ];
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws Unreadable if the shape is not that of the schema
     */
    public function read(array $data): Formula
    {
        $layers = $data['layers'] ?? null;
        if (!\is_array($layers) || $layers === []) {
            throw Unreadable::json('"layers" must be a list with at least one layer');
        }
        if (\count($layers) > 30) {
            throw Unreadable::json('a dish takes at most 30 layers');
        }
        try {
            $system = UnitSystem::tryFrom(self::text($data, 'measures', 'metric')) ?? throw Nonsense::of('measures', self::text($data, 'measures', ''), 'use us, metric, au, uk, in or ca');

            return Formula::of(
                title: mb_substr(self::text($data, 'title', 'Untitled dish'), 0, 160),
                layers: array_map(fn(mixed $layer, int $n): Layer => $this->layer($layer, $n, $system), array_values($layers), array_keys(array_values($layers))),
                family: Family::tryFrom(self::text($data, 'family', 'other')) ?? throw Nonsense::of('family', self::text($data, 'family', ''), 'use curd, cream, mousse, cheesecake, custard or other'),
                measures: $system,
                portions: (int) self::number($data, 'portions', 1),
                serveAt: self::number($data, 'serve_at_c', 5.0),
                method: self::method($data['method'] ?? []),
                measured: $this->measured($data['measured'] ?? []),
            );
        } catch (Nonsense $nonsense) {
            throw Unreadable::value($nonsense);
        }
    }

    /** @return array<string, mixed> */
    private static function line(Line $line): array
    {
        return [
            'id' => $line->id,
            'text' => $line->text,
            'ingredient' => $line->ingredient,
            'grams' => $line->ingredient === null ? null : round($line->grams, 3),
            'trace' => $line->trace,
            'confidence' => $line->confidence->value,
            'prep' => $line->prep,
            'pinned' => $line->pinned,
            'reason' => $line->reason,
            'suggestions' => $line->suggestions,
            'doubt' => $line->doubt,
            'note' => $line->note,
        ];
    }

    private function layer(mixed $layer, int $number, UnitSystem $system): Layer
    {
        if (!\is_array($layer) || !\is_array($layer['lines'] ?? null)) {
            throw Unreadable::json(\sprintf('layer %d needs a list "lines"', $number + 1));
        }
        if (\count($layer['lines']) > TextFormula::MOST_LINES) {
            throw Unreadable::json(\sprintf('layer %d has more than %d lines', $number + 1, TextFormula::MOST_LINES));
        }
        $treatment = TreatmentGrammar::parse(self::text($layer, 'treat', '') ?: 'none');
        if ($treatment->air() === null && (\is_int($layer['air'] ?? null) || \is_float($layer['air'] ?? null))) {
            $last = $treatment->steps[\count($treatment->steps) - 1] ?? TreatmentStep::of(TreatmentKind::None);
            $treatment = Treatment::sequence(...\array_slice($treatment->steps, 0, -1), ...[TreatmentStep::of($last->kind, $last->celsius, $last->minutes, $last->stirred, (float) $layer['air'], $last->oven, $last->staged)]);
        }
        $tin = self::text($layer, 'tin', '');
        $loss = self::text($layer, 'loss', '');

        return new Layer(
            name: mb_substr(self::text($layer, 'name', 'Layer ' . ($number + 1)), 0, 80),
            lines: array_merge(...array_map(
                fn(mixed $line, int $n): array => $this->readLine($line, \sprintf('layer %d line %d', $number + 1, $n + 1), $system),
                array_values($layer['lines']),
                array_keys(array_values($layer['lines'])),
            ), ...[[]]),
            treatment: $treatment,
            tin: $tin === '' ? null : Tins::read($tin),
            loss: $loss === '' ? null : Loss::parse($loss),
            id: Identity::clean(self::text($layer, 'id', '')),
        );
    }

    /** @return list<Measured> */
    private function measured(mixed $entries): array
    {
        $measured = [];
        foreach (\is_array($entries) ? $entries : throw Nonsense::of('measured', get_debug_type($entries), 'give a list of {ingredient, brix, acid}') as $entry) {
            $entry = \is_array($entry) ? $entry : [];
            $figure = static fn(string $key): ?float => \is_int($entry[$key] ?? null) || \is_float($entry[$key] ?? null) ? (float) $entry[$key] : null;
            try {
                $measured[] = Measured::of($this->lines->known(self::text($entry, 'ingredient', '')), $figure('brix'), $figure('acid'));
            } catch (\Transmuta\Shelf\UnknownIngredient $unknown) {
                throw Unreadable::json('measured: ' . $unknown->getMessage());
            }
        }

        return $measured;
    }

    /** @return list<Step> steps as texts, or with their ids */
    private static function method(mixed $steps): array
    {
        $method = [];
        foreach (\is_array($steps) ? $steps : [] as $step) {
            if (\is_string($step)) {
                $method[] = new Step($step);
            } elseif (\is_array($step) && \is_string($step['text'] ?? null)) {
                $method[] = new Step($step['text'], Identity::clean(self::text($step, 'id', '')));
            }
        }

        return $method;
    }

    /**
     * What was typed into a line keeps the line's id: the first of what it holds has it.
     *
     * @param array<array-key, mixed> $line
     * @param non-empty-list<Line> $read
     *
     * @return non-empty-list<Line>
     */
    private static function sameId(array $line, array $read): array
    {
        $read[0] = $read[0]->identified(Identity::clean(self::text($line, 'id', '')))->noted(self::text($line, 'note', ''));

        return $read;
    }

    /** @return list<Line> a typed line may hold several */
    private function readLine(mixed $line, string $place, UnitSystem $system): array
    {
        if (\is_string($line)) {
            return $this->lines->lines($line, $system);
        }
        if (!\is_array($line)) {
            throw Unreadable::json($place . ' is neither a text nor an object');
        }
        $ingredient = self::text($line, 'ingredient', '');
        if ($ingredient === '') {
            return self::sameId($line, $this->lines->lines(self::text($line, 'text', ''), $system));
        }
        $grams = $line['grams'] ?? null;
        if (!\is_int($grams) && !\is_float($grams)) {
            throw Unreadable::json($place . ' needs "grams" as a number');
        }
        try {
            return [Line::of(
                $this->lines->known($ingredient),
                (float) $grams,
                mb_substr(self::text($line, 'text', ''), 0, 400),
                mb_substr(self::text($line, 'trace', ''), 0, 400),
                Confidence::tryFrom(self::text($line, 'confidence', 'sure')) ?? Confidence::Sure,
                self::forms($line['prep'] ?? null),
                ($line['pinned'] ?? false) === true,
            )->doubting(self::text($line, 'doubt', '') ?: null, array_values(array_filter(\is_array($line['suggestions'] ?? null) ? $line['suggestions'] : [], is_string(...))))->identified(Identity::clean(self::text($line, 'id', '')))->noted(self::text($line, 'note', ''))];
        } catch (Nonsense $nonsense) {
            throw Unreadable::json(\sprintf('%s (%s): %s', $place, $ingredient, $nonsense->mend));
        } catch (\Transmuta\Shelf\UnknownIngredient $unknown) {
            throw Unreadable::json($place . ': ' . $unknown->getMessage());
        }
    }

    /** @return list<string> the forms that are known, each once */
    private static function forms(mixed $prep): array
    {
        return array_values(array_unique(array_filter(\is_array($prep) ? $prep : [], static fn(mixed $one): bool => \is_string($one) && Form::tryFrom($one) !== null)));
    }

    /** @param array<array-key, mixed> $data */
    private static function text(array $data, string $key, string $default): string
    {
        return \is_string($data[$key] ?? null) ? trim($data[$key]) : $default;
    }

    /** @param array<array-key, mixed> $data */
    private static function number(array $data, string $key, float $default): float
    {
        $value = $data[$key] ?? $default;
        if (!\is_int($value) && !\is_float($value)) {
            throw Nonsense::of($key, get_debug_type($value), 'give a number');
        }

        return (float) $value;
    }
}
