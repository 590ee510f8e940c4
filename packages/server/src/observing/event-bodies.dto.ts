/** What students' devices may log, checked field by field; one class for each kind of entry. */
import type { StudentBody } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { plainToInstance, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  validateSync,
} from 'class-validator';

const longestWords = 500;

class ObservationDto {
  @IsIn(['observation']) type: 'observation';
  @IsUUID('all') sample: string;
  @IsString() @MaxLength(40) test: string;
  @IsString() @MaxLength(40) variant: string;
  @IsObject() seen: Record<string, string>;
  @IsOptional()
  @IsString()
  @MaxLength(longestWords, { message: `Your own words have at most ${longestWords} letters.` })
  words?: string;
  @IsOptional() @IsBoolean() doubtful?: boolean;
  @IsOptional() @IsUUID('all') corrects?: string;
}
class NamingDto {
  @IsIn(['naming']) type: 'naming';
  @IsUUID('all') sample: string;
  @IsString() @MaxLength(120, { message: 'A name has at most 120 letters.' }) answer: string;
  @IsArray() @ArrayMaxSize(50) @IsUUID('all', { each: true }) evidence: string[];
}
class CallDto {
  @IsIn(['call']) type: 'call';
  @IsIn(['help', 'check', 'safety']) reason: 'help' | 'check' | 'safety';
}
class StepDto {
  @IsIn(['step']) type: 'step';
  @IsString() @MaxLength(40) test: string;
  @IsInt() @Min(0) @Max(100) step: number;
}
class HandInDto {
  @IsIn(['hand-in']) type: 'hand-in';
}
const kinds = {
  observation: ObservationDto,
  naming: NamingDto,
  call: CallDto,
  step: StepDto,
  'hand-in': HandInDto,
};

export class EventDto {
  @IsUUID(7, { message: 'An entry needs a UUIDv7 of its own.' }) id: string;
  @IsISO8601({ strict: true }, { message: 'An entry needs the time it was made.' }) at: string;
  @IsObject() body: object;
}

export interface CheckedEvent {
  readonly id: string;
  readonly at: Date;
  readonly body: StudentBody;
}

const strict = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
} as const;
const firstProblem = (value: object): string | undefined => {
  const [error] = validateSync(value, strict);
  return error && Object.values(error.constraints ?? { wrong: `${error.property} is not right` })[0];
};

/**
 * Checks one entry as sent.
 * @returns the entry, or the sentence that says what is wrong with it.
 */
export function checkEvent(raw: unknown): CheckedEvent | { readonly id: string; readonly detail: string } {
  const sent = (typeof raw === 'object' && raw !== null ? raw : {}) as {
    id?: unknown;
    body?: { type?: unknown } | null;
  };
  const id = typeof sent.id === 'string' ? sent.id.slice(0, 36) : '';
  const envelope = plainToInstance(EventDto, sent);
  const wrong = firstProblem(envelope);
  if (wrong) return { id, detail: wrong };
  const type = String((envelope.body as { type?: unknown }).type);
  if (!Object.hasOwn(kinds, type))
    return {
      id,
      detail: 'Kivex does not know this kind of entry. Load the page again to get the newest version.',
    };
  const body = plainToInstance(kinds[type as keyof typeof kinds] as new () => object, envelope.body);
  const bodyWrong = firstProblem(body);
  if (bodyWrong) return { id, detail: bodyWrong };
  return { id: envelope.id.toLowerCase(), at: new Date(envelope.at), body: { ...body } as StudentBody };
}

export class EventsDto {
  @ApiProperty({ type: [Object], description: 'Entries as { id: UUIDv7, at: ISO 8601, body }' })
  @IsArray({ message: 'Send entries as a list.' })
  @ArrayMaxSize(200, { message: 'Send at most 200 entries at once.' })
  @IsObject({ each: true, message: 'Each entry is an object.' })
  @Type(() => Object)
  events: object[];
}
