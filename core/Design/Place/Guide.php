<?php

declare(strict_types=1);

namespace Core\Design\Place;

use Core\Design\InvalidStep;

/**
 * How a painter finds the place of a mark: by the clock round the middle of the place, by halves and thirds of it, by an
 * angle, by aiming at a point, by a figure that is painted before it, or as a part of the figure that it is of. Said for the
 * child's own left; on the right it is mirrored.
 */
final readonly class Guide
{
    private function __construct(public GuideKind $kind, public int|Landmark|Portion|Figure|FigurePart $value) {}

    /** @throws InvalidStep unless 1 to 12 */
    public static function clock(int $hour): self
    {
        return $hour >= 1 && $hour <= 12 ? new self(GuideKind::Clock, $hour) : throw InvalidStep::clock($hour);
    }

    /** @throws InvalidStep unless -180 to 180 degrees, upwards from level */
    public static function angle(int $degrees): self
    {
        return abs($degrees) <= 180 ? new self(GuideKind::Angle, $degrees) : throw InvalidStep::angle($degrees);
    }

    public static function portion(Portion $portion): self
    {
        return new self(GuideKind::Portion, $portion);
    }

    public static function aim(Landmark $landmark): self
    {
        return new self(GuideKind::Aim, $landmark);
    }

    public static function figure(Figure $figure): self
    {
        return new self(GuideKind::Figure, $figure);
    }

    public static function part(FigurePart $part): self
    {
        return new self(GuideKind::Part, $part);
    }

    /** @throws InvalidStep when the text is not of that kind */
    public static function of(GuideKind $kind, string $value): self
    {
        return match ($kind) {
            GuideKind::Clock => self::clock((int) $value),
            GuideKind::Angle => self::angle((int) $value),
            GuideKind::Portion => self::portion(Portion::tryFrom($value) ?? throw InvalidStep::guide($value)),
            GuideKind::Aim => self::aim(Landmark::tryFrom($value) ?? throw InvalidStep::guide($value)),
            GuideKind::Figure => self::figure(Figure::of($value)),
            GuideKind::Part => self::part(FigurePart::tryFrom($value) ?? throw InvalidStep::guide($value)),
        };
    }

    /** The value as text, which of() reads. */
    public function text(): string
    {
        return match (true) {
            is_int($this->value) => (string) $this->value,
            $this->value instanceof Figure => $this->value->text(),
            default => $this->value->value,
        };
    }

    /** As it is typed in a step's line. */
    public function label(): string
    {
        return match (true) {
            $this->value instanceof Landmark => "aim {$this->value->label()}",
            $this->value instanceof Portion, $this->value instanceof Figure => $this->value->label(),
            $this->value instanceof FigurePart => "{$this->value->label()} part",
            $this->kind === GuideKind::Clock => "at {$this->value} o'clock",
            default => "at {$this->value} degrees",
        };
    }
}
