// npm run load: a hundred clients listen while fifty gestures a second arrive. Checks that each gets every change within its
// credential, in order, and prints how long that took. Bounded in count and in time; everything stays on this machine.
import { handoverPatchSchema, handoverSchema, patched, type Handover, type TickSubject } from '@kobby/core';
import { startServer, temporaryFolder } from '../e2e/support/server.ts';
import { aGesture, Caller, EventReader } from '../packages/server/src/testing/server.ts';
import { ms, percentile, show } from './figures.ts';

const PROVIDERS = 20;
const PER_LINK = 20;
const A_SECOND = 50;
const SECONDS = 6;
const MOST_WAIT_MS = 30_000;
/** From and to day of each link: some see what is ticked, one sees nothing of it. */
const LINKS = [
  [4, 10],
  [4, 5],
  [5, 8],
  [9, 9],
] as const;

const keyOf = ({ placementId, day, supplyId }: TickSubject): string =>
  `${placementId}:${day}:${supplyId ?? ''}`;

/** Everything on a view that can be ticked. */
const subjectsOf = (view: Handover): TickSubject[] =>
  view.days.flatMap(({ number: day, items }) =>
    items.flatMap(({ placementId, things }) => [
      { placementId, day, supplyId: null },
      ...things.map(({ supplyId }) => ({ placementId, day, supplyId })),
    ]),
  );

const tickedOn = (view: Handover): Set<string> =>
  new Set(
    view.days.flatMap(({ number: day, items }) =>
      items.flatMap(({ placementId, ticked, things }) => [
        ...(ticked ? [keyOf({ placementId, day, supplyId: null })] : []),
        ...things.flatMap(({ supplyId, ticked: one }) =>
          one ? [keyOf({ placementId, day, supplyId })] : [],
        ),
      ]),
    ),
  );

/** Somebody who listens with a link, and what arrived when. */
interface LinkListener {
  readonly shown: ReadonlySet<string>;
  readonly arrivals: { readonly keys: readonly string[]; readonly at: number }[];
  views: number;
  bytes: number;
  last: Handover;
}

const folder = temporaryFolder();
const server = await startServer(folder.path, ['--demo']);
const mara = new Caller(server.url);
await mara.signIn();

const links: { id: string; caller: Caller; view: Handover }[] = [];
for (const [fromDay, toDay] of LINKS) {
  const id = `link-${fromDay}-${toDay}`;
  const share = { id, unitId: 'unit-kites', label: id, fromDay, toDay, lastDate: null };
  const made = await mara.ask('POST', '/api/shares', {
    gestureId: `make-${id}`,
    at: '2027-03-11T14:00:00.000Z',
    share,
  });
  const caller = new Caller(server.url);
  const entered = await caller.ask('POST', `/api/shared/${id}/enter`, { secret: made.body.secret });
  links.push({ id, caller, view: handoverSchema.parse(entered.body) });
}

let stopped = false;
const faults: string[] = [];
const { seq } = (await mara.ask('GET', '/api/book?since=0')).body as { seq: number };
const providerSeqs: number[][] = [];
const providerTimes = new Map<string, number[]>();
const sentAt = new Map<string, number>();

async function listenAsProvider(): Promise<void> {
  const seqs: number[] = [];
  providerSeqs.push(seqs);
  const reader = new EventReader(await mara.open('GET', `/api/live?since=${seq}`));
  while (!stopped) {
    const event = await reader.next().catch(() => null);
    if (!event) return;
    if (event.event !== 'kept') continue;
    const kept = event.data as { seq: number; gesture: { id: string } };
    seqs.push(kept.seq);
    const sent = sentAt.get(kept.gesture.id);
    if (sent !== undefined)
      providerTimes.set(kept.gesture.id, [
        ...(providerTimes.get(kept.gesture.id) ?? []),
        performance.now() - sent,
      ]);
  }
}

const linkListeners: LinkListener[] = [];
async function listenWith({ id, caller, view }: (typeof links)[number]): Promise<void> {
  const listener: LinkListener = {
    shown: new Set(subjectsOf(view).map(keyOf)),
    arrivals: [],
    views: 0,
    bytes: 0,
    last: view,
  };
  linkListeners.push(listener);
  const reader = new EventReader(await caller.open('GET', `/api/shared/${id}/live`));
  let known = tickedOn(view);
  while (!stopped) {
    const event = await reader.next().catch(() => null);
    if (!event) return;
    if (event.event === 'patch') {
      listener.views += 1;
      listener.bytes += JSON.stringify(event.data).length;
      listener.last = patched(listener.last, handoverPatchSchema.parse(event.data));
    } else if (event.event === 'handover') listener.last = handoverSchema.parse(event.data);
    const now = tickedOn(listener.last);
    listener.arrivals.push({ keys: [...now].filter((key) => !known.has(key)), at: performance.now() });
    known = now;
  }
}

