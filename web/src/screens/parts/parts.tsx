import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';
import { tokensOf } from '../../look/tokens';
import { Title } from '../../parts/sheet';
import { examples } from './examples';

const Themed = styled.div<{ $theme: 'light' | 'dark' }>`
  ${(p) => tokensOf(p.$theme)}
  background: ${ink.sheet};
  color: ${ink.ink};
  padding: 16px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: 16px;
  section {
    border-top: 1px solid ${ink.rule};
    padding-top: 6px;
    min-width: 0;
  }
  section > .name {
    font-size: ${size.fine};
    color: ${ink.soft};
    margin-bottom: 6px;
  }
`;

/** Every part of the product with an example, in one theme after the other. Served in development only. */
export const PartsScreen = (): ReactNode => (
  <>
    <Title style={{ padding: 16 }}>Parts</Title>
    {(['light', 'dark'] as const).map((theme) => (
      <section key={theme} aria-label={`Parts, ${theme}`}>
        <h2 style={{ padding: '0 16px', fontSize: size.lead }}>{theme === 'light' ? 'Light' : 'Dark'}</h2>
        <Themed $theme={theme}>
          {Object.entries(examples).map(([name, Example]) => (
            <section key={name} aria-label={`${name}, ${theme}`}>
              <p className="name">{name}</p>
              <Example />
            </section>
          ))}
        </Themed>
      </section>
    ))}
  </>
);
