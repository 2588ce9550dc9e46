<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Account\Team\NewcomerRequest;

/** Who comes into a team by a link. */
final class JoinRequest extends NewcomerRequest {}
