<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Format\FormulaChanges;
use Transmuta\Format\FormulaJson;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Identity;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Tests\Kit;

/** Layers, lines and steps keep their ids whatever is done to them. */
final class IdentityTest extends TestCase
{
    private static int $made = 0;

    /** Two layers of one name, told apart by nothing but their ids. */
    private static function twins(): Formula
    {
        $text = "layer: Cream\ntreat: melt\n300 g whipping cream\n40 g sugar\n6 g gelatin powder\nlayer: Cream\ntreat: whip\n200 g whipping cream\n20 g icing sugar\nmethod:\nMelt.\nWhip.";

        return self::stamped(Kit::engine()->parse($text));
    }

    private static function stamped(Formula $formula): Formula
    {
        return Identity::complete($formula, static fn(): string => '01J' . str_pad(strtoupper(base_convert((string) ++self::$made, 10, 16)), 23, '0', \STR_PAD_LEFT));
    }

    /** @return list<string> every id of it, in order */
    private static function ids(Formula $formula): array
    {
        return array_merge(array_map(static fn(Layer $layer): string => $layer->id, $formula->layers), ...array_map(static fn(Layer $layer): array => array_map(static fn(Line $line): string => $line->id, $layer->lines), $formula->layers));
    }

    public function testEverythingHasAnIdOfItsOwnAndKeepsIt(): void
    {
        $formula = self::twins();
        $ids = [...self::ids($formula), ...array_column($formula->method, 'id')];
        self::assertCount(2 + 5 + 2, array_unique($ids));
        self::assertNotContains('', $ids);
        self::assertSame($ids, [...self::ids(self::stamped($formula)), ...array_column(self::stamped($formula)->method, 'id')], 'what has an id keeps it');
        $again = Kit::engine()->json->read((array) json_decode((string) json_encode(FormulaJson::write($formula)), true));
        self::assertSame(FormulaJson::write($formula), FormulaJson::write($again));
    }

    public function testWhatIsThereTwiceIsToldApart(): void
    {
        $formula = self::twins();
        $doubled = self::stamped($formula->with([...$formula->layers, $formula->layers[0]]));
        self::assertCount(3 + 8, array_unique(self::ids($doubled)));
        self::assertSame(self::ids($formula)[0], $doubled->layers[0]->id);
    }

    public function testWhatIsNoIdIsNone(): void
    {
        self::assertSame('', Identity::clean('x'));
        self::assertSame('', Identity::clean('81J00000000000000000000000'));
        self::assertSame('01J0000000000000000000000A', Identity::clean('01J0000000000000000000000A'));
    }

    public function testRoutesKeepTheIdsOfWhatStays(): void
    {
        $formula = self::twins();
        $answer = Kit::engine()->answer($formula, Brief::of([Diet::Vegetarian]));
        self::assertNotSame([], $answer->routes);
        foreach ($answer->routes as $route) {
            self::assertSame(array_column($formula->layers, 'id'), array_column($route->result->formula->layers, 'id'));
            $kept = array_values(array_filter($route->result->formula->layers[0]->lines, static fn(Line $line): bool => $line->ingredient === 'sugar'));
            self::assertSame($formula->layers[0]->lines[1]->id, $kept[0]->id ?? '');
        }
    }

    public function testBalancingAimsEachLayerAtItsOwnWhateverItIsCalled(): void
    {
        $formula = self::twins();
        $renamed = $formula->with([new Layer('Top', $formula->layers[1]->lines, $formula->layers[1]->treatment, id: $formula->layers[1]->id), new Layer('Base', $formula->layers[0]->lines, $formula->layers[0]->treatment, id: $formula->layers[0]->id)]);
        $rails = Kit::engine()->balancer->rails(Kit::engine()->read($renamed), Kit::engine()->read($formula));
        foreach ([0, 1] as $n) {
            foreach ($rails[$n] as $rail) {
                self::assertTrue($rail->isMet(), "$n $rail->property");
            }
        }
        self::assertEquals(self::ids($renamed), self::ids(Kit::engine()->balancer->rebalance($renamed, $formula)));
    }

    public function testChangesAreToldInWords(): void
    {
        $changes = new FormulaChanges(Kit::shelf());
        $was = self::twins();
        self::assertSame([], $changes->between($was, $was));
        [$one, $two] = $was->layers;
        $now = $was->with([
            new Layer('Set cream', [$one->lines[0], $one->lines[1]->weighing(35.0), Line::of('agar', 2.0)], $one->treatment, id: $one->id),
            $two->with([$two->lines[1], $two->lines[0]->pinned(true)]),
        ]);
        self::assertSame([
            'Layer “Cream” → “Set cream”', 'Gelatin powder, 200 bloom taken out (Set cream)', 'Caster or granulated sugar 40 g → 35 g (Set cream)', 'Agar powder 2 g put in (Set cream)',
            'Whipping cream 36 % fat held (Cream)', 'Lines in another order (Cream)',
        ], $changes->between($was, $now));
        self::assertSame(['Layers in another order: Cream, Cream'], $changes->between($was, $was->with([$two, $one])));
        self::assertSame(['Layer “Cream” taken away', 'Method rewritten'], $changes->between($was, $was->with([$one])->withMethod([])));
    }

    public function testNamesAreToldApart(): void
    {
        self::assertSame([], Identity::apart([]));
        self::assertSame(['Cream', 'Jelly', 'Cream (2)', 'Cream (3)'], Identity::apart(['Cream', 'Jelly', 'Cream', 'Cream']));
        self::assertSame(['1', '1 (2)'], Identity::apart(['1', '1']), 'numbers stay names');
    }
}
