<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Account\SignIn;
use App\Models\Account\User;
use Core\Team\OneTimeCode;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use ParagonIE\ConstantTime\Base32;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    $this->outbox = sys_get_temp_dir().'/inch-outbox-'.bin2hex(random_bytes(4));
    config(['mail.mailers.outbox.folder' => $this->outbox]);
    /** @return TestResponse<Symfony\Component\HttpFoundation\Response> */
    $this->signIn = fn (string $password = 'a long password', string $code = ''): TestResponse => $this->postJson(
        '/api/session',
        ['email' => 'tobi@example.org', 'password' => $password, 'code' => $code],
    );
    $this->letGo = function (): void {
        Auth::forgetGuards();
        $this->flushSession();
    };
    /** @return array<string, mixed> what a device keeps while it is signed in */
    $this->device = function (): array {
        ($this->signIn)()->assertOk();
        $kept = $this->app['session']->all();
        ($this->letGo)();

        return $kept;
    };
});

afterEach(function (): void {
    array_map(unlink(...), (array) glob("{$this->outbox}/*"));
    is_dir($this->outbox) && rmdir($this->outbox);
});

/** The address in the only letter with a link that lies in the outbox. */
function addressInLetter(string $outbox): string
{
    $texts = array_map(
        static fn (string $file): string => quoted_printable_decode((string) file_get_contents($file)),
        glob("{$outbox}/*.eml") ?: [],
    );
    $links = array_values(array_filter(array_map(
        static fn (string $text): string => preg_match('#https?://\S+/(?:new-\w+|join)/\S+#', $text, $found) === 1 ? $found[0] : '',
        $texts,
    )));
    expect($links)->toHaveCount(1);

    return $links[0];
}

it('lists the devices that are signed in, and signs one out from another', function (): void {
    $phone = ($this->device)();
    $this->travel(1)->hours();
    ($this->signIn)()->assertOk();

    $account = $this->getJson('/api/account')->assertOk()->json();
    expect(array_column($account['devices'], 'isThis'))->toBe([true, false])
        ->and($account['devices'][0]['since'] - $account['devices'][1]['since'])->toBe(3_600_000);
    $this->deleteJson('/api/account/sign-ins/'.$account['devices'][1]['id'])->assertOk()->assertJsonCount(1, 'devices');
    $this->getJson('/api/session')->assertJson(['userName' => 'Tobi']);

    ($this->letGo)();
    $this->withSession($phone)->getJson('/api/designs')->assertUnauthorized();
    $this->getJson('/api/session')->assertJson(['userName' => null]);
});

it('signs out nobody else’s device', function (): void {
    ($this->device)();
    $this->actingAs($this->scene->painter)->deleteJson('/api/account/sign-ins/'.SignIn::query()->firstOrFail()->id)->assertNotFound();
    expect(SignIn::query()->count())->toBe(1);
});

it('knows a device again after its session has ended, and not after it was signed out', function (): void {
    $answer = ($this->signIn)()->assertOk();
    $cookies = [];
    foreach ($answer->headers->getCookies() as $cookie) {
        str_starts_with($cookie->getName(), 'remember_') ? $cookies[$cookie->getName()] = (string) $cookie->getValue() : null;
    }
    expect($cookies)->toHaveCount(1);
    ($this->letGo)();
    $this->disableCookieEncryption();
    $again = fn (): TestResponse => $this->withUnencryptedCookies($cookies)->withCredentials()->getJson('/api/session');
    $again()->assertJson(['userName' => 'Tobi']);
    // What is kept in the table is no token that a device could show.
    expect((string) current($cookies))->not->toContain(DB::table('sign_ins')->value('token_hash'));

    SignIn::query()->delete();
    ($this->letGo)();
    $again()->assertJson(['userName' => null]);
});

it('says when a device was seen last, to ten minutes', function (): void {
    ($this->signIn)()->assertOk();
    $seen = fn (): string => SignIn::query()->firstOrFail()->seen_at->format('H:i');
    $this->travel(5)->minutes();
    $this->getJson('/api/session')->assertOk();
    expect($seen())->toBe('09:00');
    $this->travel(6)->minutes();
    $this->getJson('/api/session')->assertOk();
    expect($seen())->toBe('09:11');
});

