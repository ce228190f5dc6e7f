import { Link2 } from 'lucide-react';
import { useState } from 'react';
import type { Lesson, PageContent } from '../../../api/client.ts';
import { useSharePage, useWithdrawPage } from '../../../api/queries.ts';
import { Button } from '../../../ui/Button.tsx';
import { TextField } from '../../../ui/Field.tsx';
import { Notice } from '../../../ui/Notice.tsx';
import { ShownLink } from '../../../ui/ShownLink.tsx';
import { dayText } from '../../../ui/day-text.ts';

/** Days a link lasts unless the coach says otherwise. */
const LINK_DAYS = 30;

/** The player’s link: made, shown once, withdrawn. */
export function Share({ lesson, content }: { lesson: Lesson; content: PageContent }) {
  const share = useSharePage(lesson.id);
  const withdraw = useWithdrawPage(lesson.id);
  const [days, setDays] = useState(String(LINK_DAYS));
  const link = share.data === undefined ? null : `${window.location.origin}/p/${share.data.token}`;
  return (
    <section
      aria-label="The player’s link"
      className="space-y-2 rounded-xl border border-line bg-sheet p-4"
    >
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
          disabled={share.isPending || !/^\d{1,3}$/.test(days) || content.points.length === 0}
          onClick={() => share.mutate({ content, days: Number(days) })}
        >
          <Link2 aria-hidden size={16} /> Make the link
        </Button>
      </div>
      {content.points.length === 0 && (
        <p className="text-look">▲ Write at least one point first.</p>
      )}
      {share.error !== null && <Notice>{share.error.message}</Notice>}
      {link !== null && (
        <ShownLink
          link={link}
          what="It is shown only now; it cannot be guessed, and it is not kept here."
        />
      )}
      <ul>
        {lesson.pages.map((page) => (
          <li key={page.id} className="flex flex-wrap items-center gap-2">
            <span className="mr-auto">
              Given {dayText(page.createdAt)},{' '}
              {page.withdrawnAt === null ? `until ${dayText(page.expiresAt)}` : 'withdrawn'};{' '}
              {page.ticked.length} of the homework ticked
            </span>
            {page.withdrawnAt === null && (
              <Button onClick={() => withdraw.mutate(page.id)}>Withdraw</Button>
            )}
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
        ))}
      </ul>
    </section>
  );
}
