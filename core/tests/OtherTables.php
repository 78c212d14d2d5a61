<?php

declare(strict_types=1);

namespace Transmuta\Tests;

use Transmuta\Reference\Table;

/** The tables of the data with some of them changed, for as long as something is looked at. */
final class OtherTables
{
    /**
     * @template T
     *
     * @param array<string, callable(string): string> $changes what becomes of the text of a table, by its name
     * @param callable(): T $look
     *
     * @return T
     */
    public static function with(array $changes, callable $look): mixed
    {
        $own = sys_get_temp_dir() . '/tables-' . getmypid() . '-' . bin2hex(random_bytes(3));
        $from = \dirname(__DIR__) . '/data';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($from, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if ($file->getExtension() === 'csv') {
                $to = $own . substr($file->getPathname(), \strlen($from));
                is_dir(\dirname($to)) || mkdir(\dirname($to), recursive: true);
                copy($file->getPathname(), $to);
            }
        }
        try {
            foreach ($changes as $table => $change) {
                $was = (string) file_get_contents("$own/$table.csv");
                $now = $change($was);
                if ($now === $was) {
                    throw new \LogicException("$table was not changed.");
                }
                file_put_contents("$own/$table.csv", $now);
            }
            Table::readFrom($own);

            return $look();
        } finally {
            Table::readFrom(null);
            exec('rm -rf ' . escapeshellarg($own));
        }
    }
}
