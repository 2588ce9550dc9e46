import type { LineBoard } from '../api/types.gen';
import { type Piece, toneOf } from '../tape/tape';
import type { Line } from './line.svelte';
import { leftToPaint } from './face';

/** A chair's day as pieces of tape: the faces painted there, the one being painted, and those expected to come. */
export function lanePieces(line: Line, board: LineBoard, number: number, now: number): Piece[] {
  const past = board.ended
    .filter((child) => child.chair === number && child.seatedAt !== null)
    .map((child): Piece => ({
      id: child.id,
      kind: 'face',
      start: child.seatedAt ?? 0,
      length: child.endedAt - (child.seatedAt ?? 0),
      label: String(child.number),
      tone: '#d9cfbb',
      state: 'done',
    }));

  return [...past, ...seatedPieces(line, board, number, now), ...waitingPieces(line, board, number)];
}

function seatedPieces(line: Line, board: LineBoard, number: number, now: number): Piece[] {
  const child = board.chairs.find((chair) => chair.chair === number)?.child ?? null;
  if (child === null) {
    return [];
  }
  const painted = child.paintedAt ?? now + leftToPaint(child, now);

  return [
    face(child, child.seatedAt, painted - child.seatedAt, toneOf(line.plan(child.planId))),
    { id: `${child.id} turnaround`, kind: 'turnaround', start: painted, length: board.day.turnaroundMs },
  ];
}

function waitingPieces(line: Line, board: LineBoard, number: number): Piece[] {
  return board.waiting
    .filter((child) => child.callChair === number && child.number > 0)
    .flatMap((child): Piece[] => [
      face(child, child.callAt, child.plannedMs, toneOf(line.plan(child.planId))),
      {
        id: `${child.id} turnaround`,
        kind: 'turnaround',
        start: child.callAt + child.plannedMs,
        length: board.day.turnaroundMs,
      },
    ]);
}

function face(
  child: { id: string; number: number; firstName: string | null },
  start: number,
  length: number,
  tone: string,
): Piece {
  return {
    id: child.id,
    kind: 'face',
    start,
    length,
    label: `${child.number} ${child.firstName ?? ''}`.trim(),
    tone,
  };
}
