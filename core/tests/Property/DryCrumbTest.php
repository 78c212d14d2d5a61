<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Warning;
use Transmuta\Tests\Kit;

/** What is eaten as a dry crumb, on both sides of its marks: grain and gum in it are no fault, and its fat is held by its flour (common practice). */
final class DryCrumbTest extends TestCase
{
    private static function layer(string $lines, string $treat): LayerReading
    {
        return Kit::engine()->read(Kit::engine()->parse("title: Pot\nportions: 8\nlayer: Pot\ntreat: $treat\n$lines"))->layers[0];
    }

    /** @return iterable<string, array{string, string, bool}> lines, treatment, whether it is a dry crumb */
    public static function layers(): iterable
    {
        yield 'crumbs and butter' => ["200 g digestive biscuits\n90 g butter", 'none', true];
        yield 'a case of seeds, baked' => ["120 g sunflower seeds\n60 g coconut flour\n40 g water\n30 g erythritol\n20 g coconut oil", 'bake 160 C still', true];
        yield 'the same, moist' => ["120 g sunflower seeds\n60 g coconut flour\n140 g water\n30 g erythritol\n20 g coconut oil", 'bake 160 C still', false];
        yield 'seeds pressed without an oven' => ["120 g sunflower seeds\n60 g coconut flour\n30 g erythritol\n70 g butter", 'none', true];
        yield 'a caramel' => ["200 g allulose\n60 g butter\n100 g cream 36%", 'boil 5 min stirred', false];
        yield 'a ganache' => ["200 g dark chocolate\n200 g cream 36%", 'melt', false];
        yield 'a baked cheesecake' => ["500 g cream cheese\n120 g sugar\n2 eggs", 'bake 150 C still', false];
    }

    #[DataProvider('layers')]
    public function testWhatIsADryCrumb(string $lines, string $treat, bool $isDry): void
    {
        self::assertSame($isDry, Base::isDry(self::layer($lines, $treat)->state));
    }

    public function testGrainIsBiteInACrumbAndAFaultInACream(): void
    {
        $rules = static fn(string $lines, string $treat): array => array_map(static fn(Warning $w): string => $w->rule, Kit::engine()->read(Kit::engine()->parse("title: Pot\nportions: 8\nlayer: Pot\ntreat: $treat\n$lines"))->watch);
        self::assertNotContains('polyol-crystallises-cold', $rules("150 g ground almonds\n60 g coconut flour\n60 g erythritol\n70 g butter\n1 egg", 'bake 160 C 20 min still'));
        self::assertContains('polyol-crystallises-cold', $rules("300 g cream 36%\n80 g erythritol", 'none'));
        self::assertNotContains('whey-grains-when-hot', $rules("200 g digestive biscuits\n30 g whey protein isolate\n80 g butter", 'bake 160 C 10 min still'));
        self::assertContains('whey-grains-when-hot', $rules("300 g milk\n20 g whey protein isolate\n20 g cornflour", 'boil 2 min stirred'));
        self::assertNotContains('gum-overdose', $rules("200 g rice flour\n2 g xanthan gum\n90 g butter\n40 g sugar", 'bake 170 C 20 min still'));
        self::assertContains('gum-overdose', $rules("300 g milk\n2 g xanthan gum", 'none'));
    }

    public function testTheFatOfABakedCrumbIsHeldByItsFlour(): void
    {
        $emulsion = Kit::engine()->reader->emulsion;
        $lines = "120 g sunflower seeds\n60 g coconut flour\n40 g water\n30 g coconut oil";
        self::assertNull($emulsion->of(self::layer($lines, 'bake 160 C still')->state));
        self::assertNotNull($emulsion->of(self::layer("300 g coconut drink\n60 g sunflower oil", 'none')->state));
    }
}
