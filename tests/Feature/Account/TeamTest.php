<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Account\User;
use App\Models\Kit\KitItem;
use App\Models\Plan\Shift;
use Core\Kit\ItemValues;
use Core\Team\Role;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Testing\TestResponse;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 09:00:00 UTC');
    $this->scene = Scene::team();
    $this->owner = $this->scene->painter;
    $this->tobi = app(Members::class)->add('Saltmarsh Faces', 'Tobi', 'tobi@example.org', 'a long password');
    $this->actingAs($this->owner);
    $this->signOut = function (): void {
        Auth::forgetGuards();
        $this->flushSession();
    };
    /** @return TestResponse<Symfony\Component\HttpFoundation\Response> */
    $this->signIn = fn (string $email, string $password): TestResponse => $this->postJson(
        '/api/session',
        ['email' => $email, 'password' => $password],
    );
});

it('shows the team to all of it, and what was done only to whoever answers for it', function (): void {
    $this->putJson("/api/team/members/{$this->tobi->id}", ['role' => 'helper'])->assertOk();
    $this->postJson('/api/team/invitations', ['role' => 'artist'])->assertOk();

    $seen = $this->getJson('/api/team')->assertOk()->json();
    expect(array_column($seen['members'], 'role', 'name'))->toBe(['Ines' => 'owner', 'Tobi' => 'helper'])
        ->and($seen['acts'][0])->toMatchArray(['who' => 'Ines', 'what' => 'made Tobi helper'])
        ->and(array_column($seen['invitations'], 'role'))->toBe(['artist']);
    $this->actingAs($this->tobi->refresh())->getJson('/api/team')->assertOk()
        ->assertJson(['answersForIt' => false, 'acts' => [], 'invitations' => []]);
});

it('takes in whoever has the link, once, as what was said', function (): void {
    $address = $this->postJson('/api/team/invitations', ['role' => 'helper'])->assertOk()->json('address');
    $token = basename((string) $address);
    ($this->signOut)();
    $this->getJson("/api/joining/{$token}")->assertOk()
        ->assertExactJson(['teamName' => 'Saltmarsh Faces', 'role' => 'helper', 'name' => null]);
    $odo = ['name' => 'Odo', 'email' => 'Odo@example.org', 'password' => 'three words more'];
    $this->postJson("/api/joining/{$token}", [...$odo, 'password' => 'short'])->assertJsonValidationErrorFor('password');
    $this->postJson("/api/joining/{$token}", [...$odo, 'email' => $this->owner->email])->assertJsonValidationErrorFor('email');
    $this->postJson("/api/joining/{$token}", $odo)->assertOk()->assertJson(['userName' => 'Odo', 'role' => 'helper']);
    $this->assertAuthenticated();
    $this->postJson("/api/joining/{$token}", [...$odo, 'email' => 'other@example.org'])->assertJsonValidationErrorFor('token');
    $this->getJson("/api/joining/{$token}")->assertGone();
    expect(User::ofTeam($this->owner->team_id)->pluck('role', 'email')->get('odo@example.org'))->toBe(Role::Helper);
});

