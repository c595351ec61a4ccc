// Written by ./rostik types from the PHP request and reply classes. Do not edit.

export interface AccountReply {
  name: string;
  email: string;
  school: string;
  administrator: boolean;
  secondStep: boolean;
  recovery: number;
  signedIn: SignedInReply[];
}

export interface AccountRequest {
  name: string;
}

export interface ActivityLineReply {
  id: string;
  title: string;
  aim: string;
  sort: string;
  rungs: string[];
  needs: string[];
  minutes: number;
  said: string;
  whole: boolean;
  least: number;
  most: number | null;
  borrows: boolean;
}

export interface ActivityReply {
  title: string;
  rows: ActivityRowReply[];
}

export interface ActivityRequest {
  day?: string;
  level?: Level;
  rows?: number;
  seed?: number;
  style?: Style;
}

export interface ActivityRowReply {
  what: string;
  sum: string;
  cells: (string | null)[];
  found: string;
}

export interface AfterRequest {
  state: LessonState;
  took?: Partial<Record<string, number>>;
  note?: string | null;
}

export interface AimRequest {
  rung: string;
  count: number;
}

export interface Alternative {
  id: string;
  title: string;
}

export interface AnotherReply {
  alike: AnotherSum[];
  easier: AnotherSum | null;
  harder: AnotherSum | null;
}

export interface AnotherRequest {
  sum: string;
  seed?: number;
  told?: boolean;
}

export interface AnotherSum {
  sum: string;
  rung: string;
  can: string;
  level: Level;
}

export type AnswerForm = Hands | InColumns | InTable | OnTheLine | OneOfFour | Ranked | SetOut | TrueOrFalse | Written;

export interface AnswerReply {
  verdict: Verdict;
  read: string | null;
  expected: string | null;
  fits: LikelyReply[];
  slip: boolean;
}

export interface AnswerRequest {
  sum: string;
  given: string;
  style?: Style;
}

export interface AnswerSeenReply {
  on: string;
  from: string;
  asked: string;
  given: string;
  right: boolean | null;
}

export interface AnswerSent {
  question: string;
  n: number;
  given: string;
  help: number;
  over: boolean;
}

export interface AnswersRequest {
  answers: AnswerSent[];
  have?: string[];
}

export interface AskActivityRequest {
  class?: string | null;
  children?: number | null;
  group?: number | null;
  level?: Level;
  seed?: number;
  options?: Partial<Record<string, string>>;
  rung?: string | null;
  sheet?: string | null;
  paper?: Paper;
}

export interface AskTableRequest {
  table: string;
  level?: Level;
  count?: number;
  seed?: number;
  drawn?: number;
  kinds?: string[];
  style?: Style;
}

export interface Asked {
  question: string;
  operation: Operation;
  because: string;
  step: number | null;
  also: Operation | null;
  alsoBecause: string;
}

export interface AskedTableReply {
  table: TableReply;
  questions: TableQuestionReply[];
  kinds: TableKindReply[];
}

export interface Bar {
  from: number;
  to: number;
  label: string;
  count: number;
}

export interface BeginPileRequest {
  sheetId?: string | null;
  set?: string | null;
  questions?: string[];
  title?: string;
  on?: string | null;
  count?: number;
}

export interface Bell {
  type: 'bell';
  worth: Span;
  distance: number;
  rounds: Strokes[];
}

export interface BlurredReply {
  one: string;
  other: string;
}

export interface BoardClock {
  from: number;
  to: number;
  halfSaid: boolean;
  by24: boolean;
  endAsked: boolean;
  toTheSecond: boolean;
}

export interface BoardSum {
  worked: WorkedSum;
  clock: BoardClock | null;
  moments: number[][];
  asked: Asked[];
}

export interface Brick {
  length: Span;
  hidden: boolean;
}

export interface BroughtReply {
  sheets: number;
  classes: number;
  children: number;
  piles: number;
  timetables: number;
  practices: number;
  lessons: number;
}

export interface CauseReply {
  id: string;
  may: string;
  look: string;
}

export interface CauseSeenReply {
  id: string;
  may: string;
  look: string;
  perhaps: boolean;
  lately: boolean;
  evidence: number[];
  times: number;
  against: number;
}

export interface Cell {
  stop: number | null;
  service: number | null;
}

export interface CellReply {
  paper: string;
  question: number;
  given: string;
  sign: Sign | null;
  over: boolean | null;
  counts: Counts | null;
  verdict: Verdict | null;
  read: string;
  fits: string[];
  slip: boolean;
  followed: boolean;
}

export interface CellRequest {
  paper: string;
  question: number;
  given?: string;
  sign?: Sign | null;
  over?: boolean | null;
}

export interface CellsReply {
  revision: number;
  cells: CellReply[];
}

export interface CellsRequest {
  cells: CellRequest[];
  since?: number;
}

export interface CertainRequest {
  password: string;
}

export interface ChainCard {
  mine: Moment;
  length: Span;
  later: boolean;
}

export interface Change {
  changed: boolean;
  from: string;
  to: string;
  why: string;
}

export interface ChangeReply {
  said: string;
  saves: number;
  parts: PartText[];
}

export interface Changed {
  hour: Change;
  minute: Change;
  half: Change | null;
  day: Change | null;
}

