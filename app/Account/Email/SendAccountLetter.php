<?php

declare(strict_types=1);

namespace App\Account\Email;

use App\Letters\Letter;
use App\Models\Account\User;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends word of a change of somebody's sign-in. */
final class SendAccountLetter implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $uniqueFor = 60;

    /**
     * @param  string  $what  a sentence
     * @param  string  $to  another address than the one they sign in with
     */
    public function __construct(
        public readonly string $teamId,
        public readonly string $userId,
        public readonly string $what,
        public readonly string $to = '',
    ) {}

    public function uniqueId(): string
    {
        return hash('sha256', "{$this->userId} {$this->what}");
    }

    public function handle(Mailer $mailer): void
    {
        $user = User::ofTeam($this->teamId)->find($this->userId);
        if ($user instanceof User && $user->signsIn()) {
            $mailer->send((new Letter($this->what, 'account-changed', [
                'painter' => $user->name, 'what' => $this->what, 'address' => url('/'),
            ]))->to($this->to === '' ? $user->email : $this->to));
        }
    }
}
