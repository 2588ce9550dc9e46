<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Plan\EventDay;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class SetUpDemo extends Command
{
    protected $signature = 'inch:demo';

    protected $description = 'Set up the demo day where there is no team yet, and say how to sign in to it';

    public function handle(): int
    {
        if (! Team::query()->exists()) {
            $this->laravel->make(DemoSeeder::class)->run();
        }
        $ines = User::query()->where('email', DemoSeeder::EMAIL)->first();
        if ($ines === null) {
            return self::SUCCESS;
        }
        $this->line('Demo sign-in: '.DemoSeeder::EMAIL.', password '.DemoSeeder::PASSWORD);
        if (EventDay::ofTeam($ines->team_id)->max('closes_ms') < now()->getTimestampMs()) {
            $this->line('The demo fair is over by now. A new one: bin/start --fresh');
        }

        return self::SUCCESS;
    }
}
