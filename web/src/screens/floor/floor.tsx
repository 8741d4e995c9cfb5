import { isResting } from '@drimbo/core/log';
import { useEffect, useState, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { useAccess } from '../../data/access';
import { chooseTheme, chosenTheme } from '../../look/choice';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { Failed } from '../../parts/failed';
import { Menu } from '../../parts/menu';
import { settleRefused } from '../../data/floor-store';
import { useFloor, type Floor, type SetStep as SetStepOf } from '../../state/use-floor';
import { useNow } from '../../state/use-now';
import { Finish } from './finish';
import { Big, Plain, Stage } from './look';
import { Rest } from './rest';
import { SetStep } from './set-step';
import { ShortOfTime } from './short-of-time';
import { Over } from './over';
import { setWords, SoFar } from './so-far';
import { Hurts, Taken } from './trouble';
import { loadOf, syncWords } from './words';

/** Dark unless somebody chose otherwise, for as long as the floor is open; the screen stays awake where it can. */
function useFloorScreen(): void {
  useEffect(() => {
    const root = document.documentElement;
    const before = root.dataset.theme;
    if (chosenTheme() === 'system') root.dataset.theme = 'dark';
    let lock: WakeLockSentinel | null = null;
    const keepAwake = (): void => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock.request('screen').then(
        (held) => (lock = held),
        () => undefined,
      );
    };
    keepAwake();
    document.addEventListener('visibilitychange', keepAwake);
    // The pages themselves are kept on the device from the first time the floor is opened.
    if ('serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    return () => {
      document.removeEventListener('visibilitychange', keepAwake);
      void lock?.release();
      if (before === undefined) delete root.dataset.theme;
      else root.dataset.theme = before;
    };
  }, []);
}

/** Two devices logged the same set: one of them stays. */
function Doubles({ floor }: { floor: Floor }): ReactNode {
  const [wrong, setWrong] = useState('');
  return floor.doubles.map((pair) => {
    const name = floor.measured.lines.find((m) => m.id === pair[0]!.lineId)?.name ?? 'A set';
    return (
      <div key={pair[0]!.id} role="alert">
        <p>
          {name}, set {pair[0]!.setIndex + 1} was logged on two devices. Which one stays?
        </p>
        <div className="row">
          {pair.map((s) => (
            <Plain
              key={s.id}
              onPress={() => {
                floor
                  .takeBack(pair.filter((x) => x !== s))
                  .catch((error: Error) => setWrong(`This phone could not keep it: ${error.message}`));
              }}
            >
              {setWords(s, floor.context.client.unit)}
            </Plain>
          ))}
        </div>
        {wrong && <p>{wrong}</p>}
      </div>
    );
  });
}

/** What another device did meanwhile, for a minute in sight of whoever is about to do it again. */
function Elsewhere({ floor }: { floor: Floor }): ReactNode {
  const set = floor.fromElsewhere;
  if (!set || !floor.sets.some((s) => s.id === set.id)) return null;
  const name = floor.measured.lines.find((m) => m.id === set.lineId)?.name ?? 'A set';
  return (
    <p role="status">
      Logged on another device: {name}, set {set.setIndex + 1}, {setWords(set, floor.context.client.unit)}
    </p>
  );
}

/** What the server would not take: said until somebody has decided. */
function NotTaken({ floor }: { floor: Floor }): ReactNode {
  const { refused } = floor.sync;
  if (refused.length === 0) return null;
  return (
    <div role="alert">
      <p>
        Not taken by the server: {[...new Set(refused)].join(' ')} What you did is still on this phone; show
        it to your coach before you go on.
      </p>
      <div className="row">
        <Plain onPress={() => void settleRefused(true)}>Try again</Plain>
        <Plain kind="quiet" onPress={() => void settleRefused(false)}>
          I have noted it
        </Plain>
      </div>
    </div>
  );
}

/** What was logged and cannot be read any more: the rest goes on without it. */
const Unreadable = ({ floor }: { floor: Floor }): ReactNode =>
  floor.torn > 0 && (
    <p role="note">
      {floor.torn === 1 ? 'One logged set of this session' : `${floor.torn} logged sets of this session`}{' '}
      cannot be read any more. The coach finds {floor.torn === 1 ? 'it' : 'them'} on the page Data.
    </p>
  );

