import type { Book } from '../book/index.ts';
import { formatDay, formatMinutes } from '../calendar/index.ts';
import { BASKETS, type BasketId } from '../daybook/index.ts';
import { formatQuantity } from '../measure/index.ts';
import {
  concerns,
  packsText,
  type PrintJob,
  type Reading,
  type ReadyEntry,
  type SupplyLine,
} from '../reading/index.ts';
import { text, under, type PrintedPage } from './page.ts';

/** Things in groups by a name, the groups in the order of the names. */
function byName<T>(
  list: readonly T[],
  nameOf: (one: T) => string,
): readonly (readonly [string, readonly T[]])[] {
  const groups = new Map<string, T[]>();
  for (const one of list) groups.set(nameOf(one), [...(groups.get(nameOf(one)) ?? []), one]);
  return [...groups].toSorted(([a], [b]) => (a < b ? -1 : 1));
}

// The shop of the packs that were chosen, else where it was got before.
const shopOf = ({ packs, supply }: SupplyLine): string =>
  packs?.packs.find(({ pack }) => pack.shop)?.pack.shop ?? supply.gotFrom ?? 'Any shop';

/** What is got: what is bought by shop, then what families send in, what is borrowed and collected. */
export function supplyList(_book: Book, { supplies, frame }: Reading): readonly PrintedPage[] {
  const { units } = frame.home;
  const lines = supplies.filter(({ buy }) => buy.amount > 0);
  const lineText = ({ supply, buy, packs, orderBy, errand }: SupplyLine): string => {
    const inPacks = packs && packs.packs.length > 0 ? `, ${packsText(packs, supply, units)}` : '';
    const note = errand?.note ? ` (${errand.note})` : '';
    return `${supply.name}: ${formatQuantity(buy, units)}${inPacks}, by ${formatDay(orderBy)}${note}`;
  };
  const bought = lines.filter(({ basket }) => basket === 'buy');
  const others = (['families', 'borrow', 'collect'] satisfies BasketId[]).flatMap((basket) => {
    const listed = lines.filter((line) => line.basket === basket).map(lineText);
    const rule = basket === 'collect' && listed.length > 0 ? frame.home.collectRule : '';
    return [...under(BASKETS[basket], listed, { boxes: true }), ...(rule === '' ? [] : [text(rule)])];
  });
  const shops = byName(bought, shopOf).flatMap(([shop, list]) =>
    under(shop, list.map(lineText), { boxes: true }),
  );
  if (shops.length + others.length === 0) return [];
  return [
    {
      key: 'supplies',
      title: 'What to get',
      sub: `${frame.unit.title} · ${frame.home.name}`,
      parts: [...shops, ...others],
    },
  ];
}

/** What is made ready, a page for each person, in the order of the times. */
export function preparationLists(book: Book, reading: Reading): readonly PrintedPage[] {
  const { unit, home } = reading.frame;
  const laid = reading.ready.entries.filter(
    ({ slot, state, task }) => slot !== null && state === 'laid' && concerns(task, unit.id),
  );
  const who = ({ slot }: ReadyEntry): string =>
    slot?.personId ? (book.people[slot.personId]?.name ?? 'Somebody') : 'Anybody';
  return byName(laid, who).map(([name, entries]) => ({
    key: `ready-${name}`,
    title: `To make ready: ${name}`,
    sub: `${unit.title} · ${home.name}`,
    parts: byName(entries, ({ slot }) => slot!.date).flatMap(([, ofDay]) =>
      under(
        formatDay(ofDay[0]!.slot!.date),
        ofDay
          .toSorted((a, b) => a.slot!.start - b.slot!.start)
          .map(
            ({ task, slot }) =>
              `${formatMinutes(slot!.start)} ${slot!.name}: ${task.text}, ${task.minutes} min (${task.forWhat})`,
          ),
        { boxes: true },
      ),
    ),
  }));
}

const copyText = ({ sheet, copies, placement }: PrintJob): readonly string[] =>
  copies.map(({ children, count, version }) => {
    const whose = children.length > 0 ? `: ${children.map(({ shownAs }) => shownAs).join(', ')}` : '';
    return `${count} × ${sheet.title}${whose}${version ? ` (${version.does})` : ''} for ${placement.content.title}`;
  });

/** What lies in the folder of a day: its sheets by child, and where each comes from. */
export function folderSheet(_book: Book, reading: Reading, number: number): readonly PrintedPage[] {
  const day = reading.frame.calendar.days[number - 1];
  if (!day) return [];
  const jobs = reading.prints.filter(({ days, by }) => (days[0] ?? by).number === number);
  const folder = reading.packing.folders.find(({ key }) => key === `folder-${number}`);
  const parts = [
    ...under('Sheets', jobs.flatMap(copyText), { boxes: true }),
    ...under(
      'From where',
      jobs.flatMap(({ sheet }) => (sheet.from === '' ? [] : [`${sheet.title}: ${sheet.from}`])),
    ),
    ...under('In the folder', folder?.things ?? [], { boxes: true }),
  ];
  return [
    {
      key: `folder-${number}`,
      title: `Folder of Day ${number}`,
      sub: `${formatDay(day.date)} · ${reading.frame.unit.title}`,
      parts: parts.length > 0 ? parts : [text('No sheet is printed for this day.')],
    },
  ];
}