export interface ChildBriefReply {
  id: string;
  name: string;
  count: number;
  rungs: RungBriefReply[];
}

export interface ChildEntry {
  id: string;
  name: string;
}

export interface ChildSeenReply {
  id: string;
  name: string;
  count: number;
  answers: AnswerSeenReply[];
  rungs: RungSeenReply[];
  causes: CauseSeenReply[];
  next: string | null;
}

export interface Choice {
  text: string;
  mistake: string | null;
}

export interface ChooseRequest {
  sum: string;
  count?: number;
  seed?: number;
}

export interface ChosenReply {
  sums: string[];
  separates: number;
  separable: number;
}

export interface Claim {
  text: string;
  right: boolean;
  say: string;
  may: string[];
}

export interface ClassListReply {
  name: string;
  children: string[];
  more: number;
}

export interface ClassMethodRequest {
  kind: Kind;
  method?: string | null;
}

export interface ClassReply {
  id: string;
  name: string;
  children: ChildEntry[];
  taught: string[];
  methods: HouseMethod[];
  style: Style;
  weekend: Weekend;
  weekBegins: WeekBegins;
  clockTimes: string;
  clocks: number[];
  inHand: boolean;
}

export interface ClassRequest {
  name: string;
  children?: ChildEntry[];
  taught?: string[];
  style?: Style;
  weekend?: Weekend;
  weekBegins?: WeekBegins;
}

export interface ClockParts {
  type: 'clock-parts';
  face: number;
  hourHand: number;
  minuteHand: number;
  hole: number;
  printed: number[];
  marks: boolean;
  order: number[];
}

export interface ClockPicture {
  type: 'clock';
  reads: string;
  minutes: number;
  from: number;
  swept: number;
  stops: number[];
  second: number | null;
}

export interface ClockSetting {
  times: ClockSettingTime[];
  length: ClockSettingLength | null;
  move: ClockSettingMove | null;
  pages: MonthPage[];
  or: string | null;
}

export interface ClockSettingLength {
  minutes: number;
  typed: string;
  shown: string;
}

export interface ClockSettingMove {
  from: number;
  to: number;
  jumps: LineJump[];
  hours: LineJump[];
  changed: Changed;
  byHours: boolean;
  sum: string;
}

export interface ClockSettingRequest {
  text: string;
  at?: number;
  style?: Style;
}

export interface ClockSettingTime {
  at: number;
  halfSaid: boolean;
}

export interface ClockTimesRequest {
  times?: string;
}

export interface ClocksReply {
  minutes: number[];
}

export interface ClosePracticeRequest {
  lastWord?: string;
}

export interface CodeRequest {
  code: string;
}

export interface ColleagueNameReply {
  id: string;
  name: string;
}

export interface ColleagueReply {
  id: string;
  name: string;
  email: string;
  administrator: boolean;
  ended: boolean;
  secondStep: boolean;
  me: boolean;
}

export interface ColleagueRequest {
  administrator: boolean;
  ended?: boolean;
}

export interface ColumnCell {
  digits: string;
  instead: string;
  within: string[];
}

export interface ColumnHead {
  unit: string;
  words: string;
  mark: string;
  squares: number;
}

export interface ColumnRow {
  cells: ColumnCell[];
}

export interface ColumnsPicture {
  type: 'columns';
  heads: ColumnHead[];
  rows: ColumnRow[];
  sign: string;
  carry: string[];
  answer: string[];
  rough: string[];
  active: number;
  after: string;
}

export interface ComeInChildReply {
  id: string;
  name: string;
}

export interface ComeInReply {
  name: string;
  children: ComeInChildReply[];
  signs: boolean;
  pictures: number;
}

export interface ComeInRequest {
  code: string;
  child: string;
  partner?: string | null;
  sign?: number[];
  partnerSign?: number[];
}

export interface ConvertedPart {
  unit: string;
  n: number;
}

export interface ConvertedParts {
  parts: ConvertedPart[];
}

export interface ConvertedRange {
  range: number[];
  unit: string;
}

export interface CopiesRequest {
  count: number;
  children?: string[];
  seed?: number;
  moved?: boolean;
}

export interface CopyReply {
  code: string;
  name: string;
}

export interface CopySetReply {
  id: string;
  madeAt: string;
  copies: CopyReply[];
  notes: string[];
}

export type Counts = 'right' | 'nearly' | 'wrong' | 'blank' | 'unreadable';

export interface CourseText {
  wanted: string[];
  had: string[];
  week: WeeklyText[];
  first: string;
  lessons: number;
  off: DaysOffText[];
  seed: number;
}

export type Crossing = 'hour' | 'noon' | 'midnight';

export interface CsvReply {
  headers: unknown[];
  statusTexts: string[];
}

export interface DayActivity {
  name: string;
  fits: HalfOfDay[];
  say: string;
}

export interface DayCard {
  what: string;
  when: Moment;
}

export type DayHours = 'school' | 'waking' | 'whole';

export interface DayLineRequest {
  upright?: boolean;
  paper?: Paper;
  class?: string | null;
}

export interface DayOrder {
  type: 'day-order';
  title: string;
  cards: DayCard[];
  sentences: string[];
  order: number[];
}

export interface DayPicture {
  type: 'day';
  strip: DayStrip;
}

