<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('designs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('team_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('placement', 20);
            $table->unsignedInteger('promise_ms')->nullable();
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['team_id', 'name']);
        });

        Schema::create('steps', function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->ulid('id');
            $table->unique(['design_id', 'id']);
            $table->unsignedSmallInteger('position');
            $table->string('name', 80);
            $table->string('medium', 20);
            $table->string('tool', 80);
            $table->json('colours');
            $table->json('zones');
            $table->string('side', 10);
            $table->unsignedTinyInteger('coats');
            $table->unsignedInteger('time_ms');
            $table->unsignedInteger('dry_ms');
            $table->boolean('optional');
            $table->string('note', 500);
            $table->unique(['design_id', 'position']);
        });

        // A plan is a design's steps and times as they stood at one save, named by the hash of its content and never
        // changed: a face in the chair keeps the one it was seated with.
        Schema::create('face_plans', function (Blueprint $table): void {
            $table->char('id', 64)->charset('ascii')->collation('ascii_bin')->primary();
            $table->foreignUlid('design_id')->constrained()->cascadeOnDelete();
            $table->json('content');
            $table->unsignedInteger('total_ms');
            $table->timestamp('created_at');
        });

        Schema::table('designs', function (Blueprint $table): void {
            $table->char('plan_id', 64)->charset('ascii')->collation('ascii_bin')->nullable()->after('revision');
            $table->foreign('plan_id')->references('id')->on('face_plans')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('designs', fn (Blueprint $table) => $table->dropForeign(['plan_id']));
        Schema::drop('face_plans');
        Schema::drop('steps');
        Schema::drop('designs');
    }
};
