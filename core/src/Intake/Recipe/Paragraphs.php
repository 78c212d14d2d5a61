<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** A recipe told in one paragraph, as a message is: what it is called, its list, and what is done stand in rows of their own. Each word stays, in its order. */
final class Paragraphs
{
    /** Characters under which a row is no paragraph. */
    private const SHORT = 90;

    /** Amounts in a list from which it is one. */
    private const LEAST = 3;

    /** What leads up to a name: "hey so the recipe for nans chocolate pots". */
    private const LEADS = '~^(?:(?:hi|hey|hello|ok|so|here|this|is|it|was|the|my|our|your|recipe|of|for|i|make|made|you|asked|about)[,\s!]+)+~iu';

    /**
     * @param list<string> $rows
     *
     * @return list<string>
     */
    public static function parted(array $rows): array
    {
        $parted = [];
        foreach ($rows as $at => $row) {
            $told = mb_strlen($row) < self::SHORT ? null : self::told(trim($row), $at === 0);
            array_push($parted, ...$told ?? [$row]);
        }

        return $parted;
    }

    /** @return ?non-empty-list<string> null where it is no list with what is done behind it */
    private static function told(string $row, bool $isFirst): ?array
    {
        if (preg_match('~^(?:(?<name>[^:.]{3,80}):\s+)?(?<list>[^.]*(?:\d[.,]\d[^.]*)*)\.\s+(?<rest>\p{L}.{20,})$~su', $row, $m) !== 1) {
            return null;
        }
        $list = RowList::of($m['list']);
        if (\count($list) < self::LEAST || array_filter($list, static fn(string $one): bool => preg_match('~\d|½|¼|¾|\b(?:an?|pinch|knob|juice|zest|splash)\b~iu', $one) !== 1) !== []) {
            return null;
        }
        $name = trim($m['name']);
        $bare = trim((string) preg_replace(self::LEADS, '', $name));
        $rows = $name === '' ? [] : [$isFirst ? ($bare === '' ? $name : $bare) : "$name:"];

        return [...$rows, ...$isFirst && $name !== '' ? [''] : [], ...$list, '', $m['rest']];
    }
}
