<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which namespace of the core may know which. Held by phpat under static analysis; that the table has no cycle and leaves none out is tested
 * in EdgesTest. The engine at the root knows them all, and none knows it.
 */
final class Edges
{
    /** @var array<string, list<string>> what a namespace may know, the leaves first */
    public const TABLE = [
        'Fault' => [],
        'Provenance' => [],
        'Statistics' => [],
        'Reference' => ['Fault', 'Provenance'],
        'Quantity' => ['Fault', 'Reference'],
        'Shelf' => ['Fault', 'Provenance', 'Reference'],
        'Formula' => ['Fault', 'Quantity', 'Reference', 'Shelf'],
        'Kind' => ['Fault', 'Reference', 'Shelf', 'Formula'],
        'Diet' => ['Fault', 'Provenance', 'Reference', 'Shelf'],
        'Intake' => ['Fault', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet'],
        'Method' => ['Fault', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Intake'],
        'Property' => ['Fault', 'Provenance', 'Statistics', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Method'],
        'Watch' => ['Fault', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Method', 'Property'],
        'Trace' => ['Fault', 'Provenance', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Property'],
        'Process' => ['Fault', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Kind', 'Diet', 'Method', 'Property'],
        'Preparation' => ['Fault', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Property', 'Process'],
        'Reformulation' => ['Fault', 'Provenance', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Kind', 'Diet', 'Method', 'Property', 'Process'],
        'Instrument' => [],
        'Sensory' => ['Fault', 'Statistics', 'Reference'],
        'Trial' => ['Fault', 'Provenance', 'Statistics', 'Reference', 'Formula', 'Shelf', 'Property', 'Reformulation', 'Sensory'],
        'Label' => ['Fault', 'Provenance', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Property'],
        'Trainer' => ['Fault', 'Reference', 'Formula', 'Property', 'Sensory', 'Shelf', 'Trial'],
        'Diagnosis' => ['Fault', 'Provenance', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Property'],
        'Format' => ['Kind', 'Fault', 'Provenance', 'Quantity', 'Reference', 'Shelf', 'Formula', 'Diet', 'Intake', 'Method', 'Property', 'Reformulation', 'Process', 'Trial', 'Diagnosis', 'Label', 'Sensory'],
    ];

    /** @var array<string, list<string>> rooms of the decision, in the order it is made; each may know those before it. `Reformulation` itself walks through them. */
    public const ROOMS = [
        'Brief' => [],
        'Deviation' => ['Brief'],
        'Substitution' => ['Brief', 'Deviation'],
        'Solving' => ['Brief', 'Deviation', 'Substitution'],
        'Evaluation' => ['Brief', 'Deviation', 'Substitution'],
        'Ranking' => ['Deviation', 'Evaluation'],
        'Explanation' => ['Brief', 'Deviation', 'Substitution', 'Evaluation', 'Ranking'],
    ];

    /** @return iterable<string, Rule> */
    public function testANamespaceKnowsOnlyWhatItMay(): iterable
    {
        foreach (self::TABLE as $namespace => $may) {
            $not = array_diff(array_keys(self::TABLE), [$namespace, ...$may]);
            yield $namespace => PHPat::rule()
                ->classes(Selector::inNamespace('Transmuta\\' . $namespace))
                ->shouldNot()->dependOn()
                ->classes(Selector::classname('Transmuta\\Engine'), ...array_map(static fn(string $other): \PHPat\Selector\SelectorInterface => Selector::inNamespace('Transmuta\\' . $other), array_values($not)))
                ->because('the edge table in core/tests/Architecture/Edges.php does not allow it');
        }
    }
}
