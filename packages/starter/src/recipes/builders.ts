import type { AllergenId, ChangeInput, MeasureId, RecipeKind, WaitingPlaceKind } from '@kobby/core';

export type RecipeInput = Extract<ChangeInput, { type: 'library/put-recipe' }>['recipe'];
type Ingredient = NonNullable<RecipeInput['ingredients']>[number];
type Swap = NonNullable<RecipeInput['swaps']>[number];

/** `[supply, amount for one batch in its unit (or parts), how it goes in, or in words]` */
type Part = readonly [string, number, (Omit<Ingredient, 'supplyId' | 'amount'> | string)?];
/** `[what is felt, what to do, the most of it]` */
type Feel = readonly [string, string, string?];
/** `[allergen or 'food', supply that goes, supply that comes instead or null, how, its ratio and what else changes]` */
type SwapLine = readonly [AllergenId | 'food', string, string | null, string, Pick<Swap, 'times' | 'also'>?];

interface Rest extends Partial<Omit<RecipeInput, 'feels' | 'swaps' | 'steps'>> {
  /**
   * `Adult 5+60: What is done. | the sign that it is done`: whose hands, minutes and minutes of waiting; `5+60<90@oven~10h` waits at most
   * 90, in the oven, or ten hours in the cold.
   */
  readonly steps: readonly string[];
  readonly feels?: readonly Feel[];
  readonly swaps?: readonly SwapLine[];
}

/** A recipe of the starter library. */
export function recipe(
  id: string,
  title: string,
  kind: RecipeKind,
  yields: readonly [number, MeasureId],
  minutes: number,
  parts: readonly Part[],
  { steps, feels = [], swaps = [], ...rest }: Rest,
): RecipeInput {
  return {
    id,
    title,
    kind,
    minutes,
    yields: { amount: yields[0], unit: yields[1] },
    ingredients: parts.map(([supplyId, amount, how = {}]) => ({
      supplyId,
      amount,
      ...(typeof how === 'string' ? { goesIn: how } : how),
    })),
    steps: steps.map(stepOf),
    feels: feels.map(([sign, then, limit = '']) => ({ sign, then, limit })),
    swaps: swaps.map(([allergen, supplyId, insteadId, how, more]) => ({
      allergen: allergen === 'food' ? null : allergen,
      supplyId,
      insteadId,
      how,
      ...more,
    })),
    source: 'Kobby starter library',
    ...rest,
  };
}

const STEP =
  /^(?:(?<owner>Adult|Child)?\s?(?:(?<minutes>\d+)(?:\+(?<wait>\d+))?(?:<(?<most>\d+))?(?:@(?<place>[a-z-]+))?(?:~(?<cold>\d+)h)?)?: )?(?<text>[^|]*?)(?: \| (?<sign>.*))?$/s;

function stepOf(line: string): NonNullable<RecipeInput['steps']>[number] {
  const groups = STEP.exec(line)?.groups ?? {};
  const { owner, minutes = '0', wait = '0', most, place, cold, text = line, sign = '' } = groups;
  return {
    text,
    owner: owner === 'Adult' ? 'adult' : owner === 'Child' ? 'child' : 'together',
    minutes: Number(minutes),
    waitMinutes: Number(wait),
    ...(most ? { mostWaitMinutes: Number(most) } : {}),
    ...(place ? { waitsIn: place as WaitingPlaceKind } : {}),
    ...(cold ? { coldHours: Number(cold) } : {}),
    sign,
  };
}
