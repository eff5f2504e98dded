import type { Visitor } from './browser.ts';

/** What somebody does who plans a unit, whatever she holds in her hand. Places are named as the page names them. */
export interface Planner {
  /** Opens a page of the unit: `Corners`. */
  page(name: string): Promise<void>;
  startUnit(title: string, start: string): Promise<void>;
  /** Puts an activity of the library into a corner, by the kind of the corner. */
  intoCorner(title: string, kind: string, name: string): Promise<void>;
  ontoDay(title: string, day: number): Promise<void>;
  /** Moves what stands on one day to another. */
  moveTo(title: string, from: number, to: number): Promise<void>;
  /** Puts a pattern with its words into a child's own bin. */
  intoBin(title: string, child: string, words: Readonly<Record<string, string>>): Promise<void>;
  /** Chooses the version that a child gets in one of its areas: the nth of the list. */
  chooseVersion(title: string, child: string, area: string, nth: number): Promise<void>;
  /** Sets what is hoped for under a heading of a lens. */
  hopeFor(lens: string, heading: string, count: number): Promise<void>;
}

/** Something that can be said of an element without touching the page by pointer. */
const centreOf = (visitor: Visitor, selector: string): Promise<{ x: number; y: number }> =>
  visitor.page
    .locator(selector)
    .map((element) => {
      element.scrollIntoView({ block: 'center', behavior: 'instant' });
      const { x, y, width, height } = element.getBoundingClientRect();
      return { x: x + width / 2, y: y + height / 2 };
    })
    .wait();

const ledgeEntry = (title: string): string =>
  `::-p-xpath(//*[@data-test="ledge"]//li[.//b[normalize-space(.)="${title}"]])`;
const gripOf = (title: string): string => `[data-test="ledge"] [aria-label="Move ${title}"]`;
const onDay = (title: string, day: number): string =>
  `::-p-xpath(//*[@data-test="day-${day}"]//button[contains(@class, "item") and contains(., "${title}")])`;
const drawer = (name: string): string => `::-p-xpath(//nav//a[b[normalize-space(.)="${name}"]])`;
const heading = (name: string): string => `::-p-xpath(//main//h1[normalize-space(.)="${name}"])`;
const button = (text: string): string => `::-p-xpath(//button[normalize-space(.)="${text}"])`;
const cellOf = (child: string, area: string): string =>
  `[data-test="trays"] [aria-label^="${child}, ${area}:"]`;
const rowOf = (child: string): string =>
  `::-p-xpath(//*[@data-test="trays"]//button[contains(@class, "child") and contains(., "${child.split(' ')[0]}")])`;

/** What mouse and finger share: only how a press and a drag are made differs. */
class PointerPlanner implements Planner {
  protected readonly visitor: Visitor;
  readonly #tap: (at: { x: number; y: number }) => Promise<void>;
  readonly #drag: (from: { x: number; y: number }, to: { x: number; y: number }) => Promise<void>;
  readonly #byGrip: boolean;

  constructor(
    visitor: Visitor,
    tap: (at: { x: number; y: number }) => Promise<void>,
    drag: (from: { x: number; y: number }, to: { x: number; y: number }) => Promise<void>,
    byGrip: boolean,
  ) {
    this.visitor = visitor;
    this.#tap = tap;
    this.#drag = drag;
    this.#byGrip = byGrip;
  }

  async press(selector: string): Promise<void> {
    await this.visitor.find(selector);
    await this.#tap(await centreOf(this.visitor, selector));
  }

