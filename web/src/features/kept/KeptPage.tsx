import { keptWords } from '@loxos/core';
import { useMay } from '../../api/account.ts';
import { useKept } from '../../api/kept.ts';
import { Trouble } from '../../ui/Notice.tsx';
import { LongGone } from './LongGone.tsx';
import { OfPlayer } from './OfPlayer.tsx';

/** What is kept of people, who reads it and for how long; and what a player may ask, done here. */
export function KeptPage() {
  const kept = useKept();
  const isOwner = useMay('own');
  const mayPlan = useMay('plan');
  if (kept.error !== null && kept.data === undefined) return <Trouble error={kept.error} />;
  if (kept.data === undefined) return <p className="p-6 text-soft">Opening …</p>;
  const sections = keptWords(kept.data);
  return (
    <div className="mx-auto max-w-5xl px-4 py-5">
      <h1 className="text-2xl">What {kept.data.academy} keeps</h1>
      <p className="mb-4 text-soft">
        Laws differ: your country’s rules and your academy’s go first.
      </p>
      <div className="gap-x-8 lg:columns-2">
        {sections.map(({ title, sentences }, index) => (
          <section key={title} aria-label={title} className="mb-4 break-inside-avoid">
            <h2 className="text-xl">{title}</h2>
            <ul className="list-disc pl-5">
              {sentences.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </ul>
            {mayPlan && index === sections.length - 1 && <OfPlayer />}
          </section>
        ))}
        {isOwner && <LongGone />}
      </div>
    </div>
  );
}
