import { unfilledContent, type Book } from '@kobby/core';

/** One thing that can be chosen in a list. */
export interface Option {
  readonly title: string;
  readonly value: string;
}

const byTitle = (a: Option, b: Option): number => a.title.localeCompare(b.title, 'en');

/** The supplies that can be chosen, by name; what is no longer kept left out. */
export const supplyOptions = ({ supplies }: Book): Option[] =>
  Object.values(supplies)
    .filter((supply) => !supply.retired)
    .map((supply) => ({ title: supply.name, value: supply.id as string }))
    .toSorted(byTitle);

/** The activities that can be chosen, by title. */
export const activityOptions = ({ activities }: Book): Option[] =>
  Object.values(activities)
    .filter((activity) => !activity.retired)
    .map((activity) => ({ title: activity.content.title, value: activity.id as string }))
    .toSorted(byTitle);

/** The recipes, processes and demonstrations that can be chosen, by title. */
export const recipeOptions = ({ recipes }: Book): Option[] =>
  Object.values(recipes)
    .filter((recipe) => !recipe.retired)
    .map((recipe) => ({ title: recipe.title, value: recipe.id as string }))
    .toSorted(byTitle);

/** What is made by what is placed or in the library, for whatever uses it. */
export const madeWords = ({ activities, placements, bookTitles }: Book): string[] =>
  [
    ...new Set([
      ...Object.values(activities).flatMap(({ content }) => content.makes),
      ...Object.values(placements).flatMap((copy) => unfilledContent(copy).makes),
      // What is read in a circle can be played and drawn after it.
      ...Object.values(bookTitles).flatMap(({ title, retired }) => (retired ? [] : [title])),
    ]),
  ].toSorted();

/** The people who work here. */
export const personOptions = ({ people }: Book): Option[] =>
  Object.values(people)
    .filter((person) => !person.retired)
    .map((person) => ({ title: person.name, value: person.id as string }));
