import { SINGERS } from './notation.ts';

/** A text as it was taken apart into the parts of a song. */
export interface PastedSong {
  readonly title: string;
  readonly opening: string;
  readonly verses: readonly string[];
  readonly refrain: string;
  readonly ending: string;
}

type Part = 'opening' | 'verse' | 'refrain' | 'ending';
// How people head the parts of a song, alone on a line or before its first line.
const HEADS: readonly (readonly [Part, RegExp])[] = [
  ['opening', /^(?:opening|intro(?:duction)?|beginning|begin)$/i],
  ['refrain', /^(?:refrain|chorus|all together)$/i],
  ['ending', /^(?:ending|end|last time|coda|outro)$/i],
  [
    'verse',
    /^(?:verse|stanza)(?:\s*\d+)?$|^(?:\d+(?:st|nd|rd|th)?|first|second|third|fourth|last) verse$|^\d+[.)]?$/i,
  ],
];
const headOf = (text: string): Part | null => HEADS.find(([, head]) => head.test(text.trim()))?.[0] ?? null;

// A motion in brackets at the end of a line, or by itself, stands behind the line as Kobby writes it.
const withMotion = (line: string): string => {
  const [, text = '', motion = ''] = /^(.*?)\s*[([]([^()[\]]+)[)\]]\s*$/.exec(line) ?? [];
  return motion !== '' && text !== '' && !line.includes('//') ? `${text} // ${motion}` : line;
};

/**
 * A song as somebody pasted it, taken apart: blocks between empty lines are verses; what is headed as opening, refrain, verse or
 * ending is that; a block that comes again word by word is the refrain. A first block of one short line is its title. Motions in
 * brackets stand behind their lines. Nothing of the text is lost: what is not understood is a verse.
 */
export function songPasted(text: string): PastedSong {
  const blocks = text
    .replaceAll('\r', '')
    .split(/\n\s*\n/)
    .map((block) =>
      block
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean),
    )
    .filter((lines) => lines.length > 0);
  const [first] = blocks;
  const hasTitle =
    blocks.length > 1 &&
    first?.length === 1 &&
    headOf(first[0]!.replace(/:$/, '')) === null &&
    !/[.,!?;]$/.test(first[0]!);
  const parts = (hasTitle ? blocks.slice(1) : blocks).map(partOf);
  const bodies = parts.map(({ body }) => body);
  const repeated = bodies.find(
    (body, i) => body !== '' && bodies.indexOf(body) !== i && parts[i]!.part !== 'ending',
  );
  const of = (wanted: Part): readonly string[] =>
    parts.flatMap(({ part, body }) => (part === wanted && body !== '' ? [body] : []));
  const refrains = new Set([...of('refrain'), ...(repeated === undefined ? [] : [repeated])]);
  const verses = of('verse').filter((body) => !refrains.has(body));
  const [refrain = '', ...otherRefrains] = refrains;
  return {
    title: hasTitle ? first[0]!.replace(/:$/, '') : '',
    opening: of('opening').join('\n'),
    verses: [...verses, ...otherRefrains],
    refrain,
    ending: of('ending').join('\n'),
  };
}

function partOf(lines: readonly string[]): { readonly part: Part; readonly body: string } {
  const [, head = '', rest = ''] = /^([^:]{1,20}):\s*(.*)$/.exec(lines[0]!) ?? [];
  const isSinger = SINGERS.some((one) => one.toLocaleLowerCase('en') === head.trim().toLocaleLowerCase('en'));
  const named = isSinger ? null : headOf(head);
  const alone = headOf(lines[0]!);
  const body = named ? [rest, ...lines.slice(1)] : alone ? lines.slice(1) : lines;
  return { part: named ?? alone ?? 'verse', body: body.filter(Boolean).map(withMotion).join('\n') };
}
