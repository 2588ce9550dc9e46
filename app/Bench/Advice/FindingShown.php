<?php

declare(strict_types=1);

namespace App\Bench\Advice;

use App\Http\Resources\Resource;
use Core\Order\Constraints;
use Core\Order\Craft\Catalogue;
use Core\Order\Craft\Evidence;
use Core\Order\Craft\Finding;
use Core\Order\Craft\Severity;
use Core\Order\Schools\TradeNumber;

/**
 * What a rule of the craft says of a design.
 *
 * @phpstan-type EvidenceShown array{label: string, value: string, source: string, number: TradeNumber|null}
 */
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

    /** What is said of what no rule says. */
    private const TITLES = [
        Constraints::PIN => 'Your pin',
        Constraints::TYPED_DRYING => 'Typed drying',
        Constraints::TYPED_WAIT => 'Typed wait',
        Constraints::ACT => 'What goes with what',
        Constraints::PICTURE => 'What lies over what',
    ];

    public static function of(Finding $finding, ?FixShown $fix): self
    {
        $card = Catalogue::rule($finding->rule)?->info();

        return new self(
            rule: $finding->rule,
            title: $card->title ?? self::TITLES[$finding->rule] ?? '',
            severity: $finding->severity,
            school: $card?->school?->label() ?? '',
            steps: $finding->steps,
            says: $finding->says,
            fix: $fix,
            costMs: $finding->cost,
            evidence: array_map(
                static fn (Evidence $one): array => [
                    'label' => $one->label, 'value' => $one->value, 'source' => $one->source, 'number' => $one->number,
                ],
                $finding->evidence,
            ),
        );
    }
}
