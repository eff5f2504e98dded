import { PAGE_HELP } from '../../packages/web/src/parts/help/pages.ts';

const ELSEWHERE: Readonly<Record<string, string>> = {
  units: '/units',
  year: '/units/year',
  today: '/today',
  counter: '/kitchen/counter/cooked-dough',
  bins: '/kitchen/bins',
  made: '/kitchen/made',
  'watch-begin': '/watch/begin',
  children: '/house/children',
  people: '/house/people',
  'house-corners': '/house/corners',
  cupboard: '/house/cupboard',
  library: '/house/library',
  rules: '/house/rules',
  kept: '/house/kept',
};

/** Every page that is helped with, in its order, and where it is: those of a unit in that unit. */
export const helpPages = (unitId: string): readonly { readonly name: string; readonly path: string }[] =>
  Object.keys(PAGE_HELP).map((name) => ({ name, path: ELSEWHERE[name] ?? `/units/${unitId}/${name}` }));
