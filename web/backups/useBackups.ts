import { ref, shallowRef } from 'vue';
import { z } from 'zod';
import { BackupContents, Backups } from '../../contract/index.ts';
import { get, post } from '../api/client.ts';
import { problemKey } from '../words/problemWords.ts';

/** The copies kept beside the data file: made, looked into, put in its place. */
export const useBackups = () => {
  const kept = shallowRef<Backups>();
  const problem = ref<string>();
  const busy = ref(false);
  const tried = async (work: () => Promise<void>): Promise<boolean> => {
    busy.value = true;
    try {
      await work();
      problem.value = undefined;
      return true;
    } catch (error) {
      problem.value = problemKey(error);
      return false;
    } finally {
      busy.value = false;
    }
  };
  const load = (): Promise<boolean> => tried(async () => void (kept.value = await get(Backups, '/backups')));
  void load();
  return {
    kept,
    problem,
    busy,
    load,
    make: (): Promise<boolean> => tried(async () => void (kept.value = await post(Backups, '/backups', {}))),
    /** What one has in it; none where it cannot be read. */
    lookIn: async (name: string): Promise<BackupContents | undefined> => {
      let found: BackupContents | undefined;
      await tried(async () => void (found = await get(BackupContents, `/backups/${encodeURIComponent(name)}`)));
      return found;
    },
    /** @returns whether it is in the place of the data now */
    restore: (name: string): Promise<boolean> =>
      tried(async () => {
        await post(z.object({ restored: z.string() }), `/backups/${encodeURIComponent(name)}/restore`, {});
      }),
  };
};
