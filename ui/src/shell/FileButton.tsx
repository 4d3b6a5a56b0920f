import Button from '@mui/material/Button';
import { useRef, type ReactNode } from 'react';

/** A button that takes a file; the browser’s own field is hidden behind it. */
export function FileButton({
  accept,
  testId,
  busy = false,
  fullWidth = false,
  onFile,
  children,
}: {
  accept: string;
  testId: string;
  busy?: boolean;
  fullWidth?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={typeof children === 'string' ? children : undefined}
        data-testid={testId}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) {
            onFile(file);
          }
        }}
      />
      <Button
        variant="outlined"
        fullWidth={fullWidth}
        loading={busy}
        onClick={() => input.current?.click()}
      >
        {children}
      </Button>
    </>
  );
}
