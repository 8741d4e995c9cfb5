import { healthScreenDue, mustAskFirst } from '../../session/client';
import type { Rule } from '../model';

export const askFirst: Rule = {
  id: 'ask-first',
  title: 'Ask first',
  severity: 'stop',
  ground: 'common practice',
  look: (s) => {
    const { client, todayIso } = s.context;
    if (mustAskFirst(client))
      return [
        {
          on: [],
          what: `${client.name} answered yes on the health screen and nobody has cleared it.`,
          why: 'Planning goes on; before handing over, record who cleared it and when. Drimbo does not clear anyone: follow licensed practice.',
        },
      ];
    if (healthScreenDue(client, todayIso))
      return [
        {
          on: [],
          severity: 'note',
          what: `The health screen of ${client.name} is more than a year old.`,
          why: 'Ask the questions again before the next block.',
        },
      ];
    return [];
  },
};
