<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Kit\Kit;
use Core\Order\Schools\Schools;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\Drying;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;

/** All that a design's course depends on besides its steps: kit, hands, schools and air. */
final readonly class Circumstances
{
    public function __construct(
        public Kit $kit,
        public ChangeoverMatrix $changeovers,
        public StepTimes $times,
        public Drying $drying,
        public Schools $schools,
        public TradeNumbers $numbers = new TradeNumbers,
    ) {}

    /** The team's starting values, an empty kit, reference air. */
    public static function starting(): self
    {
        return new self(
            kit: Kit::empty(),
            changeovers: ChangeoverMatrix::starting(),
            times: StepTimes::starting(),
            drying: Drying::atReference(),
            schools: Schools::usual(),
        );
    }

    public function withDrying(Drying $drying): self
    {
        return new self(
            kit: $this->kit,
            changeovers: $this->changeovers,
            times: $this->times,
            drying: $drying,
            schools: $this->schools,
            numbers: $this->numbers,
        );
    }

    public function withTimes(StepTimes $times): self
    {
        return new self(
            kit: $this->kit,
            changeovers: $this->changeovers,
            times: $times,
            drying: $this->drying,
            schools: $this->schools,
            numbers: $this->numbers,
        );
    }

    public function withSchools(Schools $schools): self
    {
        return new self(
            kit: $this->kit,
            changeovers: $this->changeovers,
            times: $this->times,
            drying: $this->drying,
            schools: $schools,
            numbers: $this->numbers,
        );
    }
}
