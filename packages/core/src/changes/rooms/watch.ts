import { addDays } from '../../calendar/index.ts';
import { observationSchema, sightingOrderSchema } from '../../watch/index.ts';
import { change, stillToCome } from '../pen/define.ts';
import { unknownId } from '../pen/refusal.ts';

/** How far ahead something to watch may be planned. */
const FURTHEST_DAYS = 366;

/** Changes of what is watched over days and weeks, and of what was seen of it. */
export const WATCH_CHANGES = {
  'watch/put-observation': change({
    fields: { observation: observationSchema },
    apply: (pen, { observation }) => pen.put('observations', observation),
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
      const gone = pen
        .all('sightings')
        .filter((one) => one.observationId === observation.id && one.id !== sighting.id)
        .reduce((sum, { lost, setFree }) => sum + lost + setFree, 0);
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
