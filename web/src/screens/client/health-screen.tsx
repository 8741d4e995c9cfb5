import {
  answered,
  type Client,
  type Health,
  healthQuestionIds,
  healthQuestions,
  healthScreen,
  mustAskFirst,
  unansweredBy,
  yesTo,
} from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { todayIso } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { RadioGroup } from '../../parts/radio-group';
import { TextField } from '../../parts/text-field';

const Questions = styled.ul`
  clear: both;
  list-style: none;
  padding: 0;
  margin: 0 0 6px;
  font-size: ${size.small};
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    gap: 12px;
    border-bottom: 1px solid ${ink.hush};
  }
`;
const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 12px;
  margin: 6px 0;
`;
const Fine = styled.p`
  color: ${ink.soft};
  font-size: ${size.fine};
  margin-top: 6px;
`;

const states = {
  'ask first': 'Ask first: nobody has cleared it',
  'never asked': 'Never asked',
  unfinished: 'Questions are open',
  'over a year old': 'Over a year old: ask again',
  current: 'Asked within the year',
};

/** The questions of the health screen, one answer each, when they were asked, and who cleared a yes. */
export function HealthScreen({
  client,
  change,
}: {
  client: Client;
  change: (patch: Pick<Client, 'health'>) => void;
}): ReactNode {
  const { health } = client;
  const today = todayIso();
  const put = (patch: Partial<Health>): void => change({ health: { ...health, ...patch } });
  const open = unansweredBy(client);
  const noToTheRest = (): void =>
    put({
      answers: { ...health.answers, ...Object.fromEntries(open.map((q) => [q, false])) },
      askedOn: today,
    });
  const isYes = yesTo(client, today).length > 0;
  return (
    <fieldset id="health">
      <legend>
        Health screen: <b>{states[healthScreen(client, today)]}</b>
      </legend>
      <Questions>
        {healthQuestionIds.map((q) => {
          const answer = health.answers[q];
          return (
            <li key={q}>
              <span>{healthQuestions[q]}</span>
              <RadioGroup
                label={healthQuestions[q]}
                isLabelUnseen
                isRow
                value={answer === undefined ? null : answer ? 'yes' : 'no'}
                options={[
                  { value: 'yes', words: 'yes' },
                  { value: 'no', words: 'no' },
                ]}
                onChange={(to) => change({ health: answered(health, q, to === 'yes', today) })}
              />
            </li>
          );
        })}
      </Questions>
      <Row>
        <DateField
          label="Asked on"
          labelPlace="before"
          value={health.askedOn || null}
          latest={today}
          onChange={(day) => put({ askedOn: day ?? '' })}
        />
        {open.length > 0 && (
          <Button small onPress={noToTheRest}>
            {open.length === healthQuestionIds.length ? 'No to all, asked today' : 'No to the rest'}
          </Button>
        )}
        {open.length === 0 && health.askedOn !== today && (
          <Button small onPress={() => put({ askedOn: today })}>
            Asked again today
          </Button>
        )}
      </Row>
      {isYes && (
        <>
          <TextField
            label="What it is about"
            value={health.note}
            maxLength={200}
            onChange={(note) => put({ note })}
          />
          <Row>
            <TextField
              label="Cleared by"
              value={health.clearedBy}
              maxLength={120}
              onChange={(clearedBy) => put({ clearedBy })}
            />
            <DateField
              label="Cleared on"
              value={health.clearedOn || null}
              latest={today}
              onChange={(day) => put({ clearedOn: day ?? '' })}
            />
          </Row>
        </>
      )}
      <Fine>
        {mustAskFirst(client, today)
          ? 'Planning goes on; handing over waits for a name and a day here. '
          : ''}
        Drimbo does not diagnose or clear anyone: follow licensed practice where you work.
      </Fine>
    </fieldset>
  );
}
