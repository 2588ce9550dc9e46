<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Exceptions\TakesLong;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/** What is known is answered at once; what has to be worked out first goes into the queue. The parameters are InQueue's. */
final readonly class InQueueIfLong
{
    public function __construct(private InQueue $inQueue) {}

    public function handle(Request $request, Closure $next, string $most): AnyResponse
    {
        $response = $next($request);
        assert($response instanceof AnyResponse);
        $isLong = ($response instanceof Response || $response instanceof JsonResponse) && $response->exception instanceof TakesLong;

        return $isLong ? $this->inQueue->handle($request, $next, $most) : $response;
    }
}
