<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Http\Resources\Account\DemoSignIn;
use App\Http\Resources\Account\SessionState;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Auth;

final readonly class WhoIsSignedIn
{
    public function __invoke(): SessionState
    {
        $user = Auth::user();
        $demo = config('app.demo') === true ? new DemoSignIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD) : null;

        return $user instanceof User
            ? new SessionState(userName: $user->name, teamId: $user->team_id, teamName: $user->team->name, role: $user->role, demo: $demo)
            : new SessionState(userName: null, teamId: null, teamName: null, role: null, demo: $demo);
    }
}
