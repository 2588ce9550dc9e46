<?php

declare(strict_types=1);

namespace Core\Order;

use Core\Kit\Kit;
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
        return new self(Kit::empty(), ChangeoverMatrix::starting(), StepTimes::starting(), Drying::atReference(), Schools::usual());
    }

    public function withDrying(Drying $drying): self
    {
        return new self($this->kit, $this->changeovers, $this->times, $drying, $this->schools, $this->numbers);
    }

    public function withTimes(StepTimes $times): self
    {
        return new self($this->kit, $this->changeovers, $times, $this->drying, $this->schools, $this->numbers);
    }

    public function withSchools(Schools $schools): self
    {
        return new self($this->kit, $this->changeovers, $this->times, $this->drying, $schools, $this->numbers);
    }
}
