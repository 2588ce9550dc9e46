<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Side;

/** Who is painted, and by which hand. */
final readonly class Person
{
    public function __construct(
        public FaceSize $size = FaceSize::Child,
        public bool $hasBeard = false,
        public bool $dislikesTouch = false,
        public bool $painterIsLeftHanded = false,
    ) {}

    public static function usual(): self
    {
        return new self;
    }

    /** Facing the child, a right-handed painter reaches across to the child's left side; the left-handed to the right. */
    public function weakSide(): Side
    {
        return $this->painterIsLeftHanded ? Side::Right : Side::Left;
    }
}
