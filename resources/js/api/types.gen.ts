// Written by `php artisan inch:types` from what the application answers with. Do not edit.

export interface ActShown {
  id: string;
  who: string;
  what: string;
  at: number;
}

export interface AirShown {
  celsius: number;
  humidity: number;
  wind: number;
}

export interface AirThen {
  at: number;
  celsius: number;
  humidity: number;
  wind: number;
  dries: number;
  baseDryMs: number;
  isQuick: boolean;
  isSlow: boolean;
}

export interface ArtistLacks {
  name: string;
  things: string[];
  savedMs: number;
}

export interface ArtistsDay {
  name: string;
  hasPace: boolean;
  stints: Stint[];
  lastFaceEarlyAt: number;
  lastFaceAt: number;
  lastFaceLateAt: number;
}

export interface AskedDesign {
  id: string;
  name: string;
  planId: string | null;
  plannedMs: number;
  own: OwnPlan[];
  versions: string;
}

export interface AssumedPart {
  of: PartKind;
  value: string;
  because: string;
  choices: LineChoice[];
}

export interface BagsTogether {
  artists: number;
  shared: ToolShared[];
  lacking: ArtistLacks[];
  alike: string[];
}

export interface BoardLinkShown {
  address: string | null;
  showsNames: boolean;
}

export interface BookingFound {
  key: string;
  name: string;
  place: string;
  timezone: string;
  opensAt: number;
  closesAt: number;
  chairs: number;
  turnaroundMs: number;
  state: BookingState;
  assumed: string[];
  trouble: string | null;
}

export interface BrushToKeep {
  colour: string;
  hex: string;
  savedMs: number;
}

export interface BrushWorth {
  colour: string;
  hex: string;
  designs: number;
  mostMs: number;
  mostDesign: string;
  day: string;
  daySavedMs: number;
}

export interface CalendarLink {
  address: string | null;
}

export interface CalendarShown {
  found: BookingFound[];
  left: string[];
  clashes: ClashShown[];
}

export interface CautionShown {
  caution: Caution;
  refused: boolean;
  without: string[];
  words: string;
}

export interface ChairState {
  chair: number;
  painterId: string | null;
  awayUntil: number | null;
  child: SeatedChild | null;
  undoable: string[];
  next: NextInLine | null;
}

export interface CheckShown {
  kind: CheckKind;
  isFine: boolean;
  says: string;
}

export interface ChecklistSheet {
  day: DaySummary;
  checks: CheckShown[];
  air: AirThen[];
}

export interface ChildLost {
  child: number;
  arrived: number;
  how: string;
}

export interface ClashShown {
  kind: ClashKind;
  firstId: string;
  firstName: string;
  secondId: string;
  secondName: string;
  painters: string[];
  betweenMs: number;
  wayMs: number;
}

export interface ColourSeen {
  stepId: string;
  meant: string;
  coats: string[];
  seen: string;
  word: string;
  hasTurned: boolean;
}

export interface ColourSwatch {
  name: string;
  hex: string;
}

export interface CraftShown {
  findings: FindingShown[];
  films: FilmOnSkin[];
  colours: ColourSeen[];
}

export interface CurvePoint {
  nth: number;
  middleMs: number;
  eightOfTenMs: number;
}

export interface DayLog {
  day: DaySummary;
  faces: LoggedFace[];
  designs: DesignMinutes[];
  isBroughtIn: boolean;
}

