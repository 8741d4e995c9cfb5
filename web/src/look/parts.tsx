import type { ReactNode } from 'react';
import { Button, type ButtonProps } from 'react-aria-components';
import { css, styled } from 'styled-components';
import { ink, severityInk, severityMark, severityWord, size, wide } from './theme';

/** A flat sheet with a hairline edge. */
export const Sheet = styled.section`
  background: ${ink.sheet};
  border: 1px solid ${ink.rule};
  border-radius: 4px;
`;

export const SheetHead = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 12px 6px;
  h2 {
    font-size: ${size.small};
    font-weight: 650;
  }
  > :last-child:not(h2) {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

export const Title = styled.h1`
  font-size: ${size.title};
  font-weight: 720;
  line-height: 1.1;
  ${wide}
`;

const kinds = {
  plain: css`
    background: transparent;
    border-color: ${ink.ink};
  `,
  quiet: css`
    background: transparent;
    border-color: transparent;
    &[data-hovered] {
      background: ${ink.hush};
    }
  `,
  strong: css`
    background: ${ink.ink};
    border-color: ${ink.ink};
    color: ${ink.sheet};
  `,
};

const Pressable = styled(Button)<{ $kind: keyof typeof kinds; $small: boolean }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  border: 1px solid;
  border-radius: 3px;
  cursor: pointer;
  text-align: left;
  font-weight: 600;
  font-size: ${(p) => (p.$small ? size.fine : size.small)};
  padding: ${(p) => (p.$small ? '2px 7px' : '5px 11px')};
  min-height: ${(p) => (p.$small ? '24px' : '30px')};
  ${(p) => kinds[p.$kind]}
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.45;
    cursor: default;
  }
`;

interface ActProps extends ButtonProps {
  kind?: keyof typeof kinds;
  small?: boolean;
}

/** A button. Its words are a verb. */
export const Act = ({ kind = 'plain', small = false, ...rest }: ActProps): ReactNode => (
  <Pressable $kind={kind} $small={small} {...rest} />
);

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

/** Something that floats over the page. */
export const floating = css`
  background: ${ink.raised};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  box-shadow: 0 6px 18px rgb(19 32 42 / 18%);
`;

export const field = css`
  width: 100%;
  border: 1px solid ${ink.rule};
  border-radius: 3px;
  background: ${ink.raised};
  padding: 4px 7px;
  min-height: 30px;
`;

export const Field = styled.input`
  ${field}
`;
export const Area = styled.textarea`
  ${field}
  resize: vertical;
`;
export const Choice = styled.select`
  ${field}
`;

export const Label = styled.label`
  display: grid;
  gap: 3px;
  font-size: ${size.fine};
  color: ${ink.soft};
  > * {
    font-size: ${size.small};
    color: ${ink.ink};
  }
`;

const Notice = styled.div`
  padding: 48px 24px;
  text-align: center;
  display: grid;
  gap: 10px;
  justify-items: center;
  color: ${ink.soft};
  h1 {
    color: ${ink.ink};
    font-size: ${size.lead};
  }
`;

/** Something to read where there is nothing to show: loading, empty, failed. */
export const Blank = ({ title, children }: { title: string; children?: ReactNode }): ReactNode => (
  <Notice role="status">
    <h1>{title}</h1>
    {children}
  </Notice>
);

/** A row to choose from a list: a name, and behind it what tells it from others. */
export const Option = styled.div<{ $on: boolean }>`
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 10px;
  cursor: pointer;
  background: ${(p) => (p.$on ? ink.chosen : 'transparent')};
  white-space: nowrap;
  span:last-child {
    overflow: hidden;
    text-overflow: ellipsis;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;
