import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { severityInk, severityMark, severityWord } from '../look/theme';

const Marked = styled.span<{ $severity: keyof typeof severityMark }>`
  color: ${(p) => severityInk[p.$severity]};
  font-weight: 650;
  white-space: nowrap;
`;

/** A severity by shape and word; colour only repeats it. */
export function Mark({
  severity,
  wordless = false,
}: {
  severity: keyof typeof severityMark;
  wordless?: boolean;
}): ReactNode {
  return (
    <Marked $severity={severity}>
      <span aria-hidden>{severityMark[severity]}</span>
      {wordless ? <span className="unseen">{severityWord[severity]}</span> : ` ${severityWord[severity]}`}
    </Marked>
  );
}
