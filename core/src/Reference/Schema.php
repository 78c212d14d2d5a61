<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/** What every column of every table of `core/data` holds (`columns.csv`), and whether the cells do. */
final class Schema
{
    /** Columns of every table. */
    private const EVERYWHERE = ['mark', 'source'];

    /** Tables of words alone, in which nothing is claimed that could be right or wrong. */
    private const WORDS_ALONE = ['intake/spellings', 'shelf/names'];

    /**
     * @param array<string, array<string, Column>> $columns by table and name
     * @param array<string, string> $meanings what each table is of
     */
    private function __construct(public readonly array $columns, public readonly array $meanings) {}

    /** @throws BrokenTable if a kind of cell is unknown */
    public static function standard(): self
    {
        $columns = [];
        foreach (Table::of('columns') as $row) {
            $columns[$row['table']][$row['column']] = Column::read($row);
        }

        $meanings = [];
        foreach (Table::of('tables') as $row) {
            $meanings[$row['table']] = $row['meaning'];
        }

        return new self($columns, $meanings);
    }

    /**
     * Everything that is not as `columns.csv` says: tables and columns it leaves out or names in vain, and cells that are not of their kind.
     *
     * @return list<string> with the place
     */
    public function faults(): array
    {
        $tables = [];
        foreach (array_keys(Table::files()) as $file) {
            $tables[substr($file, 0, -4)] = Table::of(substr($file, 0, -4));
        }
        $faults = array_map(static fn(string $table): string => "$table: columns.csv does not speak of it", array_keys(array_diff_key($tables, $this->columns)));
        foreach (array_diff_key($this->columns, $tables) as $table => $_) {
            $faults[] = "$table: columns.csv speaks of it, and there is none";
        }
        foreach ([...array_keys(array_diff_key($tables, $this->meanings)), ...array_keys(array_diff_key($this->meanings, $tables))] as $table) {
            $faults[] = "$table: tables.csv and the folder do not agree about it";
        }
        $isThere = self::isThere();
        foreach (array_intersect_key($tables, $this->columns) as $table => $rows) {
            $faults = [...$faults, ...$this->faultsOf($table, $rows, $isThere)];
        }

        return $faults;
    }

    /**
     * @param list<array<string, string>> $rows
     * @param callable(string, string): bool $isThere
     *
     * @return list<string>
     */
    public function faultsOf(string $table, array $rows, ?callable $isThere = null): array
    {
        $isThere ??= self::isThere();
        $columns = $this->columns[$table] ?? [];
        $here = array_keys($rows[0] ?? []);
        $wanted = [...array_keys($columns), ...(\in_array($table, self::WORDS_ALONE, true) ? [] : self::EVERYWHERE)];
        $faults = array_map(static fn(string $column): string => "$table: no column $column", array_values(array_diff($wanted, $here)));
        foreach (array_diff($here, $wanted) as $column) {
            $faults[] = "$table: columns.csv does not speak of $column";
        }
        foreach ($rows as $n => $row) {
            foreach ($columns as $name => $column) {
                if (isset($row[$name]) && !$column->takes($row[$name], $isThere)) {
                    $faults[] = \sprintf('%s, row %d, %s: "%s" is not %s', $table, $n + 2, $name, $row[$name], $column->words());
                }
            }
            if (\array_key_exists('source', $row) && trim($row['source']) === '') {
                $faults[] = \sprintf('%s, row %d: no source', $table, $n + 2);
            }
        }

        return $faults;
    }

    /** @return \Closure(string, string): bool */
    private static function isThere(): \Closure
    {
        $composition = Table::of('shelf/composition');
        $species = Table::of('shelf/species');
        $there = [
            'ingredient' => array_fill_keys(array_column($composition, 'id'), true),
            'group' => array_fill_keys(array_column($composition, 'group'), true),
            'class' => array_fill_keys(array_column(Table::of('shelf/classes'), 'class'), true),
            'function' => array_fill_keys(array_column(Table::of('shelf/functions'), 'function'), true),
            // Nobody knows of what, or one of a whole kind.
            'species' => ['*' => true] + array_fill_keys([...array_column($species, 'species'), ...array_map(static fn(string $kin): string => "$kin-any", array_column($species, 'kin'))], true),
        ];

        return static fn(string $kind, string $name): bool => isset($there[$kind][$name]);
    }

    /** The dictionary of all tables as a page: `docs/data.md`. */
    public function page(): string
    {
        $page = "# The tables\n\nMade by `bin/knowledge` from `core/data/columns.csv`; a test holds every cell of every table to it. Every row carries a mark besides (pub: published, trade: common practice, mem: from memory) and its source; `"
            . implode('` and `', self::WORDS_ALONE) . "` are words alone and need none.\n";
        foreach ($this->columns as $table => $columns) {
            $page .= "\n## $table\n\n" . ucfirst($this->meanings[$table] ?? '') . '; ' . \count(Table::of($table)) . " rows.\n\n| column | holds | unit | meaning |\n|---|---|---|---|\n";
            foreach ($columns as $column) {
                $cells = array_map(static fn(string $cell): string => str_replace('|', '\|', $cell), [$column->name, $column->words(), $column->unit, $column->meaning]);
                $page .= '| `' . $cells[0] . '` | ' . implode(' | ', \array_slice($cells, 1)) . " |\n";
            }
        }

        return $page;
    }
}
