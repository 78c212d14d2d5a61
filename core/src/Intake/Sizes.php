<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Quantity\UnitSystem;

/** Containers and counted things, and the sizes that are said beside them. */
final readonly class Sizes
{
    /** Things that are counted and hold what they hold; a size said beside one is of each. */
    public const CONTAINERS = 'can|cans|tin|tins|packet|packets|pack|packs|package|packages|sachet|sachets|envelope|envelopes|tub|tubs|pot|pots|carton|cartons|punnet|punnets|bar|bars|jar|jars|bottle|bottles|block|blocks|bag|bags|box|boxes|container|containers';
    public const COUNTED = 'leaf|leaves|sheet|sheets|stick|sticks|scoop|scoops|pod|pods|cube|cubes|knob|knobs|fruit|fruits|handful|handfuls|shot|shots|' . self::CONTAINERS;
    private const SINGULAR = ['leaves' => 'leaf', 'tin' => 'can', 'tins' => 'can', 'pack' => 'packet', 'packs' => 'packet', 'package' => 'packet', 'packages' => 'packet', 'sachet' => 'packet',
        'sachets' => 'packet', 'envelope' => 'packet', 'envelopes' => 'packet', 'pot' => 'tub', 'pots' => 'tub', 'boxes' => 'box'];

    public function __construct(private Units $units) {}

    /** One of a counted thing: `leaf` of leaves, `can` of tins. */
    public static function singular(string $counted): string
    {
        return self::SINGULAR[$counted] ?? rtrim($counted, 's');
    }

    /**
     * "1 x 400ml tin …", "1 (14 oz) can …", "one 14-oz can …", "2 400 g cans …": a stated content wins over a standard one.
     *
     * @return array{rest: string, amount: float, kind: string, words: string}|null
     */
    public function packed(float $count, string $rest, UnitSystem $system): ?array
    {
        if (!preg_match('/^(?:x\s*)?\(?\s*(\d+(?:[.,]\d+)?)\s*-?\s*([a-z. ]+?)\)?[\s-]*(?:' . self::COUNTED . ')\b\.?\s*(?:of\s+)?(.+)$/u', $rest, $m)) {
            return null;
        }
        $unit = $this->units->take(trim($m[2]), $system);
        if ($unit === null || $unit['rest'] !== '') {
            return null;
        }
        $size = (float) str_replace(',', '.', $m[1]);

        return [
            'rest' => $m[3],
            'amount' => $count * $size * $unit['value'],
            'kind' => $unit['kind'],
            'words' => \sprintf('%s × %s %s', Numbers::words($count), Numbers::words($size), $unit['unit']),
        ];
    }

    /**
     * A size in brackets: "(110 g)", "(about 250 g)"; not "(about 2 limes)" or "(10 % fat)".
     *
     * @return array{rest: string, amount: float, kind: string, words: string, each: bool}|null
     */
    public function stated(string $rest, UnitSystem $system): ?array
    {
        if (!preg_match('/\(\s*(?:about\s+|approx\.?\s+|around\s+)?(\d+(?:[.,]\d+)?)\s*-?\s*([a-z. ]+?)(\s+each)?\s*\)/u', $rest, $m)) {
            return null;
        }
        $unit = $this->units->take(trim($m[2]), $system);
        if ($unit === null || $unit['rest'] !== '') {
            return null;
        }
        $size = (float) str_replace(',', '.', $m[1]);

        return [
            'rest' => trim(str_replace($m[0], ' ', $rest)),
            'amount' => $size * $unit['value'],
            'kind' => $unit['kind'],
            'words' => \sprintf('%s %s as stated', Numbers::words($size), $unit['unit']),
            'each' => ($m[3] ?? '') !== '',
        ];
    }
}