export interface DayReportShown {
  faces: number;
  lost: number;
  cents: number;
  promised: number;
  kept: number;
  looked: number;
  calledInTime: number;
  waitMs: number;
  minutes: MinutesWent[];
  designs: ReportRow[];
  painters: ReportRow[];
  changes: ReportChange[];
  practise: ReportPractice[];
  stock: ReportStock[];
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

export interface DesignPriced {
  designId: string;
  name: string;
  chairMs: number;
  priceCents: number;
  wantedCents: number | null;
  anHourCents: number;
}

export interface DesignSheet {
  id: string;
  name: string;
  placement: Placement;
  promise: string | null;
  promiseMs: number | null;
  tags: string[];
  stillFor: string;
  gentle: boolean;
  revision: number;
  steps: StepLine[];
  spans: TapeSpan[];
  totalMs: number;
  paintingMs: number;
  changeoverMs: number;
  dryingMs: number;
  layOut: TableThing[];
  missing: MissingThing[];
  brushesToKeep: BrushToKeep[];
  handsTimed: boolean;
  fromAge: number | null;
  pins: PinShown[];
  silences: SilencedRule[];
  craft: CraftShown;
  rungs: RungWish[];
  stops: StopShown[];
  pace: PaceShown | null;
  runsOver: RunsOver | null;
  photo: PhotoShown | null;
}

export interface DesignTaken {
  designId: string;
  name: string;
  rung: RungName | null;
  middleMs: number;
}

export interface DesignTape {
  id: string;
  name: string;
  placement: Placement;
  promiseMs: number | null;
  tags: string[];
  stillMs: number | null;
  gentle: boolean;
  archived: boolean;
  totalMs: number;
  spans: TapeSpan[];
  steps: PlanStep[];
  lastPaintedAt: number | null;
  photo: PhotoShown | null;
}

export interface DeviceShown {
  id: string;
  device: string;
  since: number;
  seenAt: number;
  isThis: boolean;
}

export interface DropShown {
  words: string;
  savedMs: number;
  lostPercent: number;
  percentPerSecond: number;
  leftOut: string[];
  otherWays: OtherWayTaken[];
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
  isPaid: boolean;
  freshWater: boolean;
}

export interface EventPlanSheet {
  day: DaySummary;
  terms: TermsShown;
  isAssumed: boolean;
  roster: RosterShown;
  menu: OfferPlanned[];
  loggedTurnaroundMs: number | null;
  loggedTurnarounds: number;
  met: ForecastMetShown[];
  last: LastLinesShown | null;
}

export interface EvidenceShown {
  label: string;
  value: string;
  source: string;
  number: TradeNumber | null;
}

export interface ExtraPacked {
  name: string;
  howMany: number;
}

export interface FaceOrHourShown {
  byFaceCents: number;
  lowCents: number;
  highCents: number;
  byHourCents: number;
  faceWins: number;
  evenHourCents: number;
}

export interface FacePlayed {
  child: number;
  arrived: number;
  artist: number;
  design: string;
  isQuick: boolean;
  seated: number;
  painted: number;
  free: number;
}

export interface FilmOnSkin {
  stepId: string;
  laidMs: number;
  tackyMs: number;
  dryMs: number;
}

export interface FilmUnder {
  stepId: string;
  leastMs: number;
  mostMs: number | null;
}

export interface FindingShown {
  rule: string;
  title: string;
  severity: Severity;
  school: string;
  steps: string[];
  says: string;
  fix: FixShown | null;
  costMs: number;
  evidence: EvidenceShown[];
}

export interface FittedDesign {
  size: FaceSize;
  changes: string[];
  steps: StepLine[];
  spans: TapeSpan[];
  totalMs: number;
}

export interface FixShown {
  label: string;
  order: string[];
  changed: StepLine[];
  promise: string | null;
  fromAge: number | null;
}

export interface ForecastMetShown {
  name: string;
  opensAt: number;
  timezone: string;
  foreseen: number;
  low: number;
  high: number;
  painted: number;
  isWithin: boolean;
  waitForeseenMs: number;
  waitedMs: number;
}

export interface ForecastShown {
  lever: LeverKind | null;
  runs: number;
  isDone: boolean;
  isKept: boolean;
  chanceOfAll: number;
  opensAt: number;
  latestNameAt: number | null;
  namesStopAt: number | null;
  tooLate: number;
  faces: number;
  facesLow: number;
  facesHigh: number;
  facesAnHour: number;
  waitHalfMs: number;
  waitEightMs: number;
  waitNineMs: number;
  left: number;
  balked: number;
  takings: number;
  takingsLow: number;
  takingsHigh: number;
  idleMs: number;
  overtimeMs: number;
  lastFaceAt: number;
  lastFaceLateAt: number;
  look: number;
  quickShare: number;
  grossMs: number;
  netMs: number;
  meanFaceMs: number;
  line: LineLength[];
  artists: ArtistsDay[];
  byDesign: number[];
}

export interface HandTime {
  action: BenchAction;
  timeMs: number;
  startingMs: number;
  repetitions: number;
}

export interface ImportedDesigns {
  designs: DesignTape[];
}

export interface InvitationMade {
  address: string;
  sentTo: string;
}

export interface InvitationShown {
  teamName: string;
  role: Role;
  name: string | null;
}

export interface KitSheet {
  things: KitThing[];
  hands: HandTime[];
  painters: PainterName[];
}

export interface KitThing {
  id: string;
  kind: ItemKind;
  name: string;
  howMany: number;
  colours: ColourSwatch[];
  paintKind: PaintKind | null;
  finish: Finish | null;
  gramsLeft: number | null;
  lengthMm: number | null;
  widthMm: number | null;
  reservedFor: string;
  skinSafe: boolean;
  latex: boolean;
  gel: boolean;
  selfStick: boolean;
  ownerId: string | null;
  homeId: string | null;
  flags: Flag[];
}

export interface LadderSheet {
  rungs: RungShown[];
  isProven: boolean;
  choices: number;
  trouble: string | null;
}

export interface LastLinesShown {
  days: number;
  children: number;
  anHour: number;
  profile: number[];
  groups: number[];
  notTherePercent: number;
  patienceMinutes: number | null;
  drawsPercent: number;
}

export interface LearningShown {
  done: number;
  total: number;
}

export interface LineBoard {
  day: DaySummary;
  roster: RosterShown;
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
  soldOut: string[];
  learning: LearningShown | null;
  designs: AskedDesign[];
  notThere: number;
  story: LineStory;
  version: string;
  channel: string | null;
}

export interface LineChoice {
  label: string;
  text: string;
}

export interface LineLength {
  at: number;
  half: number;
  nine: number;
}

export interface LineNews {
  version: string;
  now: number;
  line: LineBoard | null;
  plans: ToldPlan[];
  taps: ToldTap[];
}

export interface LineQuestion {
  asks: string;
  choices: LineChoice[];
}

export interface LineStory {
  finished: number;
  highestNumber: number;
  until: number | null;
  plans: ToldPlan[];
  taps: ToldTap[];
}

export interface LiveLadder {
  rungs: LiveRung[];
}

export interface LiveRung {
  leftMs: number;
  share: number;
  changes: string[];
  plan: Plan;
}

export interface LogDay {
  day: DaySummary;
  faces: number;
  paintedMs: number;
  chairMs: number;
}

export interface LogYear {
  year: number;
  days: number;
  faces: number;
  paintedMs: number;
  chairMs: number;
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
  mendedFromMs: number | null;
}

export interface MenuListed {
  id: string;
  name: string;
  designs: number;
}

export interface MenuNote {
  rule: string;
  designs: string[];
  says: string;
  promiseMs: number | null;
}

export interface MenuOffer {
  designId: string;
  name: string;
  placement: Placement;
  promiseMs: number;
  priceCents: number | null;
  planId: string | null;
  plannedMs: number;
  rung: RungName | null;
}

export interface MenuRecommended {
  designs: DesignTaken[];
  meanFaceMs: number;
  bearableMs: number;
  chanceOfAll: number;
  worth: number;
  wishCosts: number | null;
}

export interface MenuSheet {
  id: string;
  name: string;
  offers: OfferSheet[];
  notes: MenuNote[];
  days: string[];
}

export interface MinutesWent {
  part: string;
  ms: number;
}

export interface MissingThing {
  stepId: string;
  missing: string;
  instead: string | null;
  extraMs: number;
  kind: ItemKind | null;
  colour: ColourSwatch | null;
}

export interface MoneySheet {
  day: DaySummary;
  terms: MoneyTermsShown;
  currency: string;
  kind: BookingKind;
  artists: number;
  hours: number;
  aroundMinutes: number;
  faces: number;
  facesFew: number;
  quote: QuoteLine[];
  quoteCents: number;
  bookingCents: number | null;
  faceCents: number | null;
  faceFewCents: number | null;
  meanPriceCents: number;
  designs: DesignPriced[];
  outlayCents: number;
  breakEvenFaces: number | null;
  breakEvenAt: number | null;
  breakEvenCents: number | null;
  faceOrHour: FaceOrHourShown | null;
}

export interface MoneyTermsShown {
  hourCents: number;
  leastCents: number;
  kilometreCents: number;
  materialsCents: number;
  isTravelPaid: boolean;
  isSetUpPaid: boolean;
  kilometres: number;
  travelMinutes: number;
  pitchCents: number;
  offeredHourCents: number | null;
}

export interface MovedStep {
  stepId: string;
  from: number;
  to: number;
  why: string;
}

export interface NextInLine {
  ticketId: string;
  savesMs: number;
}

export interface NumberShown {
  number: TradeNumber;
  label: string;
  value: number;
  start: number;
  isOwn: boolean;
  isSeconds: boolean;
  least: number;
  most: number;
}

export interface OfferPlanned {
  designId: string;
  name: string;
  rung: RungName | null;
  usualMs: number;
  quickMs: number | null;
  priceCents: number;
}

export interface OfferSheet {
  designId: string;
  name: string;
  rung: RungName | null;
  group: MenuGroup | null;
  plan: Plan;
  middleMs: number;
  eightOfTenMs: number;
  promiseMs: number;
  promises: boolean;
  honestMs: number;
  readyAfter: number | null;
  faces: number;
  sitsForMs: number | null;
  priceCents: number | null;
  shareIfPopular: number;
  takingsAnHour: number;
  lacks: string[];
  usesUp: string[];
  rungs: RungOffered[];
  isRanked: boolean;
  photo: PhotoShown | null;
}

export interface OpenInvitation {
  id: string;
  role: Role;
  name: string | null;
  endsAt: number;
}

export interface OtherWay {
  medium: Medium;
  technique: Technique;
  tool: string;
  time: string;
  count: number | null;
  side: Side | null;
  look: number | null;
  coats: number | null;
}

export interface OtherWayTaken {
  stepId: string;
  way: number;
}

export interface OwnAccount {
  email: string;
  hasSecondFactor: boolean;
  spareCodesLeft: number;
  devices: DeviceShown[];
}

export interface OwnPlan {
  painterId: string;
  planId: string;
  plannedMs: number;
}

export interface PaceShown {
  middleMs: number;
  eightOfTenMs: number;
  faces: number;
  practised: number;
  leftOut: number;
  slips: number;
}

export interface PackedThing {
  kind: string;
  name: string;
  amount: number;
  unit: Unit;
  have: number | null;
  isInKit: boolean;
  short: number;
  hex: string | null;
  bags: string[];
}

export interface PackingSheet {
  day: DaySummary;
  faces: number;
  things: PackedThing[];
  extras: ExtraPacked[];
  ticked: string[];
  thrift: number;
  bags: BagsTogether;
  stock: StockSheet | null;
}

export interface PainterName {
  id: string;
  name: string;
}

export interface PartyCall {
  name: string;
  age: number | null;
  isBirthday: boolean;
  at: number;
}

export interface PartyOrderSheet {
  calls: PartyCall[];
  eachMs: number;
  netMs: number;
  eachWithMoreMs: number;
}

export interface PhotoShown {
  address: string;
  of: PhotoOf;
  on: PhotoPlace[];
}

export interface PinShown {
  kind: PinKind;
  steps: string[];
}

export interface PlacingGuide {
  by: GuideKind;
  value: string;
  words: string;
}

export interface Plan {
  id: string;
  name: string;
  placement: Placement;
  totalMs: number;
  steps: PlanStep[];
  spans: TapeSpan[];
  designId: string;
  rungs: RungName[];
  changes: string[];
  stops: StopShown[];
  paintedBy: string[];
  cautions: CautionShown[];
  eightOfTenMs: number | null;
}

export interface PlanStep {
  id: string;
  name: string;
  medium: Medium;
  technique: Technique;
  tool: string;
  colours: ColourSwatch[];
  zones: Zone[];
  side: Side;
  coats: number;
  load: Load;
  count: number | null;
  smallCount: number | null;
  shape: Shape | null;
  sizePercent: number;
  turnDegrees: number;
  guides: PlacingGuide[];
  shut: Shut | null;
  optional: boolean;
  look: number;
  group: string;
  alternatives: OtherWay[];
  note: string;
  stopAfter: boolean | null;
  seen: string[];
  still: boolean;
  plannedMs: number;
  films: FilmUnder[];
}

export interface PlayedDay {
  run: number;
  opensAt: number;
  closesAt: number;
  namesStopAt: number | null;
  faces: FacePlayed[];
  lost: ChildLost[];
  artists: string[];
}

export interface PracticeItem {
  drill: Drill | null;
  designId: string | null;
  stepId: string | null;
  name: string;
  winMs: number;
  lastMs: number | null;
  pace: PaceShown | null;
  promiseMs: number | null;
  readyAfter: number | null;
}

export interface PracticeSheet {
  next: PracticeItem[];
  designs: PracticeItem[];
  drills: PracticeItem[];
  faces: number;
}

export interface ProposedOrder {
  isDone: boolean;
  isProven: boolean;
  gapPercent: number;
  looked: number;
  lawfulMs: number | null;
  totalMs: number | null;
  savedMs: number;
  fix: FixShown | null;
  spans: TapeSpan[];
  moves: MovedStep[];
  clash: string[];
  lawfulSpans: TapeSpan[];
}

export interface PublicChild {
  number: number;
  firstName: string | null;
  design: string;
  called: boolean;
  callFrom: number;
  callAbout: number;
  callUntil: number;
}

export interface PublicLine {
  place: string;
  timezone: string;
  now: number;
  closesAt: number;
  isOpen: boolean;
  takesNames: boolean;
  nextNameCalledAt: number;
  painting: PublicSeat[];
  waiting: PublicChild[];
  menu: PublicOffer[];
  newest: number;
  channel: string | null;
}

export interface PublicOffer {
  key: string;
  name: string;
  promiseMs: number;
  soldOut: boolean;
}

export interface PublicPicture {
  key: string;
  placement: Placement;
  steps: PublicStroke[];
  photo: string | null;
}

export interface PublicSeat {
  chair: number;
  number: number;
  firstName: string | null;
  design: string;
}

export interface PublicStroke {
  id: string;
  name: string;
  technique: Technique;
  colours: ColourSwatch[];
  zones: Zone[];
  side: Side;
  coats: number;
  load: Load;
  count: number | null;
  shape: Shape | null;
  sizePercent: number;
  turnDegrees: number;
  guides: PlacingGuide[];
  seen: string[];
}

export interface QuestionShown {
  question: Question;
  label: string;
  schools: SchoolShown[];
  chosen: School;
}

export interface QuoteLine {
  part: QuotePart;
  cents: number;
}

export interface ReadLine {
  number: number;
  text: string;
  kind: LineKind;
  parts: ReadPart[];
  question: LineQuestion | null;
  steps: ReadStep[];
}

export interface ReadList {
  title: string;
  placement: Placement;
  saysPlacement: boolean;
  lines: ReadLine[];
  steps: number;
  mostSteps: number;
  spans: TapeSpan[];
  totalMs: number;
  pins: PinShown[];
}

export interface ReadPart {
  kind: PartKind;
  start: number;
  length: number;
}

export interface ReadStep {
  step: StepLine;
  assumed: AssumedPart[];
}

export interface RepetitionShown {
  nth: number;
  ms: number;
  isPractice: boolean;
  isInterrupted: boolean;
}

export interface ReportChange {
  words: string;
  gainMs: number | null;
  cents: number | null;
}

export interface ReportPractice {
  painter: string;
  design: string;
  step: string;
  times: number;
  takesMs: number;
  winMs: number;
}

export interface ReportRow {
  name: string;
  faces: number;
  meanMs: number;
  kept: number;
  cents: number;
  centsAnHour: number;
}

export interface ReportStock {
  name: string;
  unit: Unit;
  used: number;
  left: number | null;
  missing: number | null;
}

export interface RosterShown {
  painters: PainterName[];
  shifts: ShiftShown[];
  isAssumed: boolean;
}

export interface RungOffered {
  name: RungName | null;
  middleMs: number;
  share: number;
}

export interface RungSheet {
  rung: RungShown;
  steps: PlanStep[];
  spans: TapeSpan[];
  layOut: TableThing[];
  next: DropShown[];
}

export interface RungShown {
  timeMs: number;
  share: number;
  changes: string[];
  leftOut: string[];
  otherWays: OtherWayTaken[];
  names: RungName[];
  pace: PaceShown | null;
  isProven: boolean;
}

export interface RungWish {
  name: RungName;
  within: string | null;
  leftOut: string[];
  otherWays: OtherWayTaken[];
}

export interface RunsOver {
  stepId: string;
  name: string;
  overMs: number;
}

export interface SchoolShown {
  school: School;
  label: string;
}

export interface SchoolTime {
  school: School;
  totalMs: number | null;
}

export interface SearchAsked {
  search: string;
}

export interface SearchProgress {
  status: number | null;
  ahead: number;
  runsMs: number;
  mostMs: number;
  lines: string[];
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
  begunAt: number;
  tappedAt: number;
  pausedInStepMs: number;
  pausedAt: number | null;
  paintedAt: number | null;
  steps: StepProgress[];
  cautions: Caution[] | null;
  pausedFor: PauseReason | null;
  parts: AfterFace[];
  isPaid: boolean;
}

export interface SecondFactorProposed {
  secret: string;
  address: string;
}

export interface SessionState {
  userName: string | null;
  teamId: string | null;
  teamName: string | null;
  role: Role | null;
  currency: string;
  namesDays: number;
  teamEndsAt: number | null;
  isOpen: boolean;
  demo: DemoSignIn | null;
}

export interface ShiftShown {
  chair: number;
  painterId: string | null;
  from: number;
}

export interface SilencedRule {
  rule: string;
  title: string;
  reason: string;
}

export interface SpareCodes {
  codes: string[];
}

export interface StandIn {
  id: string;
  name: string;
}

export interface StartingPoint {
  name: string;
  placement: Placement;
  totalMs: number;
  steps: PlanStep[];
}

export interface StepLine {
  id: string;
  name: string;
  medium: Medium;
  technique: Technique;
  tool: string;
  colours: ColourSwatch[];
  zones: Zone[];
  side: Side;
  coats: number;
  load: Load;
  count: number | null;
  smallCount: number | null;
  shape: Shape | null;
  sizePercent: number;
  turnDegrees: number;
  guides: PlacingGuide[];
  shut: Shut | null;
  optional: boolean;
  look: number;
  group: string;
  alternatives: OtherWay[];
  note: string;
  stopAfter: boolean | null;
  seen: string[];
  time: string;
  timeMs: number;
  timeSource: TimeSource;
  timeFaces: number;
  timePractised: number;
  eightOfTenMs: number | null;
  plannedMs: number;
  dryFor: string;
  dryForMs: number;
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

export interface Stint {
  from: number;
  until: number;
}

export interface StockSheet {
  faces: number;
  things: UsedThing[];
  isTaken: boolean;
}

export interface StopShown {
  stepId: string;
  isSaid: boolean;
  still: string[];
}

export interface StrokeShown {
  stepId: string;
  name: string;
  drill: Drill | null;
  drillName: string | null;
  percent: number | null;
}

export interface TableThing {
  name: string;
  kind: ItemKind;
  hex: string | null;
  owned: boolean;
  steps: number[];
}

export interface TakenOut {
  removalId: string;
  kit: KitSheet;
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

export interface TapsAnswer {
  outcomes: TapOutcome[];
  news: LineNews;
}

export interface TeamMember {
  id: string;
  name: string;
  email: string | null;
  role: Role;
  isYou: boolean;
  hasCalendarLink: boolean;
}

export interface TeamSheet {
  answersForIt: boolean;
  namesDays: number;
  members: TeamMember[];
  invitations: OpenInvitation[];
  acts: ActShown[];
}

export interface TermsShown {
  opensAt: number;
  closesAt: number;
  chairs: number;
  kind: BookingKind;
  children: number;
  arrivals: ArrivalKind;
  profile: number[];
  groups: number[];
  bookingCents: number | null;
  setUpMinutes: number;
  packUpMinutes: number;
  turnaround: TurnaroundMs;
  patienceMinutes: number | null;
  longest: number | null;
  quickAbove: number | null;
  isLineEach: boolean;
  stopNamesAt: number | null;
  wantedPercent: number;
  levers: LeverKind[];
  youngest: number | null;
  oldest: number | null;
  weather: AirShown | null;
}

export interface TextShown {
  number: number;
  phoneEnds: string;
  words: string;
  isTaken: boolean;
  sentAt: number;
}

export interface TextsShown {
  wishes: number;
  texts: TextShown[];
}

export interface ThingUses {
  designs: UsingDesign[];
  instead: StandIn[];
}

export interface TimingShown {
  timing: Timing;
  label: string;
}

export interface ToldPlan {
  id: string;
  design: string;
  steps: ToldStep[];
}

export interface ToldStep {
  id: string;
  name: string;
  plannedMs: number;
}

export interface ToldTap {
  id: string;
  kind: EventKind;
  at: number;
  ticket?: string;
  number?: number;
  firstName?: string;
  design?: string;
  chair?: number;
  plan?: string;
  step?: string;
  before?: string;
  target?: string;
  painter?: string;
  until?: number;
  party?: string;
  note?: string;
  answers?: Caution[];
  without?: string[];
  reason?: PauseReason;
  part?: AfterFace;
  cents?: number;
  payment?: Payment;
  spent?: number;
  rank?: number;
  aside?: string;
}

export interface ToolShared {
  name: string;
  pieces: number;
  artists: string[];
  waitMs: number;
}

export interface TrainedSide {
  side: Side | null;
  repetitions: RepetitionShown[];
  curve: CurvePoint[];
  pace: PaceShown | null;
  plannedMs: number;
  aheadMs: number;
  readyAfter: number | null;
}

export interface TrainingSheet {
  title: string;
  placement: Placement;
  steps: PlanStep[];
  practised: string[];
  sides: TrainedSide[];
  lastMs: number | null;
  targetMs: number;
  strokes: StrokeShown[];
}

export interface TurnaroundMs {
  choose: number;
  safety: number;
  mirror: number;
  pay: number;
  clean: number;
}

export interface UsedThing {
  itemId: string;
  name: string;
  unit: Unit;
  used: number;
  before: number | null;
  left: number | null;
  isWeighed: boolean;
}

export interface UsingDesign {
  id: string;
  name: string;
  steps: string[];
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
  party: string | null;
  wishId: string | null;
  note: string | null;
  calls: number;
  overdue: boolean;
}

export interface WaysSheet {
  celsius: number;
  humidity: number;
  wind: number;
  dries: number;
  isTouched: boolean;
  waxDryMs: number;
  glycerineDryMs: number;
  questions: QuestionShown[];
  timing: Timing;
  timings: TimingShown[];
  numbers: NumberShown[];
  rests: string;
  workedTimes: number;
}

export const AfterFaceValues = ['mirror', 'photo', 'pay', 'sponges', 'hands', 'water'] as const;
export type AfterFace = (typeof AfterFaceValues)[number];

export const ArrivalKindValues = ['at_once', 'even', 'by_profile'] as const;
export type ArrivalKind = (typeof ArrivalKindValues)[number];

export const BenchActionValues = ['pick_up', 'load', 'rinse', 'turn', 'place_stencil', 'pouch', 'hand_wipe'] as const;
export type BenchAction = (typeof BenchActionValues)[number];

export const BookingKindValues = ['party', 'festival', 'volunteer'] as const;
export type BookingKind = (typeof BookingKindValues)[number];

export const BookingStateValues = ['fresh', 'changed', 'here', 'over', 'unfit'] as const;
export type BookingState = (typeof BookingStateValues)[number];

export const CautionValues = ['guardian', 'under_three', 'skin', 'latex', 'eyes', 'lips', 'photo'] as const;
export type Caution = (typeof CautionValues)[number];

export const CheckKindValues = ['chance', 'menu', 'roster', 'diary', 'money', 'stock', 'water', 'bags', 'packed', 'weather', 'ages', 'cautions'] as const;
export type CheckKind = (typeof CheckKindValues)[number];

export const ClashKindValues = ['overlap', 'short_way'] as const;
export type ClashKind = (typeof ClashKindValues)[number];

export const DrillValues = ['teardrop', 'swirl', 'petal', 'dots', 'line', 'stripe', 'pair', 'flame', 'mirrored_petals', 'cluster', 'double_swirl', 'filigree', 'split_cake', 'wing_press', 'sponge_wing'] as const;
export type Drill = (typeof DrillValues)[number];

export const EventKindValues = ['opened', 'closed', 'joined', 'changed', 'moved', 'called', 'seated', 'step_done', 'step_skipped', 'trimmed', 'paused', 'resumed', 'finished', 'left', 'no_show', 'removed', 'undone', 'chair_taken', 'handed_over', 'break_began', 'break_ended', 'asked', 'wiped_off', 'part_done', 'paid', 'mended', 'sold_out', 'on_menu_again', 'both_done', 'left_for_later'] as const;
export type EventKind = (typeof EventKindValues)[number];

export const FaceSizeValues = ['small', 'child', 'adult'] as const;
export type FaceSize = (typeof FaceSizeValues)[number];

export const FinishValues = ['regular', 'pearl', 'metallic', 'neon'] as const;
export type Finish = (typeof FinishValues)[number];

export const FlagValues = ['unsafe_for_skin', 'contains_latex', 'running_out', 'longer_than_sponges'] as const;
export type Flag = (typeof FlagValues)[number];

export const GuideKindValues = ['clock', 'portion', 'angle', 'aim', 'figure', 'part'] as const;
export type GuideKind = (typeof GuideKindValues)[number];

export const ItemKindValues = ['paint', 'sponge', 'brush', 'applicator', 'stencil', 'glitter', 'gem', 'glue', 'bud', 'wipe', 'water_pot', 'spritz', 'towel', 'mirror', 'practice_board'] as const;
export type ItemKind = (typeof ItemKindValues)[number];

export const LeverKindValues = ['artist_more', 'artist_in_the_rush', 'artist_early', 'artist_late', 'longest_off', 'quick_only', 'quick_in_the_rush', 'shorter_turnaround', 'names_and_money', 'other_line', 'start_earlier', 'names_to_the_end'] as const;
export type LeverKind = (typeof LeverKindValues)[number];

export const LineKindValues = ['steps', 'heading', 'header', 'placement', 'note'] as const;
export type LineKind = (typeof LineKindValues)[number];

export const LoadValues = ['damp', 'normal', 'liquid'] as const;
export type Load = (typeof LoadValues)[number];

export const MediumValues = ['sponge', 'brush', 'stencil', 'powder', 'glitter', 'gem', 'bare'] as const;
export type Medium = (typeof MediumValues)[number];

export const MenuGroupValues = ['quick', 'fancy', 'arm', 'big'] as const;
export type MenuGroup = (typeof MenuGroupValues)[number];

export const PaintKindValues = ['wax', 'glycerine', 'powder', 'split'] as const;
export type PaintKind = (typeof PaintKindValues)[number];

export const PartKindValues = ['name', 'medium', 'technique', 'thing', 'tool', 'colour', 'zone', 'side', 'guide', 'shape', 'size', 'turn', 'coats', 'load', 'count', 'small_count', 'time', 'drying', 'shut', 'optional', 'look', 'group', 'alternative', 'stop', 'note', 'quality', 'act', 'order', 'again', 'words', 'between'] as const;
export type PartKind = (typeof PartKindValues)[number];

export const PauseReasonValues = ['child', 'parent', 'paint', 'dry', 'other'] as const;
export type PauseReason = (typeof PauseReasonValues)[number];

export const PaymentValues = ['cash', 'card', 'free'] as const;
export type Payment = (typeof PaymentValues)[number];

export const PhotoOfValues = ['board', 'arm', 'face'] as const;
export type PhotoOf = (typeof PhotoOfValues)[number];

export const PhotoPlaceValues = ['team', 'cards', 'parents'] as const;
export type PhotoPlace = (typeof PhotoPlaceValues)[number];

export const PinKindValues = ['before', 'together', 'first', 'last', 'while_wet', 'needs'] as const;
export type PinKind = (typeof PinKindValues)[number];

export const PlacementValues = ['full_face', 'mask', 'cheek', 'brow', 'eye', 'nose', 'arm', 'hand'] as const;
export type Placement = (typeof PlacementValues)[number];

export const QuestionValues = ['glitter', 'lips', 'large_white', 'face_order', 'line_work', 'finer_line', 'frame', 'highlights', 'texture', 'gems'] as const;
export type Question = (typeof QuestionValues)[number];

export const QuotePartValues = ['painting', 'set_up', 'travel_time', 'way', 'pitch', 'materials', 'least', 'rounding'] as const;
export type QuotePart = (typeof QuotePartValues)[number];

export const RoleValues = ['owner', 'artist', 'helper'] as const;
export type Role = (typeof RoleValues)[number];

export const RungNameValues = ['core', 'quick', 'party'] as const;
export type RungName = (typeof RungNameValues)[number];

export const SchoolValues = ['glitter_on_wet_base', 'glitter_last', 'lips_painted', 'lips_never', 'white_opaque', 'white_pearl', 'quickest', 'features_first', 'top_to_bottom', 'line_on_tacky', 'line_on_dry', 'smaller_brush', 'tip_of_brush', 'frame_outlined', 'frame_dotted', 'highlights_white', 'highlights_lighter', 'texture_stencil', 'texture_freehand', 'gems_self_stick', 'gems_glued', 'gems_none'] as const;
export type School = (typeof SchoolValues)[number];

export const SeverityValues = ['stop', 'warn', 'tip'] as const;
export type Severity = (typeof SeverityValues)[number];

export const ShapeValues = ['circle', 'oval', 'ring', 'triangle', 'diamond', 'arch', 'band', 'banner', 'bow', 'mask', 'crescent', 'sun', 'star', 'four_point_star', 'snowflake', 'cloud', 'bolt', 'drop', 'flame', 'wave_curl', 'wave', 'ripple', 'starfish', 'shell', 'spiral', 'fin', 'fish', 'whale_tail', 'tentacle', 'octopus', 'bell', 'crab', 'claw', 'coral', 'seaweed', 'upper_wing', 'lower_wing', 'feather', 'beak', 'round_ear', 'pointed_ear', 'muzzle', 'nose', 'eye', 'tooth', 'horn', 'paw', 'leaf', 'flower', 'heart', 'lighthouse', 'beam', 'lantern', 'anchor', 'sail', 'boat', 'wheel', 'rope', 'web', 'net', 'zigzag', 'scallop_edge', 'crack', 'tooth_row', 'spike_row', 'drip_row', 'flame_row', 'bead_string', 'loop_row', 'leaf_veins', 'antennae', 'ribbon', 'swoops', 'question_curl', 'mane_curls', 'fur_flicks', 'basket_weave', 'jointed_legs', 'frosting_swirl', 'scales', 'mesh', 'star_field', 'cat', 'dog', 'bunny', 'bear', 'panda', 'fox', 'mouse', 'monkey', 'pig', 'cow', 'sheep', 'lion', 'tiger', 'koala', 'raccoon', 'reindeer', 'frog', 'elephant', 'monster', 'alien', 'skull', 'clown', 'horse', 'unicorn', 'dragon', 'dinosaur', 'hedgehog', 'crocodile', 'turtle', 'snail', 'seahorse', 'giraffe', 'owl', 'penguin', 'duck', 'chick', 'robin', 'parrot', 'flamingo', 'bird', 'puffin', 'bat', 'butterfly', 'bee', 'ladybird', 'dragonfly', 'spider', 'caterpillar', 'snake', 'shark', 'whale', 'dolphin', 'seal', 'jellyfish', 'mermaid', 'snowman', 'ghost', 'robot', 'witch_hat', 'pirate_hat', 'party_hat', 'moustache', 'glasses', 'eye_patch', 'rose', 'tulip', 'sunflower', 'branch', 'tree', 'fir_tree', 'palm', 'cactus', 'mushroom', 'clover', 'pumpkin', 'holly', 'apple', 'strawberry', 'cherry', 'watermelon', 'pineapple', 'banana', 'grapes', 'carrot', 'cupcake', 'birthday_cake', 'ice_cream', 'lolly', 'doughnut', 'sweet', 'pizza', 'candy_cane', 'balloon', 'parcel', 'crown', 'tiara', 'jewel', 'wand', 'key', 'music_note', 'firework', 'bunting', 'rainbow', 'candle', 'football', 'basketball', 'rugby_ball', 'shield', 'flag', 'trophy', 'medal', 'car', 'lorry', 'tractor', 'train', 'bus', 'plane', 'helicopter', 'rocket', 'planet', 'flying_saucer', 'digger', 'fire_engine', 'submarine', 'comet', 'house', 'castle', 'tent', 'windmill', 'rain_cloud', 'umbrella', 'tornado', 'sword', 'bone', 'treasure_chest', 'barrel', 'guitar', 'bamboo', 'twig', 'square', 'half_circle', 'long_ear', 'floppy_ear', 'rectangle', 'cross', 'pentagon', 'hexagon', 'splash', 'plain'] as const;
export type Shape = (typeof ShapeValues)[number];

export const ShutValues = ['eyes', 'lips', 'both'] as const;
export type Shut = (typeof ShutValues)[number];

export const SideValues = ['left', 'right', 'both', 'centre'] as const;
export type Side = (typeof SideValues)[number];

export const SpanKindValues = ['painting', 'changeover', 'drying'] as const;
export type SpanKind = (typeof SpanKindValues)[number];

export const StepStatusValues = ['pending', 'done', 'skipped'] as const;
export type StepStatus = (typeof StepStatusValues)[number];

export const TapFateValues = ['kept', 'repeated', 'set_aside', 'refused'] as const;
export type TapFate = (typeof TapFateValues)[number];

export const TechniqueValues = ['stipple', 'sweep', 'blend', 'fill', 'petal', 'leaf', 'line', 'outline', 'stripe', 'teardrop', 'swirl', 'double_swirl', 'dots', 'starburst', 'flower', 'heart', 'whisker', 'lash', 'stencil', 'powder', 'loose_glitter', 'glitter_gel', 'gem', 'lift_off', 'wait', 'tidy'] as const;
export type Technique = (typeof TechniqueValues)[number];

export const TicketStatusValues = ['waiting', 'called', 'seated', 'finished', 'left', 'no_show', 'removed'] as const;
export type TicketStatus = (typeof TicketStatusValues)[number];

export const TimeSourceValues = ['logged', 'team', 'typed', 'work'] as const;
export type TimeSource = (typeof TimeSourceValues)[number];

export const TimingValues = ['hand_to_hand', 'strokes_alone'] as const;
export type Timing = (typeof TimingValues)[number];

export const TradeNumberValues = ['wax_seconds', 'glycerine_seconds', 'line_at_once', 'shape_at_once', 'sparkle_at_once', 'strong_at_once', 'glitter_holds', 'seen_at_two_metres', 'eyes_shut', 'crowded', 'worth_saving'] as const;
export type TradeNumber = (typeof TradeNumberValues)[number];

export const UnitValues = ['grams', 'pieces', 'times'] as const;
export type Unit = (typeof UnitValues)[number];

export const ZoneValues = ['forehead', 'hairline', 'between_brows', 'brow', 'temple', 'eyelid', 'eye_socket', 'outer_eye', 'inner_eye', 'under_eye', 'nose_bridge', 'nose', 'nose_tip', 'nostril', 'cheekbone', 'cheek', 'lower_cheek', 'muzzle', 'upper_lip', 'lips', 'lower_lip', 'mouth_corner', 'smile_line', 'chin', 'jaw', 'ear', 'neck', 'arm', 'forearm', 'wrist', 'hand', 'knuckles', 'fingers'] as const;
export type Zone = (typeof ZoneValues)[number];
