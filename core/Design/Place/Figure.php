<?php

declare(strict_types=1);

namespace Core\Design\Place;

use Core\Design\InvalidStep;

/** A shape painted before, and where another mark stands to it. */
final readonly class Figure
{
    public function __construct(public FigurePlace $place, public Shape $shape) {}

    /** @throws InvalidStep unless the text is a place and a shape, as text() gives them */
    public static function of(string $text): self
    {
        [$place, $shape] = explode(' ', $text, 2) + ['', ''];
        $named = Shape::tryFrom($shape);
        if ($named === null || $named->isTexture()) {
            throw InvalidStep::guide($text);
        }

        return new self(FigurePlace::tryFrom($place) ?? throw InvalidStep::guide($text), $named);
    }

    public function text(): string
    {
        return "{$this->place->value} {$this->shape->value}";
    }

    /** As it is typed in a step's line. */
    public function label(): string
    {
        return "{$this->place->label()} {$this->shape->label()} shape";
    }
}
