<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Query\Expression;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

// The newest runs of a step or of a version by a painter are read by an index, however long the logbook is.
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('face_steps', function (Blueprint $table): void {
            $table->char('design_id', 26)->charset('ascii')->collation('ascii_bin')->default('');
            $table->char('painter_id', 26)->charset('ascii')->collation('ascii_bin')->default('');
            $table->unsignedBigInteger('ended_ms')->default(0);
            $table->boolean('tells')->default(false);
        });
        DB::table('face_steps')->join('faces', 'faces.ticket_id', '=', 'face_steps.face_id')->update([
            'face_steps.design_id' => new Expression('faces.design_id'),
            'face_steps.painter_id' => new Expression("coalesce(faces.painter_id, '')"),
            'face_steps.ended_ms' => new Expression('faces.ended_ms'),
            'face_steps.tells' => new Expression("faces.outcome = 'finished' and face_steps.status = 'done'"),
        ]);
        Schema::table(
            'face_steps',
            fn (Blueprint $table) => $table->index(
                ['design_id', 'tells', 'way', 'painter_id', 'ended_ms', 'interrupted'],
                'face_steps_newest',
            ),
        );
        Schema::table(
            'faces',
            fn (Blueprint $table) => $table->index(
                ['design_id', 'outcome', 'version', 'painter_id', 'ended_ms', 'interrupted'],
                'faces_newest',
            ),
        );
    }

    public function down(): void
    {
        Schema::table('faces', fn (Blueprint $table) => $table->dropIndex('faces_newest'));
        Schema::table('face_steps', function (Blueprint $table): void {
            $table->dropIndex('face_steps_newest');
            $table->dropColumn(['design_id', 'painter_id', 'ended_ms', 'tells']);
        });
    }
};