it('lets somebody sign in who came along with a file, and stays who it is', function (): void {
    $mira = app(Members::class)->add($this->owner->team->name, 'Mira', 'x@example.org', 'never typed', Role::Helper);
    $mira->update(['email' => sprintf(User::NO_ADDRESS, $mira->id)]);
    expect(array_column($this->getJson('/api/team')->json('members'), 'email', 'name'))->toMatchArray(['Mira' => null]);
    $invite = fn (string $painter) => $this->postJson('/api/team/invitations', ['role' => 'artist', 'painter' => $painter]);
    $invite($this->tobi->id)->assertJsonValidationErrors(['painter' => 'Tobi signs in already.']);
    $invite(Scene::team('Other team')->painter->id)->assertJsonValidationErrorFor('painter');
    $tokens = array_map(static fn (): string => basename((string) $invite($mira->id)->assertOk()->json('address')), [1, 2]);
    expect(array_column($this->getJson('/api/team')->json('invitations'), 'name'))->toBe(['Mira', 'Mira']);

    ($this->signOut)();
    $this->getJson("/api/joining/{$tokens[0]}")->assertOk()->assertJson(['role' => 'artist', 'name' => 'Mira']);
    $own = ['name' => 'Mira', 'email' => 'mira@example.org', 'password' => 'three words more'];
    $this->postJson("/api/joining/{$tokens[0]}", $own)->assertOk()->assertJson(['userName' => 'Mira', 'role' => 'artist']);
    ($this->signOut)();
    // The other link would set another one's password by now.
    $this->postJson("/api/joining/{$tokens[1]}", [...$own, 'email' => 'thief@example.org'])->assertJsonValidationErrorFor('token');
    ($this->signIn)('mira@example.org', 'three words more')->assertOk();
    expect(User::ofTeam($this->owner->team_id)->where('name', 'Mira')->count())->toBe(1);
});

it('takes back the link of somebody who was let go', function (): void {
    $mira = app(Members::class)->add($this->owner->team->name, 'Mira', 'x@example.org', 'never typed', Role::Artist);
    $mira->update(['email' => sprintf(User::NO_ADDRESS, $mira->id)]);
    $this->postJson('/api/team/invitations', ['role' => 'artist', 'painter' => $mira->id])->assertOk();
    $this->deleteJson("/api/team/members/{$mira->id}", ['keepsName' => true])->assertOk()->assertJsonPath('invitations', []);
});

it('takes nobody in by a link that was taken back, is too old, or was never made', function (): void {
    $link = fn (): string => basename((string) $this->postJson('/api/team/invitations', ['role' => 'artist'])->json('address'));
    $odo = ['name' => 'Odo', 'email' => 'odo@example.org', 'password' => 'three words more'];
    [$back, $old] = [$link(), $link()];
    $this->deleteJson('/api/team/invitations/'.$this->getJson('/api/team')->json('invitations.0.id'))->assertOk();
    $this->travel(8)->days();
    foreach ([$back, $old, str_repeat('a', 43), 'x'] as $token) {
        $this->postJson("/api/joining/{$token}", $odo)->assertUnprocessable();
    }
});

it('changes the own password, and signs out whatever else is signed in with the old one', function (): void {
    ($this->signOut)();
    ($this->signIn)('tobi@example.org', 'a long password')->assertOk();
    $elsewhere = $this->app['session']->all();
    $new = ['current' => 'a long password', 'password' => 'another long one'];
    $this->putJson('/api/password', [...$new, 'current' => 'guessed'])->assertJsonValidationErrorFor('current');
    $this->putJson('/api/password', [...$new, 'password' => 'short'])->assertJsonValidationErrorFor('password');
    $this->putJson('/api/password', $new)->assertOk();
    $this->getJson('/api/designs')->assertOk();

    Auth::forgetGuards();
    $this->withSession($elsewhere)->getJson('/api/designs')->assertUnauthorized();
    ($this->signOut)();
    ($this->signIn)('tobi@example.org', 'a long password')->assertUnprocessable();
    ($this->signIn)('tobi@example.org', 'another long one')->assertOk();
});

