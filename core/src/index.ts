export { simulateShot, type SimulatedShot } from './flight/simulate.ts';
export { strike } from './impact/strike.ts';
export { readingFingerprint } from './reading/fingerprint.ts';
export { flyBall, type Flight } from './flight/flight.ts';
export type { FlightOptions, Wind } from './flight/options.ts';
export { AERODYNAMICS } from './flight/aero.ts';
export { STANDARD_AIR, airOf } from './flight/air.ts';
export { spinAxisOf, velocityOf } from './impact/launch.ts';
export { CLUB_KINDS, STANDARD_HEADS } from './delivery/head.ts';
export type { ClubKind } from './delivery/head.ts';
export { STANDARD_BAG, findClub, headOf } from './delivery/club.ts';
export { turnFace } from './delivery/turn.ts';
export {
  DRIVER_SPEED_RANGE_MPS,
  PLAYER_KINDS,
  UNKNOWN_PLAYER,
  plainDelivery,
  usualPlayer,
} from './delivery/usual.ts';
export type { PlayerKind } from './delivery/usual.ts';
export { type Bag } from './delivery/bag.ts';
export type { Club } from './delivery/club.ts';
export { type Delivery } from './delivery/delivery.ts';
export { spinLoftDeg } from './delivery/geometry.ts';
export { parseLaunchFile, type ParsedLaunchFile } from './intake/parse.ts';
export { readFileBytes } from './intake/file.ts';
export type { RawTable } from './intake/table/raw.ts';
export { ROW_FATES, type RowFate } from './intake/rows/fate.ts';
export type { FileColumn } from './intake/columns/layout.ts';
export { QUESTION_KINDS } from './intake/questions/questions.ts';
export type {
  ClubSaid,
  ColumnSaid,
  IntakeQuestion,
  IntakeSays,
} from './intake/questions/questions.ts';
export { partWords, type FilePart } from './intake/rows/parts.ts';
export type { ColumnVerdict } from './intake/questions/verdicts.ts';
export { withoutParts } from './intake/without-parts.ts';
export { optionsOf, saidWith, type FileFor } from './intake/questions/file-answers.ts';
export { DAY_ORDERS, type DayOrder } from './intake/day.ts';
export { TEXT_MEANINGS, isQuantity } from './intake/columns/meaning.ts';
export { CONFIDENCE } from './intake/columns/header.ts';
export type { ColumnMeaning, TextMeaning } from './intake/columns/meaning.ts';
export { SIDES, sidesOf, type Side } from './intake/side.ts';
export type { SignRule } from './intake/columns/value.ts';
export {
  TOLD_COLUMNS,
  ballsAsCells,
  ballsAsCsv,
  ballsAsJson,
  ballsSchema,
} from './intake/ball-file.ts';
export { toldInFile } from './reading/told-in-file.ts';
export type { ToldBall } from './reading/told-in-file.ts';
export type { BallsJson } from './intake/ball-file.ts';
export { printLaunchFile } from './intake/write-file.ts';
export {
  LIVE_JUDGED_BALLS,
  LIVE_MOST_BALLS,
  LIVE_NAMES,
  LIVE_VERSION,
  liveName,
  liveSchema,
  liveTroubles,
  readLive,
  type LiveBall,
  type LiveQuantities,
  type LiveQuantity,
  type LiveRead,
} from './intake/live.ts';
export { BALL_QUANTITIES, EMPTY_BALL, QUANTITY_NAMES, infoOf } from './intake/quantities.ts';
export type { BallFigures, BallQuantity, MeasuredBall } from './intake/quantities.ts';
export { HANDS, handSign, type Hand } from './line/hand.ts';
export { faceWord, pathWord } from './line/words.ts';
export {
  ANGLE_STYLES,
  DEFAULT_DISPLAY_UNITS,
  USUAL_SPEED_UNIT,
  formatLength,
  formatNumber,
  formatSideAngle,
  formatSideLength,
  tapeText,
  unitsOf,
} from './words/format.ts';
export type { AngleStyle, DisplayUnits } from './words/format.ts';
export { LENGTH_UNITS, SPEED_UNITS, UNIT_FACTORS, convert, fromSi } from './units/units.ts';
export type { LengthUnit, SpeedUnit, Unit } from './units/units.ts';
export {
  addDaysIso,
  addMonthsIso,
  dayIn,
  daysBetween,
  instantIn,
  isZone,
  latestDayAt,
  ownZone,
  shortDayIn,
  timeIn,
} from './units/days.ts';
export { typedNumber } from './units/typed.ts';
export { NAMING_SCHOOLS, type NamingSchool } from './reading/names.ts';
export { BAND_RANGES, DEFAULT_BANDS, type Bands } from './reading/bands.ts';
export { BLOCK_KINDS, CONTACTS, KEEPS, SEEN_BY } from './reading/ball.ts';
export type { BlockKind, Contact, Keep, LessonBall, SeenBy, Sureness } from './reading/ball.ts';
export { blocksOf, clubKeyOf, type Block } from './reading/blocks.ts';
export { resolveContext, type ReadingContext } from './reading/context.ts';
export { type BallView, type LeftOut } from './reading/read-ball.ts';
export { PROOF_FIGURES } from './reading/figure.ts';
export type { ProofFigure, SourcedFigure } from './reading/figure.ts';
export { figureOf, type Figures, type GroupReading } from './reading/group.ts';
export { isMirrored, turnedSides, type MirroredFact } from './reading/mend.ts';
export { clubSentences, readingSentences } from './words/reading.ts';
export { readLesson } from './lesson/read.ts';
export type { LessonContext, LessonReading, ReadClub } from './lesson/read.ts';
export { NOTHING_DONE, judgePair, lessonFindings } from './lesson/findings.ts';
export type { LessonFacts, LessonFindings } from './lesson/findings.ts';
export { contextOf, lessonBall } from './lesson/held.ts';
export type { HeldLesson } from './lesson/held.ts';
export { BLANK_PARTS, partOf } from './lesson/parts.ts';
export type {
  HomeworkDay,
  LessonParts,
  RichText,
  SendPart,
  SetUpPart,
  WorkPart,
} from './lesson/parts.ts';
export { withFigures, withWord } from './lesson/seen.ts';
export {
  askOfStation,
  clubShown,
  keyOfClub,
  observationsIn,
  usualBallIn,
  workedOf,
} from './lesson/worked.ts';
export type { Worked, WorkedFrom } from './lesson/worked.ts';
export type { Sentence, Wording } from './words/sentence.ts';
export { isBendOpen, isByEye, isStartOpen, surenessOf, surenessOfAll } from './reading/ball.ts';
export { sideOnlyFigures } from './reading/side-only.ts';
export { isSaid } from './plan/wanted.ts';
export { type Answer } from './plan/answer.ts';
export type { Look, LookShows } from './plan/looks.ts';
export { nearnessOf } from './plan/on-plan.ts';
export { type Plan } from './plan/plan.ts';
export type { Route, Stage } from './plan/stages.ts';
export { MOVES, ROUTE_IDS, type Move, type RouteId } from './plan/routes.ts';
export type { NumberState } from './plan/off.ts';
export type { Outcome } from './plan/outcome.ts';
export { PLAIN_WANTED, RULED_OUT, SHAPES, WANTED_RANGES, wantedAsNow } from './plan/wanted.ts';
export type { RuledOut, Shape, Wanted, WantedByClub } from './plan/wanted.ts';
export { splitMiss } from './reading/split.ts';
export { ballTrack } from './reading/track.ts';
export { parseCell } from './intake/columns/value.ts';
export { gaussian, seededRandom, type Random } from './maths/random.ts';
export { DELIVERY_RANGES } from './delivery/delivery.ts';
export { type Landing } from './flight/ground.ts';
export { ACCURACY_RANGES, DEVICE_ACCURACY } from './inverse/accuracy.ts';
export type { SetAccuracy } from './inverse/accuracy.ts';
export { solveDelivery } from './inverse/solve.ts';
export {
  EYE_AMOUNTS,
  OPEN_AMOUNTS,
  PASSES_M,
  POST,
  ballOfTap,
  openAfter,
  passDeg,
  sizeOfTap,
  usualCarryM,
  withAmount,
  withPass,
} from './inverse/eye.ts';
export { tapText, tapWords } from './words/tap.ts';
export type { EyeStrike, EyeWay, OpenAmount } from './inverse/eye.ts';
export { FIXED_SPLIT, predictBySchools } from './reading/schools.ts';
export { laneFor, sensitivityOf } from './inverse/lane.ts';
export type { Lane } from './inverse/lane.ts';
export { COST_PER_OFFLINE, bagView } from './aim/bag.ts';
export { describeChange, describeLane, describeShot, finishText } from './words/what-if.ts';
export { CAUSE_LINKS, CAUSE_LINK_IDS, STAGES } from './causes/links.ts';
export type { CauseLinkId, LinkValue } from './causes/links.ts';
export { causeLink, faultOfNumber, traceCause } from './causes/trace.ts';
export type { CauseTrace, Observations, TracedLink } from './causes/trace.ts';
export { NO_SET_UP, aimOf, observationsOf, usualBallCm } from './causes/setup.ts';
export type { SetUp } from './causes/setup.ts';
export { CAUTIONS } from './drills/drill.ts';
export type { Ask, Drill } from './drills/drill.ts';
export { DOSE, doseOf } from './drills/dose.ts';
export { goesGently, mindedIn } from './drills/body-notes.ts';
export { askOfStage, askWithin, layoutFor, usualAsk } from './drills/ask.ts';
export type { StationAsk } from './drills/ask.ts';
export { DRILLS, findDrill } from './drills/catalogue.ts';
export {
  FOR_BALL_FROM_M,
  draggedPathDeg,
  isPathPeg,
  laidForDeg,
  offPathM,
  pathOverDeg,
} from './drills/pegs.ts';
export type {
  Layout,
  LayoutContext,
  PartKind,
  Spot,
  StationPart,
  TapeMark,
} from './drills/layout.ts';
export { stationCard, type StationCard } from './drills/card.ts';
export { PART_KINDS } from './drills/layout.ts';
export { asDrill, drillBy, kindOfHead, type OwnDrillFacts } from './drills/own.ts';
export { judgeDrills, offeredOf } from './drills/choose.ts';
export type { ChosenDrill } from './drills/choose.ts';
export { type DrillWish } from './drills/wish.ts';
export { EFFECT_FIGURES } from './drills/effect.ts';
export type { DrillCredit, DrillEffect, EffectFigure, EffectSize } from './drills/effect.ts';
export { scoreStation } from './drills/score.ts';
export { isDrilled, nextBlock, type NextBlock } from './drills/next-block.ts';
export { VERDICTS } from './proof/verdict.ts';
export type { BlockVerdict, FigureChange, NamedChange } from './proof/judge.ts';
export { stationBalls, isUnderWay, usualPair } from './proof/blocks.ts';
export type { ReadBlock, StationBalls } from './proof/blocks.ts';
export { creditsOf } from './proof/credit.ts';
export { drillEffects } from './proof/effects.ts';
export { aimOfStage } from './lesson/work.ts';
export type { BlockAim } from './lesson/work.ts';
export { RECORD_LAYOUT, openRecord, recordOfLesson } from './record/lesson-record.ts';
export type { LessonRecord } from './record/lesson-record.ts';
export { FINDINGS_AT_MOST, findingsOf } from './record/findings.ts';
export type { Followed } from './record/follow.ts';
export { GOALS_AT_MOST, GOAL_LIMITS, goalsOf } from './record/goal.ts';
export type { Goal, GoalProgress } from './record/goal.ts';
export { movedOfPlayer, movedOverAll } from './record/moved.ts';
export type { MovedOfPlayer, MovedOverAll } from './record/moved.ts';
export { PLAIN, type Plain } from './record/plain-score.ts';
export { FOLLOWED, endsOf } from './record/points.ts';
export type { FollowedFigure, Target, VisitPoint } from './record/points.ts';
export { playerRecord, type Period, type PlayerRecord } from './record/player-record.ts';
export { standingsOf, toldOf, wentAway, windowsOut, type Standing } from './record/standing.ts';
export type { Visit } from './record/visit.ts';
export {
  fairwayWords,
  findingWords,
  followedLabel,
  markText,
  movedOverAllWords,
  movedWords,
  plainLabel,
  plainWords,
  sourceWords,
  standText,
  changeWords,
  standingWords,
  driftWords,
  towards,
} from './words/record.ts';
export { recordCsv } from './words/record-csv.ts';
export type { RecordWording } from './words/record.ts';
export { WORKING_HOURS } from './academy/hours.ts';
export { homeworkState } from './record/homework.ts';
export { homeworkHeld, type HomeworkDue } from './record/homework-held.ts';
export { sourcesDiffer, visitMarks } from './record/marks.ts';
export { spreadOf } from './record/spread.ts';
export { stationRecord, type StationDay } from './record/station.ts';
export { homeworkHeldWords, stationRecordWords } from './words/practice.ts';
export {
  CONSENT_KINDS,
  NOTHING_NOTED,
  isMinorOn,
  mayOn,
  type AgeAndConsent,
  type Consent,
  type ConsentKind,
} from './academy/consent.ts';
export { GONE_MONTHS_RANGE, PERSONAL_READERS, type PersonalReaders } from './academy/personal.ts';
export { PASSWORD_LENGTH, passwordTrouble } from './academy/password.ts';
export { keptOfYouWords, keptWords, monthsText, type KeptFor } from './words/kept.ts';
export { homeworkWords } from './words/homework.ts';
export { goalProgressWords, goalWords } from './words/record-for-player.ts';
export type { PageRecord } from './words/report.ts';
export { PAGE_DEFAULTS, composePage, countLabel } from './words/page.ts';
export { pageKind, pageOfLesson, pageRecord, periodOf, reportOf } from './words/page-content.ts';
export type {
  PageContent,
  PageDraft,
  PagePeriod,
  Report,
  ReportDraft,
} from './words/page-content.ts';
export { ballNote, leftOutWords } from './words/facts.ts';
export { LOOK_LABELS, answerLabel, leadWords } from './words/looks.ts';
export { causeQuestion, faultWords, traceWords, valueWords } from './words/causes.ts';
export {
  GENTLY_WORDS,
  drillReason,
  drillWarning,
  inUseWords,
  pegWords,
  scoreWords,
  suitsWords,
} from './words/drills.ts';
export {
  MOVE_LABELS,
  ROUTE_LABELS,
  clubLabel,
  figureText,
  schoolWords,
  shortFigure,
  strikeText,
} from './words/labels.ts';
export {
  expectWords,
  faceToPathWarning,
  landingWords,
  missText,
  planSentences,
  planWords,
  wantedWords,
  worthLabel,
  worthWords,
} from './words/plan.ts';
export {
  changeText,
  judgementWords,
  proofCsv,
  scatterText,
  spreadWords,
  stationWords,
  toldCounts,
  verdictWords,
} from './words/proof.ts';
export { DEFAULT_RULES, FIRST_ROUTES, type AcademyRules, type FirstRoute } from './plan/rules.ts';
export { acrossTheBay, streakOf } from './words/across.ts';
export {
  justHitOf,
  justHitWords,
  onPlanWords,
  soFarWords,
  type JustHit,
} from './words/just-hit.ts';
export { applySteps, withThing, type State } from './changes/apply.ts';
export {
  BALL_NOTE_AT_MOST,
  BLANK_BALL,
  BLANK_BLOCK,
  BLANK_LESSON,
  BLANK_REPETITION,
  blankPlayer,
} from './changes/blank.ts';
export { laneBefore, laneOf, type Change, type Step } from './changes/change.ts';
export { changedFields, clashing, fieldsOf, isSame, recordOf } from './changes/fields.ts';
export type { Fields } from './changes/fields.ts';
export { amountWords, fieldWords, figureWords, fromToWords } from './changes/field-words.ts';
export { inverse, type Done } from './changes/inverse.ts';
export { THINGS, THING_NAMES, VERBS, mayDo } from './changes/things.ts';
export type { Right, ThingName, Verb } from './changes/things.ts';
export { didWords, waitingWords, type NamedStep } from './changes/words.ts';
