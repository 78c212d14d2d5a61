<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Intake\Numbers;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Table;

/** "2 flax eggs", "30 g gelatin mass": what a kitchen stirs together under one name (`core/data/intake/mixtures.csv`), each part an estimate. */
final readonly class Mixture implements Production
{
    /** @var list<array<string, string>> */
    private array $mixtures;

    public function __construct()
    {
        $this->mixtures = Table::of('intake/mixtures');
    }

    public function parts(Part $line, UnitSystem $system): ?array
    {
        foreach ($this->mixtures as $mixture) {
            $isByMass = $mixture['by'] === 'mass';
            $amount = $isByMass ? '(\\d+(?:\\.\\d+)?)\\s*g\\s+(?:of\\s+)?' : '(\\d+(?:\\.\\d+)?|an?|one|two|three|four)\\s+(?:large\\s+)?';
            if (preg_match("/^$amount(?:$mixture[name])\\b\\s*(?:[,(].*)?$/u", $line->text, $m) !== 1) {
                continue;
            }
            $count = is_numeric($m[1]) ? (float) $m[1] : (float) (['two' => 2, 'three' => 3, 'four' => 4][$m[1]] ?? 1);

            return array_map(static function (string $part) use ($count, $line, $mixture): Part {
                [$each, $rest] = explode(' ', $part, 2);

                return new Part(Numbers::words($count * (float) $each) . ' ' . $rest, $line->estimate, 'an estimate: ' . $mixture['why'], true);
            }, explode('|', $mixture['holds']));
        }

        return null;
    }
}
