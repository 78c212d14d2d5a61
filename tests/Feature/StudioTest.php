<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Version;
use Transmuta\Formula\Layer;

/** The studio's own settings, and what would pay what nobody pays. */
final class StudioTest extends FeatureCase
{
    public function testItsNameAndCurrencyAreChangedAndWhatCannotBeIsRefused(): void
    {
        $this->getJson('/api/studio')->assertOk()->assertJsonPath('currency', 'EUR');
        $this->putJson('/api/studio', ['name' => '  Night   kitchen ', 'currency' => 'gbp'])->assertOk()->assertJsonPath('name', 'Night kitchen')->assertJsonPath('currency', 'GBP');
        $this->getJson('/api/studio')->assertJsonPath('currency', 'GBP');
        $this->putJson('/api/studio', ['name' => 'Night kitchen', 'currency' => 'pounds'])->assertUnprocessable()->assertJsonPath('field', 'currency');
        $this->putJson('/api/studio', ['name' => '', 'currency' => 'EUR'])->assertUnprocessable()->assertJsonPath('field', 'name');
    }

    public function testWhatIsHandledMayBeCarriedIntoWhatDoesNotHoldIt(): void
    {
        $version = Version::query()->where('name', 'Vegan 1')->whereRelation('dish', 'title', 'Rhubarb buttermilk cream')->firstOrFail();
        $this->getJson("/api/versions/$version->id")->assertOk()->assertJsonPath('kitchen', ['may_carry' => [], 'words' => '']);
        $said = ['name' => 'Tea room', 'currency' => 'EUR', 'kitchen' => ['handles' => ['nuts', 'milk'], 'shares' => ['mixers']]];
        $this->putJson('/api/studio', $said)->assertOk()->assertJsonPath('kitchen.handles', ['milk', 'nuts']);
        app()->forgetScopedInstances();
        // What was read before is read anew, and the card says it too.
        $this->getJson("/api/versions/$version->id")->assertJsonPath('kitchen.may_carry', ['milk', 'nuts']);
        $this->getJson("/api/versions/$version->id/card")->assertOk()->assertJsonPath('kitchen.may_carry', ['milk', 'nuts'])->assertJsonPath('kitchen.words', 'Made where milk, nuts are handled, sharing mixers and bowls');
        $this->putJson('/api/studio', ['name' => 'Tea room', 'currency' => 'EUR'])->assertOk()->assertJsonPath('kitchen.handles', ['milk', 'nuts']);
        $this->putJson('/api/studio', ['name' => 'Tea room', 'currency' => 'EUR', 'kitchen' => ['handles' => ['moonlight'], 'shares' => []]])->assertUnprocessable();
    }

    public function testWhatWouldPayIsNamedWhereSomethingIsShort(): void
    {
        $version = Version::query()->where('name', 'Vegan 1')->whereRelation('dish', 'title', 'Rhubarb buttermilk cream')->firstOrFail();
        $at = array_search('Buttermilk cream', array_map(static fn(Layer $layer): string => $layer->name, $version->formula->layers), true);
        $at = $at === false ? 1 : $at;
        $this->getJson("/api/versions/$version->id/payments?layer=$at")->assertOk()->assertJsonMissingPath('set');
        $formula = $this->formulaOf($version);
        foreach ($formula['layers'][$at]['lines'] as $n => $line) {
            if ($line['ingredient'] === 'agar') {
                $formula['layers'][$at]['lines'][$n]['grams'] = 0.8;
            }
        }
        $this->patchJson("/api/versions/$version->id", ['revision' => $version->revision, 'formula' => $formula])->assertOk();
        $this->getJson("/api/versions/$version->id/payments?layer=$at")->assertOk()->assertJsonPath('set.0.ingredient', 'agar')->assertJsonPath('set.0.pays', 1);
        $this->getJson("/api/versions/$version->id/payments")->assertUnprocessable()->assertJsonPath('field', 'layer');
    }
}
