import type { KeyInput, SerializedAXNode } from 'puppeteer-core';
import type { Visitor } from './browser.ts';

/** Runs in a page, before anything of it: notes what its live regions say. */
function noteWhatIsSaid(): void {
  const said: string[] = [];
  Object.assign(window, { said });
  const LIVE = '[role="status"], [role="alert"], [aria-live]:not([aria-live="off"])';
  new MutationObserver((changes) => {
    const regions = changes.flatMap(({ target }) => {
      const element = target instanceof Element ? target : target.parentElement;
      return element?.closest(LIVE) ?? [];
    });
    const added = changes.flatMap(({ addedNodes }) =>
      [...addedNodes].flatMap((node) =>
        node instanceof Element
          ? [node, ...node.querySelectorAll('*')].filter((one) => one.matches(LIVE))
          : [],
      ),
    );
    for (const region of new Set([...regions, ...added])) {
      const text = (region.textContent ?? '').replace(/\s+/g, ' ').trim();
      if (text !== '') said.push(text);
    }
  }).observe(document, { subtree: true, childList: true, characterData: true });
}

/** What has the focus, as it is read out. */
export interface Heard {
  readonly role: string;
  readonly name: string;
}

/** Somebody who sees nothing: knows of a page what is read out, and has a keyboard. */
export class Ear {
  readonly visitor: Visitor;
  /** What had the focus on the way and was read out without a name. */
  readonly nameless: string[] = [];

  private constructor(visitor: Visitor) {
    this.visitor = visitor;
  }

  static async at(visitor: Visitor, url: string): Promise<Ear> {
    await visitor.page.evaluateOnNewDocument(noteWhatIsSaid);
    await visitor.go(url);
    return new Ear(visitor);
  }

  /** What is read out where the focus is. */
  async hears(): Promise<Heard> {
    const tree = await this.visitor.page.accessibility.snapshot();
    const at = focused(tree);
    return { role: at?.role ?? 'nothing', name: at?.name ?? '' };
  }

  /** Waits until what is read out is this. */
  async comesTo(role: string, name: string | RegExp): Promise<void> {
    for (let tries = 0; tries < 100; tries += 1) {
      const now = await this.hears();
      if (now.role === role && now.name.match(name)) return;
      await new Promise((again) => setTimeout(again, 100));
    }
    throw new Error(`heard ${JSON.stringify(await this.hears())} instead of ${role} ${name}`);
  }

  /** Tab by Tab, until what is read out is this; what has no name on the way is noted. */
  async goesTo(role: string, name: string | RegExp, most = 120): Promise<void> {
    for (let tabs = 0; tabs < most; tabs += 1) {
      const now = await this.hears();
      if (now.role === role && now.name.match(name)) return;
      if (now.name === '' && !['RootWebArea', 'nothing', 'dialog'].includes(now.role))
        this.nameless.push(`${now.role} after ${tabs} tabs towards ${name}`);
      await this.visitor.strike('Tab');
    }
    throw new Error(`never came to ${role} ${name}`);
  }

  strike(...keys: readonly KeyInput[]): Promise<void> {
    return this.visitor.strike(...keys);
  }

  /** Waits until a live region said this since the page was loaded. */
  async wasTold(text: string): Promise<void> {
    await this.visitor.page.waitForFunction(
      (wanted) => (window as unknown as { said: string[] }).said.some((one) => one.includes(wanted)),
      {},
      text,
    );
  }
}

function focused(node: SerializedAXNode | null): SerializedAXNode | null {
  if (!node) return null;
  for (const child of node.children ?? []) {
    const found = focused(child);
    if (found) return found;
  }
  return node.focused ? node : null;
}
