/**
 * Pictures drawn for Kobby, for what the open set does not have: an id, the names under which it is found, and its drawing on a field
 * of 32 × 32. A colour of one letter stands in COLOURS.
 */
export const DRAWN = `
water-drawn: water | <path d="M3 9q3.5-4 6.5 0t6.5 0t6.5 0t6.5 0v17a3 3 0 0 1-3 3H6a3 3 0 0 1-3-3z" fill="b"/><path d="M7 18q3-3 6 0t6 0t6 0M7 23q3-3 6 0t6 0" fill="none" stroke="B" stroke-width="1.8" stroke-linecap="round"/>
windsock: windsock | <path d="M5 3v27" stroke="k" stroke-width="2.2" stroke-linecap="round"/><path d="M6 5l20 5v8L6 17z" fill="w"/><path d="M6 5l5 1.25v11L6 17zM16 7.500l5 1.25v9l-5-.25z" fill="o"/><ellipse cx="6" cy="11" rx="1.6" ry="6" fill="R"/>
pinwheel: pinwheel, paper windmill | <path d="M16 14v16" stroke="n" stroke-width="2.2" stroke-linecap="round"/><path d="M16 14L6 4q10-1 10 10z" fill="r"/><path d="M16 14L26 4q1 10-10 10z" fill="y"/><path d="M16 14L26 24q-10 1-10-10z" fill="b"/><path d="M16 14L6 24q-1-10 10-10z" fill="g"/><circle cx="16" cy="14" r="2" fill="w"/>
windmill: windmill, mill | <path d="M12 12h8l3 18H9z" fill="n"/><path d="M14 22h4v8h-4z" fill="N"/><path d="M11 12q5-6 10 0z" fill="R"/><path d="M16 11L5 3M16 11L27 3M16 11L6 20M16 11l10 9" stroke="k" stroke-width="1.5"/><path d="M5 3l6 3-2 2zM27 3l-6 3 2 2zM6 20l3-6 2 2zM26 20l-3-6-2 2z" fill="w" stroke="G" stroke-width="0.6"/>
streamer: streamer, paper streamer | <path d="M4 5c5 0 5 6 10 6s5 6 10 6s4 6 4 10" fill="none" stroke="p" stroke-width="3"/><path d="M4 13c4 0 4 5 8 5s4 5 8 5s3 4 3 6" fill="none" stroke="y" stroke-width="3"/>
weathervane: weathervane, weathercock | <path d="M16 8v22M7 20h18" stroke="k" stroke-width="2" stroke-linecap="round"/><path d="M3 9h22l-4-4M25 9l-4 4" fill="none" stroke="r" stroke-width="2.4" stroke-linecap="round" stroke-linejoin="round"/><path d="M8 8q2-5 6-3l2-2q2 2 0 5z" fill="N"/>
rope: rope, string, cord | <path d="M6 27c-4-6 4-9 10-9s11-3 9-8s-9-6-13-3s-3 8 3 10s12 4 10 10" fill="none" stroke="n" stroke-width="4" stroke-linecap="round"/><path d="M6 27c-4-6 4-9 10-9s11-3 9-8s-9-6-13-3s-3 8 3 10s12 4 10 10" fill="none" stroke="N" stroke-width="1.2" stroke-dasharray="2 2.4"/>
net: net, fishing net, butterfly net | <path d="M20 12L30 2" stroke="n" stroke-width="2.6" stroke-linecap="round"/><path d="M5 13c-3 8 0 16 6 16s11-7 10-14z" fill="w"/><path d="M6 17l13 4M5 21l12 5M9 14l-1 14M14 14l-1 14M18 15l-4 13" stroke="G" stroke-width="1"/><ellipse cx="13" cy="13.5" rx="9" ry="4" fill="none" stroke="n" stroke-width="2.4" transform="rotate(10 13 13)"/>
lamp: lamp, table lamp | <path d="M10 4h12l5 13H5z" fill="y"/><path d="M14.5 17h3v8h-3z" fill="N"/><rect x="9" y="25" width="14" height="4" rx="2" fill="n"/>
stamp: stamp, postage stamp | <path d="M5 6h22v20H5z" fill="w" stroke="G" stroke-width="2.2" stroke-dasharray="2 2"/><rect x="8.5" y="9.5" width="15" height="13" fill="b"/><path d="M9 22l5-7l4 4l2-2l3 5z" fill="g"/><circle cx="19.5" cy="13" r="2" fill="y"/>
funnel: funnel | <path d="M3 7h26L19 19v10h-6V19z" fill="b"/><ellipse cx="16" cy="7" rx="13" ry="3.5" fill="B"/>
apron: apron | <path d="M11 4v4c0 4-2 6-5 7v13h20V15c-3-1-5-3-5-7V4" fill="r"/><path d="M11 4q5 5 10 0M6 17L2 20M26 17l4 3" fill="none" stroke="R" stroke-width="1.6"/><rect x="11" y="18" width="10" height="6" rx="1.5" fill="R"/>
hose: hose, garden hose | <circle cx="15" cy="18" r="10" fill="none" stroke="g" stroke-width="3"/><circle cx="15" cy="18" r="5.5" fill="none" stroke="g" stroke-width="3"/><path d="M15 8h9" stroke="g" stroke-width="3"/><path d="M23 5h4l2-1v8l-2-1h-4z" fill="y"/>
chalk: chalk, piece of chalk | <path d="M4 24L22 6l5 5L9 29H4z" fill="w" stroke="G" stroke-width="1"/><path d="M22 6l2-1l4 4l-1 2z" fill="p"/><path d="M12 29h16" stroke="p" stroke-width="2" stroke-linecap="round"/>
tape-measure: tape measure, measuring tape | <rect x="4" y="7" width="19" height="19" rx="5" fill="y"/><circle cx="13.5" cy="16" r="6" fill="k"/><path d="M20 22h10v4H12" fill="w"/><path d="M22 26v-2M25 26v-2.500M28 26v-2" stroke="k" stroke-width="1"/>
lid: lid, jar lid | <ellipse cx="16" cy="20" rx="13" ry="6" fill="G"/><ellipse cx="16" cy="17" rx="13" ry="6" fill="s"/><circle cx="16" cy="13" r="3" fill="k"/>
ramp: ramp | <path d="M3 26L28 9v17z" fill="n"/><path d="M3 26L28 9" stroke="N" stroke-width="2"/><circle cx="12" cy="15.5" r="3.5" fill="r"/>
whistle: whistle | <path d="M4 9h20v6H17a7 7 0 1 1-13 1z" fill="r"/><circle cx="11" cy="18" r="3" fill="R"/><path d="M24 8h4v7h-4z" fill="R"/>
seed: seed, seeds | <path d="M9 9c5-1 7 4 6 8c-5 1-8-3-6-8z" fill="n"/><path d="M22 7c4 2 4 7 1 10c-4-2-5-7-1-10z" fill="N"/><path d="M17 18c4 1 5 6 3 10c-5-1-6-6-3-10z" fill="n"/>
towel: towel | <rect x="6" y="4" width="20" height="25" rx="2" fill="c"/><path d="M6 9h20M6 23h20M6 26h20" stroke="w" stroke-width="1.6"/><path d="M16 4v25" stroke="C" stroke-width="1"/>
rake: rake | <path d="M16 3v19" stroke="n" stroke-width="3" stroke-linecap="round"/><path d="M6 22h20M7 22v7M11.5 22v7M16 22v7M20.5 22v7M25 22v7" fill="none" stroke="k" stroke-width="2" stroke-linecap="round"/>
sieve: sieve, strainer, colander | <path d="M3 11h19c0 8-4 14-9.5 14S3 19 3 11z" fill="s"/><path d="M5 15h15M6 19h13M9 11v12M12.5 11v14M16 11v12" stroke="G" stroke-width="1"/><ellipse cx="12.5" cy="11" rx="9.5" ry="2.5" fill="G"/><path d="M22 11h8" stroke="n" stroke-width="3" stroke-linecap="round"/>
nail: nail, nails | <path d="M8 5l5-2l2 4l-5 2z" fill="G"/><path d="M11 8l3-1l9 22z" fill="s"/>
screw: screw, wood screw | <path d="M9 5q7-4 14 0l-3 4h-8z" fill="G"/><path d="M12.5 9h7v12L16 29l-3.5-8z" fill="s"/><path d="M11.5 13l9-2M11.5 17l9-2M11.5 21l9-2" stroke="k" stroke-width="1.3"/>
table: table | <path d="M2 10h28v5H2z" fill="n"/><path d="M5 15h4v13H5zM23 15h4v13h-4z" fill="N"/>
cloth: cloth, fabric, piece of cloth, scrap of cloth | <path d="M4 8q6-4 12 0t12 0l-1 17q-6 4-12 0t-11 0z" fill="p"/><path d="M10 8v16M16 9v16M22 10v16M4 14q6-4 12 0t12 0M4 20q6-4 12 0t12 0" fill="none" stroke="w" stroke-width="1.2"/>
button: button, buttons | <circle cx="16" cy="16" r="12.5" fill="r"/><circle cx="16" cy="16" r="9" fill="R"/><circle cx="13" cy="13" r="1.7" fill="w"/><circle cx="19" cy="13" r="1.7" fill="w"/><circle cx="13" cy="19" r="1.7" fill="w"/><circle cx="19" cy="19" r="1.7" fill="w"/>
watering-can: watering can | <path d="M9 12h13v15H9z" fill="g"/><path d="M9 22L3 11" stroke="g" stroke-width="3.5"/><path d="M1 11l5-3" stroke="E" stroke-width="3"/><path d="M22 14c8-1 8 11 0 10" fill="none" stroke="E" stroke-width="2.5"/><path d="M9 12c0-5 13-5 13 0" fill="none" stroke="E" stroke-width="2.5"/>
flower: flower | <path d="M16 16v14" stroke="E" stroke-width="2.5"/><path d="M16 27c5 0 7-3 8-6c-5 0-7 2-8 6z" fill="g"/><circle cx="16" cy="6" r="4" fill="p"/><circle cx="21.5" cy="10" r="4" fill="p"/><circle cx="19.5" cy="16" r="4" fill="p"/><circle cx="12.5" cy="16" r="4" fill="p"/><circle cx="10.5" cy="10" r="4" fill="p"/><circle cx="16" cy="11.5" r="3.5" fill="y"/>
gate: gate, garden gate | <path d="M3 6h4v23H3zM25 6h4v23h-4z" fill="N"/><path d="M7 11h18v3H7zM7 22h18v3H7z" fill="n"/><path d="M9 9h3v18H9zM14.5 9h3v18h-3zM20 9h3v18h-3z" fill="n"/>
barn: barn | <path d="M3 15l4-8l9-5l9 5l4 8z" fill="k"/><path d="M5 15h22v14H5z" fill="r"/><path d="M11 18h10v11H11z" fill="w"/><path d="M11 18l10 11M21 18L11 29" stroke="r" stroke-width="1.8"/>
wall: wall, brick wall | <rect x="2" y="7" width="28" height="20" fill="w"/><path d="M3 8h8v5H3zM12 8h8v5h-8zM21 8h8v5h-8zM3 14h4v6H3zM8 14h8v6H8zM17 14h8v6h-8zM26 14h3v6h-3zM3 21h8v5H3zM12 21h8v5h-8zM21 21h8v5h-8z" fill="o"/>
clock: clock, wall clock | <circle cx="16" cy="16" r="13" fill="k"/><circle cx="16" cy="16" r="10.8" fill="w"/><path d="M16 9v7l5 3" fill="none" stroke="k" stroke-width="2" stroke-linecap="round"/><path d="M16 6.500v1.500M16 24v1.500M6.5 16h1.500M24 16h1.5" stroke="r" stroke-width="1.5"/>
river: river, stream, creek, brook | <rect x="2" y="4" width="28" height="24" rx="4" fill="g"/><path d="M18 4c-2 5 6 6 2 11s-10 6-9 13h9c0-5 8-6 9-12s-6-7-4-12z" fill="b"/>
sand: sand, heap of sand | <path d="M2 27c5-3 8-15 14-15s9 12 14 15z" fill="y"/><path d="M10 22h1M15 18h1M19 23h1M14 25h1M22 25h1M17 14h1" stroke="N" stroke-width="1.6" stroke-linecap="round"/>
tape: tape, sticky tape, masking tape, roll of tape | <circle cx="14" cy="15" r="11" fill="y"/><circle cx="14" cy="15" r="5.5" fill="N"/><circle cx="14" cy="15" r="4" fill="w"/><path d="M14 26h15v-4H21" fill="y"/><path d="M29 22l-1 1l1 1l-1 1l1 1" fill="none" stroke="N" stroke-width="0.8"/>
whisk: whisk | <path d="M24 8l5-5" stroke="N" stroke-width="3.5" stroke-linecap="round"/><path d="M24 8C14 6 3 16 4 28c12 1 22-10 20-20zM24 8C18 12 8 20 4 28c8-4 16-14 20-20z" fill="none" stroke="G" stroke-width="1.6"/>
tray: tray, baking tray | <rect x="2" y="9" width="28" height="16" rx="3" fill="n"/><rect x="5" y="12" width="22" height="10" rx="1.5" fill="N"/>
marble: marble, glass marble | <circle cx="16" cy="16" r="12" fill="c"/><path d="M8 20c4-9 12-2 16-9c-1 9-9 14-16 9z" fill="b"/><circle cx="12" cy="11" r="2.3" fill="w"/>
hay: hay, bale of hay, hay bale, straw bale | <rect x="3" y="9" width="26" height="17" rx="2" fill="y"/><path d="M10 9v17M22 9v17" stroke="r" stroke-width="1.5"/><path d="M5 13h3M13 12h5M12 17h6M24 15h3M5 21h3M14 22h5M24 21h3" stroke="N" stroke-width="1.3"/>
shovel: shovel, spade | <path d="M16 3v15" stroke="n" stroke-width="3"/><path d="M11.5 3h9" stroke="N" stroke-width="3" stroke-linecap="round"/><path d="M9.5 17h13v5c0 4-3 7-6.5 8c-3.5-1-6.5-4-6.5-8z" fill="G"/>
flag: flag | <path d="M7 3v27" stroke="N" stroke-width="2.6" stroke-linecap="round"/><path d="M8 4q5-3 10 0t9 0v13q-5 3-9 0t-10 0z" fill="r"/>
hill: hill | <rect x="2" y="4" width="28" height="24" rx="4" fill="c"/><path d="M2 24c6-12 15-16 28-4v4a4 4 0 0 1-4 4H6a4 4 0 0 1-4-4z" fill="g"/><circle cx="8" cy="10" r="3" fill="y"/>
binoculars: binoculars, pair of binoculars | <path d="M5 6h8v5l1 3v12a3 3 0 0 1-3 3H6a3 3 0 0 1-3-3V16zM27 6h-8v5l-1 3v12a3 3 0 0 0 3 3h5a3 3 0 0 0 3-3V16z" fill="k"/><path d="M13 12h6v6h-6z" fill="G"/><path d="M4 24h9M19 24h9" stroke="G" stroke-width="2"/>
blanket: blanket, quilt | <rect x="3" y="6" width="26" height="21" rx="2" fill="p"/><path d="M3 13h26M3 20h26M11.5 6v21M20.5 6v21" stroke="w" stroke-width="1.5"/><path d="M4 7h7v5H4zM12 14h8v5h-8zM21 21h7v5h-7z" fill="c"/>
bottle: bottle, water bottle, plastic bottle | <path d="M13 6h6v3c4 2 5 5 5 8v10a3 3 0 0 1-3 3h-10a3 3 0 0 1-3-3V17c0-3 1-6 5-8z" fill="c"/><rect x="12.5" y="2" width="7" height="4" rx="1" fill="b"/><path d="M8 17h16v7H8z" fill="w"/>
postcard: postcard | <rect x="2" y="7" width="28" height="19" rx="1.5" fill="w" stroke="G" stroke-width="1"/><path d="M16 10v13M18.5 17h9M18.5 20h9M18.5 23h6" stroke="G" stroke-width="1.2"/><rect x="24" y="9.5" width="4" height="5" fill="r"/><path d="M4.5 10h9v12h-9z" fill="c"/><path d="M4.5 22l4-6l5 6z" fill="g"/>
rolling-pin: rolling pin | <path d="M3 29l26-26" stroke="N" stroke-width="3" stroke-linecap="round"/><path d="M7 20L20 7l5 5L12 25z" fill="n" stroke="n" stroke-width="2" stroke-linejoin="round"/>
flour: flour, bag of flour | <path d="M8 5h16l2 5v19H6V10z" fill="w" stroke="G" stroke-width="1"/><path d="M8 5h16l1.5 4H6.500z" fill="n"/><circle cx="16" cy="19" r="6" fill="y"/><path d="M16 23v-8M13 17l3 2l3-2M13 20l3 2l3-2" fill="none" stroke="N" stroke-width="1.2"/>
wheelbarrow: wheelbarrow | <path d="M3 9h20l-4 11H9z" fill="g"/><path d="M19 13L30 8" stroke="N" stroke-width="2.5" stroke-linecap="round"/><path d="M18 20l5 7" stroke="k" stroke-width="2"/><circle cx="9" cy="25" r="4" fill="k"/><circle cx="9" cy="25" r="1.5" fill="s"/>
shelf: shelf, bookshelf | <path d="M4 3h24v26H4z" fill="N"/><path d="M6 5h20v6H6zM6 13h20v6H6zM6 21h20v6H6z" fill="w"/><path d="M8 6h3v5H8zM20 14h4v5h-4z" fill="r"/><path d="M12 7h3v4h-3zM8 22h6v5H8z" fill="b"/><path d="M17 6h3v5h-3zM9 15h6v4H9zM20 23h4v4h-4z" fill="g"/>
ladle: ladle | <path d="M25 3c-7 0-7 5-8 15" fill="none" stroke="G" stroke-width="2.6" stroke-linecap="round"/><path d="M4 18h17c0 6-3 10-8.5 10S4 24 4 18z" fill="s"/>
bench: bench, park bench | <path d="M3 8h26v4H3zM3 14h26v4H3zM2 20h28v3.500H2z" fill="n"/><path d="M5 23h3v6H5zM24 23h3v6h-3zM5 8h2v12H5zM25 8h2v12h-2z" fill="k"/>
curtain: curtain, curtains | <path d="M2 5h28" stroke="N" stroke-width="3" stroke-linecap="round"/><path d="M4 6h10c0 9-2 16-10 23zM28 6H18c0 9 2 16 10 23z" fill="r"/><path d="M7 7v16M10.5 7v11M25 7v16M21.5 7v11" stroke="R" stroke-width="1.3"/>
trowel: trowel, garden trowel | <path d="M21 11l8-8" stroke="r" stroke-width="4" stroke-linecap="round"/><path d="M20 12L17 15" stroke="G" stroke-width="2.5"/><path d="M12 10l10 10c-4 6-10 9-19 9c0-9 3-15 9-19z" fill="s"/>
tunnel: tunnel | <path d="M1 28C2 12 8 4 16 4s14 8 15 24z" fill="g"/><path d="M6 28V19a10 10 0 0 1 20 0v9z" fill="G"/><path d="M9 28v-9a7 7 0 0 1 14 0v9z" fill="k"/><path d="M14.5 28l1-8h1l1 8z" fill="y"/>
paint: paint, pot of paint, tempera, finger paint | <path d="M5 10h22v18a2 2 0 0 1-2 2H7a2 2 0 0 1-2-2z" fill="s"/><ellipse cx="16" cy="10" rx="11" ry="4" fill="b"/><path d="M20 12c0 4-1 9 1.5 9s2-3 2-4s2 0 2-4z" fill="b"/><path d="M5 10C5 1 27 1 27 10" fill="none" stroke="G" stroke-width="1.5"/>
paint-roller: paint roller, roller | <rect x="3" y="4" width="21" height="8" rx="2" fill="b"/><path d="M24 8h4v8H16v5" fill="none" stroke="G" stroke-width="2"/><rect x="14" y="20" width="4" height="10" rx="1.5" fill="r"/>
glue: glue, white glue, school glue, glue bottle | <path d="M14 7h4l1 5h-6z" fill="o"/><path d="M15 2h2l1 5h-4z" fill="o"/><path d="M10 12h12c3 3 3 5 3 8v8a2 2 0 0 1-2 2H9a2 2 0 0 1-2-2v-8c0-3 0-5 3-8z" fill="w" stroke="G" stroke-width="1"/><rect x="7.5" y="18" width="17" height="7" fill="b"/>
glue-stick: glue stick | <rect x="11" y="13" width="10" height="17" rx="1.5" fill="b"/><rect x="11" y="20" width="10" height="5" fill="w"/><path d="M12.5 5q3.5-3 7 0v8h-7z" fill="w" stroke="G" stroke-width="1"/>
dough: dough, play dough, clay, modelling clay | <path d="M4 22c0-7 5-12 12-12s13 6 12 12c-1 5-6 6-12 6s-12-1-12-6z" fill="p"/><path d="M9 18c2-4 5-5 8-5" fill="none" stroke="w" stroke-width="2" stroke-linecap="round"/><circle cx="25" cy="9" r="4" fill="p"/>
hoop: hoop | <ellipse cx="16" cy="16" rx="12" ry="12" fill="none" stroke="r" stroke-width="3.5"/><path d="M5 12a12 12 0 0 1 8-7.500M27 20a12 12 0 0 1-8 7.5" fill="none" stroke="y" stroke-width="3.5"/>
oven: oven, stove, cooker | <rect x="4" y="3" width="24" height="26" rx="2" fill="s"/><path d="M4 9h24" stroke="G" stroke-width="1.5"/><circle cx="9" cy="6" r="1.5" fill="k"/><circle cx="14" cy="6" r="1.5" fill="k"/><circle cx="23" cy="6" r="1.5" fill="r"/><rect x="8" y="14" width="16" height="11" rx="1.5" fill="k"/><path d="M8 12h16" stroke="G" stroke-width="1.8"/><path d="M10 21q6-6 12 0v3H10z" fill="o"/>
cotton-ball: cotton ball, cotton wool, cotton | <circle cx="11" cy="14" r="6" fill="w"/><circle cx="20" cy="12" r="7" fill="w"/><circle cx="23" cy="20" r="6" fill="w"/><circle cx="14" cy="21" r="7" fill="w"/><path d="M9 17c2 2 4 1 5-1M19 16c2 2 4 1 5-1M14 23c2 2 4 1 5-1" fill="none" stroke="s" stroke-width="1.6" stroke-linecap="round"/><path d="M6 12a6 6 0 0 1 8-3.500a7 7 0 0 1 12.5 4a6 6 0 0 1 0 11a7 7 0 0 1-15.5 2.500a7 7 0 0 1-4-7" fill="none" stroke="G" stroke-width="1"/>
spray-bottle: spray bottle | <path d="M13 11h6c4 3 5 6 5 9v8a2 2 0 0 1-2 2H10a2 2 0 0 1-2-2v-8c0-3 1-6 5-9z" fill="c"/><path d="M12 3h10l3 4h-5v4h-7V8H9V5z" fill="r"/><path d="M6 4L3 3M6 6.500H2.500M6 9l-3 1" stroke="b" stroke-width="1.3" stroke-linecap="round"/>
stairs: stairs, step, steps, staircase | <path d="M3 29V24h7v-6h7v-6h6V6h6v23z" fill="n"/><path d="M3 24h7v-6h7v-6h6V6h6" fill="none" stroke="N" stroke-width="2"/>
measuring-cup: measuring cup, measuring jug | <path d="M5 6h18v20a3 3 0 0 1-3 3H8a3 3 0 0 1-3-3z" fill="c"/><path d="M23 9c8 0 8 13 0 13" fill="none" stroke="b" stroke-width="2.6"/><path d="M5 17h18v9a3 3 0 0 1-3 3H8a3 3 0 0 1-3-3z" fill="b"/><path d="M7 10h5M7 14h3M7 18h5M7 22h3" stroke="r" stroke-width="1.5"/>
measuring-spoon: measuring spoon, scoop | <ellipse cx="9" cy="22" rx="7" ry="5.5" fill="b" transform="rotate(-40 9 22)"/><path d="M13 18L27 4" stroke="b" stroke-width="4" stroke-linecap="round"/><circle cx="27" cy="4.5" r="1.2" fill="w"/>
raft: raft | <path d="M2 25q4-3 7 0t7 0t7 0t7 0v5H2z" fill="b"/><path d="M4 19h24v5H4z" fill="n"/><path d="M9 19v5M14 19v5M19 19v5M24 19v5" stroke="N" stroke-width="1.5"/><path d="M15 3h2v16h-2z" fill="N"/><path d="M17 4l8 10h-8z" fill="w" stroke="G" stroke-width="0.8"/>
puddle: puddle, mud puddle | <path d="M2 22c0-5 7-4 10-6s8-1 10 1s8 1 8 5s-6 6-14 6s-14-2-14-6z" fill="b"/><path d="M16 3c3 4 4 6 4 8a4 4 0 0 1-8 0c0-2 1-4 4-8z" fill="b"/><path d="M9 22q3-2 6 0M17 25q3-2 6 0" fill="none" stroke="w" stroke-width="1.5" stroke-linecap="round"/>
mud: mud, soil, earth in a heap | <path d="M2 27c1-6 5-6 7-9s4-7 8-7s5 5 7 7s5 3 6 9z" fill="N"/><circle cx="12" cy="22" r="1.3" fill="n"/><circle cx="19" cy="18" r="1.3" fill="n"/><circle cx="22" cy="24" r="1.3" fill="n"/>
bead: bead, beads, string of beads | <path d="M2 20c8 9 20 9 28 0" fill="none" stroke="k" stroke-width="1.4"/><circle cx="7" cy="22" r="4.5" fill="r"/><circle cx="16" cy="25" r="4.5" fill="y"/><circle cx="25" cy="22" r="4.5" fill="b"/>
stick: stick, twig, branch | <path d="M4 28L27 4M14 17L11 9M19 12l7 2" stroke="N" stroke-width="3" stroke-linecap="round"/>
fork: fork | <path d="M10 3v8a6 6 0 0 0 12 0V3M16 3v26" fill="none" stroke="G" stroke-width="2.6" stroke-linecap="round"/>
grater: grater | <path d="M9 8h14l4 21H5z" fill="s"/><path d="M11 8c0-7 10-7 10 0" fill="none" stroke="r" stroke-width="2.6"/><path d="M12 13h2M18 13h2M11 18h2M15 18h2M20 18h2M10 23h2M15 23h2M21 23h2" stroke="k" stroke-width="1.8" stroke-linecap="round"/>
vase: vase | <path d="M11 3h10l-2 6c6 3 7 8 7 12s-3 8-6 8h-8c-3 0-6-4-6-8s1-9 7-12z" fill="c"/><path d="M7 17h18M6.5 21h19" stroke="C" stroke-width="1.8"/>
lighthouse: lighthouse | <path d="M12 10h8l3 19H9z" fill="w" stroke="G" stroke-width="0.8"/><path d="M11.5 14h9l.6 4H11zM10.3 22h11.400l.6 4H9.700z" fill="r"/><path d="M12 5h8v5h-8z" fill="y"/><path d="M11 5l5-4l5 4z" fill="k"/><path d="M21 6l8-3M21 8l8 2" stroke="y" stroke-width="2"/>
mug: mug | <path d="M4 7h18v17a4 4 0 0 1-4 4H8a4 4 0 0 1-4-4z" fill="r"/><path d="M22 11c8 0 8 11 0 11" fill="none" stroke="R" stroke-width="3"/>
pillow: pillow, cushion | <path d="M4 7q12 4 24 0q-4 9 0 18q-12-4-24 0q4-9 0-18z" fill="c" stroke="C" stroke-width="1.5" stroke-linejoin="round"/>
drinking-straw: drinking straw, paper straw | <path d="M10 29L20 9l7-4" fill="none" stroke="w" stroke-width="4.5" stroke-linejoin="round"/><path d="M10 29L20 9l7-4" fill="none" stroke="r" stroke-width="3.5" stroke-dasharray="3 3" stroke-linejoin="round"/>
acorn: acorn | <path d="M8 14h16c0 8-4 13-8 15c-4-2-8-7-8-15z" fill="n"/><path d="M6 14c0-5 4-8 10-8s10 3 10 8z" fill="N"/><path d="M16 6V2" stroke="N" stroke-width="2"/>
crate: crate, wooden crate, wooden box | <path d="M3 7h26v20H3z" fill="N"/><path d="M3 8h26v5H3zM3 14.500h26v5H3zM3 21h26v5H3z" fill="n"/><path d="M3 7h3v20H3zM26 7h3v20h-3z" fill="N"/>
clothes-peg: clothes peg, clothespin, peg | <path d="M12 3l3 13l-2 13h-3V16L8 5zM20 3l-3 13l2 13h3V16L24 5z" fill="n"/><circle cx="16" cy="15" r="3" fill="none" stroke="G" stroke-width="1.8"/>
lollipop-stick: craft stick, lolly stick, popsicle stick, wooden stick | <path d="M7 26L22 5M13 28L26 9" stroke="n" stroke-width="4.5" stroke-linecap="round"/>
egg-carton: egg carton, egg box | <path d="M2 15h28l-3 11H5z" fill="s"/><path d="M4 15a4 4 0 0 1 8 0M12 15a4 4 0 0 1 8 0M20 15a4 4 0 0 1 8 0" fill="w" stroke="n" stroke-width="1.2"/><path d="M9 26q1-6 3-6t3 6M17 26q1-6 3-6t3 6" fill="G"/>
cardboard-tube: cardboard tube, paper tube, toilet paper tube | <path d="M8 7v18c0 5 16 5 16 0V7z" fill="n"/><ellipse cx="16" cy="7" rx="8" ry="3.5" fill="N"/><path d="M8 14q8 6 16 0M8 20q8 6 16 0" fill="none" stroke="N" stroke-width="0.9"/>
mixing-bowl: mixing bowl, large bowl | <path d="M2 12h28c0 9-5 16-14 16S2 21 2 12z" fill="c"/><ellipse cx="16" cy="12" rx="14" ry="3.5" fill="C"/>
tongs: tongs, tweezers | <path d="M16 4C10 12 8 20 10 29M16 4c6 8 8 16 6 25" fill="none" stroke="G" stroke-width="3" stroke-linecap="round"/><circle cx="16" cy="5" r="2.5" fill="r"/>
dropper: dropper, pipette, eye dropper | <path d="M19 7l6 6" stroke="k" stroke-width="2.5" stroke-linecap="round"/><path d="M22 10c1-4 4-7 6-6s1 5-3 6z" fill="r" stroke="r" stroke-width="3" stroke-linejoin="round"/><path d="M19 9l4 4L11 25l-5 2l2-6z" fill="c" stroke="G" stroke-width="1"/><circle cx="5" cy="29" r="1.6" fill="b"/>
pipe-cleaner: pipe cleaner, fuzzy stick | <path d="M5 27c0-10 8-4 9-11s8-5 13-12" fill="none" stroke="p" stroke-width="4" stroke-dasharray="1.2 0.8"/><path d="M5 27c0-10 8-4 9-11s8-5 13-12" fill="none" stroke="R" stroke-width="1"/>
sticker: sticker, dot sticker | <circle cx="16" cy="16" r="12" fill="y"/><path d="M28 16c-7 0-12 5-12 12z" fill="w" stroke="N" stroke-width="1"/><path d="M11 8l1.3 2.700l3 .4l-2.2 2.100l.5 3L11 14.800l-2.6 1.400l.5-3l-2.2-2.100l3-.4z" fill="r"/>
cookie-cutter: cookie cutter, biscuit cutter, cutter | <path d="M16 3l3.8 8.200l9 1l-6.7 6.100l1.9 8.800L16 22.500l-8 4.600l1.9-8.800l-6.7-6.100l9-1z" fill="none" stroke="G" stroke-width="2.6" stroke-linejoin="round"/>
block: block, wooden block, building block | <path d="M16 3l12 6v14l-12 6L4 23V9z" fill="n"/><path d="M4 9l12 6v14L4 23z" fill="N"/><path d="M16 3l12 6l-12 6L4 9z" fill="y"/>
pom-pom: pom-pom, pompom | <circle cx="16" cy="16" r="10" fill="p"/><circle cx="16" cy="16" r="11" fill="none" stroke="p" stroke-width="4" stroke-dasharray="1.6 1.4"/><path d="M12 12l2 2M18 11l1 3M12 19l3-1M19 20l-2-2" stroke="R" stroke-width="1.3" stroke-linecap="round"/>
easel: easel, painting easel | <path d="M12 3L5 30M20 3l7 27M16 3v25" stroke="N" stroke-width="2.2" stroke-linecap="round"/><rect x="6" y="6" width="20" height="15" fill="w" stroke="G" stroke-width="1"/><path d="M4 21h24v2.500H4z" fill="n"/><circle cx="12" cy="12" r="3" fill="y"/><path d="M8 20l6-6l4 4l3-3l4 5z" fill="g"/>
sensory-bin: sensory bin, storage bin, plastic tub, dish tub | <path d="M3 11h26l-3 16H6z" fill="c"/><path d="M2 8h28v4H2z" fill="b"/><path d="M5 17q5-4 11 0t11 0l-1.5 9h-19z" fill="y"/>
kettle: kettle | <path d="M7 14h17l3 14H5z" fill="G"/><path d="M24 17l6-4" stroke="G" stroke-width="3" stroke-linecap="round"/><path d="M8 13c0-11 15-11 15 0" fill="none" stroke="k" stroke-width="2.5"/><circle cx="15.5" cy="12" r="2" fill="r"/>
pulley: pulley | <path d="M16 1v6" stroke="k" stroke-width="2.5"/><circle cx="16" cy="13" r="8" fill="G"/><circle cx="16" cy="13" r="5" fill="s"/><circle cx="16" cy="13" r="1.6" fill="k"/><path d="M8 13v16M24 13v10" stroke="n" stroke-width="1.8"/><rect x="20" y="23" width="8" height="7" rx="1" fill="r"/>
felt-board: felt board, flannel board | <rect x="3" y="4" width="26" height="20" rx="1.5" fill="E" stroke="N" stroke-width="2"/><circle cx="10" cy="11" r="3.5" fill="y"/><path d="M16 20l5-9l5 9z" fill="r"/><rect x="8" y="16" width="5" height="5" fill="p"/><path d="M9 25l-2 5M23 25l2 5" stroke="N" stroke-width="2"/>
light-table: light table, light box | <path d="M2 9h28v9H2z" fill="w" stroke="G" stroke-width="1"/><path d="M4 11h24v5H4z" fill="y"/><path d="M4 18h4v11H4zM24 18h4v11h-4z" fill="k"/><path d="M9 6L8 3M16 6V2.500M23 6l1-3" stroke="y" stroke-width="2" stroke-linecap="round"/>
envelope-seed: seed packet, packet of seeds | <rect x="6" y="3" width="20" height="26" rx="1.5" fill="w" stroke="G" stroke-width="1"/><path d="M6 3h20v6H6z" fill="g"/><path d="M16 26v-9" stroke="E" stroke-width="2"/><circle cx="16" cy="15" r="3.5" fill="y"/><path d="M16 24c3 0 5-2 5-4c-3 0-5 1-5 4z" fill="g"/>
scale-bathroom: bathroom scale, kitchen scale, weighing scale | <rect x="3" y="13" width="26" height="16" rx="3" fill="s"/><path d="M5 9h22l-2 4H7z" fill="G"/><circle cx="16" cy="21" r="5.5" fill="w"/><path d="M16 21l3-3" stroke="r" stroke-width="1.6"/>
hammock: hammock | <path d="M4 4v25M28 4v25" stroke="N" stroke-width="3" stroke-linecap="round"/><path d="M4 9c4 14 20 14 24 0c-2 20-22 20-24 0z" fill="o"/>
bunting: bunting, garland | <path d="M1 7q15 8 30 0" fill="none" stroke="N" stroke-width="1.5"/><path d="M3 8.500l6 1.800l-4 7.200z" fill="r"/><path d="M12.5 11h7l-3.5 8z" fill="y"/><path d="M23 10.300l6-1.800l-2 9z" fill="b"/>
cardboard: cardboard, corrugated cardboard | <path d="M4 6h24v20H4z" fill="n"/><path d="M4 11h24M4 16h24M4 21h24" stroke="N" stroke-width="1"/><path d="M4 26h24v3H4z" fill="N"/><path d="M6 27.500h2M10 27.500h2M14 27.500h2M18 27.500h2M22 27.500h2" stroke="n" stroke-width="1.2"/>
`;

/** The colours of the drawings, by letter: capitals are the darker ones. */
export const COLOURS: Readonly<Record<string, string>> = {
  b: '#4aa3e8',
  B: '#1f6fb5',
  c: '#a9dcf2',
  C: '#6fb4d2',
  g: '#6abf5b',
  E: '#3c8a41',
  k: '#45404f',
  G: '#8d8a97',
  s: '#cfd0d8',
  w: '#fbf8f1',
  n: '#d9a066',
  N: '#96643a',
  o: '#ee8a3c',
  p: '#f08fb4',
  r: '#e4513f',
  R: '#a8312a',
  y: '#fbc94a',
};
