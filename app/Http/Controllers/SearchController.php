<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Search\CancelSearch;
use App\Http\Requests\SearchRequest;
use App\Http\Resources\Search\SearchProgress;
use App\Queries\Search\SearchSoFar;
use Illuminate\Http\Response;

final readonly class SearchController
{
    public function show(SearchRequest $request, SearchSoFar $soFar): SearchProgress
    {
        return SearchProgress::of($soFar($request->search(), $request->from()));
    }

    public function destroy(SearchRequest $request, CancelSearch $cancel): Response
    {
        $cancel($request->search());

        return response()->noContent();
    }
}
