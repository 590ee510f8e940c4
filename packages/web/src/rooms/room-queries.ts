import type { Room } from '@kivex/contract';
import { useQuery } from '@tanstack/react-query';
import { request } from '../kit/request/request.js';

/** The rooms of the school. */
export const useRooms = () =>
  useQuery({ queryKey: ['rooms'], queryFn: () => request<Room[]>('GET', '/api/rooms') });
