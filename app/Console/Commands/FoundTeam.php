<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Account\Team\Members;
use App\Rules\NewPassword;
use Core\Team\Role;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

final class FoundTeam extends Command
{
    private const BAD_INPUT = 2;

    protected $signature = 'inch:team {team : its name; a team of that name takes the painter in} {painter : the name of a painter}
        {email : what the painter signs in with} {--password= : asked for when not given}
        {--role=artist : artist or helper; whoever makes a team owns it}';

    protected $description = 'Make a team with its owner, or take one more artist or helper into it';

    public function handle(Members $members): int
    {
        $input = [
            'team' => $this->argument('team'),
            'painter' => $this->argument('painter'),
            'email' => $this->argument('email'),
            'role' => $this->option('role'),
            'password' => $this->option('password') ?? $this->secret('Password, twelve letters at least'),
        ];
        $validator = Validator::make($input, [
            'team' => ['required', 'string', 'max:80'],
            'painter' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users'],
            'password' => ['required', 'string', new NewPassword],
            'role' => ['required', 'in:artist,helper'],
        ], [
            'role.in' => 'Give --role=artist or --role=helper.',
            'email.unique' => 'Somebody signs in with that already. Give another e-mail address.',
        ]);
        if ($validator->fails()) {
            $this->getOutput()->getErrorStyle()->writeln($validator->errors()->first());

            return self::BAD_INPUT;
        }
        /** @var array{team: string, painter: string, email: string, password: string, role: string} $valid */
        $valid = $validator->validated();
        $painter = $members->add(
            team: $valid['team'],
            name: $valid['painter'],
            email: $valid['email'],
            password: $valid['password'],
            role: Role::from($valid['role']),
        );
        $this->line("{$painter->name} signs in with {$painter->email}.");

        return self::SUCCESS;
    }
}
