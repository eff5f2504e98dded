import type { Properties } from '../../cupboard/index.ts';
import { forAll, LIMITS, mouths, under, youngOrMouths, type CautionRule } from './rule.ts';

/** Small parts by size; fabric, paper and yarn give way and are exempt. */
const isSmallPart = ({ loosePart: part }: Properties): boolean =>
  part !== undefined &&
  part !== 'none' &&
  part.material === 'firm' &&
  part.acrossMm <= LIMITS.partAcrossMm &&
  part.longMm <= LIMITS.partLongMm;

const partFigure = ({ loosePart: part }: Properties): string =>
  part === undefined || part === 'none' ? '' : `${part.acrossMm} × ${part.longMm} mm`;
const isSmallBall = ({ ballMm }: Properties): boolean =>
  typeof ballMm === 'number' && ballMm <= LIMITS.ballMm;
/** A ball that fits the small-parts cylinder is looked at as a marble. */
const isMarble = ({ ballMm }: Properties): boolean =>
  typeof ballMm === 'number' && ballMm <= LIMITS.partAcrossMm;
const isSharp = ({ sharp }: Properties): boolean => sharp === 'pointed' || sharp === 'blade';
const isStick = ({ stick }: Properties): boolean => stick === 'pointed' || stick === 'blunt';

