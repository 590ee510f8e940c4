/**
 * Marks the naming of an ion, a salt or a gas. A name earns when it is what the sample holds, or, where the syllabus
 * carries marks forward, when it follows from what the student recorded.
 */
import { readIons } from '../reading/read-ions.js';
import { explains, type SeenRecord } from '../reasoning/likelihood.js';
import { ionInAcid } from '../species/in-acid.js';
import type { IonId } from '../species/ion.js';
import {
  allMetals,
  anionIn,
  cationIn,
  ionOf,
  isGasId,
  isIonId,
  isMetalId,
  speciesName,
} from '../species/species.js';
import type { GasId } from '../species/substance.js';
import { leniencyOf } from '../syllabus/leniency.js';
import type { Syllabus } from '../syllabus/syllabus-definition.js';
import { testOf } from '../identification-tests/tests.js';
import type { IdentificationItem } from './mark-item.js';
import { asLenient, forReview, onePoint, type Mark } from './mark-result.js';
import { saysNothing } from './says-nothing.js';

/** The species that fit a record: cleanly if any does, else with a slip that explains. Only records that say something of them count. */
function followsFrom<Id extends string>(seen: readonly SeenRecord[], ids: readonly Id[]): Id[] {
  const spoken = seen.filter((record) => Object.keys(record.seen).length > 0);
  /** The records that say something of it, each with what it says it of: the metal, or its ion in the acid. */
  const asked = (id: Id) =>
    spoken.flatMap((record) => {
      const spokenOf = testOf(record.test).outcomes;
      const of = standIns(id).find((one) => spokenOf.some((o) => o.of === one));
      return of ? [{ record, of }] : [];
    });
  const able = ids.filter((id) => asked(id).length > 0);
  const plain = able.filter((id) => asked(id).every(({ record, of }) => explains(record, of) === 'plain'));
  return plain.length
    ? plain
    : able.filter((id) => asked(id).every(({ record, of }) => explains(record, of) !== 'none'));
}

/** A metal may be told by the ion it becomes in acid. */
const standIns = (id: string): readonly string[] => (isMetalId(id) ? [id, ionInAcid[id] ?? 'H+'] : [id]);

/** Where a formula's capitals are wrong a strict reader gives nothing; others take it where only one thing can be meant. */
const wrongCapitals = (
  syllabus: Syllabus,
  item: IdentificationItem,
  claims: readonly { readonly capitals?: boolean; readonly denied: boolean }[],
): Mark | undefined =>
  leniencyOf('capitals', item.strictness ?? syllabus.strictness) === 'nothing' &&
  claims.some((c) => c.capitals && !c.denied)
    ? onePoint(
        0,
        'capitals',
        'The capitals of the formula are wrong; a symbol begins with a capital and goes on small.',
      )
    : undefined;

/** "Copper or iron", "both": more than one thing is offered. */
const offersAChoice = /\b(?:or|and|both|either|maybe)\b|[/&]/i;
/** In an answer no longer than this, two names are two answers. */
const fewWords = 4;
const sign = (id: IonId): number => Math.sign(ionOf(id).charge);
const names = (ions: readonly IonId[]): string => ions.map((id) => ionOf(id).name).join(' or ');

/** Marks the naming of a gas. */
function markGas(syllabus: Syllabus, item: IdentificationItem, answer: string): Mark {
  const truth = item.sample.find(isGasId);
  if (!truth) throw new RangeError(`the sample ${item.sample.join(' ')} holds no gas`);
  const reading = readIons(answer);
  if (reading.blank) return onePoint(0, 'blank', 'No name was given.');
  const capitals = wrongCapitals(syllabus, item, reading.gases);
  if (capitals) return capitals;
  const claimed = reading.gases.filter((c) => !c.denied);
  const named = [...new Set(claimed.map((c) => c.gas))];
  if (!named.length)
    return onePoint(
      0,
      reading.gases.length ? 'denied' : 'no-name',
      reading.gases.length ? 'It says what it is not; say what it is.' : 'No gas is named that Kivex knows.',
    );
  if (named.length > 1) return onePoint(0, 'two-names', 'Two gases are named; choose one.');
  const gas = named[0];
  if (gas === truth) return onePoint(1, 'right-gas', `It is ${speciesName(truth)}.`);
  const pool: readonly GasId[] = [...new Set<GasId>([...syllabus.gases, truth])];
  const fits = item.seen?.length && syllabus.carryForward ? followsFrom(item.seen, pool) : [];
  if (gas && fits.includes(gas))
    return onePoint(
      1,
      'carried-forward',
      `${speciesName(gas)} follows from what was recorded, so the mark is carried forward. The gas itself was ${speciesName(truth)}.`,
    );
  return onePoint(0, 'wrong-gas', `That is not what the sample holds: it was ${speciesName(truth)}.`);
}