export interface DayPin {
  at: number;
  label: string;
  role: PinRole;
}

export interface DayReply {
  table: DayTable;
  activities: DayActivity[];
}

export interface DaySpan {
  from: number;
  to: number;
}

export interface DayStrip {
  pins: DayPin[];
  spans: DaySpan[];
}

export interface DayTable {
  digits: string[];
  digits24: string[];
  halves: string[];
  words: string[];
  aloud: string[];
  parts: string[];
  lengths: string[];
}

export interface DayTaleReply {
  title: string;
  things: string[];
  sentences: string[];
  order: number[];
}

export interface DaysOffText {
  from: string;
  to: string;
}

export type DeletedKind = 'class' | 'child' | 'record' | 'sheet' | 'copies' | 'pile' | 'practice' | 'lessons' | 'timetable' | 'tally';

export interface DeletedReply {
  kind: DeletedKind;
  id: string;
  name: string;
  with: string;
  className: string;
  at: string;
  until: string;
}

export interface DigitRow {
  hours: number;
  minutes: number;
  hidden: boolean[];
}

export interface DigitSum {
  sign: string;
  rows: DigitRow[];
}

export interface Digits {
  type: 'digits';
  sums: DigitSum[];
}

export interface DirectionChoice {
  id: string;
  to: string;
  stops: string[];
}

export interface ErasingReply {
  sheets: number;
  copies: number;
  timetables: number;
  piles: number;
  classes: string[];
  shared: string[];
  last: boolean;
  can: boolean;
}

export interface Estimate {
  type: 'estimate';
  target: number;
  exactly: number;
  tries: number;
  doing: string;
}

export interface FaceReply {
  minutes: number;
  seconds: boolean;
  half: string;
}

export interface Fault {
  line: number;
  message: string;
}

export interface FeedReply {
  routes: RouteChoice[];
  table: TableReply | null;
}

export interface FieldReply {
  value: string;
  text: string;
}

export interface FieldRequest {
  kind: string;
  text: string;
  least?: string | null;
  most?: string | null;
  by?: number;
}

export interface FindPracticeRequest {
  code: string;
}

export interface FollowLinkRequest {
  word: string;
  password: string;
  name?: string;
}

export interface FollowUpReply {
  classId: string;
  className: string;
  groups: GroupText[];
  kept: boolean;
  children: ChildBriefReply[];
  tell: string[];
  from: string;
}

export interface ForgottenRequest {
  email: string;
}

export interface FoundCopyReply {
  code: string;
  name: string;
  sheetId: string;
  setId: string;
  title: string;
}

export type FoundKind = 'lesson' | 'sheet' | 'problem' | 'timetable' | 'activity' | 'child';

export interface FoundReply {
  kind: FoundKind;
  id: string;
  name: string;
  more: string;
}

export interface GiveRequest {
  to: string;
}

export interface GivenLine {
  name: string;
  value: string;
  told: string;
}

export type GroupKind = 'cause' | 'rung' | 'next' | 'unsure';

export interface GroupText {
  kind: GroupKind;
  cause: string | null;
  rung: string | null;
  reason: string;
  look: string;
  children: string[];
}

export interface GroupsRequest {
  groups: GroupText[];
}

export type HalfOfDay = 'a.m.' | 'p.m.';

export type HalfSigns = 'a.m.' | 'am' | 'AM';

export interface Hands {
  type: 'hands';
  half: string;
  said: boolean;
}

export interface HandsRequest {
  wanted: number;
  hour: number;
  minute: number;
  style?: Style;
  inWords?: boolean;
}

export interface HandsSet {
  right: boolean;
  say: string;
}

export interface HardestReply {
  can: string;
  line: string;
  wrong: number;
  of: number;
}

export interface HealthReply {
  well: boolean;
  database: boolean;
  disk: boolean;
  paper: boolean;
}

export interface HouseMethod {
  kind: Kind;
  method: string;
}

export interface InColumns {
  type: 'columns';
  room: Room | null;
}

export interface InTable {
  type: 'table';
  heads: string[];
  cells: (string | null)[];
}

export interface InvitationReply {
  id: string;
  name: string;
  email: string;
  until: string;
}

export interface InviteRequest {
  name: string;
  email: string;
  administrator?: boolean;
}

export interface KeepTableRequest {
  title: string;
  csv: string;
  vehicle?: Vehicle;
}

export interface Keeping {
  deletedDays: number;
  marksMonths: number | null;
  childrenLeave: string | null;
  quietMonths: number;
}

export type Kind = 'total' | 'difference' | 'product' | 'share' | 'chain' | 'series' | 'later' | 'earlier' | 'elapsed' | 'missing' | 'conversion' | 'comparison' | 'order' | 'rewrite' | 'date-later' | 'date-earlier' | 'dates-apart' | 'calendar';

export type Layout = 'page' | 'tickets' | 'slips' | 'home';

export interface LessonLineReply {
  id: string;
  on: string;
  start: string;
  from: string;
  minutes: number;
  title: string;
  short: string;
  rung: string;
  purpose: Purpose;
  state: LessonState;
  word: string;
}

