<?php

declare(strict_types=1);

namespace Core\Plan\Logged;

use Core\Line\Ahead\NoShows;
use Core\Plan\Defaults;

/** What the lines of a team's last days say of the next one: when children come and with whom, who gives up, and what they choose. */
final readonly class LastLines
{
    /** So many children in each part of the day are thought to have come before any were counted: a quiet hour may be chance. */
    private const CAME_BEFORE = 4.0;

    /** What is thought of how many come together weighs as much as so many groups. */
    private const GROUPS_BEFORE = 10.0;

    /** Fewer who gave up say nothing of patience. */
    private const FEWEST_GAVE_UP = 5;

    /** In which contagion is looked for. */
    private const CONTAGION_STEP = 0.01;

    private const CONTAGION_STEPS = 60;

    /** @var list<LoggedChild> of all days */
    private array $children;

    /** @param  non-empty-list<LoggedLine>  $lines */
    public function __construct(public array $lines)
    {
        $this->children = array_merge(...array_column($lines, 'children'));
    }

    public function count(): int
    {
        return count($this->children);
    }

    /** Children an open hour, all days together. */
    public function anHour(): float
    {
        $hours = array_sum(array_map(static fn (LoggedLine $line): float => $line->open->seconds() / 3600, $this->lines));

        return $hours <= 0.0 ? 0.0 : $this->count() / $hours;
    }

    /**
     * How busy each equal part of the open time is against the others; one is the mean.
     *
     * @return list<float>
     */
    public function profile(int $parts): array
    {
        $came = array_fill(0, $parts, self::CAME_BEFORE);
        foreach ($this->children as $child) {
            $came[min($parts - 1, max(0, (int) floor($child->came * $parts)))]++;
        }
        $mean = array_sum($came) / $parts;

        return array_values(array_map(static fn (float $in): float => round($in / $mean, 2), $came));
    }

    /** @return list<float> how often one child comes alone, two together, three or more; shares of a hundred */
    public function groups(): array
    {
        $usual = array_sum(Defaults::GROUPS);
        $groups = array_map(static fn (float $share): float => self::GROUPS_BEFORE * $share / $usual, Defaults::GROUPS);
        foreach ($this->lines as $line) {
            $sizes = [];
            foreach ($line->children as $at => $child) {
                $party = $child->party ?? "alone {$at}";
                $sizes[$party] = ($sizes[$party] ?? 0) + 1;
            }
            foreach ($sizes as $size) {
                $groups[min(count($groups), $size) - 1]++;
            }
        }
        $all = array_sum($groups);

        return array_map(static fn (float $one): float => round(100 * $one / $all, 1), $groups);
    }

    /** Thousandths of the children who are not there when they are called. */
    public function notThere(): int
    {
        return NoShows::share($this->ended(HowItEnded::Seated), $this->ended(HowItEnded::NotThere));
    }

    /**
     * After so many minutes half of those who wait have given up; null where too few have for saying so.
     *
     * Whoever sat down would have waited longer: exponential times, censored. Their rate is the givers-up by all that was waited,
     * J. F. Lawless, "Statistical Models and Methods for Lifetime Data" (2nd ed. 2003), section 4.1.
     */
    public function patienceMinutes(): ?int
    {
        $gaveUp = $this->ended(HowItEnded::GaveUp);
        $waited = array_sum(array_map(
            static fn (LoggedChild $child): float => $child->ended === HowItEnded::Untold ? 0.0 : $child->waited->seconds() / 60,
            $this->children,
        ));

        return $gaveUp < self::FEWEST_GAVE_UP ? null : max(1, (int) round(M_LN2 * $waited / $gaveUp));
    }

    /**
     * By what part of the menu's weight each choice makes the same choice likelier: of Pólya's urn the mean of what is likely, given
     * what was chosen in turn. Before any choice it is thought to be Defaults::CONTAGION, exponentially spread.
     *
     * Source of the urn's chances: N. L. Johnson, S. Kotz, "Urn Models and Their Application" (1977).
     */
    public function contagion(): float
    {
        $likely = array_map(
            fn (int $at): float => $this->logLikelihood($at * self::CONTAGION_STEP) - $at * self::CONTAGION_STEP / Defaults::CONTAGION,
            range(0, self::CONTAGION_STEPS),
        );
        $most = max($likely);
        $weights = array_map(static fn (float $log): float => exp($log - $most), $likely);
        $mean = array_sum(array_map(static fn (float $weight, int $at): float => $weight * $at, $weights, array_keys($weights)));

        return round(self::CONTAGION_STEP * $mean / array_sum($weights), 3);
    }

    private function logLikelihood(float $contagion): float
    {
        $shares = $this->shares();
        $log = 0.0;
        foreach ($this->lines as $line) {
            $chosen = [];
            foreach ($line->children as $at => $child) {
                $times = $chosen[$child->design] ?? 0;
                $log += log(($shares[$child->design] + $contagion * $times) / (1.0 + $contagion * $at));
                $chosen[$child->design] = $times + 1;
            }
        }

        return $log;
    }

    /** @return array<string, float> of the designs: how often each was chosen on all days, a few thought to be before any were */
    private function shares(): array
    {
        $weights = [];
        foreach ($this->children as $child) {
            $weights[$child->design] = ($weights[$child->design] ?? Defaults::DEMAND_BEFORE) + 1.0;
        }
        $all = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $all, $weights);
    }

    private function ended(HowItEnded $how): int
    {
        return count(array_filter($this->children, static fn (LoggedChild $child): bool => $child->ended === $how));
    }
}
