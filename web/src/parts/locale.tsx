import type { ReactNode } from 'react';
import { I18nProvider } from 'react-aria-components';

/**
 * The language of the controls and how they write a day: English, the day before the month, weeks from Monday.
 *
 * @example <Locale><App /></Locale>
 */
export const Locale = ({ children }: { children: ReactNode }): ReactNode => (
  <I18nProvider locale="en-GB">{children}</I18nProvider>
);
