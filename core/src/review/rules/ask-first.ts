import { healthScreen } from '../../session/client';
import type { Rule } from '../model';

export const askFirst: Rule = {
  id: 'ask-first',
  title: 'Ask first',
  severity: 'stop',
  ground: 'common practice',
  look: (s) => {
    const { client, todayIso } = s.context;
    const screen = healthScreen(client, todayIso);
    if (screen === 'ask first')
      return [
        {
          on: [],
          what: `${client.name} answered yes on the health screen and nobody has cleared it.`,
          why: 'Planning goes on; before handing over, record who cleared it and when. Drimbo does not clear anyone: follow licensed practice.',
        },
      ];
    if (screen !== 'current')
      return [
        {
          on: [],
          severity: 'note',
          what:
            screen === 'never asked'
              ? `The health screen of ${client.name} was never asked.`
              : `The health screen of ${client.name} is more than a year old.`,
          why:
            screen === 'never asked'
              ? 'Ask the questions on the client page before the first session.'
              : 'Ask the questions again before the next block.',
        },
      ];
    return [];
  },
};
