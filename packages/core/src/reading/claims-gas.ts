/** Readers of what gases, splints, metals and samples do. */
import { has, isSolid, joinedOf, lastWord, type Claim, type ClaimReader } from './claims.js';
import type { Mention } from './read-text.js';

/** Fizzing: `slow`, `steady`, `vigorous`, `some` (no rate said), `none`. */
export const readEffervescence: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  // Bubbling a gas through limewater is what one does, not what one sees.
  const through = (m: Mention) =>
    reading.mentions.some((o) => o.kind === 'limewater' && o.clause === m.clause && o.at > m.at) &&
    reading.words.slice(m.at + 1, m.at + 8).some((w) => /^(through|thru|thro|into)$/.test(w));
  const fizz = reading.mentions.filter((m) => m.kind === 'fizz' && !through(m));
  for (const m of fizz) {
    const near = reading.mentions.filter((o) => Math.abs(o.clause - m.clause) <= 1 && !o.denied);
    const rate =
      (['vigorous', 'steady', 'slow'] as const).find((r) =>
        near.some((o) => o.kind === r && o.clause === m.clause),
      ) ?? (['vigorous', 'steady', 'slow'] as const).find((r) => near.some((o) => o.kind === r));
    claims.push({ term: m.denied ? 'none' : (rate ?? 'some'), joined: joinedOf(reading, m) });
  }
  if (!claims.length) {
    const nothing = reading.mentions.find((m) => m.kind === 'nothing' && !m.denied);
    if (nothing) claims.push({ term: 'none', joined: joinedOf(reading, nothing) });
    else if (has(reading, 'gas') || has(reading, 'gasMade'))
      return { claims: [], problem: 'not-observation' };
    else {
      const rate = reading.mentions.find(
        (m) => m.kind === 'vigorous' || m.kind === 'slow' || m.kind === 'steady',
      );
      if (rate && !rate.denied && reading.words.some((w) => /^react/.test(w)))
        return { claims: [], problem: 'not-observation' };
    }
  }
  return { claims: lastWord(claims) };
};

/** Limewater: `cloudy` or `clear`; other colours as themselves. */
export const readLimewater: ClaimReader = (reading, { narrow }) => {
  const spoken = reading.mentions.find((m) => m.kind === 'limewater');
  const from = narrow ? 0 : (spoken?.clause ?? Infinity);
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    const here = m.clause >= from;
    if (m.kind === 'milky' || m.kind === 'cloudy' || m.kind === 'precipitate') {
      const white = reading.mentions.some((o) => o.clause === m.clause && o.colour === 'white');
      if (here || (!spoken && (m.kind !== 'precipitate' || white)))
        claims.push({ term: m.denied ? 'clear' : 'cloudy', joined });
    } else if (!here) continue;
    else if (m.kind === 'colour' && m.colour && !m.denied) {
      if (/white/.test(m.colour)) claims.push({ term: 'cloudy', joined });
      else if (m.colour === 'colourless') claims.push({ term: 'clear', joined });
      else claims.push({ term: m.colour, joined });
    } else if (m.kind === 'clear' && !m.denied) claims.push({ term: 'clear', joined });
    else if (
      m.kind === 'nothing' &&
      !m.denied &&
      !reading.mentions.some((o) => o.kind === 'fizz' && o.clause === m.clause)
    )
      claims.push({ term: 'clear', joined });
  }
  if (!claims.length && !narrow && !reading.mentions.some((m) => m.kind === 'fizz')) {
    const nothing = reading.mentions.find((m) => m.kind === 'nothing' && !m.denied);
    if (nothing) claims.push({ term: 'clear', joined: joinedOf(reading, nothing) });
  }
  // "from cloudy to colourless": what it became.
  const fromAt = reading.words.indexOf('from');
  if (
    fromAt >= 0 &&
    claims.length > 1 &&
    reading.words.slice(fromAt + 2, fromAt + 5).some((w) => w === 'to' || w === 'into')
  )
    return { claims: claims.slice(-1) };
  const terms = new Set(claims.map((c) => c.term));
  // "from clear to cloudy" and "cloudy, then clear again" both hold cloudy.
  if (terms.has('cloudy') && terms.has('clear')) {
    const first = claims.findIndex((c) => c.term === 'cloudy');
    const second = claims.findIndex((c) => c.term === 'clear');
    const stays = reading.mentions.some((m) => m.kind === 'stays' && !m.denied);
    if (!stays || second < first) return { claims: claims.filter((c) => c.term !== 'clear') };
  }
  return { claims: lastWord(claims) };
};

