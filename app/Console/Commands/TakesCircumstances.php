<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\WrongOption;
use Core\Kit\Kit;
use Core\Order\Circumstances;
use Core\Order\Schools\School;
use Core\Order\Schools\Schools;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Timeline\Timing;
use Core\Units\CoreException;

/** For commands that need to know the weather and the painter's schools. */
trait TakesCircumstances
{
    private const OPTIONS = '
        {--weather=20,50,0 : degrees Celsius, percent of humidity, metres a second of wind}
        {--timing=hand_to_hand : what typed seconds hold: hand_to_hand, or strokes_alone with the tool changes on top}
        {--school=* : a way of working, such as line_on_dry; may be given several times}';

    /** @throws WrongOption when an option makes no sense, saying what to give */
    private function circumstances(): Circumstances
    {
        return new Circumstances(
            kit: Kit::empty(),
            changeovers: ChangeoverMatrix::starting(),
            times: StepTimes::starting()->timedBy($this->timing()),
            drying: Drying::in($this->weather()),
            schools: $this->schools(),
        );
    }

    private function timing(): Timing
    {
        $name = $this->option('timing');

        return Timing::tryFrom(is_string($name) ? $name : '') ?? throw WrongOption::of(
            '--timing',
            'one of '.implode(', ', array_column(Timing::cases(), 'value')),
        );
    }

    private function weather(): Weather
    {
        $text = $this->option('weather');
        $parts = array_map(trim(...), explode(',', is_string($text) ? $text : ''));
        if (count($parts) !== 3 || array_filter($parts, is_numeric(...)) !== $parts) {
            throw WrongOption::of('--weather', 'give three numbers, such as --weather=24,60,1');
        }
        try {
            return new Weather((float) $parts[0], (float) $parts[1], (float) $parts[2]);
        } catch (CoreException $refusal) {
            throw WrongOption::of('--weather', $refusal->getMessage());
        }
    }

    private function schools(): Schools
    {
        $schools = [];
        foreach ((array) $this->option('school') as $name) {
            $school = School::tryFrom(is_string($name) ? $name : '');
            $schools[] = $school ?? throw WrongOption::of('--school', 'one of '.implode(', ', array_column(School::cases(), 'value')));
        }

        return Schools::of(...$schools);
    }
}
