import { describe, expect, jest, test } from '@jest/globals';
import 'fake-indexeddb/auto';
import { RequestProblem } from '../kit/request/request.js';
import { PhotoBox } from './photo-box.js';

let made = 0;
const day = 24 * 60 * 60_000;
function box(
  send: jest.Mock<(id: string, jpeg: Blob, as: string) => Promise<void>>,
  name = `photos-${++made}`,
) {
  const later: (() => void)[] = [];
  let now = 1_000;
  return {
    name,
    later,
    pass: (ms: number) => void (now += ms),
    box: new PhotoBox({ send, now: () => now, later: (run) => void later.push(run) }, name),
  };
}
const jpeg = new Blob(['x'], { type: 'image/jpeg' });
const sender = () => jest.fn<(id: string, jpeg: Blob, as: string) => Promise<void>>(() => Promise.resolve());

describe('pictures on the device', () => {
  test('go up as their taker’s, once, and are still seen here', async () => {
    const send = sender();
    const { box: one } = box(send);
    const id = await one.keep(jpeg, 'ada');
    await one.flush();
    await one.flush();
    expect(send.mock.calls.map(([of, , as]) => [of, as])).toEqual([[id, 'ada']]);
    expect(await one.find(id)).toMatchObject({ student: 'ada', sent: true });
  });
  test('wait for the network over a reload, and go then', async () => {
    const away = new RequestProblem(0, 'away');
    const send = sender().mockRejectedValueOnce(away).mockRejectedValueOnce(away);
    const { box: one, name, later } = box(send);
    const id = await one.keep(jpeg, 'ada');
    await one.flush();
    expect([(await one.find(id))!.sent, later.length]).toEqual([false, 2]);
    const { box: reloaded } = box(send, name);
    await reloaded.flush();
    expect((await reloaded.find(id))!.sent).toBe(true);
  });
  test('one that the server does not want holds up none behind it, and says why', async () => {
    const send = sender().mockRejectedValueOnce(new RequestProblem(422, 'Too large.'));
    const { box: one } = box(send);
    const bad = await one.keep(jpeg, 'ada');
    const good = await one.keep(jpeg, 'ada');
    await one.flush();
    await one.flush();
    expect((await one.find(bad))!.refused).toBe('Too large.');
    expect((await one.find(good))!.sent).toBe(true);
  });
  test('are forgotten a day after they went, and never before they did', async () => {
    const send = sender();
    const { box: one, pass } = box(send);
    const gone = await one.keep(jpeg, 'ada');
    await one.flush();
    send.mockRejectedValue(new RequestProblem(0, 'away'));
    const waits = await one.keep(jpeg, 'ada');
    await one.flush();
    pass(2 * day);
    await one.flush();
    expect([await one.find(gone), (await one.find(waits))!.sent]).toEqual([undefined, false]);
  });
});