/** Warmth: `yes`, `no`, or `cold`. */
export const readWarmth: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'hot') claims.push({ term: m.denied ? 'no' : 'yes', joined });
    else if (m.kind === 'cold')
      claims.push({
        term: reading.mentions.some((o) => o.kind === 'stays') || m.denied ? 'no' : 'cold',
        joined,
      });
    else if (m.kind === 'yes' && !m.denied) claims.push({ term: 'yes', joined });
    else if ((m.kind === 'no' || m.kind === 'nothing') && !m.denied) claims.push({ term: 'no', joined });
  }
  if (reading.words.length === 1 && reading.words[0] === 'no')
    return { claims: [{ term: 'no', joined: 'start' }] };
  return { claims: lastWord(claims) };
};

/** A smell: `pungent`, `none`, or `some` where it is not described. */
export const readSmell: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'odourless') claims.push({ term: 'none', joined });
    else if (m.kind === 'pungent') claims.push({ term: m.denied ? 'none' : 'pungent', joined });
    else if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'none', joined });
  }
  const other = reading.words.find((w) =>
    /^(?:sweet|nice|pleasant|fruity|perfum\w*|lovely|flowery|minty|eggs?|eggy)$/.test(w),
  );
  if (other && !claims.length) return { claims: [{ term: 'another', joined: 'start' }] };
  if (!claims.length)
    for (const m of reading.mentions)
      if (m.kind === 'smell')
        claims.push({
          term: m.denied ? 'none' : has(reading, 'vigorous') ? 'pungent' : 'some',
          joined: joinedOf(reading, m),
        });
  return { claims: lastWord(claims) };
};

/** What a splint does: `squeaky-pop`, `relights`, `goes-out`, `brighter`, `no-change`. */
export const readSplint: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  const kinds: Partial<Record<Mention['kind'], string>> = {
    pop: 'squeaky-pop',
    relight: 'relights',
    out: 'goes-out',
    brighter: 'brighter',
  };
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    const term = kinds[m.kind];
    if (term) claims.push({ term: m.denied ? `not-${term}` : term, joined });
    else if (m.kind === 'nothing' && !m.denied) claims.push({ term: 'no-change', joined });
    else if (m.kind === 'stays' && !m.denied) claims.push({ term: 'no-change', joined });
  }
  const positive = claims.filter((c) => !c.term.startsWith('not-'));
  if (!positive.length && claims.length) return { claims: [], problem: 'denied' };
  // "burns with a pop" and "goes out with a pop" are one event, the pop.
  const popped = positive.some((c) => c.term === 'squeaky-pop');
  return {
    claims: lastWord(
      popped
        ? positive.filter((c) => c.term !== 'brighter' && c.term !== 'goes-out' && c.term !== 'no-change')
        : positive,
    ),
  };
};

