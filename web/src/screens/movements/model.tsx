import { allLimits } from '@drimbo/core/mechanics';
import { useEffect, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ListPage } from '../../parts/pages';
import { Sheet, Title } from '../../parts/sheet';
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

/** What is fact, what is a model, how far it was checked, and where it is known to be wrong. */
export function ModelScreen(): ReactNode {
  useEffect(() => {
    document.title = 'The mechanics · Drimbo';
  }, []);
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
          How hard each region works. The hand is placed first, upper arm and forearm follow; the blade turns
          with the arm; every muscle is a line that runs round the joint. The torques are shared among the
          muscles so that they are met with the least effort (the sum of squared activities by force). Forces
          are after Saul et al. 2015 and Holzbaur et al. 2005, brought to the strength men are measured at;
          lines are fitted to published moment arms (Ackland 2008, Kuechle 1997 and 2000, Garner &amp; Pandy
          2001). All from memory of the named sources.
        </p>
        <p>
          It is told against the hardest-working region of the same movement: high from three quarters, medium
          from two fifths, low from three twentieths. The thin line on a bar is the spread with every
          muscle&apos;s ends moved by about four millimetres.
        </p>
        <h2>How far it was checked</h2>
        <p>
          Over two hundred bodies drawn at random: levels of triceps and front delt against the chest lie
          within the bands of published muscle activity in 97 of 100 cases (Campos 2020, Rodríguez-Ridao 2020,
          Saeterbakken 2011, 2013 and 2017, Welsch 2005, Youdas 2010 and others); what coaches agree on in
          order holds in 95 of 100, published trends in 89. Some of the model&apos;s choices were made with
          these in view: it is no blind validation.
        </p>
        <h2>Not told, or told as one</h2>
        <ul>
          {allLimits.map(({ where, why }) => (
            <li key={why}>
              {where && `${where}. `}
              {why}
            </li>
          ))}
        </ul>
        <h2>Known to be off</h2>
        <ul>
          <li>
            Triceps in bar presses stand at the level of heavy sets; light sets are measured at about half of
            that. They rise by about a third from flat to 60°, where measurements find them level.
          </li>
          <li>Push-ups: the front delt comes out a little above the chest.</li>
          <li>
            Overhead presses: the upper chest is somewhat large. Flared elbows on an incline move upper chest
            and front delt together; for the upper chest alone the model goes the wrong way.
          </li>
          <li>
            A lower pulley raises the upper chest of a fly in six bodies of ten only, so the table keeps that
            credit.
          </li>
          <li>Push-ups use the measured shares of bodyweight (Ebben et al. 2011), straight lines between.</li>
          <li>
            No serratus, no trapezius, no force–length, no upper bound on a muscle: these are given by credit,
            and a muscle that gets long is said to, beside its effort.
          </li>
        </ul>
        <h2>How it meets the dose</h2>
        <p>
          What a set counts for each region stands in the coach&apos;s table. The mechanics move a credit only
          where order and direction held in nearly all bodies and with the lines moved: the tuck of the elbows
          for upper chest, delts (as one) and, with dumbbells, the triceps; the grip overhead; half of a
          press&apos;s range for chest against triceps. Between a half and one and a half, in steps of .05, on
          an average build. Everything else is the table&apos;s word, and anything can be pinned by hand.
        </p>
      </Text>
    </ListPage>
  );
}
