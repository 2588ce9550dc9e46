<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Letters\Letter;
use App\Models\Account\User;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends a link to an address that somebody wants to sign in with. */
final class SendEmailLink implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $uniqueFor = 60;

    public function __construct(public readonly string $teamId, public readonly string $userId, public readonly string $email) {}

    public function uniqueId(): string
    {
        return hash('sha256', "{$this->userId} {$this->email}");
    }

    public function handle(EmailChanges $emailChanges, Mailer $mailer): void
    {
        $user = User::ofTeam($this->teamId)->find($this->userId);
        if ($user instanceof User) {
            $mailer->send((new Letter('Your new e-mail address', 'new-email', [
                'painter' => $user->name, 'address' => url('new-email/'.$emailChanges->token($user, $this->email)),
            ]))->to($this->email));
        }
    }
}
