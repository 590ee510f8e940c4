/** A link to a file that is made when it is asked for: says that it is being made, and can be stopped. */
import { Box, chakra, Spinner } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect, useRef, useState, type ComponentProps, type MouseEvent, type ReactNode } from 'react';
import { Button } from './Button.js';
import { fetchFile } from './fetch-file.js';

interface FileLinkProps {
  readonly href: string;
  readonly title?: string;
  readonly children: ReactNode;
  readonly size?: ComponentProps<typeof Button>['size'];
  readonly variant?: ComponentProps<typeof Button>['variant'];
}

export function FileLink({ href, title, children, size, variant }: FileLinkProps) {
  const [making, setMaking] = useState<AbortController>();
  const [problem, setProblem] = useState<string>();
  const last = useRef<AbortController>(undefined);
  useEffect(() => () => last.current?.abort(), []);
  const look = { ...(size ? { size } : {}), ...(variant ? { variant } : {}) };

  const fetchIt = (event: MouseEvent) => {
    // With a key held the browser's own way is meant.
    if (event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    const stop = new AbortController();
    last.current = stop;
    setMaking(stop);
    setProblem(undefined);
    fetchFile(href, stop.signal)
      .then(({ name, bytes }) => {
        const url = URL.createObjectURL(bytes);
        const link = document.createElement('a');
        link.href = url;
        link.download = name;
        link.click();
        setTimeout(() => URL.revokeObjectURL(url), 60_000);
      })
      .catch((error: Error) => {
        if (!stop.signal.aborted) setProblem(error.message);
      })
      .finally(() => setMaking(undefined));
  };
  return (
    <Box display="inline-flex" flexDirection="column" gap="1">
      {making ? (
        <Button {...look} onClick={() => making.abort()} aria-live="polite">
          <Spinner aria-hidden />
          Being made … stop <X size={14} aria-hidden />
        </Button>
      ) : (
        <Button asChild {...look}>
          <a href={href} download title={title} onClick={fetchIt}>
            {children}
          </a>
        </Button>
      )}
      {problem && (
        <chakra.span role="alert" color="cinnabar" fontSize="sm" maxW="18rem">
          {problem}
        </chakra.span>
      )}
    </Box>
  );
}
