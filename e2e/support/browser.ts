import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer, {
  type Browser,
  type BrowserContext,
  type CDPSession,
  type ElementHandle,
  type KeyInput,
  type Page,
} from 'puppeteer-core';
import { findChromium } from '../../scripts/prepare.mjs';

export const LAPTOP = { width: 1280, height: 800 };
/** A tablet on the kitchen table: as wide as a laptop, with fingers. */
export const TABLET = { width: 1280, height: 800, hasTouch: true, deviceScaleFactor: 1 };
export const PHONE = { width: 390, height: 844, isMobile: true, hasTouch: true, deviceScaleFactor: 1 };

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Starts headless Chromium with an empty profile of its own. */
export async function openBrowser(): Promise<{ readonly browser: Browser; close(): Promise<void> }> {
  const profile = mkdtempSync(join(tmpdir(), 'kobby-browser-'));
  const browser = await puppeteer.launch({
    executablePath: findChromium() ?? '/usr/bin/chromium',
    headless: true,
    userDataDir: profile,
    args: FLAGS,
  });
  return {
    browser,
    close: async () => {
      await browser.close();
      rmSync(profile, { recursive: true, force: true });
    },
  };
}

/** How long a page may take for anything: a busy machine is no fault. */
export const PATIENCE_MS = 90_000;
// All text of a page is laid out to be read: not at every frame.
const POLLING = { polling: 40 };
// More than any page has to tab through.
const MOST_TABS = 400;

// Runs in the page: the middle of what is to be pressed, once nothing lies over it and it has stood still for a frame; null before.
async function whereToPress(element: Element): Promise<{ x: number; y: number } | null> {
  const before = element.getBoundingClientRect();
  await new Promise((drawn) => requestAnimationFrame(drawn));
  const { x, y, width, height } = element.getBoundingClientRect();
  const isStill = before.x === x && before.y === y && before.width === width && before.height === height;
  const canBePressed = element.isConnected && width > 0 && height > 0 && !element.matches(':disabled');
  if (!isStill || !canBePressed) return null;
  const middle = { x: x + width / 2, y: y + height / 2 };
  const there = document.elementFromPoint(middle.x, middle.y);
  if (there !== null && (element.contains(there) || there.contains(element))) return middle;
  // As a person would: what lies past the edge is rolled into view, and looked at again.
  element.scrollIntoView({ block: 'center', behavior: 'instant' });
  return null;
}

/** Runs in a page, before anything of it: a browser that cannot keep pages. */
export function keepNoPages(): void {
  delete (Navigator.prototype as { serviceWorker?: unknown }).serviceWorker;
}

