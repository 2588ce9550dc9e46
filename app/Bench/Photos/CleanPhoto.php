<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Exceptions\UnusablePhoto;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use Throwable;

/**
 * Makes a photo anew out of its dots: turned upright, small enough for a screen or a card, and without anything else that the file
 * carried, such as where it was taken.
 */
final readonly class CleanPhoto
{
    public const LONGEST_SIDE = 1_200;

    private const QUALITY = 82;

    /** Four bytes a dot are held while it is read: 64 MB. */
    private const MOST_DOTS = 16_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /**
     * @param  string  $file  its bytes, whatever its name said it was
     * @return string bytes of a JPEG
     *
     * @throws UnusablePhoto
     */
    public function __invoke(string $file): string
    {
        // The head alone: nothing is unpacked before it is known how large that will be.
        $head = $file === '' ? false : @getimagesizefromstring($file);
        [$width, $height, $kind] = $head === false ? [0, 0, 0] : $head;
        if (! in_array($kind, self::KINDS, true) || $width < 1 || $height < 1) {
            throw UnusablePhoto::becauseNoPhoto();
        }
        if ($width * $height > self::MOST_DOTS) {
            throw UnusablePhoto::becauseOfSize($width, $height);
        }

        return self::read($file)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE)->toJpeg(self::QUALITY, strip: true)->toString();
    }

    private static function read(string $file): ImageInterface
    {
        try {
            return (new ImageManager(new Driver))->read($file);
        } catch (Throwable) {
            throw UnusablePhoto::becauseBroken();
        }
    }
}
