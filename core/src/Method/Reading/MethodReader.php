<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Formula\Treatment;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Intake\Recipe\Rows;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\Spelling;
use Transmuta\Method\Act;
use Transmuta\Method\Masses;
use Transmuta\Method\Method;
use Transmuta\Method\Sentence;
use Transmuta\Method\SentenceKind;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * Reads the maker's own method: sentence by sentence, clause by clause, verb → operation, nouns → lines, "the mixture" → what was made before. Nothing is
 * invented and nothing dropped: a sentence is steps, a note, a serving, a storage, or it is not understood and says so.
 */
final readonly class MethodReader
{
    private const STORAGE = '~\b(?:keeps?\b(?!\s+(?:back|aside|whisking|stirring))|stored?\b|storing|will keep|can be (?:made|frozen|kept|prepared|stored)|freezes? well|make[\s-]ahead|up to \d+ (?:days|weeks|months))\b.*\b(?:days?|weeks?|months?|hours?|fridge|ahead|airtight|well|freezer|container|h)\b|^store\b|^shelf[\s-]life\b~iu';
    private const NOTE = '~^(?:notes?|tips?|nb|p\.?s)\b\s*[:.,–-]|\byou(?:’ll|\'ll| will| should| may) (?:get|have|need|find|see)\b|^(?:this|it|they|the (?:mixture|custard|cream|dough|batter)|you|i|we|my|our|some|if)\s+(?:is|are|was|will|should|may|might|can|want|like|do|would|could|need|looks?|has|have|must|’ll|ll|love|think|know)\b|^(?:do not|don.?t|never|avoid|keep an eye|best (?:the )?next|better (?:the )?next|be careful|take care|make sure|ensure|remember|beware|careful|should)\b|^or\b|^(?:optional|alternatively|contains|makes|serves|yields?|prep(?:aration)? time|cook(?:ing)? time|total time|servings?)\b|^(?:it|this|they|that)\s+\p{L}+(?:s|ed)\b|^why\b|\?$~iu';
    private const SERVING = '~^(?:to serve[:,]?\s+(?:with|at|chilled|cold|warm)\b|serve[sd]?\b|enjoy\b|best (?:eaten|served)\b|eat\b)~iu';

    private Spelling $spelling;

    public function __construct()
    {
        $this->spelling = new Spelling();
    }

    /** With what the shelf knows of its lines. */
    public function by(Shelf $shelf, Formula $formula): Method
    {
        return $this->read($formula, LineNouns::ingredients($shelf, $formula));
    }

    /**
     * @param array<string, Ingredient> $ingredients what each understood line is, by its key ("0.2": layer and line)
     * @param array<string, list<string>> $also further names of lines by their key, such as what they stand in for
     */
    public function read(Formula $formula, array $ingredients, array $also = []): Method
    {
        return $this->ofOneList($formula, $ingredients, $also) ?? $this->layered($formula, $ingredients, $also);
    }

    /**
     * Layers of a list without headings, parted by the method, are read as that list: no heading says more than the steps do.
     *
     * @param array<string, Ingredient> $ingredients
     * @param array<string, list<string>> $also
     */
    private function ofOneList(Formula $formula, array $ingredients, array $also): ?Method
    {
        $main = array_search(Masses::MAIN, array_map(static fn(Layer $layer): string => $layer->name, $formula->layers), true);
        if ($main === false || \count($formula->layers) < 2 || array_filter($formula->method, self::isHeading(...)) !== []) {
            return null;
        }
        // Further layers may have headings that somebody wrote; and one that was parted may have got another name since.
        foreach ([true, false] as $byName) {
            for ($first = \count($formula->layers); $first > max(1, $main); --$first) {
                $method = $this->flattened($formula, $first, $byName, $ingredients, $also);
                if ($method !== null) {
                    return $method;
                }
            }
        }

        return null;
    }

    /**
     * The first layers read as one list; null where the method does not part that list into them.
     *
     * @param array<string, Ingredient> $ingredients
     * @param array<string, list<string>> $also
     */
    private function flattened(Formula $formula, int $first, bool $byName, array $ingredients, array $also): ?Method
    {
        $lines = $places = $grams = $of = $names = [];
        foreach ($formula->layers as $n => $layer) {
            $to = max(0, $n - $first + 1);
            foreach ($layer->understood() as $i => $line) {
                $at = \count($lines[$to] ?? []);
                $lines[$to][] = $line;
                $places[$to][] = [$n, $i];
                $grams[$to][] = $line->grams;
                $of["$to.$at"] = $ingredients["$n.$i"];
                $names += isset($also["$n.$i"]) ? ["$to.$at" => $also["$n.$i"]] : [];
            }
        }
        if (array_keys($lines) !== range(0, \count($formula->layers) - $first)) {
            return null;
        }
        $layers = [new Layer(Layer::UNNAMED, $lines[0], Treatment::none()), ...\array_slice($formula->layers, $first)];
        $flat = $this->layered($formula->with($layers), $of, $names);
        $masses = Masses::of($flat, $grams[0]);
        if (\count($masses) !== $first) {
            return null;
        }
        foreach ($masses as $mass) {
            $layers = array_unique(array_map(static fn(int $line): int => $places[0][$line][0], $mass->lines));
            if (\count($layers) !== 1 || \count($mass->lines) !== \count($formula->layers[$layers[0]]->understood()) || ($byName && !$mass->mayBe($formula->layers[$layers[0]]->name))) {
                return null;
            }
        }

        return $flat->placed(array_values($places), array_values($grams));
    }

    /**
     * @param array<string, Ingredient> $ingredients
     * @param array<string, list<string>> $also
     */
    private function layered(Formula $formula, array $ingredients, array $also): Method
    {
        $gloss = Gloss::of(array_map(static fn(Step $step): string => $step->text, $formula->method));
        // What came into a dish is called in the language of its method, whatever its row says.
        if ($gloss !== null) {
            foreach ($ingredients as $key => $in) {
                $name = PageLanguage::nameIn($gloss->lang, $in->id);
                $also[$key] = [...$also[$key] ?? [], ...$name === null ? [] : [$name]];
            }
        }
        $thread = new Thread($formula, new LineNouns($formula, $ingredients, $this->spelling, $also), $this->spelling);
        $sentences = $told = [];
        $all = [];
        foreach ($formula->method as $n => $step) {
            $isHeading = self::isHeading($step);
            foreach ($isHeading ? [$step->text] : Clauses::sentences($step->text) as $text) {
                [$said, $places] = $gloss === null || $isHeading ? [$text, []] : $gloss->sentence($text);
                $all[] = ['step' => $n, 'text' => $text, 'said' => $said, 'places' => $places, 'heading' => $isHeading, 'of' => $isHeading ? null : $thread->labelled($said)];
            }
        }
        foreach ($all as $at => $one) {
            $thread->untilNamed(array_values(array_diff(array_filter(array_column(\array_slice($all, $at + 1), 'of'), is_int(...)), array_filter(array_column(\array_slice($all, 0, $at + 1), 'of'), is_int(...)))));
            if ($one['heading']) {
                $sentences[] = new Sentence($one['step'], $one['text'], SentenceKind::Heading);
                $thread->under($one['text']);
                continue;
            }
            if ($gloss !== null) {
                $told[\count($sentences)] = [$one['said'], $one['places']];
            }
            $sentences[] = new Sentence($one['step'], $one['text'], $this->kind($one['said'], \count($sentences), $thread));
        }

        $acts = $thread->acts();
        foreach ($told as $n => [$said, $places]) {
            $acts = array_map(static fn(Act $act): Act => $act->sentence === $n ? $act->worded(Gloss::told($said, $act->words, $places)) : $act, $acts);
        }

        return new Method($sentences, $acts, $thread->unsaid());
    }

    private function kind(string $text, int $at, Thread $thread): SentenceKind
    {
        // "First make the caramel." says of what the next sentences are.
        if (preg_match('~^(?:(?:first(?:ly)?|then|next|now|start|begin)\W+(?:by\s+)?)?(?:mak(?:e|ing)|prepar(?:e|ing))\s+(?:the|your|a)\s+(?:[\p{L}-]+\s*){1,3}\W*$~iu', $text) === 1) {
            $thread->under($text);

            return SentenceKind::Heading;
        }
        if (preg_match(self::STORAGE, $text) === 1 && !self::beginsWithWork($text)) {
            return SentenceKind::Storage;
        }
        if (preg_match(self::SERVING, $text) === 1 && !$thread->namesUnused($text)) {
            return SentenceKind::Serving;
        }
        if (preg_match(self::NOTE, $text) === 1) {
            return SentenceKind::Note;
        }

        if ($thread->take($text, $at)) {
            return SentenceKind::Steps;
        }

        // "23 cm loose bottom tin." and "10 slices." by themselves: what it is made in, and whom it serves.
        return match (true) {
            Rows::yield(rtrim($text, ' .!')) !== null => SentenceKind::Serving,
            preg_match('~^\W*(?:\d|an?\s|the\s)~iu', $text) === 1 && mb_strlen($text) <= 60 && Tins::of($text) !== null => SentenceKind::Note,
            default => SentenceKind::Unread,
        };
    }

    /** "Cool in the tin, then wrap and keep for three days": what is kept is made first. */
    private static function beginsWithWork(string $text): bool
    {
        $clauses = Clauses::of($text);
        $verb = \count($clauses) < 2 ? null : Clauses::verb($clauses[0]);

        return $verb !== null && $verb['at'] === 0 && $verb['length'] > 0 && !\in_array($verb['verb'], ['keep', 'store', 'freeze', 'wrap', 'refrigerate', 'chill', 'cover', 'leave', 'put', 'make', 'serve', 'fridge', 'freezer', 'cool'], true) || ($verb !== null && $verb['verb'] === 'cool' && preg_match('~^\W*cool\b.*\b(?:tin|rack|completely)\b~iu', $clauses[0]) === 1);
    }

    /** "For the base:", "FILLING": a row that only says of what the next steps are. */
    private static function isHeading(Step $step): bool
    {
        $text = trim($step->text);

        return mb_strlen($text) <= 60 && (str_ends_with($text, ':') || (preg_match('~^(?:for|to make|make) (?:the|your)\b~iu', $text) === 1 && preg_match('~[.,]~u', $text) !== 1) || ($text === mb_strtoupper($text) && preg_match('~\d~', $text) !== 1)) && preg_match('~[.!]$~u', $text) !== 1;
    }
}
