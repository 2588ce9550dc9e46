<?php

declare(strict_types=1);

namespace Tests;

/** Photos as cameras write them, and files that only look like some. */
final readonly class Photo
{
    /** A picture whose left half is red and whose right half is blue. */
    public static function of(int $width, int $height, string $as = 'jpeg'): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledrectangle($image, 0, 0, $width - 1, $height - 1, (int) imagecolorallocate($image, 20, 40, 200));
        imagefilledrectangle($image, 0, 0, intdiv($width, 2) - 1, $height - 1, (int) imagecolorallocate($image, 200, 30, 30));
        ob_start();
        match ($as) {
            'png' => imagepng($image),
            'webp' => imagewebp($image),
            'gif' => imagegif($image),
            default => imagejpeg($image, null, 90),
        };

        return (string) ob_get_clean();
    }

    /**
     * As a phone held on its side writes it: turned by its EXIF orientation, with the place and the camera beside it.
     * The layout is that of TIFF 6.0, in the segment APP1 that Exif 2.3 names (CIPA DC-008).
     */
    public static function fromPhone(int $width, int $height, int $orientation): string
    {
        $jpeg = self::of($width, $height);
        $make = "Lantern camera\0\0";
        $entry = static fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count).$value;
        // Entries by tag: make, orientation, and where the block about the place stands.
        $gps = 8 + 2 + 3 * 12 + 4 + strlen($make);
        $tiff = "II*\0".pack('V', 8)
            .pack('v', 3)
            .$entry(0x010F, 2, strlen($make), pack('V', 8 + 2 + 3 * 12 + 4))
            .$entry(0x0112, 3, 1, pack('vv', $orientation, 0))
            .$entry(0x8825, 4, 1, pack('V', $gps))
            .pack('V', 0).$make
            .pack('v', 1).$entry(0x0001, 2, 2, "N\0\0\0").pack('V', 0);
        $exif = "Exif\0\0{$tiff}";

        return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** A PNG whose head says so large a picture, of which nothing follows. */
    public static function bomb(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NNC5', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1A\n".pack('N', 13).$head.pack('N', crc32($head)).pack('N', 0).'IEND'.pack('N', crc32('IEND'));
    }

    /** @return string the colour at a place, as red or blue */
    public static function colourAt(string $jpeg, float $across, float $down): string
    {
        $image = imagecreatefromstring($jpeg);
        assert($image !== false);
        $rgb = (int) imagecolorat($image, (int) ($across * imagesx($image)), (int) ($down * imagesy($image)));

        return ($rgb >> 16 & 255) > ($rgb & 255) ? 'red' : 'blue';
    }
}