/** Marks the naming of a metal: the element, however its name or symbol is written. */
function markMetal(syllabus: Syllabus, item: IdentificationItem, answer: string): Mark {
  const truth = item.sample.find(isMetalId);
  if (!truth) throw new RangeError(`the sample ${item.sample.join(' ')} holds no metal`);
  const reading = readIons(answer);
  const bare = answer.trim().toLowerCase();
  if (!bare) return onePoint(0, 'blank', 'No name was given.');
  const named = new Set(
    allMetals
      .filter(
        ({ id, name }) =>
          bare === id.toLowerCase() ||
          reading.claims.some(
            (claim) => !claim.denied && claim.ions.some((ion) => Object.keys(ionOf(ion).atoms).join() === id),
          ) ||
          new RegExp(`\\b${name}\\b`).test(bare),
      )
      .map((m) => m.id),
  );
  if (!named.size) return onePoint(0, 'no-name', 'No metal is named that Kivex knows.');
  if (named.size > 1) return onePoint(0, 'two-names', 'Two metals are named; choose one.');
  const [metal] = named;
  if (metal === truth) return onePoint(1, 'right-metal', `It is ${speciesName(truth)}.`);
  const pool = [...new Set([...syllabus.metals, truth])];
  const fits = item.seen?.length && syllabus.carryForward ? followsFrom(item.seen, pool) : [];
  if (metal && fits.includes(metal))
    return onePoint(
      1,
      'carried-forward',
      `${speciesName(metal)} follows from what was recorded, so the mark is carried forward. The metal itself was ${speciesName(truth)}.`,
    );
  return onePoint(0, 'wrong-metal', `That is not what the sample holds: it was ${speciesName(truth)}.`);
}

/** Marks of nothing that a name misspelt beyond reading would change. */
const openCodes: ReadonlySet<string> = new Set(['no-name', 'half-a-salt', 'denied']);

/**
 * Marks a naming (one point; `salt` needs both ions).
 * @throws RangeError when the sample does not hold the part asked for.
 */
export function markIdentification(syllabus: Syllabus, item: IdentificationItem, answer: string): Mark {
  const marked = markNaming(syllabus, item, answer);
  if (marked.points > 0 || !openCodes.has(marked.why[0]?.code ?? '')) return marked;
  const nothing = saysNothing(answer);
  if (nothing) return onePoint(0, nothing.code, nothing.text);
  // A word that is none may be a name misspelt beyond reading.
  const strange = readIons(answer).unread.filter((word) => /^[a-z]{3,}$/i.test(word));
  return strange.length
    ? forReview('unread', `Kivex could not read “${strange[0]}”; please look at it.`)
    : marked;
}

