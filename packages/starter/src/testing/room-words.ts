// What a pattern may name although it is a thing of some theme: what is in any room, in a yard, on a body, or in the game itself.
// Each was read where it stands. A new pattern that names something else is found out.
const LINES = `
address angry arrow baby bag baker bakery ball bandage bank basket bed bell bench bill bird bit black blanket
block blocks blue book boom bow bowl box bread bridge brush bucket builder calendar calm can cap card cargo cat
chain chair chalk change chart check child circle clack clap clay click climb clink clip clock closed cloth
cloud clue coat coin collage compost conductor cook core corner counter crawl cross crossing cup cushion
customer dark den desk detective  doll door dot dough down drawer drip driver dropper drum dry ear earth
elbow empty enclosure engine envelope explorer eye face family fast feather felt fence field film finger flap
float floor fog folder foot footprint fork frame freezer friend fruit full garden gate glass glue goal
grandmother grass green guest guide hall hand handle hat head headline heart heel hello helper hill hole home
hook hoop hop house hush ice iron island jar jug jump key kitchen knee knife knot label lace ladder laugh leaf
leap leg letter level lid light list listener load lookout loop lump map mat match mechanic menu messenger metal
microphone mine model mouse mud museum nail neighbour net night noon nose number oil one open page paint painter
palm pan paper pass passenger path patient pattern peel pencil picture pin plain plank plant plate player pocket
point polish post pot present print proud puddle puppet rack radio rail rain rattle reader red ribbon riddle
ring river road roll roller roof room root route rug runner sad saw scale scarf scoop screen sea seat seed
shadow shake shed sheet shelf shelter shirt shoe shoulder shy sign sink skip sky slide slip slow smile snap snow
soap sock soup spiral sponge spoon spring square stairs stamp stand star station statue step stick stone stool
storm street stretch string studio suds suit suitcase summer sun surprised table tag tap tape tear telephone
tent thread three thumb ticket timer timetable tin tired toe tongue towel tower track tracker trail tray tree
triangle tub tunnel two up visitor wall water wave wax weight well wet wheat wheel whisper white wind window
wing winter wood workshop worm yard yawn yellow zigzag
`;

/** Nouns of scenes that patterns for any theme may use. */
export const ROOM_WORDS: ReadonlySet<string> = new Set(LINES.trim().split(/\s+/));
