/** Readers of precipitates: what falls out in the first drops, what the excess does, what standing does. */
import { has, isSolid, joinedOf, lastWord, type Claim, type ClaimReader } from './claims.js';
import { isTurned } from './colour-change.js';
import type { ColourTerm } from './colour-terms.js';
import type { Mention, TextReading } from './read-text.js';

const loose: ReadonlySet<string> = new Set([
  'solution',
  'gas',
  'fumes',
  'flame',
  'ring',
  'limewater',
  'smell',
]);
/** "No solid left", "bits at the bottom": the precipitate there still is, or is not. */
const isLeft = (m: Mention): boolean => m.kind === 'residue';
const turnOrStay = /^(?:stay|turn|went$|go(?:es|ne)?$|becom|became|chang|remain|still$)/;
const becoming = /^(?:turn|becom|became|chang|went$|go(?:es)?$|giv|gave$|form|mak|made$|leav|into$|to$)/;
const noColours: ReadonlySet<ColourTerm> = new Set(['colourless']);

// ---- drops and excess -------------------------------------------------------------------------

type Phase = 'drops' | 'excess';
const phaseCache = new WeakMap<TextReading, ReadonlyMap<Mention, Phase>>();

/** Which mentions speak of the first drops, which of the excess. */
function phasesOf(reading: TextReading): ReadonlyMap<Mention, Phase> {
  const known = phaseCache.get(reading);
  if (known) return known;
  const phases = new Map<Mention, Phase>();
  let phase: Phase = 'drops';
  let solidSaid = false;
  let noneSaid = false;
  /** "Green ppt (excess)": what a bracket names is the part it follows. */
  const bracketed = (number: number): readonly Mention[] => {
    if (!reading.clauses[number]?.aside) return [];
    const inside = reading.mentions.filter((m) => m.clause === number);
    return inside.every((m) => m.kind === 'drops' || m.kind === 'excess') ? inside : [];
  };
  reading.clauses.forEach((clause, number) => {
    const named = bracketed(number + 1);
    const mine = [...reading.mentions.filter((m) => m.clause === number), ...named];
    if (named.some((m) => m.kind === 'excess')) {
      for (const m of mine) phases.set(m, 'excess');
      phase = 'excess';
      return;
    }
    if (bracketed(number).length) return;
    const early = mine.some((m) => m.kind === 'drops') && !mine.some((m) => m.kind === 'excess');
    const solidBefore = (m: Mention) => solidSaid || mine.some((o) => isSolid(o) && !o.denied && o.at < m.at);
    const cloudBefore = (m: Mention) =>
      reading.mentions.some((o) => (o.kind === 'cloudy' || o.kind === 'milky') && !o.denied && o.at < m.at);
    const plain = (m: Mention) =>
      m.kind === 'excess' ||
      m.kind === 'dissolve' ||
      m.kind === 'insoluble' ||
      m.kind === 'disappear' ||
      (isLeft(m) && solidSaid) ||
      clearsUp(reading, m);
    // "A blue ppt that turns into a deep blue solution": the solid has become the liquid.
    const becomesLiquid = (m: Mention) =>
      m.kind === 'solution' && !m.denied && turnsInto(reading, m, mine) && solidBefore(m);
    // After a precipitate, that nothing more happens, that it stays or clears, is what the excess does.
    const follows = (m: Mention) =>
      ((m.kind === 'stays' || m.kind === 'nothing') && solidBefore(m)) ||
      (m.kind === 'clear' && m.denied && (solidBefore(m) || cloudBefore(m))) ||
      ((m.kind === 'clear' || m.colour === 'colourless') && solidSaid && !m.denied) ||
      (m.kind === 'solution' && solidSaid && clause.joined === 'then') ||
      becomesLiquid(m);
    const marker = mine.find((m) => plain(m) || follows(m));
    if (early && !(marker && plain(marker))) phase = 'drops';
    const told = solidSaid || noneSaid;
    for (const m of mine) {
      const before: boolean = marker !== undefined && m.at < marker.at && !told && phase === 'drops';
      phases.set(m, marker && !early ? (before ? 'drops' : 'excess') : phase);
    }
    if (marker && !early) phase = 'excess';
    if (marker && early && plain(marker)) {
      // "white at first and dissolves": one clause for both.
      for (const m of mine) phases.set(m, m.at < marker.at ? 'drops' : 'excess');
      phase = 'excess';
    }
    if (mine.some((m) => isSolid(m) && !m.denied)) solidSaid = true;
    if (mine.some((m) => (m.kind === 'nothing' && !m.denied) || (isSolid(m) && m.denied))) noneSaid = true;
  });
  phaseCache.set(reading, phases);
  return phases;
}

