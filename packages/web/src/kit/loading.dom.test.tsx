import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { onlineManager, useQuery } from '@tanstack/react-query';
import { act, screen } from '@testing-library/react';
import { faults, show } from '../testing/show.js';
import { Loading } from './Notice.js';

const network = (there: boolean) => {
  jest.spyOn(navigator, 'onLine', 'get').mockReturnValue(there);
  onlineManager.setOnline(there);
  act(() => void dispatchEvent(new Event(there ? 'online' : 'offline')));
};
afterEach(() => {
  network(true);
  jest.restoreAllMocks();
});
function Rooms() {
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: async () => 'Lab 3' });
  return rooms.data ? <p>{rooms.data}</p> : <Loading what="the rooms" />;
}

describe('a page whose content is on its way', () => {
  test('says what is fetched', async () => {
    show(<Loading what="the rooms" />);
    expect(screen.getByRole('status').textContent).toContain('Fetching the rooms …');
    expect(await faults()).toEqual([]);
  });
  test('with the network cut says that it waits, and goes on by itself once there is one', async () => {
    network(false);
    show(<Rooms />);
    expect(
      screen.getByText('There is no network. It goes on with the rooms as soon as there is.'),
    ).toBeTruthy();
    expect(screen.queryByText(/Fetching/)).toBeNull();
    show(<Loading ofShell what="the pad" />);
    expect(screen.getByText('Fetching the pad …')).toBeTruthy();
    network(true);
    expect(await screen.findByText('Lab 3')).toBeTruthy();
  });
});
