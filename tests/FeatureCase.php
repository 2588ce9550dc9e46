<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;

/** A test of the whole application against the real database; each test's writes are rolled back. */
abstract class FeatureCase extends TestCase
{
    /** Somebody else in the same browser: what was kept of the one before is gone, as after signing in. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->flush();

        return parent::actingAs($user, $guard);
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }
}
