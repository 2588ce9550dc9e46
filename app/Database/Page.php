<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/** So many of a list, after the last one that was seen. */
final readonly class Page
{
    public const MOST = 100;

    /** @param  string|null  $after  id of the last one seen; null for the beginning of the list */
    public function __construct(public int $first = self::MOST, public ?string $after = null) {}

    /**
     * In the order of a column, and of ids where it is the same. Reads as much as it gives, by an index on the column.
     *
     * @template M of Model
     *
     * @param  Builder<M>  $all
     * @param  'asc'|'desc'  $direction
     * @return Collection<int, M> none after one that is not there any more
     */
    public function of(Builder $all, string $column, string $direction = 'asc'): Collection
    {
        if ($this->after !== null) {
            $last = $all->clone()->whereKey($this->after)->toBase()->value($column);
            if ($last === null) {
                return $all->whereKey([])->get();
            }
            $beyond = $direction === 'asc' ? '>' : '<';
            $all = $all->where(fn (Builder $page): Builder => $page->where($column, $beyond, $last)
                ->orWhere(fn (Builder $same): Builder => $same->where($column, $last)->where('id', $beyond, $this->after)));
        }

        return $all->orderBy($column, $direction)->orderBy('id', $direction)->limit($this->first)->get();
    }
}
