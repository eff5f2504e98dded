import { formatMinutes, type PlainDay } from '../../calendar/index.ts';
import { presenceOn } from '../../house/index.ts';
import { counted, fingerprint, type Finding } from '../ground/finding.ts';
import { headCount, isWorkKnown } from '../house/days-ahead.ts';
import { memoised } from '../ground/memo.ts';
import type { Frame } from '../plan/plan.ts';

/** The findings about times of a day at which the home's own adult-child or group rule is not met. */
export const ratioFindings = memoised((frame: Frame, today: PlainDay): readonly Finding[] => {
  const { home, people, calendar, attendance } = frame;
  const known = isWorkKnown(people);
  return calendar.days.flatMap(({ number, date }, i): Finding[] => {
    if (date < today) return [];
    const spans = presenceOn(attendance[i]!, home, people)
      .filter(({ children }) => children.length > 0)
      .map((presence) => headCount(presence, date, home.ratio, known))
      .filter(({ beyond }) => beyond.length > 0);
    const [first] = spans;
    if (!first) return [];
    const more =
      spans.length > 1
        ? ` And ${spans.length === 2 ? 'once more' : `${spans.length - 1} times more`} that day.`
        : '';
    return [
      {
        key: `ratio:${number}`,
        rule: 'ratio',
        row: 49,
        level: 'stop',
        title: `Day ${number}: your own rule is not met`,
        detail: `${formatMinutes(first.from)} to ${formatMinutes(first.to)}: ${counted(first.children, 'child', 'children')}${known ? `, ${counted(first.adults, 'adult')}` : ''}; ${first.beyond.join(', ')}.${more}`,
        instead: 'Ask somebody in, or settle who comes.',
        basis: 'the rule that this home has entered; the licence decides',
        days: [number],
        cornerIds: [],
        placementId: null,
        childIds: [],
        facts: fingerprint(
          spans.map(({ from, children, adults, beyond }) => [from, children, adults, beyond]),
        ),
      },
    ];
  });
});
