<?php

declare(strict_types=1);

namespace App\Plan\Money;

use App\Plan\Days\DayFacts;
use App\Plan\Forecast\OfferedTimes;
use App\Plan\Forecast\PlanTerms;
use Core\Plan\Money\FaceOrHour;
use Core\Plan\Money\FacePrice;
use Core\Plan\Money\Quote;
use Core\Plan\Money\Work;
use Core\Plan\Outlook;

/** What an event costs and brings. */
final readonly class MoneyRead
{
    /**
     * @param  string  $currency  ISO 4217
     * @param  list<OfferedTimes>  $menu  as it is played
     * @param  list<float>  $minutes  that a face of each keeps a chair, the turnaround in them
     */
    public function __construct(
        public DayFacts $day,
        public string $currency,
        public PlanTerms $plan,
        public MoneyTerms $terms,
        public Work $work,
        public Outlook $outlook,
        public array $menu,
        public array $minutes,
        public Quote $quote,
        public FacePrice $price,
        public ?FaceOrHour $faceOrHour,
    ) {}
}
