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
        Schema::table('faces', function (Blueprint $table): void {
            $table->foreignUlid('painter_id')->nullable()->constrained('users')->nullOnDelete();
            // Which steps were painted, and how: the same for the same version of a design.
            $table->char('version', 16)->default('');
            $table->boolean('interrupted')->default(false);
        });
        Schema::table('face_steps', fn (Blueprint $table) => $table->boolean('interrupted')->default(false));

        // What the logbook and the practice board say of a design's steps and versions: derived from them whenever a line
        // closes or somebody has practised. Without a painter it is the team's.
        Schema::drop('step_logs');
        Schema::create('paces', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('kind', 10);
            $table->char('way', 16);
            $table->unsignedInteger('planned_ms');
            $table->json('fit');
            $table->index(['design_id', 'user_id']);
        });

        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('user_id')->constrained()->cascadeOnDelete();
            $table->string('drill', 20)->nullable();
            $table->string('side', 10);
            $table->foreignUlid('design_id')->nullable()->constrained()->cascadeOnDelete();
            $table->char('way', 16)->default('');
            $table->unsignedInteger('spent_ms');
            $table->unsignedBigInteger('at_ms');
            $table->boolean('interrupted')->default(false);
            $table->index(['user_id', 'at_ms']);
            $table->index(['design_id', 'user_id']);
        });

        Schema::table('designs', fn (Blueprint $table) => $table->json('rungs')->nullable());
        Schema::create('design_rungs', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->string('name', 10);
            $table->char('plan_id', 64)->charset('ascii')->collation('ascii_bin');
            $table->foreign('plan_id')->references('id')->on('face_plans')->cascadeOnDelete();
            $table->unsignedInteger('total_ms');
            $table->float('share');
            $table->json('changes');
            $table->unique(['design_id', 'name']);
        });
        Schema::table('menu_items', fn (Blueprint $table) => $table->string('rung', 10)->nullable());
        $this->namePainters();
    }

    /** What was logged before was painted by whoever finished each face. Paces are learned from it when the next line closes. */
    private function namePainters(): void
    {
        foreach (DB::table('chair_events')->where('kind', 'finished')->whereNotNull('user_id')->distinct()->pluck('user_id') as $user) {
            $finished = DB::table('chair_events')->where('kind', 'finished')->where('user_id', $user)->select('ticket_id');
            DB::table('faces')->whereIn('ticket_id', $finished)->update(['painter_id' => $user]);
        }
    }

    public function down(): void
    {
        Schema::table('menu_items', fn (Blueprint $table) => $table->dropColumn('rung'));
        Schema::drop('design_rungs');
        Schema::table('designs', fn (Blueprint $table) => $table->dropColumn('rungs'));
        Schema::drop('practice_runs');
        Schema::drop('paces');
        Schema::create('step_logs', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->char('way', 16);
            $table->unsignedInteger('faces');
            $table->unsignedInteger('middle_ms');
            $table->unique(['design_id', 'way']);
        });
        Schema::table('face_steps', fn (Blueprint $table) => $table->dropColumn('interrupted'));
        Schema::table('faces', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('painter_id');
            $table->dropColumn(['version', 'interrupted']);
        });
    }
};
