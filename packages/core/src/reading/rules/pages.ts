import { groupBy } from '../../book/index.ts';
import type { Placement, PlacementId } from '../../unit/index.ts';
import { placementsOf, type Finding, type Level } from '../ground/finding.ts';
import { circles, days, ready, supplies, wontTouch } from './questions.ts';
import { RULES } from './rules.ts';

/** A page of a unit on which something can be found. */
export type UnitPage = 'spark' | 'corners' | 'days' | 'circle' | 'trays' | 'gather' | 'ready';

const OF_WHERE: Readonly<Record<Placement['where']['kind'], UnitPage | null>> = {
  ...{ corner: 'corners', day: 'days', bin: 'trays', twin: 'days' },
  reserve: null,
  event: 'days',
};
// What one question is about is mended where that is planned.
const OF_QUESTION = new Map<unknown, UnitPage>([
  [ready, 'ready'],
  [supplies, 'gather'],
  [circles, 'circle'],
  [days, 'days'],
  [wontTouch, 'trays'],
]);

/**
 * The pages of a unit on which a finding is of use: where what it is about stands, and where it is mended. Why not everywhere: whoever
 * plans a circle is not helped by what a corner lacks.
 */
function pagesWith(finding: Finding, placements: ReadonlyMap<PlacementId, Placement>): ReadonlySet<UnitPage> {
  const found = placementsOf(finding).map((id) => placements.get(id));
  const pages = new Set(
    found.flatMap((one): UnitPage[] => {
      const page = one ? OF_WHERE[one.where.kind] : null;
      return page ? [page] : [];
    }),
  );
  const asked = OF_QUESTION.get(RULES[finding.rule].ask);
  if (asked) pages.add(asked);
  if ((finding.pieceIds?.length ?? 0) > 0) pages.add('circle');
  if (finding.cornerIds.length > 0) pages.add('corners');
  // What is missing is got; what a caution says of a thing is mended where the thing is used.
  if (finding.row === undefined && (finding.supplyIds?.length ?? 0) > 0) pages.add('gather');
  if (found.length === 0) {
    if (finding.days.length > 0) pages.add('days');
    // What a child lacks can be put out in a corner, on a day, or on the tray.
    if (finding.childIds.length > 0)
      for (const page of ['corners', 'days', 'trays'] as const) pages.add(page);
  }
  return pages.size > 0 ? pages : WHOLE_UNIT;
}
const WHOLE_UNIT: ReadonlySet<UnitPage> = new Set(['spark', 'corners', 'days']);

/** Findings of one cause, told in one line. */
export interface Matter {
  /** The same for the same cause as the plan changes. */
  readonly key: string;
  readonly level: Level;
  /** The first stands for all of them. */
  readonly findings: readonly [Finding, ...Finding[]];
}

/** The pages on which a matter is of use: those of all that is of its cause. */
export const pagesOfMatter = (
  { findings }: Matter,
  placements: ReadonlyMap<PlacementId, Placement>,
): ReadonlySet<UnitPage> => new Set(findings.flatMap((finding) => [...pagesWith(finding, placements)]));

/** Findings by their cause, each where its first one stood: nine days that are messy are one matter. What is kept stays by itself. */
export function mattersOf(findings: readonly Finding[]): readonly Matter[] {
  const causeOf = ({ rule, row, level, kept, key }: Finding): string =>
    kept ? key : [rule, row ?? '', level].join(' ');
  return [...groupBy(findings, causeOf)].map(([key, those]) => ({
    ...{ key, level: those[0]!.level },
    findings: those as [Finding, ...Finding[]],
  }));
}
