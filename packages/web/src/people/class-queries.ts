/** The school's classes as the pages hold them. */
import { useQuery } from '@tanstack/react-query';
import { call } from '../kit/request/call.js';

export const useClasses = (enabled = true) =>
  useQuery({ queryKey: ['classes'], queryFn: () => call('GET /api/classes'), enabled });
