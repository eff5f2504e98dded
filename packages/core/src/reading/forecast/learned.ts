import { daysBetween, type PlainDay } from '../../calendar/index.ts';
import type { Observation, Sighting, WatchPattern, WatchStage } from '../../watch/index.ts';
import { answer } from '../ground/answer.ts';
import { sightingsOf } from './forecast.ts';

/** What a stage took in this home, from what was seen. */
export interface LearnedStage {
  readonly stageId: string;
  readonly leastDays: number;
  readonly mostDays: number;
  /** How often it was seen from its beginning to its end. */
  readonly times: number;
}

/**
 * What the stages of a pattern took in this home: from the day on which a stage was seen to begin, the first from the start, to that of the
 * next one, the last to the end. What was not seen begins or ends nothing. Stages that were never seen whole are left out.
 */
export const learnedOf = answer((look, pattern: WatchPattern): readonly LearnedStage[] => {
  const seen = sightingsOf(look.table('sightings'));
  const runs = Object.values(look.table('observations'))
    .filter(({ patternId }) => patternId === pattern.id)
    .flatMap((one) => spansOf(one, seen.get(one.id) ?? []));
  return pattern.stages.flatMap(({ id }) => {
    const days = runs.filter(({ stageId }) => stageId === id).map((one) => one.days);
    if (days.length === 0) return [];
    return [{ stageId: id, leastDays: Math.min(...days), mostDays: Math.max(...days), times: days.length }];
  });
});

function spansOf(
  { stages, startedOn, endedOn, awaited }: Observation,
  sightings: readonly Sighting[],
): readonly { readonly stageId: string; readonly days: number }[] {
  if (awaited !== null) return [];
  const beganOn = stages.map(({ id }, i) =>
    i === 0
      ? startedOn
      : sightings
          .filter(({ stageId }) => stageId === id)
          .map(({ on }) => on)

          .reduce<PlainDay | null>((a, b) => (a === null || b < a ? b : a), null),
  );
  return stages.flatMap(({ id }, i) => {
    const from = beganOn[i] ?? null;
    const to = i + 1 < stages.length ? (beganOn[i + 1] ?? null) : endedOn;
    if (from === null || to === null) return [];
    const days = daysBetween(from, to);
    return days >= 1 ? [{ stageId: id, days }] : [];
  });
}

/**
 * A stage with the days that it took in this home instead of those that are written; what was seen once only may take a day less or more.
 * The same where nothing was learned.
 */
export function stageAsLearned<S extends Pick<WatchStage, 'id' | 'leastDays' | 'mostDays'>>(
  stage: S,
  learned: readonly LearnedStage[],
): S {
  const known = learned.find(({ stageId }) => stageId === stage.id);
  if (!known) return stage;
  const leeway = known.times === 1 ? 1 : 0;
  return {
    ...stage,
    leastDays: Math.max(1, known.leastDays - leeway),
    mostDays: known.mostDays + leeway,
  };
}
