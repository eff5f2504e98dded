import { addDays } from '../../calendar/index.ts';
import { observationSchema, sightingOrderSchema } from '../../watch/index.ts';
import { change, stillToCome } from '../pen/define.ts';
import type { Pen } from '../pen/pen.ts';
import { unknownId } from '../pen/refusal.ts';

/** How far ahead something to watch may be planned. */
const FURTHEST_DAYS = 366;

// How many of something alive were lost or set free; what is said again is left out.
const goneOf = (pen: Pen, observationId: string, besides: string | null = null): number =>
  pen
    .all('sightings')
    .filter((one) => one.observationId === observationId && one.id !== besides)
    .reduce((sum, { lost, setFree }) => sum + lost + setFree, 0);

/** Changes of what is watched over days and weeks, and of what was seen of it. */
export const WATCH_CHANGES = {
  'watch/put-observation': change({
    fields: { observation: observationSchema },
    apply: (pen, { observation }) => {
      const gone = goneOf(pen, observation.id);
      return observation.heads !== null && observation.heads < gone
        ? { reason: 'too-many', path: ['observation', 'heads'], message: `${gone} were lost or set free` }
        : pen.put('observations', observation);
    },
    says: (_, { observation }) => observation.title,
    // It may begin on a day to come, when it is planned or awaited.
    dayProblems: ({ observation }, today) =>
      observation.startedOn > addDays(today, FURTHEST_DAYS)
        ? [{ path: ['observation', 'startedOn'], message: 'This is more than a year ahead' }]
        : [],
  }),
  /** Says what was seen; said again with the same id, it replaces what was said. */
  'watch/record': change({
    fields: { sighting: sightingOrderSchema },
    apply: (pen, { sighting }, { at, actor }) => {
      const observation = pen.get('observations', sighting.observationId);
      if (!observation) return unknownId(['sighting', 'observationId'], 'observation');
      const { stageId } = sighting;
      if (stageId !== null && !observation.stages.some(({ id }) => id === stageId))
        return unknownId(['sighting', 'stageId'], 'stage');
      const gone = goneOf(pen, observation.id, sighting.id);
      if (observation.heads !== null && gone + sighting.lost + sighting.setFree > observation.heads)
        return {
          reason: 'too-many',
          path: ['sighting', sighting.lost > 0 ? 'lost' : 'setFree'],
          message: `Only ${observation.heads - gone} are left`,
        };
      const version = pen.get('sightings', sighting.id)?.version ?? 0;
      return pen.put('sightings', { ...sighting, version, by: actor.name, at });
    },
    says: (book, { sighting }) =>
      `seen: ${book.observations[sighting.observationId]?.title ?? 'something watched'}`,
    dayProblems: ({ sighting }, today) => stillToCome(sighting.on, today, ['sighting', 'on']),
  }),
};
