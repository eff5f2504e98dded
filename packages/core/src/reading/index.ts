/** Reading: what a plan says about itself. One folder a question; nothing here is stored. */
export { dueText, lineDetails, packsText } from './gather/details.ts';
export { batchesText, explainLine, materialText } from './gather/explain.ts';
export { firstDayFor } from './readiness/first-day.ts';
export { peakOf } from './amounts/peak.ts';
export { materialsOf } from './amounts/uses.ts';

export {
  balanceOf,
  headingsIn,
  lensFor,
  targetFor,
  targetKey,
  type Balance,
  type BalanceRow,
} from './balance/balance.ts';
export { freeBlock, freeSpan, type Cubby } from './balance/shelf.ts';
export type { OutOfReach } from './cautions/reach.ts';
export {
  beforeUnit,
  outSince,
  weekOut,
  type ChangeOver,
  type ChangeOverItem,
} from './changeover/changeover.ts';
export { metBefore, nextWays, versionReason, type TrayPiece, type TrayRow } from './fit/trays.ts';
export { roundsFor, type Rounds } from './conduct/rounds.ts';
export { fittingDays, movedTo, type DayVerdict } from './order/order.ts';
export { asPlaced, blockAt, cornerDoubt, spotKey, whereAt, type PutSpot } from './order/put.ts';
export { monthsFeatures } from './plan/features.ts';
export { lettersFound, nounsOf, objectBox, type LetterFinds } from './spark/object-box.ts';
export { earlierThings, featureText, sparkFinds, type Find, type SparkFinds } from './spark/finds.ts';
export {
  areasMet,
  freshRungs,
  metBy,
  namesAnother,
  nextRungs,
  type AreaMet,
  type Met,
  type NextRung,
} from './child/met.ts';
export { couldComeNext, type CouldCome } from './year/could-come.ts';
export { MONTHS_SHOWN, overMonths } from './year/over-months.ts';
export { bySeason, yearOf, type FeaturedWhen, type Year, type YearUnit } from './year/year.ts';
export { circlesOf, type Circles } from './circle/circle.ts';
export * from './circle/fit.ts';
export { explainLength, formatSeconds, lengthOf, type PieceLength } from './circle/length.ts';
export {
  missingIn,
  partDoubts,
  pieceIdeas,
  suitsAs,
  whoSuits,
  type MissingPiece,
  type PieceIdea,
} from './circle/missing.ts';
export { orderNotes, placeFor, type OrderNote } from './circle/order.ts';
export { patienceText, ruleSecondsOf, type GroupPatience } from './circle/patience.ts';
export {
  chosenWords,
  circleBlocks,
  piecesOn,
  secondsUntil,
  thingsFor,
  type CirclePart,
  type CircleRun,
  type CircleStuff,
} from './circle/run.ts';
export { halfGoneAfter, staysIn, type Stay } from './circle/stay.ts';
export { unknownOf } from './cautions/supplies.ts';
export { CAUTION_RULES } from './cautions/rules.ts';
export {
  CAUTION_LINE,
  factsOf,
  fewOf,
  formatDays,
  listed,
  placementsOf,
  titleAt,
  type Finding,
  type Level,
} from './ground/finding.ts';
export * from './handover/handover-schema.ts';
export { project } from './handover/project.ts';
export { LINK_QUOTAS, mayTick, mayWrite, quotaReached, type SharedSubject } from './handover/scope.ts';
export {
  cornersOnShelf,
  frameOf,
  learnerOn,
  unitsByNearness,
  type PhasedUnit,
  placedIn,
  sessionsByDay,
  sessionsOf,
  thereOn,
  whoDoesWhat,
  type Frame,
  type Session,
  type Twin,
} from './plan/plan.ts';
export { stretchesOfDay, stretchText, type DayStretch } from './conduct/stretches.ts';
export { isForFew, isMeal, isOutdoors, isRest } from './plan/block-kinds.ts';
export { fillerOf, specialHours, partsOf, type SpecialDay } from './plan/special.ts';
export { brokenBy, openStops, read, type Reading } from './answers/read.ts';
export type { Way } from './rules/rule.ts';
export { isShownOn, isToldTo, RULES } from './rules/rules.ts';
export { mattersOf, pagesOfMatter, type Matter, type UnitPage } from './rules/pages.ts';
export { askedOf } from './rules/asked.ts';
export type { Asked } from './rules/rule.ts';
export { usesOf } from './amounts/uses.ts';
export { prepTasks } from './readiness/placement-tasks.ts';
export {
  readinessOf,
  watchedIn,
  READY_AHEAD_DAYS,
  type Readiness,
  type ReadyEntry,
  type SlotLoad,
} from './readiness/ready.ts';
export { concerns, doubtAt, TASK_KINDS, type ReadyTask, type TaskKind } from './readiness/task.ts';
export { hoursOf, openingOf, type ReadySlot } from './readiness/slots.ts';
export type { Packed, Packing } from './readiness/packing.ts';
export { entriesAbout, findingAbout } from './readiness/findings.ts';
export { dayOffers, offersIn } from './suggest/offers.ts';
export type { Speaking, Spot, Suggestion } from './suggest/suggest.ts';
export { allergensNamedIn } from './house/own-allergens.ts';
export { cupboardOf, type CupboardRow } from './house/cupboard.ts';
export { daysAhead, isWorkKnown, type DayAhead } from './house/days-ahead.ts';
export { nextStepOf, type NextStep, type NextStepId } from './house/next-step.ts';
export { houseNotes, SUPPLY_RULES, type HouseNote } from './house/house.ts';
export {
  LIBRARY_KINDS,
  libraryEntries,
  type LibraryEntity,
  type LibraryEntry,
  type LibraryKind,
} from './search/entry.ts';
export { entryFacts, entrySummary } from './search/facts.ts';
export { readQuestion, type Question } from './search/question.ts';
export { LibrarySearch, type LibraryWish } from './search/search.ts';
export * from './kitchen/convert.ts';
export { suppliesAsMade } from './kitchen/inherit.ts';
export { recipesByProduct } from './kitchen/products.ts';
export * from './kitchen/made-of.ts';
export * from './kitchen/own-bowl.ts';
export * from './kitchen/round.ts';
export * from './kitchen/scale.ts';
export * from './kitchen/swapped.ts';
export * from './kitchen/timetable.ts';
export { asVariant } from './kitchen/variant.ts';
export * from './processes/cards.ts';
export * from './processes/day-processes.ts';
export * from './amounts/filling.ts';
export * from './gather/cost.ts';
export * from './gather/line.ts';
export * from './prints/details.ts';
export * from './prints/prints.ts';
export * from './bins/fillers.ts';
export * from './kitchen/batches.ts';
export * from './kitchen/products.ts';
export * from './amounts/used-on.ts';
export * from './kitchen/counter.ts';
export * from './forecast/crossing.ts';
export {
  comingText,
  stageDueText,
  type Forecast,
  type LookDay,
  type StageForecast,
} from './forecast/forecast.ts';
export { needsOfStage, type StageNeed } from './readiness/watch-tasks.ts';
export { learnedOf, stageAsLearned, type LearnedStage } from './forecast/learned.ts';
export { fullHouseDays, type HouseDay } from './forecast/full-house.ts';
export {
  dayPlanOf,
  nowAndNext,
  programDateBefore,
  programDaysOn,
  type BlockPlan,
  type DayPlan,
  type PlannedThing,
  minutesOutdoors,
} from './room/day-plan.ts';
export { whoLacksLink } from './room/who-lacks-link.ts';
export { inTheRoom, whoIsHere, type HereRow, type HereState } from './room/here.ts';
export { keepsakesOf, type KeepsakeState, type Lacking } from './room/keepsakes.ts';
export { isTold, outcomeOf, testToBegin, type TestOutcome, type WayOutcome } from './room/test-outcome.ts';
export { stationsOf, type Station } from './room/stations.ts';
export { splitByAge, suggestLeads, type LeadIdea } from './room/suggest-leads.ts';
export {
  lookBackOn,
  tallyOf,
  tallyText,
  type LookBack,
  type LookBackRow,
  type Tally,
} from './lookback/look-back.ts';
export { comesOf, sureProblemOf, type Comes, type SureProblem } from './sure/problem.ts';
export { SURE_REASONS, tryWeeks, type Sure, type SureDay, type SureReason } from './sure/tries.ts';
export { startingAgain, type Again, type AgainLine, type Begun } from './lookback/again.ts';
export { specialDaysIn } from './plan/copies.ts';
export { phaseIn, phaseOf } from './plan/days.ts';
export { wentIn, type Went } from './went/went.ts';
export { learnedTurn, turnSpread, type LearnedTurn } from './plan/learned.ts';
