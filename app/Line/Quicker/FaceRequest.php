<?php

declare(strict_types=1);

namespace App\Line\Quicker;

use App\Http\Requests\TeamRequest;

/** About the face of one child of a day. */
final class FaceRequest extends TeamRequest
{
    public function ticketId(): string
    {
        $ticket = $this->route('ticket');

        return is_string($ticket) ? strtolower($ticket) : '';
    }
}
