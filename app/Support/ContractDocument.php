<?php

declare(strict_types=1);

namespace App\Support;

use OpenApi\Analysis;
use OpenApi\Annotations as OA;
use OpenApi\Generator;

/** The contract as the code has it: shapes of app/Contract, paths of the controllers. */
final class ContractDocument
{
    public static function made(): OA\OpenApi
    {
        $generator = new Generator();
        $generator->setVersion('3.1.0')->addProcessor(self::describe(...));

        return $generator->generate([\dirname(__DIR__) . '/Contract', \dirname(__DIR__) . '/Http/Controllers']) ?? throw new \LogicException('no contract was found');
    }

    /** What is written over a class is said of its schema; left to itself the library says it of the schema's first property. */
    private static function describe(Analysis $analysis): void
    {
        $all = $analysis->openapi?->components->schemas ?? [];
        foreach (\is_array($all) ? $all : [] as $schema) {
            $said = trim((string) preg_replace(['/^\s*\/\*\*|\*\/\s*$/', '/\s*\n\s*\*\s*/'], ['', ' '], (string) $schema->_context?->comment));
            if ($said === '') {
                continue;
            }
            foreach (\is_array($schema->properties) ? $schema->properties : [] as $property) {
                if (\is_string($property->description) && preg_replace('/\s+/', ' ', $property->description) === $said) {
                    $property->description = Generator::UNDEFINED;
                }
            }
            if (Generator::isDefault($schema->description)) {
                $schema->description = $said;
            }
        }
    }
}
