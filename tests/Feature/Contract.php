<?php

declare(strict_types=1);

namespace Tests\Feature;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds what goes over the wire to docs/openapi.json: every answer to the schema of its status, every request that is accepted to that of its body; nothing may be said that the contract does not name. */
final class Contract
{
    private const HOME = 'https://contract.local/all.json';

    private static ?self $one = null;

    /** @var array<string, true> operations that were seen */
    private array $seen = [];

    private readonly Validator $validator;

    /** @param array<string, mixed> $document */
    private function __construct(private readonly array $document)
    {
        $this->validator = new Validator();
        $this->validator->setMaxErrors(40);
        $this->validator->resolver()?->registerRaw((string) json_encode(['$id' => self::HOME, 'components' => self::strict((array) $this->document['components'])]), self::HOME);
    }

    public static function one(): self
    {
        return self::$one ??= new self((array) json_decode((string) file_get_contents(\dirname(__DIR__, 2) . '/docs/openapi.json'), true, 64, \JSON_THROW_ON_ERROR));
    }

    /** @return list<string> operations no test has asked yet */
    public function unseen(): array
    {
        return array_values(array_diff($this->operations(), array_keys($this->seen)));
    }

    /** @return list<string> every operation of the contract, "GET /api/dishes" */
    public function operations(): array
    {
        $all = [];
        foreach ($this->document['paths'] as $path => $methods) {
            foreach (array_keys($methods) as $method) {
                $all[] = strtoupper((string) $method) . ' ' . $path;
            }
        }

        return $all;
    }

    /** @return ?string what is wrong with the exchange; null where nothing is */
    public function wrong(string $method, string $uri, int $status, string $answer, ?string $asked): ?string
    {
        $path = (string) parse_url($uri, \PHP_URL_PATH);
        $template = null;
        foreach (array_map(strval(...), array_keys($this->document['paths'])) as $one) {
            if (preg_match('#^' . preg_replace('/\\\{\w+\\\}/', '[^/]+', preg_quote($one, '#')) . '$#', $path) === 1 && isset($this->document['paths'][$one][strtolower($method)])) {
                $template = \is_string($template) && substr_count($template, '{') <= substr_count($one, '{') ? $template : $one;
            }
        }
        if ($template === null) {
            return str_starts_with($path, '/api/') && $status < 400 && $path !== '/api/floor' ? "$method $path is not in the contract" : null;
        }
        $this->seen["$method $template"] = true;
        $operation = $this->document['paths'][$template][strtolower($method)];
        $responses = $operation['responses'];
        $key = isset($responses[(string) $status]) ? (string) $status : 'default';
        if ($key === 'default' && $status < 400 && $status !== 304) {
            return "$method $template answers $status, which the contract does not name";
        }
        $type = array_key_first($responses[$key]['content'] ?? []);
        if ($type === 'application/json' && $answer !== '' && $status !== 304) {
            $wrong = $this->against($answer, $responses[$key]['content'][$type]['schema']);
            if ($wrong !== null) {
                return "$method $template, answer $status: $wrong";
            }
        }
        if ($status < 400 && $asked !== null && isset($operation['requestBody'])) {
            $wrong = $this->against($asked, $operation['requestBody']['content']['application/json']['schema']);
            if ($wrong !== null) {
                return "$method $template, request: $wrong";
            }
        }

        return null;
    }

    /** @param array<string, mixed> $schema a reference, or a list of one */
    private function against(string $json, array $schema): ?string
    {
        $text = str_replace('"#/components/', '"' . self::HOME . '#/components/', (string) json_encode($schema, \JSON_UNESCAPED_SLASHES));
        $error = $this->validator->validate(json_decode($json), $text)->error();

        return $error === null ? null : (string) json_encode((new ErrorFormatter())->format($error, true), \JSON_UNESCAPED_SLASHES);
    }

    /**
     * Objects with named properties have no others: an answer that grows beyond the contract is found.
     *
     * @param array<array-key, mixed> $schema
     *
     * @return array<array-key, mixed>
     */
    private static function strict(array $schema): array
    {
        if (($schema['type'] ?? null) === 'object' && isset($schema['properties']) && !isset($schema['additionalProperties'])) {
            $schema['additionalProperties'] = false;
        }

        return array_map(static fn(mixed $inner): mixed => \is_array($inner) ? self::strict($inner) : $inner, $schema);
    }
}
