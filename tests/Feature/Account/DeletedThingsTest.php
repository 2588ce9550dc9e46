<?php

declare(strict_types=1);

use App\Account\Files\BringInAccount;
use App\Account\Team\Members;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Core\Team\Role;
use Illuminate\Routing\Route;
use Illuminate\Routing\Router;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\AccountZips;
use Tests\Scene;

// Whatever is deleted, in whatever order: every screen opens, and the account goes out and comes in again.

/** @return list<string> each address that is only read, with what is there in its place */
function everyScreen(User $owner): array
{
    $teamId = $owner->team_id;
    $named = [
        'day' => EventDay::ofTeam($teamId)->pluck('id')->all(), 'design' => Design::ofTeam($teamId)->pluck('id')->all(),
        'menu' => Menu::ofTeam($teamId)->pluck('id')->all(), 'thing' => KitItem::ofTeam($teamId)->pluck('id')->take(3)->all(),
        'part' => ['designs.json', 'faces.csv', 'events.ics', 'kit.json'],
    ];
    $addresses = [];
    /** @var Route $route */
    foreach (app(Router::class)->getRoutes()->getRoutes() as $route) {
        $isOwn = str_starts_with($route->uri(), 'api/') && in_array('GET', $route->methods(), true);
        $parts = $route->parameterNames();
        if (! $isOwn || array_diff($parts, array_keys($named)) !== [] || count($parts) > 1) {
            continue;
        }
        foreach ($parts === [] ? [''] : $named[$parts[0]] as $id) {
            $addresses[] = $parts === [] ? $route->uri() : str_replace("{{$parts[0]}}", $id, $route->uri());
        }
    }

    return $addresses;
}

it('opens every screen and gives out the account, whatever was deleted before', function (int $seed): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $chance = new Randomizer(new Mt19937($seed));
    $scene = Scene::team('Dune Faces');
    $owner = $scene->painter->refresh();
    $this->actingAs($owner)->postJson('/api/kit/starter')->assertSuccessful();
    $bea = app(Members::class)->add('Dune Faces', 'Béa', Scene::ulid().'@example.org', 'a long password');
    $kim = app(Members::class)->add('Dune Faces', 'Kim', Scene::ulid().'@example.org', 'a long password', Role::Helper);
    $designs = [$scene->design('Wave'), $scene->design('Starfish'), $scene->designWithExtra('Puffin', 60, 30)];
    $menu = $this->postJson('/api/menus', ['name' => 'Pier', 'offers' => array_map(static fn (Design $design): array => [
        'designId' => $design->id, 'rung' => null, 'promiseMs' => null, 'priceCents' => 400, 'group' => null,
    ], $designs)])->assertOk()->json('id');
    $day = $scene->day(2, ...$designs);
    $later = $scene->day(1, $designs[0]);
    $this->putJson("/api/days/{$later->id}/menus/{$menu}")->assertSuccessful();
    $this->putJson("/api/days/{$day->id}/roster", ['shifts' => [['chair' => 1, 'painterId' => $bea->id, 'from' => null]]])->assertOk();
    $at = now()->getTimestampMs() - 300_000;
    $this->postJson("/api/days/{$day->id}/taps", ['taps' => [
        Scene::tap('opened', $at),
        Scene::tap('joined', $at + 1000, ticket: $ticket = Scene::ulid(), design: $designs[0]->id),
        Scene::tap('joined', $at + 1500, ticket: Scene::ulid(), design: $designs[1]->id),
        Scene::tap('seated', $at + 2000, ticket: $ticket, chair: 1, plan: $designs[0]->plan_id),
        Scene::tap('finished', $at + 90_000, ticket: $ticket),
    ]])->assertOk();
    $things = KitItem::ofTeam($owner->team_id)->pluck('id')->all();
    $deletes = [
        ...array_map(static fn (Design $design): string => "designs/{$design->id}", $designs),
        "menus/{$menu}", "days/{$later->id}", "days/{$day->id}", "team/members/{$bea->id}", "team/members/{$kim->id}",
        ...array_map(static fn (string $id): string => "kit/{$id}", array_slice($things, 0, 6)),
    ];
    foreach (array_slice($chance->shuffleArray($deletes), 0, $chance->getInt(3, count($deletes))) as $delete) {
        expect($this->deleteJson("/api/{$delete}", ['keepsName' => true])->getStatusCode())->toBeLessThan(500, $delete);
        foreach (everyScreen($owner) as $address) {
            if ($chance->getInt(0, 5) === 0) {
                expect($this->getJson("/{$address}")->getStatusCode())->toBeLessThan(500, "{$address} after {$delete}");
            }
        }
    }
    foreach (everyScreen($owner) as $address) {
        $answer = $this->getJson("/{$address}");
        expect($answer->getStatusCode())->toBeLessThan(500, $address.($answer->exception ?? ''));
    }
    $path = AccountZips::zipped(AccountZips::given($owner->team));
    app(BringInAccount::class)(Scene::team('Anew')->painter, $path);
    unlink($path);
})->with(range(1, 4));

it('shows a menu without a design that was deleted, and with it again once it is restored', function (): void {
    $scene = Scene::team();
    $this->actingAs($scene->painter);
    [$wave, $star] = [$scene->design(), $scene->design('Starfish')];
    $menu = $this->postJson('/api/menus', ['name' => 'Pier', 'offers' => array_map(static fn (Design $design): array => [
        'designId' => $design->id, 'rung' => null, 'promiseMs' => null, 'priceCents' => null, 'group' => null,
    ], [$wave, $star])])->assertOk()->json('id');
    $this->deleteJson("/api/designs/{$wave->id}")->assertNoContent();
    $this->getJson("/api/menus/{$menu}")->assertOk()->assertJsonCount(1, 'offers');
    $this->getJson('/api/menus')->assertOk()->assertJsonPath('0.designs', 1);
    $this->postJson("/api/designs/{$wave->id}/restore")->assertOk();
    $this->getJson("/api/menus/{$menu}")->assertOk()->assertJsonCount(2, 'offers');
});
