<?php

declare(strict_types=1);

use Database\Schema\Columns;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A painter’s own photo of a design. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('design_photos', static function (Blueprint $table): void {
            $table->comment('A painter’s own photo of a design, and where it takes the place of the drawing');
            Columns::of($table, 'design_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('photo_of', 10);
            $table->json('shown_on')->default('[]');
            $table->timestamps();
            $table->char('version', 16);
            $table->binary('jpeg');
        });
        // A plain blob holds 64 kB.
        DB::statement('alter table design_photos modify jpeg mediumblob not null');
    }
};
