import { shelfFindings } from '../balance/shelf.ts';
import { binFindings } from '../bins/findings.ts';
import { illIn, illnessFindings } from '../cautions/after-illness.ts';
import { keepByFindings } from '../cautions/keep-by.ts';
import { supplyFindings } from '../cautions/supplies.ts';
import { together } from '../circle/circle.ts';
import { circleFindings } from '../circle/findings.ts';
import { dayFindings } from '../conduct/days.ts';
import { eventFindings } from '../conduct/events.ts';
import { roundFindings } from '../conduct/rounds.ts';
import { stretchFindings, waitFindings } from '../conduct/stretches.ts';
import { joined, type Finding } from '../ground/finding.ts';
import { memoised } from '../ground/memo.ts';
import type { Forecast } from '../forecast/forecast.ts';
import { begunFindings, sketchFindings } from '../fit/sketches.ts';
import { wontTouchFindings } from '../fit/wont-touch.ts';
import { awaitedFindings, unattendedFindings, watchFindings } from '../forecast/findings.ts';
import { calendarIn } from '../plan/house.ts';
import { orderFindings, type Grown } from '../order/order.ts';
import { specialUses } from '../order/special-uses.ts';
import { phaseOf } from '../plan/days.ts';
import { specialDaysIn } from '../plan/copies.ts';
import { processFindings } from '../processes/findings.ts';
import { readyFindings } from '../readiness/findings.ts';
import { readinessOf, watchedIn } from '../readiness/ready.ts';
import type { Asked } from './rule.ts';

// Rules that are told together share their question.

/** Empty corners and what stands past the end. */
export const shelf = ({ book, placements, frame, today }: Asked): readonly Finding[] =>
  shelfFindings(book, placements, frame, today);
/** What is not known of supplies. */
export const supplies = ({ book, both, frame, today }: Asked): readonly Finding[] =>
  supplyFindings(book, both, frame, today);
/** What is kept longer than it keeps. */
export const keptTooLong = ({ book, both, frame, today }: Asked): readonly Finding[] =>
  keepByFindings(book, both, frame, today);
/** What was used while somebody was ill. */
export const afterIllness = ({ book, both, frame, today }: Asked): readonly Finding[] =>
  illnessFindings(book, both, frame, today, illIn(book));
/** Tubs and their fillers. */
export const bins = ({ book, placements, frame, today }: Asked): readonly Finding[] =>
  binFindings(book, placements, frame, today);
/** Turns, parts of a day, and waiting. */
export const rounds = ({ placements, frame, today, circles: all }: Asked): readonly Finding[] =>
  joined(
    roundFindings(placements, frame, today),
    stretchFindings(placements, all, frame, today),
    waitFindings(placements, all.patience.factor, frame, today),
  );
/** What is made on a day and is not ready in time. */
export const processes = ({ book, placements, circles: all, frame, today }: Asked): readonly Finding[] =>
  processFindings(book, placements, all, frame, today);
/** Sketches, and what was begun in the cupboard. */
export const sketches = ({ book, placements, both }: Asked): readonly Finding[] =>
  joined(sketchFindings(placements), begunFindings(book, both));
/** What children will not touch. */
export const wontTouch = ({ book, placements, frame, today }: Asked): readonly Finding[] =>
  wontTouchFindings(book, placements, frame, today);
/** Special events. */
export const events = (asked: Asked): readonly Finding[] =>
  eventFindings(asked.events, asked.placements, asked.frame);
/** Days with too much of something. */
export const days = ({ withCircle, frame, today }: Asked): readonly Finding[] =>
  dayFindings(withCircle, frame, today);
/** Circles. */
export const circles = (asked: Asked): readonly Finding[] =>
  circleFindings(asked.circles.runs, asked.frame, asked.circles.patience.factor, asked.today);
/** Making ready. */
export const ready = ({ book, frame, today }: Asked): readonly Finding[] =>
  readyFindings(readinessOf(book, today), frame.unit, frame.home, today);
const isNow = ({ frame, today }: Asked): boolean => phaseOf(frame, today) === 'now';
/** What is watched and late. */
export const late = (asked: Asked): readonly Finding[] =>
  watchFindings(watchedIn(asked.book, asked.today), asked.frame, isNow(asked));
/** What is to be watched and has to come first. */
export const awaited = (asked: Asked): readonly Finding[] => {
  const { book, frame, today } = asked;
  return awaitedFindings(watchedIn(book, today), frame, calendarIn(book), isNow(asked), today);
};
/** What is alive on closed days. */
export const unattended = (asked: Asked): readonly Finding[] =>
  unattendedFindings(watchedIn(asked.book, asked.today), asked.frame, isNow(asked));

const grownIn = memoised((watched: readonly Forecast[]): readonly Grown[] =>
  watched.flatMap(({ observation, stages }) =>
    stages.flatMap(({ stage, earliest, latest }) =>
      stage.makes.map((made) => ({
        ...{ made, of: observation.title, stage: stage.name },
        ...{ earliest, latest, ended: observation.endedOn },
      })),
    ),
  ),
);
/** What comes before what: also what grows, and what special events use. */
export const ordered = ({ withCircle, frame, book, today }: Asked): readonly Finding[] => {
  const placed = together(withCircle, specialUses(specialDaysIn(book, frame.unit.id)));
  return orderFindings(book, placed, frame, grownIn(watchedIn(book, today)));
};
