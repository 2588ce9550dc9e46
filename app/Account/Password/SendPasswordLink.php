<?php

declare(strict_types=1);

namespace App\Account\Password;

use App\Account\SignIn\Accounts;
use App\Letters\Letter;
use App\Models\Account\PasswordLink;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Str;

/** Sends whoever has an address a link to a new password. In the queue, so that nobody learns by the clock who is known here. */
final class SendPasswordLink implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $uniqueFor = 60;

    private const TOKEN_LETTERS = 43;

    private const HOURS = 1;

    public function __construct(public readonly string $email) {}

    public function uniqueId(): string
    {
        return hash('sha256', $this->email);
    }

    public function handle(Accounts $accounts, Mailer $mailer): void
    {
        $user = $accounts->ofAddress($this->email);
        if ($user === null) {
            return;
        }
        $token = Str::random(self::TOKEN_LETTERS);
        // The newest letter is the one that serves.
        PasswordLink::query()->where('user_id', $user->id)->delete();
        PasswordLink::query()->create([
            'user_id' => $user->id, 'token_hash' => Passwords::hash($token), 'ends_at' => now()->addHours(self::HOURS),
        ]);
        $mailer->send((new Letter('A new password', 'new-password', [
            'painter' => $user->name, 'address' => url("new-password/{$token}"),
        ]))->to($user->email));
    }
}
