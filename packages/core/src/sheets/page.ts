import type { ShownBy } from '../measure/index.ts';

/** A part of a printed page. */
export type PrintedPart =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string; readonly strong?: boolean }
  /** A caution, with a bar and a word, so that it shows without colour. */
  | { readonly kind: 'caution'; readonly text: string }
  /** Lines with a box to tick, or plain. */
  | {
      readonly kind: 'lines';
      readonly lines: readonly string[];
      readonly boxes?: boolean;
      readonly numbered?: boolean;
    }
  /** Two columns: who or what, and what about it. */
  | { readonly kind: 'pairs'; readonly pairs: readonly (readonly [string, string])[] }
  | PrintedGrid;

/** What stands in a grid over one column or several. */
export interface GridCell {
  readonly span: number;
  readonly lines: readonly string[];
}

/** A table: columns with a head of some lines, rows with a name. */
export interface PrintedGrid {
  readonly kind: 'grid';
  readonly head: readonly (readonly string[])[];
  readonly rows: readonly {
    readonly name: string;
    readonly cells: readonly GridCell[];
    /** What the table is about, beside what goes with it. */
    readonly isMain?: boolean;
  }[];
}

/** A page, a card or a label: what stands on it from top to bottom. */
export interface PrintedPage {
  readonly key: string;
  readonly title: string;
  readonly sub: string;
  /** What a card or label is told by where people look rather than read. */
  readonly shownBy?: ShownBy;
  readonly parts: readonly PrintedPart[];
}

/** How pages lie on paper: each on a sheet of its own, upright or across, cards two across, or labels of 90 by 50 mm. */
export type PrintedLayout = 'pages' | 'landscape' | 'cards' | 'labels';

export const heading = (text: string): PrintedPart => ({ kind: 'heading', text });
export const text = (words: string, strong = false): PrintedPart => ({ kind: 'text', text: words, strong });
export const caution = (words: string): PrintedPart => ({ kind: 'caution', text: words });

/** Lines under a heading; nothing at all when there is no line. */
export const under = (
  title: string,
  lines: readonly string[],
  rest: { readonly boxes?: boolean; readonly numbered?: boolean } = {},
): readonly PrintedPart[] => (lines.length === 0 ? [] : [heading(title), { kind: 'lines', lines, ...rest }]);

/** Pairs; nothing at all when there is none. */
export const pairsOf = (pairs: readonly (readonly [string, string])[]): readonly PrintedPart[] =>
  pairs.length === 0 ? [] : [{ kind: 'pairs', pairs }];
