import type { ClientFile, Stored } from '@drimbo/core/contract';
import type { Kit } from '@drimbo/core/kit';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useClientFile, useKits } from '../../data/queries';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';

/** What a page about the client named in the address gets: the file, every gym, and the gym the client trains in. */
export interface ClientPageProps {
  file: ClientFile;
  kits: Stored<Kit>[];
  kit: Kit | undefined;
}

/** A page about one client, once the file and the gyms have come. */
export function ClientPage({
  failed,
  opening,
  children,
}: {
  failed: string;
  opening: string;
  children: (page: ClientPageProps) => ReactNode;
}): ReactNode {
  const { id } = useParams();
  const file = useClientFile(id);
  const kits = useKits();
  const error = file.error ?? kits.error;
  if (error)
    return (
      <Failed what={failed} error={error} again={() => void Promise.all([file.refetch(), kits.refetch()])} />
    );
  if (!file.data || !kits.data) return <Blank title={opening} />;
  const kit = kits.data.find((k) => k.id === file.data.document.kitId) ?? kits.data[0];
  return children({ file: file.data, kits: kits.data, kit: kit?.document });
}

/** Where there is no gym, nothing can be reckoned. */
export const NoGym = (): ReactNode => <Blank title="There is no gym yet" />;
