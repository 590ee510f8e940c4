/**
 * The log of a group cut to what still says something: what stands, what was pointed at, what is open. Reading it with
 * `readGroup` gives the same standing results, names, calls and hand-ins, while its size does not grow with the log.
 */
import { isPlain, saidByStaff, signOffKey, type LessonEvent } from './record.js';

/** Open calls kept; nobody answers more than these. */
const mostCalls = 20;
/** What staff said and have not taken back, kept. */
const mostNotices = 20;
/** Waits that nobody has put away, kept, and how often each was lengthened. */
const mostTimers = 12;
const mostLonger = 20;

const hasContent = (body: {
  readonly seen: Readonly<Record<string, string>>;
  readonly words?: string;
}): boolean => Object.keys(body.seen).length > 0 || Boolean(body.words?.trim());

/**
 * Cuts a log, oldest first, to what matters. A cut log that grows is read as the whole one would be, as long as fewer
 * than `keep` standing observations of one sample and test are corrected after the cut: a correction uncovers what came
 * before, so `keep` of those that could decide next are there. Of more than these one that was cut may be trusted later: that is
 * told when the log is next asked for.
 * @param keep observations kept of each sample and test: standing ones, those of them that say something, those of
 *   them that are sure, those of them that are plain, and corrected ones, `keep` of each.
 * @returns some of the same events, in the same order.
 */
export function compactLog<E extends LessonEvent>(events: readonly E[], keep: number): E[] {
  const byId = new Map<string, E>();
  const correctedBy = new Map<string, string>();
  const answeredBy = new Map<string, string>();
  const overBy = new Map<string, string>();
  const putAwayBy = new Map<string, string>();
  const longerBy = new Map<string, string[]>();
  for (const event of events) {
    if (byId.has(event.id)) continue;
    byId.set(event.id, event);
    if (event.body.type === 'observation' && event.body.corrects)
      correctedBy.set(event.body.corrects, event.id);
    if (event.body.type === 'call-answered') answeredBy.set(event.body.call, event.id);
    if (event.body.type === 'notice-over') overBy.set(event.body.notice, event.id);
    if (event.body.type === 'timer-over') putAwayBy.set(event.body.timer, event.id);
    if (event.body.type === 'timer-longer')
      longerBy.set(event.body.timer, [...(longerBy.get(event.body.timer) ?? []), event.id]);
  }
  const kept = new Set<string>();
  const counts = new Map<string, number>();
  /** Has this key come fewer than `most` times so far? */
  const among = (key: string, most: number): boolean => {
    const n = counts.get(key) ?? 0;
    counts.set(key, n + 1);
    return n < most;
  };
  const all = [...byId.values()];
  let last: E | undefined;
  for (const event of all) if (!saidByStaff(event.body) && (!last || event.at >= last.at)) last = event;
  if (last) kept.add(last.id);
  for (const event of [...all].reverse()) {
    const { id, by, body } = event;
    switch (body.type) {
      case 'observation': {
        const place = `${body.sample} ${body.test}`;
        const stands = !correctedBy.has(id);
        if (among(`${stands ? 'stands' : 'corrected'} ${place}`, keep)) kept.add(id);
        // What decides is kept however many say less after it, and what would decide were it corrected.
        if (stands && hasContent(body)) {
          if (among(`content ${place}`, keep)) kept.add(id);
          if (!body.doubtful && among(`sure ${place}`, keep)) kept.add(id);
          if (isPlain({ body }) && among(`plain ${place}`, keep)) kept.add(id);
        }
        break;
      }
      case 'naming':
        if (among(`naming ${by} ${body.sample}`, 1)) {
          kept.add(id);
          for (const evidence of body.evidence) if (byId.has(evidence)) kept.add(evidence);
        }
        break;
      case 'call':
        if (!answeredBy.has(id) && among('call', mostCalls)) kept.add(id);
        break;
      case 'trust': {
        // Only the last word on a place counts.
        const entry = byId.get(body.entry)?.body;
        if (entry?.type === 'observation' && among(`trust ${entry.sample} ${entry.test}`, 1))
          kept.add(id).add(body.entry);
        break;
      }
      case 'notice':
        if (!overBy.has(id) && among('notice', mostNotices)) kept.add(id);
        break;
      case 'equation':
        if (among(`equation ${by} ${body.sample} ${body.test}`, 1)) kept.add(id);
        break;
      case 'timer':
        if (!putAwayBy.has(id) && among('timer', mostTimers)) {
          kept.add(id);
          for (const longer of (longerBy.get(id) ?? []).slice(0, mostLonger)) kept.add(longer);
        }
        break;
      case 'signed-off':
        if (among(`signed-off ${signOffKey(body)}`, 1)) kept.add(id);
        break;
      case 'bench-open':
        if (among('bench-open', 1)) kept.add(id);
        break;
      case 'step':
        if (among(`step ${by}`, 1)) kept.add(id);
        break;
      case 'hand-in':
      case 'call-answered':
      case 'notice-over':
      case 'timer-longer':
      case 'timer-over':
        break;
    }
  }
  const handedIn = new Set<string>();
  for (const { id, by, body } of all) {
    if (body.type !== 'hand-in' || handedIn.has(by)) continue;
    handedIn.add(by);
    kept.add(id);
  }
  // What is corrected must not seem to stand, nor what was answered or taken back to be open: those stay with it.
  for (const id of [...kept]) {
    for (const end of [answeredBy.get(id), overBy.get(id), putAwayBy.get(id)])
      if (end !== undefined) kept.add(end);
    for (let next = correctedBy.get(id); next !== undefined && !kept.has(next); next = correctedBy.get(next))
      kept.add(next);
  }
  return all.filter((event) => kept.has(event.id));
}
