/** Column kinds used throughout, so that every table writes ids, times and documents alike. */
import { Column, PrimaryColumn, type ColumnOptions } from 'typeorm';

/** Primary key: a UUIDv7 as text. */
export const IdColumn = () => PrimaryColumn({ type: 'char', length: 36 });
/** A reference to another row's id. */
export const RefColumn = (options: ColumnOptions = {}) => Column({ type: 'char', length: 36, ...options });
/** A moment, to the millisecond, UTC. */
export const TimeColumn = (options: ColumnOptions = {}) =>
  Column({ type: 'datetime', precision: 3, ...options });
/**
 * A document kept as JSON text and given back as an object; null stays null where the column may be.
 * @param read brings what older versions of Kivex wrote up to date.
 */
export const JsonColumn = (options: ColumnOptions = {}, read: (document: unknown) => unknown = (d) => d) =>
  Column({
    type: 'longtext',
    ...options,
    transformer: {
      to: (value: unknown) => (value === null || value === undefined ? value : JSON.stringify(value)),
      from: (text: string | null) => (text === null ? null : read(JSON.parse(text))),
    },
  });
