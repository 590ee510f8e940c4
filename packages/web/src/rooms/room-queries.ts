import { useQuery } from '@tanstack/react-query';
import { call } from '../kit/request/call.js';

/** The rooms of the school. */
export const useRooms = () => useQuery({ queryKey: ['rooms'], queryFn: () => call('GET /api/rooms') });
