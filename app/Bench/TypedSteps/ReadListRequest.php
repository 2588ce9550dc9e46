<?php

declare(strict_types=1);

namespace App\Bench\TypedSteps;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Closure;
use Core\Design\Defaults;
use Core\Design\Place\Placement;
use Core\Design\Wording\Lines\Cutter;
use Core\Design\Wording\ListTooLong;

final class ReadListRequest extends TeamRequest
{
    /** Letters. */
    private const LONGEST_LIST = 100_000;

    /** So many are read in some 0.4 s; more by inch:read. */
    private const MOST_LINES = 1_000;

    /** @return list<mixed> for a typed list in any request */
    public static function rulesOfList(): array
    {
        return ['nullable', 'string', 'max:'.self::LONGEST_LIST, self::hasFewLines(...)];
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'list' => ['present', ...self::rulesOfList()],
            'placement' => ['sometimes', 'nullable', new CaseOf(Placement::class)],
            'called' => ['sometimes', 'nullable', 'string', 'max:80'],
            'above' => ['sometimes', 'list', 'max:'.Defaults::MOST_STEPS],
            'above.*' => ['required', 'string', 'max:'.Cutter::LONGEST_LINE],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'list.present' => 'There is no list to read.',
            'list.max' => 'A list is read up to :max letters. Paste it in parts.',
        ];
    }

    public function list(): string
    {
        return $this->string('list')->toString();
    }

    public function placement(): ?Placement
    {
        return $this->filled('placement') ? Placement::from($this->string('placement')->toString()) : null;
    }

    /** The name of the design, which tells what it is a picture of. */
    public function called(): string
    {
        return $this->string('called')->toString();
    }

    /** @return list<string> */
    public function above(): array
    {
        /** @var list<string> $above */
        $above = $this->validated('above', []);

        return $above;
    }

    /** @param  Closure(string): mixed  $refuse */
    private static function hasFewLines(string $field, mixed $value, Closure $refuse): void
    {
        $lines = is_string($value) ? substr_count($value, "\n") + 1 : 0;
        if ($lines > self::MOST_LINES) {
            $refuse(ListTooLong::lines($lines, self::MOST_LINES)->getMessage());
        }
    }
}
