import { useEffect, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useAccess } from '../../data/access';
import { chooseTheme, chosenTheme } from '../../look/choice';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { Failed } from '../../parts/failed';
import { Menu } from '../../parts/menu';
import { useFloor, type Floor } from '../../state/use-floor';
import { Finish } from './finish';
import { Big, Plain, Stage } from './look';
import { Rest } from './rest';
import { SetStep } from './set-step';
import { ShortOfTime } from './short-of-time';
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

/** The last thing logged, to be taken back. */
function Undo({ floor }: { floor: Floor }): ReactNode {
  const last = floor.steps.slice(0, floor.at).findLast((s) => s.is === 'set');
  const set =
    last?.is === 'set'
      ? floor.sets.find((s) => s.lineId === last.line.id && s.setIndex === last.setIndex)
      : undefined;
  if (!set) return null;
  return (
    <Plain kind="quiet" onPress={() => floor.undo(set)}>
      Take the last set back
    </Plain>
  );
}

/** Two devices logged the same set: one of them stays. */
function Doubles({ floor }: { floor: Floor }): ReactNode {
  return floor.doubles.map((pair) => {
    const name = floor.measured.lines.find((m) => m.id === pair[0]!.lineId)?.name ?? 'A set';
    return (
      <div key={pair[0]!.id} role="alert">
        <p>
          {name}, set {pair[0]!.setIndex + 1} was logged on two devices. Which one stays?
        </p>
        <div className="row">
          {pair.map((s) => (
            <Plain key={s.id} onPress={() => pair.filter((x) => x !== s).forEach((x) => floor.undo(x))}>
              {s.loadKg} × {s.reps}
            </Plain>
          ))}
        </div>
      </div>
    );
  });
}

function Step({ floor }: { floor: Floor }): ReactNode {
  const step = floor.steps[floor.at];
  const before = floor.steps[floor.at - 1];
  if (!step) return null;
  if (floor.where.restFrom !== null && before && before.restS > 0)
    return <Rest floor={floor} seconds={before.restS} next={step} />;
  if (step.is === 'set') return <SetStep key={step.id} floor={floor} step={step} />;
  return (
    <>
      <p className="soft">{step.is === 'warm-up' ? 'Warm-up' : `Way up, ${step.index + 1} of ${step.of}`}</p>
      <h2>{step.is === 'warm-up' ? step.name : step.line.name}</h2>
      <p className="load">{step.is === 'warm-up' ? step.dose : loadOf(floor, step)}</p>
      {step.is === 'ramp' && <p>{step.ramp.reps} easy reps</p>}
      <div className="foot">
        <Big kind="strong" onPress={() => floor.tick(step.id)}>
          Done
        </Big>
      </div>
    </>
  );
}

function Run({ floor }: { floor: Floor }): ReactNode {
  useFloorScreen();
  const [shows, setShows] = useState<'hurts' | 'taken' | 'time' | 'finish' | 'over' | null>(null);
  const isClient = useAccess().data?.who === 'client';
  const step = floor.steps[floor.at];
  useEffect(() => {
    document.title = `${floor.session.title} · Drimbo`;
  }, [floor.session.title]);
  const sets = floor.steps.filter((s) => s.is === 'set').length;
  const done = new Set(floor.sets.map((s) => `${s.lineId} ${s.setIndex}`)).size;
  if (shows === 'over')
    return (
      <Stage>
        <h1 className="unseen">{floor.session.title}</h1>
        <h2>Done. Well trained.</h2>
        <p role="status">{syncWords(floor)}</p>
        {isClient ? <Link to="/mine">To your sessions</Link> : <Link to="/clients">To the clients</Link>}
      </Stage>
    );
  const isEnd = step === undefined || shows === 'finish';
  return (
    <Stage>
      <h1 className="unseen">{floor.session.title}</h1>
      <header>
        <span>
          {done} of {sets} sets
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
                { id: 'time', words: 'Short of time', does: () => setShows('time') },
                { id: 'finish', words: 'Finish now', does: () => setShows('finish') },
                { id: 'light', words: 'Light screen', does: () => chooseTheme('light') },
                { id: 'dark', words: 'Dark screen', does: () => chooseTheme('dark') },
              ],
            },
          ]}
        />
      </header>
      {floor.sync.refused.length > 0 && (
        <p role="alert">The server did not take a set: {floor.sync.refused[0]}</p>
      )}
      {floor.advice.says && <p role="status">{floor.advice.says}</p>}
      <Doubles floor={floor} />
      {shows === 'hurts' && step?.is === 'set' && (
        <Hurts floor={floor} step={step} close={() => setShows(null)} />
      )}
      {shows === 'taken' && step?.is === 'set' && (
        <Taken floor={floor} step={step} close={() => setShows(null)} />
      )}
      {shows === 'time' && <ShortOfTime floor={floor} close={() => setShows(null)} />}
      {isEnd ? <Finish floor={floor} onDone={() => setShows('over')} /> : <Step floor={floor} />}
      <Undo floor={floor} />
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