export interface LessonReply {
  id: string;
  classId: string;
  revision: number;
  on: string;
  start: string;
  from: string;
  until: string;
  minutes: number;
  title: string;
  rung: string;
  purpose: Purpose;
  why: string;
  state: LessonState;
  parts: PartReply[];
  over: number;
  changes: ChangeReply[];
  ready: ReadyReply[];
  sheets: Partial<Record<string, string>>;
  levels: Partial<Record<string, number>>;
  took: Partial<Record<string, number>>;
  note: string;
}

export interface LessonRequest {
  revision: number;
  parts: PartText[];
  note?: string;
  ready?: string[];
}

export type LessonState = 'planned' | 'done' | 'partly' | 'not';

export interface LetterKeysRequest {
  on: boolean;
}

export interface LetterReply {
  id: string;
  to: string;
  subject: string;
  text: string;
  writtenAt: string;
}

export type Level = 'support' | 'core' | 'stretch';

export interface Lighthouse {
  type: 'lighthouse';
  ring: Moment[];
  faces: Moment[];
  meets: number[];
  rolls: number[];
}

export interface LikelyReply {
  mistake: string;
  answer: string;
  may: string;
  look: string;
  model: Model;
}

export interface Limits {
  fives: boolean | null;
  regroups: boolean | null;
  noon: boolean | null;
  midnight: boolean | null;
  unknown: Unknown | null;
  hour: boolean | null;
  day: DayHours;
}

export interface LineJump {
  from: number;
  to: number;
  label: string;
  mark: string;
}

export interface LinePicture {
  type: 'line';
  from: number;
  to: number;
  per: number;
  points: LinePoint[];
  jumps: LineJump[];
}

export interface LinePoint {
  at: number;
  label: string;
  landmark: string;
  asked: boolean;
}

export interface LinkMadeReply {
  link: string;
  sent: boolean;
  school: SchoolReply;
}

export type LinkPurpose = 'join' | 'reset' | 'asked';

export interface LinkReply {
  purpose: LinkPurpose;
  school: string;
  name: string;
  email: string;
}

export interface LinkRequest {
  word: string;
}

export interface Loop {
  type: 'loop';
  cards: ChainCard[];
  hours: number;
}

export interface LottoCards {
  type: 'lotto';
  times: Moment[];
  cards: number[][];
  calls: number[];
  row: boolean;
}

export interface MachineReply {
  version: string;
  room: number;
  backup: string | null;
  faults: number;
}

export interface MadeSheetsReply {
  sheets: SheetReply[];
  shortages: string[];
}

export interface MakeSheetsRequest {
  title: string;
  aims: AimRequest[];
  levels: Level[];
  seed?: number;
  fives?: boolean | null;
  regroups?: boolean | null;
  noon?: boolean | null;
  midnight?: boolean | null;
  unknown?: Unknown | null;
  hour?: boolean | null;
  mistakes?: string[];
  challenge?: boolean;
  layout?: Layout;
  classId?: string | null;
  pairs?: boolean;
  names?: boolean;
  table?: string | null;
  day?: DayHours;
  mixed?: boolean;
}

export interface Material {
  what: string;
  count: number;
}

export interface MeReply {
  id: string;
  name: string;
  school: string;
  administrator: boolean;
  deletedDays: number;
  letterKeys: boolean;
}

export interface Misread {
  from: number;
  until: number;
}

export interface MistakesReply {
  likely: LikelyReply[];
}

export type Model = 'clock' | 'line' | 'columns' | 'table' | 'written' | 'day' | 'month';

export interface Moment {
  minutes: number;
  text: string;
  words: string;
  face: boolean;
}

export interface MonthMark {
  day: number;
  role: string;
  label: string;
  asked: boolean;
}

export interface MonthPage {
  title: string;
  heads: string[];
  weekend: number[];
  weeks: ((number | null)[])[];
  marks: MonthMark[];
  column: number | null;
}

export interface MonthPicture {
  type: 'month';
  pages: MonthPage[];
}

export interface MoveRequest {
  to?: string;
}

export interface NeededRequest {
  rungs?: string[];
}

export interface NewLessonRequest {
  rung: string;
  on: string;
  start?: string;
  minutes?: number;
}

export interface NewSheetRequest {
  title: string;
  questions?: QuestionRequest[];
}

export interface Note {
  code: string;
  text: string;
}

export type Numbers = Bell | ClockParts | DayOrder | Digits | Estimate | Lighthouse | Loop | LottoCards | Pond | Ring | Sorting | Spinner | Stock | Walls;

export interface OfferReply {
  id: string;
  place: number;
  turn: string;
  asked: string;
  task: string;
  clocks: FaceReply[];
  roman: boolean;
  form: AnswerForm;
  pad: Pad;
  steps: Step[];
  answer: string;
  usual: UsualReply[];
  table: TableReply | null;
  reading: TableStep[];
  aloud: string;
  stepsAloud: string[];
  turns: number;
}

export interface OnPaperReply {
  sheet: string;
  set: string;
}

export interface OnPaperRequest {
  for?: string[];
}

export interface OnTheLine {
  type: 'line';
  room: Room | null;
}

export interface OneOfFour {
  type: 'choice';
  choices: Choice[];
}

export interface OpenPracticeRequest {
  of?: PracticeOf;
  rungs?: string[];
  sheet?: string | null;
  many?: number;
  signs?: boolean;
  numbers?: boolean;
  target?: number;
}

