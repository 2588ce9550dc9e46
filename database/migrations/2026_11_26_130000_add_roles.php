<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->string('role', 10)->default('artist'));
        // Whoever founded a team owns it.
        DB::table('users')->whereIn(
            'id',
            DB::table('users')->groupBy('team_id')->selectRaw('min(id)')->pluck('min(id)')->all(),
        )->update(['role' => 'owner']);
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('role'));
    }
};
