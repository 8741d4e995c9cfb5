import type { Body } from '@drimbo/core/anatomy';
import { type Figure, figureOf, type Pull, pullsOf, sayingEachHand } from '@drimbo/core/mechanics';
import type { Movement, Rig } from '@drimbo/core/movements';
import { useMemo } from 'react';

/** Levels are ratios: any usual load draws them. */
const USUAL_KG = 20;

/** A movement's figure with its muscles' strands at the same moments; remembered as long as nothing of it changes. */
export function useDrawn(
  movement: Movement,
  rig: Rig,
  body: Body,
  moments = 24,
): { figure: Figure; pulls: Pull[][] } {
  return useMemo(
    () => ({
      figure: figureOf(movement, rig, body, moments),
      pulls: pullsOf(movement, rig, body, sayingEachHand(movement, USUAL_KG), moments),
    }),
    [movement, rig, body, moments],
  );
}
