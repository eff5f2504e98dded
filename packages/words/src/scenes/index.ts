import { IDEAS } from './ideas.ts';
import { MORE } from './more.ts';
import { NATURE } from './nature.ts';
import { PLACES } from './places.ts';
import { readScenes, type Scene } from './scene.ts';
import { TRAVEL } from './travel.ts';
import { WORK } from './work.ts';

export { ROLE_OF_KIND, type Scene, type SceneThing } from './scene.ts';

const written = [PLACES, TRAVEL, WORK, NATURE, IDEAS, MORE].flatMap(readScenes);
const uses = new Map<string, number>();
for (const { things } of written) for (const { name } of things) uses.set(name, (uses.get(name) ?? 0) + 1);

// Kinds are written down with the most telling first, and so are the things of each. What belongs to many scenes tells less of each,
// and a second helper or a second room tells less than a second thing to hold.
const FURTHER = 0.7;
const FURTHER_OF = new Map([
  ['people', 2.6],
  ...['places', 'clothes', 'furniture', 'vehicles'].map((kind) => [kind, 1.4] as const),
  ['sounds', 20],
  ['in order', 20],
]);
const NEXT_KIND = 0.8;
const IN_ANOTHER = 0.35;
// Somebody who could stand in any scene, and what a child would not miss in it.
const SAYS_LITTLE = new Set(
  'helper,customer,shopper,guest,visitor,owner,child,parent,neighbour,grower,researcher,sea researcher,insect researcher,plant researcher,snail watcher,snail,traveler,walker,loader,picker,sorter,collector,inspector,dispatcher,stocker,counter,path,table,shelf,stick,wire,grease,post,grate,foot measure,hoof pick,scythe rake,wire cutter,slip,nail box,stub,egg tooth,seed coat,letter card,plaster,pot,jar,lid,cart,tray,strap,rail,cable,valve,step,cord,oval,magazine,signaller,building site,seeker,birdhouse maker,infield,cross,key of the map,gallery,small mirror,stitch counter,hand bird,ball,cap,juice,peel,core,knife,cutting board'.split(
    ',',
  ),
);
const LATER = 8;
function tellingFirst(scene: Scene): Scene {
  const kinds = [...new Set(scene.things.map(({ kind }) => kind))];
  const seen = new Map<string, number>();
  const placed = scene.things.map((thing) => {
    const within = seen.get(thing.kind) ?? 0;
    seen.set(thing.kind, within + 1);
    const further = FURTHER_OF.get(thing.kind) ?? FURTHER;
    const common = IN_ANOTHER * Math.log2(uses.get(thing.name)!);
    const isLater =
      scene.later.has(thing.name) || (SAYS_LITTLE.has(thing.name) && !scene.themes.includes(thing.name));
    const little = isLater ? LATER : 0;
    return {
      thing,
      at:
        little +
        within * further +
        kinds.indexOf(thing.kind) * NEXT_KIND +
        common +
        Math.max(0, further - 10),
    };
  });
  return { ...scene, things: placed.toSorted((one, other) => one.at - other.at).map(({ thing }) => thing) };
}

/** The themes that were written for Kobby, each with what belongs to it, the most telling first. */
export const scenes: readonly Scene[] = written.map(tellingFirst);
