<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Tin;
use Transmuta\Intake\Numbers;
use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;

/** The vessel a recipe speaks of: "a 9-inch springform", "20 x 30 cm tin", "six 150 ml ramekins". What it does not say is as commonly sold (`core/data/intake/vessel-sizes.csv`). */
final class Tins
{
    private const VESSEL = 'springform|spring-form|loose[\s-](?:bottomed|based)|cake\s+(?:tin|pan|ring)|tart\s+(?:tin|pan|case|ring|shell)|flan\s+(?:tin|dish|ring)|pie\s+(?:dish|plate|pan|tin)|quiche\s+(?:tin|dish)|loaf\s+(?:tin|pan)|baking\s+(?:tin|dish|pan|tray)|brownie\s+(?:tin|pan)|square\s+(?:tin|pan)|round\s+(?:tin|pan)|tin|pan|mould|mold|ring|dish|terrine|frame';
    private const SMALL = 'ramekins?|glasses|glass|pots?|jars?|verrines?|cups|moulds?|molds?|dariole\s+moulds?|darioles|tartlet\s+(?:tins?|cases?|pans?)|muffin\s+(?:tin|pan|holes?)|pudding\s+(?:basins?|moulds?)|bowls|coupes';
    /** Whatever else is said of a vessel, and nothing else: what is not a word of these is not passed over. */
    private const SAID = '(?:a|an|of|in|the|round|square|rectangular|oblong|oval|spring-?form|spring|form|ring|tin|tart|tartlet|pie|cake|cheesecake|flan|quiche|loaf|bread|dish|pan|mould|mold|tray|traybake|brownie|sheet|frame|terrine|gastro|gastronorm|loose|bottomed|based|removable|fluted|plate|case|shell|baking|roasting|oven|metal|glass|ceramic|silicone|paper|clear|heatproof|individual|small|large|mini|little|big|deep|shallow|tall|standard|dessert|pudding|serving|wine|shot|martini|water|coffee|espresso|tea|jam|yogh?urt|kilner|mason|dariole|muffin|ramekins?|glass(?:es)?|pots?|jars?|verrines?|cups|cup|moulds?|molds?|bowls?|basins?|tins|cases?|pans|dishes|capacity|each)';
    private const COUNT = '\d+|one|two|three|four|five|six|eight|ten|twelve';

    /**
     * Vessels a kitchen has, as a page offers them. `core/data/intake/vessels.csv`; the tin at hand goes before them.
     *
     * @return list<array{name: string, words: string}>
     */
    public static function common(): array
    {
        return array_map(static fn(array $row): array => ['name' => $row['name'], 'words' => $row['tin']], Table::of('intake/vessels'));
    }

    /**
     * What somebody writes of a vessel: the words of the text form, or any kitchen's.
     *
     * @throws Nonsense if it is none of these
     */
    public static function read(string $text): Tin
    {
        try {
            return Tin::parse($text);
        } catch (Nonsense $nonsense) {
            // Only what is not in the form's own words is looked at further: a dish is read more often than its tin is written.
            return self::whole($text) ?? self::spoken($text) ?? throw $nonsense;
        }
    }

    /** Whether somebody said how deep it is, or gave a volume: where nobody did, the depth is that of what is commonly sold. */
    public static function statesDepth(string $text): bool
    {
        try {
            Tin::parse($text);

            return true;
        } catch (Nonsense) {
            $plain = mb_strtolower(Numbers::plain($text));

            return self::depth($plain) !== null || preg_match('/\d\s*(?:x|by)\s*\d+(?:\.\d+)?\s*(?:cm|mm|in\w*)?\s*(?:x|by)\s*\d/u', $plain) === 1
                || (preg_match('/\b(?:spring-?form|spring|ring|round)\b/u', $plain) === 1 && preg_match('/\d\s*(?:cm|mm|in\w*)?\s*(?:x|×|by)\s*\d/u', $plain) === 1) || preg_match('/\d\s*-?\s*(?:ml|cl|l|litres?|liters?|oz)\b/u', $plain) === 1;
        }
    }

    /** Depth in mm as it is said beside the size: "5 cm deep", "h 4.5 cm", "height 60 mm"; null where it is not. */
    private static function depth(string $plain): ?float
    {
        $n = '(\d+(?:\.\d+)?)';
        $unit = '(cm|mm|-?\s*inch(?:es)?|-?\s*in\b)?';
        if (preg_match("/$n\s*$unit\s*(?:deep|high|tall|in height|in depth)\b/u", $plain, $m) === 1 || preg_match("/\b(?:h|height|depth|hauteur|alto|altura)\s*[:=]?\s*$n\s*$unit/u", $plain, $m) === 1) {
            return self::mm($m[1], ($m[2] ?? '') === '' ? 'cm' : $m[2]);
        }

        return null;
    }

