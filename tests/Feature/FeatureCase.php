<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dish;
use App\Models\Studio;
use App\Models\User;
use App\Models\Version;
use App\Services\Compiled;
use App\Services\StudioShelf;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;

/** A feature test on a real MariaDB (its own database and port) with the demo in it. */
abstract class FeatureCase extends TestCase
{
    use RefreshDatabase;

    /** @var bool the console is run for real, so no mocking library is needed */
    public $mockConsoleOutput = false;

    /** @var bool */
    protected $seed = true;

    /** @var class-string */
    protected $seeder = DemoSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        // Who tried at the door is counted with what else each test keeps.
        config(['transmuta.doors' => '']);
        // What the test before changed on the shelf was taken back, and the number of its change with it.
        foreach (Studio::query()->get() as $studio) {
            $family = (new StudioShelf($studio))->family();
            foreach (array_diff(glob(storage_path("framework/cache/$family-*.php")) ?: [], [Compiled::file($family, (string) $studio->shelf_revision)]) as $file) {
                unlink($file);
            }
        }
        $this->signIn('Ilka');
    }

    /** Somebody of the demo stands at the tea room. */
    protected function signIn(string $name): User
    {
        $user = User::query()->where('name', $name)->where('is_demo', true)->firstOrFail();
        $this->flushSession();
        $this->app?->make('auth')->forgetGuards();
        $this->actingAs($user, 'web');
        app()->forgetScopedInstances();

        return $user;
    }

    protected function studio(): Studio
    {
        return Studio::query()->where('slug', 'observatory')->firstOrFail();
    }

    protected function dish(string $title = 'Passion-fruit curd tartlet'): Dish
    {
        return Dish::query()->with('versions')->where('title', $title)->firstOrFail();
    }

    protected function original(): Version
    {
        return $this->dish()->versions->firstOrFail();
    }

    /** @return array<string, mixed> the formula of a version as the API shows it */
    protected function formulaOf(Version $version): array
    {
        $formula = $this->getJson("/api/versions/$version->id")->assertOk()->json('now.formula');
        self::assertIsArray($formula);

        return $formula;
    }

    /**
     * Every exchange of every test is held to the contract.
     *
     * @param string $method
     * @param string $uri
     * @param array<array-key, mixed> $data
     * @param array<string, string> $headers
     * @param int $options
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0)
    {
        $response = parent::json($method, $uri, $data, $headers, $options);
        $wrong = Contract::one()->wrong(strtoupper($method), $uri, $response->getStatusCode(), (string) $response->getContent(), strtoupper($method) === 'GET' ? null : (string) json_encode($data === [] ? new \stdClass() : $data));
        self::assertNull($wrong, (string) $wrong);

        return $response;
    }
}
