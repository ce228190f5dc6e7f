import { useBrowsers, useEndBrowser } from '../../api/account.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { momentText } from '../../ui/day-text.ts';
import { browserWords } from '../../ui/browser-words.ts';

/** The browsers signed in; any can be signed out from here. */
export function Browsers() {
  const browsers = useBrowsers();
  const end = useEndBrowser();
  const trouble = browsers.error ?? end.error;
  return (
    <>
      {trouble !== null && <Notice>{trouble.message}</Notice>}
      <ul aria-label="Browsers signed in">
        {browsers.data?.map(({ id, device, createdAt, seenAt, isThis }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-3 border-b border-line/60 py-1">
            <span className="mr-auto">
              <b>{browserWords(device)}</b>
              {isThis && ', this one'}
              <span className="block text-soft">
                since {momentText(createdAt)}, last used {momentText(seenAt)}
              </span>
            </span>
            {!isThis && <Button onClick={() => end.mutate(id)}>Sign it out</Button>}
          </li>
        ))}
      </ul>
    </>
  );
}
