import type { VoiceId } from '@drimbo/core/anatomy';

const token = <K extends string>(name: K) => `var(--${name})` as const;

/** Every colour, size and measure of the product; what they are in each theme stands in tokens.ts. */
export const ink = {
  ground: token('ground'),
  sheet: token('sheet'),
  raised: token('raised'),
  ink: token('ink'),
  soft: token('soft'),
  rule: token('rule'),
  hush: token('hush'),
  chosen: token('chosen'),
  focus: token('ink'),
  veil: token('veil'),
  shade: token('shade'),
} as const;

const voices = (as: 'voice' | 'said'): Record<VoiceId, string> => ({
  chest: token(`${as}-chest`),
  shoulders: token(`${as}-shoulders`),
  triceps: token(`${as}-triceps`),
  helpers: token(`${as}-helpers`),
});
export const voiceInk = voices('voice');
/** The same voices as text: strong enough on a sheet. */
export const voiceText = voices('said');

/** The drawn body: neither ink nor muscle. */
export const figureInk = { body: token('body'), edge: token('edge'), hush: token('pale') } as const;

export const severityInk = { stop: token('stop'), watch: token('watch'), note: token('note') } as const;
export const severityMark = { stop: '▲', watch: '◆', note: '●' } as const;
export const severityWord = { stop: 'Stop', watch: 'Watch', note: 'Note' } as const;

export const size = { fine: '11.5px', small: '13px', text: '14px', lead: '18px', title: '26px' } as const;

/** Widths of the one family. */
export const wide = "font-stretch: 118%; font-variation-settings: 'wdth' 118;";
export const narrow = "font-stretch: 88%; font-variation-settings: 'wdth' 88;";
