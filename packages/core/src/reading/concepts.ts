/**
 * What the words of students' answers are about, colours aside: each concept with the phrases that mean
 * it. Phrases are lower case, hyphens written as spaces, "n't" written as "not".
 */
const lines = (text: string): string[] =>
  text
    .split(/[\n,]/)
    .map((phrase) => phrase.trim())
    .filter(Boolean);

/** All ways to say a noun with an adjective before it or none. */
const withWords = (adjectives: string, nouns: string, before = ''): string[] =>
  lines(nouns).flatMap((noun) =>
    ['', ...lines(adjectives)].map((adjective) => [before, adjective, noun].filter(Boolean).join(' ')),
  );

/** Every verb before every ending. */
const verbsWith = (verbs: string, endings: string): string[] =>
  lines(verbs).flatMap((verb) => lines(endings).map((ending) => `${verb} ${ending}`));

export const concepts = {
  precipitate:
    lines(`ppt, ppts, pptt, ppte, precipitate, precipitates, precipitated, precipitation, precip, solid, solids, sludge, sludgy, sediment, deposit, gel,
    jelly, jelly like, gelatinous, gloopy, gloop, gunk, lumps, lumpy, flakes, particles, suspension, curds, curdy, curdled, powder, specks, clumps, blobs, goo, stuff at the bottom, grains, mush, mud, slime, bits, stuff, flecks, chunks, snow, snowy, fluff, fluffy, blob, lump, speck, fleck, flake, crumbs, gunge, precipitates out, cloudy solid, yoghurt, yogurt, paint, emulsion, paste, pasty, toothpaste, flour, chalk, porridge`),
  cloudy: lines(
    `cloudy, cloudiness, clouded, goes cloudy, murky, turbid, opaque, clouds over, clouds up, misty, foggy, cloudier, not clear, not see through, not see thru, can not see thru, could not see thru, can not see through, could not see through, not be able to see through`,
  ),
  milky: lines(
    `milky, milkiness, milkier, chalky, like milk, milk, milky looking, looks like milk, like skimmed milk, milky coloured`,
  ),
  solution: lines(`solution, liquid, solutions`),
  gas: lines(`gas, gases, gasses, gaseous, carbon dioxide, co2, hydrogen, oxygen, chlorine`),
  dissolve:
    lines(`dissolve, dissolves, dissolved, dissolving, redissolve, redissolves, redissolved, redissolving, re dissolve, re dissolves, re dissolved, soluble,
    resoluble, dissolvable, goes into solution, went into solution, goes back into solution, dissolution`),
  disappear:
    lines(`disappear, disappears, disappeared, disappearing, vanish, vanishes, vanished, goes away, went away, go away, going away, gone away, clears up, cleared up, gone, fades, faded, lost, melted away, melt away, melted, cleared away, washed away, faded away, fades away, dies away, died away, goes back in, went back in, melts away,
    goes, went`).filter((p) => p !== 'goes' && p !== 'went'),
  insoluble: lines(
    `did not clear, does not clear, would not clear, will not clear, do not clear, insoluble, unsoluble, in soluble, un soluble, indissoluble, undissolved, non soluble, insolvable`,
  ),
  stays: lines(
    `stays, both times, each time, either way, every time, stayed, stay, staying, remain, keeps its colour, kept its colour, not going anywhere, not budge, not shift, not go anywhere, not move, remains, remained, remaining, persist, persists, persisted, still, keeps, kept, left`,
  ),
  nothing: [
    ...withWords(
      'visible, further, observable, obvious, apparent, noticeable, more, colour, obvervable, significant, observed, other',
      'change, changes, reaction, effect, difference, modification, modifications, alteration',
      'no',
    ),
    ...lines(`nothing, none, just sat there, sat there, sits there, just sits there, not change, not change colour, not react, not happen, not do anything, no result, no observation, unchanged, unaffected, stays the same, stayed the same, stay the same, remains the same, remained the same,
      remain the same, the same, same as before, not see anything, not see any change, not see a thing, not see any difference, not notice anything, not look any different, nothing happens, nothing happened, nothing seen, nothing forms, not reacted, no observable change, no visible reaction, nowt, not a lot, not anything, not much happened, not a thing, not make any difference, not make a difference, made no difference, makes no difference, make no difference, not do much, did nothing, does nothing, do nothing, zilch, nada, no affect, no visable change, nothing visible, no colour change, not affected, no signs, no observations, same as it was, same as before, looks the same, looked the same, same colour, same as at the start, no different, nothing at all, absolutely nothing, nothing visible, nothing observed, not any change, not changed, not changing, not any reaction, negative`),
  ],
  excess: lines(
    `excess, xs, more, extra, further, additional, too much, loads more, lots more, kept going, keep going, kept adding, keep adding, carry on adding, carried on adding, carry on, keep on adding, all of it, the lot, overdo it, lot of naoh, loads of naoh, lots of naoh, whole lot, another few, rest of the, plenty, excess amount, even more, at the end, by the end, in the end`,
  ),
  drops: lines(
    `drops, drop, drop by drop, at first, first, initially, to begin with, to start with, few drops, dropwise, originally, straight away, initially, a bit of, couple of drops, little bit of, small amount`,
  ),
  fizz: lines(`effervescence, effervesce, effervesces, effervesced, effervescing, effervescent, fizz, fizzes, fizzed, fizzing, fizzy, bubble, bubbles, bubbled, bubbling, bubbly, froth, froths, frothed, frothing, frothy,
    foam, foams, foamed, foaming, fizzle, fizzled, fizzling, fizzier, bubbles of gas, bubbled up, fizz up, frothed up, gas bubbles, hissing, hissed, hiss`),
  slow: lines(
    `slow, slowly, slower, few, gentle, gently, little, weak, weakly, a couple, tiny, hardly any, not many, not much, slight, slightly, barely`,
  ),
  steady: lines(
    `steady, steadily, moderate, moderately, gradual, gradually, constant, constantly, stream, medium`,
  ),
  vigorous: lines(
    `vigorous, vigorously, rapid, rapidly, fast, quickly, quick, lots, loads, violent, violently, strong, strongly, a lot, many, fiercely, furiously, crazy, very reactive, like mad, tons, aggressively, energetic, energetically, intense, intensely`,
  ),
  limewater: lines(`limewater, lime water, calcium hydroxide`),
  clear: lines(
    `clear, clears, cleared, clearer, transparent, see through, translucent, goes clear, turns clear, becomes clear, went clear`,
  ),
  hot: [
    ...lines(
      `hot, hotter, warm, warms, warmed, warmer, warming, heat, heats, heated, heat up, heats up, heated up, heat given out, got hot, gets hot, feels hot, felt hot, felt warm, toasty, burning hot, scalding, warms up, warmed up, boiling hot, burning hot`,
    ),
    ...withWords(
      '',
      'rose, rises, rise, increased, increases, increase, went up, goes up, going up, went higher, increasing, rising, got higher, is higher',
      'temperature',
    ),
    ...withWords('', 'rise, increase', 'temp'),
    ...lines(
      'temp went up, temp rose, temp increased, increase in temperature, rise in temperature, temp goes up, higher temperature',
    ),
  ],
  cold: lines(
    `cold, colder, cool, cools, cooled, cooler, freezing, temperature dropped, temperature fell, temperature decreased, temperature went down, temperature goes down, decrease in temperature, endothermic, temperature drops`,
  ),
  ring: lines(`ring, rings, band, layer, line, circle, disc, junction ring`),
  pop: lines(
    `pop, pops, popped, popping, squeaky pop, squeak, squeaky, squeaks, squeaked, squeaking, squeaky popping, popping noise, popping sound, squealed, squeal, pop sound, pop noise`,
  ),
  relight: [
    ...verbsWith(
      'catch, catches, caught, go, goes, went, set, sets, burst, bursts, come, comes, came, get, gets, got, spring, springs, sprang, start, starts, started',
      'alight, alight again, on fire, on fire again, into flame, into flames, into a flame, back into flame, back into flames, light again, fire again, burning, burning again, to burn, to burn again, back alight',
    ),
    ...lines(`relight, relights, relit, relighted, relighting, rekindle, rekindles, rekindled, reignite, reignites, reignited, re light, re lights, re lit, re ignite, re ignites, re ignited, re kindles, re kindled, bursts into flame, bursts into flames,
    burst into flame, burst into flames, catches fire, caught fire, catch fire, lights up, lights again, lit up, lights up again, light again, light up, lit again, ignites, ignite, ignited, ignites again, flames up, goes on fire, bursts into fire, burst back into flame, back into flame, starts burning, starts to burn, started burning, comes back on, catches light, caught light, flame comes back, sets alight, set alight, on fire again, sets on fire, lit back up, lights back up, goes back on fire, went back on fire, sets on fire again, burns again, burnt again, burned again, burning again, reburns, comes back to life, came back to life, came alight, comes alight, lights itself, bursts alight, back to life, flame came back, flame returns, back alight, lit itself, flame again, back on fire, burst back into flames, back into flames, burst into a flame, bursts into a flame, into a flame, flame appeared, flame appears, flame reappears, flame reappeared, into flame, into flames, into fire, start burning, starts to burn, started to burn, began to burn, begins to burn, began burning, begins burning, start to burn, relites, relite, relited, flared up again, flares up again, flare up again, takes fire, takes fire again, took fire, took fire again, take fire again, flared back up, flares back up`),
  ],
  out: lines(
    `goes out, went out, go out, gone out, going out, put out, puts out, puts it out, put it out, putting it out, extinguish, extinguishes, extinguished, extinguishing, dies, died, dies out, died out, snuffed out, snuffs out, stops the flame, kills the flame, flame goes, flame went, flame dies, stops burning, stopped burning, stops glowing, stopped glowing, distinguished, distinguishes, flame goes off`,
  ),
  brighter: lines(
    `brighter, brightly, more brightly, burns brightly, burn brighter, burns brighter, burnt brighter, burned brighter, flares, flares up, flared up, flared, bigger flame, burns more, burns faster, stronger flame, burns better`,
  ),
  bleach:
    lines(`bleach, bleaches, bleached, bleaching, decolourise, decolourises, decolourised, decolorise, decolorises, decolorised, decolourize, decolourizes, decolourized, decolorize, decolorizes, decolorized, loses its colour, loses colour, lost its colour, loose its colour, looses its colour, lose its colour,
    colour disappears, colour disappeared, colour is lost, colour lost, colour goes, colour went, colour fades, colour faded, colour removed, colour is removed, loses its purple colour, lost its purple colour, loses the colour, loses the purple colour, decolours, decoloured, discolours, discoloured, colour vanishes, removes the colour, takes the colour out, colour came out, colour comes out, all the colour came out, colour comes out of, lost all its colour, loses all its colour, lost all colour, loses all colour, lost its purple, loses its purple, drains, drained, colour drains, colour has gone, colour was lost, not keep its colour, turns it colourless, takes colour away`),
  fumes: lines(
    `fumes, fume, smoke, smokes, smoky, cloud, clouds, vapour, vapours, mist, smokey, fumed, vapor, haze`,
  ),
  smell: lines(`smell, smells, smelt, smelled, smelly, odour, scent`),
  pungent: lines(
    `pungent, sharp, choking, irritating, acrid, strong smell, strong smelling, stinging, unpleasant, smells of ammonia, smell of ammonia, ammonia, ammonia smell, smelt of ammonia, like ammonia, bad smell, horrible smell, nasty, smells bad, smells horrible, smelt bad, stings, makes your eyes water, stinky, like wee, wee, urine, pee, of pee, cat pee, eggy, overpowering, made me cough, makes you cough, made my eyes water, burns your nose, burnt my nose, stank, stunk, stinks, stink, stinky, stench, pong, pongs, reeks, disgusting smell, nappies, bleach smell, toilet, like toilets, horrible, disgusting, foul, gross, cat wee, stale urine, smells strong, cleaning products`,
  ),
  odourless: lines(
    `odourless, no smell, no odour, not smell, no smells, unscented, not smell of anything, no pungent smell`,
  ),
  litmus: lines(`litmus, litmus paper, indicator paper, indicator, universal indicator, ph paper, litmas`),
  paper: lines(`paper`),
  residue: lines(
    `residue, metal left, solid left, left over, leftover, left behind, some left, left at the bottom, at the bottom, solid remains, metal remains, undissolved, lump left, piece left, not all dissolved, left in the tube, copper left, metal still there`,
  ),
  flame: lines(`flame, flames`),
  yes: lines(`yes, yeah, yep, yea`),
  no: lines(`no, nope, nah`),
  gasMade: lines(
    `gas is given off, gas given off, gas was given off, gas is produced, gas was produced, gas produced, gas made, gas is made, gas released, gas is released, gas evolved, gas was made, gas is evolved, gas comes off, gas came off, gives off gas, gave off gas, produces gas`,
  ),
  splint: lines(`splint, splints, spill, spills, wood, stick`),
  lit: lines(
    `lit, burning, lighted, flaming, ignited splint, thats on fire, match, matches, a lighter, with lighter, ignite it, set fire to it, light it, lit up splint, on fire, alight, naked flame, flame to it, light a splint, light the splint, set light to, splint on fire, burn it, candle`,
  ),
  glowing: lines(
    `glowing, glowy, smouldering, smoldering, glow, glows, ember, embers, smoulders, smoulder, just blown out, blown out, blow out, blew out, still red, red hot tip, red tip`,
  ),
  damp: lines(`damp, moist, wet, dampened, soaked, wettened, moistened, wetted, dampen, soggy`),
  dry: lines(`dry, dried`),
  manganate: lines(`manganate, permanganate, kmno4, manganate vii, mno4`),
  dichromate: lines(`dichromate, k2cr2o7`),
  acidified: lines(`acidified, acidic, acidify`),
  copperSulfate: lines(
    `copper sulfate, copper sulphate, cuso4, copper 2 sulfate, copper ii sulfate, copper ii sulphate`,
  ),
  anhydrous: lines(`anhydrous, dehydrated, white copper, dry copper, unhydrated`),
  cobaltChloride: lines(`cobalt chloride, cobalt paper, cocl2, cobalt`),
  rod: lines(`rod, glass rod, hydrochloric acid, hcl, conc hcl, hydrogen chloride, stopper`),
  ammoniaRod: lines(`ammonia solution, ammonia, nh3, nh3 solution, conc ammonia`),
  lower: lines(`lower, bottom, underneath, below, lower layer, bottom layer`),
  upper: lines(`upper, top, upper layer, top layer, hexane, organic, organic layer, hexane layer`),
} as const satisfies Record<string, readonly string[]>;

export type Concept = keyof typeof concepts;
