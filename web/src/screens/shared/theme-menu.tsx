import { SunMoon } from 'lucide-react';
import { lazy, type ReactNode } from 'react';
import { Late } from '../../parts/late';

const Choices = lazy(() => import('./theme-choices').then((m) => ({ default: m.ThemeChoices })));

/** The button in the frame that leads to light and dark. */
export const ThemeMenu = (): ReactNode => (
  <Late
    render={(button) => <Choices button={button} />}
    button={{ kind: 'quiet', small: true, 'aria-label': 'Light or dark' }}
  >
    <SunMoon size={15} aria-hidden />
  </Late>
);