it('lets somebody go: out at once, in no roster, with the own bag, and the faces stay', function (bool $keepsName, string $name): void {
    // One that is over, one that is running, one to come.
    [$yesterday, $day, $tomorrow] = [$this->scene->day(2, $design = $this->scene->design()), $this->scene->day(2), $this->scene->day(2)];
    foreach ([$yesterday, $day, $tomorrow] as $one) {
        $this->putJson("/api/days/{$one->id}/roster", ['shifts' => [
            ['chair' => 1, 'painterId' => $this->owner->id, 'from' => null], ['chair' => 2, 'painterId' => $this->tobi->id, 'from' => null],
        ]])->assertOk();
    }
    $yesterday->update(['opens_ms' => $yesterday->opens_ms - 86_400_000, 'closes_ms' => $yesterday->closes_ms - 86_400_000]);
    $tomorrow->update(['opens_ms' => $tomorrow->opens_ms + 86_400_000, 'closes_ms' => $tomorrow->closes_ms + 86_400_000]);
    $this->travelTo(Date::createFromTimestampMs($day->opens_ms + 3_600_000));
    $at = now()->getTimestampMs() - 300_000;
    $this->postJson("/api/days/{$yesterday->id}/taps", ['taps' => [
        Scene::tap('opened', $at), Scene::tap('joined', $at + 1000, ticket: $ticket = Scene::ulid(), design: $design->id),
        Scene::tap('seated', $at + 2000, ticket: $ticket, chair: 2, plan: $design->plan_id),
        Scene::tap('step_done', $at + 40_000, ticket: $ticket, step: $design->steps[0]->id ?? ''),
        Scene::tap('finished', $at + 90_000, ticket: $ticket),
    ]])->assertOk();
    $brush = KitItem::query()->create([
        'team_id' => $this->owner->team_id,
        ...KitItem::columnsOf(ItemValues::read(Scene::ulid(), ['kind' => 'brush', 'name' => 'round 3'])),
        'owner_id' => $this->tobi->id,
    ]);
    $this->deleteJson("/api/team/members/{$this->tobi->id}", ['keepsName' => $keepsName])->assertOk()
        ->assertJsonCount(1, 'members');

    $shifts = static fn (string $day): array => Shift::query()->where('event_day_id', $day)->where('chair', 2)->orderBy('from_ms')
        ->pluck('painter_id', 'from_ms')->all();
    expect($shifts($yesterday->id))->toBe([0 => $this->tobi->id])
        ->and($shifts($day->id))->toBe([0 => $this->tobi->id, now()->getTimestampMs() => null])
        ->and($shifts($tomorrow->id))->toBe([0 => null])
        ->and(KitItem::query()->find($brush->id))->toBeNull()
        ->and(User::withTrashed()->findOrFail($this->tobi->id)->name)->toBe($name);
    $this->getJson("/api/days/{$yesterday->id}/report")->assertOk()->assertJsonPath('painters.0.name', $name);
    // Nor is it forgotten when the face is written anew.
    $this->putJson("/api/days/{$yesterday->id}/faces/{$ticket}/steps/0", ['spentMs' => 41_000])->assertOk();
    $csv = (string) $this->get("/api/days/{$yesterday->id}/faces.csv")->assertOk()->getContent();
    expect(str_getcsv(explode("\r\n", $csv)[1], escape: '')[2])->toBe($name);
    ($this->signOut)();
    ($this->signIn)('tobi@example.org', 'a long password')->assertUnprocessable();
    // The address is free for whoever comes next.
    app(Members::class)->add('Dune Faces', 'Tobi', 'tobi@example.org', 'a long password');
})->with([[true, 'Tobi'], [false, 'a painter']]);

it('keeps somebody who answers for the team', function (): void {
    $this->deleteJson("/api/team/members/{$this->owner->id}", ['keepsName' => true])->assertJsonValidationErrorFor('member');
    $this->putJson("/api/team/members/{$this->owner->id}", ['role' => 'artist'])->assertJsonValidationErrorFor('role');
    $this->putJson("/api/team/members/{$this->tobi->id}", ['role' => 'owner'])->assertOk();
    $this->putJson("/api/team/members/{$this->owner->id}", ['role' => 'artist'])->assertOk()->assertJson(['answersForIt' => false]);
    $this->putJson("/api/team/members/{$this->owner->id}", ['role' => 'owner'])->assertForbidden();
});

it('lets nobody into another team’s business', function (): void {
    $other = Scene::team('Others')->painter;
    $this->putJson("/api/team/members/{$other->id}", ['role' => 'helper'])->assertNotFound();
    $this->deleteJson("/api/team/members/{$other->id}", ['keepsName' => true])->assertNotFound();
});
