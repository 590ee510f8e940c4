/** The one form: problems are said at the field and not by the browser, and Ctrl+Enter sends it from any of its fields. */
import { chakra, type HTMLChakraProps } from '@chakra-ui/react';

export function Form({ onKeyDown, ...rest }: HTMLChakraProps<'form'>) {
  return (
    <chakra.form
      noValidate
      {...rest}
      onKeyDown={(event) => {
        onKeyDown?.(event);
        if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && !event.defaultPrevented) {
          event.preventDefault();
          event.currentTarget.requestSubmit();
        }
      }}
    />
  );
}
