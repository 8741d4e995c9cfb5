import type { Tempo } from '@drimbo/core/session';
import { useEffect, useState } from 'react';

interface Repetition {
  /** Share of the way from the stretched to the short end. */
  at: number;
  playing: boolean;
  setAt: (at: number) => void;
  toggle: () => void;
}

/** Where a repetition is after some seconds: lift, hold, lower, hold in the stretch, over again. */
function placeAt(tempo: Tempo, seconds: number): number {
  const { lift, shortened, lower, stretched } = tempo;
  const whole = lift + shortened + lower + stretched;
  if (whole <= 0) return 0;
  const s = seconds % whole;
  if (s < lift) return s / lift;
  if (s < lift + shortened) return 1;
  if (s < lift + shortened + lower) return 1 - (s - lift - shortened) / lower;
  return 0;
}

/** The repetition shown in a drawing: still until asked to move, then at the tempo. */
export function useRepetition(tempo: Tempo): Repetition {
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!playing) return;
    const started = performance.now();
    let frame = 0;
    const step = (now: number): void => {
      setAt(placeAt(tempo, (now - started) / 1000));
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [playing, tempo]);
  return {
    at,
    playing,
    setAt: (share) => {
      setPlaying(false);
      setAt(share);
    },
    toggle: () => setPlaying((p) => !p),
  };
}
