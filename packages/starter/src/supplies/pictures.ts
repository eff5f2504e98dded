// Supplies that are called by more than their plain name: `id:picture`.
const LINES = `
plain-flour:flour rice-flour:flour corn-starch:flour fine-salt:salt lemon-juice:lemon
milk-powder:glass-of-milk white-rice:cooked-rice coloured-rice:cooked-rice lentils:beans chickpeas:beans
split-peas:pea-pod tube-pasta:spaghetti large-shells:spaghetti popcorn-kernels:popcorn play-sand:sand
wood-shavings:wood big-ice:ice washable-paint:paint water-colours:artist-palette flour-paste:mixing-bowl
bubble-mix:bubbles dish-soap:lotion-bottle shaving-foam:lotion-bottle permanent-markers:pen stamp-pads:stamp
lump-pan:dough lump-rice:dough easel-paper:page-facing-up light-card:page-facing-up
dark-paper:page-facing-up copy-paper:page-facing-up tissue-paper:page-facing-up
paper-plates:fork-and-knife-with-plate wool-yarn:yarn cotton-string:rope felt-squares:cloth scarves:scarf
sponge-cloths:sponge wooden-dowels:stick wire-stems:pipe-cleaner wooden-beads-large:bead pony-beads:bead
craft-magnets:magnet feathers:feather crayons-spare:crayon fat-crayons:crayon washable-markers:pen
child-scissors:scissors adult-scissors:scissors blunt-needles:sewing-needle push-pins:pushpin
brushes-wide:paintbrush brushes-fine:paintbrush sponge-stamps:sponge dough-rollers:rolling-pin
dough-cutters:cookie-cutter pipettes-large:dropper tongs:tongs sieves:sieve clip-boards:clipboard
board-books:books day-calendar:calendar toy-cars:automobile ramps:ramp toy-tools:hammer-and-wrench
play-dishes:fork-and-knife-with-plate felt-kites:kite puzzles-knob:puzzle-piece soft-balls:soccer-ball
magnet-wands:magnet big-dice:game-die counting-bears:bear smooth-stones:rock leaves-pressed:fallen-leaf
potting-mix:mud cress-seeds:envelope-seed sunflower-seeds:sunflower small-trays:tray tub-flat:sensory-bin
wash-basins:bathtub lidded-tubs:sensory-bin plastic-jars:jar sealed-bottles:bottle muffin-tins:cupcake
glass-vase:vase light-panel:light-table candle-lights:candle hand-bells:bell ribbon-sticks:ribbon
egg-shakers:maracas hand-drums:drum wood-sticks:stick whistles:whistle chalk:chalk pulley-line:pulley
magnifiers:magnifying-glass-tilted-left kitchen-scale:balance-scale mirrors-plastic:mirror
thermometer:thermometer padlocks:locked cushions:pillow hand-brush:broom step-stool:stairs
wooden-blocks:block
`;

/** What shows supplies of the starter cupboard whose names say more than what they are, by the ids of pictures that ship. */
export const SUPPLY_PICTURES: ReadonlyMap<string, string> = new Map(
  LINES.trim()
    .split(/\s+/)
    .map((line) => line.split(':') as [string, string]),
);
