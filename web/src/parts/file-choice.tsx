import type { ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Act } from './act';

/**
 * A button that asks for one file.
 *
 * @example <FileChoice accept=".zip" onFile={preview}>Take in an export</FileChoice>
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
      <Act isDisabled={isDisabled}>{children}</Act>
    </FileTrigger>
  );
}
