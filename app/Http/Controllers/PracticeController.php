<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** What the trade knows (docs/practice.md), a paragraph for each source that is marked common practice. */
final class PracticeController extends Controller
{
    #[OA\Get(
        path: '/api/practice',
        summary: 'What the trade knows, for the sources to point to',
        operationId: 'Practice',
        responses: [new Answered('Practice'), new Wrong()],
    )]
    public function __invoke(): JsonResponse
    {
        [$intro, $sections] = self::read();

        return new JsonResponse(['intro' => self::html(preg_replace('/^# .*\R/', '', $intro) ?? $intro), 'sections' => $sections]);
    }

    /** Paragraphs, emphasis and names of files: all the page is written in. */
    private static function html(string $text): string
    {
        $paragraphs = preg_split('/\R\s*\R|\R/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return implode('', array_map(static fn(string $one): string => '<p>' . preg_replace(['/\*(.+?)\*/', '/`(.+?)`/'], ['<em>$1</em>', '<code>$1</code>'], e($one)) . '</p>', $paragraphs));
    }

    /** @return array{string, list<array{id: string, title: string, html: string}>} */
    public static function read(): array
    {
        $parts = preg_split('/^## /m', (string) file_get_contents(base_path('docs/practice.md'))) ?: [''];
        $intro = (string) array_shift($parts);
        $sections = [];
        foreach ($parts as $part) {
            [$title, $text] = [...explode("\n", $part, 2), ''];
            $sections[] = ['id' => Str::slug(trim($title)), 'title' => trim($title), 'html' => self::html($text)];
        }

        return [$intro, $sections];
    }
}
