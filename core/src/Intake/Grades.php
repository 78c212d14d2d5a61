<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Reference\Table;

/** Rows that are one thing in several strengths (fat of a cream, cocoa of a chocolate, strength of a gelatin), and the one a stated strength means. */
final class Grades
{
    /** @var array<string, string> family by ingredient */
    private array $families = [];

    /** @var array<string, array<string, float>> grade by ingredient, by family */
    private array $grades = [];

    /** @var array<string, string> what a family's grades are counted in, `%` or `bloom` */
    private array $units = [];

    public function __construct()
    {
        foreach (Table::of('shelf/grades') as $row) {
            $this->families[$row['ingredient']] = $row['family'];
            $this->grades[$row['family']][$row['ingredient']] = (float) $row['grade'];
            $this->units[$row['family']] = $row['of'] === 'bloom' ? 'bloom' : '%';
        }
    }

    /**
     * The row nearest a stated strength; less sure the further it stands from it.
     *
     * @param string $unit what it is counted in, `%` or `bloom`
     */
    public function nearest(Found $found, float $strength, string $unit = '%'): Found
    {
        $family = $this->families[$found->id ?? ''] ?? null;
        if ($family === null || $this->units[$family] !== $unit) {
            return $found;
        }
        $best = (string) $found->id;
        foreach ($this->grades[$family] as $id => $grade) {
            if (abs($grade - $strength) < abs($this->grades[$family][$best] - $strength)) {
                $best = $id;
            }
        }
        $grade = $this->grades[$family][$best];
        $off = abs($grade - $strength);
        $confidence = match (true) {
            $off <= max(1.0, 0.04 * $grade) => Confidence::Sure,
            $off <= max(2.0, 0.3 * $grade) => Confidence::Likely,
            default => Confidence::Guess,
        };

        // What was doubted of the row that was named is no doubt of the one its grade means.
        $isReplaced = $best !== $found->id;

        return new Found($best, $isReplaced ? $confidence : $found->confidence->atMost($confidence), $found->suggestions, $found->left, ($isReplaced ? null : $found->doubt) ?? ($confidence === Confidence::Sure ? null : \sprintf('the nearest on the shelf to %s %s has %s', Numbers::words($strength), $unit, Numbers::words($grade))));
    }
}
