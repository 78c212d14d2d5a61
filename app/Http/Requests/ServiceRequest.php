<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Service;
use App\Models\Version;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Diet;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\CoverJson;
use Transmuta\Format\ServiceJson;
use Transmuta\Process\Plan\Moment;

/** A service, whole or in part: what is left out stays as it is. */
final class ServiceRequest extends FormRequest
{
    private const MOST_ITEMS = 30;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isNew = $this->isMethod('POST');

        return [
            'name' => [...($isNew ? [] : ['sometimes']), 'required', 'string', 'max:160'],
            'serve_at' => [$isNew ? 'required' : 'sometimes', 'string', 'max:25'],
            'kitchen' => ['sometimes', 'array'],
            'guests' => ['sometimes', 'array', 'max:100'],
            'margin' => ['sometimes', 'numeric', 'min:0', 'max:1000'],
            'items' => ['sometimes', 'array', 'max:' . self::MOST_ITEMS],
            'items.*' => ['array'],
            'items.*.id' => ['sometimes', 'nullable', 'integer'],
            'items.*.version_id' => ['required', 'integer'],
            'items.*.portions' => ['required', 'integer', 'min:1', 'max:10000'],
            'items.*.diets' => ['sometimes', 'array', 'max:12'],
            'items.*.diets.*' => ['distinct', Rule::enum(Diet::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the service a name: Friday evening, the harbour wedding.', 'serve_at.required' => 'Say when it is served.'];
    }

    /**
     * What is said of the service itself.
     *
     * @return array<string, mixed>
     *
     * @throws Nonsense if something cannot be meant
     */
    public function said(): array
    {
        $said = [];
        if ($this->has('name')) {
            $said['name'] = (string) $this->string('name')->squish();
        }
        if ($this->has('serve_at')) {
            $said['serve_at'] = substr(Moment::parse((string) $this->string('serve_at'), 'serve_at')->words(), 0, 16);
        }
        if ($this->has('kitchen')) {
            $kitchen = $this->array('kitchen');
            ServiceJson::kitchen($kitchen);
            $said['kitchen'] = array_intersect_key($kitchen, array_flip(['cooks', 'hours', 'ovens', 'rings', 'mixers', 'blenders', 'fridge_shelves', 'freezer_shelves']));
        }
        if ($this->has('guests')) {
            $guests = $this->array('guests');
            $said['guests'] = $guests === [] ? [] : array_map(static fn($of): array => ['count' => $of->count, 'diets' => array_column($of->diets, 'value'), 'without' => $of->without], CoverJson::guests(array_values($guests)));
        }
        if ($this->has('margin')) {
            $said['margin'] = $this->float('margin');
        }

        return $said;
    }

    /**
     * The dishes it is to have: null where nothing is said of them. A version that is not of the studio is none.
     *
     * @return ?list<array{id: ?int, version_id: int, portions: int, diets: list<string>}>
     *
     * @throws Nonsense if a version is not there
     */
    public function items(int $studio): ?array
    {
        if (!$this->has('items')) {
            return null;
        }
        $items = [];
        foreach (array_values($this->array('items')) as $n => $item) {
            \assert(\is_array($item));
            $number = static fn(string $key): int => is_numeric($item[$key] ?? null) ? (int) $item[$key] : 0;
            $version = Version::query();
            if (!$version->where('studio_id', $studio)->whereKey($number('version_id'))->exists()) {
                throw Nonsense::of("items.$n.version_id", (string) $number('version_id'), 'choose a version that is there');
            }
            $items[] = ['id' => $number('id') ?: null, 'version_id' => $number('version_id'), 'portions' => $number('portions'), 'diets' => array_values(array_filter((array) ($item['diets'] ?? []), is_string(...)))];
        }

        return $items;
    }
}
