import { beforeEach, describe, expect, test } from '@jest/globals';
import 'fake-indexeddb/auto';
import { recordOf } from './bench-store.js';
import { rememberWho } from './who-writes.js';
import { colour, pretendTab } from '../testing/pretend-bench-server.js';

const { at, anew, tab, join, settle } = pretendTab();
beforeEach(anew);

describe('one device for a group', () => {
  const names = { type: 'naming', sample: 's', answer: 'potassium', evidence: [] } as const;
  const recorded = (bench: ReturnType<typeof tab>) => {
    const { bench: at, waiting } = bench.getState();
    return recordOf(at!, waiting);
  };
  const shared = async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    await bench.getState().writeAs('ben', '1234');
    await settle();
    return bench;
  };
  test('another of the group writes by their PIN once, then by a tap; each entry is its writer’s', async () => {
    const bench = await shared();
    await bench.getState().log(colour('red'));
    await settle();
    await bench.getState().writeAs('ada');
    await bench.getState().log(colour('green'));
    await settle();
    expect(at.server.log.map((k) => k.as)).toEqual(['ben', 'ada']);
    expect(bench.getState().bench?.me.id).toBe('ada');
    expect(at.server.asked.filter((r) => r.includes('/mates'))).toHaveLength(1);
    expect(at.server.wires.filter((w) => !w.closed).map((w) => w.as)).toEqual(['ada']);
  });
  test('a wrong PIN changes nothing', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    await expect(bench.getState().writeAs('ben', '9999')).rejects.toThrow('Not the PIN.');
    expect([bench.getState().bench?.me.id, bench.getState().bench?.locked]).toEqual(['ada', false]);
  });
  test('without a network they write by turns; all of it is in the record at once, and goes up as whose it is', async () => {
    const bench = await shared();
    at.server.up = false;
    await bench.getState().log(colour('red'));
    await bench.getState().writeAs('ada');
    await bench.getState().log(colour('green'));
    await settle();
    expect(recorded(bench).observations.map((o) => o.by)).toEqual(['ben', 'ada']);
    expect(bench.getState().others).toEqual([]);
    at.server.up = true;
    bench.getState().wake();
    await settle();
    expect(at.server.log.map((k) => k.as).sort()).toEqual(['ada', 'ben']);
    expect(bench.getState().waiting).toEqual([]);
  });
  test('one’s own answers are shut once another writes, also what is still on the device, until the PIN is typed', async () => {
    const bench = tab();
    join('ada');
    await bench.getState().open();
    at.server.up = false;
    await bench.getState().log(names);
    expect(recorded(bench).namings).toHaveLength(1);
    at.server.up = true;
    await bench.getState().writeAs('ben', '1234');
    expect(recorded(bench).namings).toEqual([]);
    await settle();
    // It went up before its writer’s answers were shut on the at.server.
    expect(at.server.log).toHaveLength(1);
    expect(at.server.locked).toEqual(new Set(['ada']));
    await bench.getState().writeAs('ada');
    await settle();
    expect([bench.getState().bench?.locked, recorded(bench).namings]).toEqual([true, []]);
    await bench.getState().unlock('1234');
    await settle();
    expect([bench.getState().bench?.locked, recorded(bench).namings.length]).toEqual([false, 1]);
  });
  test('of one whose session is over meanwhile the entries stay, are told of, and are theirs to send', async () => {
    const bench = await shared();
    at.server.up = false;
    await bench.getState().log(colour('red'));
    await bench.getState().writeAs('ada');
    at.server.mates = [];
    at.server.up = true;
    bench.getState().wake();
    await settle();
    expect(at.server.log).toEqual([]);
    expect(bench.getState().others).toMatchObject([{ student: 'ben', count: 1 }]);
    expect(bench.getState().bench?.me.id).toBe('ada');
  });
  test('who leaves makes way for who is left there', async () => {
    const bench = await shared();
    at.server.cookie = { student: 'ben', group: 'g' };
    at.server.mates = ['ada'];
    await bench.getState().leave();
    await settle();
    expect([bench.getState().status, bench.getState().bench?.me.id, bench.getState().bench?.locked]).toEqual([
      'joined',
      'ada',
      true,
    ]);
  });
});

describe('what a device remembers of who writes', () => {
  test('lasts over a page, and a device that keeps nothing remembers as long as the page', () => {
    const kept = new Map<string, string>();
    const storage = {
      getItem: (k: string) => kept.get(k) ?? null,
      setItem: (k: string, v: string) => void kept.set(k, v),
    };
    const who = rememberWho(storage);
    who.setWriting('ada');
    who.setShut('ben', true);
    who.setShut('ben', true);
    const later = rememberWho(storage);
    expect([later.writing(), later.isShut('ben'), later.isShut('ada')]).toEqual(['ada', true, false]);
    later.setShut('ben', false);
    later.setWriting(undefined);
    expect([rememberWho(storage).writing(), rememberWho(storage).isShut('ben')]).toEqual([undefined, false]);
    const none = rememberWho({
      getItem: () => {
        throw new Error('denied');
      },
      setItem: () => {
        throw new Error('denied');
      },
    });
    none.setWriting('ada');
    expect(none.writing()).toBe('ada');
  });
});
