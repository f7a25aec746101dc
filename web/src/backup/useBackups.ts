import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { BackupsView, BackupView } from '../api/schema';

const LOOK_EVERY_MS = 1000;

/** The shop's backups; one that is being made is looked at every second. */
export function useBackups() {
  return useQuery({
    queryKey: ['backups'],
    queryFn: () => read<BackupsView>('/api/backups'),
    refetchInterval: ({ state }) => (state.data?.making.length ? LOOK_EVERY_MS : false),
  });
}

/** The newest that holds this shop, which is the first: they are listed from the newest on. */
export const lastGood = (backups: BackupsView): BackupView | undefined =>
  backups.copies.find((copy) => copy.isOfThisShop);
