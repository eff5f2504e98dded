import { readinessOf, type Book, type ChangeInput, type PlainDay } from '@kobby/core';

/** What was made ready in the demo home for the days until today, and what somebody decided about the rest. */
const DONE: readonly string[] = [
  'unit-kites-7:p1',
  'unit-kites-29:p1',
  'unit-kites-29:p2',
  'unit-kites-18:sheet:sheet-kite-halves:print',
  'unit-kites-18:sheet:sheet-kite-halves:cut',
  'unit-kites:borrow:small-trays',
];

const LANTERNS = 'unit-lanterns';

/** Time of the assistant, beside the times of the starter set. */
export const SOLS_HALF_HOUR = {
  id: 'sol',
  name: "Sol's half hour",
  start: '12:00',
  minutes: { '1': 30, '2': 30, '4': 30 },
  personId: 'person-sol',
};

export const demoReady = (): ChangeInput[][] => [
  [
    ...DONE.map((taskId): ChangeInput => ({ type: 'ready/done', unitId: 'unit-kites', taskId })),
    {
      type: 'ready/put-task',
      task: {
        id: 'try-ice',
        unitId: LANTERNS,
        text: 'Try the ice and the torch out once',
        minutes: 15,
        day: 2,
      },
    },
    {
      type: 'ready/choose',
      choice: { id: 'unit-kites-20:p1', unitId: 'unit-kites', parts: 2, note: 'Half of them with Sol.' },
    },
  ],
];

/** The schedule as it stands, shown to everybody. */
export const shownNow = (book: Book, today: PlainDay): ChangeInput[] =>
  ['unit-kites', LANTERNS].map((unitId) => ({
    type: 'ready/publish',
    plan: {
      unitId,
      entries: readinessOf(book, today).entries.flatMap(({ task, slot }) =>
        slot && task.unit.id === unitId ? [{ taskId: task.id, slotId: slot.id }] : [],
      ),
    },
  }));
