<?php

declare(strict_types=1);

namespace App\Account\Invitations;

use App\Letters\Letter;
use Core\Team\Role;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends a link into a team. It waits encrypted: whoever has the link comes in. */
final class SendInvitation implements ShouldBeEncrypted, ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public function __construct(
        public readonly string $email,
        public readonly string $team,
        public readonly string $inviter,
        public readonly Role $role,
        public readonly string $address,
    ) {}

    public function uniqueId(): string
    {
        return hash('sha256', $this->address);
    }

    public function handle(Mailer $mailer): void
    {
        $mailer->send((new Letter("Come into {$this->team}", 'invited', [
            'team' => $this->team, 'inviter' => $this->inviter, 'role' => $this->role->inWords(), 'address' => $this->address,
        ]))->to($this->email));
    }
}