/** Does a solid of the clause become this liquid: "turns into a blue solution", "giving a colourless solution"? */
function turnsInto(reading: TextReading, liquid: Mention, mine: readonly Mention[]): boolean {
  const solid = mine.findLast((o) => isSolid(o) && !o.denied && o.at < liquid.at);
  const between = reading.words.slice(solid ? solid.at + solid.length : 0, liquid.at);
  return between.some((w) => becoming.test(w)) && !between.some((w) => w === 'in' || w === 'from');
}

/** "A green solid that cleared": what was there went; the liquid was not clear to begin with. */
const clearsUp = (reading: TextReading, m: Mention): boolean =>
  m.kind === 'clear' &&
  /^clear(?:s|ed|ing)$/.test(reading.words[m.at]!) &&
  reading.mentions.some((o) => o.clause === m.clause && o.at < m.at && isSolid(o) && !o.denied);

// ---- precipitates -----------------------------------------------------------------------------

/** What a colour belongs to: the noun after it in its clause, else one before it, else one in a clause beside it. */
function stateOf(
  reading: TextReading,
  colour: Mention,
  among: readonly Mention[],
): 'solid' | 'loose' | undefined {
  const mine = among.filter((m) => m.clause === colour.clause && m !== colour);
  if (mine.some((m) => (m.kind === 'cloudy' || m.kind === 'milky') && !m.denied)) return 'solid';
  const after = mine.filter((m) => m.at > colour.at);
  for (const m of after) {
    if (m.kind === 'colour') break;
    if (isSolid(m)) return 'solid';
    if (loose.has(m.kind)) return 'loose';
  }
  const before = mine.filter((m) => m.at < colour.at).reverse();
  for (const m of before) {
    if (m.kind === 'colour' && m.at + m.length < colour.at - 1) break;
    if (isSolid(m)) return 'solid';
    if (loose.has(m.kind)) return 'loose';
  }
  // "White, thick, chalky": what says nothing of its own stands between as a breath.
  let beyond = colour.clause + 1;
  while (
    reading.clauses[beyond]?.joined === 'and' &&
    reading.clauses[beyond + 1]?.joined === 'and' &&
    !reading.mentions.some((m) => m.clause === beyond)
  )
    beyond++;
  // "blue, then green, precipitate" and "ppt: white": clauses that lend each other what they lack.
  for (const [number, only] of [
    [beyond, after.some((m) => m.kind === 'colour')],
    [colour.clause - 1, false],
  ] as const) {
    if (only) continue;
    const beside = among.filter((m) => m.clause === number);
    const joined = reading.clauses[Math.max(number, colour.clause)]?.joined;
    if (!beside.length || (joined === 'but' && number > colour.clause)) continue;
    if (
      beside.some((m) => m.kind === 'colour' && !m.denied) &&
      number > colour.clause &&
      joined !== 'or' &&
      joined !== 'and'
    )
      continue;
    if (beside.some((m) => (isSolid(m) || m.kind === 'milky' || m.kind === 'cloudy') && !m.denied))
      return 'solid';
  }
  return undefined;
}

