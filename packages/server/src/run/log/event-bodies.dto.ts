/** Entries as they come in, over either way: with whose they are, each held to the core's rules. */
import { checkBody, deviceYears, isUuid7, momentForm, readMoment, type StudentBody } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsObject, IsOptional, IsString, IsUUID, isUUID } from 'class-validator';

/** Entries taken at once, by either way in. */
export const mostEntries = 200;

export interface CheckedEvent {
  readonly id: string;
  /** By the device's clock. */
  readonly deviceAt: Date;
  readonly body: StudentBody;
}

/**
 * Checks one entry as sent.
 * @returns the entry, or the sentence that says what is wrong with it.
 */
export function checkEvent(raw: unknown): CheckedEvent | { readonly id: string; readonly detail: string } {
  const { id, at, body, ...rest } = (typeof raw === 'object' && raw !== null ? raw : {}) as Record<
    string,
    unknown
  >;
  const named = typeof id === 'string' ? id.slice(0, 36) : '';
  const wrong = (detail: string) => ({ id: named, detail });
  if (!isUuid7(id)) return wrong('An entry needs a UUIDv7 of its own.');
  const [stranger] = Object.keys(rest);
  if (stranger !== undefined) return wrong(`${stranger.slice(0, 40)} does not belong to an entry.`);
  const deviceAt = readMoment(at, deviceYears);
  if (!deviceAt) return wrong(`The time of this entry cannot be read; it is written ${momentForm}.`);
  const checked = checkBody(body);
  return 'detail' in checked ? wrong(checked.detail) : { id: id.toLowerCase(), deviceAt, body: checked.body };
}

/** Entries with whose they are; the server takes them only from that student at that bench. */
export class BatchDto {
  @ApiProperty() @IsUUID('all', { message: 'Say which lesson these entries are from.' }) lesson: string;
  @ApiProperty() @IsUUID('all', { message: 'Say which group these entries are from.' }) group: string;
  @ApiProperty() @IsUUID('all', { message: 'Say whose entries these are.' }) student: string;

  @ApiProperty({
    description: 'The clock of the device when it sends, in the form of the entries',
    required: false,
  })
  @IsOptional()
  @IsString({ message: `The time of sending is written ${momentForm}.` })
  sent?: string;

  @ApiProperty({ type: [Object], description: `Entries as { id: UUIDv7, at: ${momentForm}, body }` })
  @IsArray({ message: 'Send entries as a list.' })
  @ArrayMaxSize(mostEntries, { message: `Send at most ${mostEntries} entries at once.` })
  @IsObject({ each: true, message: 'Each entry is an object.' })
  @Type(() => Object)
  events: object[];
}

/** Ids that a device keeps and asks about. */
export class KeptIdsDto {
  @ApiProperty() @IsUUID('all') lesson: string;
  @ApiProperty() @IsUUID('all') student: string;

  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(mostEntries, { message: `Ask about at most ${mostEntries} entries at once.` })
  @IsUUID('all', { each: true })
  ids: string[];
}

/**
 * Checks a batch that came over a wire, where no pipe of the framework stands before it.
 * @returns the batch, or the sentence that says what is wrong with it.
 */
export function checkBatch(raw: unknown): BatchDto | { readonly detail: string } {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return {
      detail: 'Send entries with lesson, group and student. Load the page again to get the newest version.',
    };
  const { lesson, group, student, sent, events, ...rest } = raw as Record<string, unknown>;
  if (Object.keys(rest).length) return { detail: `${Object.keys(rest)[0]!.slice(0, 40)} is not known here.` };
  const ids = [lesson, group, student];
  if (!ids.every((id) => typeof id === 'string' && isUUID(id)))
    return { detail: 'Send entries with lesson, group and student.' };
  if (sent !== undefined && typeof sent !== 'string')
    return { detail: `The time of sending is written ${momentForm}.` };
  if (!Array.isArray(events) || events.length > mostEntries)
    return { detail: `Send a list of at most ${mostEntries} entries.` };
  return { lesson, group, student, events, ...(sent === undefined ? {} : { sent }) } as BatchDto;
}
