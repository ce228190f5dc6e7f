import { useAccount, useWhose } from '../api/account.ts';
import type { Player } from '../api/client.ts';

/** Whether a player is shown: everybody's, or one's own. */
export function useIsMine(): (player: Pick<Player, 'coachId'>) => boolean {
  const whose = useWhose((state) => state.whose);
  const me = useAccount()?.id;
  return ({ coachId }) => whose === 'all' || coachId === me;
}
