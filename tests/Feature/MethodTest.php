<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A version's method in its makers' own words, and amounts in the studio's own measures. */
final class MethodTest extends FeatureCase
{
    /** @return list<array{id: string, step: ?string, text: string}> */
    private function typed(int $version): array
    {
        $steps = $this->getJson("/api/versions/$version/method")->assertOk()->assertJsonPath('is_own', false)->json('steps');
        self::assertIsArray($steps);

        return array_values(array_map(static fn(array $step): array => ['id' => "w$step[id]", 'step' => $step['step'], 'text' => $step['text']], $steps));
    }

    public function testWordsAreKeptAndStandWhereverTheMethodIsTold(): void
    {
        $version = $this->original();
        $typed = $this->typed($version->id);
        $cook = (int) array_search('b4', array_column($typed, 'step'), true);
        $typed[$cook]['text'] = 'Whisk 164 g passion-fruit juice with 102 g of egg yolk until it naps.';
        array_splice($typed, $cook + 1, 0, [['id' => 'extra', 'step' => null, 'text' => 'Taste it.']]);
        $this->putJson("/api/versions/$version->id/method", ['steps' => $typed])->assertOk()->assertJsonPath('is_own', true);
        $card = $this->getJson("/api/versions/$version->id/card")->assertOk()->assertJsonPath('is_own_words', true)->assertJsonPath('quarrels', [])->json('steps');
        self::assertContains('Taste it.', $card);
        // Twice as many: the amounts in the words are the run's.
        $run = $this->postJson("/api/versions/$version->id/runs", ['portions' => 24])->assertCreated()->json('making.told');
        self::assertMatchesRegularExpression('/Whisk 32[78](\.\d)? g passion-fruit juice with 20[34](\.\d)? g egg yolk until it naps\./', implode("\n", array_column((array) $run, 'text')));
        // The formula changes: the words stay.
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] = 180;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->refresh()->revision])->assertOk();
        $told = $this->getJson("/api/versions/$version->id/making")->assertOk()->json('told');
        self::assertContains('Whisk 180 g passion-fruit juice with 102 g egg yolk until it naps.', array_column($told, 'text'));
        // All of it back to the formula's own.
        $this->putJson("/api/versions/$version->id/method", ['steps' => []])->assertOk()->assertJsonPath('is_own', false);
        $this->getJson("/api/versions/$version->id/card")->assertOk()->assertJsonPath('is_own_words', false);
    }

    public function testWhatCannotBeMadeInThatOrderIsRefusedAndNothingIsKept(): void
    {
        $version = $this->original();
        $typed = $this->typed($version->id);
        $this->putJson("/api/versions/$version->id/method", ['steps' => array_reverse($typed)])->assertUnprocessable()->assertJsonPath('field', 'steps');
        $this->putJson("/api/versions/$version->id/method", ['steps' => [['id' => 'x', 'step' => 'z9', 'text' => 'x'], ...$typed]])->assertUnprocessable()->assertJsonPath('field', 'steps.0.step');
        $this->putJson("/api/versions/$version->id/method", ['steps' => [['id' => 'x', 'step' => null, 'text' => ' '], ...$typed]])->assertUnprocessable()->assertJsonPath('field', 'steps.0.text');
        $this->getJson("/api/versions/$version->id/method")->assertJsonPath('is_own', false);
    }

    public function testAStepThatIsTakenOutStaysOutAndSaysWhatIsMissed(): void
    {
        $version = $this->original();
        $typed = $this->typed($version->id);
        $at = (int) array_search('b4', array_column($typed, 'step'), true);
        $left = array_values(array_diff_key($typed, [$at => true]));
        $kept = $this->putJson("/api/versions/$version->id/method", ['steps' => $left])->assertOk()->assertJsonPath('is_own', true)->assertJsonPath('is_formulas', false)->json();
        self::assertSame(['b4'], array_column($kept['out'], 'step'));
        self::assertStringStartsWith('no step takes this any more: ', $kept['out'][0]['breaks']);
        self::assertNotContains('b4', array_column($kept['steps'], 'step'));
        // It does not come back with the formula's next change, nor on the card.
        $formula = $this->formulaOf($version);
        $formula['layers'][1]['lines'][0]['grams'] = 180;
        $this->patchJson("/api/versions/$version->id", ['formula' => $formula, 'revision' => $version->refresh()->revision])->assertOk();
        self::assertNotContains('b4', array_column((array) $this->getJson("/api/versions/$version->id/making")->json('told'), 'step'));
        $all = $this->getJson("/api/versions/$version->id/method")->json('steps');
        $back = [...array_map(static fn(array $one): array => ['id' => "w$one[id]", 'step' => $one['step'], 'text' => $one['text']], $all)];
        array_splice($back, $at, 0, [['id' => 'back', 'step' => 'b4', 'text' => $typed[$at]['text']]]);
        $this->putJson("/api/versions/$version->id/method", ['steps' => $back])->assertOk()->assertJsonPath('out', []);
    }

    /** A dish that came with its method: the words are the formula's, and what is done follows them. */
    public function testTheMethodOfAPastedDishIsEditedAsItStands(): void
    {
        $dish = $this->postJson('/api/dishes', ['text' => "Set cream\nServes 4\n400 g double cream\n60 g sugar\n3 leaves gelatine\n\nMethod\nSoak the gelatine in cold water for 5 minutes.\nWarm the cream with the sugar to 60 °C.\nStir in the gelatine.\nStrain.\nPour into 4 glasses and chill for at least 4 hours."])->assertCreated()->json();
        $id = $dish['versions'][0]['id'];
        $method = $this->getJson("/api/versions/$id/method")->assertOk()->assertJsonPath('is_formulas', true)->json();
        self::assertSame(['Soak the gelatine in cold water for 5 minutes.', 'Warm the cream with the sugar to 60 °C.', 'Stir in the gelatine.', 'Strain.', 'Pour into 4 glasses and chill for at least 4 hours.'], array_column($method['steps'], 'text'));
        $operations = fn(): array => array_column((array) $this->getJson("/api/versions/$id/making")->assertOk()->json('steps'), 'operation');
        self::assertContains('strain', $operations());
        $typed = array_map(static fn(array $one): array => ['id' => $one['id'], 'step' => null, 'text' => $one['text']], $method['steps']);
        unset($typed[3]);
        $typed[4]['text'] = 'Pour into 4 glasses and chill overnight.';
        $this->putJson("/api/versions/$id/method", ['steps' => array_values($typed)])->assertOk();
        self::assertNotContains('strain', $operations());
        $chill = array_values(array_filter((array) $this->getJson("/api/versions/$id/making")->json('steps'), static fn(array $step): bool => $step['operation'] === 'chill'))[0];
        self::assertSame([480, 720], [$chill['wait_min']['least'], $chill['wait_min']['best']]);
        self::assertContains('Pour into 4 glasses and chill overnight.', $this->getJson("/api/versions/$id/card")->json('steps'));
        // Nothing is lost by a slip: it is a change like any other, and is taken back.
        $this->putJson("/api/versions/$id/method", ['steps' => [['id' => 'x', 'step' => null, 'text' => ' ']]])->assertUnprocessable()->assertJsonPath('field', 'steps.0.text');
        $this->putJson("/api/versions/$id/method", ['steps' => []])->assertOk()->assertJsonPath('is_formulas', false);
        $this->postJson("/api/versions/$id/undo", ['revision' => $this->getJson("/api/versions/$id")->json('version.revision')])->assertOk();
        $this->getJson("/api/versions/$id/method")->assertJsonPath('is_formulas', true);
    }

    public function testWhatDoesNotAgreeIsSaidOnTheCard(): void
    {
        $version = $this->original();
        $typed = $this->typed($version->id);
        $cook = (int) array_search('b4', array_column($typed, 'step'), true);
        $typed[$cook]['text'] = 'Warm 300 g passion-fruit juice.';
        $this->putJson("/api/versions/$version->id/method", ['steps' => $typed])->assertOk()->assertJsonPath("steps.$cook.quarrel", 'amount');
        self::assertStringContainsString('300 g', (string) $this->getJson("/api/versions/$version->id/card")->json('quarrels.0'));
    }

    public function testAmountsAreSaidInTheStudiosOwnMeasures(): void
    {
        $version = $this->original();
        $studio = $this->getJson('/api/studio')->assertOk()->assertJsonPath('measures', [])->json();
        $put = fn(array $measures) => $this->putJson('/api/studio', ['name' => $studio['name'], 'currency' => $studio['currency'], 'measures' => $measures]);
        $put([['name' => 'ladle', 'ml' => 0]])->assertUnprocessable()->assertJsonPath('field', 'measures.0.ml');
        $put([['name' => 'Ladle', 'ml' => 80]])->assertOk()->assertJsonPath('measures', [['name' => 'ladle', 'ml' => 80]]);
        $lines = array_merge(...array_column((array) $this->getJson("/api/versions/$version->id/making")->json('steps'), 'lines'));
        $about = array_values(array_filter(array_column($lines, 'about')));
        self::assertNotSame([], $about);
        self::assertMatchesRegularExpression('/^about [\d¼½¾]+ ladles? of /u', $about[0]);
    }
}
