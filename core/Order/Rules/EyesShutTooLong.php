<?php

declare(strict_types=1);

namespace Core\Order\Rules;

use Core\Order\Course;
use Core\Order\Defaults;
use Core\Order\Finding;
use Core\Order\Fix;
use Core\Order\LooksAtFace;
use Core\Order\Repairs;
use Core\Order\Severity;
use Core\Units\Duration;

/** How long children keep their eyes shut is the team’s estimate. */
final readonly class EyesShutTooLong implements LooksAtFace
{
    public function id(): string
    {
        return 'eyes-shut-too-long';
    }

    public function title(): string
    {
        return 'Eyes shut too long';
    }

    public function severity(): Severity
    {
        return Severity::Warn;
    }

    public function school(): null
    {
        return null;
    }

    public function findings(Course $course): array
    {
        $findings = [];
        $design = $course->preparation;
        foreach ($course->shutStretches() as $stretch) {
            [$first, $last] = [$stretch[0], $stretch[count($stretch) - 1]];
            $length = Duration::ofMilliseconds($course->ends[$last] - $course->starts[$first]);
            if ($length->seconds() > Defaults::EYES_SHUT_SECONDS) {
                $says = "From “{$design->name($first)}” to “{$design->name($last)}” the eyes are shut for {$length->format()} at a stretch; children take 0:".Defaults::EYES_SHUT_SECONDS.' well.';
                $findings[] = Finding::of($this, $course, $stretch, $says, $this->fix($course, $stretch));
            }
        }

        return $findings;
    }

    /**
     * Something else between, so that the eyes may open.
     *
     * @param  list<int>  $stretch
     */
    private function fix(Course $course, array $stretch): ?Fix
    {
        $middle = $stretch[intdiv(count($stretch), 2)];
        $order = count($stretch) < 2 ? null : Repairs::of($course)->somethingBefore($middle, static fn (int $at): bool => ! in_array($at, $stretch, true));

        return $order === null ? null : Fix::inOrder($course->preparation->design, $order->order, "Let the eyes open for “{$course->preparation->name($order->moved)}”");
    }
}
