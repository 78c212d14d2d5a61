<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

/** Which class of a source tree names which others in its code; what only a comment names is no edge. */
final class ClassGraph
{
    /**
     * @param string $root folder of the tree
     * @param string $namespace what the tree's folder is called in names, such as `Transmuta`
     *
     * @return array<string, list<string>> names of classes by the class that knows them, all of this tree
     */
    public static function of(string $root, string $namespace): array
    {
        $files = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            if ($file->getExtension() === 'php') {
                $files[$namespace . '\\' . str_replace('/', '\\', substr($file->getPathname(), \strlen($root) + 1, -4))] = $file->getPathname();
            }
        }
        $graph = [];
        foreach ($files as $class => $path) {
            $graph[$class] = array_values(array_intersect(array_unique(self::names((string) php_strip_whitespace($path), $class)), array_diff(array_keys($files), [$class])));
        }

        return $graph;
    }

    /** @return list<string> full names of what the code names */
    private static function names(string $code, string $class): array
    {
        preg_match_all('/^\s*use ([\w\\\\]+)(?: as (\w+))?;/m', str_replace('; ', ";\n", $code), $uses, \PREG_SET_ORDER);
        $known = [];
        foreach ($uses as $use) {
            $known[$use[2] ?? substr((string) strrchr('\\' . $use[1], '\\'), 1)] = $use[1];
        }
        $here = substr($class, 0, (int) strrpos($class, '\\'));
        $found = [];
        $before = 0;
        foreach (\PhpToken::tokenize($code) as $token) {
            if ($token->id === \T_WHITESPACE) {
                continue;
            }
            // A member, a function or a constant may be called like a class.
            $isMember = \in_array($before, [\T_OBJECT_OPERATOR, \T_NULLSAFE_OBJECT_OPERATOR, \T_DOUBLE_COLON, \T_FUNCTION, \T_CONST, \T_CASE], true);
            $before = $token->id;
            if ($token->id === \T_NAME_FULLY_QUALIFIED) {
                $found[] = ltrim($token->text, '\\');
            } elseif ($token->id === \T_NAME_QUALIFIED) {
                [$first, $rest] = explode('\\', $token->text, 2);
                $found[] = ($known[$first] ?? "$here\\$first") . "\\$rest";
            } elseif ($token->id === \T_STRING && !$isMember) {
                $found[] = $known[$token->text] ?? "$here\\$token->text";
            }
        }

        return $found;
    }

    /**
     * Groups of classes that know each other by some way round, by Tarjan's strongly connected components.
     *
     * @param array<string, list<string>> $graph
     *
     * @return list<list<string>> each of at least two, in the order of the alphabet
     */
    public static function cycles(array $graph): array
    {
        $index = $low = $on = [];
        $stack = $groups = [];
        $next = 0;
        $visit = static function (string $node) use (&$visit, &$index, &$low, &$on, &$stack, &$groups, &$next, $graph): void {
            $index[$node] = $low[$node] = $next++;
            $stack[] = $node;
            $on[$node] = true;
            foreach ($graph[$node] ?? [] as $other) {
                if (!isset($index[$other])) {
                    $visit($other);
                    $low[$node] = min($low[$node], $low[$other]);
                } elseif ($on[$other] ?? false) {
                    $low[$node] = min($low[$node], $index[$other]);
                }
            }
            if ($low[$node] === $index[$node]) {
                $group = [];
                do {
                    $last = array_pop($stack);
                    \assert(\is_string($last));
                    $on[$last] = false;
                    $group[] = $last;
                } while ($last !== $node);
                if (\count($group) > 1) {
                    sort($group);
                    $groups[] = $group;
                }
            }
        };
        foreach (array_keys($graph) as $node) {
            if (!isset($index[$node])) {
                $visit($node);
            }
        }

        return $groups;
    }
}
