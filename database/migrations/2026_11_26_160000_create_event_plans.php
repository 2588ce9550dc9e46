<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('teams', static function (Blueprint $table): void {
            $table->char('currency', 3)->default('EUR');
        });

        Schema::create('event_plans', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->unsignedSmallInteger('children');
            $table->string('arrivals', 12);
            $table->json('profile');
            $table->json('groups');
            $table->unsignedInteger('booking_cents')->nullable();
            $table->unsignedSmallInteger('set_up_minutes');
            $table->unsignedSmallInteger('pack_up_minutes');
            $table->json('turnaround');
            $table->unsignedSmallInteger('patience_minutes')->nullable();
            $table->unsignedSmallInteger('longest')->nullable();
            $table->unsignedSmallInteger('quick_above')->nullable();
            $table->boolean('is_line_each');
            $table->unsignedBigInteger('stop_names_ms')->nullable();
            $table->unsignedTinyInteger('wanted_percent');
            $table->json('levers');
        });
    }

    public function down(): void
    {
        Schema::drop('event_plans');
        Schema::table('teams', static function (Blueprint $table): void {
            $table->dropColumn('currency');
        });
    }
};