export type Operation = 'add' | 'subtract' | 'how-long' | 'multiply' | 'share';

export interface OptionReply {
  id: string;
  title: string;
  choices: Alternative[];
  chosen: string;
}

export interface OthersReply {
  sums: (string | null)[];
  wordings: string[];
}

export interface OthersRequest {
  sums: string[];
  keep?: string[];
  seed?: number;
  stories?: (string | null)[];
  level?: Level | null;
  classId?: string | null;
  table?: SheetTable | null;
}

export interface Pad {
  digits: boolean;
  keys: string[];
  choose: string[];
  order: string[];
}

export interface PairSum {
  first: number;
  second: number;
  sum: Span;
  regroups: boolean;
}

export type Paper = 'a4' | 'letter';

export interface PaperReply {
  id: string;
  name: string;
  childId: string | null;
  code: string;
  part: number;
  absent: boolean;
  own: ToMarkReply[] | null;
}

export interface PaperRequest {
  absent?: boolean | null;
  part?: number | null;
}

export type PartKind = 'warm-up' | 'look-back' | 'explain' | 'together' | 'on-your-own' | 'activity' | 'ticket' | 'tidy-up';

export interface PartReply {
  text: PartText;
  title: string;
  content: string;
  sums: string[];
  says: string[];
  from: string;
  until: string;
  starts: number;
  minutes: number;
  takes: number;
  said: string;
  more: string[];
}

export interface PartSumRequest {
  sum?: string;
}

export interface PartText {
  id: string;
  kind: PartKind;
  rung: string | null;
  minutes: number | null;
  activity: string | null;
  group: number | null;
  options: Partial<Record<string, string>>;
  level: Level;
  seed: number;
  sums: string[];
  questions: number;
  why: string;
  note: string;
  done: string;
  says: Partial<Record<string, string>>;
}

export interface PasswordRequest {
  now: string;
  next: string;
}

export type PastWord = 'past' | 'after';

export type Picture = ClockPicture | ColumnsPicture | DayPicture | LinePicture | MonthPicture | SetOutPicture | TablePicture | WrittenPicture;

export interface PileLineReply {
  id: string;
  title: string;
  on: string;
  className: string;
  papers: number;
  marked: number;
}

export interface PilePartReply {
  name: string;
  sheetId: string | null;
  questions: ToMarkReply[];
}

export interface PileReply {
  id: string;
  title: string;
  on: string;
  className: string;
  classId: string | null;
  byChildren: boolean;
  nearlyCounts: boolean;
  revision: number;
  parts: PilePartReply[];
  papers: PaperReply[];
  cells: CellReply[];
  causes: CauseReply[];
}

export interface PileRequest {
  title?: string | null;
  on?: string | null;
  byChildren?: boolean | null;
  nearlyCounts?: boolean | null;
}

export type PinRole = 'start' | 'end' | 'time';

export interface PlanFileRequest {
  content?: string;
}

export interface PlanReply {
  course: CourseText | null;
  feed: boolean;
  lessons: LessonLineReply[];
  waiting: WaitingReply[];
  said: string[];
  today: string;
  now: string;
}

export interface PlannedActivityReply {
  id: string;
  title: string;
  aim: string;
  sort: string;
  rungs: string[];
  whole: boolean;
  least: number;
  most: number | null;
  children: number;
  group: number;
  groups: number[];
  needs: string[];
  options: OptionReply[];
  cautions: string[];
  turn: string;
  chance: boolean;
  turns: number;
  turns90: number;
  error: number | null;
  minutes: number;
  minutes90: number;
  said: string;
  all: number;
  seconds: number;
  seen: number;
  shorter: ShorterReply[];
  materials: Material[];
  steps: string[];
  words: string[];
  notes: string[];
  numbers: Numbers;
}

export interface PlayedRequest {
  activity: string;
  turns: number;
  seconds: number;
}

export interface Pond {
  type: 'pond';
  stones: Span[];
  pairs: PairSum[];
  regroups: number;
  places: number[][];
}

export interface PracticeLineReply {
  id: string;
  title: string;
  opened: string;
  open: boolean;
  children: number;
  answers: number;
}

export type PracticeOf = 'needs' | 'rungs' | 'sheet' | 'watch';

export interface PracticeReply {
  id: string;
  code: string;
  of: PracticeOf;
  title: string;
  questions: number;
  signs: boolean;
  numbers: boolean;
  open: boolean;
  opened: string;
  until: string;
  seats: SeatSeenReply[];
  missing: ComeInChildReply[];
  hardest: HardestReply | null;
}

export type PrintPart = 'sheet' | 'key' | 'worked' | 'both';

export interface PrintRequest {
  paper?: Paper;
  part?: PrintPart;
  levels?: boolean;
  set?: string | null;
  code?: string | null;
}

export interface ProblemReply {
  status: number;
  code: string;
  detail: string;
  at: number | null;
  misread: Misread[] | null;
  example: string | null;
  told: ToldProblem | null;
  faults: string[] | null;
}

export type Purpose = 'new' | 'again' | 'back';

export interface PutSeenReply {
  child: string;
  asked: string;
  because: string;
  can: string;
  level: Level;
  answers: string[];
  help: number;
  right: boolean | null;
  may: string;
}

