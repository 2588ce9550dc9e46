<?php

declare(strict_types=1);

namespace App\Kit\Things;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Kit\Defaults;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\ItemValues;
use Core\Team\Role;
use Core\Units\CoreException;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/**
 * A thing of the kit as the painter typed it.
 *
 * @phpstan-import-type Values from ItemValues
 */
final class KitThingRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $thing = $this->route('thing') === null ? null : $this->thing();
        $owner = $this->string('ownerId')->toString();
        $painter = Rule::exists('users', 'id')->where('team_id', $this->teamId())->whereNot('role', Role::Helper->value);

        return [
            'kind' => ['required', $thing === null ? new CaseOf(ItemKind::class) : Rule::in([$thing->kind->value])],
            'name' => [
                'required',
                'string',
                'max:'.Defaults::LONGEST_NAME,
                Rule::unique('kit_items', 'name')->where('team_id', $this->teamId())
                    ->where('owner_key', Str::isUlid($owner) ? $owner : '')
                    ->ignore($thing?->id),
            ],
            'howMany' => ['required', 'integer', 'between:0,'.Defaults::MOST_PIECES],
            'colours' => ['present', 'list', 'max:'.Defaults::MOST_COLOURS],
            'colours.*' => ['array:name,hex'],
            'colours.*.name' => ['present', 'nullable', 'string', 'max:40'],
            'colours.*.hex' => ['required', 'string', 'regex:'.Colour::HEX],
            'paintKind' => ['nullable', new CaseOf(PaintKind::class)],
            'finish' => ['nullable', new CaseOf(Finish::class)],
            'gramsLeft' => ['nullable', 'integer', 'between:0,'.Defaults::MOST_GRAMS],
            'lengthMm' => ['nullable', 'integer', 'between:1,'.Defaults::MOST_MILLIMETRES],
            'widthMm' => ['nullable', 'integer', 'between:1,'.Defaults::MOST_MILLIMETRES],
            'reservedFor' => ['nullable', 'string', 'max:40'],
            'skinSafe' => ['required', 'boolean'],
            'latex' => ['required', 'boolean'],
            'gel' => ['required', 'boolean'],
            'selfStick' => ['required', 'boolean'],
            'ownerId' => ['nullable', 'string', 'ulid', $painter],
            'homeId' => ['nullable', 'string', 'ulid', $painter],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.in' => 'A thing stays what it is. Take it out and add another one.',
            'name.required' => 'The thing has no name. Call it as you do at work, such as “black round 2”.',
            'name.unique' => 'There is a “:input” in that bag already. Count that one up, or choose another name.',
            'ownerId.*' => 'That painter is not one of yours. Load the page again and choose another.',
            'homeId.*' => 'That painter is not one of yours. Load the page again and choose another.',
            'howMany.between' => 'How many are there? Say :min to :max.',
            'colours.*.hex.regex' => '“:input” is not a colour. Pick one, or type six hex digits such as #2f7fb8.',
            'gramsLeft.between' => 'Grams left are :min to :max, or empty where nobody weighed it.',
            'lengthMm.between' => 'A cake is :min to :max mm long.',
            'widthMm.between' => 'A sponge is :min to :max mm wide.',
        ];
    }

    /** @throws ValidationException when the values do not go together */
    public function item(): Item
    {
        /** @var Values $values nothing but what the rules above let through */
        $values = $this->validated();
        try {
            return ItemValues::read('', $values);
        } catch (CoreException $refusal) {
            throw ValidationException::withMessages(['colours' => $refusal->getMessage()]);
        }
    }
}
