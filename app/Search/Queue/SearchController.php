<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Http\Requests\SearchRequest;
use Illuminate\Http\Response;

final readonly class SearchController
{
    public function show(SearchRequest $request, Searches $searches): SearchProgress
    {
        return $searches->soFar($request->search(), $request->from());
    }

    public function destroy(SearchRequest $request, Searches $searches): Response
    {
        $searches->cancel($request->search());

        return response()->noContent();
    }
}
