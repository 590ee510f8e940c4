/** Readers of colours and of changes of colour. */
import { has, isSolid, joinedOf, lastWord, type Claim, type ClaimReader } from './claims.js';
import { blues, changeIn, purples, reds, turnOf } from './colour-change.js';
import type { Mention } from './read-text.js';

/** Of colours joined by "then" (or an arrow) the last is what it became. */
const became = (claims: readonly Claim[]): readonly Claim[] => {
  const last = claims.at(-1);
  return claims.length > 1 && last?.joined === 'then' ? [last] : claims;
};

/** Litmus: `blue`, `red`, `bleached`, `red-then-bleached`, `no-change`; other colours as themselves. */
export const readLitmus: ClaimReader = (reading) => {
  const change = changeIn(reading);
  const claims: Claim[] = [];
  for (const { colour, mention } of change.finals) {
    const joined = joinedOf(reading, mention);
    if (colour === 'white' || colour === 'colourless') claims.push({ term: 'bleached', joined });
    else if (reds.has(colour)) claims.push({ term: 'red', joined });
    else if (blues.has(colour)) claims.push({ term: 'blue', joined });
    else claims.push({ term: colour, joined });
  }
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'bleach' && !m.denied) claims.push({ term: 'bleached', joined });
    else if (m.kind === 'bleach' && !change.finals.length) claims.push({ term: 'no-change', joined });
    else if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'no-change', joined });
    else if (m.kind === 'disappear' && !m.denied && !change.finals.length)
      claims.push({ term: 'bleached', joined });
  }
  if (change.stays) claims.push({ term: 'no-change', joined: 'start' });
  // "It did not turn blue": it stayed as it was.
  if (!claims.length && reading.mentions.some((m) => m.kind === 'colour' && m.denied))
    claims.push({ term: 'no-change', joined: 'start' });
  const terms = claims.map((c) => c.term);
  if (terms.includes('red') && terms.includes('bleached'))
    return { claims: [{ term: 'red-then-bleached', joined: 'start' }] };
  if (
    new Set(terms).size > 1 &&
    terms.includes('bleached') &&
    change.from === undefined &&
    terms.includes('blue')
  )
    return { claims: claims.filter((c) => c.term === 'bleached') };
  return { claims: became(lastWord(claims)) };
};

/** A solution that loses its purple: `colourless`, `purple`; other colours as themselves. */
export const readDecolourised: ClaimReader = (reading) => {
  const change = changeIn(reading);
  const claims: Claim[] = [];
  for (const { colour, mention } of change.finals)
    claims.push({ term: purples.has(colour) ? 'purple' : colour, joined: joinedOf(reading, mention) });
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'bleach' || m.kind === 'disappear')
      claims.push({ term: m.denied ? 'purple' : 'colourless', joined });
    else if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'purple', joined });
  }
  if (change.stays) claims.push({ term: 'purple', joined: 'start' });
  // "no purple left": the colour is what is not there.
  if (
    !claims.length &&
    reading.mentions.some((m) => m.kind === 'colour' && m.denied && m.colour && purples.has(m.colour)) &&
    reading.mentions.some((m) => m.kind === 'stays')
  )
    claims.push({ term: 'colourless', joined: 'start' });
  // "the purple disappears": the colour named is what goes.
  const goes = claims.some((c) => c.term === 'colourless');
  const told =
    goes && reading.mentions.some((m) => m.kind === 'bleach' || m.kind === 'disappear')
      ? claims.filter((c) => c.term !== 'purple')
      : claims;
  if (!told.length && has(reading, 'clear')) return { claims: [], problem: 'clear-not-colourless' };
  if (told.length === 1 && told[0]!.term === 'purple' && change.from === 'colourless')
    return { claims: told, problem: 'reversed' };
  return { claims: became(lastWord(told)) };
};

/** A paper, powder or solution: the final colour; "no change" as `unchanged`. What has fallen out is none of these. */
export const readIndicatorColour: ClaimReader = (reading) => {
  const fallen = (m: Mention) => m.kind === 'precipitate' && /^p(?:pt|recip)/.test(reading.words[m.at] ?? '');
  if (reading.mentions.some((m) => fallen(m) && !m.denied)) return { claims: [], problem: 'wrong-state' };
  const change = changeIn(reading);
  const claims: Claim[] = change.finals.map(({ colour, mention }) => ({
    term: colour,
    joined: joinedOf(reading, mention),
  }));
  if (change.stays) claims.push({ term: 'unchanged', joined: 'start' });
  for (const m of reading.mentions)
    if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'unchanged', joined: joinedOf(reading, m) });
  return { claims: became(lastWord(claims)) };
};

/** Colour of a sample as it stands. */
export const readSampleColour: ClaimReader = (reading) => {
  const claims = reading.mentions
    .filter((m) => m.kind === 'colour' && !m.denied && m.colour)
    .map((m) => ({ term: m.colour as string, joined: joinedOf(reading, m) }));
  if (!claims.length && has(reading, 'clear')) return { claims: [], problem: 'clear-not-colourless' };
  return { claims: lastWord(claims) };
};

/** The upper layer; what is said of the lower one is left out. */
export const readLayer: ClaimReader = (reading) => {
  const lowerOnly = (m: Mention) => {
    const mine = reading.mentions.filter((o) => o.clause === m.clause);
    return mine.some((o) => o.kind === 'lower') && !mine.some((o) => o.kind === 'upper');
  };
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    if (lowerOnly(m) || m.denied) continue;
    if (m.kind === 'colour' && m.colour) claims.push({ term: m.colour, joined: joinedOf(reading, m) });
    else if (m.kind === 'nothing') claims.push({ term: 'colourless', joined: joinedOf(reading, m) });
  }
  if (reading.mentions.some((m) => isSolid(m) && !m.denied && m.kind === 'precipitate'))
    return { claims: [], problem: 'wrong-state' };
  if (!claims.length && has(reading, 'clear')) return { claims: [], problem: 'clear-not-colourless' };
  return { claims: lastWord(claims) };
};

/** What a precipitate turns to in the air: `browns`, `pinks`, `no-change`. */
export const readStanding: ClaimReader = (reading) => {
  const change = changeIn(reading);
  const claims: Claim[] = [];
  for (const { colour, mention } of change.finals) {
    const turn = turnOf(colour);
    const term = turn && turn !== 'darkens' ? turn : colour;
    claims.push({ term, joined: joinedOf(reading, mention) });
  }
  for (const m of reading.mentions)
    if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'no-change', joined: joinedOf(reading, m) });
  if (change.stays) claims.push({ term: 'no-change', joined: 'start' });
  // "green goes brown": the first colour is what it was.
  const told = claims.length > 1 ? claims.slice(-1) : claims;
  return { claims: told };
};