function Step({ floor, onPain }: { floor: Floor; onPain: () => void }): ReactNode {
  const step = floor.steps[floor.at];
  const before = floor.steps[floor.at - 1];
  const now = useNow();
  if (!step) return null;
  const { restFrom } = floor.where;
  if (before && isResting(restFrom, before.restS, Math.max(now, restFrom ?? 0)))
    return <Rest floor={floor} seconds={before.restS} next={step} />;
  if (step.is === 'set') return <SetStep key={step.id} floor={floor} step={step} onPain={onPain} />;
  return (
    <>
      <p className="soft">{step.is === 'warm-up' ? 'Warm-up' : `Way up, ${step.index + 1} of ${step.of}`}</p>
      <h2>{step.is === 'warm-up' ? step.name : step.line.name}</h2>
      <p className="load">{step.is === 'warm-up' ? step.dose : loadOf(floor, step)}</p>
      {step.is === 'warm-up' && step.note && <p>{step.note}</p>}
      {step.is === 'ramp' && <p>{step.ramp.reps} easy reps</p>}
      <div className="foot">
        <Big kind="strong" onPress={() => floor.tick(step.id)}>
          Done
        </Big>
      </div>
    </>
  );
}

type Shows = 'hurts' | 'taken' | 'time' | 'finish' | 'so far' | null;

function Run({ floor }: { floor: Floor }): ReactNode {
  useFloorScreen();
  const [shows, setShows] = useState<Shows>(null);
  /** What hurt is asked about for the movement it hurt in. */
  const [hurt, setHurt] = useState<SetStepOf | null>(null);
  const [isNew, setNew] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const isClient = useAccess().data?.who === 'client';
  const step = floor.steps[floor.at];
  const isFinished = floor.session.status === 'finished';
  useEffect(() => {
    document.title = `${floor.session.title} · Drimbo`;
  }, [floor.session.title]);
  if (isFinished && !isChanging)
    return <Over floor={floor} isClient={isClient} isNew={isNew} change={() => setChanging(true)} />;
  const isEnd = step === undefined || shows === 'finish';
  const about = hurt ?? (step?.is === 'set' ? step : null);
  const close = (): void => {
    setShows(null);
    setHurt(null);
  };
  return (
    <Stage>
      <h1 className="unseen">{floor.session.title}</h1>
      <header>
        <span>
          {floor.done} of {floor.done + floor.open} sets
        </span>
        <span role="status" data-testid="sync">
          {syncWords(floor)}
        </span>
        <Menu
          label="Something is wrong"
          trigger={
            <Button kind="quiet" style={{ minHeight: 48, fontSize: 16 }}>
              More
            </Button>
          }
          groups={[
            {
              items: [
                ...(step?.is === 'set'
                  ? [
                      { id: 'hurts', words: 'It hurts', does: () => setShows('hurts') },
                      { id: 'taken', words: 'Station taken', does: () => setShows('taken') },
                    ]
                  : []),
                { id: 'so far', words: 'So far, and what is left', does: () => setShows('so far') },
                { id: 'time', words: 'Short of time', does: () => setShows('time') },
                { id: 'finish', words: 'Finish now', does: () => setShows('finish') },
                { id: 'light', words: 'Light screen', does: () => chooseTheme('light') },
                { id: 'dark', words: 'Dark screen', does: () => chooseTheme('dark') },
              ],
            },
          ]}
        />
      </header>
      {isFinished && <p role="note">This session is finished. What you change here changes what was done.</p>}
      <NotTaken floor={floor} />
      <Unreadable floor={floor} />
      {floor.advice.says && <p role="status">{floor.advice.says}</p>}
      <Elsewhere floor={floor} />
      <Doubles floor={floor} />
      {shows === 'hurts' && about && <Hurts floor={floor} step={about} close={close} />}
      {shows === 'taken' && step?.is === 'set' && <Taken floor={floor} step={step} close={close} />}
      {shows === 'time' && <ShortOfTime floor={floor} close={close} />}
      {shows === 'so far' && <SoFar floor={floor} mayChange={!(isClient && isFinished)} close={close} />}
      {isEnd ? (
        <Finish
          floor={floor}
          back={step === undefined ? null : () => setShows(null)}
          onDone={() => {
            setNew(true);
            setChanging(false);
          }}
        />
      ) : (
        <Step
          floor={floor}
          onPain={() => {
            setHurt(step.is === 'set' ? step : null);
            setShows('hurts');
          }}
        />
      )}
    </Stage>
  );
}

/** A session as it is run on the gym floor: one thing at a time, whatever the reception. */
export function FloorScreen(): ReactNode {
  const { sessionId = '' } = useParams();
  const floor = useFloor(sessionId);
  if (floor instanceof Error)
    return (
      <Failed
        what="This session is not on this device yet"
        error={floor}
        again={() => window.location.reload()}
      />
    );
  if (!floor) return <Blank title="Opening the session…" />;
  return <Run floor={floor} />;
}
