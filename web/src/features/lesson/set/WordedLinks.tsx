import { causeLink, partOf, valueWords } from '@loxos/core';
import type { LinkValue } from '@loxos/core';
import { Segments } from '../../../ui/Segments.tsx';
import type { StepProps } from '../lesson-work.ts';
import { see } from '../see.ts';

/** What is said of the set-up by a word alone, here as in Read. */
const WORDED = ['aim', 'grip-hold'] as const;
const VALUES = ['-1', '0', '1'] as const satisfies readonly `${LinkValue}`[];

interface WordedLinkProps {
  readonly id: (typeof WORDED)[number];
  readonly value: LinkValue | undefined;
  /** Whether the lines of the body say it, and no word. */
  readonly isByLines: boolean;
  readonly onSee: (value: LinkValue) => void;
}

function WordedLink({ id, value, isByLines, onSee }: WordedLinkProps) {
  const link = causeLink(id);
  if (isByLines && value !== undefined)
    return (
      <p>
        <b>{link.label}</b>: {valueWords(link, value)}, as the lines lie.
      </p>
    );
  const choose = (text: '' | `${LinkValue}`): void => {
    // What stands is taken back by saying it again.
    const said = text === '' ? value : (Number(text) as LinkValue);
    if (said !== undefined) onSee(said);
  };
  return (
    <Segments
      legend={`${link.label}: ${link.look.toLowerCase()}`}
      value={value === undefined ? '' : (`${value}` as const)}
      options={[
        ['', 'Not looked at'],
        ...VALUES.map((one) => [one, valueWords(link, Number(one) as LinkValue)] as const),
      ]}
      onChange={choose}
    />
  );
}

/** The links of the set-up that have no figure of their own. */
export function WordedLinks({ lesson, worked }: Pick<StepProps, 'lesson' | 'worked'>) {
  const said = partOf(lesson, 'causes').observations;
  const seen = worked.facts.observations;
  return WORDED.map((id) => (
    <WordedLink
      key={id}
      id={id}
      value={seen[id]}
      isByLines={seen[id] !== undefined && said[id] === undefined}
      onSee={(value) => see(lesson, id, value, worked.club?.group.club ?? null)}
    />
  ));
}
