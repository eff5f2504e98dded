import { observationSchema, sightingOrderSchema } from '../../watch/index.ts';
import { change, stillToCome } from '../pen/define.ts';
import { unknownId } from '../pen/refusal.ts';

/** Changes of what is watched over days and weeks, and of what was seen of it. */
export const WATCH_CHANGES = {
  'watch/put-observation': change({
    fields: { observation: observationSchema },
    apply: (pen, { observation }) => pen.put('observations', observation),
    says: (_, { observation }) => observation.title,
    dayProblems: ({ observation }, today) =>
      stillToCome(observation.startedOn, today, ['observation', 'startedOn']),
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
      const version = pen.get('sightings', sighting.id)?.version ?? 0;
      return pen.put('sightings', { ...sighting, version, by: actor.name, at });
    },
    says: (book, { sighting }) =>
      `seen: ${book.observations[sighting.observationId]?.title ?? 'something watched'}`,
    dayProblems: ({ sighting }, today) => stillToCome(sighting.on, today, ['sighting', 'on']),
  }),
};
