import { takesAway, triedMends, type Finding, type Mend } from '@kobby/core';
import { onScopeDispose, shallowRef, watch } from 'vue';
import { newId } from './api.ts';
import { useBook } from './book.ts';
import { useReading } from './unit.ts';

/** As long as somebody goes on changing things nothing is tried. */
const RESTS_MS = 400;
/** More ways out nobody takes in at a glance. */
const MOST_MENDED = 6;
/** A finding for which so many ways were tried in vain is looked at closer by whoever opens it. */
const MOST_TRIES = 6;

const whenIdle = (): Promise<void> =>
  new Promise((idle) =>
    typeof requestIdleCallback === 'function' ? requestIdleCallback(() => idle()) : setTimeout(idle),
  );

/**
 * The best way out of each of some heads-ups, found while nothing else is to be done, a try at a time. What was found is offered until the
 * same is looked for again: a change is checked anyway when it is made.
 * @param isUnderHand whether somebody points at the list: then nothing is laid out that would push what is about to be pressed.
 * @returns the way out of a finding that is known so far.
 */
export function useMendsAtRest(
  findings: () => readonly Finding[],
  isUnderHand: () => boolean,
): (finding: Finding) => Mend | null {
  const store = useBook();
  const reading = useReading();
  const known = new Map<string, Mend>();
  const laidOut = shallowRef<ReadonlyMap<string, Mend>>(new Map());
  let run = 0;

  function layOut(): void {
    if (!isUnderHand()) laidOut.value = new Map(known);
  }

  async function look(): Promise<void> {
    run += 1;
    const own = run;
    const wanted = findings()
      .filter(({ kept, level }) => kept === undefined && level !== 'note')
      .slice(0, MOST_MENDED);
    const keys = new Set(wanted.map(({ key }) => key));
    for (const key of known.keys()) if (!keys.has(key)) known.delete(key);
    await new Promise((rested) => setTimeout(rested, RESTS_MS));
    for (const finding of wanted) {
      let found: Mend | null = null;
      let tries = 0;
      await whenIdle();
      if (run !== own) return;
      const { unit } = reading.value.frame;
      for (const mend of triedMends(store.book, unit.id, finding, store.today!, newId)) {
        found = mend && (finding.level === 'stop' || !takesAway(mend)) ? mend : null;
        tries += 1;
        if (found || tries === MOST_TRIES) break;
        await whenIdle();
        if (run !== own) return;
      }
      if (found) known.set(finding.key, found);
      else known.delete(finding.key);
      layOut();
    }
  }
  watch(
    [
      () => reading.value,
      () =>
        findings()
          .map(({ key }) => key)
          .join(' '),
    ],
    () => void look(),
    {
      immediate: true,
    },
  );
  watch(isUnderHand, layOut);
  onScopeDispose(() => (run += 1));
  return ({ key }) => laidOut.value.get(key) ?? null;
}
