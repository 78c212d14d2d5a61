<?php

declare(strict_types=1);

namespace App\Archive;

use App\Services\Tastings;
use Illuminate\Support\Facades\Validator;
use Transmuta\Diet\Kitchen;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\ServiceJson;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Schools;

/**
 * Of what kind everything in a row of an archive is, by table: the one table of it. Every column that holds JSON stands here, so that nothing comes in that
 * a screen would fall over (a test asks it of each). What only the core can judge it judges besides ({@see Unpacker}).
 */
final class Shapes
{
    private const BRIEF = [
        'brief' => ['present', 'nullable', 'array'], 'brief.diets' => ['sometimes', 'array'], 'brief.diets.*' => ['string'], 'brief.net_carbs_g' => ['nullable', 'numeric'], 'brief.protein_g' => ['nullable', 'numeric'],
        'brief.kcal' => ['nullable', 'numeric'], 'brief.sugars_g' => ['nullable', 'numeric'], 'brief.fat_g' => ['nullable', 'numeric'], 'brief.aims' => ['nullable', 'array'], 'brief.aims.*' => ['numeric'], 'brief.without' => ['nullable', 'array'], 'brief.without.*' => ['string'],
    ];

    private const STANDS = [
        'formula' => ['required', 'array'], 'shelf' => ['present', 'nullable', 'array'], 'shelf.*' => ['string'],
        'wanted' => ['present', 'nullable', 'array'], 'wanted.*' => ['array'], 'wanted.*.*' => ['numeric'],
    ];

