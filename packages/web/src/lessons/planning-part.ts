/** One part of a lesson's planning as a page edits it: what the server has, what it began from, and what to send. */
import type { LessonPlanning, PlanningPart, PrepPlanning, RotaPlanning } from '@kivex/contract';

export interface PartOf {
  readonly rota: RotaPlanning;
  readonly preparation: PrepPlanning;
}

/** The fields of a part. */
export function fieldsOf<P extends PlanningPart>(planning: LessonPlanning, part: P): PartOf[P] {
  const { places, pins, schedule, surplus, drop_mL, plate, skip } = planning;
  const parts: PartOf = {
    rota: { places, pins, schedule },
    preparation: { surplus, drop_mL, plate, skip },
  };
  return parts[part];
}

/** What is sent to change a part: all its fields, with the version the change began from. */
export const bodyFor = <P extends PlanningPart>(
  planning: LessonPlanning,
  part: P,
  change: Partial<PartOf[P]>,
  from = planning.versions[part],
): PartOf[P] & { readonly from: number } => ({ ...fieldsOf(planning, part), ...change, from });

/** Are two rotas the same, stations and slots set by hand included? */
export const isSameRota = (a: RotaPlanning, b: RotaPlanning): boolean => {
  const text = ({ places, pins, schedule }: RotaPlanning) =>
    JSON.stringify([Object.entries(places).sort(), pins, schedule]);
  return text(a) === text(b);
};

/** A rota in words, to be set beside another. */
export function rotaInWords(
  { places, schedule }: RotaPlanning,
  stationWords: Readonly<Record<string, string>>,
): string {
  const ends = schedule?.length
    ? `ends at minute ${Math.max(...schedule.map((s) => s.end))}`
    : 'no rota kept';
  const stations = Object.entries(places)
    .map(([station, n]) => `${stationWords[station] ?? station} ${n}`)
    .join(', ');
  return stations ? `${ends}; ${stations}` : ends;
}
