export { simulateShot, strike } from './flight/simulate.ts';
export type { ShotLaunch, SimulatedShot } from './flight/simulate.ts';
export { flyBall } from './flight/flight.ts';
export type { Flight } from './flight/flight.ts';
export type { FlightOptions, Wind } from './flight/options.ts';
export type { PathPoint } from './flight/path.ts';
export { AERODYNAMICS, AERO_PRESETS } from './flight/aero.ts';
export type { Aerodynamics, AeroPreset } from './flight/aero.ts';
export { STANDARD_AIR, airOf } from './flight/air.ts';
export type { AirConditions } from './flight/air.ts';
export { spinAxisOf, velocityOf } from './impact/launch.ts';
export type { BallLaunch } from './impact/launch.ts';
export { CLUB_KINDS, STANDARD_HEADS, standardHead } from './delivery/head.ts';
export type { ClubHead, ClubKind } from './delivery/head.ts';
export { STANDARD_BAG, findClub, headOf, recogniseClub } from './delivery/club.ts';
export type { Club } from './delivery/club.ts';
export { mirrorDelivery } from './delivery/delivery.ts';
export type { Delivery } from './delivery/delivery.ts';
export { spinLoftDeg } from './delivery/geometry.ts';
export { parseLaunchFile } from './intake/parse.ts';
export type { IntakeOptions, ParsedLaunchFile, RowFate } from './intake/parse.ts';
export type { ColumnMapping, FileColumn } from './intake/layout.ts';
export type { IntakeQuestion } from './intake/questions.ts';
export type { CellProblem } from './intake/row.ts';
export type { ColumnMeaning } from './intake/headers.ts';
export type { SignRule } from './intake/value.ts';
export { printLaunchFile } from './intake/print.ts';
export type { PrintOptions } from './intake/print.ts';
export {
  BALL_QUANTITIES,
  EMPTY_BALL,
  QUANTITIES,
  QUANTITY_NAMES,
  infoOf,
} from './intake/quantities.ts';
export type {
  BallFigures,
  BallQuantity,
  MeasuredBall,
  Quantity,
  QuantityInfo,
} from './intake/quantities.ts';
export { HANDS, asRightHanded, handSign } from './line/hand.ts';
export type { Hand } from './line/hand.ts';
export { faceWord, pathWord, sideOf, startWord } from './line/words.ts';
export type { BendSide, FaceWord, PathWord, StartWord } from './line/words.ts';
export {
  ANGLE_STYLES,
  DEFAULT_DISPLAY_UNITS,
  formatLength,
  formatNumber,
  formatSideAngle,
  formatSideLength,
  formatSpeed,
} from './line/format.ts';
export type { AngleStyle, DisplayUnits } from './line/format.ts';
export {
  LENGTH_UNITS,
  METRES_PER_YARD,
  MPS_PER_MPH,
  SPEED_UNITS,
  UNIT_FACTORS,
  convert,
  fromSi,
} from './units/units.ts';
export type { LengthUnit, SpeedUnit, Unit } from './units/units.ts';
export { RangeMisuse } from './units/require.ts';
export { nameShot, NAMING_SCHOOLS } from './reading/names.ts';
export type { NamingSchool, ShotName } from './reading/names.ts';
export { BAND_RANGES, DEFAULT_BANDS } from './reading/bands.ts';
export type { Bands } from './reading/bands.ts';
export { KEEPS, SEEN_BY } from './reading/ball.ts';
export type { Keep, LessonBall, SeenBy } from './reading/ball.ts';
export { groupSentences, readBalls } from './reading/reading.ts';
export type { Reading, ReadingContext } from './reading/reading.ts';
export type { GroupReading, GroupFigure, FigureSummary } from './reading/group.ts';
export type { Sentence, SentencePart } from './reading/sentences.ts';
export type { BallView } from './reading/view.ts';
export type { Agreement, AgreementVerdict } from './reading/agreement.ts';
export { shapleyShares, splitError, splitMiss, splitMisses } from './reading/split.ts';
export type { MissSplit, SplitOptions } from './reading/split.ts';
export { ballTrack } from './reading/track.ts';
export type { TrackPoint } from './reading/track.ts';
export { parseCell } from './intake/value.ts';
export { gaussian, seededRandom } from './maths/random.ts';
export type { Random } from './maths/random.ts';
export {
  ATTACK_SCHOOLS,
  PLANE_RANGE_DEG,
  USUAL_PLANE_DEG,
  pathShiftDeg,
} from './delivery/swing.ts';
export type { AttackSchool } from './delivery/swing.ts';
export { SLEEVE_CLOSES_PER_LOFT, sleeveFace, tiltFace } from './delivery/tilt.ts';
export type { FacePointing } from './delivery/tilt.ts';
export { DELIVERY_RANGES } from './delivery/delivery.ts';
export { FAIRWAY, runM } from './flight/ground.ts';
export type { Ground, Landing } from './flight/ground.ts';
export { ACCURACY_RANGES, ASSUMED_SPREAD, DEVICE_ACCURACY } from './reading/accuracy.ts';
export type { DeviceAccuracy, SetAccuracy } from './reading/accuracy.ts';
export { solveDelivery } from './reading/solve.ts';
export type { ObservedBall, SolveOptions, SolvedDelivery } from './reading/solve.ts';
export { EYE_ACCURACY, solveFromEye } from './reading/eye.ts';
export type { SeenFlight } from './reading/eye.ts';
export {
  FIXED_SPLIT,
  SHARE_DEFAULTS,
  START_SCHOOLS,
  fitStartShare,
  predictBySchools,
} from './reading/schools.ts';
export type { SchoolPrediction, ShareBall, StartSchool, StartShare } from './reading/schools.ts';
export { schoolWords } from './reading/sentences.ts';
export { guessStrike } from './reading/strike-guess.ts';
export { laneFor, plainDelivery, sensitivityOf } from './aim/lane.ts';
export type { Lane, Sensitivity, WantedShape } from './aim/lane.ts';
export { COST_PER_OFFLINE, USUAL_BAG, bagView } from './aim/bag.ts';
export type { BagPattern, BagRow, BagView } from './aim/bag.ts';
export { describeChange, describeShot } from './reading/what-if.ts';
export { CAUSE_EDGES, CAUSE_LINKS, CAUSE_LINK_IDS, FAULT_NODES, STAGES } from './causes/links.ts';
export type { CauseLink, CauseLinkId, FaultNode, LinkValue, Stage } from './causes/links.ts';
export { causeLink, faultWords, traceCause, valueWords } from './causes/trace.ts';
export type { CauseTrace, Fault, Observations, TracedLink } from './causes/trace.ts';
export { FIRST_SCHOOLS, FIRST_TARGETS, isStraightPull, whatFirst } from './causes/first.ts';
export type { FirstChoice, FirstInput, FirstSchool, FirstTarget } from './causes/first.ts';
export { BODY_PARTS, CAUTIONS, DOSE, TENDENCIES } from './drills/drill.ts';
export type { BodyPart, Drill, Tendency } from './drills/drill.ts';
export { DRILLS, findDrill } from './drills/catalogue.ts';
export { HEAD_LENGTH_M, STICK_M, layOut, pathOfPegDeg, pegOutM } from './drills/layout.ts';
export type { Layout, LayoutContext, PlainPart, StationPart, TapeMark } from './drills/layout.ts';
export { judgeDrills, recommendDrills } from './drills/choose.ts';
export type { ChosenDrill, DrillWish } from './drills/choose.ts';
export { scoreStation } from './drills/score.ts';
export type { Repetition, StationScore } from './drills/score.ts';
export { BLOCK_KINDS, PROOF_FIGURES, compareBlocks, rankDrills } from './proof/compare.ts';
export type {
  BlockKind,
  DrillEffect,
  DrillRank,
  FigureProof,
  ProofBall,
  ProofFigure,
} from './proof/compare.ts';
export { PLAIN_FIGURES, addDaysIso, composePage } from './record/page.ts';
export type { HomeworkDay, LessonPage, PageNumber } from './record/page.ts';
export { NO_SET_UP, SET_UP_BANDS, observationsOf, usualBallCm } from './causes/setup.ts';
export type { SetUp } from './causes/setup.ts';
export { mean } from './maths/statistics.ts';