  async #pull(from: string, to: string): Promise<void> {
    await centreOf(this.visitor, to);
    const start = await centreOf(this.visitor, from);
    const end = await this.visitor.page.$eval(to, (element) => {
      const { x, y, width, height } = element.getBoundingClientRect();
      return { x: x + width / 2, y: y + Math.min(height, 60) / 2 };
    });
    await this.#drag(start, end);
  }

  async #ledge(title: string): Promise<string> {
    if (!(await this.visitor.page.$('[data-test="ledge"]'))) await this.press('[data-test="open-ledge"]');
    await this.#write('ledge-words', title.replace(/[^\w ,-]/g, ' '));
    await this.visitor.find(ledgeEntry(title));
    return this.#byGrip ? gripOf(title) : ledgeEntry(title);
  }

  // Letters come from a keyboard in every hand; the field is chosen by press.
  async #write(name: string, text: string): Promise<void> {
    await this.press(`input[name="${name}"]`);
    await this.visitor.fill(name, text);
  }

  async page(name: string): Promise<void> {
    await this.press(drawer(name));
    await this.visitor.find(heading(name));
  }

  async startUnit(title: string, start: string): Promise<void> {
    await this.press(button('Start a unit'));
    await this.#write('title', title);
    await this.visitor.fill('start', start);
    await this.press('button[form="start-unit"]');
    await this.visitor.sees('The shelf');
  }

  async intoCorner(title: string, kind: string): Promise<void> {
    await this.#pull(await this.#ledge(title), `[data-spot="corner:corner-${kind}"]`);
    await this.visitor.find(`::-p-xpath(//*[@data-test="cubby-${kind}"]//b[contains(., "${title}")])`);
  }

  async ontoDay(title: string, day: number): Promise<void> {
    await this.#pull(await this.#ledge(title), `[data-spot="day:${day}"]`);
    await this.visitor.find(onDay(title, day));
  }

  async moveTo(title: string, from: number, to: number): Promise<void> {
    const grip = `[data-test="day-${from}"] [aria-label="Move ${title}"]`;
    await this.#pull(this.#byGrip ? grip : onDay(title, from), `[data-spot="day:${to}"]`);
    await this.visitor.find(onDay(title, to));
  }

  async intoBin(title: string, child: string, words: Readonly<Record<string, string>>): Promise<void> {
    await this.press(rowOf(child));
    await this.press(`[aria-label="Into the bin of ${child}"]`);
    await this.press(`::-p-xpath(//*[@data-test="choices"]//button[contains(., "${title}")])`);
    for (const [slot, word] of Object.entries(words)) await this.#write(`slot-${slot}`, word);
    await this.press(button('Place it'));
    await this.visitor.seesNot('What goes in the bin');
  }

  async chooseVersion(title: string, child: string, area: string, nth: number): Promise<void> {
    await this.press(cellOf(child, area));
    const select = `select[aria-label="Version of ${title} for ${child}"]`;
    await this.visitor.find(select);
    // The list of a select is drawn outside of the page: it is chosen from as its own list would.
    const value = await this.visitor.page.$eval(
      select,
      (list, index) => (list as HTMLSelectElement).options[index]!.value,
      nth,
    );
    await this.visitor.page.select(select, value);
    await this.visitor.find(`${cellOf(child, area)}[aria-label$="chosen by hand"]`);
  }

  async hopeFor(lens: string, heading: string, count: number): Promise<void> {
    await this.press(button('Balance'));
    await this.press(button(lens));
    const field = `input[aria-label="Hoped for: ${heading}"]`;
    await this.press(field);
    await this.visitor.page.$eval(field, (input) => (input as HTMLInputElement).select());
    await this.visitor.type(String(count));
    await this.press('[aria-label="Close: Balance"]');
    await this.visitor.seesNot('By individual work');
  }
}

/** Somebody with a mouse: drags what is on the ledge, and what stands on a day, by the whole of it. */
export function mousePlanner(visitor: Visitor): Planner {
  const { mouse } = visitor.page;
  return new PointerPlanner(
    visitor,
    ({ x, y }) => mouse.click(x, y),
    async (from, to) => {
      await mouse.move(from.x, from.y);
      await mouse.down();
      await mouse.move(from.x + 10, from.y + 10, { steps: 2 });
      await mouse.move(to.x, to.y, { steps: 4 });
      await mouse.up();
    },
    false,
  );
}

/** Somebody with a finger: taps, and drags by the grip. */
export function touchPlanner(visitor: Visitor): Planner {
  const { touchscreen } = visitor.page;
  return new PointerPlanner(
    visitor,
    ({ x, y }) => touchscreen.tap(x, y),
    async (from, to) => {
      await touchscreen.touchStart(from.x, from.y);
      await touchscreen.touchMove(from.x + 10, from.y + 10);
      await touchscreen.touchMove(to.x, to.y);
      await touchscreen.touchEnd();
    },
    true,
  );
}

