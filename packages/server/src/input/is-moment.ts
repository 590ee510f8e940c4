/** A field that holds a moment in the one form Kivex takes. */
import { lessonYears, readMoment } from '@kivex/core';
import { registerDecorator } from 'class-validator';

/** @param message what to do, in a sentence. */
export const IsMoment =
  (message: string): PropertyDecorator =>
  (target, property) =>
    registerDecorator({
      name: 'isMoment',
      target: target.constructor,
      propertyName: String(property),
      options: { message },
      validator: { validate: (value: unknown) => readMoment(value, lessonYears) !== undefined },
    });
