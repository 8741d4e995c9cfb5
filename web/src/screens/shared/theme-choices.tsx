import { useState, type ReactNode } from 'react';
import { chooseTheme, chosenTheme } from '../../look/choice';
import { ChoiceMenu } from '../../parts/choice-menu';

/** Light, dark, or as the machine is set. */
export function ThemeChoices({ button }: { button: ReactNode }): ReactNode {
  const [choice, setChoice] = useState(chosenTheme);
  return (
    <ChoiceMenu
      label="Light or dark"
      choices={{ system: 'As this machine', light: 'Light', dark: 'Dark' }}
      value={choice}
      onChange={(next) => {
        chooseTheme(next);
        setChoice(next);
      }}
      trigger={button}
      isOpenFirst
    />
  );
}