export interface QuestionReply {
  id: string;
  text: QuestionText;
  locked: boolean;
  shown: string;
  answer: string | null;
  problem: string | null;
  warnings: Warning[];
}

export interface QuestionRequest {
  id: string;
  text: QuestionText;
  locked?: boolean;
}

export interface QuestionText {
  sum: string;
  wording: string;
  challenge: boolean;
  answers: string | null;
  times: TimesGiven | null;
  story: string | null;
}

export interface Ranked {
  type: 'ranks';
  things: string[];
  first: string;
}

export interface ReadFileReply {
  title: string;
  questions: QuestionText[];
  faults: Fault[];
}

export interface ReadFileRequest {
  text: string;
}

export interface ReadRequest {
  text: string;
  sum: string;
  style: Style;
}

export interface ReadyReply {
  id: string;
  what: string;
  ready: boolean;
  printed: boolean;
  made: boolean;
}

export interface Recommended {
  method: string;
  because: string;
}

export interface RecoveryReply {
  codes: string[];
}

export interface Remark {
  code: string;
  text: string;
  at: number;
}

export interface Ring {
  type: 'ring';
  step: number;
  said: Said[];
  turn: number;
}

export interface Room {
  begins: ColumnsPicture | LinePicture | MonthPicture | null;
  ends: ColumnsPicture | LinePicture | MonthPicture | null;
  scaffold: Scaffold;
}

export interface RouteChoice {
  id: string;
  name: string;
  vehicle: string;
  directions: DirectionChoice[];
  first: string;
  last: string;
}

export interface RungBriefReply {
  rung: string;
  can: string;
  by: Standing;
  word: Standing | null;
}

export interface RungMistakeReply {
  id: string;
  may: string;
}

export interface RungReply {
  id: string;
  can: string;
  strand: Strand;
  short: string;
  mistakes: RungMistakeReply[];
  told: boolean;
  read: boolean;
}

export interface RungSeenReply {
  rung: string;
  can: string;
  by: Standing;
  word: Standing | null;
  wordOn: string;
  before: Standing | null;
  days: number;
  answers: number[];
}

export interface Said {
  child: number;
  says: Span;
}

export interface SaidReply {
  question: string;
  n: number;
  signal: Signal;
  say: string;
  read: string;
  aloud: string;
}

export type Scaffold = 'full' | 'outline' | 'none';

export interface SchoolClassReply {
  id: string;
  name: string;
  children: number;
  teachers: string[];
}

export interface SchoolReply {
  name: string;
  keeping: Keeping;
  colleagues: ColleagueReply[];
  invitations: InvitationReply[];
  classes: SchoolClassReply[];
  mail: boolean;
  outbox: LetterReply[];
}

export interface SchoolRequest {
  name: string;
  keeping?: Keeping;
}

export interface SeatReply {
  id: string;
  name: string;
  two: string[];
  done: number;
  of: number;
  open: boolean;
  lastWord: string;
  waiting: string[];
  offers: OfferReply[];
  said: SaidReply[];
  more: boolean;
  target: number | null;
}

export interface SeatSeenReply {
  id: string;
  name: string;
  child: string | null;
  done: number;
  state: SeatState;
  looks: number;
  double: boolean;
  since: string;
}

export type SeatState = 'working' | 'stuck' | 'still' | 'away' | 'finished' | 'left';

export interface SecondStepReply {
  key: string;
  uri: string;
}

export interface Sector {
  length: Span;
  weight: number;
  from: number;
  to: number;
}

export interface SeparatingMistakeReply {
  id: string;
  may: string;
  questions: number[];
}

export interface SeparatingReply {
  mistakes: SeparatingMistakeReply[];
  separated: number;
  of: number;
  blurred: BlurredReply[];
  swap: SwapReply | null;
}

export type Separator = ':' | '.';

export interface SetOut {
  type: 'set-out';
  scaffold: Scaffold;
  given: string[];
  sums: number;
  before: string;
  after: string;
}

export interface SetOutPicture {
  type: 'set-out';
  text: string;
  story: StoryPicture | null;
  given: GivenLine[];
  sums: SetOutSum[];
  answer: string | null;
}

export interface SetOutSum {
  find: string;
  operation: string | null;
  sum: string | null;
  working: Picture | null;
  result: string | null;
}

export interface SetUpReply {
  wanted: boolean;
}

export interface SetUpRequest {
  school: string;
  name: string;
  email: string;
  password: string;
  word?: string;
}

export interface SharedSheetReply {
  id: string;
  level: Level | null;
  byId: string;
  title: string;
  questions: number;
  rungs: string[];
  by: string;
}

export interface SheetLevelReply {
  id: string;
  level: Level | null;
  title: string;
}

export interface SheetReply {
  id: string;
  version: number;
  title: string;
  questions: QuestionReply[];
  settings: SheetSettings;
  classId: string | null;
  levels: SheetLevelReply[];
  archived: boolean;
}

export interface SheetRequest {
  version: number;
  title: string;
  questions: QuestionRequest[];
  settings?: SheetSettings | null;
  classId?: string | null;
}

