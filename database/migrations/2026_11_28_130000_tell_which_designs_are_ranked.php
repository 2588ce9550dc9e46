<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Shorter versions of a design are looked for after its save was answered: until then it is not ranked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('designs', static function (Blueprint $table): void {
            $table->boolean('is_ranked')->default(false)->after('plan_id');
        });
        // Until now a save waited for them: whatever stands on a menu is ranked.
        foreach (['design_rungs', 'menu_items', 'menu_offers'] as $place) {
            DB::table('designs')->whereIn('id', DB::table($place)->select('design_id'))->update(['is_ranked' => true]);
        }
    }

    public function down(): void
    {
        Schema::dropColumns('designs', ['is_ranked']);
    }
};
