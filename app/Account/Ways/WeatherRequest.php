<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Http\Requests\TeamRequest;
use Core\Surface\InvalidWeather;
use Core\Surface\Weather;
use Illuminate\Validation\ValidationException;

/** The air about the chair. */
final class WeatherRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['celsius' => ['required', 'numeric'], 'humidity' => ['required', 'numeric'], 'wind' => ['required', 'numeric']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'celsius.*' => 'Give the air in degrees Celsius, such as 24.',
            'humidity.*' => 'Give the humidity in percent, such as 60.',
            'wind.*' => 'Give the wind in metres a second; 0 indoors, 2 a light breeze.',
        ];
    }

    /**
     * Newly typed weather comes before an older touch test.
     *
     * @return array<string, mixed> of PainterWays
     *
     * @throws ValidationException when nobody could paint in it
     */
    public function change(): array
    {
        try {
            $weather = new Weather($this->float('celsius'), $this->float('humidity'), $this->float('wind'));
        } catch (InvalidWeather $refusal) {
            throw ValidationException::withMessages(['weather' => $refusal->getMessage()]);
        }

        return [
            'celsius' => $weather->celsius, 'humidity' => $weather->humidity, 'wind' => $weather->wind,
            'touched_factor' => null, 'touched_at' => null,
        ];
    }
}
