/** Checks of what comes in: unknown fields are refused, each wrong field gets its own sentence. */
import { HttpStatus, ValidationPipe, type ValidationError } from '@nestjs/common';
import { ProblemException, type FieldProblem } from './problems.js';

function fieldsOf(errors: readonly ValidationError[], path = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = path ? `${path}.${error.property}` : error.property;
    const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => ({
      field,
      detail:
        rule === 'whitelistValidation'
          ? `${field} is not known here; leave it out.`
          : /[.!?]$/.test(message)
            ? message
            : `${message}.`,
    }));
    // The first sentence about a field is enough; the rest follow from it.
    return [...own.slice(0, 1), ...fieldsOf(error.children ?? [], field)];
  });
}

export const validation = new ValidationPipe({
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  transform: true,
  stopAtFirstError: true,
  exceptionFactory: (errors) => {
    const fields = fieldsOf(errors);
    return new ProblemException(
      HttpStatus.UNPROCESSABLE_ENTITY,
      fields[0]?.detail ?? 'Something in this form is not right.',
      fields,
    );
  },
});
