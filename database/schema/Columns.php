<?php

declare(strict_types=1);

namespace Database\Schema;

use Illuminate\Database\Schema\Blueprint;
use Illuminate\Database\Schema\ColumnDefinition;
use Illuminate\Database\Schema\ForeignIdColumnDefinition;

/**
 * Columns that stand in many tables. Ids and hashes have one spelling: in upper case an id is another one, for every foreign key and
 * every question.
 */
final readonly class Columns
{
    private function __construct() {}

    /** A ULID. */
    public static function id(Blueprint $table, string $name = 'id'): ColumnDefinition
    {
        return $table->ulid($name)->charset('ascii')->collation('ascii_bin');
    }

    /** The id of a row of another table; which one is said with constrained(). */
    public static function of(Blueprint $table, string $name): ForeignIdColumnDefinition
    {
        return $table->foreignUlid($name)->charset('ascii')->collation('ascii_bin');
    }

    /** SHA-256, in hexadecimal. */
    public static function hash(Blueprint $table, string $name): ColumnDefinition
    {
        return $table->char($name, 64)->charset('ascii')->collation('ascii_bin');
    }
}
