/** The starter library and the demo home, as changes: what a new home begins with, and one to look at. */
export { demoGestures, DEMO_PROVIDER_ID, DEMO_TODAY } from './demo.ts';
export { lackingIn, type LackingEntry } from './lacking.ts';
export { apartFromShipped, shippedTables } from './shipped.ts';
export { STARTER_RULES, starterChanges } from './library.ts';
export { usualStock } from './supplies/index.ts';
