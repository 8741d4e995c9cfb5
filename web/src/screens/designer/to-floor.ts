import { tell } from '../../parts/toast';
import type { OpenedSession } from '../../state/use-opened';

/** The ways from the designer to where a session is done. */
export interface ToFloor {
  /** Runs it on the floor, here. */
  here: () => void;
  /** Makes a link for the client's phone. */
  byLink: () => void;
  rehearse: () => void;
  /** Shows where what was done is logged; what is finished was done here. */
  log: (isFinished: boolean) => void;
  closeLog: () => void;
}

/**
 * What is done is done to the session of its day, where a block follows this one: what the weeks follow stays as it
 * is written.
 */
export function floorWays(
  { stored, file }: OpenedSession,
  does: {
    go: (path: string) => void;
    link: (sessionId: string) => void;
    log: (isOpen: boolean) => void;
    rehearse: (isOpen: boolean) => void;
  },
): ToFloor {
  const ownDay = (then: (id: string) => void): void => {
    import('../../data/start-floor')
      .then(({ sessionForFloor }) => sessionForFloor(stored.id, file))
      .then(then, (error: Error) => tell(`The session of that day cannot be made: ${error.message}`));
  };
  return {
    here: () => ownDay((to) => does.go(`/floor/${to}`)),
    byLink: () => ownDay(does.link),
    rehearse: () => does.rehearse(true),
    log: (isFinished) => {
      if (isFinished) does.log(true);
      else ownDay((to) => (to === stored.id ? does.log(true) : does.go(`/sessions/${to}?log`)));
    },
    closeLog: () => does.log(false),
  };
}
