import { entries, type Movement } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { StillMovement } from '../../drawings/figure/still';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { GridList } from '../../parts/grid-list';
import { Select } from '../../parts/select';
import { averageBuild } from '../../state/someone';

type Pattern = Movement['pattern'];

/** The ways of the arm that a movement of one's own can take, in words. */
const paths: Partial<Record<Pattern, string>> = {
  press: 'press',
  fly: 'fly, arms together',
  pullover: 'pullover',
  'raise side': 'raise to the side',
  'raise front': 'raise to the front',
  'raise rear': 'raise to the rear',
  row: 'row or upright row',
  'elbow overhead': 'elbow straightened overhead',
  'elbow lying': 'elbow straightened lying',
  'elbow down': 'elbow straightened downward',
  curl: 'curl',
  rotation: 'rotation of the arm',
  shrug: 'shrug',
};
const loaded = entries.filter((e) => paths[e.movement.pattern]);
const implementsOf = (pattern: Pattern | null) => [
  ...new Set(
    loaded.filter((e) => pattern === null || e.movement.pattern === pattern).map((e) => e.movement.implement),
  ),
];

/** Begins a movement of one's own from what is in the hand and the way it goes. */
export function NewOwn(): ReactNode {
  const go = useNavigate();
  const [isOpen, setOpen] = useState(false);
  const [pattern, setPattern] = useState<Pattern | null>(null);
  const [implement, setImplement] = useState<Movement['implement'] | null>(null);
  const fitting = loaded.filter(
    (e) => e.movement.pattern === pattern && (implement === null || e.movement.implement === implement),
  );
  return (
    <>
      <Button onPress={() => setOpen(true)}>Make your own…</Button>
      <Dialog title="A movement of your own" isOpen={isOpen} onClose={() => setOpen(false)} widthPx={640}>
        {(close) => (
          <div style={{ display: 'grid', gap: 10 }}>
            <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 8 }}>
              <Select
                label="The way it goes"
                none="choose…"
                value={pattern}
                options={Object.entries(paths) as [Pattern, string][]}
                onChange={(to) => {
                  setPattern(to);
                  setImplement(null);
                }}
              />
              <Select
                label="With"
                none="anything"
                value={implement}
                options={implementsOf(pattern).map((id) => [id, id])}
                onChange={setImplement}
              />
            </div>
            {pattern && (
              <>
                <p>Take the posture nearest to yours; bench, grip, pulley and range are set next.</p>
                <GridList
                  label="Postures to begin with"
                  items={fitting}
                  idOf={(e) => e.id}
                  says={(e) => e.name}
                  onTake={(e) => {
                    close();
                    void go(`/movements/${e.id}?own=new`);
                  }}
                  empty="Nothing goes that way with it: choose another."
                >
                  {(e) => (
                    <>
                      <StillMovement
                        movement={e.movement}
                        rig={e.rig}
                        body={averageBuild}
                        widthPx={140}
                        heightPx={96}
                        says={`${e.name}, drawn`}
                      />
                      {e.name}
                    </>
                  )}
                </GridList>
              </>
            )}
            <DialogFeet>
              <Button onPress={close}>Cancel</Button>
            </DialogFeet>
          </div>
        )}
      </Dialog>
    </>
  );
}
