<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Operations\Health\HealthChecks;
use Illuminate\Console\Command;

/** Exit 0 when all is well, 1 when something is not. */
final class Doctor extends Command
{
    protected $signature = 'inch:doctor';

    protected $description = 'Say what is wrong with this installation, and what to do about it';

    public function handle(HealthChecks $healthChecks): int
    {
        $ailments = $healthChecks();
        foreach ($ailments as $ailment) {
            $this->line("- {$ailment}");
        }
        $this->line($ailments === [] ? 'All is well.' : '');

        return $ailments === [] ? self::SUCCESS : self::FAILURE;
    }
}
