<?php

declare(strict_types=1);

namespace Core\Plan;

/** Painters work for children who are known and counted, for whoever comes, or for nothing. */
enum BookingKind: string
{
    /** Children and hours are fixed, and so is the price. */
    case Party = 'party';

    /** An open line: paid by the face, by the hour, or free. */
    case Festival = 'festival';

    /** A fair with helpers, and no price. */
    case Volunteer = 'volunteer';

    public function arrivals(): ArrivalKind
    {
        return $this === self::Party ? ArrivalKind::AtOnce : ArrivalKind::ByProfile;
    }
}