    public const RULES = [
        'studio' => [
            'schools' => ['present', 'nullable', 'array'], 'schools.*' => ['string'], 'kitchen' => ['present', 'nullable', 'array'], 'kitchen.handles' => ['sometimes', 'array'], 'kitchen.handles.*' => ['string'], 'kitchen.shares' => ['sometimes', 'array'], 'kitchen.shares.*' => ['string'],
            'measures' => ['present', 'nullable', 'array'], 'factors' => ['present', 'nullable', 'array'], 'rates' => ['sometimes', 'nullable', 'array'],
        ],
        'own_ingredients' => ['packet' => ['present', 'array'], 'packet.name' => ['sometimes', 'string'], 'packet.allergens' => ['nullable', 'array'], 'packet.allergens.*' => ['string'], 'packet.may_contain' => ['nullable', 'array'], 'packet.may_contain.*' => ['string'], 'packet.also_called' => ['nullable', 'array'], 'packet.also_called.*' => ['string'], 'content' => ['required', 'array']],
        'dishes' => ['schools' => ['present', 'nullable', 'array'], 'schools.*' => ['string'], 'title' => ['required', 'string']],
        'versions' => [
            ...self::BRIEF, ...self::STANDS, 'name' => ['required', 'string'], 'method' => ['present', 'nullable', 'array'], 'method.*' => ['array'], 'origin' => ['present', 'nullable', 'array'], 'origin.kind' => ['sometimes', 'string'], 'origin.route' => ['nullable', 'string'], 'origin.standing' => ['nullable', 'string'],
            'origin.fit' => ['nullable', 'numeric'], 'origin.mouth' => ['nullable', 'string'], 'origin.hash' => ['nullable', 'string'], 'origin.changes' => ['nullable', 'array'], 'origin.blocked_by' => ['nullable', 'array'],
        ],
        'revisions' => [...self::BRIEF, ...self::STANDS, 'words' => ['present', 'nullable', 'array'], 'words.*' => ['string']],
        'trials' => ['set_step' => ['nullable', 'integer', 'between:0,6'], 'predicted' => ['present', 'array'], 'predicted.layers' => ['sometimes', 'array'], 'predicted.layers.*' => ['array'], 'predicted.ge' => ['nullable', 'numeric'], 'predicted.step' => ['sometimes', 'string'], 'predicted.layer' => ['sometimes', 'string'], 'predicted.step_index' => ['nullable', 'integer', 'between:0,6'],
            'predicted.se' => ['nullable', 'numeric'], 'predicted.ph' => ['nullable', 'numeric'], 'found' => ['present', 'nullable', 'array'], 'corrections' => ['present', 'nullable', 'array'], 'corrections.*' => ['array'], 'corrections.*.was' => ['array'], 'corrections.*.why' => ['string'], 'corrections.*.who' => ['string'], 'corrections.*.at' => ['string']],
        'pot_ladders' => ['asked' => ['required', 'array'], 'asked.lines' => ['array'], 'asked.lines.*' => ['string'], 'asked.pots' => ['integer'], 'asked.step' => ['numeric'], 'asked.pot_g' => ['numeric'], 'design' => ['required', 'array'], 'design.agents.*.name' => ['string'], 'design.agents.*.ingredient' => ['string'], 'design.agents.*.share' => ['numeric'],
            'found' => ['present', 'nullable', 'array'], 'found.*' => ['array'], 'fit' => ['present', 'nullable', 'array'], 'fit.dose' => ['nullable', 'array'], 'fit.dose.value' => ['numeric']],
        'tastings' => ['method' => ['required', 'in:' . Tastings::METHODS], 'title' => ['required', 'string'], 'plan' => ['required', 'array'], 'plan.question' => ['present', 'string'], 'plan.sided' => ['required', 'in:one,two'], 'plan.tasters' => ['required', 'integer', 'between:1,240'], 'plan.alpha' => ['required', 'numeric', 'gt:0', 'lt:1'],
            'plan.power' => ['required', 'numeric', 'gt:0', 'lt:1'], 'plan.pd' => ['required', 'numeric', 'gt:0', 'max:1'], 'plan.seed' => ['required', 'integer'], 'plan.expects' => ['nullable', 'in:A,B'], 'plan.attributes' => ['present', 'array'], 'plan.attributes.*' => ['string'], 'samples' => ['required', 'array', 'min:1', 'max:6'],
            'samples.*.letter' => ['required', 'string'], 'samples.*.name' => ['required', 'string'], 'samples.*.version_id' => ['nullable', 'integer'], 'samples.*.revision_id' => ['nullable', 'integer'], 'samples.*.contains' => ['present', 'array'], 'samples.*.contains.*' => ['string'], 'samples.*.may_contain' => ['present', 'array'], 'samples.*.may_contain.*' => ['string'],
            'samples.*.unknown' => ['present', 'array'], 'samples.*.unknown.*' => ['string'], 'samples.*.cautions' => ['present', 'array'], 'samples.*.cautions.*' => ['string']],
        'tasting_seats' => ['served' => ['required', 'array'], 'served.*.code' => ['required', 'integer:strict'], 'served.*.letter' => ['required', 'string'], 'answer' => ['present', 'nullable', 'array'], 'answer.chosen' => ['sometimes', 'integer'], 'answer.samples' => ['sometimes', 'array'], 'answer.samples.*' => ['array']],
        'price_lists' => ['articles' => ['present', 'array'], 'articles.*' => ['array']],
        'services' => ['name' => ['required', 'string'], 'kitchen' => ['present', 'nullable', 'array'], 'guests' => ['present', 'nullable', 'array'], 'guests.*' => ['array'], 'guests.*.count' => ['required', 'integer', 'min:0'], 'guests.*.diets' => ['present', 'array'], 'guests.*.diets.*' => ['string'], 'guests.*.without' => ['present', 'array'], 'guests.*.without.*' => ['string']],
        'service_items' => ['diets' => ['present', 'array'], 'diets.*' => ['string']],
        'run_events' => ['body' => ['present', 'array'], 'kind' => ['required', 'string']],
    ];

    /**
     * @param array<string, mixed> $row with every JSON column as arrays
     *
     * @throws Nonsense naming the first that is not of its kind
     */
    public static function of(string $where, string $table, array $row): void
    {
        $judged = Validator::make($row, self::RULES[$table] ?? []);
        if ($judged->fails()) {
            $field = (string) array_key_first($judged->errors()->toArray());
            throw Nonsense::of($where, $field, 'it is not of its kind: ' . lcfirst(rtrim((string) $judged->errors()->first(), '.')));
        }
        if (\array_key_exists('schools', $row)) {
            Schools::of(\is_array($row['schools']) ? $row['schools'] : []);
        }
        if (\is_array($row['brief'] ?? null)) {
            Brief::from($row['brief']);
        }
        if ($table === 'studio') {
            Kitchen::from(\is_array($row['kitchen']) ? $row['kitchen'] : []);
        }
        if ($table === 'service_items') {
            foreach (\is_array($row['diets']) ? $row['diets'] : [] as $diet) {
                ServiceJson::diet($diet, 'diets');
            }
        }
        if ($table === 'services') {
            ServiceJson::kitchen(\is_array($row['kitchen']) ? $row['kitchen'] : []);
        }
    }
}
