<?php

declare(strict_types=1);

namespace Tests;

use App\Account\SignIn\Credentials;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;

/** A test of the whole application against the real database; each test's writes are rolled back. */
abstract class FeatureCase extends TestCase
{
    /** Somebody else in the same browser: what was kept of the one before is gone, as after signing in. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        session()->flush();
        session()->put(Credentials::AT, now()->getTimestamp());

        return parent::actingAs($user, $guard);
    }

    /**
     * What is put into the queue is worked out at once in tests, and asked for as a screen asks for it: the answer is what was found.
     *
     * @param  array<mixed>  $data
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        $answer = parent::json($method, $uri, $data, $headers, $options);
        if ($answer->getStatusCode() !== Response::HTTP_ACCEPTED) {
            return $answer;
        }
        $found = parent::json('GET', "/api/searches/{$answer->json('search')}")->assertOk();
        $status = $found->json('status');

        return TestResponse::fromBaseResponse(new Response(
            implode("\n", $found->json('lines')),
            // What was told line by line has no answer of its own.
            $status === Response::HTTP_NO_CONTENT ? Response::HTTP_OK : $status,
            ['Content-Type' => 'application/json'],
        ));
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }
}
