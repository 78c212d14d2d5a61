<?php

declare(strict_types=1);

namespace Transmuta\Kind;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Tells the kind of a mass by the rows of `core/data/method/kind-signs.csv`: of the ways that hold whole, the worthiest. */
final readonly class Kinds
{
    /** g per 100 g that is as good as none. */
    private const TRACE = 1e-6;

    /** @param list<array{kind: string, worth: int, signs: list<array{by: string, classes: list<string>, words: list<string>, says: string, least: ?float, most: ?float}>}> $ways */
    private function __construct(private array $ways) {}

    public static function standard(): self
    {
        return Kept::once(self::class, static function (): self {
            $ways = [];
            foreach (Table::of('method/kind-signs') as $row) {
                $way = "{$row['kind']} {$row['way']}";
                $ways[$way] ??= ['kind' => $row['kind'], 'worth' => 0, 'signs' => []];
                if ($row['by'] === 'worth') {
                    $ways[$way]['worth'] = (int) $row['worth'];
                    continue;
                }
                $list = static fn(string $cell): array => $cell === '' ? [] : explode(' ', $cell);
                $ways[$way]['signs'][] = [
                    'by' => $row['by'],
                    'classes' => $list($row['classes']),
                    'words' => $list($row['words']),
                    'says' => $row['says'],
                    'least' => $row['least'] === '' ? null : (float) $row['least'],
                    'most' => $row['most'] === '' ? null : (float) $row['most'],
                ];
            }
            // Of two that are worth the same, the one that stands first.
            usort($ways, static fn(array $a, array $b): int => $b['worth'] <=> $a['worth']);

            return new self($ways);
        });
    }

    public function of(Mass $mass): Kind
    {
        foreach ($this->ways as $way) {
            if (self::holds($way['signs'], $mass)) {
                return Kind::of($way['kind']);
            }
        }
        throw BrokenTable::missing('method/kind-signs.csv: a way that always holds');
    }

    /** @param list<array{by: string, classes: list<string>, words: list<string>, says: string, least: ?float, most: ?float}> $signs */
    private static function holds(array $signs, Mass $mass): bool
    {
        foreach ($signs as $sign) {
            $within = static fn(float $value): bool => $value >= ($sign['least'] ?? 0.0) - self::TRACE && $value <= ($sign['most'] ?? \INF) + self::TRACE;
            $is = match ($sign['by']) {
                'class' => $within($mass->share($sign['classes'])),
                'content' => $within($mass->holds[$sign['words'][0]] ?? throw BrokenTable::missing("method/kind-signs.csv: {$sign['words'][0]}")),
                'treatment' => array_intersect($sign['words'], $mass->treatments) !== [],
                'not_treatment' => array_intersect($sign['words'], $mass->treatments) === [],
                'op' => array_intersect($sign['words'], $mass->operations) !== [],
                'not_op' => array_intersect($sign['words'], $mass->operations) === [],
                'word' => preg_match("/{$sign['says']}/u", $mass->called) === 1,
                'whipped' => $within($mass->whipped),
                'loss' => $within($mass->loses),
                'lines' => $within((float) $mass->lines),
                'dish' => $within($mass->ofDish),
                'cold' => $mass->treatments === [] || $mass->treatments === ['none'],
                'top' => $mass->isTop,
                'frozen' => $mass->isFrozen,
                default => throw BrokenTable::missing("method/kind-signs.csv: {$sign['by']}"),
            };
            if (!$is) {
                return false;
            }
        }

        return true;
    }
}
