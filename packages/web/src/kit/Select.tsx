/** A short list of choices, opened as the device does it. Long lists are comboboxes. */
import { NativeSelect, type NativeSelectFieldProps, type NativeSelectRootProps } from '@chakra-ui/react';
import type { ComponentProps } from 'react';
import { wears } from './theme/wears.js';

interface SelectProps
  extends
    Omit<ComponentProps<'select'>, 'size' | 'width' | 'color' | 'height'>,
    Pick<NativeSelectRootProps, 'width' | 'minW' | 'maxW' | 'mt'> {
  readonly size?: 'small' | 'medium' | 'bench' | undefined;
}

export function Select({ width, minW, maxW, mt, size = 'medium', disabled, ...rest }: SelectProps) {
  const root = { width, minW, maxW, mt, disabled, size };
  const given = Object.fromEntries(Object.entries(root).filter(([, value]) => value !== undefined));
  return (
    <NativeSelect.Root {...wears<NativeSelectRootProps>(given)}>
      {/* Within a field it asks the field, not the root: so it is told itself. */}
      <NativeSelect.Field
        {...wears<NativeSelectFieldProps>({ ...rest, ...(disabled === undefined ? {} : { disabled }) })}
      />
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
