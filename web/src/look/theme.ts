import type { VoiceId } from '@drimbo/core/anatomy/regions';

/** Every colour, size and measure of the product. Colour means muscle; ink means action. */
export const ink = {
  ground: '#e4eaec',
  sheet: '#f8fafa',
  raised: '#ffffff',
  ink: '#13202a',
  soft: '#4c5c66',
  rule: '#c9d4d8',
  hush: '#dde5e8',
  chosen: '#e6eef0',
  focus: '#13202a',
} as const;

export const voiceInk: Record<VoiceId, string> = {
  chest: '#c7452c',
  shoulders: '#0e7686',
  triceps: '#7c4da3',
  helpers: '#6d7a80',
};

/** The drawn body: neither ink nor muscle. */
export const figureInk = { body: '#cbd6da', edge: '#a3b3bb', hush: '#dbe3e6' } as const;

/** The same voices as text: dark enough on a sheet. */
export const voiceText: Record<VoiceId, string> = { ...voiceInk, chest: '#b53d26', helpers: '#56646b' };

export const severityInk = { stop: '#a3162a', watch: '#8a5a00', note: '#4c5c66' } as const;
export const severityMark = { stop: '▲', watch: '◆', note: '●' } as const;
export const severityWord = { stop: 'Stop', watch: 'Watch', note: 'Note' } as const;

export const size = { fine: '11.5px', small: '13px', text: '14px', lead: '18px', title: '26px' } as const;

/** Widths of the one family. */
export const wide = "font-stretch: 118%; font-variation-settings: 'wdth' 118;";
export const narrow = "font-stretch: 88%; font-variation-settings: 'wdth' 88;";
