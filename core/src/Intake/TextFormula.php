<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Confidence;
use Transmuta\Formula\Family;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Step;
use Transmuta\Formula\Tin;
use Transmuta\Formula\Treatment;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Intake\Recipe\BareNumbers;
use Transmuta\Intake\Recipe\CitrusParts;
use Transmuta\Intake\Recipe\Inference;
use Transmuta\Intake\Recipe\Paragraphs;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Intake\Recipe\Row;
use Transmuta\Intake\Recipe\RowKind;
use Transmuta\Intake\Recipe\RowList;
use Transmuta\Intake\Recipe\Rows;
use Transmuta\Intake\Recipe\Sheets;
use Transmuta\Intake\Recipe\Spoken;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\Recipe\Together;
use Transmuta\Intake\Recipe\TreatmentGuess;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Measured;

/**
 * Reads a dish from text: the text form (`key: value` headings, `layer:` blocks of ingredient lines, `method:` at the end) and whatever a
 * kitchen pastes, rows told apart by {@see Rows}. What is not written is inferred from the method and says so. Ingredient lines never fail;
 * headings of the text form that cannot be right do.
 */
final readonly class TextFormula
{
    public const MOST_LINES = 400;

    public function __construct(private LineReader $lines) {}

    /** @throws Unreadable if a heading cannot be right, the text is too long or holds no line */
    public function read(string $text, ?UnitSystem $assumed = null): Formula
    {
        return $this->recipe($text, $assumed)->formula;
    }

    /**
     * The dish, with what of it is inferred and what was set aside.
     *
     * @param bool $guessPortions whether portions nobody states are inferred even where there is no method; one where not
     *
     * @throws Unreadable if a heading cannot be right, the text is too long or holds no line
     */
    public function recipe(string $text, ?UnitSystem $assumed = null, bool $guessPortions = false): ReadRecipe
    {
        $written = preg_split('/\R/u', str_replace("\u{FEFF}", '', $text));
        if ($written === false) {
            throw Unreadable::line(1, 'The text is not valid UTF-8.', 'Save it as UTF-8 and try again.');
        }
        if (\count($written) > self::MOST_LINES) {
            throw Unreadable::tooLong(\count($written), self::MOST_LINES);
        }
        $inferred = $aside = $steps = $layers = $method = [];
        $system = $assumed ?? self::stated($written);
        $spoken = $system === null ? Spoken::measures($text) : null;
        $system ??= $spoken[0] ?? UnitSystem::Metric;
        if ($spoken !== null) {
            $inferred[] = new Inference('measures', null, $system->value, $spoken[1]);
        }
        $head = ['title' => null, 'family' => null, 'portions' => null, 'serve' => null, 'measured' => [], 'tin' => null];
        $open = self::opened(Layer::UNNAMED);
        $heading = '';
        $written = Paragraphs::parted(self::bulleted($written));
        $language = $this->lines->language($written);
        $said = Sheets::asLines($language?->rows($written) ?? $written);
        $isSaid = $said !== $written;
        $rows = (new Rows($this->lines))->of($said, $system);
        if ($language !== null) {
            $inferred[] = new Inference('language', null, $language->lang, 'the words of its rows');
        }
        $grams = (new BareNumbers($this->lines))->of($rows, $system);
        if ($grams !== [] && $spoken === null) {
            $inferred[] = new Inference('measures', null, $system->value, \sprintf('numbers without a unit are taken as grams: “%s”', array_key_first($grams)));
        }
        $making = implode(' ', array_map(static fn(Row $row): string => $row->kind === RowKind::Step ? $row->text : '', $rows));
        // Steps between the layers are of the layer they stand under, and so are those under the last; after "Method" they are of the whole.
        $isBetween = self::stepsStandBetween($rows);
        foreach ($rows as $at => $row) {
            $isBetween = $isBetween && !Rows::opensMethod($row->text);
            // What is kept is what was written, whatever it was read by.
            $own = $isSaid ? trim($written[$row->number - 1] ?? $row->text) : $row->text;
            try {
                switch ($row->kind) {
                    case RowKind::Key:
                        match ($row->key) {
                            'title' => $head['title'] = mb_substr($row->value, 0, 160),
                            'family' => $head['family'] = Family::tryFrom(mb_strtolower($row->value)) ?? throw Nonsense::of('family', $row->value, 'use curd, cream, mousse, cheesecake, custard or other'),
                            'measures' => $system = UnitSystem::tryFrom(mb_strtolower($row->value)) ?? throw Nonsense::of('measures', $row->value, 'use us, metric, au, uk, in or ca'),
                            'portions' => $head['portions'] = preg_match('/^\d{1,5}$/', $row->value) ? (int) $row->value : throw Nonsense::of('portions', $row->value, 'give a whole number from 1 to 10000'),
                            'serve at' => $head['serve'] = HeatWords::celsius($row->value) ?? throw Nonsense::of('serve at', $row->value, 'write it like "6 C" or "43 F"'),
                            'measured' => $head['measured'][] = $this->measured($row->value),
                            'treat' => $open['treat'] = TreatmentGrammar::parse($row->value),
                            'tin' => $open['tin'] = Tins::read($row->value),
                            'loss' => $open['loss'] = Loss::parse($row->value),
                            'line note' => $open['lines'] = self::noted($open['lines'], $row->value),
                            default => null,
                        };
                        break;
                    case RowKind::Layer:
                        $layers = self::close($layers, $open);
                        $open = self::opened($language === null ? $row->key : self::heading($row->value === '' ? $own : (string) preg_replace('~:.*$~u', '', $own)));
                        array_push($open['lines'], ...$this->listed($row, $own, $system, $grams, $making));
                        break;
                    case RowKind::Lines:
                        [$layers, $open] = self::isApart($rows, $at) ? [self::close($layers, $open), self::opened('')] : [$layers, $open];
                        array_push($open['lines'], ...$this->listed($row, $own, $system, $grams, $making));
                        break;
                    case RowKind::Line:
                        $read = $this->lines->lines($own, $system, $row->number, $grams[$row->text] ?? CitrusParts::of($row->text, $making) ?? ($own === $row->text ? null : $row->text));
                        // Words of another language that name no amount are of the making, understood or not: no row is asked for as a food.
                        if ($language !== null && $read[0]->ingredient === null && preg_match('/\d|½|¼|¾/u', $own) !== 1 && \count(preg_split('/\s+/u', $own) ?: []) >= 4) {
                            $method[] = $own;
                            $steps[] = ['text' => $row->text, 'heading' => $heading];
                            break;
                        }
                        [$layers, $open] = self::isApart($rows, $at) ? [self::close($layers, $open), self::opened('')] : [$layers, $open];
                        array_push($open['lines'], ...(match (true) {
                            $language !== null => self::recalled($read),
                            $read[0]->ingredient === null => $this->elsewhere($own, $read, $system, $row->number),
                            default => $read,
                        }));
                        break;
                    case RowKind::Title:
                        $name = $language === null ? $row->value : self::heading($own);
                        $head['title'] ??= mb_substr($name, 0, 160);
                        if ($head['portions'] === null && preg_match('~(?:\(\s*[x×]?|(?<=\s)[-–—|/]\s*|,\s+|\s[x×]\s*(?=\d{1,3}\s*$))(?:serves|makes|for|cuts?\s+into)?\s*(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(?:people|servings|portions|ptns?|pax|covers|pots|pieces|slices|bars|squares|jars|glasses|ramekins|verrines|cups|tartlets)?\)?(?:\s*@\s*\d+\s*g)?\s*$~iu', $row->text, $m) === 1 && (int) $m[1] > 0) {
                            $head['portions'] = Rows::middle((float) $m[1], $m[2] ?? '');
                            $inferred[] = new Inference('portions', null, (string) $head['portions'], \sprintf('“%s”', $own));
                        }
                        $head['tin'] ??= Tins::ofTitle($row->text) === null ? null : [Tins::ofTitle($row->text), $row->text];
                        if ($head['title'] === $name) {
                            $inferred[] = new Inference('title', null, $name, 'the first row');
                        } else {
                            $aside[] = $own;
                        }
                        break;
                    case RowKind::Yield:
                        if ($head['portions'] === null) {
                            $head['portions'] = Rows::yield($row->value);
                            $inferred[] = new Inference('portions', null, (string) $head['portions'], \sprintf('“%s”', $language === null ? $row->value : $own));
                        }
                        $head['tin'] ??= Tins::of($row->value) === null ? null : [Tins::of($row->value), $own];
                        break;
                    case RowKind::Tin:
                        $head['tin'] ??= [(string) Tins::of($row->value), $row->value];
                        if ($head['portions'] === null && preg_match('/\b(\d{1,3})\s+(?:slices|servings|portions|pieces|wedges|squares)\b/iu', $row->value, $m) === 1 && (int) $m[1] > 0) {
                            $head['portions'] = (int) $m[1];
                            $inferred[] = new Inference('portions', null, $m[1], \sprintf('“%s”', $row->value));
                        }
                        break;
                    case RowKind::Step:
                        $step = $row->value === '' ? $row->text : $row->value;
                        $method[] = $own;
                        if ($head['portions'] === null && (preg_match('/\b(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s+(?:servings|portions)\b/iu', $step, $m) === 1 || preg_match('/\b(?:serves|makes)\s+(?:about\s+)?(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\b(?!\s*(?:cm|inch|-|min|cups?\b|ml\b|g\b|litres?\b|oz\b))/iu', $step, $m) === 1 || preg_match('/(?:\bcuts?\s+into|[.;])\s*(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?\s+(?:slices|pieces|squares|bars|wedges)\b/iu', $step, $m) === 1) && (int) $m[1] > 1) {
                            $head['portions'] = Rows::middle((float) $m[1], $m[2] ?? '');
                            $inferred[] = new Inference('portions', null, (string) $head['portions'], \sprintf('“%s”', $m[0]));
                        }
                        $steps[] = ['text' => preg_replace('/^(?:step\s*)?\d{1,2}\s*[.):]\s*/iu', '', $step) ?? $step, 'heading' => $heading === '' && $isBetween ? $open['name'] : $heading];
                        break;
                    case RowKind::StepHeading:
                        $heading = $row->key;
                        $method[] = $own;
                        break;
                    case RowKind::Aside:
                        $aside[] = $own;
                        break;
                    case RowKind::Nothing:
                        break;
                }
            } catch (Nonsense $nonsense) {
                throw Unreadable::line($row->number, \sprintf('"%s" cannot be read as %s.', mb_strimwidth($row->text, 0, 80, '…'), $nonsense->field), ucfirst($nonsense->mend) . '.');
            }
        }
        $layers = $this->named(self::close($layers, $open));
        if ($layers === []) {
            throw Unreadable::noLines();
        }
        $whole = implode(' ', array_column($steps, 'text'));
        $layers = $this->treated($layers, $steps, $whole, $head['title'] ?? '', $inferred);
        $layers = Together::partsOfOthers(Together::garnished($layers, $steps, $aside), $aside);
        $layers = Together::inTin($layers, $head['tin'] ?? self::tinIn($steps), $inferred);
        if ($head['portions'] === null && ($steps !== [] || $guessPortions)) {
            $head['portions'] = self::portions($layers, $whole, $inferred);
        }
        $title = $head['title'] ?? 'Untitled dish';
        if ($head['family'] === null && ($steps !== [] || $title !== 'Untitled dish')) {
            [$head['family'], $because] = Spoken::family($title, array_column($layers, 'layer'), array_map(fn(array $one): array => $this->lines->ingredients($one['layer']->understood()), $layers)) ?? [null, ''];
            if ($head['family'] !== null) {
                $inferred[] = new Inference('family', null, $head['family']->value, $because);
            }
        }
        if ($head['serve'] === null && $steps !== []) {
            [$head['serve'], $because] = Spoken::serving($whole) ?? [null, ''];
            if ($head['serve'] !== null) {
                $inferred[] = new Inference('serve at', null, \sprintf('%g C', $head['serve']), \sprintf('“%s”', $because));
            }
        }
        if ($language !== null) {
            // What was read in English of it is no word of the maker's.
            $inferred = array_map(static fn(Inference $one): Inference => \in_array($one->what, ['treat', 'loss', 'serve at'], true) ? new Inference($one->what, $one->layer, $one->value, 'by its steps') : $one, $inferred);
        }
        try {
            return new ReadRecipe(Formula::of($title, array_column($layers, 'layer'), $head['family'] ?? Family::Other, $system, $head['portions'] ?? 1, $head['serve'] ?? 5.0, Step::all($method), $head['measured']), $inferred, $aside);
        } catch (Nonsense $nonsense) {
            throw Unreadable::line(1, $nonsense->getMessage(), ucfirst($nonsense->mend) . '.');
        }
    }

    /**
     * @param array<string, string> $grams lines whose bare number is grams
     * @param string $own the row as it was written
     * @param string $making all that is written of the making
     *
     * @return list<Line> lines written one after another in a row
     */
    private function listed(Row $row, string $own, UnitSystem $system, array $grams, string $making): array
    {
        $lines = [];
        $said = $row->value === '' ? [] : RowList::of($row->value);
        $written = RowList::of((string) preg_replace('~^(?:[^:]{1,60}:|[^\d:]{1,40}?\s[–—-])\s*(?=.*\d)~u', '', rtrim($own, ' .')));
        foreach ($said as $n => $line) {
            $text = \count($written) === \count($said) ? $written[$n] : $line;
            $read = $this->lines->lines($text, $system, $row->number, $grams[$line] ?? CitrusParts::of($line, $making) ?? ($text === $line ? null : $line));
            array_push($lines, ...($text === $line ? $read : self::recalled($read)));
        }

        return $lines;
    }

    /**
     * Names in a kitchen's language are recalled, and no published list: what is read by them is likely at the most.
     *
     * @param list<Line> $lines
     *
     * @return list<Line>
     */
    private static function recalled(array $lines): array
    {
        return array_map(static fn(Line $line): Line => $line->ingredient === null ? $line : $line->atMost(Confidence::Likely), $lines);
    }

    /**
     * A row of a page in English that only a name of another kitchen language makes something of: "1 litre doodh". One thing in all of them, or it is asked for.
     *
     * @param non-empty-list<Line> $read
     *
     * @return non-empty-list<Line>
     */
    private function elsewhere(string $row, array $read, UnitSystem $system, int $number): array
    {
        $found = [];
        foreach (PageLanguage::all(fn(string $id): string => $this->lines->nameOf($id, $system)) as $language) {
            $said = $language->row($row);
            $lines = $said === $row ? [] : $this->lines->lines($row, $system, $number, $said);
            if (\count($lines) === 1 && $lines[0]->ingredient !== null) {
                $found[$lines[0]->ingredient] = $lines[0];
            }
        }
        $one = array_values($found)[0] ?? null;

        return \count($found) === 1 && $one !== null ? [$one->atMost(Confidence::Likely)] : $read;
    }

    /**
     * "-500 cream" under "-100 milk": strokes before a list, and no amounts under nothing. One alone is asked for.
     *
     * @param list<string> $rows
     *
     * @return list<string>
     */
    private static function bulleted(array $rows): array
    {
        $isBullet = static fn(string $row): bool => preg_match('/^\s*-\d/u', $row) === 1;

        return \count(array_filter($rows, $isBullet)) < 2 ? $rows : array_map(static fn(string $row): string => $isBullet($row) ? (string) preg_replace('/^(\s*)-(?=\d)/u', '$1- ', $row) : $row, $rows);
    }

    private static function heading(string $row): string
    {
        return mb_substr(trim($row, " \t*#:=–—-"), 0, 80);
    }

    /**
     * Whether a row stands by itself among rows that each say what they are of: "choux - 60 g butter, …", then cream and sugar, then "sauce - …".
     *
     * @param list<Row> $rows
     */
    private static function isApart(array $rows, int $at): bool
    {
        $isListed = static fn(?Row $row): bool => $row !== null && $row->kind === RowKind::Layer && $row->value !== '';
        $beside = static function (int $step) use ($rows, $at): ?Row {
            for ($n = $at + $step; isset($rows[$n]) && $rows[$n]->kind === RowKind::Nothing; $n += $step);

            return $rows[$n] ?? null;
        };

        return $isListed($beside(-1)) && $isListed($beside(1));
    }

    /**
     * Layers nobody gave a name, called by the first thing in them.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    private function named(array $layers): array
    {
        foreach ($layers as $n => $one) {
            if ($one['layer']->name === '') {
                $first = $one['layer']->understood()[0] ?? null;
                $name = $first === null ? Layer::UNNAMED : (string) preg_replace('~\s*(?:[,(].*|\d+\s*%.*)$~u', '', $this->lines->ingredients([$first])[0]->name);
                $layers[$n]['layer'] = new Layer($name, $one['layer']->lines, $one['layer']->treatment, $one['layer']->tin, $one['layer']->loss);
            }
        }

        return $layers;
    }

    /** @param list<Row> $rows */
    private static function stepsStandBetween(array $rows): bool
    {
        $isStep = false;
        foreach ($rows as $row) {
            if (Rows::opensMethod($row->text)) {
                return false;
            }
            if ($isStep && $row->kind === RowKind::Layer) {
                return true;
            }
            $isStep = $isStep || $row->kind === RowKind::Step;
        }

        return false;
    }

    /**
     * @param list<array{text: string, heading: string}> $steps
     *
     * @return array{string, string}|null
     */
    private static function tinIn(array $steps): ?array
    {
        foreach ($steps as $step) {
            foreach (preg_split('/(?<=[.;])\s+/u', $step['text']) ?: [] as $sentence) {
                $tin = Tins::of($sentence);
                if ($tin !== null) {
                    return [$tin, $sentence];
                }
            }
        }

        return null;
    }

    /**
     * Portions where none are stated: the small vessels it is filled into, or so many of about 110 g.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<Inference> $inferred
     */
    private static function portions(array $layers, string $method, array &$inferred): int
    {
        $mass = array_sum(array_map(static fn(array $one): float => array_sum(array_map(static fn(Line $line): float => $line->grams, $one['layer']->lines)), $layers));
        // "Fill 125 g cups": what goes into each says how many there are.
        if (preg_match('~\b(?:fill(?:ed)?|deposit|dose|portion)\b[^.;]{0,25}?\b(\d{2,3})\s*g\b|\b(\d{2,3})\s*g\s+(?:cups|pots|jars|portions|glasses|tubs|each)\b~iu', $method, $m) === 1) {
            $each = (float) ($m[1] !== '' ? $m[1] : $m[2]);
            $count = (int) round($mass / $each);
            if ($each >= 20.0 && $count >= 1 && $count <= Formula::MOST_PORTIONS) {
                $inferred[] = new Inference('portions', null, (string) $count, \sprintf('“%s”', $m[0]));

                return $count;
            }
        }
        $vessels = Spoken::vessels($method);
        if ($vessels !== null) {
            $inferred[] = new Inference('portions', null, (string) $vessels[0], \sprintf('“%s”', $vessels[1]));

            return $vessels[0];
        }
        foreach ($layers as $one) {
            if ($one['layer']->tin !== null && $one['layer']->tin->count > 1) {
                $inferred[] = new Inference('portions', null, (string) $one['layer']->tin->count, 'one for each vessel');

                return $one['layer']->tin->count;
            }
        }
        $portions = (int) max(2, min(16, round($mass / 110.0)));
        $inferred[] = new Inference('portions', null, (string) $portions, 'none are stated: about 110 g each');

        return $portions;
    }

    /** @param list<string> $rows whose measures the text states */
    private static function stated(array $rows): ?UnitSystem
    {
        foreach ($rows as $row) {
            if (preg_match('/^\s*measures\s*:\s*(\w+)\s*$/iu', $row, $m) === 1) {
                return UnitSystem::tryFrom(mb_strtolower($m[1]));
            }
        }

        return null;
    }

    /**
     * Layers whose treatment is not written get what the method says of them.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<array{text: string, heading: string}> $steps
     * @param list<Inference> $inferred
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    private function treated(array $layers, array $steps, string $whole, string $title, array &$inferred): array
    {
        if ($steps === [] || array_filter($layers, static fn(array $one): bool => !$one['treat']) === []) {
            return $layers;
        }
        $of = Spoken::steps($steps, array_column($layers, 'layer'), array_map(fn(array $one): array => $this->lines->ingredients($one['layer']->understood()), $layers));
        foreach ($layers as $n => $one) {
            $guess = $one['treat'] ? null : TreatmentGuess::of($of[$n], $one['layer']->understood(), $this->lines->ingredients($one['layer']->understood()), $whole);
            // What is called a sabayon is whisked as it cooks, whoever leaves that unsaid.
            if ($guess !== null && str_starts_with($guess[0], 'cook') && !str_contains($guess[0], 'whip') && preg_match('/\b(?:sabayon|zabagli?one|zabaione)\b/iu', $one['layer']->name . ' ' . $title) === 1) {
                $guess = [$guess[0] . '; whip', $guess[1]];
            }
            $reduced = $one['layer']->loss === null && !$one['treat'] ? TreatmentGuess::reduced($of[$n]) : null;
            if ($reduced !== null) {
                $layer = $layers[$n]['layer'];
                $layers[$n]['layer'] = $layer->losing(Loss::reduceBy($reduced[0]));
                $inferred[] = new Inference('loss', $n, \sprintf('reduce by %d %%', round(100 * $reduced[0])), \sprintf('“%s”', $reduced[1]));
            }
            if ($guess === null) {
                continue;
            }
            try {
                $layer = $layers[$n]['layer'];
                $layers[$n]['layer'] = $layer->treated(TreatmentGrammar::parse($guess[0]));
                $inferred[] = new Inference('treat', $n, $guess[0], $guess[1] === '' ? 'by its steps' : \sprintf('“%s”', $guess[1]));
            } catch (Nonsense) {
                // A heat or time no kitchen uses says nothing.
            }
        }

        return Together::baked(Together::frozen($layers, $inferred), $inferred);
    }

    /** @return array{name: string, lines: list<Line>, treat: ?Treatment, tin: ?Tin, loss: ?Loss} */
    private static function opened(string $name): array
    {
        return ['name' => $name, 'lines' => [], 'treat' => null, 'tin' => null, 'loss' => null];
    }

    /**
     * @param list<Line> $lines
     *
     * @return list<Line> with a note on the last of them
     */
    private static function noted(array $lines, string $note): array
    {
        $last = array_pop($lines) ?? throw Nonsense::of('line note', $note, 'write it under the line it is of');

        return [...$lines, $last->noted($note)];
    }

    /** Reads "passion-fruit juice brix 14.5 acid 2.8". */
    private function measured(string $value): Measured
    {
        $plain = mb_strtolower(Numbers::plain($value));
        $number = static fn(string $word): ?float => preg_match('/\b' . $word . '\s*(\d+(?:\.\d+)?)/u', $plain, $m) === 1 ? (float) $m[1] : null;
        $name = trim(preg_replace('/\b(?:brix|acid)\b.*$/u', '', $plain) ?? $plain, ' ,:');
        $id = $this->lines->ingredientNamed($name) ?? throw Nonsense::of('measured', $value, 'name a fruit of the shelf first, such as "measured: passion-fruit juice brix 14.5 acid 2.8"');

        return Measured::of($id, $number('brix'), $number('acid'));
    }

    /**
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param array{name: string, lines: list<Line>, treat: ?Treatment, tin: ?Tin, loss: ?Loss} $open
     *
     * @return list<array{layer: Layer, treat: bool}> `treat`: whether its treatment was written
     */
    private static function close(array $layers, array $open): array
    {
        if ($open['lines'] !== []) {
            $layers[] = ['layer' => new Layer($open['name'], $open['lines'], $open['treat'] ?? Treatment::none(), $open['tin'], $open['loss']), 'treat' => $open['treat'] !== null];
        }

        return $layers;
    }
}
