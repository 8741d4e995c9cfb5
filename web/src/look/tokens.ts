import type { VoiceId } from '@drimbo/core/anatomy';

/** Every colour of the product in both themes. Colour means muscle; ink means action. */
interface Tokens {
  ground: string;
  sheet: string;
  raised: string;
  ink: string;
  soft: string;
  rule: string;
  hush: string;
  chosen: string;
  /** Muscle voices, as drawn and as text. */
  voice: Record<VoiceId, string>;
  said: Record<VoiceId, string>;
  /** The drawn body: neither ink nor muscle. */
  body: string;
  edge: string;
  pale: string;
  stop: string;
  watch: string;
  note: string;
  /** What lies over the page behind a dialog, and under what floats. */
  veil: string;
  shade: string;
}

const voicesByDay = { chest: '#c7452c', shoulders: '#0e7686', triceps: '#7c4da3', helpers: '#6d7a80' };
const voicesByNight = { chest: '#ee7259', shoulders: '#3fb0c0', triceps: '#b48bd8', helpers: '#97a5ac' };

export const themes = {
  light: {
    ground: '#e4eaec',
    sheet: '#f8fafa',
    raised: '#ffffff',
    ink: '#13202a',
    soft: '#4c5c66',
    rule: '#c9d4d8',
    hush: '#dde5e8',
    chosen: '#e6eef0',
    voice: voicesByDay,
    said: { ...voicesByDay, chest: '#b03a24', shoulders: '#0b6a78', helpers: '#525f66' },
    body: '#cbd6da',
    edge: '#a3b3bb',
    pale: '#dbe3e6',
    stop: '#a3162a',
    watch: '#8a5a00',
    note: '#4c5c66',
    veil: 'rgb(19 32 42 / 32%)',
    shade: 'rgb(19 32 42 / 18%)',
  },
  dark: {
    ground: '#0d1419',
    sheet: '#141d23',
    raised: '#1b262d',
    ink: '#e4edf1',
    soft: '#9fb0ba',
    rule: '#34444e',
    hush: '#25323a',
    chosen: '#22303a',
    voice: voicesByNight,
    said: { ...voicesByNight, chest: '#f28a74', helpers: '#a6b4bb' },
    body: '#32424c',
    edge: '#64767f',
    pale: '#25323a',
    stop: '#ff8f9a',
    watch: '#e2b45c',
    note: '#9fb0ba',
    veil: 'rgb(0 0 0 / 55%)',
    shade: 'rgb(0 0 0 / 60%)',
  },
} as const satisfies Record<string, Tokens>;

export type ThemeName = keyof typeof themes;

/** The tokens of a theme as CSS properties. */
export function tokensOf(name: ThemeName): string {
  const lines = Object.entries(themes[name]).flatMap(([key, value]) =>
    typeof value === 'string'
      ? [`--${key}: ${value};`]
      : Object.entries<string>(value).map(([voice, colour]) => `--${key}-${voice}: ${colour};`),
  );
  return `color-scheme: ${name}; ${lines.join(' ')}`;
}
