<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Tests\Kit;

/** What is offered to pay a job pays it when it is put in and everything is read again. */
final class PaymentsTest extends TestCase
{
    /** @return array<string, array{string, string, list<Diet>, list<string>}> a dish, what is cut to two fifths of it, the brief, properties that must find somebody */
    public static function shorts(): array
    {
        return [
            'a curd of starch' => ["120 g lemon juice\n150 g sugar\n200 g oat milk\n24 g cornflour, boiled\n70 g coconut oil\n2 g sunflower lecithin", 'cornflour', [Diet::Vegan], ['set']],
            'a jelly of agar' => ["400 g apple juice\n40 g sugar\n3 g agar, boiled", 'agar', [Diet::Vegan], ['set']],
            'a cream of gelatin' => ["300 g cream 36 %\n200 g whole milk\n70 g sugar\n6 g gelatin powder\n30 g water", 'gelatin-powder', [], ['set']],
            'a curd without its sugar' => ["120 g lemon juice\n120 g sugar\n100 g egg yolk\n80 g butter", 'sugar', [], ['sweetness']],
            'a keto curd without its sweetener' => ["120 g lemon juice\n90 g erythritol\n100 g egg yolk\n80 g butter", 'erythritol', [Diet::Keto], ['sweetness']],
            'a sharp cream without its juice' => ["60 g lemon juice\n300 g cream 36 %\n60 g sugar\n4 g gelatin powder", 'lemon-juice', [], ['acid']],
        ];
    }

    private static function cut(Formula $formula, string $what): Formula
    {
        return $formula->with(array_map(
            static fn($layer) => $layer->with(array_map(static fn(Line $line): Line => $line->ingredient === $what ? $line->weighing(0.4 * $line->grams) : $line, $layer->lines)),
            $formula->layers,
        ));
    }

    /** @param list<Rail> $rails */
    private static function rail(array $rails, string $property): ?Rail
    {
        foreach ($rails as $rail) {
            if ($rail->property === $property) {
                return $rail;
            }
        }

        return null;
    }

    /**
     * @param list<Diet> $diets
     * @param list<string> $owed
     */
    #[DataProvider('shorts')]
    public function testWhatIsOfferedPaysAndBreaksNoBrief(string $lines, string $what, array $diets, array $owed): void
    {
        $engine = Kit::engine();
        $original = $engine->parse("title: It\nportions: 4\n\nlayer: Filling\ntreat: boil\n$lines");
        $short = self::cut($original, $what);
        $was = $engine->read($original);
        $now = $engine->read($short);
        $brief = Brief::of($diets);
        $offers = $engine->payments->of($now, $was, 0, $brief);
        foreach ($owed as $property) {
            self::assertNotSame([], $offers[$property] ?? [], $property);
        }
        foreach ($offers as $property => $found) {
            $before = self::rail($engine->balancer->rails($now, $was)[0], $property);
            self::assertNotNull($before);
            self::assertFalse($before->isMet(), 'nothing is offered for what is met');
            foreach ($found as $offer) {
                $in = Kit::shelf()->get($offer->ingredient);
                foreach ($diets as $diet) {
                    self::assertFalse(DietRules::bans($diet, $in), "$in->name in $diet->value");
                }
                $layer = $short->layers[0];
                // As a cook would: into what is there of it already, or beside the rest.
                $there = array_filter($layer->lines, static fn(Line $line): bool => $line->ingredient === $offer->ingredient) !== [];
                $with = $short->with([$layer->with($there
                    ? array_map(static fn(Line $line): Line => $line->ingredient === $offer->ingredient ? $line->weighing($line->grams + $offer->grams) : $line, $layer->lines)
                    : [...$layer->lines, Line::of($offer->ingredient, $offer->grams, prep: $offer->prep)])]);
                $after = self::rail($engine->balancer->rails($engine->read($with), $was)[0], $property);
                self::assertNotNull($after);
                self::assertLessThan(abs($before->residual), abs($after->residual), "$offer->grams g $in->name for $property");
                self::assertSame($offer->pays >= 1.0, $after->isMet(), "$offer->grams g $in->name for $property leaves it $after->residual");
                self::assertLessThanOrEqual(0.2 * $now->layers[0]->state->mixed + 0.1, $offer->grams);
            }
        }
    }

    public function testNothingIsOfferedWhereNothingIsOwedOrNoLayerStandsForIt(): void
    {
        $engine = Kit::engine();
        $reading = $engine->read(Kit::demo('passion-fruit-curd-tartlet'));
        self::assertSame([], $engine->payments->of($reading, $reading, 0, Brief::of([])));
        self::assertSame([], $engine->payments->of($reading, $reading, 9, Brief::of([])));
        $other = $engine->read($engine->parse("title: Other\nportions: 2\n\nlayer: Nothing alike\n100 g sugar"));
        self::assertSame([], $engine->payments->of($other, $reading, 0, Brief::of([])));
    }
}
