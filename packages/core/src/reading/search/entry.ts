import type { Book, Kind } from '../../book/index.ts';
import type { CornerKind, Months } from '../../house/index.ts';
import {
  RECIPE_KINDS,
  SONG_KINDS,
  SONG_PURPOSES,
  type Activity,
  type ActivityContent,
  type BookTitle,
  type Recipe,
  type Sheet,
  type Song,
} from '../../library/index.ts';
import { areaOf, skillName, type Area, type SkillId } from '../../skills/index.ts';
import { memoised } from '../ground/memo.ts';

/** The tables that the library is made of, with how one entry of each is called. */
export const LIBRARY_KINDS = {
  activities: 'activity',
  recipes: 'recipe',
  songs: 'song',
  bookTitles: 'book',
  sheets: 'sheet',
} as const satisfies Partial<Record<Kind, string>>;
export type LibraryKind = keyof typeof LIBRARY_KINDS;

/** Anything that stands in the library. */
export type LibraryEntity = Activity | Recipe | Song | BookTitle | Sheet;

/** An entry of the library as it is found: its words, and what it can be narrowed down by. */
export interface LibraryEntry {
  /** `activities/ramp-and-fan`: the same for the same entry as it is edited. */
  readonly key: string;
  readonly kind: LibraryKind;
  readonly entity: LibraryEntity;
  readonly title: string;
  /** Words by which it is filed, such as skills, corners and features. */
  readonly tags: string;
  /** Everything else that is written about it. */
  readonly text: string;
  readonly facets: Facets;
}

/** What an entry can be narrowed down by; null and empty where it does not say. */
interface Facets {
  readonly cornerKinds: readonly CornerKind[];
  readonly skills: readonly SkillId[];
  readonly areas: ReadonlySet<Area>;
  /** Age ranges in months, from the first included to the last excluded. */
  readonly ages: readonly { readonly from: Months; readonly until: Months | null }[];
  readonly mess: ActivityContent['mess'] | null;
  readonly place: ActivityContent['place'] | null;
  readonly energy: ActivityContent['energy'] | null;
  readonly prepMinutes: number | null;
  readonly letters: readonly string[];
  readonly numbers: readonly number[];
  readonly colours: readonly string[];
  readonly shapes: readonly string[];
  readonly supplyIds: readonly string[];
  readonly loved: boolean;
  readonly isPattern: boolean;
}

const NO_FACETS: Facets = {
  cornerKinds: [],
  skills: [],
  areas: new Set(),
  ages: [],
  mess: null,
  place: null,
  energy: null,
  prepMinutes: null,
  letters: [],
  numbers: [],
  colours: [],
  shapes: [],
  supplyIds: [],
  loved: false,
  isPattern: false,
};

/** Every entry of the library, retired ones included. An entry stays the same object as long as its entity does. */
export const libraryEntries = ({
  activities,
  recipes,
  songs,
  bookTitles,
  sheets,
}: Book): readonly LibraryEntry[] => [
  // Each is remembered by its entity alone: what `map` passes besides would make it another one every time.
  ...Object.values(activities).map((entity) => activityEntry(entity)),
  ...Object.values(recipes).map((entity) => recipeEntry(entity)),
  ...Object.values(songs).map((entity) => songEntry(entity)),
  ...Object.values(bookTitles).map((entity) => bookEntry(entity)),
  ...Object.values(sheets).map((entity) => sheetEntry(entity)),
];

const skillFacets = (skills: readonly SkillId[]) => ({ skills, areas: new Set(skills.map(areaOf)) });
const tagsOf = (skills: readonly SkillId[], ...more: readonly string[]): string =>
  [...skills.map(skillName), ...new Set(skills.map(areaOf)), ...more].join(' ');

const activityEntry = memoised((activity: Activity): LibraryEntry => {
  const { content } = activity;
  const { features } = content;
  return {
    key: `activities/${activity.id}`,
    kind: 'activities',
    entity: activity,
    title: content.title,
    tags: tagsOf(
      content.skills,
      ...content.cornerKinds.map((kind) => kind.replaceAll('-', ' ')),
      ...features.colours,
      ...features.shapes,
      ...content.makes,
    ),
    text: [
      content.summary,
      ...content.versions.map((version) => `${version.does} ${version.word}`),
      ...content.steps.map((step) => step.text),
      content.source,
      ...content.notes.map((note) => note.text),
    ].join(' '),
    facets: {
      ...NO_FACETS,
      ...skillFacets(content.skills),
      ...features,
      cornerKinds: content.cornerKinds,
      ages: content.versions.map((version) => ({ from: version.fromMonths, until: version.untilMonths })),
      mess: content.mess,
      place: content.place,
      energy: content.energy,
      prepMinutes: content.prep.reduce((sum, task) => sum + task.minutes, 0),
      supplyIds: content.materials.map((line) => line.supplyId),
      loved: content.notes.some((note) => note.loved),
      isPattern: content.slots.length > 0,
    },
  };
});

const recipeEntry = memoised((recipe: Recipe): LibraryEntry => ({
  key: `recipes/${recipe.id}`,
  kind: 'recipes',
  entity: recipe,
  title: recipe.title,
  tags: RECIPE_KINDS[recipe.kind],
  text: [recipe.summary, ...recipe.steps.map((step) => step.text), recipe.notes, recipe.source].join(' '),
  facets: {
    ...NO_FACETS,
    prepMinutes: recipe.minutes,
    supplyIds: recipe.ingredients.map((one) => one.supplyId),
  },
}));

const songEntry = memoised((song: Song): LibraryEntry => ({
  key: `songs/${song.id}`,
  kind: 'songs',
  entity: song,
  title: song.title,
  tags: tagsOf(song.skills, SONG_KINDS[song.kind], SONG_PURPOSES[song.purpose]),
  text: [song.opening, ...song.verses, song.refrain, song.ending, song.actions, song.tune, song.notes].join(
    ' ',
  ),
  facets: {
    ...NO_FACETS,
    ...skillFacets(song.skills),
    ages: [{ from: song.fromMonths, until: null }],
    energy: song.energy,
    supplyIds: song.props.flatMap((prop) => prop.supplyId ?? []),
  },
}));

const bookEntry = memoised((book: BookTitle): LibraryEntry => ({
  key: `bookTitles/${book.id}`,
  kind: 'bookTitles',
  entity: book,
  title: book.title,
  tags: tagsOf(book.skills, ...book.about),
  text: `${book.notes} ${book.keptIn ?? ''} ${book.borrowedFrom ?? ''}`,
  facets: { ...NO_FACETS, ...skillFacets(book.skills) },
}));

const sheetEntry = memoised((sheet: Sheet): LibraryEntry => ({
  key: `sheets/${sheet.id}`,
  kind: 'sheets',
  entity: sheet,
  title: sheet.title,
  tags: tagsOf(sheet.skills, ...sheet.about, sheet.level ?? '', ...sheet.finishing, sheet.paper),
  text: `${sheet.from} ${sheet.notes} ${sheet.link ?? ''} ${sheet.file?.name ?? ''}`,
  facets: { ...NO_FACETS, ...skillFacets(sheet.skills) },
}));
