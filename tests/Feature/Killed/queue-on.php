<?php

declare(strict_types=1);

// Puts the learning of twelve designs in the queue, three times each, with the database in the environment.

use App\Practice\Training\KeepPracticeRun;
use App\Practice\Training\PracticeTarget;
use Core\Units\Duration;
use Illuminate\Contracts\Console\Kernel;
use Tests\Core\Paint;
use Tests\Scene;

require __DIR__.'/../../../vendor/autoload.php';
(require __DIR__.'/../../../bootstrap/app.php')->make(Kernel::class)->bootstrap();

$scene = Scene::team();
$keep = app(KeepPracticeRun::class);
for ($number = 1; $number <= 12; $number++) {
    $step = Paint::step(Scene::ulid(), 30, name: "Wave {$number}");
    $design = $scene->design("Wave band {$number}", $step);
    foreach ([30, 28, 27] as $seconds) {
        $keep($scene->painter, Scene::ulid(), new PracticeTarget(null, $design, $step->id, null), Duration::ofSeconds($seconds), false);
    }
}
