<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Method\Act;
use Transmuta\Method\Part;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Tests\Kit;

/** Sentences and the steps a cook draws from them: the worked sentences of the practice (method 2), each with the lines it speaks of. */
final class SentencesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string}> */
    public static function sentences(): iterable
    {
        $handle = fopen(__DIR__ . '/sentences.csv', 'r') ?: throw new \RuntimeException('sentences.csv cannot be read.');
        fgetcsv($handle, escape: '');
        while (($row = fgetcsv($handle, escape: '')) !== false) {
            yield (string) $row[2] => [(string) $row[0], (string) $row[1], (string) $row[2], (string) $row[3]];
        }
    }

    #[DataProvider('sentences')]
    public function testASentenceIsTheStepsACookDrawsFromIt(string $lines, string $before, string $sentence, string $steps): void
    {
        $text = "Dish\nportions: 4\n" . str_replace('; ', "\n", $lines) . "\nmethod:\n" . ($before === '' ? '' : "$before\n") . $sentence;
        $formula = Kit::engine()->parse($text);
        $method = (new MethodReader())->by(Kit::shelf(), $formula);
        $first = \count($method->sentences) - \count(\Transmuta\Method\Reading\Clauses::sentences($sentence));
        $told = static function (Act $act) use ($formula): string {
            $parts = array_map(static fn(Part $part): string => ($part->share < 0.999 ? round(100 * $part->share) . '%' : '') . $formula->layers[$part->layer]->understood()[$part->line]->ingredient, $act->parts);
            $heat = $act->operation->heats === 'oven' && $act->celsius !== null && $act->operation->key !== 'blind_bake' ? '@' . round($act->celsius, 1) : '';
            $stages = array_map(static fn(array $one): string => "s{$one['celsius']}/{$one['minutes']}", $act->stages);
            $time = \in_array($act->operation->key, ['bake', 'rest', 'hang', 'chill', 'cool'], true) && $act->time !== null ? 't' . round($act->time->best) : '';

            return implode(' ', array_filter([$act->operation->key, ...$parts, $heat, $time, ...$stages], static fn(string $one): bool => $one !== ''));
        };
        self::assertSame($steps, implode(' > ', array_map($told, array_values(array_filter($method->acts, static fn(Act $act): bool => $act->sentence >= $first)))));
    }
}
