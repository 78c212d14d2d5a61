<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diet;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietFacts;
use Transmuta\Diet\DietJudge;
use Transmuta\Diet\Evidence;
use Transmuta\Diet\EvidenceBook;
use Transmuta\Diet\Standing;
use Transmuta\Tests\Kit;

/** A packet that was read answers its question until it expires; it never answers for a ban. */
final class EvidenceTest extends TestCase
{
    private static function seen(bool $meets = true, string $on = '2026-11-10', ?string $until = '2027-02-01', string $ingredient = 'chocolate-55', Diet $diet = Diet::Vegan): Evidence
    {
        return new Evidence($ingredient, $diet, $meets, 'no milk in the list', $on, $until, 'Ana');
    }

    private static function vegan(string $day, Evidence ...$all): \Transmuta\Diet\Verdict
    {
        $ingredients = [Kit::shelf()->get('chocolate-55'), Kit::shelf()->get('water')];

        return DietJudge::all(new DietFacts($ingredients, ['net_carbs_g' => 0.0, 'kj' => 1.0, 'protein_g' => 0.0], [], book: EvidenceBook::on($day, $all)))['vegan'];
    }

    public function testAQuestionStandsUntilAPacketAnswersIt(): void
    {
        self::assertSame(Standing::Unproven, self::vegan('2026-11-25')->standing());
        $verdict = self::vegan('2026-11-25', self::seen());
        self::assertSame(Standing::Met, $verdict->standing());
        self::assertStringContainsString('by Ana on 2026-11-10, good until 2027-02-01', $verdict->proven[0]);
    }

    public function testEvidenceHoldsFromItsDayToItsLast(): void
    {
        self::assertSame(Standing::Unproven, self::vegan('2026-11-09', self::seen())->standing());
        self::assertSame(Standing::Met, self::vegan('2026-11-10', self::seen())->standing());
        self::assertSame(Standing::Met, self::vegan('2027-02-01', self::seen())->standing());
        self::assertSame(Standing::Unproven, self::vegan('2027-02-02', self::seen())->standing());
        self::assertSame(Standing::Met, self::vegan('2031-01-01', self::seen(until: null))->standing());
    }

    public function testTheLatestPacketCountsAndMaySayNo(): void
    {
        $verdict = self::vegan('2026-11-25', self::seen(), self::seen(false, '2026-11-20'));
        self::assertSame(Standing::NotMet, $verdict->standing());
        self::assertStringContainsString('Dark chocolate', $verdict->because[0]);
        self::assertSame(Standing::Unproven, self::vegan('2026-11-25', self::seen(diet: Diet::GlutenFree))->standing());
    }

    public function testNoPacketMakesButterVegan(): void
    {
        $verdict = DietJudge::all(new DietFacts([Kit::shelf()->get('butter')], ['net_carbs_g' => 0.0, 'kj' => 1.0, 'protein_g' => 0.0], [], book: EvidenceBook::on('2026-11-25', [self::seen(ingredient: 'butter')])))['vegan'];
        self::assertSame(Standing::NotMet, $verdict->standing());
    }

    public function testGlutenFreeStaysUnprovenForTheKitchenItself(): void
    {
        $book = EvidenceBook::on('2026-11-25', [self::seen(ingredient: 'oats', diet: Diet::GlutenFree)]);
        $verdict = DietJudge::all(new DietFacts([Kit::shelf()->get('oats')], ['net_carbs_g' => 0.0, 'kj' => 1.0, 'protein_g' => 0.0], [], book: $book))['gluten-free'];
        self::assertSame(Standing::Unproven, $verdict->standing());
        self::assertCount(1, $verdict->unproven, 'only the cross-contact is still open');
        self::assertCount(1, $verdict->proven);
    }
}
