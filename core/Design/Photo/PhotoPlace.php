<?php

declare(strict_types=1);

namespace Core\Design\Photo;

/** Where a photo may take the place of the drawing, besides the bench. */
enum PhotoPlace: string
{
    /** The shelf and the menu desk: what the team alone sees. */
    case Team = 'team';

    /** Boards and cards on paper. */
    case Cards = 'cards';

    /** The board that parents see on a screen or a phone. */
    case Parents = 'parents';
}
