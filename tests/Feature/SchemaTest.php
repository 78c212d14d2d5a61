<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Format\FormulaJson;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\IngredientList;

/** docs/formula.schema.json says what the core really writes, by an outside validator. */
final class SchemaTest extends TestCase
{
    public function testEveryDemoDishAndItsRoutesAreOfTheSchema(): void
    {
        $engine = Engine::over(IngredientList::shipped());
        foreach (glob(dirname(__DIR__, 2) . '/core/data/demo/*.txt') ?: [] as $file) {
            $formula = $engine->parse((string) file_get_contents($file));
            self::assertTrue($this->isValid(FormulaJson::write($formula)), basename($file));
            foreach ($engine->reformulate($formula, Brief::of([Diet::Vegan])) as $route) {
                self::assertTrue($this->isValid(FormulaJson::write($route->result->formula)), "$route->name of " . basename($file));
            }
        }
    }

    public function testWhatTheCoreRefusesTheSchemaRefusesToo(): void
    {
        $line = static fn(array $line): array => ['layers' => [['lines' => [$line]]]];
        self::assertTrue($this->isValid($line(['ingredient' => 'sugar', 'grams' => 100000])));
        self::assertFalse($this->isValid($line(['ingredient' => 'sugar', 'grams' => 100001])));
        self::assertFalse($this->isValid($line(['ingredient' => 'sugar', 'grams' => -1])));
        self::assertFalse($this->isValid(['layers' => []]));
        self::assertFalse($this->isValid(['portions' => 0] + $line(['ingredient' => 'sugar', 'grams' => 1])));
        self::assertFalse($this->isValid(['family' => 'soup'] + $line(['ingredient' => 'sugar', 'grams' => 1])));
    }

    /** @param array<string, mixed> $data */
    private function isValid(array $data): bool
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/docs/formula.schema.json'));
        self::assertIsObject($schema);

        return (new Validator())->validate(json_decode(json_encode($data, JSON_THROW_ON_ERROR)), $schema)->isValid();
    }
}
