<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Support\ContractDocument;
use Illuminate\Support\Facades\Route;

/** The contract itself. It stands last: that every operation was exchanged is told by what the tests before it asked. */
final class ZContractTest extends FeatureCase
{
    public function testItIsMadeFromTheCodeAsItIs(): void
    {
        self::assertJsonStringEqualsJsonString(ContractDocument::made()->toJson(), (string) file_get_contents(base_path('docs/openapi.json')), 'run bin/openapi and npm run api');
    }

    public function testEveryRouteIsInIt(): void
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/floor') {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $routes[] = "$method /" . $route->uri();
                }
            }
        }
        self::assertEqualsCanonicalizing($routes, Contract::one()->operations());
    }

    public function testWhatItDoesNotNameIsFound(): void
    {
        $contract = Contract::one();
        self::assertNull($contract->wrong('GET', '/api/studio', 200, '{"revision":1,"name":"Tea room","currency":"EUR","kitchen":{"handles":[],"shares":[]},"measures":[]}', null));
        self::assertStringContainsString('answer 200', (string) $contract->wrong('GET', '/api/studio', 200, '{"revision":1,"name":"Tea room","currency":"EUR","kitchen":{"handles":[],"shares":[]},"measures":[],"mood":3}', null));
        self::assertStringContainsString('answer 200', (string) $contract->wrong('GET', '/api/studio', 200, '{}', null));
        self::assertStringContainsString('request', (string) $contract->wrong('PUT', '/api/versions/7/notes', 200, '{"notes":""}', '{"notes":3}'));
        self::assertStringContainsString('not in the contract', (string) $contract->wrong('GET', '/api/moon', 200, '{}', null));
        self::assertStringContainsString('does not name', (string) $contract->wrong('GET', '/api/studio', 203, '{"name":"x"}', null));
    }

    public function testEveryOperationWasExchanged(): void
    {
        $this->getJson('/api/practice')->assertOk();
        $this->getJson('/api/studio')->assertOk();
        $this->getJson('/api/schools')->assertOk();
        $this->getJson('/api/shelf/own.csv')->assertOk();
        $this->postJson('/api/readings/heading', ['text' => '100 g sugar', 'layer' => 0, 'heading' => 'treat', 'value' => 'whip'])->assertOk()->assertJsonPath('text', "treat: whip\n100 g sugar");
        $unseen = Contract::one()->unseen();
        if (\count($unseen) > 20) {
            self::markTestSkipped('only told when all feature tests run');
        }
        self::assertSame([], $unseen);
    }
}
