/** Chooses a file from the device. */
import { FileUpload } from '@chakra-ui/react';
import { FileUp } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, type ButtonProps } from './Button.js';

interface FileButtonProps extends Pick<ButtonProps, 'variant' | 'size'> {
  /** Endings that are taken: `.csv`. */
  readonly endings: readonly string[];
  readonly onFile: (file: File) => void;
  readonly children: ReactNode;
}

export function FileButton({ endings, onFile, children, ...look }: FileButtonProps) {
  return (
    <FileUpload.Root
      maxFiles={1}
      // Each choice is a fresh one: the same file chosen again is read again.
      acceptedFiles={[]}
      onFileChange={({ acceptedFiles: [file] }) => file && onFile(file)}
    >
      <FileUpload.HiddenInput accept={endings.join(',')} />
      <FileUpload.Trigger asChild>
        <Button {...look}>
          <FileUp size={18} aria-hidden /> {children}
        </Button>
      </FileUpload.Trigger>
    </FileUpload.Root>
  );
}
