<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is bought for a service: waste counted in, in whole packs, of the latest list of each supplier. Money in minor units. */
#[OA\Schema(
    schema: 'ServiceShopping',
    type: 'object',
    required: ['minor', 'suppliers', 'rows'],
    properties: [
        new OA\Property(property: 'minor', description: 'Of everything that is on a list.', type: 'integer'),
        new OA\Property(property: 'rows', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'wanted', 'grams', 'parts', 'minor', 'left', 'packs', 'only_for'], properties: [
            new OA\Property(property: 'grams', description: 'To buy, what is thrown away counted in.', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'left', description: 'g left over of the packs.', type: 'number'),
            new OA\Property(property: 'minor', description: 'None where it is on no list.', type: 'integer', nullable: true),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'only_for', description: 'Diets that are the only reason it is bought.', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'packs', type: 'array', items: new OA\Items(type: 'object', required: ['packs', 'name', 'grams', 'minor', 'supplier'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'minor', type: 'integer'),
                new OA\Property(property: 'name', type: 'string'),
                new OA\Property(property: 'packs', type: 'integer'),
                new OA\Property(property: 'supplier', type: 'string'),
            ])),
            new OA\Property(property: 'parts', description: 'What is taken of it, where it is bought whole.', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'grams'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'wanted', description: 'g that enter the dishes.', type: 'number'),
        ])),
        new OA\Property(property: 'suppliers', type: 'array', items: new OA\Items(type: 'object', required: ['supplier', 'dated_on', 'minor'], properties: [
            new OA\Property(property: 'dated_on', type: 'string'),
            new OA\Property(property: 'minor', type: 'integer'),
            new OA\Property(property: 'supplier', type: 'string'),
        ])),
    ],
)]
final class ServiceShopping {}
