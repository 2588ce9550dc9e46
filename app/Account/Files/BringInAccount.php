<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Account\Team\RecordAudit;
use App\Bench\Photos\Photos;
use App\Exceptions\InvalidAccountFile;
use App\Exceptions\UnusablePhoto;
use App\Json\ReadShapedJson;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Menu\Menu;
use App\Models\Menu\MenuOffer;
use App\Plan\FacePlans\DesignPlans;
use Illuminate\Database\DatabaseManager;

/**
 * Brings the file of an account into a team that has nothing of its own yet. Whoever brings it in takes the place of its owner; the
 * other painters come along with what they painted, and sign in once they are invited. All of it comes in, or nothing.
 */
final readonly class BringInAccount
{
    private const MOST_SECONDS = 300;

    private const OWN = ['designs', 'event_days', 'kit_items', 'menus'];

    public function __construct(
        private DatabaseManager $database,
        private ReadShapedJson $readShapedJson,
        private PutInRows $putInRows,
        private ReadBackAccount $readBack,
        private RecordAudit $recordAudit,
        private DesignPlans $designPlans,
        private Photos $photos,
    ) {}

    /** @throws InvalidAccountFile saying what is wrong with the file, or that the team has something already */
    public function __invoke(User $owner, string $path): void
    {
        set_time_limit(self::MOST_SECONDS);
        $zip = AccountZip::open($path, $this->readShapedJson);
        if ($zip->isOfEvent()) {
            throw InvalidAccountFile::because('That file holds one event. Bring it in in the logbook.');
        }
        $connection = $this->database->connection();
        $connection->transaction(function () use ($connection, $zip, $owner): void {
            Team::query()->lockForUpdate()->findOrFail($owner->team_id);
            foreach (self::OWN as $table) {
                if ($connection->table($table)->where('team_id', $owner->team_id)->exists()) {
                    throw InvalidAccountFile::because(
                        'This team has designs, events, menus or a kit already. Found a new team for the file.',
                    );
                }
            }
            // As if it were taken anew: what stands in a file may be anything.
            $picture = fn (string $designId): array => $this->picture($zip, $designId);
            ($this->putInRows)($zip, new IncomingAccount($owner, RemappedIds::random(), $picture), $owner->team_id);
            ($this->readBack)($owner->refresh());
            ($this->recordAudit)($owner, 'brought in a whole account');
            /** @var list<string> $offered */
            $offered = MenuOffer::query()->whereIn('menu_id', Menu::ofTeam($owner->team_id)->select('id'))->pluck('design_id')->all();
            // Where the file was written before they were worked out, or by a release that did not say.
            $this->designPlans->rank($owner->team_id, $offered);
        });
    }

    /** @return array{jpeg: string, version: string} */
    private function picture(AccountZip $zip, string $designId): array
    {
        try {
            return $this->photos->columns($zip->photo($designId));
        } catch (UnusablePhoto $refusal) {
            throw InvalidAccountFile::because(AccountZip::photoName($designId).": {$refusal->getMessage()}");
        }
    }

    /** @param  resource  $stream  of the file */
    public function fromStream(User $owner, $stream): void
    {
        AccountZip::inPassing($stream, fn (string $path) => $this($owner, $path));
    }
}
