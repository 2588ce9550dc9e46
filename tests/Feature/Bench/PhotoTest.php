<?php

declare(strict_types=1);

use App\Account\Files\BringInAccount;
use App\Bench\Photos\CleanPhoto;
use App\Exceptions\InvalidAccountFile;
use App\Line\Board\PublicOffer;
use App\Models\Account\Act;
use App\Models\Bench\DesignPhoto;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Tests\AccountZips;
use Tests\Photo;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 12:00:00 UTC');
    $this->scene = Scene::team();
    $this->actingAs($this->scene->painter);
    $this->design = $this->scene->design('Wave band');
    $this->path = "/api/designs/{$this->design->id}/photo";
});

/** @return TestResponse<Symfony\Component\HttpFoundation\Response> */
function keepPhoto(string $file, string $how = 'of=arm'): TestResponse
{
    $headers = ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'];

    return test()->call('PUT', test()->path."?{$how}", server: $headers, content: $file);
}

function photoAddress(): string
{
    return (string) test()->getJson('/api/designs/'.test()->design->id)->assertOk()->json('photo.address');
}

it('keeps a photo of a design for the bench, and shows it nowhere else until that is said', function (string $as): void {
    keepPhoto(Photo::of(800, 600, $as))->assertOk()->assertJsonPath('of', 'arm')->assertJsonPath('on', []);

    $seen = $this->get(photoAddress())->assertOk();
    [$width, $height, $kind] = getimagesizefromstring((string) $seen->getContent()) ?: [];
    expect([$width, $height, $kind])->toBe([800, 600, IMAGETYPE_JPEG])
        ->and($seen->headers->get('Content-Type'))->toBe('image/jpeg')
        ->and($seen->headers->get('Cache-Control'))->toContain('no-store');
    $this->getJson('/api/designs')->assertOk()->assertJsonPath('0.photo.on', []);
})->with(['jpeg', 'png', 'webp']);

it('makes a photo small and upright, and keeps nothing of where and with what it was taken', function (): void {
    // Orientation 6: to be turned a quarter to the right, as Exif 2.3 has it in the table of tag 0x0112. Its left is then above.
    $taken = Photo::fromPhone(3000, 2000, 6);
    $stream = static fn (string $bytes): string => 'data://image/jpeg;base64,'.base64_encode($bytes);
    expect(exif_read_data($stream($taken)))->toHaveKeys(['Make', 'Orientation', 'GPSLatitudeRef']);
    keepPhoto($taken)->assertOk();

    $kept = (string) $this->get(photoAddress())->getContent();
    [$width, $height] = getimagesizefromstring($kept) ?: [];
    expect([$width, $height])->toBe([800, CleanPhoto::LONGEST_SIDE])
        ->and(Photo::colourAt($kept, 0.5, 0.2))->toBe('red')->and(Photo::colourAt($kept, 0.5, 0.8))->toBe('blue')
        ->and(array_intersect(['Make', 'Orientation', 'GPSLatitudeRef'], array_keys((array) exif_read_data($stream($kept)))))->toBe([])
        ->and(str_contains($kept, 'Lantern camera') || str_contains($kept, 'Exif'))->toBeFalse();
});

it('keeps nothing that is no photo, and loses nothing by it', function (string $file, string $why): void {
    keepPhoto($before = Photo::of(40, 30))->assertOk();
    $address = photoAddress();
    keepPhoto($file)->assertUnprocessable()->assertJsonPath('message', fn (string $said): bool => str_contains($said, $why));

    expect(photoAddress())->toBe($address);
})->with([
    'nothing' => ['', 'no photo'],
    'words' => ['<?php echo 1;', 'no photo'],
    'a page' => ['<html><script>alert(1)</script></html>', 'no photo'],
    'a drawing that can run scripts' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'no photo'],
    'a picture that moves' => [fn (): string => Photo::of(40, 30, 'gif'), 'no photo'],
    'half a photo' => [fn (): string => substr(Photo::of(900, 900, 'png'), 0, 900), 'broken'],
    'a head and no body' => [fn (): string => Photo::bomb(100, 100), 'broken'],
    'more than one may unpack' => [fn (): string => Photo::bomb(50_000, 50_000), '50000 by 50000'],
]);

it('keeps of a photo with a program behind it the photo alone', function (): void {
    keepPhoto(Photo::of(40, 30).'<?php system("ls"); ?>')->assertOk();

    expect((string) $this->get(photoAddress())->getContent())->not->toContain('<?php');
});

it('keeps a photo of a face with a yes only, and writes down that there was one', function (): void {
    expect(keepPhoto(Photo::of(40, 30), 'of=face')->assertUnprocessable()->json('message'))->toContain('parent');
    keepPhoto(Photo::of(40, 30), 'of=face&yes=0')->assertUnprocessable();
    expect(DesignPhoto::query()->count())->toBe(0);
    keepPhoto(Photo::of(40, 30), 'of=face&yes=1')->assertOk()->assertJsonPath('of', 'face');

    expect(Act::query()->where('team_id', $this->scene->painter->team_id)->pluck('what')->all())
        ->toContain('kept a photo of a face for Wave band, with a yes to it');
});

