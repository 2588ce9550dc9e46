<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\FeatureCase;

pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');