export interface SheetSettings {
  level: Level | null;
  instruction: string;
  scaffold: Scaffold;
  answers: string;
  example: boolean;
  chart: boolean;
  columns: number | null;
  type: TypeSize;
  times: TimesGiven;
  layout: Layout;
  aims: string[];
  limits: Limits;
  table: SheetTable | null;
}

export interface SheetTable {
  title: string;
  vehicle: Vehicle;
  csv: string;
}

export interface ShelfReply {
  id: string;
  changedAt: string;
  level: Level | null;
  layout: Layout;
  classId: string | null;
  archived: boolean;
  family: string | null;
  shared: boolean;
  title: string;
  questions: number;
  rungs: string[];
  givenBy: string;
}

export interface ShorterReply {
  change: string;
  option: string | null;
  choice: string;
  minutes: number;
}

export type Sign = 'right' | 'wrong' | 'blank' | 'unreadable';

export type Signal = 'right' | 'ask' | 'look' | 'unclear';

export interface SignedInReply {
  id: string;
  began: string;
  used: string;
  browser: string;
  here: boolean;
}

export interface SlotText {
  id: string;
  on: string;
  start: string;
  minutes: number;
}

export interface SlotsRequest {
  slots?: SlotText[];
}

export interface SortCard {
  text: string;
  field: string;
  discuss: string;
  faces: Moment[];
  minutes: number | null;
  times: Moment[];
}

export interface SortField {
  id: string;
  title: string;
}

export interface Sorting {
  type: 'sorting';
  fields: SortField[];
  cards: SortCard[];
}

export interface Span {
  minutes: number;
  text: string;
}

export interface Spinner {
  type: 'spinner';
  whole: number;
  sectors: Sector[];
  unit: number;
  places: Moment[];
  exactly: boolean;
  spins: number[];
}

export type Standing = 'secure' | 'on-the-way' | 'not-yet' | 'not-seen';

export interface StandingLessonsRequest {
  lessons?: string[];
}

export interface StandingReply {
  rung: string;
  title: string;
  short: string;
  secure: number;
  onTheWay: number;
  children: number;
  text: string;
  has: boolean;
  on: string | null;
}

export interface StandingRequest {
  standing: Standing;
}

export interface Step {
  say: string;
  picture: Picture;
  changed: Changed | null;
  at: number | null;
}

export interface Stock {
  type: 'stock';
  by: Span;
  hours: number[];
  minutes: number[];
  stock: StockCard[];
  deal: number[][];
}

export interface StockCard {
  shows: Moment;
  answer: Moment;
  hour: number;
  minute: number;
}

export interface StoryBar {
  from: number;
  to: number;
  row: number;
  label: string;
  known: boolean;
  loose: boolean;
}

export interface StoryPicture {
  from: number;
  to: number;
  ticks: StoryTick[];
  pins: StoryPin[];
  bars: StoryBar[];
}

export interface StoryPin {
  at: number;
  label: string;
  known: boolean;
}

export interface StoryReply {
  words: string;
  line: string;
}

export interface StoryTick {
  at: number;
  label: string;
}

export type Strand = 'clock' | 'units' | 'lengths' | 'times' | 'stories' | 'timetables' | 'dates';

export interface Strokes {
  count: number;
  length: Span;
  from: Moment | null;
  until: Moment | null;
}

export interface Style {
  halves: HalfSigns;
  separator: Separator;
  past: PastWord;
  nameTwelve: boolean;
  always24: boolean;
  leadingNought: boolean;
  minutesFirst: boolean;
  converts: boolean;
  monthFirst: boolean;
  weekBegins: WeekBegins;
  weekend: Weekend;
  totalsFirst: boolean;
  timesFive: boolean;
}

export interface SwapReply {
  question: number;
  sum: string;
  shown: string;
  separated: number;
}

export interface TableColumn {
  larger: number;
  smaller: number;
  found: boolean;
  asked: string | null;
}

export interface TableKindReply {
  id: string;
  said: string;
}

export interface TableLineReply {
  id: string;
  title: string;
}

export interface TableListReply {
  own: TableLineReply[];
  island: TableLineReply[];
  days: string[];
}

export interface TablePicture {
  type: 'table';
  larger: string;
  smaller: string;
  rule: string;
  columns: TableColumn[];
  below: string;
}

export interface TableQuestionReply {
  kind: string;
  text: string;
  answer: string;
  sums: string[];
  steps: TableStep[];
  wrong: TableWrongReply[];
}

export interface TableReply {
  title: string;
  vehicle: string;
  names: string[];
  days: string[];
  rows: TableRowReply[];
  csv: string;
  caution: string;
}

export interface TableRowReply {
  stop: number;
  name: string;
  what: string;
  times: (string | null)[];
}

export interface TableSheetRequest {
  table: string;
  levels: Level[];
  count?: number;
  seed?: number;
  drawn?: number;
  kinds?: string[];
}

export interface TableStep {
  say: string;
  lit: Cell[];
  used: Cell[];
}

export interface TableWrongReply {
  text: string;
  may: string;
  look: string;
}

export interface TabletTryRequest {
  n: number;
  tenths: number;
}

export interface TabletWatchRequest {
  target: number;
  exactly: number;
  doing?: string;
}

export interface TallyReply {
  id: string;
  on: string;
  target: number;
  exactly: number;
  doing: string;
  tries: TryReply[];
  under: number;
  right: number;
  over: number;
  bars: Bar[];
  said: string[];
  since: string | null;
}