/** Precipitates claimed: a colour term each, or `none`. */
export const readPrecipitate: ClaimReader = (reading, { narrow, hasExcess }) => {
  const phases = phasesOf(reading);
  const relevant = hasExcess ? reading.mentions.filter((m) => phases.get(m) === 'drops') : reading.mentions;
  const claims: Claim[] = [];
  let looseColour = false;
  let bareColour = false;
  const bare: Claim[] = [];
  for (const m of relevant) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'colour' && m.colour && !m.denied) {
      if (noColours.has(m.colour)) {
        if (!relevant.some((o) => o.clause === m.clause && isSolid(o) && !o.denied))
          claims.push({ term: 'none', joined });
        continue;
      }
      const state = stateOf(reading, m, relevant);
      if (state === 'solid')
        claims.push({ term: m.colour, joined, ...(isTurned(reading, m) ? { turned: true } : {}) });
      else if (state === 'loose') looseColour = true;
      else {
        bareColour = true;
        bare.push({ term: m.colour, joined });
      }
    } else if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'none', joined });
    else if (isSolid(m) && m.denied) {
      // "not a white precipitate but yellow" denies a colour; "no precipitate" denies all.
      claims.push({ term: 'none', joined });
    } else if (m.kind === 'clear' && !m.denied && !relevant.some((o) => isSolid(o) && !o.denied))
      claims.push({ term: 'none', joined });
    else if (m.kind === 'milky' && !m.denied && !relevant.some((o) => o.kind === 'colour' && !o.denied))
      claims.push({ term: 'white', joined });
    else if (m.kind === 'fizz' && !m.denied) looseColour = true;
  }
  const solid = relevant.some((m) => isSolid(m) && !m.denied);
  // A colour denied next to a precipitate: "not a yellow ppt".
  const final = lastWord(claims);
  if (final.length)
    return {
      claims: final,
      ...(final.every((c) => c.term === 'none') && bare.length ? { loose: bare.map((c) => c.term) } : {}),
    };
  const turnedOrStayed = relevant.some(
    (m) =>
      m.kind === 'colour' &&
      (m.denied || reading.words.slice(Math.max(0, m.at - 3), m.at).some((w) => turnOrStay.test(w))),
  );
  if (bareColour && !solid)
    return narrow
      ? { claims: bare, bare: true }
      : {
          claims: [],
          problem: 'no-state',
          // "It stayed blue" and "turned brown" speak of what was there before.
          ...(turnedOrStayed ? {} : { loose: bare.map((c) => c.term) }),
        };
  // "it did not go white": nothing came.
  if (
    reading.mentions.some((m) => m.kind === 'colour' && m.denied) &&
    !reading.mentions.some((m) => m.kind === 'colour' && !m.denied) &&
    reading.words.some((w) => /^(?:go|turn|become|change)$/.test(w))
  )
    return { claims: [{ term: 'none', joined: 'start' }] };
  if (looseColour) return { claims: [], problem: 'wrong-state' };
  if (solid) return { claims: [], problem: 'no-colour' };
  return { claims: [], ...(relevant.some((m) => m.denied) ? { problem: 'denied' as const } : {}) };
};

/** "Excess was not added", "we forgot excess", "did not try more": nothing is said of what it does. */
const tried = 'add(?:ed)?|us(?:e|ed)|try|tried|get|got|reach(?:ed)?|do|done|test(?:ed)?|put';
const noExcess = new RegExp(
  `\\b(?:forgot|skipped|missed)(?: \\w+){0,3} excess\\b|\\b(?:not|never)(?: (?:${tried}))(?: \\w+){0,3} (?:excess|more|extra)\\b|\\b(?:excess|more|extra)(?: \\w+){0,2} (?:not|never) (?:${tried})\\b|\\bno (?:excess|more)(?: \\w+){0,2} (?:${tried})\\b`,
);

