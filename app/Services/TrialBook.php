<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Lot;
use App\Models\Run;
use App\Models\Trial;
use App\Models\TrialPhoto;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Trial\Outcome\Outcome;
use Transmuta\Trial\Prediction;

/** Writes trials down: of a revision and, where there is one, its run; what was found, and what the reading said beforehand. Corrections stay on record. */
final readonly class TrialBook
{
    /** Columns that can be corrected. */
    private const SAID = ['made_on', 'set_step', 'sweetness', 'sharpness', 'remark', 'found', 'verdict', 'next'];

    public function __construct(private VersionShelf $shelves, private Lots $lots, private StudioShelf $shelf) {}

    /**
     * @param array<string, mixed> $said
     * @param list<int> $lots
     *
     * @throws Nonsense naming what cannot be meant
     */
    public function note(Version $version, array $said, string $day, ?int $run, array $lots): Trial
    {
        $of = $run === null ? null : Run::of($version, $run);
        $revision = $of === null ? History::head($version) : $of->revision;
        $made = $version->as($revision);
        $dish = $this->shelves->engine($made)->read($made->formula);
        $predicted = Prediction::of($dish);
        if (($said['set_step'] ?? null) !== null && ($said['layers'] ?? []) === [] && $predicted->layers === []) {
            throw Nonsense::of('set_step', $predicted->layer, 'a base is judged in words; leave the step unsaid');
        }
        $outcome = Outcome::read(self::whole($said, $predicted->layerId), array_column($predicted->layers, 'layer_id'));
        $used = $this->used($version, $lots);

        /** @var Trial $trial */
        $trial = DB::transaction(function () use ($version, $revision, $run, $day, $outcome, $predicted, $used): Trial {
            // Held until it stands there: a dish taken away meanwhile takes no trial with it unseen.
            $holds = Dish::query();
            $holds->sharedLock();
            $holds->findOrFail($version->dish_id);
            $trial = Trial::query()->create([
                'studio_id' => $version->studio_id, 'version_id' => $version->id, 'revision_id' => $revision->id, 'run_id' => $run, 'made_on' => $day,
                'predicted' => $predicted->toArray(), 'who' => $this->shelf->author(), ...self::columns($outcome, $predicted->layerId),
            ]);
            $trial->lots()->attach(array_fill_keys($used, ['studio_id' => $version->studio_id]));

            return $trial;
        });

        return $trial;
    }

    /**
     * @param array<string, mixed> $said everything that was found, said anew
     *
     * @throws Nonsense naming what cannot be meant
     */
    public function correct(Trial $trial, array $said, string $day, string $why, ?int $seen): Trial
    {
        $layers = $trial->predicted['layers'] ?? null;
        $known = \is_array($layers) && $layers !== [] ? array_column($layers, 'layer_id') : [$trial->predicted['layer_id'] ?? ''];
        $first = \is_string($trial->predicted['layer_id'] ?? null) ? $trial->predicted['layer_id'] : '';
        $outcome = Outcome::read(self::whole($said, $first), array_values(array_filter($known, is_string(...))));
        DB::transaction(function () use ($trial, $outcome, $first, $day, $why, $seen): void {
            $trial->asSeen($seen);
            $was = array_intersect_key($trial->attributesToArray(), array_flip(self::SAID));
            $trial->fill(['made_on' => $day, ...self::columns($outcome, $first)]);
            $now = array_intersect_key($trial->attributesToArray(), array_flip(self::SAID));
            $changed = array_filter($was, static fn(mixed $value, string $key): bool => json_encode($value) !== json_encode($now[$key]), \ARRAY_FILTER_USE_BOTH);
            if ($changed === []) {
                return;
            }
            $trial->corrections = [...$trial->corrections, ['at' => now()->toIso8601ZuluString(), 'who' => $this->shelf->author(), 'why' => $why, 'was' => $changed]];
            $trial->save();
        });

        return $trial->refresh();
    }

    /** @return array<string, mixed> */
    public static function write(Trial $trial): array
    {
        return [
            'id' => $trial->id,
            'edition' => $trial->edition,
            'version_id' => $trial->version_id,
            'revision' => $trial->revision->number,
            'run_id' => $trial->run_id,
            'made_on' => $trial->made_on,
            'set_step' => $trial->set_step,
            'set_word' => $trial->set_step === null ? null : Ladder::WORDS[$trial->set_step],
            'sweetness' => $trial->sweetness,
            'sharpness' => $trial->sharpness,
            'remark' => $trial->remark,
            'verdict' => $trial->verdict,
            'next' => $trial->next,
            'who' => $trial->who,
            'found' => ['layers' => array_map(static fn(array $one): array => [...$one, 'stands_on' => Ladder::standsOn($one['u'])], $trial->found['layers'])] + $trial->found,
            'corrections' => array_map(static fn(array $one): array => ['at' => $one['at'], 'who' => $one['who'], 'why' => $one['why'], 'was' => (object) $one['was']], $trial->corrections),
            'predicted' => self::predicted($trial->predicted),
            'lots' => array_map(Lots::write(...), array_values($trial->lots->all())),
            'photos' => array_map(static fn(TrialPhoto $photo): array => ['id' => $photo->id, 'words' => $photo->words, 'width' => $photo->width, 'height' => $photo->height], array_values($trial->photos->all())),
        ];
    }

    /**
     * @param array<string, mixed> $predicted
     *
     * @return array<string, mixed>
     */
    private static function predicted(array $predicted): array
    {
        $layers = \is_array($predicted['layers'] ?? null) ? $predicted['layers'] : [];

        return [...$predicted, 'layers' => array_map(static fn(mixed $one): array => \is_array($one) ? [...$one, 'mechanisms' => (object) ($one['mechanisms'] ?? []), 'factors' => (object) ($one['factors'] ?? [])] : [], array_values($layers))];
    }

    /**
     * A step said without a layer is of the layer that is foretold first.
     *
     * @param array<string, mixed> $said
     *
     * @return array<string, mixed>
     */
    private static function whole(array $said, string $first): array
    {
        return ($said['set_step'] ?? null) !== null && ($said['layers'] ?? []) === [] ? ['layers' => [['layer_id' => $first, 'step_index' => $said['set_step']]]] + $said : $said;
    }

    /** @return array<string, mixed> */
    private static function columns(Outcome $outcome, string $layer): array
    {
        return [
            'set_step' => $outcome->step($layer), 'sweetness' => $outcome->sweetness, 'sharpness' => $outcome->sharpness, 'remark' => $outcome->remark,
            'found' => $outcome->write(), 'verdict' => $outcome->verdict, 'next' => $outcome->next,
        ];
    }

    /**
     * @param list<int> $asked
     *
     * @return list<int> lots of the studio that are of something in the version, or in what the kitchen made for it
     */
    private function used(Version $version, array $asked): array
    {
        if ($asked === []) {
            return [];
        }
        $query = Lot::query();
        $query->where('studio_id', $version->studio_id)->whereIn('id', $asked)->whereIn('slug', $this->lots->within($version->formula));
        $found = array_map(static fn(Lot $lot): int => $lot->id, $query->get(['id'])->all());
        foreach (array_diff($asked, $found) as $stray) {
            throw Nonsense::of('lots', (string) $stray, 'choose a lot of something that is in this version');
        }

        return array_values($found);
    }
}
