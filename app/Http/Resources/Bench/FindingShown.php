<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use Core\Order\Severity;

/** What a rule of the craft says of a design. */
final readonly class FindingShown extends Resource
{
    /**
     * @param  string  $school  in words, of a rule that only some painters keep; else empty
     * @param  list<string>  $steps  ids
     * @param  int  $costMs  what it costs on this design
     * @param  list<EvidenceShown>  $evidence
     */
    public function __construct(
        public string $rule,
        public string $title,
        public Severity $severity,
        public string $school,
        public array $steps,
        public string $says,
        public ?FixShown $fix,
        public int $costMs,
        public array $evidence,
    ) {}
}