export interface TallyRequest {
  target: number;
  exactly: number;
  tries?: TryRequest[];
  doing?: string;
}

export interface TeachersRequest {
  teachers: string[];
}

export interface TidiedReply {
  piles: number;
  deleted: number;
  classes: string[];
}

export type TimesGiven = 'as-written' | '24h' | 'words' | 'clocks' | 'roman-clocks';

export interface ToMarkReply {
  asked: string;
  answer: string;
  usual: UsualAnswer[];
  choices: string[];
  drawn: boolean;
}

export interface TogetherReply {
  teachers: string[];
}

export interface TogetherRequest {
  teachers?: string[];
}

export interface ToldFact {
  text: string;
  at: number;
  is: string;
  time: boolean;
}

export interface ToldProblem {
  text: string;
  sure: boolean;
  facts: ToldFact[];
  questions: ToldQuestion[];
  remarks: Remark[];
}

export interface ToldQuestion {
  ask: string;
  means: ToldSum | null;
  sentence: string | null;
  instead: ToldSum[];
}

export interface ToldSum {
  sum: string;
  shown: string;
  answer: WorkedAnswer;
}

export interface TrueOrFalse {
  type: 'true-false';
  statement: string;
  isTrue: boolean;
}

export interface TryReply {
  tenths: number;
  child: string | null;
  is: string;
}

export interface TryRequest {
  tenths: number;
  child?: string | null;
}

export type TypeSize = 'small' | 'usual' | 'large';

export type Unknown = 'end' | 'start' | 'length' | 'answer';

export interface UsualAnswer {
  text: string;
  fits: string[];
}

export interface UsualReply {
  text: string;
  signal: Signal;
  say: string;
  read: string;
  hands: number[] | null;
  aloud: string;
}

export type Vehicle = 'boat' | 'bus' | 'train' | 'tram' | 'service';

export type Verdict = 'right' | 'other-form' | 'incomplete' | 'wrong' | 'blank' | 'unreadable';

export interface WaitingReply {
  kind: string;
  id: string;
  what: string;
  more: string;
}

export interface Walls {
  type: 'walls';
  walls: Brick[][][];
}

export interface Warning {
  code: string;
  text: string;
}

export type WeekBegins = 'monday' | 'sunday';

export type Weekend = 'saturday-sunday' | 'friday-saturday';

export interface WeeklyText {
  weekday: number;
  start: string;
  minutes: number;
}

export interface WorkRequest {
  sum: string;
  style?: Style | null;
  methods?: Partial<Record<string, string>>;
}

export interface WorkedAnswer {
  text: string;
  shown: string;
  value: ConvertedParts | ConvertedRange | number[] | string;
  dayOffset: number | null;
  seconds: number | null;
  months: number | null;
}

export interface WorkedMethod {
  id: string;
  title: string;
  steps: Step[];
  answer: string;
}

export interface WorkedReading {
  assumes: string;
  sum: string;
  shown: string;
  answer: WorkedAnswer;
}

export interface WorkedSum {
  sum: string;
  shown: string;
  solved: string | null;
  kind: Kind;
  answer: WorkedAnswer | null;
  readings: WorkedReading[];
  crosses: Crossing[];
  regroups: boolean;
  exact: boolean;
  changed: Changed | null;
  recommended: Recommended | null;
  methods: WorkedMethod[];
  strip: DayStrip;
  skills: string[];
  notes: Note[];
  open: Note | null;
  claim: Claim | null;
  told: ToldProblem | null;
}

export interface Written {
  type: 'write';
  room: Room | null;
  within: boolean;
  long: boolean;
}

export interface WrittenPicture {
  type: 'written';
  lines: string[];
}

export const kinds: readonly { value: string; text: string }[] = [
  { value: 'total', text: 'adding lengths' },
  { value: 'difference', text: 'taking lengths away' },
  { value: 'product', text: 'lengths several times over' },
  { value: 'share', text: 'sharing lengths' },
  { value: 'chain', text: 'several steps in a row' },
  { value: 'series', text: 'times at equal distances' },
  { value: 'later', text: 'times later' },
  { value: 'earlier', text: 'times earlier' },
  { value: 'elapsed', text: 'how long it is' },
  { value: 'missing', text: 'missing parts' },
  { value: 'conversion', text: 'changing units' },
  { value: 'comparison', text: 'comparing' },
  { value: 'order', text: 'putting in order' },
  { value: 'rewrite', text: 'writing times another way' },
  { value: 'date-later', text: 'dates later' },
  { value: 'date-earlier', text: 'dates earlier' },
  { value: 'dates-apart', text: 'days between dates' },
  { value: 'calendar', text: 'reading a calendar' },
];

export const answerForms: readonly { value: string; text: string }[] = [
  { value: 'write', text: 'write them' },
  { value: 'set-out', text: 'set problems out in five lines' },
  { value: 'columns', text: 'fill columns' },
  { value: 'line', text: 'fill a number line' },
  { value: 'hands', text: 'draw the hands' },
  { value: 'table', text: 'complete a table' },
  { value: 'choice', text: 'circle one of four' },
  { value: 'ranks', text: 'number them in order' },
  { value: 'true-false', text: 'true or false' },
];