// Runs in the page: how often Tab has to be pressed until the focus is on what is wanted, counted by the order of the page;
// null when nothing like it is on the page. A guess: dialogs and lists may hold the focus, so it is looked at again.
function tabsUntil(selector: string, wanted: string, exactly: boolean): number | null {
  const isWanted = (element: Element | null): boolean => {
    if (!element?.matches(selector)) return false;
    if (element.getAttribute('name') === wanted) return true;
    const by = document.getElementById(element.getAttribute('aria-labelledby') ?? '');
    const label = by?.textContent ?? (element as HTMLInputElement).labels?.[0]?.textContent;
    const own = element.querySelector(':scope > b')?.textContent;
    const words = [element.getAttribute('aria-label'), element.textContent, label, own];
    return words.some((one) => (exactly ? one?.trim() === wanted : one?.includes(wanted)));
  };
  const focused = document.activeElement;
  if (isWanted(focused)) return 0;
  const stopsOf = (root: ParentNode): HTMLElement[] =>
    [...root.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary, [tabindex]')]
      .filter((one) => one.tabIndex >= 0 && !one.matches(':disabled') && !one.closest('[inert]'))
      .filter((one) => one.checkVisibility({ visibilityProperty: true }));
  // A dialog holds the focus.
  const held = focused?.closest('[role="dialog"]');
  const inside = held ? stopsOf(held) : [];
  const stops = inside.some(isWanted) ? inside : stopsOf(document);
  const from = focused ? stops.indexOf(focused as HTMLElement) : -1;
  const inTurn = [...stops.slice(from + 1), ...stops.slice(0, from + 1)];
  const at = inTurn.findIndex(isWanted);
  return at < 0 ? null : at + 1;
}

/** A page in a context of its own: another person at another device. Errors of the page fail the test. */
export class Visitor {
  readonly context: BrowserContext;
  readonly page: Page;
  readonly errors: string[] = [];
  /** How often something was pressed, and how many keys were struck, since this person arrived. */
  presses = 0;
  keys = 0;
  #session: CDPSession | null = null;

  private constructor(context: BrowserContext, page: Page) {
    this.context = context;
    this.page = page;
    page.on('pageerror', (error) => this.errors.push(String(error)));
  }

  /**
   * Somebody opens a browser of their own. It keeps the pages for later only where that is asked for: otherwise each
   * arrival would fetch all of them first.
   */
  static async arrive(
    browser: Browser,
    viewport: { width: number; height: number },
    { keepsPages = false } = {},
  ): Promise<Visitor> {
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    if (!keepsPages) await page.evaluateOnNewDocument(keepNoPages);
    await page.setViewport(viewport);
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
    page.setDefaultTimeout(PATIENCE_MS);
    return new Visitor(context, page);
  }

  /** Another window of the same browser. */
  async another(viewport: { width: number; height: number }): Promise<Visitor> {
    const page = await this.context.newPage();
    await page.setViewport(viewport);
    await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
    page.setDefaultTimeout(PATIENCE_MS);
    return new Visitor(this.context, page);
  }

  async go(url: string): Promise<void> {
    await this.page.goto(url, { waitUntil: 'load' });
  }

  /** Leads an open page to another address without loading everything anew, as its own links do. */
  async route(path: string): Promise<void> {
    await this.page.evaluate(async (to) => {
      const root = document.querySelector('#app') as unknown as {
        __vue_app__: { config: { globalProperties: { $router: { push(path: string): Promise<unknown> } } } };
      };
      await root.__vue_app__.config.globalProperties.$router.push(to);
    }, path);
    await this.drawn();
  }

  /** Waits until what was done so far is drawn. */
  drawn(): Promise<void> {
    return this.page.evaluate(
      () => new Promise<void>((drawn) => requestAnimationFrame(() => requestAnimationFrame(() => drawn()))),
    );
  }

  /** Waits for something that is there and has a size. */
  find(selector: string): Promise<ElementHandle<Element>> {
    return this.page.waitForSelector(selector, { visible: true }) as Promise<ElementHandle<Element>>;
  }

  async press(selector: string): Promise<void> {
    this.presses += 1;
    const end = Date.now() + PATIENCE_MS;
    for (;;) {
      // Looked for anew each time: a page that is on its way out has the same names on it.
      const element = await this.page.$(selector);
      const at = await element?.evaluate(whereToPress).catch(() => null);
      await element?.dispose().catch(() => undefined);
      if (at) return this.page.mouse.click(at.x, at.y);
      if (Date.now() > end) throw new Error(`nothing to press: ${selector}`);
      await new Promise((again) => setTimeout(again, 30));
    }
  }

  /** Presses the button, link or drawer that carries a text. */
  async pressText(text: string): Promise<void> {
    await this.press(`::-p-xpath(//*[self::button or self::a][contains(normalize-space(.), "${text}")])`);
  }

  /** Takes the first activity whose title contains the text from the open list, and waits until the list is gone. */
  async choose(title: string): Promise<void> {
    await this.press(`::-p-xpath(//*[@data-test="choices"]//button[contains(., "${title}")])`);
    await this.page.waitForFunction(() => !document.querySelector('[data-test="choices"]'));
  }

  /** Replaces what stands in a field, as by hand: everything is selected, then typed over. */
  async fill(name: string, value: string): Promise<void> {
    const field = (await this.find(`input[name="${name}"]`)) as ElementHandle<HTMLInputElement>;
    const isDate = await field.evaluate((input) => {
      input.focus();
      input.select();
      return input.type === 'date';
    });
    // A date is typed as eight figures.
    this.keys += isDate ? 8 : value.length;
    this.presses += 1;
    if (!isDate) return this.page.keyboard.type(value);
    // The parts of a date field follow the browser's language: it is set as its own picker would.
    await field.evaluate((input, date) => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(input, date);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      input.dispatchEvent(new Event('change', { bubbles: true }));
    }, value);
  }

  /** Strikes keys one after the other, as by somebody without a mouse. */
  async strike(...keys: readonly KeyInput[]): Promise<void> {
    for (const key of keys) {
      this.keys += 1;
      await this.page.keyboard.press(key);
    }
  }

  /** Types where the cursor is. */
  async type(text: string): Promise<void> {
    this.keys += text.length;
    await this.page.keyboard.type(text);
  }

  /** Presses Tab until the focus is on what has this name, or these words in its label or text. */
  tabTo(wanted: string): Promise<void> {
    return this.#tabUntil('button, input, textarea, a, [role="combobox"]', wanted, 'contains');
  }

  /** The same for what is called just so, or for a drawer of this name. */
  tabToExactly(wanted: string): Promise<void> {
    return this.#tabUntil('button, a', wanted, 'is');
  }

  /** The same for what matches a selector and has these words in its label or text. */
  tabToIn(selector: string, wanted: string): Promise<void> {
    return this.#tabUntil(selector, wanted, 'contains');
  }

  async #tabUntil(selector: string, wanted: string, how: 'is' | 'contains'): Promise<void> {
    let tabs = 0;
    while (tabs < MOST_TABS) {
      const ahead = await this.page.evaluate(tabsUntil, selector, wanted, how === 'is');
      if (ahead === 0) return;
      // What is not there yet may come: one step, and another look.
      const count = ahead ?? 1;
      await this.#pressTab(count);
      tabs += count;
    }
    throw new Error(`the focus never came to ${wanted}`);
  }

  /** Tab so many times, sent in one go: nobody waits for an answer to each. */
  async #pressTab(count: number): Promise<void> {
    this.keys += count;
    const session = (this.#session ??= await this.page.createCDPSession());
    const key = { key: 'Tab', code: 'Tab', windowsVirtualKeyCode: 9 };
    const strokes = Array.from({ length: count }, () => [
      session.send('Input.dispatchKeyEvent', { type: 'rawKeyDown', ...key }),
      session.send('Input.dispatchKeyEvent', { type: 'keyUp', ...key }),
    ]);
    await Promise.all(strokes.flat());
  }

  async sees(text: string): Promise<void> {
    await this.page.waitForFunction((wanted) => document.body.innerText.includes(wanted), POLLING, text);
  }

  async seesNot(text: string): Promise<void> {
    await this.page.waitForFunction((gone) => !document.body.innerText.includes(gone), POLLING, text);
  }

  /** The number that stands before a word of the page, as in “157 entries”. */
  async countOf(word: string): Promise<number> {
    const shown = await this.page.waitForFunction(
      (wanted) => new RegExp(`(\\d+) ${wanted}`).exec(document.body.innerText)?.[1],
      POLLING,
      word,
    );
    return Number(await shown.jsonValue());
  }

  async textOf(selector: string): Promise<string> {
    await this.find(selector);
    return this.page.$eval(selector, (element) => (element as HTMLElement).innerText);
  }

  textsOf(selector: string): Promise<string[]> {
    return this.page.$$eval(selector, (elements) =>
      elements.map((element) => (element as HTMLElement).innerText),
    );
  }

  /** Waits until everything is kept. */
  async kept(): Promise<void> {
    await this.page.waitForFunction(() =>
      document.querySelector('[data-test="save-state"]')?.textContent?.includes('All kept'),
    );
  }
}
