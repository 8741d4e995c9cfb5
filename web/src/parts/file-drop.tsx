import type { ReactNode } from 'react';
import { DropZone, type DropItem, type FileDropItem } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { FileChoice } from './file-choice';

const Zone = styled(DropZone)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  border: 1px dashed ${ink.rule};
  border-radius: 3px;
  padding: 10px;
  font-size: ${size.small};
  color: ${ink.soft};
  &[data-drop-target] {
    border-color: ${ink.ink};
    background: ${ink.chosen};
  }
`;

const isFile = (item: DropItem): item is FileDropItem => item.kind === 'file';

/**
 * A file, dropped here or chosen.
 *
 * @example <FileDrop accept=".zip" choose="Choose an export" onFile={preview} />
 */
export const FileDrop = ({
  accept,
  choose,
  isDisabled = false,
  onFile,
}: {
  /** Endings or kinds, with commas between. */
  accept: string;
  choose: string;
  isDisabled?: boolean;
  onFile: (file: File) => void;
}): ReactNode => (
  <Zone
    isDisabled={isDisabled}
    onDrop={(e) => {
      const file = e.items.find(isFile);
      if (file) void file.getFile().then(onFile);
    }}
  >
    <FileChoice accept={accept} isDisabled={isDisabled} onFile={onFile}>
      {choose}
    </FileChoice>
    <span>or drop the file here</span>
  </Zone>
);
