import { agreement } from '@drimbo/core/mechanics/agreement';
import { entries } from '@drimbo/core/movements/catalogue';
import { regions } from '@drimbo/core/anatomy/regions';
import { useEffect, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ListPage } from '../../look/lists';
import { Sheet, Title } from '../../look/parts';
import { ink, size } from '../../look/theme';

const Text = styled(Sheet)`
  padding: 6px 18px 18px;
  max-width: 820px;
  h2 {
    font-size: ${size.text};
    margin: 16px 0 4px;
  }
  p,
  li {
    color: ${ink.soft};
    padding: 3px 0;
  }
  li {
    padding-left: 14px;
    text-indent: -14px;
  }
  li::before {
    content: '– ';
  }
`;

const nameOf = (id: string): string => entries.find((e) => e.id === id)?.name ?? id;

/** What is fact, what is a model, where it is known to be wrong, and how a second method agrees. */
export function ModelScreen(): ReactNode {
  useEffect(() => {
    document.title = 'The mechanics · Drimbo';
  }, []);
  const unsure = Object.entries(agreement.unsure);
  return (
    <ListPage>
      <header>
        <Title>What the mechanics know</Title>
      </header>
      <Text>
        <h2>Facts</h2>
        <p>
          The force at the hand, the torque it puts on shoulder and elbow, where in the range that is most,
          and how far the hand travels: quasi-static, in three dimensions, for the stature, weight and
          shoulder breadth of the client. Segment lengths and weights are shares of stature and mass (Drillis
          &amp; Contini 1966, Dempster 1955, de Leva 1996). No momentum.
        </p>
        <h2>A model&apos;s estimate</h2>
        <p>
          Who does the work. Each muscle is recruited in proportion to how well it pulls where the load asks,
          until the load is met; largest forces are after Saul et al. 2015. Shares are told in steps of five
          points and never in newtons. The attachment points of chest and deltoid were moved by at most 15 mm
          to follow the published bench-angle trend (Rodríguez-Ridao et al. 2020): that trend is a fit and no
          validation.
        </p>
        <h2>A second opinion</h2>
        <p>
          Split by a quadratic programme instead (least effort, solved by an independent library),{' '}
          {agreement.entries} movements give shares that differ by{' '}
          {(agreement.meanDifference * 100).toFixed(1)} points on average,{' '}
          {Math.round(agreement.largestDifference * 100)} at most; the two go together at{' '}
          {agreement.correlation.toFixed(2)}. Where they differ by more than eight points the region carries a
          question mark:
        </p>
        <ul>
          {unsure.map(([id, ids]) => (
            <li key={id}>
              {nameOf(id)}: {(ids ?? []).map((r) => regions[r].name.toLowerCase()).join(', ')}
            </li>
          ))}
        </ul>
        <h2>Known to be off</h2>
        <ul>
          <li>The upper chest&apos;s share rises with the incline; its absolute effort does not.</li>
          <li>Narrow grips lose more of the middle chest than measurements show.</li>
          <li>Triceps show a bump of about a fifth near 30°.</li>
          <li>Press machines whose handles come together leave almost nothing to the triceps.</li>
          <li>The front raise gives the side delt too much.</li>
          <li>Very lean dips count the front delt too high.</li>
          <li>Below 30° of elbow bend the split is weakly defined, and the load small.</li>
          <li>Push-ups use the measured shares of bodyweight (Ebben et al. 2011), straight lines between.</li>
          <li>
            No serratus, no rotators in the split, no force–length: these are given by credit, and a muscle
            that gets long is said to, beside its share.
          </li>
        </ul>
        <h2>How it meets the dose</h2>
        <p>
          The coach&apos;s table says how many sets a region is owed at each angle. The other settings scale
          it by the share at this rig over the share at the settings the table is meant for, on a middling
          body, between a half and one and a half, in steps of .05. Anything can be pinned by hand.
        </p>
      </Text>
    </ListPage>
  );
}
