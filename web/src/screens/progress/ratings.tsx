import { type RegionId, regions } from '@drimbo/core/anatomy';
import { LAGS, lastRatings } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { Sheet, SheetHead } from '../../parts/sheet';
import { dayWords } from '../blocks/words';
import { Body, change, type Of } from './about';

/** The coach's eye: each region from 1, a weak point, to 5, the strongest; a weak one can be marked so for planning. */
export function Ratings({ id, client }: Of): ReactNode {
  const [region, setRegion] = useState<RegionId>('pecUpper');
  const [rating, setRating] = useState('3');
  const rated = lastRatings(client.ratings);
  return (
    <Sheet aria-label="Regions by eye">
      <SheetHead>
        <h2>Regions by eye</h2>
        <span>1 weakest, 5 strongest</span>
      </SheetHead>
      <Body>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            const on = todayIso();
            change(id, (c) => ({
              ...c,
              ratings: [
                ...c.ratings.filter((r) => r.on !== on || r.region !== region),
                { on, region, rating: Number(rating) },
              ],
            }));
          }}
        >
          <Select
            label="Region"
            value={region}
            options={(Object.keys(regions) as RegionId[]).map((r) => [r, regions[r].name])}
            onChange={(to) => to && setRegion(to)}
          />
          <Select
            label="Rating"
            value={rating}
            options={['1', '2', '3', '4', '5'].map((n) => [n, n])}
            onChange={(to) => to && setRating(to)}
          />
          <Button type="submit" small>
            Rate it
          </Button>
        </form>
        <ul aria-label="Rated">
          {rated.map(({ region: r, now, before }) => (
            <li key={r}>
              <span>
                {regions[r].name} <b>{now.rating}</b>{' '}
                <span className="soft">
                  {dayWords(now.on)}
                  {before && `; ${before.rating} on ${dayWords(before.on)}`}
                </span>
              </span>
              {now.rating <= LAGS && !client.lagging.includes(r) && client.lagging.length < 6 && (
                <Button
                  small
                  onPress={() =>
                    change(id, (c) => ({ ...c, lagging: [...c.lagging, r] }), {
                      says: `${regions[r].name} is planned as a weak point.`,
                      back: (c) => ({ ...c, lagging: c.lagging.filter((x) => x !== r) }),
                    })
                  }
                >
                  Plan it as a weak point
                </Button>
              )}
            </li>
          ))}
          {rated.length === 0 && <li className="soft">Nothing rated yet.</li>}
        </ul>
      </Body>
    </Sheet>
  );
}
