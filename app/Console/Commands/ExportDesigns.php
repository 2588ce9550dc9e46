<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Files\DesignFiles;
use App\Models\Account\User;
use App\Models\Bench\Design;
use Illuminate\Console\Command;

final class ExportDesigns extends Command
{
    private const BAD_INPUT = 2;

    protected $signature = 'inch:export {--email= : the sign-in of a painter of the team} {--design= : only the design of this name}';

    protected $description = 'Print a team\'s designs in the open JSON format';

    public function handle(DesignFiles $designFiles): int
    {
        $email = $this->option('email');
        $painter = User::query()->where('email', is_string($email) ? $email : '')->first();
        if ($painter === null) {
            return $this->refuse('No painter signs in with that. Give --email=NAME@EXAMPLE.');
        }
        $name = $this->option('design');
        $designs = Design::ofTeam($painter->team_id)->with('steps')
            ->when(is_string($name), static fn ($query) => $query->where('name', $name))
            ->orderBy('name')->get();
        if ($designs->isEmpty()) {
            return $this->refuse(is_string($name) ? "No design is called “{$name}”." : 'The team has no designs yet.');
        }
        $this->output->write($designFiles->write(array_values($designs->all())));

        return self::SUCCESS;
    }

    private function refuse(string $message): int
    {
        $this->getOutput()->getErrorStyle()->writeln($message);

        return self::BAD_INPUT;
    }
}
