<?php

declare(strict_types=1);

namespace App\Queries;

use Core\Design\ChangeoverMatrix;
use Core\Design\StepTimes;
use Core\Design\Wording\StepPrinter;
use Core\Design\Wording\StepReader;
use Core\Design\Wording\Vocabulary;
use Core\Kit\BenchTimes;
use Core\Kit\Kit;

/** What designs are worked on with: the team's kit, the painter's own times, and the words for both. */
final readonly class PainterBench
{
    public Vocabulary $words;

    public StepPrinter $printer;

    public ChangeoverMatrix $changeovers;

    public StepTimes $stepTimes;

    public function __construct(public Kit $kit, public BenchTimes $benchTimes)
    {
        $this->words = Vocabulary::withKit($kit->tools(), $kit->colours());
        $this->printer = new StepPrinter($this->words);
        $this->changeovers = new ChangeoverMatrix($benchTimes, $kit);
        $this->stepTimes = StepTimes::starting();
    }

    public function reader(): StepReader
    {
        return new StepReader($this->words);
    }
}
