<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// A step is read and written whole, in the one written form that design files have too; only its place in the design is
// asked for on its own.
return new class extends Migration
{
    private const COLUMNS = ['name', 'medium', 'tool', 'colours', 'zones', 'side', 'coats', 'time_ms', 'dry_ms', 'optional', 'note'];

    public function up(): void
    {
        Schema::table('steps', fn (Blueprint $table) => $table->json('content')->nullable());
        foreach (DB::table('steps')->lazyById(500, 'seq') as $step) {
            DB::table('steps')->where('seq', $step->seq)->update(['content' => json_encode([
                'name' => $step->name,
                'medium' => $step->medium,
                'tool' => $step->tool,
                'colours' => json_decode($step->colours, true),
                'zones' => json_decode($step->zones, true),
                'side' => $step->side,
                'coats' => $step->coats,
                'seconds' => $step->time_ms / 1000,
                'drySeconds' => $step->dry_ms / 1000,
                'optional' => (bool) $step->optional,
                'note' => $step->note,
            ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)]);
        }
        Schema::table('steps', function (Blueprint $table): void {
            $table->json('content')->nullable(false)->change();
            $table->dropColumn(self::COLUMNS);
        });
        Schema::table('designs', function (Blueprint $table): void {
            $table->json('tags')->default('[]');
            $table->unsignedInteger('still_ms')->nullable();
            $table->boolean('gentle')->default(false);
            $table->timestamp('archived_at')->nullable();
        });
    }

    public function down(): void
    {
        throw new RuntimeException('What steps have learnt since does not fit the old columns. Restore the database from before instead.');
    }
};
