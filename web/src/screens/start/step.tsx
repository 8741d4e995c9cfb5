import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size, wide } from '../../look/theme';
import { Sheet } from '../../parts/sheet';

const Frame = styled(Sheet)<{ $isNow: boolean }>`
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  padding: 14px 16px 16px 4px;
  margin-bottom: 10px;
  color: ${(p) => (p.$isNow ? ink.ink : ink.soft)};
  > .number {
    font-size: ${size.title};
    font-weight: 720;
    line-height: 1;
    text-align: center;
    ${wide}
  }
  h2 {
    font-size: ${size.lead};
    font-weight: 680;
    line-height: 1.3;
  }
  p {
    font-size: ${size.small};
  }
  form {
    display: grid;
    gap: 10px;
    margin-top: 10px;
    max-width: 620px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
    gap: 8px 10px;
    align-items: start;
  }
  .feet {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
`;

/** One of the first steps: to be done now, done and told in a line, or still to come. */
export function Step({
  number,
  title,
  done,
  isNow,
  children,
}: {
  number: number;
  title: string;
  /** What came of it; null where it is still to be done. */
  done: ReactNode | null;
  isNow: boolean;
  children: ReactNode;
}): ReactNode {
  return (
    <Frame $isNow={isNow} aria-label={title} {...(isNow ? { 'aria-current': 'step' as const } : {})}>
      <span className="number" aria-hidden>
        {number}
      </span>
      <div>
        <h2>{title}</h2>
        {done ?? (isNow && children)}
      </div>
    </Frame>
  );
}
