<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Intake\Spelling;
use Transmuta\Method\Act;
use Transmuta\Method\Operation;
use Transmuta\Method\Part;
use Transmuta\Shelf\Ingredient;

/** The reading of a method as it goes on: what was done, what of each line is still to come, which mass "it" is. */
final class Thread
{
    /** Words for what is there already. */
    private const PRODUCT = '~\b(?:mixture|mix|it|them|this|these|that(?=\s+(?:in|into|on|onto|over|to|through|with)\b)|custard|batter|dough|paste|base mix|everything|curd|cream mixture|purée|puree|syrup|caramel|meringue|foam|compote|jelly|ganache|sauce|filling|panade|curds|slurry|blend|cheesecake|tart|pudding|dessert|the pan|the bowl)\b~iu';

    private const ALL = '~\b(?:everything(?!\s+back\b)|all (?:of )?(?:the )?(?:ingredients|rest)|all the(?!\s+(?:time|way|while|lumps))|(?:remaining|other|rest of the) ingredients|(?<!into )(?<!to )(?<!with )the rest(?! of)|ingredients)\b|(?<!\bit )(?<!\bthem )\ball (?:to(?! the)|together|in(?! all)|into)\b|(?<!\bit )(?<!\bthem )\ball\W*$~iu';

    /** "Everything except the zest". */
    private const EXCEPT = '~,?\s*\b(?:except(?:ing)?(?: for)?|apart from|other than|excluding|but not|save)\b\s*~iu';

