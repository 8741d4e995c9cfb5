import { healthScreen } from '../../session';
import type { Rule } from '../model';

export const healthScreenToAsk: Rule = {
  id: 'health-screen',
  title: 'Health screen to be asked',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    const { client, todayIso } = s.context;
    const screen = healthScreen(client, todayIso);
    if (screen === 'current' || screen === 'ask first') return [];
    const told = {
      'never asked': [
        `The health screen of ${client.name} was never asked.`,
        'Ask its questions on the client’s page before the first session.',
      ],
      unfinished: [
        `The health screen of ${client.name} has questions that nobody answered.`,
        'An open question is no “no”: ask the rest on the client’s page.',
      ],
      'over a year old': [
        `The health screen of ${client.name} is more than a year old.`,
        'Ask the questions again before the next block.',
      ],
    } as const;
    const [what, why] = told[screen];
    return [{ on: [], what, why }];
  },
};
