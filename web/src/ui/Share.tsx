import { useIsFetching } from '@tanstack/react-query';
import { Link2 } from 'lucide-react';
import { useState } from 'react';
import type { SharedPage } from '../api/client.ts';
import { useSharePage, useWithdrawPage } from '../api/queries.ts';
import type { GivenOf } from '../api/queries.ts';
import { useLog, waiting } from '../sync/log.ts';
import { laneOf } from '../sync/pending.ts';
import { Button } from './Button.tsx';
import { TextField } from './Field.tsx';
import { Notice } from './Notice.tsx';
import { ShownLink } from './ShownLink.tsx';
import { dayText } from './day-text.ts';

/** Days a link lasts unless the coach says otherwise. */
const LINK_DAYS = 30;

interface ShareProps {
  readonly of: GivenOf;
  /** What has been given of it so far. */
  readonly pages: readonly SharedPage[];
  /** Why it cannot be given yet; null where it can. */
  readonly trouble: string | null;
}

/** Returns how the player has used a page. */
const usedText = ({ homework, ticked }: SharedPage): string =>
  homework.length === 0 ? '' : `; ${ticked.length} of the homework ticked`;

/** A page that was given: until when, what its player did with it, and what they wrote back. */
function GivenPage({ page, onWithdraw }: { page: SharedPage; onWithdraw: () => void }) {
  return (
    <li className="flex flex-wrap items-center gap-2">
      <span className="mr-auto">
        Given {dayText(page.createdAt)},{' '}
        {page.withdrawnAt === null ? `until ${dayText(page.expiresAt)}` : 'withdrawn'}
        {usedText(page)}
      </span>
      {page.withdrawnAt === null && <Button onClick={onWithdraw}>Withdraw</Button>}
      {page.said.length > 0 && (
        <ul aria-label="Wrote back" className="basis-full">
          {page.said.map(({ id, text, at }) => (
            <li key={id}>
              “{text}” <span className="text-soft">{dayText(at)}</span>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

/** Returns the page is made of what the server has: the lanes of what it reads are empty first. */
const lanesOf = (of: GivenOf): readonly string[] => [
  'lessonId' in of ? `lesson ${of.lessonId}` : '',
  `player ${of.playerId}`,
  'setting',
  'drill',
];

const UNSENT = 'What you changed is still on its way: the link is made once it is stored.';
/** What is made of it is not all here yet: the page shown may be another than the one given. */
const COMING = 'Still fetching what the page is made of: the link is made once it is here.';
const useUnsent = (lanes: readonly string[]): boolean =>
  useLog(({ entries }) => waiting(entries).some(({ change }) => lanes.includes(laneOf(change))));

/** The player’s link: made, shown once, withdrawn. */
export function Share({ of, pages, trouble: own }: ShareProps) {
  const share = useSharePage(of);
  const isUnsent = useUnsent(lanesOf(of));
  const isComing = useIsFetching({ predicate: ({ state }) => state.data === undefined }) > 0;
  const trouble = own ?? (isUnsent ? UNSENT : isComing ? COMING : null);
  const withdraw = useWithdrawPage(of);
  const [days, setDays] = useState(String(LINK_DAYS));
  const link = share.data === undefined ? null : `${window.location.origin}/p/${share.data.token}`;
  return (
    <section aria-label="The player’s link" className="space-y-2 panel p-4">
      <h2 className="text-xl">The player’s link</h2>
      <div className="flex items-end gap-2">
        <div className="w-40">
          <TextField
            label="Lasts, days"
            inputMode="numeric"
            value={days}
            onChange={(event) => setDays(event.target.value)}
          />
        </div>
        <Button
          look="main"
          disabled={share.isPending || !/^\d{1,3}$/.test(days) || trouble !== null}
          onClick={() => share.mutate(Number(days))}
        >
          <Link2 aria-hidden size={16} /> Make the link
        </Button>
      </div>
      {trouble !== null && <p className="text-look">▲ {trouble}</p>}
      {share.error !== null && <Notice>{share.error.message}</Notice>}
      {link !== null && (
        <ShownLink
          link={link}
          what="It is shown only now; it cannot be guessed, and it is not kept here."
        />
      )}
      <ul>
        {pages.map((page) => (
          <GivenPage key={page.id} page={page} onWithdraw={() => withdraw.mutate(page.id)} />
        ))}
      </ul>
    </section>
  );
}
