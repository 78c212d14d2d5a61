<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Family;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Intake\TextFormula;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Intake\Unreadable;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Tests\Kit;

final class TextFormulaTest extends TestCase
{
    private const TEXT = <<<'TEXT'
        title: Lime pot
        family: curd
        measures: us
        portions: 6
        serve at: 43 F

        layer: Base
        150 g plain biscuits
        60 g butter, melted

        layer: Filling
        treat: cook to 180 F, stirred
        tin: 6 x glass 120 ml
        loss: reduce by 1/4
        1/2 cup lime juice
        4 large egg yolks
        a handful of moonbeams
        method:
        1. Cook it.
        2. Chill it.
        TEXT;

    public function testHeadingsLinesAndMethodAreRead(): void
    {
        $formula = Kit::engine()->parse(self::TEXT);
        self::assertSame('Lime pot', $formula->title);
        self::assertSame(Family::Curd, $formula->family);
        self::assertSame(UnitSystem::Us, $formula->measures);
        self::assertSame(6, $formula->portions);
        self::assertEqualsWithDelta(6.1, $formula->serveAt, 0.05);
        self::assertCount(2, $formula->layers);
        $filling = $formula->layers[1];
        self::assertSame(TreatmentKind::Cook, $filling->treatment->steps[0]->kind);
        self::assertEqualsWithDelta(82.2, $filling->treatment->steps[0]->celsius, 0.05);
        self::assertSame('6 x glass 120 ml', $filling->tin?->words());
        self::assertSame('reduce by 25 %', $filling->loss?->words());
        self::assertSame(['1. Cook it.', '2. Chill it.'], array_column($formula->method, 'text'));
    }

    public function testALineNotUnderstoodStaysWithItsNumber(): void
    {
        $unresolved = Kit::engine()->parse(self::TEXT)->unresolved();
        self::assertCount(1, $unresolved);
        self::assertSame('a handful of moonbeams', $unresolved[0]->text);
        self::assertSame(17, $unresolved[0]->number);
    }

    public function testHeadingsAsKitchensWriteThemOpenLayers(): void
    {
        $formula = Kit::engine()->parse("For the crust:\n100 g biscuits\n\nFor the lemon filling\n50 g sugar\nTopping:\n20 g sugar");
        self::assertSame(['Crust', 'Lemon Filling', 'Topping'], array_map(static fn($l): string => $l->name, $formula->layers));
    }

    /** @return array<string, array{string, int, string}> */
    public static function refusals(): array
    {
        return [
            'empty' => ['', 1, 'no ingredient line'],
            'only headings' => ["title: x\nlayer: y", 1, 'no ingredient line'],
            'unknown family' => ["family: soup\n10 g sugar", 1, 'family'],
            'unknown measures' => ["measures: imperial-ish\n10 g sugar", 1, 'measures'],
            'zero portions' => ["portions: 0\n10 g sugar", 1, 'portions'],
            'portions in words' => ["10 g sugar\nportions: many", 2, 'portions'],
            'impossible treatment' => ["layer: a\ntreat: frobnicate\n10 g sugar", 2, 'treat'],
            'impossible heat' => ["layer: a\ntreat: bake 900 C\n10 g sugar", 2, 'treat'],
            'impossible tin' => ["layer: a\ntin: a bathtub\n10 g sugar", 2, 'tin'],
            'impossible loss' => ["layer: a\nloss: all of it\n10 g sugar", 2, 'loss'],
            'too long' => [str_repeat("1 g sugar\n", 10000), TextFormula::MOST_LINES + 1, 'at most'],
        ];
    }

    #[DataProvider('refusals')]
    public function testWhatCannotBeRightNamesItsLineAndTheMend(string $text, int $line, string $says): void
    {
        try {
            Kit::engine()->parse($text);
            self::fail('it was read');
        } catch (Unreadable $unreadable) {
            self::assertSame($line, $unreadable->lineNumber);
            self::assertStringContainsString($says, $unreadable->getMessage());
            self::assertNotSame('', $unreadable->mend);
        }
    }

    public function testTheLongestTextThatIsReadIsOneLineShorterThanTheFirstRefused(): void
    {
        $text = implode("\n", array_fill(0, TextFormula::MOST_LINES, '1 g sugar'));
        self::assertCount(TextFormula::MOST_LINES, Kit::engine()->parse($text)->layers[0]->lines);
        $this->expectException(Unreadable::class);
        Kit::engine()->parse($text . "\n1 g sugar");
    }

    public function testAnotherScriptIsKeptAsWritten(): void
    {
        $formula = Kit::engine()->parse("200 г сахара\n牛乳 200 g\n10 g sugar");
        self::assertSame(['200 г сахара', '牛乳 200 g'], array_map(static fn($l): string => $l->text, $formula->unresolved()));
    }

    /** @return array<string, array{string, TreatmentKind, ?float, ?float, bool}> */
    public static function treatments(): array
    {
        return [
            'cook' => ['cook to 82 C, stirred', TreatmentKind::Cook, 82.0, null, true],
            'bake' => ['bake 150 C', TreatmentKind::Bake, 150.0, null, false],
            'bake is still unless said' => ['bake 150 C', TreatmentKind::Bake, 150.0, null, false],
            'boil' => ['boil 2 min stirred', TreatmentKind::Boil, null, 2.0, true],
            'freeze' => ['freeze -18 C', TreatmentKind::Freeze, -18.0, null, true],
            'gas mark' => ['bake gas mark 4', TreatmentKind::Bake, 177.0, null, false],
            'whip' => ['whip', TreatmentKind::Whip, null, null, true],
        ];
    }

    #[DataProvider('treatments')]
    public function testTreatmentsAreReadAndWrittenBack(string $text, TreatmentKind $kind, ?float $celsius, ?float $minutes, bool $stirred): void
    {
        $treatment = TreatmentGrammar::parse($text);
        self::assertSame($kind, $treatment->steps[0]->kind);
        self::assertSame($celsius, $treatment->steps[0]->celsius);
        self::assertSame($minutes, $treatment->steps[0]->minutes);
        self::assertSame($stirred, $treatment->steps[0]->stirred);
        self::assertEquals($treatment, TreatmentGrammar::parse($treatment->words()));
    }
}
