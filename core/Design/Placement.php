<?php

declare(strict_types=1);

namespace Core\Design;

/** Which part of the person a design is made for. */
enum Placement: string
{
    case FullFace = 'full_face';
    case Mask = 'mask';
    case Cheek = 'cheek';
    case Brow = 'brow';
    case Nose = 'nose';
    case Arm = 'arm';
    case Hand = 'hand';
}