/** Fumes: a colour term for fumes of that colour, `none`. */
export const readFumes: ClaimReader = (reading) => {
  const fumes = reading.mentions.filter((m) => m.kind === 'fumes' || m.kind === 'gas');
  const colours = reading.mentions.filter((m) => m.kind === 'colour' && !m.denied && m.colour);
  if (
    reading.mentions.some((m) => (m.kind === 'precipitate' || m.kind === 'solution') && !m.denied) &&
    !fumes.some((m) => m.kind === 'fumes')
  )
    return { claims: [], problem: 'wrong-state' };
  const denied = fumes.find((m) => m.denied);
  const nothing = reading.mentions.find((m) => m.kind === 'nothing' && !m.denied);
  if (denied || nothing) return { claims: [{ term: 'none', joined: 'start' }] };
  const there = fumes.some((m) => m.kind === 'fumes' && !m.denied);
  if (there && colours.length)
    return { claims: colours.map((m) => ({ term: m.colour as string, joined: joinedOf(reading, m) })) };
  if (there) return { claims: [], problem: 'no-colour' };
  if (colours.length)
    return fumes.length
      ? { claims: [], problem: 'wrong-state' }
      : {
          claims: colours.map((m) => ({ term: m.colour as string, joined: joinedOf(reading, m) })),
          bare: true,
        };
  return { claims: [] };
};

/** A ring between two liquids: its colour term, `none`. */
export const readRing: ClaimReader = (reading, { narrow }) => {
  const rings = reading.mentions.filter((m) => m.kind === 'ring');
  const colours = reading.mentions.filter((m) => m.kind === 'colour' && !m.denied && m.colour);
  const nothing = reading.mentions.find((m) => m.kind === 'nothing' && !m.denied);
  if (rings.some((m) => m.denied) || nothing) return { claims: [{ term: 'none', joined: 'start' }] };
  if (rings.length && colours.length)
    return {
      claims: lastWord(colours.map((m) => ({ term: m.colour as string, joined: joinedOf(reading, m) }))),
    };
  if (rings.length) return { claims: [], problem: 'no-colour' };
  if (
    reading.mentions.some(
      (m) => isSolid(m) || m.kind === 'gas' || m.kind === 'fumes' || m.kind === 'solution',
    )
  )
    return { claims: [], problem: 'wrong-state' };
  if (colours.length) {
    const bare = colours.map((m) => ({ term: m.colour as string, joined: joinedOf(reading, m) }));
    return narrow ? { claims: bare, bare: true } : { claims: [], problem: 'no-state' };
  }
  return { claims: [] };
};

/** What is left of a metal: `solid-left`, `none`. */
export const readResidue: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    const joined = joinedOf(reading, m);
    if (m.kind === 'nothing' && !m.denied) {
      const unchanged = !reading.words.some((w) => w === 'nothing' || w === 'none');
      claims.push({ term: unchanged ? 'solid-left' : 'none', joined });
    } else if (m.kind === 'dissolve' || m.kind === 'disappear')
      claims.push({ term: m.denied ? 'solid-left' : 'none', joined });
    else if (
      (m.kind === 'residue' || m.kind === 'stays' || m.kind === 'insoluble' || m.kind === 'precipitate') &&
      !claims.some((c) => c.term === 'none')
    )
      claims.push({ term: m.denied ? 'none' : 'solid-left', joined });
    else if (m.kind === 'clear' && !m.denied) claims.push({ term: 'none', joined });
  }
  const terms = new Set(claims.map((c) => c.term));
  return { claims: terms.size > 1 ? [{ term: claims[0]!.term, joined: 'start' }] : lastWord(claims) };
};

/** State of a sample: `solid`, `solution`, `gas`. */
export const readSampleState: ClaimReader = (reading) => {
  const claims: Claim[] = [];
  for (const m of reading.mentions) {
    if (m.denied) continue;
    const joined = joinedOf(reading, m);
    if (m.kind === 'precipitate') claims.push({ term: 'solid', joined });
    else if (m.kind === 'solution') claims.push({ term: 'solution', joined });
    else if (m.kind === 'gas' || m.kind === 'fumes') claims.push({ term: 'gas', joined });
  }
  if (!claims.length && reading.words.some((w) => /^crystal/.test(w)))
    claims.push({ term: 'solid', joined: 'start' });
  return { claims: lastWord(claims) };
};
