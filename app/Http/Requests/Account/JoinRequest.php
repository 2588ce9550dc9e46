<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

/** Who comes into a team by a link. */
final class JoinRequest extends NewcomerRequest {}
