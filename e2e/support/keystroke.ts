import type { KeyInput } from 'puppeteer-core';
import type { Visitor } from './browser.ts';

/**
 * The keystroke-level model (Card, Moran and Newell 1980), in seconds: a key struck by an average typist, pointing with a mouse or
 * finger, a hand that goes from keys to mouse or back, and a moment of making up one's mind.
 */
const SECONDS = { key: 0.28, point: 1.1, home: 0.4, mind: 1.35 } as const;

/** A visitor's hands, counted: what was struck, pointed at, and thought about. */
export class Hands {
  readonly visitor: Visitor;
  typed = 0;
  keys = 0;
  points = 0;
  homes = 0;
  minds = 0;
  #on: 'keys' | 'mouse' = 'mouse';

  /** `finger`: presses are taps; the keys are those on the glass. */
  readonly #pointer: 'mouse' | 'finger';

  constructor(visitor: Visitor, pointer: 'mouse' | 'finger' = 'mouse') {
    this.visitor = visitor;
    this.#pointer = pointer;
  }

  /** A text where the cursor is: made up as one, then struck letter by letter. */
  async type(text: string): Promise<void> {
    this.minds += 1;
    this.#to('keys');
    this.typed += text.length;
    this.keys += text.length;
    await this.visitor.page.keyboard.type(text);
  }

  async strike(...keys: readonly KeyInput[]): Promise<void> {
    this.#to('keys');
    this.keys += keys.length;
    for (const key of keys) await this.visitor.page.keyboard.press(key);
  }

  /** Points at what a selector finds and presses. */
  async press(selector: string): Promise<void> {
    this.#point();
    if (this.#pointer === 'mouse') return this.visitor.press(selector);
    const at = await this.visitor.page
      .locator(selector)
      .map((element) => {
        element.scrollIntoView({ block: 'center', behavior: 'instant' });
        const { x, y, width, height } = element.getBoundingClientRect();
        return { x: x + width / 2, y: y + height / 2 };
      })
      .wait();
    await this.visitor.page.touchscreen.tap(at.x, at.y);
  }

  async pressText(text: string): Promise<void> {
    const selector = `::-p-xpath(//*[self::button or self::a][contains(normalize-space(.), "${text}")])`;
    await this.press(selector);
  }

  /** Moves on within a form that is known: no new thought. */
  async tab(count = 1): Promise<void> {
    await this.strike(...Array.from({ length: count }, () => 'Tab' as const));
  }

  /** Replaces what stands in a field. */
  async fill(name: string, text: string): Promise<void> {
    this.#point();
    this.#to('keys');
    this.typed += text.length;
    this.keys += text.length;
    await this.visitor.fill(name, text);
  }

  #point(): void {
    this.minds += 1;
    this.#to('mouse');
    this.points += 1;
  }

  #to(where: 'keys' | 'mouse'): void {
    if (this.#on !== where) this.homes += 1;
    this.#on = where;
  }

  get seconds(): number {
    return (
      this.keys * SECONDS.key +
      this.points * SECONDS.point +
      this.homes * SECONDS.home +
      this.minds * SECONDS.mind
    );
  }

  /** How much of the time is typing words, which nobody can save her. */
  get typedShare(): number {
    return (this.typed * SECONDS.key) / this.seconds;
  }

  told(): string {
    const { keys, points, homes, minds, seconds, typedShare } = this;
    return `${keys} keys, ${points} presses, ${homes} times from keys to mouse or back, ${minds} times making up one's mind: ${(seconds / 60).toFixed(1)} min by the keystroke-level model, ${Math.round(typedShare * 100)} % of it typing`;
  }
}
