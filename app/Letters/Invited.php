<?php

declare(strict_types=1);

namespace App\Letters;

use Core\Team\Role;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;

final class Invited extends Mailable
{
    public function __construct(
        private readonly string $team,
        private readonly string $inviter,
        private readonly Role $role,
        private readonly string $address,
    ) {
        $this->subject("Come into {$team}");
    }

    public function content(): Content
    {
        return new Content(text: 'letters.invited', with: [
            'team' => $this->team, 'inviter' => $this->inviter, 'role' => $this->role->inWords(), 'address' => $this->address,
        ]);
    }
}
