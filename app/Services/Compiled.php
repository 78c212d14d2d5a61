<?php

declare(strict_types=1);

namespace App\Services;

/** Plain data kept as a PHP file, which the opcode cache holds in memory between requests. Without a writable store it is made anew each time. */
final class Compiled
{
    /**
     * @template T of array
     *
     * @param string $name changes with what the data is made of
     * @param string $family files of the same family under other names are old, and leave
     * @param callable(): T $make
     *
     * @return T
     */
    public static function of(string $family, string $name, callable $make): array
    {
        $directory = storage_path('framework/cache');
        $file = "$directory/$family-$name.php";
        if (is_file($file)) {
            /** @var T $kept */
            $kept = require $file;

            return $kept;
        }
        $made = $make();
        $fresh = is_dir($directory) && is_writable($directory) ? tempnam($directory, 'made') : false;
        if ($fresh !== false) {
            file_put_contents($fresh, '<?php return ' . var_export($made, true) . ';');
            foreach (glob("$directory/$family-*.php") ?: [] as $old) {
                @unlink($old);
            }
            rename($fresh, $file);
        }

        return $made;
    }
}
