// What a program can tell of barriers on a page: rules, colours, sizes, what is cut off, where the focus is.
import axe from 'axe-core';
import { LAPTOP, type Visitor } from './browser.ts';

/** WCAG 2.2 A and AA, and what is good practice beside it. */
const ALL = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];
/** What can be otherwise on a small screen or in another light. */
const OF_SIZE = ['target-size'];
const OF_LIGHT = ['color-contrast'];

/** Colours that are still on their way from one light to the other would be judged as they pass. */
const STILL = '*, *::before, *::after { transition: none !important; animation: none !important; }';

/** What is wrong, as `rule: where`: by everything that is asked of a page, or by some rules only. */
async function problemsOf({ page }: Visitor, rules?: readonly string[]): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) {
    await page.evaluate(axe.source);
    await page.addStyleTag({ content: STILL });
  }
  return page.evaluate(
    async (runOnly) => {
      // What lies over a page is looked at by itself: the page was looked at before.
      const on = [...document.querySelectorAll('[role="dialog"]')].at(-1) ?? document;
      const { violations } = await (window as unknown as { axe: typeof axe }).axe.run(on, {
        runOnly,
        resultTypes: ['violations'],
        // Style sheets are read again only by a rule of the whole list.
        preload: runOnly.type === 'tag',
      });
      return violations.flatMap((v) =>
        v.nodes.map((node) => `${v.id}: ${node.target.join(' ')} ${node.failureSummary}`),
      );
    },
    rules ? { type: 'rule' as const, values: [...rules] } : { type: 'tag' as const, values: ALL },
  );
}

/** What goes past the side of the page, or of the sheet that lies over it, and cannot be rolled to inside of something of its own. */
const pastTheSide = ({ page }: Visitor): Promise<string[]> =>
  page.evaluate(() => {
    const sheet = document.querySelector('[role="dialog"] .sheet .body');
    const past =
      sheet && sheet.scrollWidth > sheet.clientWidth + 1 ? [`the sheet, ${sheet.scrollWidth} px wide`] : [];
    const page = document.documentElement;
    if (page.scrollWidth > window.innerWidth) past.push(`the page, ${page.scrollWidth} px wide`);
    return past;
  });

interface MountedApp {
  readonly __vue_app__: {
    readonly _context: { readonly provides: Record<symbol, { change(name: string): void }> };
  };
}

/** Puts an open page in another light, as the switch for it does. */
const inLight = ({ page }: Visitor, light: 'day' | 'evening'): Promise<void> =>
  page.evaluate((chosen) => {
    document.documentElement.dataset.light = chosen;
    const { provides } = (document.querySelector('#app') as unknown as MountedApp).__vue_app__._context;
    const key = Object.getOwnPropertySymbols(provides).find((one) => one.description === 'vuetify:theme')!;
    provides[key]!.change(chosen);
    return new Promise<void>((drawn) => requestAnimationFrame(() => requestAnimationFrame(() => drawn())));
  }, light);

/**
 * Everything once, as the page stands; contrast by evening light too.
 * @returns what is in the way, each with where it was looked at; empty where nothing is.
 */
async function barriersHere(visitor: Visitor, at: string): Promise<string[]> {
  const found = [...(await problemsOf(visitor)), ...(await pastTheSide(visitor))];
  await inLight(visitor, 'evening');
  found.push(...(await problemsOf(visitor, OF_LIGHT)));
  await inLight(visitor, 'day');
  return found.map((one) => `${at}: ${one}`);
}

/** Charts are drawn anew a moment after the page has another width. */
async function settled(visitor: Visitor): Promise<void> {
  await visitor.drawn();
  await new Promise((still) => setTimeout(still, 150));
}

/** As wide as a phone; what is open stays open, which a change to touch would not let it. */
const NARROW = { width: 390, height: 844 } as const;

/** On a phone only what is otherwise there. */
async function barriersOnPhones(visitor: Visitor): Promise<string[]> {
  const before = visitor.page.viewport()!;
  await visitor.page.setViewport(NARROW);
  await settled(visitor);
  const found = [...(await problemsOf(visitor, OF_SIZE)), ...(await pastTheSide(visitor))];
  await visitor.page.setViewport(before);
  return found.map((one) => `on a phone: ${one}`);
}

/** A laptop, the same at 200 %, a phone, and 400 % of 1280 pixels. */
const SIZES = [LAPTOP, { width: 640, height: 400 }, NARROW, { width: 320, height: 512 }] as const;
/** As wide as WCAG 1.4.12 lets a reader set it. */
const WIDE_TEXT =
  '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }';

// What is there at every size, with wide text, and where the system chooses the colours. Takes a minute for a few pages.
async function barriersAtEverySize(visitor: Visitor): Promise<string[]> {
  const { page } = visitor;
  const found: string[] = [];
  for (const size of SIZES) {
    await page.setViewport(size);
    await settled(visitor);
    found.push(...(await barriersHere(visitor, `${size.width} px`)));
  }
  await page.setViewport(LAPTOP);
  const wide = await page.addStyleTag({ content: WIDE_TEXT });
  await visitor.drawn();
  found.push(...(await pastTheSide(visitor)).map((one) => `wide text: ${one}`));
  await wide.evaluate((style) => (style as Element).remove());
  const session = await page.createCDPSession();
  const colours = (value: string) =>
    session.send('Emulation.setEmulatedMedia', {
      features: [
        { name: 'forced-colors', value },
        { name: 'prefers-reduced-motion', value: 'reduce' },
      ],
    });
  await colours('active');
  const lost = await page.evaluate(withoutShape);
  found.push(...lost.map((one) => `forced colours: ${one}`));
  await colours('none');
  await session.detach();
  return found;
}

// Runs in a page. Where the system chooses the colours a filled shape is not seen: what can be pressed needs a line, words or a drawing.
function withoutShape(): string[] {
  return [...document.querySelectorAll<HTMLElement>('main button, [role="dialog"] button')]
    .filter((one) => one.offsetWidth > 0)
    .filter((one) => {
      const { borderStyle, outlineStyle } = getComputedStyle(one);
      const isDrawn = one.querySelector('svg, img') !== null || (one.textContent ?? '').trim() !== '';
      return !isDrawn && borderStyle === 'none' && outlineStyle === 'none';
    })
    .map((one) => `${one.className} ${one.getAttribute('aria-label') ?? ''}`);
}

/** All that is in the way on what is open: as a laptop and a phone show it, or at every size where there is time for it. */
export const barriers = async (visitor: Visitor): Promise<string[]> =>
  process.env.KOBBY_DEEP
    ? barriersAtEverySize(visitor)
    : [...(await barriersHere(visitor, 'here')), ...(await barriersOnPhones(visitor))];
