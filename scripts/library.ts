// How the library fills a room: twenty themes in four homes by the core's own suggestions, and how much of a year of units is fresh.
import type { UnitId } from '@kobby/core';
import { filled, freshIn, newHome, TRIED_HOMES, yearOf } from '../packages/starter/src/testing/filled.ts';
import { LOOKED_AT, TRIED_THEMES } from '../packages/starter/src/testing/themes.ts';

const A_MONDAY = '2027-03-08';
const UNITS = 20;

console.log(`${'theme'.padEnd(32)}${'home'.padEnd(28)}filled  twice  told  not the first`);
for (const home of TRIED_HOMES) {
  const book = newHome(home, A_MONDAY);
  TRIED_THEMES.forEach((theme, i) => {
    const { picks, twice, told } = filled(book, theme, 'tried' as UnitId, A_MONDAY);
    const full = picks.filter(({ id }) => id !== null).length;
    const passed = picks.reduce((sum, { passedOver }) => sum + passedOver, 0);
    const name = `${theme.title}${i < LOOKED_AT ? '' : ' (held back)'}`;
    console.log(
      `${name.padEnd(32)}${home.name.padEnd(28)}${`${full}/${picks.length}`.padEnd(8)}${String(twice.length).padEnd(7)}${String(told.length).padEnd(6)}${passed}`,
    );
  });
}
for (const home of TRIED_HOMES) {
  const units = yearOf(newHome(home, A_MONDAY), TRIED_THEMES, A_MONDAY, UNITS);
  const fresh = units.map((_, i) => Math.round(100 * freshIn(units, i)));
  const later = fresh.slice(3);
  const mean = Math.round(later.reduce((sum, one) => sum + one, 0) / later.length);
  const different = new Set(units.flatMap(({ picks }) => picks.map(({ id }) => id))).size;
  console.log(
    `${home.name}: fresh ${fresh.join(' ')} %; from the fourth on mean ${mean}, least ${Math.min(...later)}; ${different} entries`,
  );
}
