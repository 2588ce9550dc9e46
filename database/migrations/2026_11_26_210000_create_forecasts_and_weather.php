<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('event_plans', function (Blueprint $table): void {
            $table->unsignedTinyInteger('youngest')->nullable();
            $table->unsignedTinyInteger('oldest')->nullable();
            $table->float('celsius')->nullable();
            $table->float('humidity')->nullable();
            $table->float('wind')->nullable();
        });

        // What was foreseen when a line was opened: what came of it is held against that.
        Schema::create('kept_forecasts', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->float('faces');
            $table->unsignedSmallInteger('faces_low');
            $table->unsignedSmallInteger('faces_high');
            $table->unsignedInteger('wait_half_ms');
            $table->unsignedInteger('wait_nine_ms');
            $table->unsignedInteger('mean_face_ms');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('kept_forecasts');
        Schema::table('event_plans', function (Blueprint $table): void {
            $table->dropColumn(['youngest', 'oldest', 'celsius', 'humidity', 'wind']);
        });
    }
};