/** Somebody with a keyboard alone: nothing here points at anything. */
export class KeyboardPlanner implements Planner {
  readonly #visitor: Visitor;
  constructor(visitor: Visitor) {
    this.#visitor = visitor;
  }

  async page(name: string): Promise<void> {
    await this.#visitor.tabToExactly(name);
    await this.#visitor.strike('Enter');
    await this.#visitor.find(heading(name));
  }

  async startUnit(title: string, start: string): Promise<void> {
    await this.#visitor.tabTo('Start a unit');
    await this.#visitor.strike('Enter');
    await this.#visitor.tabTo('title');
    await this.#visitor.type(title);
    await this.#visitor.fill('start', start);
    await this.#visitor.tabTo('Put it on the shelf');
    await this.#visitor.strike('Enter');
    await this.#visitor.sees('The shelf');
  }

  async #pick(title: string): Promise<void> {
    await this.#visitor.find('[data-test="choices"]');
    await this.#visitor.tabTo('wanted');
    await this.#visitor.type(title.replace(/[^\w ,-]/g, ' '));
    await this.#visitor.tabTo(title);
    await this.#visitor.strike('Enter');
  }

  async #picked(): Promise<void> {
    await this.#visitor.page.waitForFunction(() => !document.querySelector('[data-test="choices"], .slots'));
  }

  async intoCorner(title: string, _kind: string, name: string): Promise<void> {
    await this.#visitor.tabTo(`Put something in ${name}`);
    await this.#visitor.strike('Enter');
    await this.#pick(title);
    await this.#picked();
  }

  async ontoDay(title: string, day: number): Promise<void> {
    await this.#visitor.tabToExactly(`Add to Day ${day}`);
    await this.#visitor.strike('Enter');
    await this.#pick(title);
    await this.#picked();
  }

  async moveTo(title: string, from: number, to: number): Promise<void> {
    await this.#visitor.tabToIn(`[data-test="day-${from}"] button.item`, title);
    for (let day = from; day !== to; day += Math.sign(to - from)) {
      await this.#visitor.page.keyboard.down('Alt');
      await this.#visitor.strike(to > from ? 'ArrowRight' : 'ArrowLeft');
      await this.#visitor.page.keyboard.up('Alt');
      const next = day + Math.sign(to - from);
      // The focus goes along with what is moved.
      await this.#visitor.page.waitForFunction(
        (at) => document.activeElement?.closest('.day')?.getAttribute('data-spot') === `day:${at}`,
        {},
        next,
      );
    }
  }

  async intoBin(title: string, child: string, words: Readonly<Record<string, string>>): Promise<void> {
    await this.#visitor.tabToIn('[data-test="trays"] button.child', child.split(' ')[0]!);
    await this.#visitor.strike('Enter');
    await this.#visitor.tabTo(`Into the bin of ${child}`);
    await this.#visitor.strike('Enter');
    await this.#pick(title);
    for (const [slot, word] of Object.entries(words)) {
      await this.#visitor.tabTo(`slot-${slot}`);
      await this.#visitor.type(word);
    }
    await this.#visitor.tabTo('Place it');
    await this.#visitor.strike('Enter');
    await this.#picked();
  }

  async chooseVersion(title: string, child: string, area: string, nth: number): Promise<void> {
    await this.#visitor.tabToIn('[data-test="trays"] button.cell', `${child}, ${area}:`);
    await this.#visitor.strike('Enter');
    await this.#visitor.tabToIn('select', `Version of ${title} for ${child}`);
    for (let i = 0; i < nth; i++) await this.#visitor.strike('ArrowDown');
    await this.#visitor.find(`${cellOf(child, area)}[aria-label$="chosen by hand"]`);
  }

  async hopeFor(lens: string, heading: string, count: number): Promise<void> {
    await this.#visitor.tabToExactly('Balance');
    await this.#visitor.strike('Enter');
    await this.#visitor.tabTo(lens);
    await this.#visitor.strike('Enter');
    await this.#visitor.tabToIn('input', `Hoped for: ${heading}`);
    await this.#visitor.type(String(count));
    await this.#visitor.strike('Tab', 'Escape');
    await this.#visitor.seesNot('By individual work');
  }
}
