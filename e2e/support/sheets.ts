// Every sheet that lies over a page, and how one comes to it: kept complete by accessibility.e2e.ts, which compares it with the program.
import type { Visitor } from './browser.ts';

export interface SheetPath {
  /** The component that it is. */
  readonly sheet: string;
  /** Where one stands before. */
  readonly at: string;
  readonly opens: (by: Visitor) => Promise<unknown>;
}

const text =
  (...words: readonly string[]) =>
  async (by: Visitor): Promise<void> => {
    for (const one of words) await by.pressText(one);
  };
const press =
  (...selectors: readonly string[]) =>
  async (by: Visitor): Promise<void> => {
    for (const one of selectors) await by.press(one);
  };
const key = (name: '/' | '?') => (by: Visitor) => by.strike(name);

const unit = (page: string): string => `/units/unit-kites/${page}`;

export const SHEETS: readonly SheetPath[] = [
  { sheet: 'FindSheet', at: unit('corners'), opens: key('/') },
  { sheet: 'KeysSheet', at: unit('corners'), opens: key('?') },
  { sheet: 'StartSheet', at: '/units', opens: text('Start a unit') },
  { sheet: 'TakeUnitSheet', at: '/units', opens: text('Take one in') },
  { sheet: 'PickSheet', at: unit('corners'), opens: press('[aria-label="Put something in Music"]') },
  { sheet: 'PlacementSheet', at: unit('corners'), opens: text('Weather dough') },
  { sheet: 'MendSheet', at: unit('corners'), opens: text('Weather dough', 'Mend it here') },
  { sheet: 'BalanceSheet', at: unit('corners'), opens: text('Balance') },
  { sheet: 'CarrySheet', at: '/units/unit-lanterns/corners', opens: text('From last time') },
  { sheet: 'ChangeOverSheet', at: unit('corners'), opens: text('Changing over') },
  {
    sheet: 'LeaveEmptySheet',
    at: '/units/unit-lanterns/corners',
    opens: press('[aria-label^="Leave "][aria-label$=" empty on purpose"]'),
  },
  { sheet: 'DaySheet', at: unit('days'), opens: press('[data-test="day-5"] button.name') },
  { sheet: 'LineSheet', at: unit('days'), opens: press('.room button.link') },
  { sheet: 'PacketSheet', at: unit('days'), opens: text('A packet of sheets') },
  { sheet: 'ReshuffleSheet', at: unit('days'), opens: text('Another way') },
  { sheet: 'SureSheet', at: unit('days'), opens: text('How sure is it?') },
  { sheet: 'ClosureSheet', at: unit('days'), opens: text('Close a date') },
  { sheet: 'EventSheet', at: unit('spark'), opens: text('An event') },
  { sheet: 'PictureSheet', at: unit('spark'), opens: press('[data-test="thing-picture"]') },
  { sheet: 'AddPieceSheet', at: unit('circle'), opens: press('[data-test="add-piece"]') },
  { sheet: 'PieceSheet', at: unit('circle'), opens: text('I opened my sack') },
  { sheet: 'ErrandSheet', at: unit('gather'), opens: press('[data-test="supply-wooden-dowels"] .name') },
  { sheet: 'CostSheet', at: unit('gather'), opens: press('[data-test="supply-wooden-dowels"] .price') },
  { sheet: 'TaskSheet', at: unit('ready'), opens: press('[data-test="task"] button.what') },
  { sheet: 'AddSheet', at: unit('ready'), opens: text('Add a task') },
  {
    sheet: 'RecordSheet',
    at: '/today',
    opens: press('[data-test="block-small-groups"]', '[data-test="record-more"]'),
  },
  {
    sheet: 'BatchSheet',
    at: '/kitchen/counter/cooked-dough',
    opens: press('::-p-xpath(//button[normalize-space(.)="Made it"])'),
  },
  { sheet: 'ObservationSheet', at: '/watch/begin', opens: text('Something of your own') },
  { sheet: 'ChildSheet', at: '/house/children', opens: text('Tove Lind') },
  { sheet: 'ForgetSheet', at: '/house/children', opens: text('Tove Lind', 'Forget this child') },
  { sheet: 'ExceptionSheet', at: '/house/children', opens: text('Somebody is away') },
  { sheet: 'PersonSheet', at: '/house/people', opens: text('Sol') },
  { sheet: 'CornerSheet', at: '/house/corners', opens: text('Sensory bin') },
  { sheet: 'SupplySheet', at: '/house/cupboard', opens: text('Aprons') },
  { sheet: 'UsualSheet', at: '/house/cupboard?begin=usual', opens: () => Promise.resolve() },
  { sheet: 'BringInSheet', at: '/house/cupboard', opens: text('Prices') },
  { sheet: 'ActivitySheet', at: '/house/library', opens: text('An activity') },
  { sheet: 'SongSheet', at: '/house/library', opens: text('A song') },
  { sheet: 'RecipeSheet', at: '/house/library', opens: text('A recipe') },
  { sheet: 'BookSheet', at: '/house/library', opens: text('A book') },
  { sheet: 'PrintedSheet', at: '/house/library', opens: text('A sheet') },
  { sheet: 'CalendarSheet', at: '/house/rules', opens: text('From a calendar file') },
  { sheet: 'RestoreSheet', at: '/house/kept', opens: text('Back up now', 'Look inside') },
];