it('asks for a code once an authenticator is there, takes each code once, and a spare one where it is lost', function (): void {
    ($this->signIn)()->assertOk();
    $this->putJson('/api/account/second-factor', ['code' => '123456'])->assertJsonValidationErrorFor('code');
    $proposed = $this->postJson('/api/account/second-factor')->assertOk()->json();
    expect($proposed['address'])->toStartWith('otpauth://totp/Inch%20Timer:tobi%40example.org?secret='.$proposed['secret']);
    $codes = new OneTimeCode(Base32::decodeUpper($proposed['secret']));
    $code = static fn (): string => $codes->at(OneTimeCode::stepAt(now()->getTimestamp()));
    // It guards nothing before a code has shown that the authenticator has it.
    expect($this->tobi->refresh()->second_factor)->toBeNull();
    $this->putJson('/api/account/second-factor', ['code' => $codes->at(7)])->assertJsonValidationErrorFor('code');
    $spare = $this->putJson('/api/account/second-factor', ['code' => $code()])->assertOk()->json('codes');
    expect($spare)->toHaveCount(8)->and(array_unique($spare))->toHaveCount(8);

    ($this->letGo)();
    ($this->signIn)()->assertJsonValidationErrors(['code' => 'Now the code']);
    // The one it was set up with has served.
    ($this->signIn)(code: $code())->assertJsonValidationErrors(['code' => 'used before']);
    $this->travel(31)->seconds();
    ($this->signIn)('wrong password', $code())->assertJsonValidationErrorFor('email');
    ($this->signIn)(code: substr($code(), 0, 3).' '.substr($code(), 3))->assertOk();
    ($this->letGo)();
    $this->travel(2)->minutes();
    ($this->signIn)(code: mb_strtoupper($spare[2]))->assertOk();
    $this->getJson('/api/account')->assertJson(['hasSecondFactor' => true, 'spareCodesLeft' => 7]);
    ($this->letGo)();
    ($this->signIn)(code: $spare[2])->assertJsonValidationErrorFor('code');

    // Neither the secret nor a spare code lies readable in the table.
    $row = (string) json_encode(DB::table('users')->where('id', $this->tobi->id)->first());
    expect(str_contains($row, $proposed['secret']) || str_contains($row, $spare[0]))->toBeFalse();
    $this->actingAs($this->tobi->refresh());
    $this->deleteJson('/api/account/second-factor', ['password' => 'guessed'])->assertJsonValidationErrorFor('password');
    // The password alone takes it away no more than the code alone; nor does another take its place.
    $this->deleteJson('/api/account/second-factor', ['password' => 'a long password'])->assertJsonValidationErrorFor('code');
    $this->deleteJson('/api/account/second-factor', ['password' => 'guessed', 'code' => $spare[3]])
        ->assertJsonValidationErrorFor('password');
    $another = new OneTimeCode(Base32::decodeUpper($this->postJson('/api/account/second-factor')->json('secret')));
    $this->putJson('/api/account/second-factor', ['code' => $another->at(OneTimeCode::stepAt(now()->getTimestamp()))])
        ->assertJsonValidationErrorFor('password');
    $this->deleteJson('/api/account/second-factor', ['password' => 'a long password', 'code' => $spare[3]])->assertOk()
        ->assertJson(['hasSecondFactor' => false]);
    ($this->letGo)();
    ($this->signIn)()->assertOk();
});

it('sends a new password to whoever forgot the old one, by a link that serves once', function (): void {
    $elsewhere = ($this->device)();
    $this->postJson('/api/forgotten', ['email' => 'Tobi@example.org'])->assertNoContent();
    $address = addressInLetter($this->outbox);
    $token = basename($address);
    expect($address)->toBe(url("new-password/{$token}"))->and(DB::table('password_links')->value('token_hash'))->not->toBe($token);

    $this->getJson("/api/new-password/{$token}")->assertNoContent();
    $this->putJson("/api/new-password/{$token}", ['password' => 'short'])->assertJsonValidationErrorFor('password');
    $this->putJson("/api/new-password/{$token}", ['password' => 'another long one'])->assertNoContent();
    $this->putJson("/api/new-password/{$token}", ['password' => 'yet another one'])->assertJsonValidationErrorFor('token');
    $this->getJson("/api/new-password/{$token}")->assertGone();
    ($this->signIn)()->assertJsonValidationErrorFor('email');
    ($this->signIn)('another long one')->assertOk();
    ($this->letGo)();
    $this->withSession($elsewhere)->getJson('/api/designs')->assertUnauthorized();
});

