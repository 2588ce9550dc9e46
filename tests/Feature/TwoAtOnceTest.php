<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Tests\Scene;

it('writes a design while another one is being written', function (): void {
    $settings = config('database.connections.mariadb');
    $other = DB::connectUsing('other', [...$settings, 'options' => [PDO::ATTR_PERSISTENT => false] + $settings['options']]);
    $other->beginTransaction();
    $other->delete('DELETE FROM steps WHERE design_id = ?', [str_repeat('z', 26)]);
    DB::statement('SET innodb_lock_wait_timeout = 1');

    $design = Scene::team()->design();

    $other->rollBack();
    expect($design->steps()->count())->toBe(2);
});
