<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Account\User;
use App\Search\Queue\SearchAsked;
use App\Search\Queue\Searches;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LogicException;

/**
 * What takes a while is not worked out while a request is kept waiting: it is put into the queue, and the answer is where to ask for
 * it. The parameters are how many seconds it may take, as whoever asks may ask for, and how many it takes where nobody does.
 */
final readonly class InQueue
{
    public function __construct(private Searches $searches) {}

    public function handle(Request $request, Closure $next, string $most, string $usual = ''): JsonResponse
    {
        $user = $request->user();
        $query = http_build_query($request->query->all());
        $search = $this->searches->ask(
            user: $user instanceof User ? $user : throw new LogicException('Searches are behind the sign-in.'),
            method: $request->method(),
            address: '/'.$request->path().($query === '' ? '' : "?{$query}"),
            body: $request->isMethodSafe() ? '' : json_encode($this->said($request), JSON_THROW_ON_ERROR),
            seconds: max(1, min((int) $most, $request->integer('seconds', (int) ($usual === '' ? $most : $usual)))),
        );

        return response()->json(new SearchAsked($search->id), 202);
    }

    /** @return array<mixed> what the address itself would read: cleaned, and of JSON only where it is said to be that */
    private function said(Request $request): array
    {
        return $request->isJson() ? $request->json()->all() : $request->request->all();
    }
}
