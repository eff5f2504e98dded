/** Timeline: processes laid minute by minute between children, adults and ovens. */
export { allOn, leftBeside, type LaidTogether } from './all.ts';
export { inTheWayOf, type InTheWay } from './in-the-way.ts';
export type { LaidProcess, Line, LineProcess, LineSpan, LineStep } from './line.ts';
export { bestOn, possibleOn, type Possible } from './one.ts';
