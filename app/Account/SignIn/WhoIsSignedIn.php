<?php

declare(strict_types=1);

namespace App\Account\SignIn;

use App\Models\Account\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Auth;

final readonly class WhoIsSignedIn
{
    public function __invoke(): SignedIn
    {
        $user = Auth::user();

        return new SignedIn(
            $user instanceof User ? $user : null,
            config('app.demo') === true ? ['email' => DemoSeeder::EMAIL, 'password' => DemoSeeder::PASSWORD] : null,
            config('app.open') === true,
        );
    }
}
