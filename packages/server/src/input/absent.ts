/** A field that may be left out; null is the same as left out. */
import { applyDecorators } from '@nestjs/common';
import { Transform } from 'class-transformer';
import { IsOptional } from 'class-validator';

export const Absent = (): PropertyDecorator =>
  applyDecorators(
    Transform(({ value }: { value: unknown }) => value ?? undefined),
    IsOptional(),
  );
