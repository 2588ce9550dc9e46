<?php

declare(strict_types=1);

use App\Models\Bench\Step;
use Illuminate\Support\Facades\DB;
use Tests\Scene;

it('writes a design while another one is being written', function (): void {
    /**
     * @var array{host: list<string>, port: string, database: string, username: string, password: string,
     *     options: array<int, string>} $setting
     */
    $setting = config('database.connections.mariadb');
    $other = new PDO(
        "mysql:host={$setting['host'][0]};port={$setting['port']};dbname={$setting['database']}",
        $setting['username'],
        $setting['password'],
    );
    $other->exec($setting['options'][PDO::MYSQL_ATTR_INIT_COMMAND]);
    $other->beginTransaction();
    $other->exec("DELETE FROM steps WHERE design_id = '".str_repeat('z', 26)."'");
    DB::table('steps')->getConnection()->unprepared('SET innodb_lock_wait_timeout = 1');

    $design = Scene::team()->design();

    $other->rollBack();
    expect(Step::query()->where('design_id', $design->id)->get())->toHaveCount(2);
});
