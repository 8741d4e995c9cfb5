import type { ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from './button';

/**
 * A button that asks for one file.
 *
 * @example <FileChoice accept=".zip" onFile={preview}>Import an export</FileChoice>
 */
export function FileChoice({
  accept,
  onFile,
  isDisabled = false,
  children,
}: {
  /** Endings or kinds, with commas between. */
  accept: string;
  onFile: (file: File) => void;
  isDisabled?: boolean;
  children: ReactNode;
}): ReactNode {
  return (
    <FileTrigger
      acceptedFileTypes={accept.split(',')}
      onSelect={(files) => {
        const [file] = files ?? [];
        if (file) onFile(file);
      }}
    >
      <Button isDisabled={isDisabled}>{children}</Button>
    </FileTrigger>
  );
}
