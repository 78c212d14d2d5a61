<?php

declare(strict_types=1);

namespace Transmuta\Reference;

use Transmuta\Fault\Failure;

final class BrokenTable extends \RuntimeException implements Failure
{
    public static function missing(string $file): self
    {
        return new self(\sprintf('The reference table %s is missing.', basename($file)));
    }

    public static function row(string $file, int $line): self
    {
        return new self(\sprintf('%s line %d has the wrong number of cells.', basename($file), $line));
    }

    public static function mark(string $file, int $line, string $mark): self
    {
        return new self(\sprintf('%s line %d has the unknown mark "%s"; use pub, trade or mem.', basename($file), $line, $mark));
    }

    /** A cell that is not, to its last character, what its column holds. */
    public static function cell(string $table, string $row, string $column, string $value, string $is): self
    {
        return new self(\sprintf('%s, %s, %s: "%s" is not %s.', $table, $row, $column, $value, $is));
    }
}
