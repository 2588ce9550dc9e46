<?php

declare(strict_types=1);

namespace Core\Surface;

use Core\Units\CoreException;
use DomainException;

final class InvalidWeather extends DomainException implements CoreException
{
    public static function air(float $celsius): self
    {
        return new self(sprintf(
            '%g degrees is no weather to paint in: give %g to %g degrees Celsius.',
            $celsius,
            Defaults::LEAST_CELSIUS,
            Defaults::MOST_CELSIUS,
        ));
    }

    public static function humidity(float $percent): self
    {
        return new self(sprintf('%g %% humidity cannot be: give 0 to 100 percent.', $percent));
    }

    public static function wind(float $wind): self
    {
        return new self(sprintf('A wind of %g metres a second cannot be painted in: give 0 to %g.', $wind, Defaults::MOST_WIND));
    }
}