it('tells nobody whom it knows, sends nothing to whom it does not, and lets an old link go', function (): void {
    $this->postJson('/api/forgotten', ['email' => 'nobody@example.org'])->assertNoContent();
    expect((array) glob("{$this->outbox}/*"))->toBe([]);
    $this->postJson('/api/forgotten', ['email' => 'tobi@example.org'])->assertNoContent();
    $token = basename(addressInLetter($this->outbox));
    $this->travel(61)->minutes();
    $this->putJson("/api/new-password/{$token}", ['password' => 'another long one'])->assertJsonValidationErrorFor('token');
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect(DB::table('password_links')->count())->toBe(0);
});

it('makes a team for whoever comes, of its own even where another is called the same', function (): void {
    $dune = ['team' => 'Saltmarsh Faces', 'name' => 'Mara', 'email' => 'Mara@example.org', 'password' => 'three words more'];
    $this->postJson('/api/teams', [...$dune, 'email' => 'tobi@example.org'])->assertJsonValidationErrorFor('email');
    $this->postJson('/api/teams', [...$dune, 'password' => 'short'])->assertJsonValidationErrorFor('password');
    $this->postJson('/api/teams', $dune)->assertOk()->assertJson(['userName' => 'Mara', 'role' => 'owner']);
    expect(User::query()->where('email', 'mara@example.org')->firstOrFail()->team_id)->not->toBe($this->tobi->team_id);
    $this->getJson('/api/designs')->assertOk()->assertJsonCount(0);

    config(['app.open' => false]);
    ($this->letGo)();
    $this->getJson('/api/session')->assertJson(['isOpen' => false]);
    $this->postJson('/api/teams', [...$dune, 'email' => 'other@example.org'])->assertForbidden();
});

it('sends a link into the team where an address was given', function (): void {
    $this->actingAs($this->scene->painter);
    $made = $this->postJson('/api/team/invitations', ['role' => 'helper', 'email' => 'odo@example.org'])->assertOk()->json();
    expect(addressInLetter($this->outbox))->toBe($made['address'])->and($made['sentTo'])->toBe('odo@example.org');
    $this->postJson('/api/team/invitations', ['role' => 'helper', 'email' => 'no address'])->assertJsonValidationErrorFor('email');
});

it('deletes a team that was closed a month ago, with all of it, unless it was kept after all', function (): void {
    $owner = $this->scene->painter;
    $this->scene->day(1, $this->scene->design());
    $other = Scene::team('Others');
    $other->day(1, $other->design());
    $rowsOf = static function (string $teamId): int {
        $rows = 0;
        foreach (app('db')->connection()->getSchemaBuilder()->getTables(app('db')->connection()->getDatabaseName()) as $table) {
            $columns = app('db')->connection()->getSchemaBuilder()->getColumnListing($table['name']);
            $rows += in_array('team_id', $columns, true) ? DB::table($table['name'])->where('team_id', $teamId)->count() : 0;
        }

        return $rows;
    };
    $end = fn (): TestResponse => $this->actingAs($owner->refresh())->putJson('/api/team/end', ['password' => 'a long password']);
    $this->actingAs($owner)->putJson('/api/team/end', ['password' => 'guessed'])->assertJsonValidationErrorFor('password');
    $end()->assertOk()->assertJson(['teamEndsAt' => now()->addDays(30)->getTimestampMs()]);
    $this->deleteJson('/api/team/end')->assertOk()->assertJson(['teamEndsAt' => null]);
    $this->travel(31)->days();
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect($rowsOf($owner->team_id))->toBeGreaterThan(2);

    $end()->assertOk();
    $this->travel(29)->days();
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect($rowsOf($owner->team_id))->toBeGreaterThan(2);
    $this->travel(2)->days();
    $theirs = $rowsOf($other->painter->team_id);
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect($rowsOf($owner->team_id))->toBe(0)->and($rowsOf($other->painter->team_id))->toBe($theirs)->toBeGreaterThan(2);
    expect(DB::table('event_days')->count())->toBe(1)->and(DB::table('steps')->distinct()->count('design_id'))->toBe(1);
});

it('deletes a team that has painted for a season, and nothing of it is left in any table', function (): void {
    $this->scene->painter->team->delete();
    $this->artisan('inch:demo')->assertSuccessful();
    $team = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail()->team;
    $days = DB::table('event_days')->where('team_id', $team->id)->pluck('id');
    $designs = DB::table('designs')->where('team_id', $team->id)->pluck('id');
    expect(DB::table('face_steps')->count())->toBeGreaterThan(100);
    $team->update(['ends_at' => now()->subMinute()]);
    $this->artisan('inch:end-of-day')->assertSuccessful()->expectsOutput('1 teams deleted.');

    foreach (['chair_events' => 'event_day_id', 'tickets' => 'event_day_id', 'faces' => 'event_day_id'] as $table => $column) {
        expect(DB::table($table)->whereIn($column, $days)->count())->toBe(0, $table);
    }
    foreach (['face_plans', 'steps', 'paces', 'face_steps', 'menu_items'] as $table) {
        expect(DB::table($table)->whereIn('design_id', $designs)->count())->toBe(0, $table);
    }
});

