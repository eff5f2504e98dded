import { unique } from '../../book/index.ts';
import type { PlainDay, ProgramDay } from '../../calendar/index.ts';
import { allergensOf, type Supply } from '../../cupboard/index.ts';
import { allergenName, type AllergenId, type Child } from '../../house/index.ts';
import type { Placement } from '../../unit/index.ts';
import { answer, answerFlat, type Look } from '../ground/answer.ts';
import { fingerprint, formatDays, listed, type Finding } from '../ground/finding.ts';
import { materialsOf, stuffOf } from '../amounts/uses.ts';
import { batchStates, keptOf } from '../kitchen/batches.ts';
import { recipesByProduct } from '../kitchen/products.ts';
import { sessionsOf, type Frame } from '../plan/plan.ts';
import { madeIn, type MadeIn } from '../kitchen/made-in.ts';
import { thingOf, suppliesAsMade } from '../kitchen/inherit.ts';
import { AS_IT_IS, ownBowls } from '../kitchen/own-bowl.ts';

/** A supply of a placement that a child who is there must not meet. */
export interface AllergenMeeting {
  readonly placement: Placement;
  readonly supply: Supply;
  readonly allergen: AllergenId;
  readonly child: Child;
  readonly days: readonly number[];
  /** It goes into what is made, and the child has a bowl of its own without it. */
  readonly ownBowl: boolean;
}

/**
 * Where a declared allergen of a child meets a material while that child is there, on whichever version: what
 * stands in the room can be reached. Days before `today` are left out.
 */
export const allergenMeetings = answer(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly AllergenMeeting[] => {
    const risks = lookedAt(look, placement, frame).flatMap((supplyId) => {
      const supply = thingOf(look, supplyId);
      return supply ? [...allergensOf(supply)].map((allergen) => ({ supply, allergen })) : [];
    });
    if (risks.length === 0) return [];
    const daysOf = new Map<Child, ProgramDay[]>();
    for (const { day, seats } of sessionsOf(placement, frame)) {
      if (day.date < today) continue;
      for (const { child } of seats) {
        if (child.allergies.length === 0) continue;
        const days = daysOf.get(child);
        if (days) days.push(day);
        else daysOf.set(child, [day]);
      }
    }
    return [...daysOf].flatMap(([child, those]) =>
      risks
        .filter(({ allergen }) => child.allergies.some((allergy) => allergy.allergen === allergen))
        .flatMap((risk) => {
          const isWithout = madeWithout(look, risk.supply, risk.allergen, today);
          const days = those.filter(({ date }) => !isWithout(date)).map(({ number }) => number);
          const ownBowl = days.length > 0 && hasOwnBowl(look, placement, risk.supply, child, frame);
          return days.length === 0 ? [] : [{ ...risk, placement, child, days, ownBowl }];
        }),
    );
  },
);

// What goes into what is made in it speaks for what that makes.
function lookedAt(look: Look, placement: Placement, frame: Frame): readonly string[] {
  const { processes } = placement.content;
  const made = new Set(processes.map(({ recipeId }) => look.one('recipes', recipeId)?.makesId));
  const ids = unique(stuffOf(look, placement, frame).map(({ supplyId }) => supplyId));
  return made.size === 0 ? ids : ids.filter((id) => !made.has(id));
}

// Where it is only in what is made, and a bowl without it is planned for the child whenever that is made.
function hasOwnBowl(look: Look, placement: Placement, supply: Supply, child: Child, frame: Frame): boolean {
  if (materialsOf(look, placement).some(({ supplyId }) => supplyId === supply.id)) return false;
  const made = sessionsOf(placement, frame)
    .flatMap((session) => madeIn(look, session, frame))
    .filter(({ recipe }) => recipe.ingredients.some(({ supplyId }) => supplyId === supply.id));
  const isApart = ({ mixes }: MadeIn): boolean => mixes.some(({ own }) => own?.children.includes(child));
  return made.length > 0 && made.every(isApart);
}

// What is in the house of it for everyone was made without an allergen, and says so: on the days on which all of it keeps. A bowl
// with the name of one child on it is not what the others use.
function madeWithout(
  look: Look,
  supply: Supply,
  allergen: AllergenId,
  today: PlainDay,
): (day: PlainDay) => boolean {
  const recipe = recipesByProduct(look.table('recipes')).get(supply.id);
  if (!recipe) return () => false;
  const states = batchStates(look.table('batches'), look.table('recipes'), today);
  const shared = keptOf(recipe, states).filter(({ batch }) => batch.label === null);
  if (shared.length === 0 || !shared.every(({ batch }) => batch.without.includes(allergen)))
    return () => false;
  return (day) => shared.every((one) => one.keepUntil === null || day <= one.keepUntil);
}

// Past days too: that a day is over changes nothing about what somebody decided.
const daysEver = (placement: Placement, frame: Frame, child: Child): readonly number[] =>
  sessionsOf(placement, frame)
    .filter(({ seats }) => seats.some((seat) => seat.child === child))
    .map(({ day }) => day.number);

/** The findings about allergens that meet a child who attends. One a placement, supply, allergen and child. */
export const allergenFindings = answerFlat(
  (look, placement: Placement, frame: Frame, today: PlainDay): readonly Finding[] =>
    allergenMeetings(look, placement, frame, today).map(({ supply, allergen, child, days, ownBowl }) => ({
      key: `allergen:${placement.id}:${supply.id}:${allergen}:${child.id}`,
      rule: 'allergen',
      row: allergen === 'gluten' ? 37 : 35,
      // A bowl of its own is the certified flour and the own tools of row 37; of other allergens a trace may do.
      level: ownBowl && allergen === 'gluten' ? 'care' : 'stop',
      title: `${capital(allergenName(allergen))} and ${child.name}`,
      detail: `${placement.content.title} uses ${supply.name}. ${child.name} is there on ${formatDays(days)}.`,
      ...recipeOf(look, supply),
      instead: ownBowl
        ? `A bowl of its own without it is planned for ${child.shownAs}: mixed first, own tools, an own place, hands washed. Nothing of it in the room where the care plan says so.`
        : `${bowlText(look, supply, child)}Swap it, or set it out on another day. Own tools where traces count; for the whole room where the care plan says so.`,
      basis: 'declared allergy of a child who attends (FALCPA and FASTER acts; EU 1169/2011)',
      days,
      cornerIds: placement.where.kind === 'corner' ? [placement.where.cornerId] : [],
      placementId: placement.id,
      childIds: [child.id],
      supplyIds: [supply.id],
      facts: fingerprint([
        supply.id,
        supply.allergens,
        child.id,
        allergen,
        daysEver(placement, frame, child),
      ]),
    })),
);

// What a recipe makes can be made for one child, where its swaps keep out all that the child must not meet.
function bowlText(look: Look, supply: Supply, child: Child): string {
  const recipe = recipesByProduct(look.table('recipes')).get(supply.id);
  if (!recipe) return '';
  const { bowls, without } = ownBowls(recipe, suppliesAsMade(look), AS_IT_IS, [child]);
  if (bowls.length > 0)
    return `The recipe has a swap: an own bowl, own tools and a label for ${child.name}. `;
  const left = without.flatMap((none) => none.left.map(({ name }) => name));
  return `No own bowl: ${recipe.title} has no swap for ${listed([...new Set(left)])}. Write one, or take another recipe. `;
}

const recipeOf = (look: Look, supply: Supply): Pick<Finding, 'recipeId'> => {
  const recipe = recipesByProduct(look.table('recipes')).get(supply.id);
  return recipe ? { recipeId: recipe.id } : {};
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