function markNaming(syllabus: Syllabus, item: IdentificationItem, answer: string): Mark {
  if (item.part === 'gas') return markGas(syllabus, item, answer);
  if (item.part === 'metal') return markMetal(syllabus, item, answer);
  const truth =
    item.part === 'cation'
      ? [cationIn(item.sample)]
      : item.part === 'anion'
        ? [anionIn(item.sample)]
        : [cationIn(item.sample), anionIn(item.sample)];
  if (truth.some((id) => id === undefined))
    throw new RangeError(`the sample ${item.sample.join(' ')} holds no ${item.part}`);
  const wanted = truth as IonId[];
  const reading = readIons(answer);
  if (reading.blank) return onePoint(0, 'blank', 'No name was given.');
  const capitals = wrongCapitals(syllabus, item, reading.claims);
  if (capitals) return capitals;
  const strictness = item.strictness ?? syllabus.strictness;

  const ofPart = (id: IonId) => item.part === 'salt' || ionOf(id).charge > 0 === (item.part === 'cation');
  const inCourse: readonly string[] = [
    ...syllabus.cations,
    ...syllabus.anions,
    ...item.sample.filter(isIonId),
  ];
  // A bare name or symbol means the ions of it that the course holds; "copper" is one ion, "iron" is two.
  const said = reading.claims
    .filter((claim) => !claim.denied)
    .map((claim) => {
      const fitting = claim.ions.filter(ofPart);
      // Of those a name may stand for the ones the course holds; one that stands alone in a salt stays, taught or not.
      const taught = (id: IonId) => inCourse.includes(id) || wanted.includes(id);
      return fitting.filter(
        (id) => taught(id) || !fitting.some((other) => sign(other) === sign(id) && taught(other)),
      );
    })
    .filter((ions) => ions.length > 0);
  // "Iron, iron(III)": the same thing said more closely.
  const signs = (ions: readonly IonId[]) => new Set(ions.map(sign)).size;
  const meant = said.filter(
    (ions) =>
      !said.some(
        (other) =>
          other.length < ions.length &&
          signs(other) === signs(ions) &&
          other.every((id) => ions.includes(id)),
      ),
  );

  if (meant.length === 0) {
    if (reading.claims.some((c) => c.denied))
      return onePoint(0, 'denied', 'It says what it is not; say what it is.');
    return onePoint(
      0,
      'no-name',
      `No ${item.part === 'anion' ? 'negative' : 'positive'} ion is named that Kivex knows.`,
    );
  }
  const distinct = [...new Set(meant.map((ions) => [...ions].sort().join()))];
  const cationsNamed = new Set(meant.flat().filter((id) => ionOf(id).charge > 0));
  const anionsNamed = new Set(meant.flat().filter((id) => ionOf(id).charge < 0));
  if (item.part !== 'salt' && distinct.length > 1) {
    // Said at length and not as a choice, one of the two may be what it is told apart from.
    return !offersAChoice.test(answer) &&
      answer.trim().split(/\s+/).length > fewWords &&
      meant.some((ions) => ions.some((id) => wanted.includes(id)))
      ? forReview('two-names', `${names(meant.flat())}: a person decides which was meant.`)
      : onePoint(0, 'two-names', 'Two ions are named; choose one.');
  }
  if (reading.unread.length && offersAChoice.test(answer) && !reading.claims.some((c) => c.denied))
    return forReview(
      'unread',
      `“${reading.unread[0]}” could not be read and may be another name; a person decides.`,
    );
  if (item.part === 'salt') {
    if (cationsNamed.size > 1 || anionsNamed.size > 1)
      return onePoint(0, 'two-names', 'More than one salt is named; choose one.');
    if (!cationsNamed.size || !anionsNamed.size)
      return onePoint(0, 'half-a-salt', 'A salt needs both its ions named.');
  } else if (meant[0]!.length > 1) {
    return asLenient(
      meant[0]!.some((id) => wanted.includes(id)) ? leniencyOf('no-charge', strictness) : 'nothing',
      'charge-missing',
      `${names(meant[0]!)}? Say which, with its charge.`,
    );
  }

  const named = item.part === 'salt' ? [...cationsNamed, ...anionsNamed] : meant[0]!;
  const symbolAlone = reading.claims.some(
    (c) => !c.denied && c.symbol && c.ions.some((id) => named.includes(id)),
  );
  if (
    wanted.every((id) => named.includes(id)) &&
    symbolAlone &&
    leniencyOf('bare-symbol', strictness) !== 'earns'
  )
    return asLenient(
      leniencyOf('bare-symbol', strictness),
      'bare-symbol',
      'An ion is written with its charge.',
    );
  const others = reading.claims
    .filter((c) => !c.denied)
    .map((c) => c.ions.filter((id) => !ofPart(id)))
    .flatMap((ions) => (ions.some((id) => item.sample.includes(id)) ? [] : ions));
  if (
    wanted.every((id) => named.includes(id)) &&
    others.length &&
    answer.trim().split(/\s+/).length < fewWords
  )
    return forReview(
      'another-salt',
      `${names(others)} is named too, which the sample does not hold: a person decides whether a solid or the ion was meant.`,
    );
  if (wanted.every((id) => named.includes(id)))
    return onePoint(
      1,
      'right-ion',
      `${named.map((id) => ionOf(id).name).join(' ')} is what the sample holds.`,
    );

  if (item.seen?.length && syllabus.carryForward) {
    const cations = followsFrom<IonId>(item.seen, syllabus.cations);
    const anions = followsFrom<IonId>(item.seen, syllabus.anions);
    const allowed = (id: IonId) =>
      (ionOf(id).charge > 0 ? cations : anions).includes(id) || wanted.includes(id);
    if (named.every(allowed)) {
      return onePoint(
        1,
        'carried-forward',
        `${named.map((id) => ionOf(id).name).join(' ')} follows from what was recorded, so the mark is carried forward. The sample itself was ${wanted.map((id) => ionOf(id).name).join(' ')}.`,
      );
    }
    const fits = [...(item.part === 'anion' ? [] : cations), ...(item.part === 'cation' ? [] : anions)];
    return onePoint(
      0,
      'fits-neither',
      fits.length
        ? `${names(named)} fits neither the sample nor the record; the record points to ${names(fits)}.`
        : `${names(named)} fits neither the sample nor the record.`,
    );
  }
  return onePoint(0, 'wrong-ion', `${names(named)} is not what the sample holds: it was ${names(wanted)}.`);
}