/** What a thing is like: its size, its shape, what comes off it. Levels and limits as in docs/cautions.md. */
export const RULES_BY_SHAPE: readonly CautionRule[] = [
  {
    row: 1,
    about: 'small parts',
    asks: ['loosePart'],
    is: isSmallPart,
    figure: partFigure,
    level: youngOrMouths(36, 'stop'),
    instead: 'Use a larger version, or let them do something else.',
    basis: 'small parts, 16 CFR 1501 and EN 71-1',
  },
  {
    row: 2,
    about: 'small ball',
    asks: ['ballMm'],
    is: isSmallBall,
    figure: ({ ballMm }) => `${ballMm} mm across`,
    level: (who, p) => (who.months < 36 || (isMarble(p) && mouths(who)) ? 'stop' : null),
    instead: 'Use a ball that does not pass a 44.4 mm ring.',
    basis: 'small balls and marbles, 16 CFR 1500',
  },
  {
    row: 3,
    about: 'balloon',
    asks: ['balloon'],
    is: ({ balloon }) => balloon === true,
    level: under(96),
    instead: 'Only an adult handles it, pieces too. Fabric or foil does the same.',
    basis: 'latex balloons, US Child Safety Protection Act',
  },
  {
    row: 4,
    about: 'battery within reach',
    asks: ['battery'],
    is: ({ battery }) => battery === 'reachable',
    level: forAll('stop'),
    everyone: true,
    instead: 'Use one with a screwed compartment, or leave it out.',
    basis: 'button and coin cells, 16 CFR 1263 and poison centres',
  },
  {
    row: 5,
    about: 'loose strong magnets',
    asks: ['magnet'],
    is: ({ magnet }) => magnet === 'loose',
    level: under(168),
    instead: 'Use large encased magnets or wands.',
    basis: 'loose magnets, 16 CFR 1262',
  },
  {
    row: 7,
    about: 'long cord or loop',
    asks: ['cord'],
    is: ({ cord }) =>
      cord !== undefined && cord !== 'none' && !cord.fixed && (cord.canLoop || cord.lengthMm > LIMITS.cordMm),
    figure: ({ cord }) =>
      cord === undefined || cord === 'none'
        ? ''
        : `${cord.lengthMm} mm${cord.canLoop ? ', goes over a head' : ''}`,
    level: ({ months }, { cord }) => {
      if (cord === undefined || cord === 'none') return null;
      if (cord.canLoop && months < 36) return 'stop';
      if (cord.lengthMm > LIMITS.cordMm && months < 18) return 'stop';
      return cord.lengthMm > LIMITS.longCordMm && months < 36 ? 'care' : null;
    },
    instead: 'Shorten it, fix it down, or use a breakaway.',
    basis: 'cords and loops, EN 71-1 and ASTM F963; above 18 months a default of Kobby',
  },
  {
    row: 8,
    about: 'thin plastic film',
    asks: ['film'],
    is: ({ film }) => film === true,
    level: under(36),
    instead: 'Use paper or a rigid tub.',
    basis: 'plastic film, EN 71-1',
  },
  {
    row: 9,
    about: 'food to choke on',
    asks: ['foodForm'],
    is: ({ foodForm }) => foodForm === 'chokable',
    level: under(48),
    instead: 'Cut it small, cook it, or swap it.',
    basis: 'choking, paediatric advice',
  },
  {
    row: 22,
    about: 'small ice',
    asks: ['iceMm'],
    is: ({ iceMm }) => typeof iceMm === 'number' && iceMm < LIMITS.iceMm,
    figure: ({ iceMm }) => `${iceMm} mm`,
    level: youngOrMouths(48, 'stop'),
    instead: 'Begin at 100 mm or more, and take away what is under 60 mm.',
    basis: 'choking; the size is a default of Kobby',
  },
  {
    row: 26,
    about: 'blade or point',
    asks: ['sharp'],
    is: isSharp,
    level: (who) => under(36)(who) ?? under(72, 'care')(who),
    lead: 'blades',
    instead: 'Blunt needle, felt pad, or the adult cuts. From three on, one to one.',
    basis: 'a default of Kobby',
  },
  {
    row: 27,
    about: 'foam beads',
    asks: ['filler'],
    is: ({ filler }) => filler === 'foam-beads',
    level: youngOrMouths(36, 'stop'),
    instead: 'Use crinkled paper.',
    basis: 'small parts',
  },
  {
    row: 28,
    about: 'small rubber bands or latex',
    asks: ['latex', 'balloon'],
    is: ({ latex, balloon }) => latex === true && balloon !== true,
    level: (who) =>
      mouths(who) || who.child.allergies.some(({ allergen }) => allergen === 'latex') ? 'stop' : null,
    instead: 'Glue elastic down instead.',
    basis: 'choking and latex allergy',
  },
  {
    row: 39,
    about: 'small filling behind a lid',
    asks: ['enclosed'],
    is: ({ enclosed }) => enclosed === true,
    level: youngOrMouths(36, 'care'),
    instead: 'Glue and tape the lid, and pull at it each day.',
    basis: 'small parts',
  },
  {
    row: 43,
    about: 'goes into the mouth',
    asks: ['intoMouth'],
    is: ({ intoMouth }) => intoMouth === true,
    level: forAll('note'),
    everyone: true,
    instead: 'One each, with a hole against sucking up.',
    basis: 'hygiene',
  },
  {
    row: 44,
    about: 'sticks',
    asks: ['stick'],
    is: isStick,
    level: (who, { stick }) => (stick === 'pointed' ? under(36)(who) : null) ?? under(48, 'care')(who),
    instead: 'Blunt, short, seated, ends folded.',
    basis: 'a default of Kobby',
  },
  {
    row: 45,
    about: 'round neck or face',
    asks: ['roundNeck'],
    is: ({ roundNeck }) => roundNeck === true,
    level: under(36, 'care'),
    instead: 'No ties round the neck, eyes clear.',
    basis: 'masks, capes and scarves',
  },
  {
    row: 46,
    about: 'to climb on',
    asks: ['heightMm'],
    is: ({ heightMm }) => typeof heightMm === 'number' && heightMm > LIMITS.climbMm,
    figure: ({ heightMm }) => `${heightMm} mm high`,
    level: under(36, 'care'),
    instead: 'Mats below, and somebody beside them.',
    basis: 'a default of Kobby',
  },
  {
    row: 51,
    about: "under the maker's lowest age",
    asks: ['makersMonths'],
    is: ({ makersMonths }) => typeof makersMonths === 'number' && makersMonths > 0,
    figure: ({ makersMonths }) => `from ${makersMonths} months`,
    level: ({ months }, { makersMonths }) =>
      typeof makersMonths === 'number' && months < makersMonths ? 'care' : null,
    instead: 'The reason that the maker gives decides.',
    basis: 'the label',
  },
  {
    row: 52,
    about: 'glass or ceramic',
    asks: ['glass'],
    is: ({ glass }) => glass === true,
    level: under(60, 'care'),
    instead: 'Use a plastic jar, or an adult holds it.',
    basis: 'breakage',
  },
  {
    row: 54,
    about: 'pins, screws or tacks',
    asks: ['hardware'],
    is: ({ hardware }) => hardware === true,
    level: (who) => under(48)(who) ?? under(72, 'care')(who),
    lead: 'blades',
    instead: 'Use large blunt metal things. From four on, one to one.',
    basis: 'small hardware',
  },
  {
    row: 57,
    about: 'soft stuff to bite off',
    asks: ['soft', 'loosePart'],
    is: (properties) => properties.soft === 'loose' || isSmallPomPom(properties),
    level: (who, { soft }) => youngOrMouths(36, soft === 'loose' ? 'care' : 'stop')(who),
    figure: ({ loosePart }) => (typeof loosePart === 'object' ? `${loosePart.acrossMm} mm` : ''),
    instead: 'Larger ones, glued on a strip; or scarves.',
    basis: 'the ring for balls, ASTM F963; loose fibres: Kobby’s own choice',
  },
  {
    row: 58,
    about: 'beside somebody who sleeps',
    asks: ['cord', 'roundNeck', 'filler'],
    is: (properties) =>
      isLoose(properties.cord) || properties.roundNeck === true || isFillerToReach(properties.filler),
    level: (who, _, { whereSomebodySleeps }) => (whereSomebodySleeps ? under(24, 'care')(who) : null),
    nearby: true,
    instead: 'Out of the room where they sleep, unplugged, somebody who watches.',
    basis: 'paediatric advice on sleep',
  },
  {
    row: 66,
    about: 'too many at once',
    asks: ['mostAtOnce'],
    is: ({ mostAtOnce }) => typeof mostAtOnce === 'number',
    figure: ({ mostAtOnce }) => `${mostAtOnce} at once`,
    level: (_, { mostAtOnce }, { atOnce }) =>
      typeof mostAtOnce === 'number' && atOnce > mostAtOnce ? 'note' : null,
    everyone: true,
    instead: 'In turns: set how many do it at once.',
    basis: 'the home’s own number',
  },
];

const isLoose = (cord: Properties['cord']): boolean => typeof cord === 'object' && !cord.fixed;
const isFillerToReach = (filler: Properties['filler']): boolean =>
  filler !== undefined && filler !== 'none' && filler !== 'coarse';

// One whose size nobody wrote down counts as small.
function isSmallPomPom({ soft, loosePart }: Properties): boolean {
  if (soft !== 'pom-pom') return false;
  return typeof loosePart !== 'object' || loosePart.acrossMm <= LIMITS.ballMm;
}
