<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Reference\Table;

/** Rows that are one thing in several strengths (fat of a cream, cocoa of a chocolate), and the one a stated percentage means. */
final class Grades
{
    /** @var array<string, string> family by ingredient */
    private array $families = [];

    /** @var array<string, array<string, float>> grade by ingredient, by family */
    private array $grades = [];

    public function __construct()
    {
        foreach (Table::rows(\dirname(__DIR__, 2) . '/data/shelf/grades.csv') as $row) {
            $this->families[$row['ingredient']] = $row['family'];
            $this->grades[$row['family']][$row['ingredient']] = (float) $row['grade'];
        }
    }

    /** The row nearest a stated percentage; less sure the further it stands from it. */
    public function nearest(Found $found, float $percent): Found
    {
        $family = $this->families[$found->id ?? ''] ?? null;
        if ($family === null) {
            return $found;
        }
        $best = (string) $found->id;
        foreach ($this->grades[$family] as $id => $grade) {
            if (abs($grade - $percent) < abs($this->grades[$family][$best] - $percent)) {
                $best = $id;
            }
        }
        $grade = $this->grades[$family][$best];
        $off = abs($grade - $percent);
        $confidence = match (true) {
            $off <= max(1.0, 0.09 * $grade) => Confidence::Sure,
            $off <= max(2.0, 0.3 * $grade) => Confidence::Likely,
            default => Confidence::Guess,
        };

        return new Found($best, $found->confidence->atMost($confidence), $found->suggestions, $found->left, $found->doubt ?? ($confidence === Confidence::Sure ? null : \sprintf('the nearest on the shelf to %s %% has %s %%', Numbers::words($percent), Numbers::words($grade))));
    }
}