    /** "The three milks": as many lines as there are of a layer. */
    private const SOME = '~\b(two|three|four|five|[2-5])\s+(milks|creams|cheeses|sugars|flours|chocolates|juices|liquids|powders|ingredients)\b~iu';
    private const COUNTS = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5];

    private const DRY = '~\b(?:dry ingredients|the dries|the powders|the dry)\b~iu';

    /** Words of a layer's name that name nothing. */
    private const NO_NAMES = ['the', 'layer', 'of', 'and', 'dish', 'for'];

    private const ONTO = '~\b(?:over|onto|on top of|on|into|in)\s+(?:to\s+)?(?:the|each|your)\s+[^,.;]*~iu';

    /** "In another bowl": a thread of its own. */
    private const APART = '~\b(?:meanwhile|while (?:that|this|it)\b|separately|(?:in|into) an(?:other)? (?:[\w-]+[\s-]){0,3}?(?:bowl|pan|saucepan|jug|pot|processor|blender)|(?:in|into) a (?:[\w-]+[\s-]){0,3}?(?:bowl|pan|saucepan|jug|pot|processor|blender))\b~iu';

    /** What is done beside the mass: no step goes on from it. */
    private const BESIDE = ['prepare_tin', 'line_acetate', 'chill_tools', 'preheat'];

    /** What only makes a line ready to go in. */
    private const MADE_READY = ['sift', 'mix_dry', 'slake', 'grind', 'crush', 'toast', 'melt', 'zest', 'juice', 'chop', 'bloom', 'drain', 'prep_fruit', 'rinse_dry', 'soak'];

    /** What is a mixing already, so that "and mix" behind it is no step of its own. */
    private const MIXING = ['combine', 'beat', 'beat_in', 'cream_butter', 'mix_dry', 'fold', 'stream_in', 'temper_in', 'temper_eggs', 'blend', 'emulsify', 'toss', 'whip', 'meringue_french', 'whisk_ribbon', 'blanch_yolks'];

    private const JUST_MIX = '~^\W*(?:and\s+)?[\p{L}-]+(?:\s+(?:it|all|well|again|together|gently|thoroughly|briefly|smooth|everything|in|through|up|until.*))*\W*$~iu';

    /** Words behind a name that make it what was made of it. */
    private const MADE_OF = ['sauce', 'puree', 'mixture', 'mix', 'syrup', 'custard', 'jelly', 'powder', 'paste', 'compote', 'coulis', 'caramel', 'filling', 'layer', 'foam', 'batter', 'dough', 'gel'];

    /** What is put on top of what has set, and what a mass that stands was last. */
    private const TOPS = ['scatter', 'garnish', 'pour_over', 'dust', 'glaze', 'torch', 'soak_sponge'];
    private const STANDS = ['chill', 'freeze', 'bake', 'bake_water', 'blind_bake', 'cool', 'rest', 'fill', 'unmould', 'set_in_layers', 'press_base', 'line_pastry', 'arrange', 'spread', 'pipe', 'layer', 'thaw', 'temper_out', 'cut_out', 'pour_over', 'dry_oven', 'steam', 'culture', 'age', 'dip', 'soak_sponge'];

    /** Words of a label that name nothing. */
    private const LABELS = '~\b(?:meanwhile|then|next|now|for|to make|make|in|on|the|your)\b~iu';

    /** Work of a knife. */
    private const CUTS = ['chop', 'slice', 'dice', 'halve', 'quarter', 'cut'];

    /** What is cut is the last that was rolled, baked, pressed or laid out. */
    private const CUT_ALONE = ['roll', 'bake', 'bake_water', 'press_base', 'spread', 'knead', 'cool', 'roll_up', 'laminate'];

    /** min from which what is cooked in a dish is cooked in the oven. */
    private const IN_OVEN = 15.0;

    /** What is done to the mass at hand though nothing is named. */
    private const OF_THE_MASS = ['unmould', 'chill', 'cool', 'freeze', 'bake', 'rest', 'strain', 'serve', 'take_off'];

    private const BATH = '~\b(?:(?:over|in|into|with|of|above)\s+)?(?:(?:a|the|some)\s+)?(?:(?:gently|barely|just)\s+)?(?:simmering|iced?|running)\s+water\b|\b(?:over|above)\s+(?:(?:a|the)\s+)?(?:(?:pan|pot|bowl)\s+of\s+)?(?:hot|boiling)\s+water\b~iu';

    private const VESSELS = '\b(?:tins?|pans?|glass|bowl|dish|jars?|cups?|pots?|cases?|rings?|moulds?|fridge|freezer|oven|tray|water)\b';

    private const VESSEL = '~\b(?:tins?|pans?|glass(?:es)?|mould?s?|molds?|ramekins?|dish(?:es)?|jars?|cups?|pots?|cases?|shells?|rings?|verrines?|bowls?|moulds)\b~iu';

    /** @var array<int, Act> */
    private array $acts = [];

    /** @var array<string, float> share of each line that was named, by its key */
    private array $used = [];

    /** @var array<string, int> the act that took each line last */
    private array $taker = [];

    /** @var array<int, int> the last act of each layer */
    private array $last = [];

    private ?int $latest = null;

    /** @var list<int> layers a later sentence begins with the name of */
    private array $later = [];

    private int $under = 0;

    /** °C the oven was set to, and how it was said. */
    private ?Act $preheated = null;

    /** Words that wait for the clause they belong to: "Peel and core the apples". */
    private string $waiting = '';

    /** How the sentence at hand began, where that is of no clause of it: "Sponge:". */
    private string $label = '';

    /** Whether the clause at hand is work of a knife. */
    private bool $isCut = false;

    /** Whether something of the sentence at hand was done already. */
    private bool $isBegun = false;

    public function __construct(private readonly Formula $formula, private readonly LineNouns $nouns, private readonly Spelling $spelling) {}

    /** A heading of the method names the layer that the next steps are of, where it names one. */
    public function under(string $heading): void
    {
        $layer = $this->layerNamed($heading);
        if ($layer !== null) {
            $this->under = $layer;
            $this->latest = $this->last[$layer] ?? null;
        }
    }

    /** The layer a sentence begins by naming: "Sauce: everything in a pan"; null where it begins with none. */
    public function labelled(string $sentence): ?int
    {
        $label = $this->label($sentence);

        return $label === '' ? null : $this->layerOf($this->spelling->words((string) preg_replace(self::LABELS, ' ', $label)));
    }

    /** @param list<int> $layers whose steps a later sentence begins with their name: no word means a line of them before that, if it may mean another */
    public function untilNamed(array $layers): void
    {
        $this->later = $layers;
    }

    /** Whether a sentence names a line nobody has used. */
    public function namesUnused(string $text): bool
    {
        foreach ($this->nouns->in($this->spelling->words($text)) as $found) {
            foreach (array_keys($found['lines']) as $key) {
                if (!isset($this->used[$key])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Takes a sentence; false where no verb of it is known. */
    public function take(string $sentence, int $at): bool
    {
        $of = $this->label($sentence);
        $clauses = Clauses::of(mb_substr($sentence, mb_strlen($of)));
        $verbs = array_map(Clauses::verb(...), $clauses);
        // "25 mins, don't open the door" of what stands on its tray before a heated oven.
        if (array_filter($verbs) === [] && $this->waitsForTheOven() && preg_match('~^\W*\d+(?:\s*[-–]\s*\d+)?\s*(?:m|mins?|minutes?|hrs?|hours?)\b~iu', $clauses[0] ?? '') === 1) {
            $words = $this->spelling->words($clauses[0]);
            $verbs[0] = ['verb' => 'bake', 'at' => \count($words), 'length' => 0, 'words' => $words];
        }
        if (array_filter($verbs) === []) {
            return false;
        }
        if ($of !== '') {
            $this->begin($of);
        }
        $this->label = $of;
        $this->waiting = '';
        $this->isBegun = false;
        foreach ($clauses as $n => $clause) {
            $verb = $verbs[$n];
            if ($verb === null || ($n === 0 || $this->isBegun) && preg_match('~^\W*(?:and\s+)?(?:(?:keep|carry on|continue)\s+(?:going|at it|like this)\b|give\s+(?:it|them)\s+(?:(?:another|a further)\s+)?\d+)~iu', $clause) === 1 && $this->acts !== []) {
                $this->isBegun = $this->isBegun || $verb !== null;
                // Words without a verb belong to what was said before them, or to what comes.
                $this->append($clause);
                continue;
            }
            $this->clause($clause, $verb, $at, $clauses[$n + 1] ?? '', implode(' ', \array_slice($clauses, $n + 1)));
        }

        return true;
    }

    /** Whether the oven is hot and what is at hand stands on a tray or in a tin, and was not in it yet. */
    private function waitsForTheOven(): bool
    {
        return $this->preheated !== null && $this->latest !== null && \in_array($this->acts[$this->latest]->operation->key, ['pipe', 'fill', 'spread', 'arrange', 'press_base', 'line_pastry', 'lay_in', 'layer', 'cut', 'cut_out'], true);
    }

    /** What a sentence begins with that says of what it is: "Sponge:", "Craquelin –", "Meanwhile the compote:", "For the mousse". */
    private function label(string $sentence): string
    {
        if (preg_match('~^\s*(?:(?:meanwhile|then|next|now),?\s+)?(?:(?:for|to make|make|in|on)\s+)?(?:(?:the|your)\s+)?([^:.,;()–—-]{3,40}?)\s*(?::|\s[–—-])\s+(?=\S)~iu', $sentence, $m) !== 1
            && preg_match('~^\s*(?:meanwhile,?\s+)?(?:for|to make)\s+(?:the|your)\s+((?:[\p{L}-]+\s+){0,2}?[\p{L}-]+),?\s+(?=\p{L})~iu', $sentence, $m) !== 1) {
            return '';
        }
        $words = $this->spelling->words($m[1]);
        $isOfALayer = $this->layerOf($words) !== null;
        // A prep sheet names what goes in first: "cream – whip soft" is of the cream.
        $isALine = str_ends_with(rtrim($m[0]), ':') ? false : $this->nouns->in($words) !== [] && $this->hasOpen($words);

        return !$isALine && ($isOfALayer || (Products::in($m[1]) !== [] && Verbs::at($words) === null)) ? $m[0] : '';
    }

    /** Goes on with the layer that a label names; with nothing in hand where it names something else that is made. */
    private function begin(string $label): void
    {
        $layer = $this->layerOf($this->spelling->words((string) preg_replace(self::LABELS, ' ', $label)));
        if ($layer === null) {
            $this->latest = null;

            return;
        }
        $this->under = $layer;
        $this->latest = $this->last[$layer] ?? null;
    }

    /**
     * The layer whose name holds all of some words, or all of whose name they hold.
     *
     * @param list<string> $words
     */
    private function layerOf(array $words): ?int
    {
        foreach ($this->formula->layers as $n => $layer) {
            $name = array_diff($this->spelling->words($layer->name), self::NO_NAMES);
            if ($name !== [] && $words !== [] && (array_diff($words, $name) === [] || array_diff($name, $words) === [])) {
                return $n;
            }
        }

        return null;
    }

    /**
     * Whether words name a line of which something is still to come.
     *
     * @param list<string> $words
     */
    private function hasOpen(array $words): bool
    {
        foreach ($this->nouns->in($words) as $found) {
            foreach (array_keys($found['lines']) as $key) {
                if (($this->used[$key] ?? 0.0) < 1.0 - 1e-6) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<Act> */
    public function acts(): array
    {
        return array_values($this->acts);
    }

    /** @return list<Part> lines of which nothing was said */
    public function unsaid(): array
    {
        $unsaid = [];
        foreach ($this->nouns->ingredients as $key => $in) {
            if (!isset($this->used[$key])) {
                [$layer, $line] = array_map(intval(...), explode('.', (string) $key));
                $unsaid[] = new Part($layer, $line, 1.0, mb_strtolower($in->name));
            }
        }

        return $unsaid;
    }

    /** @param array{verb: string, at: int, length: int, words: list<string>} $verb */
    private function clause(string $clause, array $verb, int $at, string $next, string $later): void
    {
        // What is a sign of the end names nothing that goes in.
        $said = (string) preg_replace(['~\b(?:until|till|so that|while you|as you)\b.*$|\bto\s+(?:(?:a|an|very|the)\s+)*(?:soft|firm|stiff|medium|glossy|ribbon|froth\w*|foam\w*|paste|crumbs?|thick|smooth|pale|snow|full volume)\b(?:\s+(?:peaks?|crumbs?|and\s+\w+|paste|powder))*|\b(?:just\s+)?to\s+(?:combine|mix|blend|incorporate|break up)\b.*$|\bto\s+(?:slacken|loosen|soften|coat|combine|cover|break|get rid of|lighten)\s+(?:it|them|up|the)\b[^,;]*~iu', '~^\W*(?:for|to make) the [^,:]{1,40}[,:]~iu'], '', $clause);
        $this->isCut = \in_array($verb['verb'], self::CUTS, true);
        // "Butter the bread": what is done is also what it is done with.
        $withIt = $verb['verb'] === 'butter' ? 'butter on ' : '';
        $named = self::beside($said, $verb);
        [$parts, $refers, $isNamed] = $this->parts((string) preg_replace('~^\W*(?:for|to make) the [^,:]{1,40}[,:]~iu', '', ltrim("$this->waiting $withIt$named")));
        // "Unmould and garnish" are two; "halve, stone and slice" are done to the same.
        $isOfTheMass = $this->latest !== null && \in_array(Verbs::operation($verb['verb'], [], $clause)['operation']->key, self::OF_THE_MASS, true);
        if (!$isOfTheMass && !$this->isBegun && !$isNamed && $this->nouns->in($this->spelling->words($later)) !== [] && self::isBareVerbs($verb['words']) && preg_match(self::PRODUCT, $clause) !== 1 && Marks::lasts($clause) === null && Marks::mass($clause) === null) {
            $this->waiting = trim($this->waiting . ' ' . $clause . ' and');

            return;
        }
        $of = $isNamed || !$this->isBegun || $this->latest === null ? [...$parts, ...$refers] : $this->acts[$this->latest]->parts;
        $objects = Objects::of(array_map(fn(Part $part): Ingredient => $this->nouns->ingredients[$part->key()], $of), mb_strtolower($said));
        if ($parts === []) {
            array_push($objects, ...$this->held($refers));
        }
        ['operation' => $operation, 'goesOn' => $goesOn] = Verbs::operation($verb['verb'], $objects, $clause, $next);
        // "Separate the whites from the yolks": of the eggs, which nobody names.
        $eggs = $operation->key === 'separate_eggs' && $parts === [] ? $this->wholeEggs() : null;
        if ($eggs !== null) {
            $parts = [$eggs];
            $refers = [];
            $goesOn = '';
        }
        // "And mix well" of what is wet already.
        if ($operation->key === 'mix_dry' && $parts === [] && $refers === []) {
            $operation = Operation::of('combine');
        }
        $words = trim($this->label . ltrim($this->waiting . ' ' . $clause));
        $this->waiting = $this->label = '';
        // "Pour over the base" is of what is poured.
        $onto = $goesOn === 'yes' && $this->latest !== null && preg_match(self::ONTO, $said, $m) === 1 ? $this->layerNamed($m[0]) : null;
        $layer = match (true) {
            $parts !== [] => self::most(array_map(static fn(Part $part): int => $part->layer, $parts)),
            $onto !== null && $this->latest !== null => $this->acts[$this->latest]->layer,
            \in_array($operation->key, ['unmould', 'temper_out'], true) && $this->main() !== null => $this->main(),
            $operation->key === 'cut' && $this->main() !== null && !$this->isCutAlone() => $this->main(),
            default => $this->layerNamed($said) ?? ($this->latest === null ? $this->under : $this->acts[$this->latest]->layer),
        };
        // "Turn the oven up" for what is not yet in it.
        if ($operation->key === 'turn_down' && !$this->isBaking()) {
            $operation = Operation::of('preheat');
        }
        if ($operation->key === 'turn_down' && $this->lastBake() !== null) {
            $this->isBegun = true;
            $this->stage($words, $clause);

            return;
        }
        // "Heat the ghee, fry the nuts": in it.
        if ($this->isBegun && $this->latest !== null && \in_array($operation->key, ['fry', 'roast_in_fat', 'toast'], true) && \in_array($this->acts[$this->latest]->operation->key, ['warm', 'melt', 'heat_to'], true)) {
            $goesOn = 'yes';
        }
        // "Dice the mango" of what is no line of the dish is done to nothing that is there.
        $isOfElse = !$this->isBegun && $parts === [] && $refers === [] && $operation->key === 'prep_fruit' && preg_match(self::PRODUCT, $said) !== 1 && preg_match('~\bthe\s+\p{L}~iu', $said) === 1;
        $from = $isOfElse || \in_array($operation->key, self::BESIDE, true) ? [] : $this->from($said, $parts, $refers, $goesOn, $layer, $operation);
        // "Freeze overnight. Cook the cherries with the kirsch": what is in a tin or frozen goes into no pan.
        if (!$this->isBegun && $parts !== [] && \in_array($operation->heats, ['mass', 'boil', 'sugar', 'fat'], true) && preg_match(self::PRODUCT, $said) !== 1) {
            $from = array_values(array_filter($from, fn(int $n): bool => !\in_array($this->acts[$n]->operation->key, self::STANDS, true)));
        }
        $this->isBegun = true;
        // "Pour over the chocolate" is over that, and on nothing else that stands by.
        $isOverALine = $parts === [] && $refers !== [] && preg_match(self::ONTO, $said, $over) === 1 && $this->nouns->in($this->spelling->words($over[0])) !== [];
        $from = $isOverALine ? $from : $this->finished($operation, $from, $said, $layer);
        $whole = $this->whole(self::without($said, [...$parts, ...$refers]), $layer);
        if ($whole !== null && $this->latest !== null) {
            $from = array_values(array_unique([...($parts === [] ? [$this->latest] : $from), $whole]));
        }
        if ($onto !== null && $parts === [] && $this->latest !== null) {
            $from = array_values(array_unique([$this->latest, ...$from]));
        }
        // "Pour into the dish. Cook for 2 hours": in the oven that was heated for it.
        if ($verb['verb'] === 'cook' && $parts === [] && $this->preheated !== null && (Marks::lasts($clause)->best ?? 0.0) >= self::IN_OVEN && \in_array($operation->key, ['simmer', 'cook_to', 'boil'], true) && $this->isInDish()) {
            $operation = Operation::of('bake');
        }
        // "Keep whisking till it has boiled for a minute", "stir until it thickens" of what is on the heat.
        if ($operation->key === 'combine' && preg_match('~\b(?:until|till)\b[^,;]*\b(boil|bubbl|thick)~iu', $clause, $m) === 1 && $from !== [] && $this->isOnHeat($from)) {
            $operation = Operation::of(mb_strtolower($m[1]) === 'thick' ? 'cook_to' : 'boil');
        }
        if ($operation->key === 'bake' && $this->standsInWater()) {
            $operation = Operation::of('bake_water');
        }
        if ($operation->key === 'bake' && $parts === [] && $this->latest !== null && $this->latest === $this->lastBake() && $this->stagesOn($clause, $words)) {
            return;
        }
        [$celsius, $oven] = $operation->heats === 'oven' ? Marks::oven($clause) : [Marks::mass($clause), null];
        if ($operation->heats === 'oven' && $celsius === null && $this->preheated !== null && !\in_array($operation->key, ['preheat', 'turn_down'], true)) {
            [$celsius, $oven] = [$this->preheated->celsius, $this->preheated->oven];
        }
        $stages = $operation->heats === 'oven' ? Marks::stages($clause) : [];
        if ($parts === [] && $this->latest !== null && $from === [$this->latest] && $this->goesOnWith($operation, $said)) {
            $this->append($clause);

            return;
        }
        $act = new Act($at, $words, $operation, $layer, $parts, $from, $celsius, $oven, Marks::lasts($clause), $stages, Marks::sign($clause));
        if ($operation->key === 'preheat') {
            $this->preheated = $act;
            $this->acts[] = $act;

            return;
        }
        $this->add($act);
        if ($operation->heats === 'oven' && $celsius !== null) {
            $this->preheated = $act;
        }
    }

    /**
     * What the mass at hand holds, as objects of `verbs.csv` behind "in-": yolks that are cooked are not simmered.
     *
     * @param list<Part> $refers lines that are spoken of and in already
     *
     * @return list<string>
     */
    private function held(array $refers): array
    {
        $keys = [];
        $in = [];
        foreach (array_unique([$this->latest, ...array_map(fn(Part $part): ?int => $this->taker[$part->key()] ?? null, $refers)]) as $at) {
            $in += $at === null ? [] : $this->chain((int) $this->reached($at));
        }
        foreach (array_keys($in) as $n) {
            foreach ($this->acts[$n]->parts as $part) {
                $keys[$part->key()] = true;
            }
        }

        return array_map(static fn(string $object): string => "in-$object", Objects::of(array_map(fn(string|int $key): Ingredient => $this->nouns->ingredients[(string) $key], array_keys($keys)), ''));
    }

    /**
     * What a clause names beside its verb: to cream the butter takes no cream.
     *
     * @param array{verb: string, at: int, length: int, words: list<string>} $verb
     */
    private static function beside(string $said, array $verb): string
    {
        return $verb['length'] === 0 ? $said : (string) preg_replace('~(?<![\p{L}-])' . str_replace(' ', '\s+', preg_quote($verb['verb'], '~')) . '(?![\p{L}-])~iu', ' ', $said, 1);
    }

    /**
     * Whether a clause is nothing but verbs: "Halve, stone" of "Halve, stone and slice the peaches".
     *
     * @param list<string> $words
     */
    private static function isBareVerbs(array $words): bool
    {
        for ($at = 0; $at < \count($words); $at += $verb['length']) {
            $verb = Verbs::at($words, $at);
            if ($verb === null) {
                return false;
            }
        }

        return true;
    }

    /** Whether what is at hand stands in a dish or tin, and was not in a pan since. */
    private function isInDish(): bool
    {
        foreach ($this->latest === null ? [] : array_reverse(array_keys($this->chain($this->latest))) as $n) {
            if (\in_array($this->acts[$n]->operation->key, ['fill', 'press_base', 'line_pastry', 'spread'], true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether what some acts made stands over a flame: heated, and neither taken off nor cooled since.
     *
     * @param list<int> $from
     */
    private function isOnHeat(array $from): bool
    {
        foreach ($from as $n) {
            $operation = $this->acts[$n]->operation;
            if (\in_array($operation->heats, ['mass', 'boil'], true) || ($operation->key === 'combine' && $this->isOnHeat($this->acts[$n]->from))) {
                return true;
            }
        }

        return false;
    }

    /** Whether hot water was poured around what is baked next. */
    private function standsInWater(): bool
    {
        foreach (\array_slice($this->acts, -4) as $act) {
            if (preg_match('~\bwater\b.*\b(?:roasting|half|tins?|trays?|bath|sides)\b~iu', $act->words) === 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * What a step that ends something is also done to: a topping goes on what has set, a filling on what lies under it, an assembly takes all there is.
     *
     * @param list<int> $from
     *
     * @return list<int>
     */
    private function finished(Operation $operation, array $from, string $said, int $layer): array
    {
        $isTop = \in_array($operation->key, self::TOPS, true) || ($operation->key === 'arrange' && preg_match('~\b(?:on|over|around|top)\b~iu', $said) === 1);
        // "Spoon the cherries over": over what has set.
        $isFill = \in_array($operation->key, ['fill', 'spread', 'pipe'], true) && preg_match('~\b(?:over|on top)\W*$~iu', $said) !== 1;
        $isTop = $isTop || (!$isFill && \in_array($operation->key, ['fill', 'spread', 'pipe'], true));
        $isTray = preg_match('~\b(?:on|onto|over|across)\s+(?:an?|the|your|\p{L}+)\s+(?:\p{L}+\s+){0,2}(?:trays?|sheets?|paper|parchment|mats?|marble|board)\b~iu', $said) === 1;
        if ($isTray || (!$isTop && !$isFill && $operation->key !== 'layer')) {
            return $from;
        }
        $in = [];
        foreach ($from as $n) {
            $in += $this->chain($n);
        }
        $waits = [];
        foreach (array_keys($this->formula->layers) as $of) {
            foreach ($this->openOf($of) as $n) {
                $isSet = \in_array($this->acts[$n]->operation->key, self::STANDS, true) && !$this->isOnlyReady($n);
                $is = match (true) {
                    isset($in[$n]) => false,
                    $operation->key === 'layer' => !$this->isMadeReady($n),
                    $isFill => $of < $layer && $isSet,
                    default => $isSet,
                };
                if ($is) {
                    $waits[$n] = array_sum(array_map(fn(int $act): float => array_sum(array_map(fn(Part $part): float => $part->share * $this->grams($part->key()), $this->acts[$act]->parts)), array_keys($this->chain($n))));
                }
            }
        }
        if ($waits === []) {
            return $from;
        }
        arsort($waits);

        return array_values(array_unique([...($operation->key === 'layer' ? array_keys($waits) : [(int) array_key_first($waits)]), ...$from]));
    }

    /** Whether a clause that names nothing only goes on with what was just done: "put it in water and let it bloom", "add the sugar and mix". */
    private function goesOnWith(Operation $operation, string $said): bool
    {
        $last = $this->acts[(int) $this->latest]->operation;
        $isMixing = static fn(Operation $one): bool => \in_array($one->key, self::MIXING, true);

        $isBare = preg_match(self::JUST_MIX, $said) === 1;
        // "Cover with boiling water and leave an hour": the hour is that of the soaking.
        $isItsTime = $operation->key === 'rest' && $last->wait !== null && $this->acts[(int) $this->latest]->time === null && !\in_array($last->key, ['rest', 'cool'], true) && !$isMixing($last);

        // "Chop the chocolate and place in a bowl": where it stands is of what was done to it.
        $isPutBy = $operation->key === 'combine' && $last->heats !== 'oven' && preg_match('~^\W*(?:put|place|tip|set)\s+(?:it\s+|this\s+|them\s+)?(?:in|into)\s+(?:an?|the|your)\s+(?:[\w-]+\s+){0,3}(?:bowl|pan|saucepan|jug|pot|processor|blender)\W*$~iu', $said) === 1;

        return $this->isBegun && !$operation->isBare() && ($isPutBy || $operation->key === $last->key && $operation->heats !== 'oven' && ($operation->key !== 'combine' || $isBare) || ($operation->key === 'combine' && $isBare && $isMixing($last)) || $isItsTime);
    }

    /**
     * What a clause names: lines that go in, lines that are in already, and whether it names anything.
     *
     * @return array{list<Part>, list<Part>, bool}
     */
    private function parts(string $said): array
    {
        // A bath of water is none of the dish.
        $said = (string) preg_replace(self::BATH, ' ', $said);
        $parts = $refers = [];
        [$said, $but] = [...preg_split(self::EXCEPT, $said, 2) ?: [$said], ''];
        $kept = $this->nouns->in($this->spelling->words($but));
        // "Whites + sugar" are two things, and no white sugar.
        $all = [];
        foreach (preg_split('~[,+&;:()]|(?<!\d)/|/(?!\d)|\band\b|\bwith\b~iu', $said) ?: [] as $piece) {
            $words = $this->spelling->words($piece);
            foreach ($this->nouns->in($words, $this->later) as $found) {
                $all[] = [$found, $words];
            }
        }
        $isNamed = $all !== [];
        $only = $this->onlyOf(array_column($all, 0));
        foreach ($all as [$found, $words]) {
            $this->name($found, $words, $said, $only, $parts, $refers);
        }
        $isFirst = $this->latest === null && preg_match('~\b(?:it|them)\b~iu', $said) === 1 && !$isNamed;
        $isMoved = preg_match('~^\W*(?:return|transfer|strain|sieve|pass|pour|scrape|move|take|spoon|ladle|bring)\b~iu', Clauses::bare(ltrim($said))) === 1;
        $begun = preg_match('~\bthe (?:rest|remainder|remaining half|other half)\b(?!\s+of)~iu', $said) === 1 && !$isNamed ? $this->begunLast($this->isCut) : null;
        if ($begun !== null) {
            [$of, $line] = array_map(intval(...), explode('.', $begun));
            $parts[] = new Part($of, $line, 1.0 - $this->used[$begun], 'the rest');
            $this->used[$begun] = 1.0;
        } elseif ($isFirst || (!$isMoved && !$this->isCut && preg_match(self::ALL, $said) === 1) || (preg_match(self::DRY, $said) === 1 && $parts === [])) {
            $isDry = preg_match(self::DRY, $said) === 1;
            $layer = $this->latest === null ? $this->under : $this->acts[$this->latest]->layer;
            $layer = $this->layerNamed($said) ?? ($this->hasUnused($layer) ? $layer : $this->under);
            foreach ($this->nouns->ingredients as $key => $in) {
                [$of, $line] = array_map(intval(...), explode('.', (string) $key));
                $isKept = array_filter($kept, static fn(array $found): bool => isset($found['lines'][$key])) !== [];
                if ($of === $layer && !$isKept && !isset($this->used[$key]) && (!$isDry || $in->composition->of100('water') < 20.0)) {
                    $this->used[$key] = 1.0;
                    $parts[] = new Part($of, $line, 1.0, $isDry ? 'dry ingredients' : 'everything');
                }
            }
        }

        if (preg_match(self::SOME, $said, $m) === 1) {
            $this->several(self::COUNTS[mb_strtolower($m[1])] ?? (int) $m[1], $m[2], $parts);
            $refers = [];
        }
        $taken = array_fill_keys(array_map(static fn(Part $part): string => $part->key(), $parts), true);

        return [$parts, array_values(array_filter($refers, static fn(Part $part): bool => !isset($taken[$part->key()]))), $isNamed];
    }

    /**
     * The one layer that all words speak of that can be of one alone: with the eggs of the sponge goes its sugar.
     *
     * @param list<array{at: int, length: int, phrase: string, lines: array<string, int>, also: array<string, int>}> $all
     */
    private function onlyOf(array $all): ?int
    {
        $of = [];
        foreach ($all as $found) {
            $layers = array_unique(array_map(intval(...), array_keys($found['lines'])));
            if (\count($layers) === 1) {
                $of[(int) reset($layers)] = true;
            }
        }

        return \count($of) === 1 ? array_key_first($of) : null;
    }

    /**
     * The line of which an act just before took a part.
     *
     * @param bool $isCut whether what is asked for is cut, which sugar is not
     */
    private function begunLast(bool $isCut = false): ?string
    {
        foreach (\array_slice(array_reverse($this->acts), 0, 2) as $act) {
            foreach ($act->parts as $part) {
                if (($this->used[$part->key()] ?? 1.0) < 1.0 - 1e-6 && !($isCut && $this->nouns->ingredients[$part->key()]->group === 'sugar')) {
                    return $part->key();
                }
            }
        }

        return null;
    }

    /** Takes the whole eggs of the layer at work that nobody has used; null where there are none. */
    private function wholeEggs(): ?Part
    {
        $here = $this->latest === null ? $this->under : $this->acts[$this->latest]->layer;
        foreach ($this->nouns->ingredients as $key => $in) {
            [$layer, $line] = array_map(intval(...), explode('.', (string) $key));
            if ($layer === $here && $in->class === 'whole-egg' && !isset($this->used[(string) $key])) {
                $this->used[(string) $key] = 1.0;

                return new Part($layer, $line, 1.0, 'eggs');
            }
        }

        return null;
    }

    /**
     * Takes as many lines as a layer has left, where it has just so many: "the three milks".
     *
     * @param list<Part> $parts
     */
    private function several(int $count, string $named, array &$parts): void
    {
        foreach (array_keys($this->formula->layers) as $layer) {
            $open = array_values(array_filter(array_map(strval(...), array_keys($this->nouns->ingredients)), fn(string $key): bool => (int) $key === $layer && (!isset($this->used[$key]) || array_filter($parts, static fn(Part $part): bool => $part->key() === $key) !== [])));
            if (\count($open) !== $count) {
                continue;
            }
            $parts = array_values(array_filter($parts, static fn(Part $part): bool => $part->layer === $layer));
            foreach ($open as $key) {
                if (!isset($this->used[$key])) {
                    $this->used[$key] = 1.0;
                    $parts[] = new Part($layer, (int) explode('.', $key)[1], 1.0, $named);
                }
            }

            return;
        }
    }

    /**
     * Takes what a word names: the line, or so much of it as the words before it say.
     *
     * @param array{at: int, length: int, phrase: string, lines: array<string, int>, also: array<string, int>} $found
     * @param list<string> $words it stands among
     * @param ?int $only layer that the other words are of
     * @param list<Part> $parts lines that go in
     * @param list<Part> $refers lines that are in already
     */
    private function name(array $found, array $words, string $said, ?int $only, array &$parts, array &$refers): void
    {
        $found['lines'] = $this->hereAlso($found['lines'], $found['also']);
        $before = implode(' ', \array_slice($words, max(0, $found['at'] - 5), min(5, $found['at'])));
        $isMadeOf = \in_array($words[$found['at'] + $found['length']] ?? '', self::MADE_OF, true);
        $keys = $this->meant($found['lines'], [...$this->layersNamed(implode(' ', \array_slice($words, max(0, $found['at'] - 2), min(2, $found['at'])))), ...($only === null ? [] : [$only])], $this->isMany($found['phrase'], $said), $isMadeOf, preg_match('~\b(?:rest|remaining|remainder)\b~u', $before) === 1, preg_match('~(\d+(?:\.\d+)?)\s*(?:g|ml)(?: of)?(?: the| cold| hot)*$~u', $before, $m) === 1 ? (float) $m[1] : null);
        [$share, $isRest, $isDrafted] = $this->share($before, $keys[0] ?? '');
        // "The saffron milk" is both that were written as one.
        if (substr_count($found['phrase'], ' ') > 0 && \count($keys) === 1) {
            $keys = array_values(array_filter(array_map(strval(...), array_keys($found['lines'])), fn(string $key): bool => $key === $keys[0] || $this->written($key) === $this->written($keys[0])));
        }
        foreach ($keys as $key) {
            $was = $this->used[$key] ?? 0.0;
            [$layer, $line] = array_map(intval(...), explode('.', $key));
            $take = $isRest ? 1.0 - $was : min($share, 1.0 - $was);
            // "The raspberry sauce" is what was made of them.
            if ($was > 0.0 && $isMadeOf) {
                $take = 0.0;
            }
            if ($take > 1e-6) {
                $this->used[$key] = $was + $take;
                $parts[] = new Part($layer, $line, $take, $found['phrase'], $isDrafted);
            } else {
                $refers[] = new Part($layer, $line, 0.0, $found['phrase']);
            }
        }
    }

    /**
     * "The sugar" of a crumble is its demerara that is still to come, though the sugar of the apples is called so and no more.
     *
     * @param array<string, int> $lines the worthiest
     * @param array<string, int> $also of which it is the last word
     *
     * @return array<string, int>
     */
    private function hereAlso(array $lines, array $also): array
    {
        $here = $this->latest === null ? $this->under : $this->acts[$this->latest]->layer;
        $open = array_filter($also, fn(string|int $key): bool => (int) $key === $here && !isset($this->used[(string) $key]), \ARRAY_FILTER_USE_KEY);
        $isUsedUp = array_filter(array_keys($lines), fn(string|int $key): bool => (int) $key === $here || ($this->used[(string) $key] ?? 0.0) < 1.0 - 1e-6) === [];

        return $isUsedUp && $open !== [] ? $open : $lines;
    }

    /** Whether a word means every line it fits: "the sugars", "all the cream". */
    private function isMany(string $phrase, string $said): bool
    {
        return preg_match('~\b(?:all|both)\s+(?:of\s+)?(?:the\s+)?~iu', $said) === 1 || preg_match('~\b' . preg_quote($phrase, '~') . 's\b~iu', $said) === 1 && preg_match('~(?:sugar|flour|cheese|cream|chocolate|juice|nut|seed|spice)$~u', $phrase) === 1;
    }

    /**
     * Which of the lines a word fits is meant: those of the layer at work first, what is still to come before what is in.
     *
     * @param array<string, int> $lines
     * @param list<int> $layers that the words before it name: "the glaze purée"
     * @param ?float $grams that are said
     *
     * @return list<string> keys
     */
    private function meant(array $lines, array $layers, bool $isMany, bool $isMadeOf, bool $isRest, ?float $grams): array
    {
        // "The 60 g sugar" is the line of 60 g.
        $exact = $grams === null ? [] : array_values(array_filter(array_map(strval(...), array_keys($lines)), fn(string $key): bool => abs($this->grams($key) - $grams) <= 0.02 * $grams && ($this->used[$key] ?? 0.0) < 1.0 - 1e-6));
        if (\count($exact) === 1) {
            return $exact;
        }
        $keys = array_map(strval(...), array_keys($lines));
        // "The syrup mixture" is what was made of a syrup, and no syrup to come.
        $in = $isMadeOf ? array_values(array_filter($keys, fn(string $key): bool => isset($this->used[$key]))) : [];
        if ($in !== []) {
            return [$in[0]];
        }
        $here = $this->latest === null ? $this->under : $this->acts[$this->latest]->layer;
        $open = array_values(array_filter($keys, fn(string $key): bool => ($this->used[$key] ?? 0.0) < 1.0 - 1e-6));
        // "The rest of the sugar" is of a line that was begun, wherever another has not been.
        $begun = $isRest ? array_values(array_filter($open, fn(string $key): bool => ($this->used[$key] ?? 0.0) > 0.0)) : [];
        // "The hot purée" of a layer that is not yet whole, or still stands in several bowls, is the one it holds, and not that of a layer to come.
        $held = $this->hasUnused($here) || \count(array_filter($this->openOf($here), fn(int $n): bool => $this->acts[$n]->parts !== [] || $this->acts[$n]->from !== [])) > 1 ? $keys : [];
        foreach ([[$begun, [...$layers, $here, $this->under]], [$open, [...$layers, $here, $this->under]], [$held, [$here]], [$open, []], [$keys, [$here, $this->under]], [$keys, []]] as [$from, $at]) {
            foreach ($at as $layer) {
                $of = array_values(array_filter($from, static fn(string $key): bool => (int) $key === $layer));
                if ($of !== []) {
                    return $isMany ? $of : [$of[0]];
                }
            }
            if ($from !== [] && $at === []) {
                return $isMany ? $from : [$from[0]];
            }
        }

        return [];
    }

    /**
     * How much of a line the words before it ask for.
     *
     * @return array{float, bool, bool} share, whether it is what is left, whether it is a guess
     */
    private function share(string $before, string $key): array
    {
        $grams = $key === '' ? 0.0 : $this->grams($key);

        return match (true) {
            preg_match('~\b(?:rest|remaining|remainder|other half|other)\b[^.]*$~u', $before) === 1 => [1.0, true, false],
            preg_match('~\b(?:two|2)[\s-]third(?: of)?(?: the| your)?$~u', $before) === 1, preg_match('~\b2 3(?: of)?(?: the)?$~u', $before) === 1 => [2 / 3, false, false],
            preg_match('~\b(?:three|3)[\s-]quarter(?: of)?(?: the)?$~u', $before) === 1 => [0.75, false, false],
            preg_match('~\b([1-5]) ([2-6])(?: of)?(?: the)?$~u', $before, $of) === 1 && (int) $of[1] < (int) $of[2] => [(int) $of[1] / (int) $of[2], false, false],
            preg_match('~\b0?([.]\d+)(?: of)(?: the)?$~u', $before, $of) === 1 => [(float) "0$of[1]", false, false],
            preg_match('~\bhalf(?: of)?(?: the| your)?(?: \w+)?$~u', $before) === 1, preg_match('~\b1 2(?: the| of the)?$~u', $before) === 1 => [0.5, false, false],
            preg_match('~\bthird(?: of)?(?: the| your)?(?: \w+)?$~u', $before) === 1 => [1 / 3, false, false],
            // "Quarter the figs" cuts all of them.
            preg_match('~^quarter(?: the| your| each)?$~u', $before) === 1 => [1.0, false, false],
            preg_match('~\bquarter(?: of)?(?: the)?$~u', $before) === 1 => [0.25, false, false],
            preg_match('~\b(?:some|little|few|bit|spoonful|spoon|splash|ladleful)(?: more)?(?: of)?(?: the| cold| hot)*$~u', $before) === 1 => [1 / 3, false, true],
            preg_match('~\bmost(?: of)?(?: the)?$~u', $before) === 1 => [0.8, false, true],
            preg_match('~(\d+(?:\.\d+)?|\ba|\bone|\btwo)\s*(g|ml|tbsp|tablespoon|tsp|teaspoon)s?(?: of)?(?: the| cold| hot| warm| caster| granulated)*$~u', $before, $m) === 1 && $grams > 0.0 => [min(1.0, (is_numeric($m[1]) ? (float) $m[1] : ($m[1] === 'two' ? 2.0 : 1.0)) * match ($m[2]) {
                'tbsp', 'tablespoon' => 15.0,
                'tsp', 'teaspoon' => 5.0,
                default => 1.0,
            } / $grams), false, false],
            default => [1.0, false, false],
        };
    }

    private function written(string $key): string
    {
        [$layer, $line] = array_map(intval(...), explode('.', $key));

        return "$layer " . $this->formula->layers[$layer]->understood()[$line]->text;
    }

    private function grams(string $key): float
    {
        [$layer, $line] = array_map(intval(...), explode('.', $key));

        return $this->formula->layers[$layer]->understood()[$line]->grams;
    }

    /**
     * @param list<Part> $parts
     * @param list<Part> $refers
     *
     * @return list<int> acts whose products it works on
     */
    private function from(string $said, array $parts, array $refers, string $goesOn, int $layer, Operation $operation): array
    {
        $isApart = preg_match(self::APART, $said) === 1;
        $rest = self::without($said, [...$parts, ...$refers]);
        $from = [];
        foreach ($refers as $part) {
            $taker = $this->taker[$part->key()] ?? $this->latest;
            // Yolks and whites go ways of their own from where they were parted.
            $from[] = $taker !== null && $this->acts[$taker]->operation->key === 'separate_eggs' && $isApart ? $taker : $this->reached($taker);
        }
        // Yolks and whites of eggs that stand as one line come from where they were parted.
        $parted = preg_match('~\b(?:yolks?|whites?)\b~iu', $rest) === 1 ? array_key_last(array_filter($this->acts, static fn(Act $act): bool => $act->operation->key === 'separate_eggs')) : null;
        if ($parted !== null && array_filter([...$parts, ...$refers], static fn(Part $part): bool => preg_match('~yolk|white~', $part->named) === 1) === []) {
            $from[] = $isApart ? $parted : $this->reachedFirst($parted, $said);
        }
        // What it is made for is not there yet: "sugar and water on for the syrup".
        $rest = (string) preg_replace('~\bfor (?:the|a) [\p{L} ]+$~u', '', $rest);
        foreach ($parts === [] ? Products::in($rest) : [] as $operations) {
            $made = $this->madeBy($operations);
            if ($made !== null) {
                $from[] = (int) $this->reached($made);
                $rest = preg_match('~\b(?:it|them|this|these|mixture|mix)\b~iu', $rest) === 1 || preg_match('~\b(?:in|into|on|onto|over|with|to|through|top|around|between)\b~iu', $said) === 1 ? $rest : '';
            }
        }
        // "Spoon onto the base": what is in hand goes onto it.
        $isLaid = \in_array($operation->key, ['pipe', 'fill', 'spread'], true);
        if ($from !== [] && $refers === [] && $parts === [] && ($goesOn === 'yes' || $isLaid) && preg_match('~\b(?:in|into|on|onto|over|with|to|through|top|around|between)\b~iu', $said) === 1 && $this->latest !== null && !\in_array($this->latest, $from, true)) {
            $from[] = $this->latest;
        }
        foreach ($this->layersNamed($rest) as $named) {
            if (isset($this->last[$named])) {
                $from[] = $this->last[$named];
            }
        }
        // "Stir everything for the base": all there is of it is no mass that is there already.
        if (array_filter($parts, static fn(Part $part): bool => $part->named === 'everything') !== []) {
            $rest = (string) preg_replace(self::ALL, '', $rest);
        }
        // "Whisk the hung curd with the sugar": what was made before and waits.
        foreach ($parts !== [] ? Products::in($rest) : [] as $operations) {
            $made = $this->madeBy($operations);
            if ($made !== null && $this->reached($made) === $made && $this->acts[$made]->layer === $layer) {
                $from[] = $made;
                $rest = preg_match('~\b(?:it|them|this|these)\b~iu', $rest) === 1 ? $rest : '';
            }
        }
        if ($from === [] || preg_match(self::PRODUCT, $rest) === 1) {
            $isOpen = $parts !== [] && preg_match(self::PRODUCT, $rest) !== 1 && ($goesOn === '' || (!$this->isBegun && $this->isInto($said, $parts)) || ($goesOn === 'in' && preg_match('~\b(?:in|into|through|over|onto|to)\b(?!\s+an?\s+\w*\s*(?:bowl|pan|saucepan|jug|processor|blender))~iu', $said) !== 1));
            $isAll = array_filter($parts, static fn(Part $part): bool => $part->named === 'everything') !== [] && !isset($this->last[$layer]);
            if ((!$isOpen && !$isApart && !$isAll) || ($parts === [] && $from === [])) {
                $from[] = preg_match('~\b(?:together|both)\b~iu', $said) === 1 && $parts === [] ? null : ($this->last[$layer] ?? $this->latest);
                if (end($from) === null) {
                    array_pop($from);
                    $from = [...$from, ...$this->openOf($layer)];
                }
            }
        }

        $from = array_values(array_unique(array_filter($from, static fn(?int $n): bool => $n !== null)));
        // "Crush the biscuits and mix with the butter": what is done to nothing that is named is done to what was in hand.
        if (($this->isBegun || $refers === []) && $this->latest !== null && !$isApart && !\in_array($this->latest, $from, true) && preg_match('~^\W*[\p{L}-]+\s+(?:with|in|into|through|over|onto|on|to)\b~iu', Clauses::bare($said)) === 1) {
            $from[] = $this->latest;
        }
        $last = $this->last[$layer] ?? null;
        $isIn = preg_match('~^\W*[\p{L}-]+\s+(?:(?:it|them|this|(?:(?:a|one|the first)\s+)?(?:third|half|quarter|little|bit|spoonful|scoop)(?: of it)?)\s+(?:in|into|through)\b(?!.*' . self::VESSELS . ')|in(?:\s+\p{L}+ly)?\W*$)~iu', Clauses::bare($said)) === 1;
        $isIn = $isIn || preg_match('~^\W*add\W*$~iu', Clauses::bare($said)) === 1;
        // "Whisk in the hot milk": into what is in hand.
        $isInto = $goesOn === 'yes' || ($goesOn === 'in' && preg_match('~^\W*[\p{L}-]+\s+(?:back\s+)?in\s+(?!an?\s|the\s+(?:\w+\s+)?(?:bowl|pan|pot|oven|fridge|freezer|microwave|mixer|processor|blender))~iu', Clauses::bare($said)) === 1);
        // "Cream whipped to soft peaks, folded in": into what waited for it.
        if ($operation->key === 'fold' && $parts === [] && $refers === [] && $last !== null && $from === [$last] && \in_array($this->acts[$last]->operation->key, ['whip', 'meringue_french', 'whisk_ribbon'], true)) {
            $waits = array_values(array_filter($this->openOf($layer), static fn(int $n): bool => $n !== $last));
            $from = $waits === [] ? $from : [end($waits), $last];
        }
        // What is heated or moved takes nothing in.
        $takesIn = $operation->key !== 'move' && (!\in_array($operation->heats, ['mass', 'boil', 'sugar', 'fat', 'oven'], true) || $parts !== [] || $refers !== []);
        if (($isInto || $isIn) && $last !== null && !$isApart && ($takesIn || $isIn)) {
            // "Add cardamom and the saffron milk": what is added is added to what is in hand; what is poured into a tin is not.
            $isOver = $parts === [] && preg_match('~^\W*[\p{L}-]+\s+(?:it\s+|this\s+)?(?:over|on top|around|all over)\W*$~iu', Clauses::bare($said)) === 1;
            if ($isOver && $from === [$last]) {
                $waits = array_values(array_filter($this->openOf($layer), static fn(int $n): bool => $n !== $last));
                $from = $waits === [] ? $from : [end($waits), $last];
            }
            // "Poke the cake and drizzle the milk over": over what is in hand.
            if ($this->isBegun && $refers !== [] && $this->latest !== null && !\in_array($this->latest, $from, true) && preg_match('~\b(?:over|on top|around)\b~iu', $said) === 1) {
                $from[] = $this->latest;
            }
            if (\count($from) === 1 && $refers !== [] && !\in_array($last, $from, true) && preg_match(self::VESSEL, (string) preg_replace('~\b(?:an?|half an?|\d+)\s+(?:cups?|glass|pot|jar)\s+of\b~iu', '', $said)) !== 1) {
                $from[] = $last;
            }
            // "Sift the flour. Fold it in": into what waited for it.
            if ($from === [$last] && $isIn) {
                $waits = array_values(array_filter($this->openOf($layer), static fn(int $n): bool => $n !== $last));
                $from = $waits === [] ? $from : [end($waits), $last];
            }
            if ($from === [$last] && $parts === [] && $refers === [] && !$isIn && preg_match(self::PRODUCT, $rest) === 1 && preg_match('~^\W*[\p{L}-]+\s+(?:in|through)\b~iu', Clauses::bare($said)) === 1) {
                $waits = array_values(array_filter($this->openOf($layer), fn(int $n): bool => $n !== $last && $this->isMadeReady($n)));
                $from = $waits === [] ? $from : [end($waits), $last];
            }
            if ($from === [$last] && $this->isMadeReady($last)) {
                $waits = array_values(array_filter($this->openOf($layer), static fn(int $n): bool => $n !== $last));
                $from = $waits === [] ? $from : [end($waits), $last];
            }
        }

        return $from;
    }

    /**
     * Whether it goes into a line that goes in here itself: "whisk the agar into the cold milk" begins a pot of its own.
     *
     * @param list<Part> $parts
     */
    private function isInto(string $said, array $parts): bool
    {
        if (preg_match('~\b(?:into|onto|over|on)\s+(?:about\s+)?(?:[\d.,]+\s*(?:g|ml)\s+(?:of\s+)?)?(?:(?:the|your|cold|some|half)\s+)*(.{3,60})~iu', $said, $m) !== 1) {
            return false;
        }
        $first = $this->nouns->in($this->spelling->words($m[1]))[0] ?? null;

        return $first !== null && $first['at'] === 0 && array_filter($parts, static fn(Part $part): bool => isset($first['lines'][$part->key()])) !== [];
    }

    /**
     * The last act that made what is called by a name.
     *
     * @param list<string> $operations
     */
    private function madeBy(array $operations): ?int
    {
        $inHand = $this->latest === null ? [] : $this->chain($this->latest);
        foreach (array_reverse(array_keys($this->acts)) as $n) {
            if (!isset($inHand[$n]) && \in_array($this->acts[$n]->operation->key, $operations, true)) {
                return $n;
            }
        }

        return null;
    }

    /** @return array<int, true> an act and all it was made from */
    private function chain(int $act): array
    {
        $chain = [];
        $open = [$act];
        while ($open !== []) {
            $n = array_pop($open);
            if (!isset($chain[$n])) {
                $chain[$n] = true;
                array_push($open, ...$this->acts[$n]->from);
            }
        }

        return $chain;
    }

    /** Whether what an act holds was only made ready, and perhaps left to cool: toasted almonds are no layer. */
    private function isOnlyReady(int $act): bool
    {
        $from = $this->acts[$act]->from;

        return $this->isMadeReady($act) || ($from !== [] && \in_array($this->acts[$act]->operation->key, ['cool', 'rest'], true) && array_filter($from, fn(int $n): bool => !$this->isOnlyReady($n)) === []);
    }

    /** Whether nothing but making ready was done to what an act holds: gelatin that was soaked and squeezed. */
    private function isMadeReady(int $act): bool
    {
        if (!\in_array($this->acts[$act]->operation->key, self::MADE_READY, true)) {
            return false;
        }
        foreach ($this->acts[$act]->from as $before) {
            if (!$this->isMadeReady($before)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is said beside the verb and the lines that are named: "mix the coffee" speaks of no mix, nor "lemon curd" of a curd.
     *
     * @param list<Part> $named
     */
    private static function without(string $said, array $named): string
    {
        $said = (string) preg_replace('~\p{Mn}+~u', '', \Normalizer::normalize((string) preg_replace('~^\W*\w+~u', '', Clauses::bare($said)), \Normalizer::FORM_D) ?: $said);
        foreach ($named as $part) {
            $said = (string) preg_replace('~\b' . str_replace(' ', '\W+', preg_quote($part->named, '~')) . '(?:e?s)?\b~iu', '', $said);
        }

        return $said;
    }

    /** The last act of the dish itself, where a clause puts something on it by its name: "over the cheesecake". */
    private function whole(string $said, int $layer): ?int
    {
        $title = array_values(array_filter($this->spelling->words($this->formula->title), fn(string $word): bool => !\in_array($word, self::NO_NAMES, true) && $this->nouns->in([$word]) === []));
        if (preg_match(self::ONTO, $said, $m) !== 1 || array_intersect($this->spelling->words($m[0]), [...$title, 'cake', 'tart', 'dish', 'pudding']) === []) {
            return null;
        }
        $mass = array_map($this->weighs(...), array_combine($others = array_keys(array_diff_key($this->last, [$layer => true])), $others));
        arsort($mass);
        $most = array_key_first($mass);

        return $most === null ? null : $this->last[$most];
    }

    /** g of a layer as it is weighed. */
    private function weighs(int $layer): float
    {
        return array_sum(array_map(static fn(Line $line): float => $line->grams, $this->formula->layers[$layer]->understood()));
    }

    /** What the yolks, or the whites, of parted eggs have become: the act that went on from them last and spoke of the same, else where they were parted. */
    private function reachedFirst(int $parted, string $said): int
    {
        $word = preg_match('~\byolks?\b~iu', $said) === 1 ? 'yolk' : 'white';
        foreach ($this->acts as $n => $act) {
            if (\in_array($parted, $act->from, true) && preg_match("~\b{$word}s?\b~iu", $act->words) === 1) {
                return (int) $this->reached($n);
            }
        }

        return $parted;
    }

    /** The last act that goes on from this one. */
    private function reached(?int $act): ?int
    {
        foreach ($act === null ? [] : $this->acts as $n => $later) {
            if (\in_array($act, $later->from, true)) {
                $act = $n;
            }
        }

        return $act;
    }

    /** @return list<int> acts of a layer on whose products nothing was done yet */
    private function openOf(int $layer): array
    {
        $used = [];
        foreach ($this->acts as $act) {
            if (!$act->operation->isBare()) {
                array_push($used, ...$act->from, ...$this->beforeBare($act->from));
            }
        }

        return array_values(array_filter(array_keys($this->acts), fn(int $n): bool => $this->acts[$n]->layer === $layer && !$this->acts[$n]->operation->isBare() && !\in_array($n, $used, true)));
    }

    /**
     * What was done before something that is only said: "take off the heat" uses nothing up.
     *
     * @param list<int> $acts
     *
     * @return list<int>
     */
    private function beforeBare(array $acts): array
    {
        $before = [];
        foreach ($acts as $n) {
            if ($this->acts[$n]->operation->isBare()) {
                array_push($before, ...$this->acts[$n]->from, ...$this->beforeBare($this->acts[$n]->from));
            }
        }

        return $before;
    }

    private function add(Act $act): void
    {
        $this->acts[] = $act;
        $n = \count($this->acts) - 1;
        foreach ($act->parts as $part) {
            $this->taker[$part->key()] = $n;
        }
        if (!\in_array($act->operation->key, self::BESIDE, true)) {
            $this->last[$act->layer] = $n;
            $this->latest = $n;
        }
    }

    /** Words that belong to the act before: "stirring all the time". */
    private function append(string $clause): void
    {
        $last = array_key_last($this->acts);
        if (!$this->isBegun || $last === null) {
            $this->waiting = trim($this->waiting . ' ' . $clause . ',');

            return;
        }
        $act = $this->acts[$last];
        $time = $act->time ?? Marks::lasts($clause);
        $isOven = $act->operation->heats === 'oven';
        $next = Marks::oven($clause)[0];
        // "Bake at 200 for 10 minutes, then 150 for 35".
        if ($isOven && $act->celsius !== null && $next !== null && $next !== $act->celsius) {
            $this->acts[$last] = $act->inStages([...$act->stages, ['celsius' => $next, 'minutes' => Marks::lasts($clause)?->best]], rtrim($act->words, ' ,') . ', ' . $clause);

            return;
        }
        $this->acts[$last] = new Act($act->sentence, rtrim($act->words, ' ,') . ', ' . $clause, $act->operation, $act->layer, $act->parts, $act->from, $act->celsius ?? ($isOven ? $next : Marks::mass($clause)), $act->oven, $time, $act->stages, $act->sign === '' ? Marks::sign($clause) : $act->sign);
    }

    /** "… reduce to 110 °C and bake for 35 minutes": the stage before is told how long it lasts. */
    private function stagesOn(string $clause, string $words): bool
    {
        $n = (int) $this->lastBake();
        $stages = $this->acts[$n]->stages;
        $open = array_key_last($stages);
        if ($open === null || $stages[$open]['minutes'] !== null) {
            return false;
        }
        $stages[$open] = ['celsius' => Marks::oven($clause)[0] ?? $stages[$open]['celsius'], 'minutes' => Marks::lasts($clause)?->best];
        $this->acts[$n] = $this->acts[$n]->inStages($stages, rtrim($this->acts[$n]->words, ' ,') . ', ' . $words, Marks::sign($clause));

        return true;
    }

    private function stage(string $words, string $clause): void
    {
        $n = (int) $this->lastBake();
        $isOff = preg_match('~\boff\b~iu', $clause) === 1;
        $this->acts[$n] = $this->acts[$n]->inStages([...$this->acts[$n]->stages, ['celsius' => $isOff ? 0.0 : Marks::oven($clause)[0], 'minutes' => Marks::lasts($clause)?->best]], rtrim($this->acts[$n]->words, ' ,') . ', ' . $words);
    }

    private function lastBake(): ?int
    {
        foreach (array_reverse(array_keys($this->acts)) as $n) {
            if ($this->acts[$n]->operation->heats === 'oven' && $this->acts[$n]->operation->key !== 'preheat') {
                return $n;
            }
        }

        return null;
    }

    /** Whether what was done last of all that is not only said was a baking. */
    private function isBaking(): bool
    {
        foreach (array_reverse($this->acts) as $act) {
            if (!$act->operation->isBare() && !\in_array($act->operation->key, self::BESIDE, true)) {
                return $act->operation->heats === 'oven';
            }
        }

        return false;
    }

    /** Whether what is at hand is a dough or cake by itself, which nothing of the dish's main layer has gone into: shortbread that is rolled and cut. */
    private function isCutAlone(): bool
    {
        $main = $this->main();

        return $this->latest !== null && \in_array($this->acts[$this->latest]->operation->key, self::CUT_ALONE, true) && array_filter(array_keys($this->chain($this->latest)), fn(int $n): bool => $this->acts[$n]->layer === $main) === [];
    }

    /** The layer the dish is mostly of, once something was done to it. */
    private function main(): ?int
    {
        $mass = array_map($this->weighs(...), array_combine(array_keys($this->last), array_keys($this->last)));
        arsort($mass);

        return array_key_first($mass);
    }

    private function hasUnused(int $layer): bool
    {
        return array_filter(array_keys($this->nouns->ingredients), fn(string|int $key): bool => (int) $key === $layer && !isset($this->used[(string) $key])) !== [];
    }

    /** The layer a text calls by its name: "the base", "for the filling". */
    private function layerNamed(string $text): ?int
    {
        return $this->layersNamed($text)[0] ?? null;
    }

    /** @return list<int> layers a text calls by name: "top the possets with the crumb" */
    private function layersNamed(string $text): array
    {
        $words = $this->spelling->words($text);
        $named = [];
        foreach ($this->formula->layers as $n => $layer) {
            $name = array_diff($this->spelling->words($layer->name), self::NO_NAMES);
            if ($name !== [] && array_diff($name, $words) === []) {
                $named[] = $n;
            }
        }

        return $named;
    }

    /** @param non-empty-list<int> $of */
    private static function most(array $of): int
    {
        $count = array_count_values($of);
        arsort($count);

        return (int) array_key_first($count);
    }
}
