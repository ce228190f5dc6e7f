import { create } from 'zustand';
import { useAccount } from '../api/account.ts';
import type { Player } from '../api/client.ts';

/** Whose players and lessons are shown. */
export const useWhose = create<{
  readonly whose: 'all' | 'mine';
  readonly show: (whose: 'all' | 'mine') => void;
}>()((set) => ({ whose: 'all', show: (whose) => set({ whose }) }));

/** Returns whether a player is shown: everybody's, or one's own. */
export function useIsMine(): (player: Pick<Player, 'coachId'>) => boolean {
  const whose = useWhose((state) => state.whose);
  const me = useAccount()?.id;
  return ({ coachId }) => whose === 'all' || coachId === me;
}
