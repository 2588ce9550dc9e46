<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const RATES = ['hour_cents', 'least_cents', 'kilometre_cents', 'materials_cents'];

    public function up(): void
    {
        Schema::table('teams', function (Blueprint $table): void {
            foreach (self::RATES as $rate) {
                $table->unsignedInteger($rate)->nullable();
            }
            $table->boolean('is_travel_paid')->default(true);
            $table->boolean('is_set_up_paid')->default(true);
        });

        Schema::create('event_money', function (Blueprint $table): void {
            $table->foreignUlid('event_day_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('kilometres');
            $table->unsignedSmallInteger('travel_minutes');
            $table->unsignedInteger('pitch_cents');
            $table->unsignedInteger('offered_hour_cents')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('event_money');
        Schema::table('teams', function (Blueprint $table): void {
            $table->dropColumn([...self::RATES, 'is_travel_paid', 'is_set_up_paid']);
        });
    }
};
