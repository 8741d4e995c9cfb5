import type { ReactNode } from 'react';
import { Link, type LinkProps } from 'react-router';
import { styled } from 'styled-components';
import { buttonFace, type Face } from './button';

const Faced = styled(Link)<Face>`
  ${buttonFace}
  text-decoration: none;
  white-space: nowrap;
`;
const Plain = styled.a<Face>`
  ${buttonFace}
  text-decoration: none;
  white-space: nowrap;
`;

/**
 * A way to another page that looks like a button.
 *
 * @example <LinkButton kind="strong" to="/sessions/a/sheet">Print sheet</LinkButton>
 */
export const LinkButton = ({
  kind = 'plain',
  small = false,
  ...rest
}: LinkProps & { kind?: Face['$kind']; small?: boolean }): ReactNode => (
  <Faced $kind={kind} $small={small} {...rest} />
);

/**
 * A file the server makes, to be kept on this machine.
 *
 * @example <DownloadButton href="/api/data/export">Export everything</DownloadButton>
 */
export const DownloadButton = ({
  href,
  small = false,
  children,
}: {
  href: string;
  small?: boolean;
  children: ReactNode;
}): ReactNode => (
  <Plain href={href} download $kind="plain" $small={small}>
    {children}
  </Plain>
);