it('shows parents the photo where the owner says so, and no longer when that is taken back', function (): void {
    $day = $this->scene->day(1, $this->design);
    $link = (string) $this->putJson("/api/days/{$day->id}/board", ['showsNames' => false])->json('address');
    $board = (string) parse_url($link, PHP_URL_PATH);
    $photo = "{$board}/photos/".PublicOffer::key($this->design->id);
    keepPhoto(Photo::of(400, 300))->assertOk();
    $this->get("{$board}/pictures")->assertOk()->assertJsonPath('0.photo', null);
    $this->get($photo)->assertNotFound();

    $this->putJson("{$this->path}/places", ['on' => ['parents', 'cards']])->assertOk()->assertJsonPath('on', ['cards', 'parents']);
    Auth::forgetGuards();
    $address = (string) $this->get("{$board}/pictures")->assertOk()->json('0.photo');
    expect($address)->toStartWith($photo)->and(str_contains($address, $this->design->id))->toBeFalse();
    $seen = $this->get($address)->assertOk()->assertCookieMissing(config('session.cookie'));
    expect(getimagesizefromstring((string) $seen->getContent())[0] ?? 0)->toBe(400)
        ->and($seen->headers->get('X-Content-Type-Options'))->toBe('nosniff');

    $this->actingAs($this->scene->painter)->putJson("{$this->path}/places", ['on' => ['cards']])->assertOk();
    $this->get($photo)->assertNotFound();
    $this->get("{$board}/photos/".PublicOffer::key(Scene::ulid()))->assertNotFound();
});

it('refuses places that there are not', function (mixed $on): void {
    keepPhoto(Photo::of(40, 30))->assertOk();
    $this->putJson("{$this->path}/places", ['on' => $on])->assertUnprocessable();
})->with([[['moon']], ['cards'], [null], [[['cards']]]]);

it('shows a new photo nowhere, even where the one before was shown', function (): void {
    keepPhoto(Photo::of(40, 30))->assertOk();
    $this->putJson("{$this->path}/places", ['on' => ['parents']])->assertOk();
    keepPhoto(Photo::of(50, 30))->assertOk()->assertJsonPath('on', []);
});

it('deletes a photo for good, and those of deleted designs a day later', function (): void {
    keepPhoto(Photo::of(40, 30))->assertOk();
    $this->deleteJson($this->path)->assertNoContent();
    $this->getJson($this->path)->assertNotFound();
    $this->putJson("{$this->path}/places", ['on' => []])->assertNotFound();

    keepPhoto(Photo::of(40, 30))->assertOk();
    $this->deleteJson("/api/designs/{$this->design->id}")->assertNoContent();
    $this->artisan('inch:end-of-day')->assertSuccessful();
    $this->postJson("/api/designs/{$this->design->id}/restore")->assertOk()->assertJsonPath('photo.of', 'arm');
    $this->deleteJson("/api/designs/{$this->design->id}")->assertNoContent();
    $this->travel(25)->hours();
    $this->artisan('inch:end-of-day')->assertSuccessful();
    expect(DesignPhoto::query()->count())->toBe(0);
});

it('gives a photo to nobody of another team', function (): void {
    keepPhoto(Photo::of(40, 30))->assertOk();
    $this->actingAs(Scene::team('Others')->painter);
    $this->getJson($this->path)->assertNotFound();
    keepPhoto(Photo::of(40, 30))->assertNotFound();
    $this->deleteJson($this->path)->assertNotFound();
});

it('goes out with the account and comes in again, and what is no photo does not come in', function (): void {
    keepPhoto(Photo::of(400, 300))->assertOk();
    $this->putJson("{$this->path}/places", ['on' => ['cards']])->assertOk();
    $files = AccountZips::given($this->scene->painter->team);
    $name = "photos/{$this->design->id}.jpg";
    expect(getimagesizefromstring($files[$name])[0] ?? 0)->toBe(400)->and($files['tables/design_photos.jsonl'])->not->toContain('jpeg');

    $bring = static function (array $files): Scene {
        $path = AccountZips::zipped($files);
        $scene = Scene::team('Anew');
        try {
            app(BringInAccount::class)($scene->painter, $path);
        } finally {
            unlink($path);
        }

        return $scene;
    };
    $this->actingAs($bring($files)->painter);
    $design = $this->getJson('/api/designs')->assertOk()->json('0');
    expect($design['photo']['on'])->toBe(['cards'])
        ->and(getimagesizefromstring((string) $this->get($design['photo']['address'])->assertOk()->getContent())[0] ?? 0)->toBe(400);

    expect(fn () => $bring([...$files, $name => '<?php']))->toThrow(InvalidAccountFile::class, 'photo');
    unset($files[$name]);
    expect(fn () => $bring($files))->toThrow(InvalidAccountFile::class, "{$name} is missing");
});

it('takes in the file of a release that knew no photos', function (): void {
    $files = AccountZips::given($this->scene->painter->team);
    $manifest = json_decode($files['manifest.json'], true);
    unset($manifest['tables']['design_photos'], $files['tables/design_photos.jsonl']);
    $path = AccountZips::zipped([...$files, 'manifest.json' => (string) json_encode($manifest)]);
    $owner = Scene::team('Anew')->painter;
    app(BringInAccount::class)($owner, $path);
    unlink($path);

    $this->actingAs($owner)->getJson('/api/designs')->assertOk()->assertJsonPath('0.photo', null);
});
