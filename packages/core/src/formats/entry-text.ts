import { nameAt, type Book } from '../book/index.ts';
import { WAITING_PLACES } from '../house/index.ts';
import {
  PACES,
  PROP_COUNTS,
  RECIPE_KINDS,
  SONG_KINDS,
  SONG_PURPOSES,
  WORD_LISTS,
  type Recipe,
  type RecipeStep,
  type Song,
} from '../library/index.ts';
import { oneLine } from './one-line.ts';
import { alsoLines } from './recipe-also.ts';

/** A text as one line. */
const headOf = (pairs: readonly (readonly [string, string])[]): string =>
  pairs.flatMap(([key, value]) => (value === '' ? [] : [`${key}: ${oneLine(value)}`])).join('\n');

/**
 * A song as text that can be pasted and read back: what it is, a line each, then its verses apart by empty lines. Its skills, notes
 * and the supplies behind its props are left out.
 */
export const songText = (song: Song): string =>
  [
    headOf([
      ['Song', song.title],
      ['Kind', SONG_KINDS[song.kind]],
      ['Place', SONG_PURPOSES[song.purpose]],
      ['Tune', song.tune],
      ['Verses', ruleText(song.rule)],
      ['Words', song.rule.words.join('; ')],
      ['Sung of', wordsFromText(song.wordsFrom)],
      ['In step', song.lists.map(({ slot, words }) => `${slot} = ${words.join('; ')}`).join(' | ')],
      ['Whole', song.whole ? 'yes' : ''],
      ['Link', song.link ?? ''],
      ['Hands', song.actions],
      ['Voice', song.voice],
      ['Pace', song.pace === 'relaxed' ? '' : PACES[song.pace].name],
      ['Energy', song.energy],
      ['From', song.fromMonths === 0 ? '' : `${song.fromMonths} months`],
      [
        'Props',
        song.props.map(({ count, words, per }) => `${count} ${words}, ${PROP_COUNTS[per]}`).join('; '),
      ],
      ['Source', song.source],
    ]),
    headed('Opening', song.opening),
    ...song.verses.map((verse) => verse.trim()),
    headed('Refrain', song.refrain),
    headed('Ending', song.ending),
  ]
    .filter((part) => part !== '')
    .join('\n\n');

const headed = (head: string, text: string): string => (text.trim() === '' ? '' : `${head}:\n${text.trim()}`);

function wordsFromText({ own, kind, role }: Song['wordsFrom']): string {
  if (own) return 'its own words only';
  return [kind === null ? '' : `kind ${kind}`, role === null ? '' : `role ${role}`]
    .filter(Boolean)
    .join('; ');
}

function ruleText(rule: Song['rule']): string {
  switch (rule.kind) {
    case 'as-written':
      return '';
    case 'counted':
      return `counted ${rule.from} to ${rule.to}`;
    case 'for-words':
      return `one for each of the ${WORD_LISTS[rule.over]}`;
    case 'growing':
      return `growing by ${WORD_LISTS[rule.over]}, the ${rule.order === 'newest-first' ? 'newest' : 'oldest'} first`;
  }
}

/**
 * A recipe as text that can be pasted and read back: what it is, a line each, then what goes in, what is done, what may come instead, and its
 * variants. What to feel for, in how many portions something goes in, and notes are left out.
 */
export function recipeText(recipe: Recipe, book: Book): string {
  const { yields, makesId, partMl } = recipe;
  const made = makesId === null ? '' : ` of ${nameAt(book, { kind: 'supplies', id: makesId })}`;
  const goesIn = recipe.ingredients.map(({ supplyId, amount, goesIn: how }) => {
    const unit = partMl === null ? (book.supplies[supplyId]?.unit ?? 'piece') : 'parts';
    const of = nameAt(book, { kind: 'supplies', id: supplyId });
    return `- ${[amount, unit === 'piece' ? '' : unit, of].filter((part) => part !== '').join(' ')}${how ? `, ${oneLine(how)}` : ''}`;
  });
  return [
    headOf([
      ['Recipe', recipe.title],
      ['Kind', RECIPE_KINDS[recipe.kind]],
      ['About', recipe.summary],
      ['Makes', `${yields.amount} ${yields.unit}${made}`],
      ['A part', partMl === null ? '' : `${partMl} mL`],
      ['Takes', `${recipe.minutes} minutes`],
      ['Cooked', recipe.cooked ? 'yes' : ''],
      ['Waits', recipe.waitHours === 0 ? '' : `${recipe.waitHours} hours`],
      ['Keeps', recipe.keepsDays === null ? '' : `${recipe.keepsDays} days`],
      ['Kept', recipe.keptHow],
      ['Shows', recipe.shows],
      ['Source', recipe.source],
    ]),
    goesIn.join('\n'),
    recipe.steps.map((step, i) => `${i + 1}. ${stepText(step)}`).join('\n'),
    alsoLines(recipe, book).join('\n'),
  ]
    .filter((part) => part !== '')
    .join('\n\n');
}

function stepText(step: RecipeStep): string {
  const { text, owner, minutes, waitMinutes, mostWaitMinutes, waitsIn, coldHours, sign } = step;
  const most = mostWaitMinutes === null ? '' : ` to ${mostWaitMinutes}`;
  const beside = [
    owner === 'together' ? '' : owner,
    minutes > 0 ? `${minutes} min` : '',
    waitMinutes > 0 || most ? `waits ${waitMinutes}${most} min` : '',
    waitsIn === null ? '' : `in the ${WAITING_PLACES[waitsIn]}`,
    coldHours === null ? '' : `or ${coldHours} h in the cold`,
    sign ? `until ${oneLine(sign)}` : '',
  ].filter((part) => part !== '');
  return `${oneLine(text)}${beside.length > 0 ? ` [${beside.join('; ')}]` : ''}`;
}
