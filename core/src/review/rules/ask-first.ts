import { healthQuestions, healthScreen, yesTo } from '../../session';
import type { Rule } from '../model';

export const askFirst: Rule = {
  id: 'ask-first',
  title: 'Ask first',
  severity: 'stop',
  ground: 'common practice',
  look: (s) => {
    const { client, todayIso } = s.context;
    if (healthScreen(client, todayIso) !== 'ask first') return [];
    const yes = yesTo(client, todayIso);
    const first = healthQuestions[yes[0]!];
    const more = yes.length > 1 ? ` and ${yes.length - 1} more` : '';
    return [
      {
        on: [],
        what: `${client.name}: a yes on the health screen, cleared by nobody.`,
        why: `“${first}”${more}. Planning goes on; before handing over, record who cleared it and when. Drimbo does not clear anyone: follow licensed practice.`,
      },
    ];
  },
};
