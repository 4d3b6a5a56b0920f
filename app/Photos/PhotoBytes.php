<?php

declare(strict_types=1);

namespace App\Photos;

use Lumbro\Core\Codec\PhotoPlace;
use Lumbro\Core\Failure\InvalidInput;

/** A photo as somebody sent it: known for what it is by its content, upright, and without anything hidden in it. */
final readonly class PhotoBytes
{
    public const MOST_BYTES = 20 * 1024 * 1024;

    /** As large as a picture may be once unpacked. */
    private const MOST_PIXELS = 40_000_000;
    private const LONGEST = 12_000;

    private const TYPES = [IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_PNG => 'image/png', IMAGETYPE_WEBP => 'image/webp'];

    private const QUALITY = 88;
    private const SMALL = 360;

    /** @param array{latitude: float, longitude: float}|null $location */
    private function __construct(
        public string $bytes,
        public string $thumbnail,
        public string $type,
        public int $width,
        public int $height,
        public ?string $takenAt,
        public ?array $location,
    ) {}

    /** @throws InvalidInput saying what is wrong with it */
    public static function read(string $bytes, bool $keepLocation): self
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw InvalidInput::because('/photo', 'file.too-large', ['most' => 20]);
        }
        [$type, $width, $height] = self::kind($bytes);
        $exif = $type === 'image/jpeg' ? self::exif($bytes) : [];
        $image = self::decoded($bytes, $type);
        $image = self::upright($image, (int) ($exif['Orientation'] ?? 1));
        $takenAt = $exif['DateTimeOriginal'] ?? null;

        return new self(
            self::encoded($image, $type),
            self::encoded(self::small($image), 'image/jpeg'),
            $type,
            imagesx($image),
            imagesy($image),
            is_string($takenAt) && preg_match('/^\d{4}:\d\d:\d\d \d\d:\d\d:\d\d$/', $takenAt) === 1 ? $takenAt : null,
            $keepLocation ? PhotoPlace::ofExif($exif) : null,
        );
    }

    public function hash(): string
    {
        return hash('sha256', $this->bytes);
    }

    /** @return array{string, int, int} media type, width and height, by content alone */
    private static function kind(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        $type = self::TYPES[$size[2] ?? 0] ?? null;
        if ($size === false || $type === null) {
            throw InvalidInput::because('/photo', 'photo.no-picture');
        }
        [$width, $height] = $size;
        if ($width < 1 || $height < 1 || $width > self::LONGEST || $height > self::LONGEST || $width * $height > self::MOST_PIXELS) {
            throw InvalidInput::because('/photo', 'photo.too-many-pixels', ['width' => $width, 'height' => $height, 'most' => self::LONGEST]);
        }

        return [$type, $width, $height];
    }

    private static function decoded(string $bytes, string $type): \GdImage
    {
        // A picture of the largest size taken, once more for what is made of it.
        ini_set('memory_limit', '512M');
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw InvalidInput::because('/photo', 'photo.broken');
        }
        if (! imageistruecolor($image)) {
            imagepalettetotruecolor($image);
        }
        if ($type !== 'image/jpeg') {
            imagesavealpha($image, true);
        }

        return $image;
    }

    private static function upright(\GdImage $image, int $orientation): \GdImage
    {
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($image, in_array($orientation, [4], true) ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $turn = match ($orientation) {
            3 => 180, 5, 8 => 90, 6, 7 => 270, default => 0,
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    private static function small(\GdImage $image): \GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1.0, self::SMALL / max($width, $height));
        $small = imagescale($image, max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale)));

        return $small === false ? $image : $small;
    }

    private static function encoded(\GdImage $image, string $type): string
    {
        ob_start();
        match ($type) {
            'image/png' => imagepng($image, null, 6),
            'image/webp' => imagewebp($image, null, self::QUALITY),
            default => imagejpeg($image, null, self::QUALITY),
        };

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    private static function exif(string $bytes): array
    {
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $found = @exif_read_data($stream);

        return is_array($found) ? $found : [];
    }
}
