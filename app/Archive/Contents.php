<?php

declare(strict_types=1);

namespace App\Archive;

/**
 * What of a studio goes into its archive: the one table of every table of the store. One that is named nowhere here fails the test, so that a
 * new kind of record cannot be left behind without somebody having said why.
 */
final class Contents
{
    /** Of the form of the archive; another one is refused. */
    public const VERSION = 1;

    public const FORMAT = 'transmuta-studio';

    public const MANIFEST = 'manifest.json';

    public const AS_JSON = \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES;

    /** Deepest a row may nest. */
    public const DEPTH = 64;

    /**
     * Tables whose rows go, in the order they come back: what a row points at stands before it. Columns that name a row of another table.
     */
    public const TABLES = [
        'own_ingredients' => [],
        'evidences' => [],
        'dishes' => [],
        'versions' => ['dish_id' => 'dishes', 'parent_id' => 'versions'],
        'revisions' => ['version_id' => 'versions', 'parent_id' => 'revisions'],
        'heads' => ['version_id' => 'versions', 'revision_id' => 'revisions'],
        'aims' => ['version_id' => 'versions', 'original_id' => 'versions', 'revision_id' => 'revisions'],
        'errands' => ['dish_id' => 'dishes'],
        'lots' => [],
        'price_lists' => [],
        'services' => [],
        'service_items' => ['service_id' => 'services', 'version_id' => 'versions'],
        'service_steps' => ['service_item_id' => 'service_items'],
        'runs' => ['version_id' => 'versions', 'revision_id' => 'revisions', 'service_item_id' => 'service_items'],
        'run_events' => ['run_id' => 'runs', 'lot_id' => 'lots'],
        'trials' => ['version_id' => 'versions', 'revision_id' => 'revisions', 'run_id' => 'runs'],
        'lot_trial' => ['lot_id' => 'lots', 'trial_id' => 'trials'],
        'trial_photos' => ['trial_id' => 'trials'],
        'pot_ladders' => ['version_id' => 'versions', 'revision_id' => 'revisions'],
        'tastings' => [],
        'tasting_seats' => ['tasting_id' => 'tastings'],
    ];

    /** Tables of a version alone, which have no column for the studio. */
    public const BY_VERSION = ['heads', 'aims'];

    /** What rows are ordered by where it is not their id. */
    public const ORDER = ['heads' => ['version_id'], 'aims' => ['version_id'], 'lot_trial' => ['lot_id', 'trial_id']];

    /** Columns that are not written because they are made anew. */
    public const MADE_ANEW = ['dishes' => ['summary'], 'trials' => ['foretold_step'], 'tastings' => ['code'], 'tasting_seats' => ['secret', 'holder', 'place']];

    /** Columns that hold JSON; they stand in the archive as what they hold, not as a text of it. */
    public const JSON = [
        'own_ingredients' => ['packet', 'content'],
        'dishes' => ['schools'],
        'versions' => ['brief', 'formula', 'method', 'origin', 'shelf', 'wanted'],
        'revisions' => ['words', 'formula', 'shelf', 'brief', 'wanted'],
        'trials' => ['predicted', 'found', 'corrections'],
        'pot_ladders' => ['asked', 'design', 'found', 'fit'],
        'tastings' => ['plan', 'samples'],
        'tasting_seats' => ['served', 'answer'],
        'price_lists' => ['articles'],
        'services' => ['kitchen', 'guests'],
        'service_items' => ['diets'],
        'run_events' => ['body'],
    ];

    /** Columns of the studio itself. */
    public const STUDIO = ['name', 'currency', 'schools', 'kitchen', 'measures', 'factors', 'rates'];

    /** Tables that stay, and why. */
    public const STAYS = [
        'studios' => 'the studio itself: what it chose goes (studio.jsonl), its place in this store does not',
        'ingredient_states' => 'shared between studios: those this one’s versions were computed with go (states.jsonl)',
        'version_ingredients' => 'made anew from the formulas',
        'audits' => 'goes to be read (audit.csv); it tells of this store, and another’s word for who did what is no trail',
        'exercises' => 'a person’s own practice, and people are not moved',
        'users' => 'people are not moved: whoever brings it in owns it, and invites the others',
        'memberships' => 'with the people',
        'links' => 'secrets of this store',
        'personal_access_tokens' => 'secrets of this store',
        'sessions' => 'secrets of this store',
        'reference_ingredients' => 'comes with the application',
        'migrations' => 'of the store’s own making',
    ];

    /** Where a table stands in the archive. */
    public static function place(string $table): string
    {
        return "tables/$table.jsonl";
    }
}