    /** A text that is a vessel and nothing else, as a box for one holds: a shape or a kind, its size, its depth and how many. */
    private static function whole(string $text): ?Tin
    {
        $plain = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower(Numbers::plain(str_replace(['"', '”', '″', '×', 'ø', '⌀'], [' inch', ' inch', ' inch', ' x ', ' round ', ' round '], $text)))));
        $n = '(\d+(?:\.\d+)?)';
        $unit = '(cm|mm|-?\s*inch(?:es)?|-?\s*in\b)';
        $said = self::SAID;
        $depth = self::depth($plain);
        $bare = trim((string) preg_replace(['/,?\s*\d+(?:\.\d+)?\s*(?:cm|mm|inch(?:es)?|in)?\s*(?:deep|high|tall|in height|in depth)\b/u', '/,?\s*\b(?:h|height|depth|hauteur|alto|altura)\s*[:=]?\s*\d+(?:\.\d+)?\s*(?:cm|mm|inch(?:es)?|in)?/u'], '', $plain), ' ,');
        $count = 1;
        if (preg_match('/^(' . self::COUNT . ')\s*(?:x\s+)?(?=(?:individual|small|heatproof|mini|ramekin|glass|pot|jar|verrine|cup|mould|mold|dariole|tartlet|round|square|ring|springform|tin|dish|loaf|\d+\s*(?:ml|cl)))(.+)$/u', $bare, $m) === 1) {
            [$count, $bare] = [self::count($m[1]), $m[2]];
        }
        try {
            // "ring 7": a ring's size without a unit is in cm.
            if (preg_match('/^(?:(?:round|ring|square) )+\d+(?:\.\d+)?$/u', $bare) === 1) {
                $bare .= ' cm';
            }

            return match (true) {
                $count < 1 => null,
                // So much each, or altogether: a straight vessel of that volume.
                preg_match("/^(?:$said )*?$n\s*-?\s*(ml|cl|dl|l|litres?|liters?)\b(?:[ -]$said)*$/u", $bare, $m) === 1 => self::ofVolume($count, (float) $m[1] * (['ml' => 1.0, 'cl' => 10.0, 'dl' => 100.0][$m[2]] ?? 1000.0), $bare),
                preg_match("/^(?:$said )*(?:" . self::SMALL . ')$/u', $bare) === 1 => Tin::glass($count, self::usual('holds', $bare)),
                preg_match("/^(?:$said )*$n\s*$unit?\s*(?:x|by)\s*$n\s*$unit?\s*(?:(?:x|by)\s*$n\s*$unit?)?(?:[ -]$said)*$/u", $bare, $m) === 1 => self::sized($count, $bare, $m, $depth),
                preg_match("/^(?:(?:round|square|springform|ring|tin|tart|pie|cake|flan|loaf|dish|pan|mould|tray|frame|loose|bottomed|based) )*$n\s*$unit(?:[ -]?(?:round|square|springform|ring|tin|tart|pie|cake|flan|dish|pan|mould|tray|frame|loose|bottomed|based|plate))*$/u", $bare, $m) === 1 => self::across($count, self::mm($m[1], $m[2]), $bare, str_contains($bare, 'square'), $depth),
                default => null,
            };
        } catch (Nonsense) {
            return null;
        }
    }

    private static function ofVolume(int $count, float $ml, string $said): Tin
    {
        if (str_contains($said, 'loaf')) {
            // As long as two and a half of its height and as wide as one and a half.
            $side = (1000.0 * $ml / 3.75) ** (1 / 3);

            return Tin::rect($count, round(2.5 * $side), round(1.5 * $side), round($side));
        }

        return Tin::glass($count, $ml);
    }

    /** What is commonly sold under the name: ml for `holds`, mm for `depth`. */
    private static function usual(string $of, string $said): float
    {
        foreach (Table::of('intake/vessel-sizes') as $row) {
            if ($row['of'] === $of && ($row['said'] === '' || preg_match("/{$row['said']}/u", $said) === 1)) {
                return (float) $row['size'];
            }
        }

        throw BrokenTable::missing("vessel-sizes.csv: $of of any other vessel");
    }

    /** @param array<int, string> $m two or three sizes, each with its unit or none */
    private static function sized(int $count, string $said, array $m, ?float $depth): Tin
    {
        $unit = array_values(array_filter([$m[2] ?? '', $m[4] ?? '', $m[6] ?? ''], static fn(string $u): bool => $u !== ''))[0] ?? ((float) $m[1] > 80.0 ? 'mm' : 'cm');
        [$a, $b] = [self::mm($m[1], ($m[2] ?? '') ?: $unit), self::mm($m[3], ($m[4] ?? '') ?: $unit)];
        $third = ($m[5] ?? '') === '' ? null : self::mm($m[5], ($m[6] ?? '') ?: $unit);
        // A ring or a springform has two sizes: across and high.
        if (preg_match('/\b(?:spring-?form|spring|ring|round)\b/u', $said) === 1 && $third === null) {
            // In the order of the text form what is across stands first; in a kitchen's either does.
            $isForm = preg_match('/^round\b/u', $said) === 1;

            return Tin::round($count, $isForm ? $a : max($a, $b), $depth ?? ($isForm ? $b : min($a, $b)));
        }

        return Tin::rect($count, max($a, $b), min($a, $b), $third ?? $depth ?? (preg_match('/\btray\b/u', $said) === 1 ? 30.0 : 50.0));
    }

    private static function across(int $count, float $mm, string $said, bool $isSquare, ?float $depth): ?Tin
    {
        if ($mm < 40.0 || $mm > 600.0) {
            return null;
        }

        return $isSquare ? Tin::rect($count, $mm, $mm, $depth ?? 50.0) : Tin::round($count, $mm, $depth ?? self::usual('depth', $said));
    }

    private static function spoken(string $text): ?Tin
    {
        $bare = static fn(string $name): string => trim((string) preg_replace('/\s*\(.*\)|\s+/u', ' ', mb_strtolower($name)));
        foreach (self::common() as $tin) {
            if ($bare($tin['name']) === $bare($text)) {
                return Tin::parse($tin['words']);
            }
        }
        // Two 8 inch round cake tins: as many of one.
        if (preg_match('/^(' . self::COUNT . ')\s+(?!(?:cm|mm|in|inch|inches|x|by)\b)(?:x\s+)?(.*\d.*\b(?:tin|pan|ring|dish|mould|mold)(?:e?s)\b.*)$/iu', trim($text), $m) === 1) {
            $one = self::of((string) preg_replace('/\b(tin|pan|ring|dish|mould|mold)e?s\b/iu', '$1', $m[2]));
            if ($one !== null && self::count(mb_strtolower($m[1])) > 1) {
                return Tin::parse($one)->times(self::count(mb_strtolower($m[1])));
            }
        }
        // A US fluid ounce is 29.57 ml (NIST Handbook 44, Appendix C).
        if (preg_match('/^\s*(?:(\d+)\s*[x×]\s*)?(\d+(?:\.\d+)?)?\s*glass(?:es)?\s+(\d+(?:\.\d+)?)\s*(?:fl\.?\s*)?oz\s*$/iu', $text, $m) === 1) {
            return Tin::glass(($m[1] . $m[2]) === '' ? 1 : (int) ($m[1] . $m[2]), round(29.5735 * (float) $m[3]));
        }
        $words = self::of($text);

        return $words === null ? null : Tin::parse($words);
    }

    /** The vessel in the words of the text form; null where a text speaks of none by its size. */
    public static function of(string $text): ?string
    {
        $plain = mb_strtolower(Numbers::plain(str_replace(['"', '”', '″'], ' inch', $text)));
        $n = '(\d+(?:\.\d+)?(?:\s+\d\/\d)?)';
        $unit = '(cm|mm|-?\s*inch(?:es)?|-?\s*in\b)';
        try {
            // Many small ones.
            if (preg_match('/\b(' . self::COUNT . ')\s*(?:x\s*)?(?:individual\s+|small\s+|heatproof\s+)*(\d+)\s*-?\s*ml\s+(?:\w+\s+){0,2}(?:' . self::SMALL . ')\b/u', $plain, $m) === 1
                || preg_match('/\b(' . self::COUNT . ')\s+(?:individual\s+|small\s+|heatproof\s+|\w+\s+)?(?:' . self::SMALL . ')\b[^.]{0,30}?(\d+)\s*ml/u', $plain, $m) === 1) {
                return Tin::glass(self::count($m[1]), (float) $m[2])->words();
            }
            if (preg_match('/\b(' . self::COUNT . ')\s*(?:x\s*)?' . $n . '\s*' . $unit . '\s+(?:\w+\s+){0,2}(?:tartlet|tart)\s+(?:tins|cases|rings|pans)\b/u', $plain, $m) === 1) {
                return Tin::round(self::count($m[1]), self::mm($m[2], $m[3]), 20.0)->words();
            }
            // "2 x 25 cm rings".
            if (preg_match('/\b(' . self::COUNT . ')\s*x\s*' . $n . '\s*' . $unit . '\s+(?:\w+\s+){0,2}(?:rings|tins|pans|moulds|molds|springforms|dishes|frames)\b/u', $plain, $m) === 1 && self::count($m[1]) > 1) {
                return self::across(self::count($m[1]), self::mm($m[2], $m[3]), $m[0], str_contains($m[0], 'square'), self::depth($plain))?->words();
            }
            // "A 33x23 swiss roll tin": sizes without a unit are in cm.
            if (preg_match('/\b(\d{2})\s*x\s*(\d{2})\s+(?:[a-z]+\s+){0,2}(?:tin|tray|pan|frame)\b/u', $plain, $m) === 1) {
                return Tin::rect(1, 10.0 * max((float) $m[1], (float) $m[2]), 10.0 * min((float) $m[1], (float) $m[2]), preg_match('/\btray\b|swiss roll/u', $m[0]) === 1 ? 25.0 : 50.0)->words();
            }
            // 20 x 30 (x 5) cm, 9 x 13 inch.
            if (preg_match('/\b' . $n . '\s*(?:cm|mm|inch)?\s*(?:x|by)\s*' . $n . '\s*(?:(?:cm|mm|inch)?\s*(?:x|by)\s*' . $n . '\s*)?' . $unit . '[^.;]{0,40}?\b(?:' . self::VESSEL . ')\b/u', $plain, $m) === 1) {
                $a = self::mm($m[1], $m[4]);
                $b = self::mm($m[2], $m[4]);

                return Tin::rect(1, max($a, $b), min($a, $b), $m[3] === '' ? 50.0 : self::mm($m[3], $m[4]))->words();
            }
            if (preg_match('/\b(?:' . self::VESSEL . ')\b[^.;\d]{0,20}' . $n . '\s*(?:x|by)\s*' . $n . '\s*' . $unit . '/u', $plain, $m) === 1) {
                return Tin::rect(1, max(self::mm($m[1], $m[3]), self::mm($m[2], $m[3])), min(self::mm($m[1], $m[3]), self::mm($m[2], $m[3])), 50.0)->words();
            }
            if (preg_match('/\b(?:(\d)\s*-?\s*(?:lb|pound)|(\d{3,4})\s*-?\s*g)\s+loaf\s+(?:tin|pan)\b/u', $plain, $m) === 1) {
                $isBig = $m[1] === '2' || (int) ($m[2] ?? 0) >= 800;

                return Tin::rect(1, $isBig ? 230.0 : 180.0, $isBig ? 130.0 : 90.0, $isBig ? 70.0 : 60.0)->words();
            }
            if (preg_match('/^round\s+' . $n . '\s*' . $unit . '/u', $plain, $m) === 1 || preg_match('/\b' . $n . '\s*' . $unit . '(?:\s*\/\s*\d+\s*-?\s*(?:cm|inch|in))?[^.;\d]{0,45}?\b(?:' . self::VESSEL . ')\b([^.;]{0,20})/u', $plain, $m) === 1
                || preg_match('/\b(?:' . self::VESSEL . ')\b\s*(?:\(|of|:|-|,|about|measuring)+\s*(?:about\s+|approx\.?\s+)?' . $n . '\s*' . $unit . '/u', $plain, $m) === 1) {
                $said = $m[0];
                $before = mb_strlen(strstr($plain, $said, true) ?: '');
                // "Square" may stand before the size, out of what matched, and the depth behind it.
                $isSquare = preg_match('/\bsquare\b/u', mb_substr($plain, max(0, $before - 25), 25 + mb_strlen($said))) === 1;

                return self::across(1, self::mm($m[1], $m[2]), $said, $isSquare, self::depth(mb_substr($plain, $before, mb_strlen($said) + 30)))?->words();
            }
        } catch (Nonsense) {
            return null;
        }

        return null;
    }

    /** The vessel a title names: also by its size alone, in brackets, "… cheesecake (6 in)". */
    public static function ofTitle(string $title): ?string
    {
        return self::of($title) ?? (preg_match('/\(\s*(\d{1,2}(?:\.\d)?\s*-?\s*(?:cm|inch(?:es)?|in|["”″]))\s*\)/iu', $title, $m) === 1 ? self::of("$m[1] round tin") : null);
    }

    private static function mm(string $number, string $unit): float
    {
        $value = Numbers::take($number)['value'] ?? 0.0;

        return round(match (true) {
            str_contains($unit, 'mm') => $value,
            str_contains($unit, 'cm') => 10 * $value,
            default => 25.4 * $value,
        });
    }

    private static function count(string $words): int
    {
        return (int) (Numbers::take($words)['value'] ?? 0);
    }
}
