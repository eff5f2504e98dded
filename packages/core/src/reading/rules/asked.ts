import type { Book } from '../../book/index.ts';
import type { PlainDay } from '../../calendar/index.ts';
import { neededBesides } from '../amounts/own-needs.ts';
import { circlesOf, circleStandIns, together } from '../circle/circle.ts';
import { eventsIn, linesIn, membersIn } from '../plan/of-unit.ts';
import { bothOf, placedIn, type Frame } from '../plan/plan.ts';
import type { Asked } from './rule.ts';

/** What the rules are asked with, of the unit of a frame. */
export function askedOf(book: Book, frame: Frame, today: PlainDay): Asked {
  const { id } = frame.unit;
  const placed = placedIn(book, id);
  return {
    book,
    frame,
    today,
    placed,
    placements: placed.placements,
    both: together(bothOf(placed), neededBesides(book, id)),
    withCircle: together(placed.placements, circleStandIns(book, id)),
    circles: circlesOf(book, id),
    members: membersIn(book, id),
    events: eventsIn(book, id),
    lines: linesIn(book, id),
  };
}
