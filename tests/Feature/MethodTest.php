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
        $this->putJson("/api/versions/$version->id/method", ['steps' => \array_slice($typed, 1)])->assertUnprocessable()->assertJsonPath('field', 'steps');
        $this->putJson("/api/versions/$version->id/method", ['steps' => [['id' => 'x', 'step' => 'z9', 'text' => 'x'], ...$typed]])->assertUnprocessable()->assertJsonPath('field', 'steps.0.step');
        $this->putJson("/api/versions/$version->id/method", ['steps' => [['id' => 'x', 'step' => null, 'text' => ' '], ...$typed]])->assertUnprocessable()->assertJsonPath('field', 'steps.0.text');
        $this->getJson("/api/versions/$version->id/method")->assertJsonPath('is_own', false);
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
