<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Formula\Confidence;
use Transmuta\Formula\Step;
use Transmuta\Intake\LineReader;
use Transmuta\Intake\Numbers;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * Tells the rows of a pasted recipe apart: the title, "serves 8–10", headings with and without a colon, ingredient lines, method, notes.
 * One place decides it, for reading a dish and for writing a heading into the text.
 */
final readonly class Rows
{
    private const KEYS = 'title|family|measures|measured|portions|serve at|layer|treat|tin|loss|line note|method';

    /** Rows said of the layer they stand in; whatever they say, they make no other row something else. */
    private const OF_A_LAYER = '/^(treat|tin|loss|line note)\s*:\s*(.*)$/iu';

    private const INGREDIENTS = '/^(?:the\s+)?(?:ingredients?(?:\s+list)?|you(?:\s+wi|\x27)ll\s+need|what\s+you(?:\s+wi|\x27)?(?:ll)?\s+need|shopping\s+list)\b\D{0,24}$/iu';
    private const METHOD = '/^(?:the\s+)?(?:method|directions?|instructions?|preparation|procedure|steps?|how\s+to\s+make(?:\s+it)?|to\s+make|making\s+it|recipe\s+method|cooking\s+instructions|assembly\s+instructions|preparaci[oó]n|elaboraci[oó]n|modo\s+de\s+(?:preparo|preparaci[oó]n)|pr[eé]paration|r[eé]alisation|procedimento|preparazione|preparo|zubereitung|anleitung)\s*:?$/iu';
    private const NOTES = '/^(?:(?:recipe|cook|chef|baker|kitchen)(?:\x27?s)?\s+)?(?:notes?|tips?|storage|storing|to\s+store|nutrition(?:al)?(?:\s+(?:facts|information|info))?|equipment|tools|make[\s-]ahead|variations?|substitutions?|allergens?|faqs?|video|comments?|about\s+this\s+recipe|did\s+you\s+make\s+this.*|serving\s+suggestions?)\s*(?::.*)?$/iu';
    private const TIMES = '/^(?:prep(?:aration)?(?:\s+time)?|cook(?:ing)?(?:\s+time)?|bake\s+time|total(?:\s+time)?|chill(?:ing)?(?:\s+time)?|set(?:ting)?\s+time|rest(?:ing)?(?:\s+time)?|freez(?:e|ing)(?:\s+time)?|active(?:\s+time)?|ready\s+in|time|difficulty|skill(?:\s+level)?|course|cuisine|category|keywords?|author|by|source|calories|kcal|rating|diet|level|cost|print(?:\s+recipe)?|jump\s+to\s+recipe|pin(?:\s+recipe)?|save(?:\s+recipe)?|share|published|updated|serving\s+size|advertisement|scale)\b\s*(?:[:|–-].*|\s+\d.*)?$/iu';
    private const YIELD = '/^(?:serves|servings?|makes|yields?|portions?|feeds|recipe\s+yield|quantity|for)\b\s*(?:about|approx\.?|around|up\s+to)?\s*[:–-]?\s*(?=.*(?:\d|one|two|four|six|eight|ten|twelve))/iu';
    private const PLACES = 'layers|crust|base|filling|topping|layer|curd|cream|mousse|glaze|ganache|meringue|sauce|compote|coulis|caramel|custard|jelly|gelee|sponge|cake|cheesecake|pastry|dough|crumble|crumbs?|streusel|garnish|decoration|frosting|icing|syrup|top|bottom|middle|assembly|praline|shell|case|batter|mix|mixture|swirl|puree|brittle|tuile|biscuit|tart|pudding|panna\s+cotta|parfait|semifreddo|sorbet|drizzle|soak|chantilly|fruit|finish|decorate|serve|posset|brulee|bavarois|diplomat|set\s+cream|insert|coating|spray|mirror|frangipane|cremeux|sabayon|zabaglione|nougatine|dacquoise|genoise|joconde|choux|espuma|ripple|flan';
    /** What begins a step and is no verb of an operation, or none in a table: "meanwhile", "to make". */
    private const BEGINS = 'meanwhile|in\s+an?|to\s+make|for\s+the\s+\w+,|using|once|when|while|start|begin|first|next|then|finally|make|prepare|gently|slowly|carefully|with|gradually|set\s+aside|after|before|if|position|at\s+this';

    /** Verbs that are things first: "flour, sifted", "zest of a lemon; chopped". */
    private const THINGS = ['flour', 'oil', 'sponge', 'ice', 'rice', 'juice', 'zest', 'stone', 'brown', 'layer', 'rain', 'core', 'egg wash', 'eggwash', 'salt', 'glaze', 'frost', 'colour'];

    public function __construct(private LineReader $lines) {}

    /**
     * @param list<string> $rows
     *
     * @return list<Row> one for each row, in order
     */
    public function of(array $rows, UnitSystem $system): array
    {
        // Set aside first: a heading is told by what stands under it, and what is done to its layer is not that.
        $set = [];
        foreach ($rows as $at => $row) {
            if (preg_match(self::OF_A_LAYER, self::bare(trim($row)), $m) === 1) {
                $set[$at] = new Row($at + 1, trim($row), RowKind::Key, mb_strtolower($m[1]), trim($m[2]));
            }
        }
        $others = array_diff_key($rows, $set);
        $found = $set + array_combine(array_keys($others), $this->told(array_values($others), array_keys($others), $system));
        ksort($found);

        return array_values($found);
    }

    /**
     * @param list<string> $rows
     * @param list<int> $numbers where each of them stands in the text, from 0
     *
     * @return list<Row> one for each row, in order
     */
    private function told(array $rows, array $numbers, UnitSystem $system): array
    {
        $found = [];
        $mode = 'open';
        $seenLine = $seenTitle = $isTitled = false;
        foreach ($rows as $row) {
            $isTitled = $isTitled || preg_match('/^title\s*:\s*\S/iu', trim($row)) === 1 && preg_match('/^title\s*:\s*Untitled dish\s*$/iu', trim($row)) !== 1;
        }
        // Where the dish has a name already, a row is only taken for its title in what is plainly a whole recipe.
        $isWhole = array_filter($rows, static fn(string $row): bool => preg_match(self::METHOD, trim($row)) === 1 || preg_match(self::INGREDIENTS, trim($row)) === 1 || self::yield(trim($row)) !== null) !== [];
        $hasSteps = array_filter($rows, self::isStep(...)) !== [];
        $numbered = $this->numbered($rows, $system);
        foreach ($rows as $at => $written) {
            $number = $numbers[$at] + 1;
            $text = trim($written);
            $row = self::bare($text);
            if ($text === '' || $row === '' || (str_starts_with($text, '#') && preg_match('/^#{1,6}\s+\S/u', $text) !== 1) || preg_match('/[\p{L}\p{N}]/u', $row) !== 1) {
                $found[] = new Row($number, $text, RowKind::Nothing);
                continue;
            }
            $key = preg_match('/^(' . self::KEYS . ')\s*:\s*(.*)$/iu', $row, $m) === 1 ? mb_strtolower($m[1]) : null;
            if ($key !== null && $key !== 'layer' && $key !== 'method' && !($key === 'portions' && preg_match('/^\d+\s*$/', $m[2]) !== 1 && preg_match('/\d/', $m[2]) === 1)) {
                if ($mode === 'method') {
                    $found[] = new Row($number, $text, RowKind::Step);
                    continue;
                }
                $found[] = new Row($number, $text, RowKind::Key, $key, trim($m[2]));
                continue;
            }
            if ($key === 'layer') {
                $mode = 'lines';
                $found[] = new Row($number, $text, RowKind::Layer, trim($m[2]) === '' ? 'Layer' : mb_substr(trim($m[2]), 0, 80));
                continue;
            }
            if ($key === 'method') {
                $mode = 'method';
                $found[] = new Row($number, $text, trim($m[2]) === '' ? RowKind::Nothing : RowKind::Step, '', trim($m[2]));
                continue;
            }
            if (preg_match(self::INGREDIENTS, $row) === 1) {
                $mode = 'lines';
                $found[] = new Row($number, $text, RowKind::Nothing);
                continue;
            }
            if (preg_match('/^ingredients?\b\W*(.+?)\W*$/iu', $row, $m) === 1 && self::yield($m[1]) !== null) {
                // "Ingredients (makes 8 pots)".
                $mode = 'lines';
                $found[] = new Row($number, $text, RowKind::Yield, '', $m[1]);
                continue;
            }
            if (preg_match(self::METHOD, $row) === 1) {
                $mode = 'method';
                $found[] = new Row($number, $text, RowKind::Nothing);
                continue;
            }
            if (preg_match(self::NOTES, $row) === 1) {
                $mode = 'aside';
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            foreach ($mode === 'method' ? [] : (preg_split('/\s*[|·•]\s*|\s{2,}/u', $row) ?: []) as $segment) {
                // "Prep: 25 min | Serves 8–10".
                if ($segment !== $row && self::yield($segment) !== null) {
                    $found[] = new Row($number, $text, RowKind::Yield, '', $segment);
                    continue 2;
                }
            }
            // "★★★★★ 4.9 from 212 votes".
            if (preg_match('/^\W*[★☆⭐]|\b\d+\s+(?:votes|ratings|reviews|comments)\b/u', $row) === 1 && preg_match('/^\W*\d+\s*(?:g|kg|ml|cups?)\b/iu', $row) !== 1) {
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            if (($mode !== 'method' && preg_match(self::TIMES, $row) === 1) || preg_match('#^(?:https?://|www\.)\S+$|\b(?:1|one)\s+(?:cup|tbsp|tablespoon|tsp|teaspoon|stick|oz|ounce)\s*=#iu', $row) === 1) {
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            if (self::yield($row) !== null) {
                $found[] = new Row($number, $text, RowKind::Yield, '', $row);
                continue;
            }
            // "23 cm springform, 12 slices": what it is made in, and whom it serves.
            if ($mode !== 'method' && preg_match('/^([^,;|]{3,60}?)\s*[,;|]\s*([^,;|]{3,40})$/u', $row, $m) === 1 && Tins::of($m[1]) !== null && self::yield($m[2]) !== null) {
                $found[] = new Row($number, $text, RowKind::Tin, '', $row);
                continue;
            }
            // "4", "20cm" under the title: whom it serves, and what it is made in.
            if (($seenTitle || $isTitled) && !$seenLine && preg_match('/^x?\s*([1-9]\d?)$/iu', $row, $m) === 1) {
                $found[] = new Row($number, $text, RowKind::Yield, '', "serves $m[1]");
                continue;
            }
            if (($seenTitle || $isTitled) && !$seenLine && preg_match('/^\d{1,2}(?:[.,]\d)?\s*(?:cm|in|inch(?:es)?|")$/iu', $row) === 1 && Tins::of("$row round tin") !== null) {
                $found[] = new Row($number, $text, RowKind::Tin, '', "$row round tin");
                continue;
            }
            if ($mode === 'aside' && !self::isHeading($row)) {
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            if (!$isTitled && !$seenTitle && !$seenLine && $mode === 'open' && preg_match('/^(\p{L}[^(]{3,}?)\s*\(/u', $row, $m) === 1 && Tins::of($row) !== null && Tins::of($m[1]) === null && !self::isStep($text)) {
                // "Tiramisu bars (makes one 20 cm square tin)": a name, and what it fills.
                $seenTitle = true;
                $found[] = new Row($number, $text, RowKind::Title, '', $m[1]);
                continue;
            }
            if ($mode !== 'method' && mb_strlen($row) <= 100 && !self::isStep($text) && Tins::of($row) !== null && !$this->isLine($row, $system)) {
                $found[] = new Row($number, $text, RowKind::Tin, '', $row);
                continue;
            }
            if ((!$isTitled || $isWhole) && !$seenTitle && !$seenLine && $mode === 'open' && !str_ends_with($row, ':') && !self::isStep($row) && preg_match('/^\W*\d/u', $row) !== 1 && !self::isForThe($row) && self::next($rows, $at) !== '' && !$this->mayBeLine(self::titled($row), $system, $hasSteps || self::isSetApart($rows, $at))) {
                $seenTitle = true;
                $found[] = new Row($number, $text, RowKind::Title, '', self::titled($row));
                continue;
            }
            // "Crust: 1 cup almond flour, 3 tbsp butter": a heading and its lines in one row.
            if ($mode !== 'method' && preg_match('/^([\p{L}][\p{L}\s&\x27’-]{1,40}?)\s*(?::|\s[–—-])\s+(.+)$/u', $row, $m) === 1 && \count(RowList::of($m[2])) >= 2 && $this->isLine(RowList::of($m[2])[0], $system)) {
                $mode = 'lines';
                $seenLine = true;
                $found[] = new Row($number, $text, RowKind::Layer, mb_convert_case(mb_strtolower(trim((string) preg_replace('/^for\s+(?:the\s+)?(?=\p{L})/iu', '', trim($m[1])))), \MB_CASE_TITLE_SIMPLE), $m[2]);
                continue;
            }
            // "Butter 200, caster 200, eggs 4, flour 200": a list in one row.
            $listed = $mode === 'method' || (self::isStep($row) && preg_match('/^\p{L}[^\d,;]*\s\d/u', $row) !== 1) ? [] : RowList::of(rtrim($row, ' .'));
            $isBare = \count($listed) === 2 && array_filter($listed, static fn(string $one): bool => BareNumbers::parts($one) === null) === [];
            // A name nobody knows in it is asked for, and makes the rest no less a list.
            $known = \count(array_filter($listed, fn(string $one): bool => $this->isLine($one, $system)));
            if (($isBare || \count($listed) >= 3) && $known >= 2 && 3 * $known >= 2 * \count($listed)) {
                $mode = 'lines';
                $seenLine = true;
                $found[] = new Row($number, $text, RowKind::Lines, '', rtrim($row, ' .'));
                continue;
            }
            // What greases the tin is not of the dish.
            if ($mode !== 'method' && preg_match('/^(?:\p{L}+\s+)?(?:cooking|baking|non-?\s?stick|oil)\s+spray\b[^\d]*$/iu', $row) === 1) {
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            $heading = $this->heading($row, self::next($rows, $at), $mode, $system, $at > 0 && trim($rows[$at - 1]) === '' && trim($rows[$at + 1] ?? '') !== '', array_filter($found, static fn(Row $one): bool => $one->kind === RowKind::Layer) !== []);
            if ($heading !== null) {
                if ($mode === 'method') {
                    // In the method a heading is of the steps, unless an amount follows: then another layer's lines begin.
                    $opens = $this->isLine(self::bare(self::next($rows, $at)), $system) && !self::isStep(self::bare(self::next($rows, $at)));
                    $mode = $opens ? 'lines' : 'method';
                    $found[] = new Row($number, $text, $opens ? RowKind::Layer : RowKind::StepHeading, $heading);
                    continue;
                }
                $mode = 'lines';
                $found[] = new Row($number, $text, RowKind::Layer, $heading);
                continue;
            }
            if ($mode === 'method') {
                $found[] = new Row($number, $text, RowKind::Step, '', $row);
                continue;
            }
            if (isset($numbered[$at]) || (self::isStep($text) && !$this->isLine($row, $system)) || $this->isBareStep($row) || ($seenLine && $this->isShortStep($row, $system))) {
                // Steps without a heading: the method has begun, if lines stood before it.
                $mode = $seenLine ? 'method' : $mode;
                $found[] = new Row($number, $text, $seenLine ? RowKind::Step : RowKind::Aside, '', $row);
                continue;
            }
            if (self::isServedWith($row) || (!$seenLine && $mode === 'open' && preg_match('/\s/u', $row) === 1 && self::isProse($row) && $this->lines->read($row, $system)->ingredient === null)) {
                $found[] = new Row($number, $text, RowKind::Aside);
                continue;
            }
            $seenLine = true;
            $found[] = new Row($number, $text, RowKind::Line, '', $row);
        }

        return $found;
    }

    /** "Method", "Directions": what comes after it is told of the whole dish. */
    public static function opensMethod(string $text): bool
    {
        $row = self::bare(trim($text));

        return preg_match(self::METHOD, $row) === 1 || preg_match('/^method\s*:/iu', $row) === 1;
    }

    /** The middle of "4–6"; of a single number, itself. */
    public static function middle(float $low, string $high): int
    {
        return (int) round(($low + ($high === '' ? $low : (float) $high)) / 2);
    }

    /** Servings or pieces a row states; null where it states none. Of a range the middle, of a whole cake none. */
    public static function yield(string $row): ?int
    {
        // "12 slices, 23 cm springform": whom it serves, and in what.
        if (preg_match('/^([^,;|]{3,40}?)\s*[,;|]\s*(.{3,60})$/u', $row, $m) === 1 && Tins::of($m[2]) !== null && Tins::of($m[1]) === null) {
            return self::yield($m[1]);
        }
        // "For 8ish", "6-ish people".
        $plain = (string) preg_replace('/(?<=\d)\s*-?ish\b/u', '', mb_strtolower(Numbers::plain($row)));
        if (preg_match('/^(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?\s+(?:\w+\s+)?(?:servings|serves|portions|ptns?|pax|covers|people|persons|ramekins|verrines|tartlets|(?:muffin|cupcake|dessert|paper|silicone)\s+(?:cups|cases|liners|moulds|molds))\W*$/u', $plain, $m) === 1 && (int) $m[1] > 0) {
            return self::middle((float) $m[1], $m[2] ?? '');
        }
        // "10 slices", alone in its row.
        if (preg_match('/^(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?\s+(?:generous\s+|small\s+|large\s+|big\s+|mini\s+)?(?:slices|pieces|pots|bars|squares|wedges|tartlets|tarts|bits|bowls|bowlfuls|glasses|moulds|cubes)\W*$/u', $plain, $m) === 1 && (int) $m[1] > 1) {
            return self::middle((float) $m[1], $m[2] ?? '');
        }
        if (preg_match(self::YIELD, $plain) !== 1 || mb_strlen($plain) > 90 || preg_match('/^for\s+the\b/u', $plain) === 1) {
            return null;
        }
        $number = '(\d+|one|two|three|four|five|six|eight|ten|twelve)(?:\s*(?:-|to|or)\s*(\d+))?';
        $pieces = 'servings?|serves|portions?|people|persons|guests|slices|pieces|pots|tartlets?|tarts|cups|glasses|ramekins|squares|bars|slivers|wedges|jars|verrines|bites|bits|bowls|moulds|cubes|helpings|eclairs|balls|popsicles';
        // "Makes about 2 cups (8 servings)": whom it feeds is said before how much it is.
        if (preg_match('/' . $number . '\s+(?:\w+\s+)?(?:servings?|portions?|people|persons|guests)\b/u', $plain, $m) !== 1
            && preg_match('/' . $number . '\s+(?:generous\s+|small\s+|large\s+|mini\s+|individual\s+)*(?:\w+\s+)?(?:' . $pieces . ')\b/u', $plain, $m) !== 1
            && preg_match('/\b(?:serves|servings?|portions?|feeds)\b\D{0,12}' . $number . '/u', $plain, $m) !== 1
            && preg_match('/^(?:makes|yields?|recipe\s+yield|quantity|for)\b\D{0,12}' . $number . '\s*(?:$|[^\d\s"-])/u', $plain, $m) !== 1) {
            return null;
        }
        if (preg_match('/^\s*cups?\b/u', mb_substr($plain, (int) mb_strpos($plain, $m[0]) + mb_strlen($m[1]))) === 1 && (Numbers::take($m[1])['value'] ?? 0.0) < 4.0) {
            // Two cups of a curd are a volume.
            return null;
        }
        $found = self::middle(Numbers::take($m[1])['value'] ?? 0.0, $m[2] ?? '');
        if (str_starts_with($plain, 'for ') && preg_match('/^for\s+\d+(?:\s*(?:-|to)\s*\d+)?(?:\s+(?:people|persons|servings|portions|guests))?\s*:?$/u', $plain) !== 1) {
            return null;
        }

        return $found >= 2 && $found <= 500 ? $found : ($found === 1 && preg_match('/\b(?:serves|serving|portion)/u', $plain) === 1 ? 1 : null);
    }

    /** A title without what stands behind it: "(serves 4)", "– Serves 4", "recipe". */
    private static function titled(string $row): string
    {
        $bare = trim(preg_replace('/\s*\brecipe\b\s*$|\s+[x×]\s*\d{1,3}\s*$|\s*(?:\(\s*[x×]?|(?<=\s)[-–—|]\s*|,\s+)(?:serves|makes|for)?\s*\d+(?:\s*(?:-|–|to)\s*\d+)?\s*(?:people|servings|portions|ptns?|pax|covers|pots|jars|pieces|slices|glasses|ramekins|verrines|cups|tartlets|tarts|bars|squares)?\)?\s*$/iu', '', $row) ?? $row, ' :#');

        // A bracket that was cut through is closed.
        return $bare . str_repeat(')', max(0, substr_count($bare, '(') - substr_count($bare, ')')));
    }

    private static function isForThe(string $row): bool
    {
        return preg_match('/^(?:for|to\s+(?:make|finish|serve|decorate))\s+(?:the\s+)?/iu', $row) === 1;
    }

    /** The name of the layer a row opens; null where it opens none. */
    private function heading(string $row, string $next, string $mode, UnitSystem $system, bool $isAlone = false, bool $hasLayers = false): ?string
    {
        // "[Cream]", "1. Cream", "B) Jelly": marked as a heading, where it is no step.
        if ($mode !== 'method' && preg_match('/^\s*(?:\[\s*(?!optional|divided|note|sub)(\p{L}[^\]]*)\]|(?:\d{1,2}|[a-h]|[ivx]{1,4})[.)]\s+(\p{L}.*?))\s*:?\s*$/iu', $row, $marked) === 1) {
            $inner = $marked[2] ?? $marked[1];
            $row = preg_match('/[.!?]$/u', $inner) === 1 || self::isStep($inner) ? $row : '**' . trim($inner) . '**';
        }
        $plain = trim($row, " \t*_#:=—–-");
        if (preg_match('/^(?:\d+[.)]\s*)/u', $row) === 1 || mb_strlen($plain) > 60 || preg_match('/[.!?]$/u', $row) === 1) {
            return null;
        }
        $name = preg_replace(['/^(?:for|to\s+make|make)\s+(?:the\s+)?/iu', '/^(?:the|layer\s+\d+\s*[:.-]?|part\s+\d+\s*[:.-]?|step\s+\d+\s*[:.-]?)\s+/iu'], '', $plain) ?? $plain;
        $name = trim($name);
        if ($name === '' || preg_match('/[\p{L}]/u', $name) !== 1) {
            return null;
        }
        // "Shortbread (makes 12)": how many is no part of what it is called.
        $called = (string) preg_replace('/\s*\(\s*(?:makes|for|serves|enough for)\b[^()]*\)\s*$/iu', '', $name);
        $titled = mb_convert_case(mb_strtolower($called === '' ? $name : $called), \MB_CASE_TITLE_SIMPLE);
        if (preg_match('/:$/u', rtrim($row)) === 1 && preg_match('/^[\p{L}][\p{L}\p{N}\s\x27’,&()+-]*$/u', $name) === 1) {
            return $mode === 'method' && \count(explode(' ', $name)) > 6 ? null : $titled;
        }
        if (preg_match('/\d/u', $name) === 1 || preg_match('/^(?:layer|part)\s+\p{L}+$/iu', $plain) === 1) {
            return preg_match('/^(?:layer|part)\s+(?:\d+|one|two|three|four|five|six)$/iu', $plain) === 1 ? mb_convert_case($plain, \MB_CASE_TITLE_SIMPLE) : null;
        }
        if (\count(preg_split('/\s+/u', $name) ?: []) > 6 || str_contains($name, ',')) {
            return null;
        }
        $isPlace = preg_match('/\b(?:' . self::PLACES . ')$/iu', \Normalizer::normalize($name, \Normalizer::FORM_D) === false ? $name : (preg_replace('/\p{Mn}+/u', '', \Normalizer::normalize($name, \Normalizer::FORM_D)) ?? $name)) === 1;
        $isFor = preg_match('/^for\s+the\s+\p{L}/iu', $plain) === 1;
        $isCapitals = mb_strtoupper($name) === $name && mb_strlen($name) > 2;
        $isMarked = preg_match('/^#{1,6}\s|^\*\*.+\*\*:?$|^__.+__$/u', $row) === 1;
        $follows = $next !== '' && $this->isLine(self::bare($next), $system);
        if ($mode === 'method') {
            return ($isPlace || $isFor || $isCapitals) && !self::isStep($row) ? $titled : null;
        }

        // "Toffee" on a row of its own after an empty one, above an amount: nothing the shelf knows, or one of several headings.
        $isAbove = $isAlone && $mode === 'lines' && \count(preg_split('/\s+/u', $name) ?: []) <= 3 && ($hasLayers || $this->lines->ingredientNamed($name) === null);

        return ($isFor || (($isPlace || $isCapitals || $isMarked || $isAbove) && $follows)) && $this->lines->read($row, $system)->ingredient === null ? $titled : null;
    }

    private static function isHeading(string $row): bool
    {
        return preg_match('/^for\s+the\s+.+|^.{2,40}:$/iu', $row) === 1 && preg_match(self::NOTES, $row) !== 1;
    }

    /** What a step may begin with, as a pattern: the verbs of the operations, in whose table they are kept once, and a few words more. */
    private static function verbs(): string
    {
        return Kept::once(self::class, static fn(): string => self::BEGINS . '|' . implode('|', array_map(static fn(string $verb): string => preg_quote($verb, '/'), array_diff(array_unique(array_column(array_filter(Table::of('method/verbs'), static fn(array $row): bool => $row['lang'] === 'en'), 'verb')), self::THINGS))));
    }

    /**
     * Rows of a run that is numbered through, "1." "2." "3.", in which one at least tells what to do, or none is an amount of something: all of them are steps.
     *
     * @param list<string> $rows
     *
     * @return array<int, true> by place
     */
    private function numbered(array $rows, UnitSystem $system): array
    {
        $run = $all = [];
        $last = null;
        $close = function () use (&$run, &$all, $rows, $system): void {
            $lines = array_filter($run, fn(int $at): bool => $this->isLine(Step::unnumbered($rows[$at]), $system));
            if (\count($run) > 1 && ($lines === [] || array_filter($run, static fn(int $at): bool => self::isStep(trim($rows[$at]))) !== [])) {
                $all += array_fill_keys($run, true);
            }
            $run = [];
        };
        foreach ($rows as $at => $row) {
            if (trim($row) === '') {
                continue;
            }
            $number = preg_match('/' . Step::NUMBER . '\D/iu', $row) === 1 ? (int) preg_replace('/\D/', '', Step::number($row)) : null;
            if ($number === null || $last === null || $number !== $last + 1) {
                $close();
            }
            if ($number !== null) {
                $run[] = $at;
            }
            $last = $number;
        }
        $close();

        return $all;
    }

    /** A sentence that tells what to do. */
    private static function isStep(string $row): bool
    {
        $plain = mb_strtolower(self::bare($row));
        $isNumbered = preg_match('/' . Step::NUMBER . '\D|^step\s+\d/iu', $row) === 1;
        $words = \count(preg_split('/\s+/u', $plain) ?: []);
        // "Caramel: boil sugar and water to a deep amber".
        $starts = preg_match('/^(?:[\p{L}\s]{2,30}:\s*)?(?:' . self::verbs() . ')\b/u', $plain) === 1;

        // "Simmer 35 minutes", "cook to 82 C", "chill overnight": a heat, a time or an end makes the shortest row a step.
        $isLed = $starts && preg_match('/\b(?:until|overnight)\b|\b\d{1,3}\s*(?:min|mins|minutes?|h|hrs?|hours?|secs?|seconds?)\b|\b\d{2,3}\s*(?:°|º|˚|degrees?\b|deg\b|[cf]\b)/u', $plain) === 1;

        // "Italian meringue: sugar + water 118, pour on whites.": what is done stands behind the label, and further on.
        $isLabelled = preg_match('/^[\p{L}\s]{2,30}:\s.*(?:[,;]|\bthen|\band)\s*(?:' . self::verbs() . ')\b\s+\p{L}/u', $plain) === 1;

        return $isLed || $isLabelled || ($isNumbered && ($starts || $words > 7)) || ($starts && $words >= 3 && (preg_match('/[.;!]/u', $plain) === 1 || $words > 7)) || ($words > 14 && preg_match('/\.\s|\.$/u', $plain) === 1);
    }

    /** "Whip", "mix well, chill": nothing but what is done, and no name of the shelf ("cream"). */
    private function isBareStep(string $row): bool
    {
        $verb = '(?:' . self::verbs() . ')(?:\s+(?:well|in|out|together|again|smooth))?';

        return mb_strlen($row) <= 60 && preg_match("/^$verb(?:(?:,\\s*(?:and\\s+)?|\\s+and\\s+|\\s+)$verb)*[.!]?$/iu", $row) === 1 && $this->lines->ingredientNamed($row) === null;
    }

    /** "Whip to soft peaks", "fold in the rest": begins with what is done, states no amount, and names nothing of the shelf. */
    private function isShortStep(string $row, UnitSystem $system): bool
    {
        return preg_match('/^(?:' . self::verbs() . ')\s+\p{L}+(?:\s+\p{L}+)+[.!]?$/iu', $row) === 1 && $this->lines->ingredientNamed($row) === null && $this->lines->read($row, $system)->ingredient === null;
    }

    private static function isProse(string $row): bool
    {
        return \count(preg_split('/\s+/u', $row) ?: []) > 7 || preg_match('/[.!?]$/u', $row) === 1;
    }

    /** An amount and something to it; a row that reads like a step is one, unless what it names is more than guessed. */
    private function isLine(string $row, UnitSystem $system): bool
    {
        if (mb_strlen($row) > 160 || preg_match('/\d|½|¼|¾|⅓|⅔|\b(?:an?|one|two|three|half|pinch|knob|splash|squeeze|handful|juice|zest)\b/iu', $row) !== 1) {
            return false;
        }
        $bare = BareNumbers::parts($row);
        if ($bare !== null && $this->lines->ingredientNamed($bare[0]) !== null) {
            return true;
        }
        $isStep = self::isStep($row);
        if (!$isStep && preg_match('/^\W*(?:about\s+|approx\.?\s+)?[\d½¼¾⅓⅔⅛]/u', $row) === 1) {
            return true;
        }
        $line = $this->lines->read($row, $system);

        return $line->ingredient !== null && !($isStep && $line->confidence === Confidence::Guess);
    }

    /** @param bool $isHeaded whether the text goes on to a method, or the row stands apart: then a first row of a name alone is the dish's, "Shrikhand" */
    private function mayBeLine(string $row, UnitSystem $system, bool $isHeaded): bool
    {
        if (mb_strlen($row) > 120) {
            return false;
        }
        $line = $this->lines->read($row, $system);

        return $line->ingredient !== null || (!$isHeaded && $this->lines->ingredientNamed($row) !== null && \count(preg_split('/\s+/u', $row) ?: []) < 3);
    }

    /**
     * Whether a row stands apart from amounts that follow: an empty row, a heading or a yield comes right after it. Names alone, one under another, are a list.
     *
     * @param list<string> $rows
     */
    private static function isSetApart(array $rows, int $at): bool
    {
        $after = trim($rows[$at + 1] ?? '');
        $isHead = $after === '' || \count(RowList::of($after)) >= 3 || preg_match('/^(?:' . self::KEYS . ')\s*:/iu', $after) === 1 || preg_match(self::INGREDIENTS, $after) === 1 || self::yield($after) !== null;

        return $isHead && array_filter(\array_slice($rows, $at + 1), static fn(string $row): bool => preg_match('/^\W*[\d½¼¾⅓⅔]/u', $row) === 1 || \count(RowList::of($row)) >= 3) !== [];
    }

    /** "raspberries, to serve": named, without an amount, and no part of what is made. */
    private static function isServedWith(string $row): bool
    {
        $isWith = preg_match('/\b(?:to|for)\s+(?:serve|serving|garnish|garnishing|decorate|decorating|decoration|finish|dust|dusting|grease|greasing|brush|brushing|sprinkle|sprinkling|line|lining|top|topping|the\s+(?:tin|pan|dish|mould|mold))\b|\bgarnish\b|\(?optional\)?$|^(?:edible|fresh)\s+flowers\b/iu', $row) === 1;

        return $isWith && preg_match('/\d|[½¼¾⅓⅔]/u', $row) !== 1 && preg_match('/\b(?:pinch|handful|squeeze|splash|knob|tbsp|tsp|cup)\b/iu', $row) !== 1;
    }

    private static function bare(string $text): string
    {
        $text = trim(html_entity_decode(strip_tags($text), \ENT_QUOTES | \ENT_HTML5));
        $text = preg_replace('/^(\*\*|__|\*|_)(?=\S)(.+?)(?<=\S)\1(:?)$/u', '$2$3', $text) ?? $text;

        return trim(preg_replace('/^(?:#{1,6}\s+|>\s*|(?:\[[ x]?\]|[☐☑✓✔▢□•·▪◦–—]|\*(?!\*)|-(?=\s))\s*)+/u', '', $text) ?? $text);
    }

    /** @param list<string> $rows the next row that is not empty */
    private static function next(array $rows, int $at): string
    {
        for ($n = $at + 1; $n < \count($rows); ++$n) {
            if (trim($rows[$n]) !== '') {
                return trim($rows[$n]);
            }
        }

        return '';
    }
}