it('writes down what was done to money and what was deleted', function (): void {
    $this->actingAs($this->scene->painter);
    $design = $this->scene->design('Storm gull');
    $day = $this->scene->day(1);
    $this->deleteJson("/api/designs/{$design->id}")->assertNoContent();
    $this->deleteJson("/api/days/{$day->id}")->assertNoContent();
    $this->putJson('/api/currency', ['currency' => 'DKK'])->assertOk();
    $this->putJson('/api/currency', ['currency' => 'DKK'])->assertOk();

    expect(array_column($this->getJson('/api/team')->json('acts'), 'what'))->toBe([
        'is paid in DKK from now on', "deleted the event {$day->name}", 'deleted the design Storm gull',
    ]);
});

it('takes no more than ten wrong codes, then none for a quarter of an hour', function (): void {
    ($this->signIn)()->assertOk();
    $codes = new OneTimeCode(Base32::decodeUpper($this->postJson('/api/account/second-factor')->json('secret')));
    $code = static fn (): string => $codes->at(OneTimeCode::stepAt(now()->getTimestamp()));
    $this->putJson('/api/account/second-factor', ['code' => $code()])->assertOk();
    ($this->letGo)();
    for ($try = 0; $try < 10; $try++) {
        $this->travel(15)->seconds();
        ($this->signIn)(code: 'nothing')->assertUnprocessable();
    }
    $this->travel(61)->seconds();
    ($this->signIn)(code: $code())->assertTooManyRequests();
    $this->travel(16)->minutes();
    ($this->signIn)(code: $code())->assertOk();
});

it('sends word of each change of a sign-in, and of a device that is new, once', function (): void {
    $subjects = fn (): array => array_map(static function (string $file): string {
        preg_match('/^Subject: (.*(?:\R[ \t].*)*)/m', (string) file_get_contents($file), $found);

        return (string) preg_replace('/\s+/', ' ', trim($found[1] ?? ''));
    }, glob("{$this->outbox}/*.eml") ?: []);
    ($this->signIn)()->assertOk();
    expect($subjects())->toBe(['Somebody signed in as you on a computer that was new here.']);
    ($this->letGo)();
    $this->withCredentials()->withCookie('inch_known', substr(hash('sha256', $this->tobi->id), 0, 16));
    ($this->signIn)()->assertOk();
    expect($subjects())->toHaveCount(1);
    $this->putJson('/api/password', ['current' => 'a long password', 'password' => 'another long one'])->assertOk();
    expect($subjects())->toContain('Your password was changed.');
});

it('lets a link to a new password die with any change of it', function (): void {
    $this->postJson('/api/forgotten', ['email' => 'tobi@example.org'])->assertNoContent();
    $token = basename(addressInLetter($this->outbox));
    ($this->signIn)()->assertOk();
    $this->putJson('/api/password', ['current' => 'a long password', 'password' => 'another long one'])->assertOk();
    $this->getJson("/api/new-password/{$token}")->assertGone();
});

it('changes an e-mail address by a link sent to the new one, and tells the old one', function (): void {
    $new = ['email' => 'Tobi.new@example.org', 'password' => 'a long password'];
    $this->postJson('/api/forgotten', ['email' => 'tobi@example.org'])->assertNoContent();
    $passwordToken = basename(addressInLetter($this->outbox));
    array_map(unlink(...), (array) glob("{$this->outbox}/*"));
    ($this->signIn)()->assertOk();
    $this->postJson('/api/account/email', [...$new, 'password' => 'guessed'])->assertJsonValidationErrorFor('password');
    $this->postJson('/api/account/email', [...$new, 'email' => $this->scene->painter->email])->assertJsonValidationErrorFor('email');
    array_map(unlink(...), (array) glob("{$this->outbox}/*"));
    $this->postJson('/api/account/email', $new)->assertNoContent();
    $token = basename(addressInLetter($this->outbox));
    $this->getJson('/api/account')->assertJson(['email' => 'tobi@example.org']);

    // Whoever opens it need not be signed in on that device.
    ($this->letGo)();
    array_map(unlink(...), (array) glob("{$this->outbox}/*"));
    $this->putJson("/api/new-email/{$token}")->assertNoContent();
    $letter = (string) file_get_contents((string) (glob("{$this->outbox}/*.eml") ?: [''])[0]);
    expect($letter)->toContain('To: tobi@example.org')->toContain('You sign in with tobi.new@example.org from now on.');
    ($this->signIn)()->assertJsonValidationErrorFor('email');
    $this->postJson('/api/session', $new)->assertOk()->assertJson(['userName' => 'Tobi']);
    $this->putJson("/api/new-email/{$token}")->assertJsonValidationErrorFor('token');
    $this->getJson("/api/new-password/{$passwordToken}")->assertGone();
});