for (let i = 0; i < PROVIDERS; i += 1) void listenAsProvider();
for (const link of links) for (let i = 0; i < PER_LINK; i += 1) void listenWith(link);
await new Promise((done) => setTimeout(done, 1500));

const subjects = subjectsOf(links[0]!.view).slice(0, A_SECOND * SECONDS);
const answers: Promise<unknown>[] = [];
const order: { seq: number; key: string }[] = [];
const began = performance.now();
for (const [i, subject] of subjects.entries()) {
  const due = began + (i * 1000) / A_SECOND;
  const wait = due - performance.now();
  if (wait > 0) await new Promise((done) => setTimeout(done, wait));
  const gesture = aGesture([{ type: 'daybook/tick', subject }]);
  sentAt.set(gesture.id, performance.now());
  sentAt.set(keyOf(subject), performance.now());
  answers.push(
    mara.ask('POST', '/api/gestures', { gestures: [gesture] }).then(({ body }) => {
      const [answer] = body.answers as { outcome: string; seq: number }[];
      if (answer?.outcome === 'kept') order.push({ seq: answer.seq, key: keyOf(subject) });
      else faults.push(`not kept: ${JSON.stringify(answer)}`);
    }),
  );
}
await Promise.all(answers);
const took = performance.now() - began;
order.sort((a, b) => a.seq - b.seq);

const isThere = (): boolean =>
  providerSeqs.every((seqs) => seqs.length >= subjects.length) &&
  linkListeners.every(({ shown, last }) => {
    const ticked = tickedOn(last);
    return order.every(({ key }) => !shown.has(key) || ticked.has(key));
  });
const waitUntil = performance.now() + MOST_WAIT_MS;
while (!isThere() && performance.now() < waitUntil) await new Promise((done) => setTimeout(done, 50));
if (!isThere()) faults.push('somebody did not get everything');
stopped = true;

for (const seqs of providerSeqs)
  if (seqs.some((one, i) => i > 0 && one !== seqs[i - 1]! + 1))
    faults.push('a provider had a gap or another order');
for (const { shown, arrivals } of linkListeners) {
  const wanted = order.filter(({ key }) => shown.has(key)).map(({ key }) => key);
  // What came together may stand in any order; what came later was done later.
  let from = 0;
  for (const { keys } of arrivals) {
    const next = new Set(wanted.slice(from, from + keys.length));
    if (keys.some((key) => !next.has(key))) faults.push('a link had another order');
    from += keys.length;
  }
  if (arrivals.some(({ keys }) => keys.some((key) => !shown.has(key))))
    faults.push('a link saw what it must not');
}

const sorted = (list: number[]): number[] => list.toSorted((a, b) => a - b);
const linkTimes = sorted(
  linkListeners.flatMap(({ arrivals }) =>
    arrivals.flatMap(({ keys, at }) => keys.map((key) => at - (sentAt.get(key) ?? at))),
  ),
);
const heardTimes = sorted([...providerTimes.values()].flat());
const listeners = PROVIDERS + linkListeners.length;
show(
  'Listening',
  `${listeners} clients: ${PROVIDERS} providers, ${linkListeners.length} with ${links.length} links`,
);
show(
  'Gestures',
  `${order.length} kept in ${(took / 1000).toFixed(1)} s, ${((order.length * 1000) / took).toFixed(1)} a second`,
);
show(
  'A provider hears of one after (median, 95 %)',
  `${ms(percentile(heardTimes, 0.5))}, ${ms(percentile(heardTimes, 0.95))}`,
);
show(
  'A link shows one after (median, 95 %)',
  `${ms(percentile(linkTimes, 0.5))}, ${ms(percentile(linkTimes, 0.95))}`,
);
show(
  'Patches that a link got, and their size',
  `${Math.round(linkListeners.reduce((sum, { views }) => sum + views, 0) / linkListeners.length)} a listener, ${Math.round(linkListeners.reduce((sum, { bytes }) => sum + bytes, 0) / linkListeners.length / 1024)} kB a listener`,
);
show('Everyone got everything within the credential, in order', faults.length === 0 ? 'yes' : 'NO');
for (const fault of new Set(faults)) console.log(`  ${fault}`);
await server.stop();
folder.remove();
process.exit(faults.length === 0 ? 0 : 1);
