<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A painter's request that says all in its address. */
final class BareTeamRequest extends TeamRequest {}
