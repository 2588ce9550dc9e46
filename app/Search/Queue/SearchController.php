<?php

declare(strict_types=1);

namespace App\Search\Queue;

use App\Http\Requests\SearchRequest;
use Illuminate\Http\Response;

final readonly class SearchController
{
    public function show(SearchRequest $request, SearchSoFar $soFar): SearchProgress
    {
        return $soFar($request->search(), $request->from());
    }

    public function destroy(SearchRequest $request, CancelSearch $cancel): Response
    {
        $cancel($request->search());

        return response()->noContent();
    }
}
