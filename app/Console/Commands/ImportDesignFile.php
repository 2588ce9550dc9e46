<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Models\Account\User;
use Illuminate\Console\Command;

final class ImportDesignFile extends Command
{
    use ReadsFiles;

    protected $signature = 'inch:import {file : a design file, or - for standard input} {--email= : the sign-in of a painter of the team}';

    protected $description = 'Bring the designs of a file into a team, all or none';

    public function handle(Designs $designs, BenchOfPainter $bench): int
    {
        $email = $this->option('email');
        $painter = User::query()->where('email', is_string($email) ? $email : '')->first();
        if ($painter === null) {
            return $this->refuse('No painter signs in with that. Give --email=NAME@EXAMPLE.');
        }

        return $this->withFile(function (string $json) use ($designs, $bench, $painter): int {
            $count = count($designs->bringIn($bench($painter), $painter->team_id, $json));
            $this->line("{$count} design".($count === 1 ? '' : 's').' brought in.');

            return self::SUCCESS;
        });
    }
}
