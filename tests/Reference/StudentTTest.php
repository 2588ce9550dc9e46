<?php

declare(strict_types=1);

use Core\Pace\Pace;
use Core\Pace\Run;
use Core\Pace\StudentT;
use Core\Units\Duration;
use Tests\Reference\R;

it('agrees with the printed table of the t distribution', function (float $probability, array $quantiles): void {
    foreach ($quantiles as $degrees => $quantile) {
        expect(StudentT::quantile($probability, $degrees))->toEqualWithDelta($quantile, 0.0006);
    }
})->with([
    // Common table of statistics books; written down from memory, that all agree vouches for them.
    [0.90, [1 => 3.078, 2 => 1.886, 4 => 1.533, 10 => 1.372, 30 => 1.310]],
    [0.95, [1 => 6.314, 2 => 2.920, 4 => 2.132, 10 => 1.812, 30 => 1.697]],
    [0.975, [1 => 12.706, 2 => 4.303, 4 => 2.776, 10 => 2.228, 30 => 2.042]],
    [0.995, [1 => 63.657, 2 => 9.925, 4 => 4.604, 10 => 3.169, 30 => 2.750]],
]);

it('mirrors below the middle and comes back from its distribution function', function (): void {
    foreach ([0.01, 0.2, 0.5, 0.8, 0.999] as $probability) {
        foreach ([0.7, 2.0, 4.5, 19.0, 130.0] as $degrees) {
            $quantile = StudentT::quantile($probability, $degrees);
            expect(StudentT::below($quantile, $degrees))->toEqualWithDelta($probability, 1e-10)
                ->and(StudentT::quantile(1 - $probability, $degrees))->toEqualWithDelta(-$quantile, 1e-7 * max(1, abs($quantile)));
        }
    }
});

it('agrees with R on quantiles for any degrees of freedom', function (): void {
    $cases = [];
    foreach ([0.1, 0.5, 0.8, 0.9, 0.99] as $probability) {
        foreach ([0.6, 1.0, 2.5, 4.0, 6.5, 13.0, 64.0, 900.0] as $degrees) {
            $cases[] = [$probability, $degrees];
        }
    }
    $program = 'options(digits=15);'.implode(
        '',
        array_map(static fn (array $case): string => "cat(sprintf('%.12f\\n', qt({$case[0]}, {$case[1]})));", $cases),
    );
    $reference = R::numbers($program);

    expect($reference)->toHaveCount(count($cases));
    foreach ($cases as $at => [$probability, $degrees]) {
        expect(StudentT::quantile($probability, $degrees))->toEqualWithDelta(
            $reference[$at],
            1e-6 * max(1.0, abs($reference[$at])),
            "t({$probability}, {$degrees})",
        );
    }
});

it('agrees with R on the quantiles of what comes next, to four digits', function (array $seconds): void {
    // R does the conjugate update with its own matrices and its own qt.
    $list = implode(',', $seconds);
    $program = <<<R
        y <- log(1000 * c({$list})); n <- length(y); x <- cbind(1, log(1:n))
        m0 <- c(log(40000), -0.07); p0 <- diag(c(1, (0.2 / 0.15)^2))
        p <- p0 + t(x) %*% x; m <- solve(p, p0 %*% m0 + t(x) %*% y)
        a <- 3 + n / 2
        b <- 3 * 0.2^2 + 0.5 * (sum(y^2) + t(m0) %*% p0 %*% m0 - t(m) %*% p %*% m)
        for (more in c(0, 8)) for (q in c(0.5, 0.8)) {
          z <- c(1, log(n + 1 + more))
          s <- sqrt(b / a * (1 + t(z) %*% solve(p) %*% z))
          cat(sprintf("%.6f\n", exp(sum(z * m) + s * qt(q, 2 * a)) / 1000))
        }
        R;
    $reference = R::numbers($program);
    $runs = array_map(
        static fn (float|int $one, int $at): Run => new Run((int) round($one * 1000), $at + 1),
        $seconds,
        array_keys($seconds),
    );
    $pace = Pace::of(Duration::ofSeconds(40), $runs);
    $own = [$pace->quantile(0.5), $pace->quantile(0.8), $pace->quantile(0.5, 8), $pace->quantile(0.8, 8)];

    foreach ($own as $at => $quantile) {
        // Four digits; a millisecond is what durations are rounded to.
        expect($quantile->seconds())->toEqualWithDelta($reference[$at], max(0.0006, 5e-5 * $reference[$at]));
    }
})->with([
    'two runs' => [[52, 47]],
    'a learner' => [[80, 61, 58, 49, 50, 46, 44, 45, 41, 43]],
    'an old hand' => [[38, 41, 36, 44, 39, 40, 37, 42, 35, 47, 39, 41, 40, 38, 36, 43, 44, 39, 40, 38]],
]);
