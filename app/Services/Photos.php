<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Trial;
use App\Models\TrialPhoto;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;

/** Pictures of a trial: told by their content, drawn anew at a size that is looked at, so that nothing but the picture is kept. */
final class Photos
{
    /** Longer side at the most, px. */
    private const SIDE = 1280;

    /** Largest that is unpacked, px: a small file can hold a very large picture. */
    private const MOST_PIXELS = 40_000_000;

    private const MOST_OF_A_TRIAL = 8;

    private const QUALITY = 80;

    /** @throws Nonsense if it is no picture, or one too large */
    public function add(Trial $trial, string $base64, string $words): TrialPhoto
    {
        [$jpeg, $width, $height] = self::drawnAnew($base64);

        /** @var TrialPhoto $photo */
        $photo = DB::transaction(static function () use ($trial, $jpeg, $width, $height, $words): TrialPhoto {
            if (TrialPhoto::query()->where('trial_id', $trial->id)->lockForUpdate()->count() >= self::MOST_OF_A_TRIAL) {
                throw Nonsense::of('image', 'one more', 'take one away first: a trial keeps ' . self::MOST_OF_A_TRIAL . ' pictures');
            }

            return TrialPhoto::query()->create(['studio_id' => $trial->studio_id, 'trial_id' => $trial->id, 'words' => $words, 'width' => $width, 'height' => $height, 'jpeg' => base64_encode($jpeg)]);
        });

        return $photo;
    }

    /** @return array{string, int, int} the picture as JPEG, its width and height, px */
    public static function drawnAnew(string $base64): array
    {
        $bytes = base64_decode((string) preg_replace('/^data:image\/[a-z]+;base64,/', '', $base64), true);
        $size = $bytes === false || $bytes === '' ? false : @getimagesizefromstring($bytes);
        if ($bytes === false || $size === false || !\in_array($size[2], [\IMAGETYPE_JPEG, \IMAGETYPE_PNG, \IMAGETYPE_WEBP], true)) {
            throw Nonsense::of('image', 'what was sent', 'choose a picture: JPEG, PNG or WebP');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Nonsense::of('image', "$size[0] × $size[1] px", 'choose a smaller picture, up to 40 million points');
        }
        $picture = @imagecreatefromstring($bytes);
        if ($picture === false) {
            throw Nonsense::of('image', 'what was sent', 'the picture is damaged; choose another');
        }
        $turned = imagerotate($picture, self::turn($bytes, $size[2]), 0) ?: $picture;
        $scale = min(1.0, self::SIDE / max(imagesx($turned), imagesy($turned)));
        $width = max(1, (int) round(imagesx($turned) * $scale));
        $height = max(1, (int) round(imagesy($turned) * $scale));
        $drawn = imagecreatetruecolor($width, $height);
        imagefill($drawn, 0, 0, (int) imagecolorallocate($drawn, 255, 255, 255));
        imagecopyresampled($drawn, $turned, 0, 0, 0, 0, $width, $height, imagesx($turned), imagesy($turned));
        ob_start();
        imagejpeg($drawn, null, self::QUALITY);

        return [(string) ob_get_clean(), $width, $height];
    }

    /** How a camera was held, degrees to turn it back. */
    private static function turn(string $bytes, int $kind): int
    {
        if ($kind !== \IMAGETYPE_JPEG || !\function_exists('exif_read_data')) {
            return 0;
        }
        $told = @exif_read_data('data://image/jpeg;base64,' . base64_encode($bytes));

        return match (\is_array($told) ? ($told['Orientation'] ?? 1) : 1) {
            3 => 180,
            6 => -90,
            8 => 90,
            default => 0,
        };
    }
}
