// Written by `php artisan inch:types` from app/Http/Resources. Do not edit.

export interface ChairState {
  chair: number;
  child: SeatedChild | null;
  undoable: string[];
}

export interface ColourSwatch {
  name: string;
  hex: string;
}

export interface DayLog {
  day: DaySummary;
  faces: LoggedFace[];
  designs: DesignMinutes[];
}

export interface DaySummary {
  id: string;
  name: string;
  place: string;
  timezone: string;
  opensAt: number;
  closesAt: number;
  chairs: number;
  turnaroundMs: number;
}

export interface DemoSignIn {
  email: string;
  password: string;
}

export interface DesignMinutes {
  designId: string;
  name: string;
  faces: number;
  plannedMs: number;
  meanMs: number;
  fastestMs: number;
  slowestMs: number;
  steps: StepMinutes[];
}

export interface DesignSheet {
  id: string;
  name: string;
  placement: Placement;
  promise: string | null;
  promiseMs: number | null;
  revision: number;
  steps: StepLine[];
  spans: TapeSpan[];
  totalMs: number;
  paintingMs: number;
  changeoverMs: number;
  dryingMs: number;
}

export interface DesignTape {
  id: string;
  name: string;
  placement: Placement;
  promiseMs: number | null;
  totalMs: number;
  spans: TapeSpan[];
  steps: TapeStep[];
}

export interface EndedChild {
  id: string;
  number: number;
  firstName: string | null;
  design: string;
  outcome: TicketStatus;
  chair: number | null;
  seatedAt: number | null;
  endedAt: number;
  lastEventId: string;
}

export interface ImportedDesigns {
  designs: DesignTape[];
}

export interface LineBoard {
  day: DaySummary;
  now: number;
  isOpen: boolean;
  nextNumber: number;
  menu: MenuOffer[];
  waiting: WaitingChild[];
  chairs: ChairState[];
  ended: EndedChild[];
  finishedCount: number;
  nextNameCalledAt: number;
  clearAt: number;
  moreFaces: number;
  heard: string[];
}

export interface LogDay {
  day: DaySummary;
  faces: number;
  paintedMs: number;
}

export interface LoggedFace {
  id: string;
  number: number;
  design: string;
  chair: number;
  outcome: TicketStatus;
  seatedAt: number;
  endedAt: number;
  plannedMs: number;
  paintedMs: number;
  steps: LoggedStep[];
}

export interface LoggedStep {
  name: string;
  medium: Medium;
  status: StepStatus;
  plannedMs: number;
  spentMs: number;
}

export interface MenuOffer {
  designId: string;
  name: string;
  placement: Placement;
  promiseMs: number;
  priceCents: number | null;
  planId: string | null;
  plannedMs: number;
}

export interface Plan {
  id: string;
  name: string;
  placement: Placement;
  totalMs: number;
  steps: PlanStep[];
  spans: TapeSpan[];
}

export interface PlanStep {
  id: string;
  name: string;
  medium: Medium;
  tool: string;
  colours: ColourSwatch[];
  zones: Zone[];
  side: Side;
  coats: number;
  optional: boolean;
  note: string;
  plannedMs: number;
}

export interface ReadLine {
  text: string;
  parts: ReadPart[];
  questions: string[];
  step: StepLine | null;
}

export interface ReadPart {
  kind: PartKind;
  start: number;
  length: number;
}

export interface SeatedChild {
  id: string;
  number: number;
  firstName: string | null;
  designId: string;
  design: string;
  planId: string;
  promiseMs: number | null;
  seatedAt: number;
  tappedAt: number;
  pausedInStepMs: number;
  pausedAt: number | null;
  paintedAt: number | null;
  steps: StepProgress[];
}

export interface SessionState {
  userName: string | null;
  teamId: string | null;
  teamName: string | null;
  demo: DemoSignIn | null;
}

export interface StepLine {
  id: string;
  name: string;
  medium: Medium;
  tool: string;
  colours: ColourSwatch[];
  zones: Zone[];
  side: Side;
  coats: number;
  time: string;
  timeMs: number;
  dryFor: string;
  dryForMs: number;
  optional: boolean;
  note: string;
  line: string;
}

export interface StepMinutes {
  name: string;
  medium: Medium;
  times: number;
  skipped: number;
  plannedMs: number;
  meanMs: number;
}

export interface StepProgress {
  stepId: string;
  status: StepStatus;
  plannedMs: number;
  spentMs: number;
}

export interface TapOutcome {
  id: string;
  fate: TapFate;
  message: string;
}

export interface TapeSpan {
  kind: SpanKind;
  stepId: string;
  startMs: number;
  lengthMs: number;
}

export interface TapeStep {
  id: string;
  name: string;
  medium: Medium;
}

export interface TapsAnswer {
  outcomes: TapOutcome[];
  line: LineBoard;
}

export interface WaitingChild {
  id: string;
  number: number;
  firstName: string | null;
  designId: string;
  design: string;
  planId: string | null;
  plannedMs: number;
  called: boolean;
  joinedAt: number;
  callAt: number;
  callChair: number;
  finishedAt: number;
  beforeClosing: boolean;
}

export const MediumValues = ['sponge', 'brush', 'stencil', 'powder', 'glitter', 'gem'] as const;
export type Medium = (typeof MediumValues)[number];

export const PartKindValues = ['name', 'medium', 'tool', 'colour', 'zone', 'side', 'coats', 'time', 'drying', 'optional', 'note', 'unread'] as const;
export type PartKind = (typeof PartKindValues)[number];

export const PlacementValues = ['full_face', 'mask', 'cheek', 'brow', 'nose', 'arm', 'hand'] as const;
export type Placement = (typeof PlacementValues)[number];

export const SideValues = ['left', 'right', 'both', 'centre'] as const;
export type Side = (typeof SideValues)[number];

export const SpanKindValues = ['painting', 'changeover', 'drying'] as const;
export type SpanKind = (typeof SpanKindValues)[number];

export const StepStatusValues = ['pending', 'done', 'skipped'] as const;
export type StepStatus = (typeof StepStatusValues)[number];

export const TapFateValues = ['kept', 'repeated', 'set_aside', 'refused'] as const;
export type TapFate = (typeof TapFateValues)[number];

export const TicketStatusValues = ['waiting', 'called', 'seated', 'finished', 'left', 'no_show', 'removed'] as const;
export type TicketStatus = (typeof TicketStatusValues)[number];

export const ZoneValues = ['forehead', 'brow', 'temple', 'eyelid', 'under_eye', 'nose', 'cheek', 'muzzle', 'lips', 'chin', 'jaw', 'ear', 'neck', 'arm', 'hand'] as const;
export type Zone = (typeof ZoneValues)[number];
