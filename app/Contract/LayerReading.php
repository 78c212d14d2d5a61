<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Property\Severity;

#[OA\Schema(
    schema: 'LayerReading',
    type: 'object',
    required: ['name', 'mass_g', 'volume_ml', 'water', 'protein', 'fat', 'sugars', 'starch', 'fibre', 'se', 'acid_citric', 'ph', 'aw', 'freezing_point_c', 'set', 'set_20c', 'balance', 'crystals', 'richness', 'air', 'height_mm', 'thermal', 'cooling', 'ripening', 'frozen', 'syrup', 'aftertaste', 'pan', 'cooking', 'keeping', 'cost_minor', 'watch', 'lines'],
    properties: [
        new OA\Property(property: 'acid_citric', type: 'number'),
        new OA\Property(property: 'aftertaste', type: 'object', required: ['cooling_j_g', 'cold', 'bitter', 'of_ceiling'], properties: [
            new OA\Property(property: 'bitter', type: 'string'),
            new OA\Property(property: 'cold', type: 'string'),
            new OA\Property(property: 'cooling_j_g', type: 'number'),
            new OA\Property(property: 'of_ceiling', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
        ]),
        new OA\Property(property: 'air', type: 'number'),
        new OA\Property(property: 'aw', type: 'number'),
        new OA\Property(property: 'balance', type: 'object', required: ['brix', 'ratio', 'brima', 'brima_se', 'word'], properties: [
            new OA\Property(property: 'brima', type: 'number', nullable: true),
            new OA\Property(property: 'brima_se', type: 'number', nullable: true),
            new OA\Property(property: 'brix', type: 'number'),
            new OA\Property(property: 'ratio', type: 'number', nullable: true),
            new OA\Property(property: 'word', type: 'string'),
        ]),
        new OA\Property(property: 'cooking', oneOf: [new OA\Schema(type: 'object', required: ['thickens_c', 'done_c', 'curdles_c', 'may_boil', 'starch', 'safe_c'], properties: [
            new OA\Property(property: 'curdles_c', type: 'number'),
            new OA\Property(property: 'done_c', type: 'number'),
            new OA\Property(property: 'may_boil', type: 'boolean'),
            new OA\Property(property: 'safe_c', type: 'number'),
            new OA\Property(property: 'starch', type: 'string'),
            new OA\Property(property: 'thickens_c', type: 'number'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'cooling', ref: '#/components/schemas/Cooling'),
        new OA\Property(property: 'cost_minor', type: 'number'),
        new OA\Property(property: 'crystals', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'object', required: ['per_100g_water', 'dissolves_5c', 'dissolves_20c', 'most_g', 'over'], properties: [
            new OA\Property(property: 'dissolves_20c', type: 'number', nullable: true),
            new OA\Property(property: 'dissolves_5c', type: 'number'),
            new OA\Property(property: 'most_g', type: 'number'),
            new OA\Property(property: 'over', type: 'boolean'),
            new OA\Property(property: 'per_100g_water', type: 'number'),
        ])),
        new OA\Property(property: 'fat', type: 'number'),
        new OA\Property(property: 'fibre', type: 'number'),
        new OA\Property(property: 'freezing_point_c', type: 'number', nullable: true),
        new OA\Property(property: 'frozen', oneOf: [new OA\Schema(type: 'object', required: ['ice_share_minus18', 'ice_share_minus10', 'word', 'scoops_at_c', 'temper_min'], properties: [
            new OA\Property(property: 'ice_share_minus10', type: 'number'),
            new OA\Property(property: 'ice_share_minus18', type: 'number'),
            new OA\Property(property: 'scoops_at_c', type: 'number'),
            new OA\Property(property: 'temper_min', type: 'number'),
            new OA\Property(property: 'word', type: 'string'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'height_mm', type: 'number'),
        new OA\Property(property: 'keeping', type: 'object', required: ['days', 'keep_cold', 'reasons'], properties: [
            new OA\Property(property: 'days', type: 'number'),
            new OA\Property(property: 'keep_cold', type: 'boolean'),
            new OA\Property(property: 'reasons', type: 'array', items: new OA\Items(type: 'object', required: ['rule', 'days', 'words', 'mark', 'source'], properties: [
                new OA\Property(property: 'days', type: 'number'),
                new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
                new OA\Property(property: 'rule', type: 'string'),
                new OA\Property(property: 'source', type: 'string'),
                new OA\Property(property: 'words', type: 'string'),
            ])),
        ]),
        new OA\Property(property: 'lines', type: 'array', items: new OA\Items(ref: '#/components/schemas/LineReading')),
        new OA\Property(property: 'mass_g', type: 'number'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'pan', oneOf: [new OA\Schema(type: 'object', required: ['pan_mm', 'watts', 'gentle', 'thickens_min', 'done_min', 'boil_min', 'margin_s', 'climbs_c_min'], properties: [
            new OA\Property(property: 'boil_min', type: 'number', nullable: true),
            new OA\Property(property: 'climbs_c_min', type: 'number'),
            new OA\Property(property: 'done_min', type: 'number', nullable: true),
            new OA\Property(property: 'gentle', type: 'boolean'),
            new OA\Property(property: 'margin_s', type: 'number', nullable: true),
            new OA\Property(property: 'pan_mm', type: 'number'),
            new OA\Property(property: 'thickens_min', type: 'number', nullable: true),
            new OA\Property(property: 'watts', type: 'number'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'ph', type: 'number', nullable: true),
        new OA\Property(property: 'protein', type: 'number'),
        new OA\Property(property: 'richness', type: 'object', required: ['dry_matter', 'solid_fat_5c', 'solid_fat_35c', 'firm_fat'], properties: [
            new OA\Property(property: 'dry_matter', type: 'number'),
            new OA\Property(property: 'firm_fat', type: 'number'),
            new OA\Property(property: 'solid_fat_35c', type: 'number'),
            new OA\Property(property: 'solid_fat_5c', type: 'number'),
        ]),
        new OA\Property(property: 'ripening', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'object', required: ['h', 'share', 'ge', 'step'], properties: [
            new OA\Property(property: 'ge', type: 'number'),
            new OA\Property(property: 'h', type: 'number'),
            new OA\Property(property: 'share', type: 'number'),
            new OA\Property(property: 'step', type: 'string'),
        ])), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'se', type: 'number'),
        new OA\Property(property: 'set', ref: '#/components/schemas/SetReading'),
        new OA\Property(property: 'set_20c', oneOf: [new OA\Schema(type: 'object', required: ['ge', 'step', 'step_index'], properties: [
            new OA\Property(property: 'ge', type: 'number'),
            new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'step_index', type: 'number'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'starch', type: 'number'),
        new OA\Property(property: 'sugars', type: 'number'),
        new OA\Property(property: 'syrup', description: 'The water phase as a syrup: it thickens and never sets.', oneOf: [new OA\Schema(type: 'object', required: ['solids', 'mpas_20c', 'word'], properties: [
            new OA\Property(property: 'mpas_20c', type: 'number'),
            new OA\Property(property: 'solids', type: 'number'),
            new OA\Property(property: 'word', type: 'string'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'thermal', type: 'object', required: ['conductivity_w_mk', 'density_kg_m3', 'specific_heat_kj_kgk'], properties: [
            new OA\Property(property: 'conductivity_w_mk', type: 'number'),
            new OA\Property(property: 'density_kg_m3', type: 'number'),
            new OA\Property(property: 'specific_heat_kj_kgk', type: 'number'),
        ]),
        new OA\Property(property: 'volume_ml', type: 'number'),
        new OA\Property(property: 'watch', type: 'array', items: new OA\Items(type: 'object', required: ['rule', 'severity', 'text'], properties: [
            new OA\Property(property: 'rule', type: 'string'),
            new OA\Property(property: 'severity', type: 'string', enum: Severity::class),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'water', type: 'number'),
    ],
)]
final class LayerReading {}
