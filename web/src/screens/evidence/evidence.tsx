import { type Certainty, certaintyWords, shelf } from '@drimbo/core/evidence';
import { ruleTitle } from '@drimbo/core/review';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { styled } from 'styled-components';
import { ListPage } from '../../parts/pages';
import { Select } from '../../parts/select';
import { Sheet, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { JudgementTabs } from '../rules/judgement-tabs';

const Work = styled.article`
  padding: 10px 14px 12px;
  border-bottom: 1px solid ${ink.hush};
  display: grid;
  grid-template-columns: 210px minmax(0, 1fr);
  gap: 2px 18px;
  font-size: ${size.small};
  &:target {
    background: ${ink.chosen};
  }
  h2 {
    font-size: ${size.text};
    font-weight: 650;
    margin: 0;
  }
  .soft {
    color: ${ink.soft};
  }
  p {
    margin: 0 0 4px;
  }
  @media (max-width: 640px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** Every published work the product leans on: what was shown, in whom, how surely, and what rests on it. */
export function EvidenceScreen(): ReactNode {
  const [certainty, setCertainty] = useState<Certainty | null>(null);
  const { hash } = useLocation();
  useEffect(() => {
    document.title = 'Evidence · Drimbo';
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  const shown = shelf.filter((s) => certainty === null || s.certainty === certainty);
  return (
    <ListPage>
      <JudgementTabs />
      <header>
        <Title>Evidence</Title>
        <span>{shelf.length} published works, told from memory: read the work before leaning on it</span>
        <Select
          label="How sure"
          labelPlace="before"
          value={certainty}
          none="any"
          options={(Object.keys(certaintyWords) as Certainty[]).map((c) => [c, certaintyWords[c]])}
          onChange={setCertainty}
        />
      </header>
      <Sheet>
        {shown.map((s) => (
          <Work key={s.id} id={s.id}>
            <div>
              <h2>{s.cite}</h2>
              <p className="soft">{s.where}</p>
              <p>{certaintyWords[s.certainty]}</p>
            </div>
            <div>
              <p>{s.found}</p>
              <p className="soft">
                {s.inWhom} {s.size}
              </p>
              <p>
                <b>Here.</b> {s.use}
              </p>
              {s.rules.length > 0 && (
                <p>
                  Rules:{' '}
                  {s.rules.map((id, i) => (
                    <span key={id} style={{ display: 'inline-block', marginRight: 4 }}>
                      <Link to={`/rules/${id}`}>{ruleTitle(id).toLowerCase()}</Link>
                      {i < s.rules.length - 1 && ','}
                    </span>
                  ))}
                </p>
              )}
              {s.figures.length > 0 && <p>Figures: {s.figures.join(', ').toLowerCase()}</p>}
            </div>
          </Work>
        ))}
      </Sheet>
    </ListPage>
  );
}
