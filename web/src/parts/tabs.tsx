import { Suspense, type ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs as Root } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

const Frame = styled(Root)`
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
  > .head {
    padding: 6px 12px 0;
    border-bottom: 1px solid ${ink.rule};
  }
  .react-aria-TabList {
    display: flex;
    gap: 2px;
    margin-left: -6px;
  }
  .react-aria-Tab {
    padding: 3px 8px;
    font-size: 12.5px;
    cursor: pointer;
    color: ${ink.soft};
    border-bottom: 2px solid transparent;
  }
  .react-aria-Tab[data-selected] {
    color: ${ink.ink};
    font-weight: 650;
    border-color: ${ink.ink};
  }
  .react-aria-TabPanel {
    overflow-y: auto;
    min-height: 0;
    flex: 1;
  }
`;

/**
 * A few things about one matter, one at a time; only the one shown is made.
 *
 * @example <Tabs label="About this movement" value="load" onChange={set} tabs={[{ id: 'load', name: 'Load', shows: () => <Load /> }]} />
 */
export function Tabs<K extends string>({
  label,
  head,
  tabs,
  value,
  onChange,
}: {
  label: string;
  /** What stands over the tabs. */
  head?: ReactNode;
  tabs: readonly { id: K; name: string; shows: () => ReactNode }[];
  value: K;
  onChange: (value: K) => void;
}): ReactNode {
  return (
    <Frame selectedKey={value} onSelectionChange={(key) => onChange(key as K)}>
      <div className="head">
        {head}
        <TabList aria-label={label}>
          {tabs.map((t) => (
            <Tab key={t.id} id={t.id}>
              {t.name}
            </Tab>
          ))}
        </TabList>
      </div>
      {tabs.map((t) => (
        <TabPanel key={t.id} id={t.id}>
          {t.id === value && <Suspense fallback={<p className="coming">Opening…</p>}>{t.shows()}</Suspense>}
        </TabPanel>
      ))}
    </Frame>
  );
}
