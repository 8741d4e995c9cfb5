import { repSeconds, type Tempo, tempoWords } from '@drimbo/core/session';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { Switch } from '../../parts/switch';
import { Plain } from './look';

const Way = styled.div`
  height: 14px;
  border: 1px solid ${ink.rule};
  border-radius: 3px;
  overflow: hidden;
  > div {
    height: 100%;
    width: 100%;
    background: ${ink.ink};
    transform-origin: left;
  }
`;

/** How far up the load is at a moment of a repetition: 1 at the short end, 0 in the stretch. */
function heightAt(t: number, { lower, stretched, lift }: Tempo): number {
  if (t < lower) return 1 - t / Math.max(0.01, lower);
  if (t < lower + stretched) return 0;
  if (t < lower + stretched + lift) return (t - lower - stretched) / Math.max(0.01, lift);
  return 1;
}

/** A short tone; one a page, made when sound is first asked for. */
function beep(context: AudioContext, hertz: number): void {
  const tone = context.createOscillator();
  const loud = context.createGain();
  tone.frequency.value = hertz;
  loud.gain.setValueAtTime(0.15, context.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, context.currentTime + 0.09);
  tone.connect(loud).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + 0.1);
}

/** The tempo as a bar that goes down and up, and as tones; either can be off. */
export function Metronome({ tempo }: { tempo: Tempo }): ReactNode {
  const [isOn, setOn] = useState(false);
  const [sounds, setSounds] = useState(false);
  const bar = useRef<HTMLDivElement>(null);
  const audio = useRef<AudioContext | null>(null);
  useEffect(() => {
    if (!isOn) return;
    const whole = repSeconds(tempo);
    const begun = performance.now();
    let frame = 0;
    let phase = '';
    const draw = (): void => {
      const t = ((performance.now() - begun) / 1000) % whole;
      if (bar.current) bar.current.style.transform = `scaleX(${heightAt(t, tempo).toFixed(3)})`;
      const now = t < tempo.lower ? 'lower' : t < tempo.lower + tempo.stretched ? 'hold' : 'lift';
      if (sounds && now !== phase && now !== 'hold')
        beep((audio.current ??= new AudioContext()), now === 'lower' ? 440 : 660);
      phase = now;
      frame = requestAnimationFrame(draw);
    };
    draw();
    return () => cancelAnimationFrame(frame);
  }, [isOn, sounds, tempo]);
  return (
    <div role="group" aria-label="Tempo">
      <p className="soft">{tempoWords(tempo)}</p>
      {isOn && (
        <Way aria-hidden>
          <div ref={bar} />
        </Way>
      )}
      <div className="row">
        <Plain kind="quiet" aria-pressed={isOn} onPress={() => setOn(!isOn)}>
          {isOn ? 'Stop the tempo' : 'Move at this tempo'}
        </Plain>
        {isOn && (
          <Switch isOn={sounds} onChange={setSounds}>
            Sound
          </Switch>
        )}
      </div>
    </div>
  );
}
