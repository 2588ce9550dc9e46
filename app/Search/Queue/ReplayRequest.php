<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Models\Search\Search;
use Illuminate\Contracts\Auth\Factory as Guards;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Answers a request that was put off, as its route would have, for whoever sent it. What stands before the route (who may, whose it
 * is, the token) was asked when the request came in.
 */
final readonly class ReplayRequest
{
    public function __construct(
        private Application $app,
        private Router $router,
        private Guards $guards,
        private ExceptionHandler $handler,
    ) {}

    public function __invoke(Search $search): Response
    {
        $outer = $this->app->make('request');
        $request = Request::create($search->address, $search->method, server: [
            'HTTP_ACCEPT' => 'application/json', ...($search->body === '' ? [] : ['CONTENT_TYPE' => 'application/json']),
        ], content: $search->body);
        // No longer than its turn, where others wait.
        $asked = $request->query->getInt('seconds');
        if ($asked > $search->seconds && $asked <= TakeSearch::MOST_SECONDS) {
            $request->query->set('seconds', (string) $search->seconds);
        }
        $guard = $this->guards->guard();
        $guard->setUser($search->user);
        $request->setUserResolver(static fn () => $search->user);
        $this->app->instance('request', $request);
        try {
            return $this->answer($request);
        } catch (Throwable $broken) {
            $this->handler->report($broken);

            return $this->handler->render($request, $broken);
        } finally {
            $this->app->instance('request', $outer);
        }
    }

    private function answer(Request $request): Response
    {
        $route = $this->router->getRoutes()->match($request);
        $request->setRouteResolver(static fn () => $route);
        $this->router->substituteBindings($route);
        $this->router->substituteImplicitBindings($route);
        try {
            return Router::toResponse($request, $route->run());
        } finally {
            $route->flushController();
        }
    }
}
