/** Whether `npm run check:deep` asks for every case. */
const isDeep = process.env.KOBBY_DEEP !== undefined;

/**
 * How many seeded cases a test tries. Each ordinary run tries the first few hundred, which find what is coarsely wrong;
 * `npm run check:deep` tries them all.
 */
export const cases = (ordinary: number, deep: number): number => (isDeep ? deep : ordinary);
