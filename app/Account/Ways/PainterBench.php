<?php

declare(strict_types=1);

namespace App\Account\Ways;

use App\Models\Account\PainterWays;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\Vocabulary;
use Core\Kit\BenchTimes;
use Core\Kit\Kit;
use Core\Order\Circumstances;
use Core\Order\Schools\Schools;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\Drying;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;

/** What designs are worked on with: the painter's own bag beside the team's things, the own times, and the words for both. */
final readonly class PainterBench
{
    public Vocabulary $words;

    public StepPrinter $printer;

    public ChangeoverMatrix $changeovers;

    public StepTimes $stepTimes;

    private Drying $drying;

    private Schools $schools;

    private TradeNumbers $numbers;

    /**
     * @param  string|null  $painterId  null for the team's own
     * @param  Kit|null  $typedWith  what steps were timed with when they were typed; null for the same kit
     */
    public function __construct(
        public Kit $kit,
        public BenchTimes $benchTimes,
        PainterWays $ways,
        public ?string $painterId = null,
        ?Kit $typedWith = null,
    ) {
        $this->words = Vocabulary::withKit($kit->tools(), $kit->colours(), $kit->cakes());
        $this->printer = new StepPrinter($this->words);
        $this->changeovers = new ChangeoverMatrix($benchTimes, $kit, $typedWith);
        $this->stepTimes = StepTimes::starting()->timedBy($ways->toTiming());
        $this->drying = $ways->toDrying();
        $this->schools = $ways->toSchools();
        $this->numbers = $ways->toNumbers();
    }

    /** All that the course of a design depends on, with the times of its steps. */
    public function circumstances(StepTimes $times): Circumstances
    {
        return new Circumstances(
            kit: $this->kit,
            changeovers: $this->changeovers,
            times: $times,
            drying: $this->drying,
            schools: $this->schools,
            numbers: $this->numbers,
        );
    }

    public function reader(): ListReader
    {
        return new ListReader($this->words);
    }
}
