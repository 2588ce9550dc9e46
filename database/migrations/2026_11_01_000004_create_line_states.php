<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Where the fold of a day's events stood, so that it need not begin at the first one. Derived: can be thrown away. */
    public function up(): void
    {
        Schema::create('line_states', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
            $table->char('shape', 32)->charset('ascii')->collation('ascii_bin');
            $table->binary('state');
        });
    }

    public function down(): void
    {
        Schema::drop('line_states');
    }
};