/** What happens in excess: `dissolves`, `insoluble`, `unchanged` (either insoluble or nothing there), `none`. */
export const readExcess: ClaimReader = (reading, { narrow }) => {
  const phases = phasesOf(reading);
  const relevant = reading.mentions.filter(
    (m) =>
      narrow ||
      phases.get(m) === 'excess' ||
      m.kind === 'dissolve' ||
      m.kind === 'insoluble' ||
      clearsUp(reading, m),
  );
  // "Left with a colourless liquid": what stays is the liquid.
  const ofLiquid = (m: Mention): boolean => {
    const mine = relevant.filter((o) => o.clause === m.clause);
    return (
      mine.some((o) => o.kind === 'solution' || o.colour === 'colourless') && !mine.some((o) => isSolid(o))
    );
  };
  const claims: Claim[] = [];
  const staysClear =
    !relevant.some((m) => m.kind === 'dissolve' || m.kind === 'disappear') &&
    relevant.some((m) => m.kind === 'stays' && !m.denied) &&
    relevant.some((m) => m.kind === 'clear' || m.colour === 'colourless');
  for (const m of relevant) {
    const joined = joinedOf(reading, m);
    const claim = (term: string) => claims.push({ term, joined });
    if (m.kind === 'dissolve' || m.kind === 'disappear' || clearsUp(reading, m))
      claim(m.denied ? 'insoluble' : 'dissolves');
    else if (m.kind === 'insoluble') claim(m.denied ? 'dissolves' : 'insoluble');
    else if (isLeft(m)) claim(m.denied ? 'dissolves' : 'insoluble');
    else if (m.kind === 'stays' && !staysClear && ofLiquid(m)) continue;
    else if (m.kind === 'stays') claim(staysClear ? 'none' : m.denied ? 'dissolves' : 'insoluble');
    else if (m.kind === 'nothing' && !m.denied) claim('unchanged');
    else if (m.kind === 'clear' && m.denied) claim('insoluble');
    else if ((m.kind === 'clear' || m.colour === 'colourless') && !m.denied && !staysClear)
      claim('dissolves');
    else if (
      m.kind === 'solution' &&
      !m.denied &&
      !relevant.some((o) => isSolid(o)) &&
      reading.mentions.some((o) => isSolid(o) && !o.denied)
    )
      claim('dissolves');
  }
  if (!claims.length) {
    const solid = relevant.find((m) => isSolid(m));
    if (solid) {
      const earlier = reading.mentions.some((m) => phases.get(m) === 'drops' && isSolid(m) && !m.denied);
      claims.push({
        term: solid.denied ? (earlier && !narrow ? 'dissolves' : 'none') : 'insoluble',
        joined: joinedOf(reading, solid),
      });
    } else if (has(reading, 'excess')) {
      // "white ppt in excess": it is there in excess too.
      const shown = reading.mentions.find((m) => isSolid(m) && !m.denied);
      const excess = reading.mentions.findLast((m) => m.kind === 'excess')!;
      const beside = reading.mentions.some((m) => m.clause === excess.clause && isSolid(m));
      if (shown && beside) claims.push({ term: 'insoluble', joined: 'start' });
    }
  }
  if (!claims.length && !narrow && !reading.mentions.some((m) => isSolid(m) && !m.denied)) {
    // "nothing happens" holds for drops and excess; so does "no precipitate" once the excess is spoken of.
    const nothing = reading.mentions.some((m) => m.kind === 'nothing' && !m.denied);
    const none = reading.mentions.some((m) => isSolid(m) && m.denied);
    if (nothing) claims.push({ term: 'unchanged', joined: 'start' });
    else if (none && reading.mentions.some((m) => m.kind === 'excess'))
      claims.push({ term: 'none', joined: 'start' });
  }
  // A deep blue liquid is what copper’s solid becomes when it goes, said of the end without the way there.
  if (!claims.length && !narrow && !reading.mentions.some((m) => isSolid(m) && !m.denied))
    for (const m of reading.mentions)
      if (m.colour === 'deep-blue' && !m.denied && stateOf(reading, m, reading.mentions) === 'loose')
        claims.push({ term: 'dissolves', joined: 'start' });
  if (!claims.length && noExcess.test(reading.words.join(' '))) return { claims, problem: 'not-done' };
  const kinds = new Set(claims.map((c) => c.term));
  // "unchanged" beside a plain word says the same thing twice.
  const told = kinds.size > 1 ? claims.filter((c) => c.term !== 'unchanged') : claims;
  const turn = told.findLastIndex((c) => c.joined === 'but' || c.joined === 'then');
  const mixed = new Set(told.map((c) => c.term)).size > 1;
  return { claims: mixed && turn > 0 ? told.slice(turn) : told };
};

/** The colour of the liquid once the precipitate has dissolved. */
export const readExcessColour: ClaimReader = (reading, { narrow }) => {
  const phases = phasesOf(reading);
  const colours = reading.mentions.filter(
    (m) => m.kind === 'colour' && !m.denied && (narrow || phases.get(m) === 'excess'),
  );
  const free = colours.filter((m) => stateOf(reading, m, reading.mentions) !== 'solid');
  if (narrow && !free.length && colours.length) return { claims: [], problem: 'wrong-state' };
  const told = (free.length ? free : colours).map((m) => ({
    term: m.colour as string,
    joined: joinedOf(reading, m),
  }));
  if (!told.length && has(reading, 'clear')) return { claims: [], problem: 'clear-not-colourless' };
  return { claims: lastWord(told) };
};

/** Spots are precipitates without an excess. */
export const readSpot: ClaimReader = (reading, asked) =>
  readPrecipitate(reading, { ...asked, hasExcess: false });
