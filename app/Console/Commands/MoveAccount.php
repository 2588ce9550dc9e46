<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Files\AccountAsFile;
use App\Account\Files\BringInAccount;
use App\Account\SignIn\Accounts;
use App\Exceptions\InvalidAccountFile;
use App\Models\Account\User;
use Illuminate\Console\Command;

final class MoveAccount extends Command
{
    private const BAD_INPUT = 2;

    protected $signature = 'inch:account {email : what an owner of the team signs in with} {file : a zip}
        {--in : bring the file into the team, which has nothing of its own yet, instead of writing it}';

    protected $description = 'Write all that is a team’s into one zip, or bring it in again';

    public function handle(Accounts $accounts, AccountAsFile $asFile, BringInAccount $bringIn): int
    {
        ['email' => $email, 'file' => $file] = $this->arguments();
        assert(is_string($email) && is_string($file));
        $owner = $accounts->ofAddress($email);
        if ($owner === null) {
            return $this->refuse('Nobody signs in with that.');
        }
        if ($this->option('in') !== true) {
            return file_exists($file) ? $this->refuse("{$file} is there already. Name another one.") : $this->write($asFile, $owner, $file);
        }
        try {
            $bringIn($owner, $file);
        } catch (InvalidAccountFile $refusal) {
            return $this->refuse($refusal->getMessage());
        }

        return self::SUCCESS;
    }

    private function write(AccountAsFile $asFile, User $owner, string $file): int
    {
        rename($asFile($owner->team), $file);

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->getOutput()->getErrorStyle()->writeln($why);

        return self::BAD_INPUT;
    }
}