it('lets a link to a new e-mail address die with the hour, the password, or the address in other hands', function (): void {
    $link = function (): string {
        array_map(unlink(...), (array) glob("{$this->outbox}/*"));
        $this->postJson('/api/account/email', ['email' => 'new@example.org', 'password' => 'a long password'])->assertNoContent();

        return basename(addressInLetter($this->outbox));
    };
    ($this->signIn)()->assertOk();
    $late = $link();
    $this->travel(61)->minutes();
    $this->putJson("/api/new-email/{$late}")->assertJsonValidationErrorFor('token');
    $this->putJson('/api/new-email/'.strrev($late))->assertJsonValidationErrorFor('token');

    $taken = $link();
    $this->scene->painter->update(['email' => 'new@example.org']);
    $this->putJson("/api/new-email/{$taken}")->assertJsonValidationErrorFor('token');
    $this->scene->painter->update(['email' => 'other@example.org']);
    $this->putJson('/api/password', ['current' => 'a long password', 'password' => 'another long one'])->assertOk();
    $this->putJson("/api/new-email/{$taken}")->assertJsonValidationErrorFor('token');
    expect($this->tobi->refresh()->email)->toBe('tobi@example.org');
});

it('asks for a code before an e-mail address is changed, where there is a second factor', function (): void {
    ($this->signIn)()->assertOk();
    $factor = new OneTimeCode(Base32::decodeUpper($this->postJson('/api/account/second-factor')->json('secret')));
    $spare = $this->putJson('/api/account/second-factor', ['code' => $factor->at(OneTimeCode::stepAt(now()->getTimestamp()))])
        ->assertOk()->json('codes');
    $new = ['email' => 'new@example.org', 'password' => 'a long password'];
    $this->postJson('/api/account/email', $new)->assertJsonValidationErrorFor('code');
    $this->postJson('/api/account/email', [...$new, 'code' => $spare[0]])->assertNoContent();
});

it('takes passwords of twelve letters and more, to the last of two hundred, and none that is tried first', function (
    string $password,
    bool $isTaken,
): void {
    ($this->signIn)()->assertOk();
    $answer = $this->putJson('/api/password', ['current' => 'a long password', 'password' => $password]);
    $isTaken ? $answer->assertOk() : $answer->assertJsonValidationErrorFor('password');
})->with([
    'eleven' => ['wave foam 12', true], 'short' => ['wave foam 1', false], 'keys in a row' => ['1qaz2wsx3edc', false],
    'a common one with a year' => ['sunshine2026!', false], 'a common one twice' => ['passwordpassword', false],
    'one letter' => ['aaaaaaaaaaaaaaaa', false], 'three words' => ['lantern gull rope', true],
    'two hundred' => [str_repeat('tide and rope ', 14).'abcd', true], 'more' => [str_repeat('tide and rope ', 15), false],
]);

it('tells long passwords apart by their last letter', function (): void {
    ($this->signIn)()->assertOk();
    $long = str_repeat('tide and rope ', 13);
    $this->putJson('/api/password', ['current' => 'a long password', 'password' => "{$long}a"])->assertOk();
    ($this->letGo)();
    ($this->signIn)("{$long}b")->assertUnprocessable();
    ($this->signIn)("{$long}a")->assertOk();
});

it('asks for the password again before what gives all away, after twelve hours', function (): void {
    ($this->signIn)()->assertOk();
    $id = SignIn::query()->firstOrFail()->id;
    $this->travel(13)->hours();
    $this->deleteJson("/api/account/sign-ins/{$id}")->assertStatus(423);
    $this->postJson('/api/session/password', ['password' => 'guessed'])->assertJsonValidationErrorFor('password');
    $this->postJson('/api/session/password', ['password' => 'a long password'])->assertNoContent();
    $this->deleteJson("/api/account/sign-ins/{$id}")->assertOk();
});
