import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { sendNow } from '../sync/send.ts';
import { step } from '../sync/step.ts';
import type { NewStep } from '../sync/step.ts';
import { answerOf, api } from './client.ts';
import type { FileSource, IntakeAnswers } from './client.ts';

const KEY = ['file-sources'] as const;

/** Returns the sources of launch files that were told about, the latest first. */
export const useSources = () =>
  useQuery({ queryKey: KEY, queryFn: () => answerOf(api.GET('/api/file-sources')) });

export interface SourceChange {
  readonly name?: string;
  readonly answers?: IntakeAnswers;
  readonly isForgotten?: boolean;
}

function stepOf({ id }: FileSource, { isForgotten, ...fields }: SourceChange): NewStep {
  if (isForgotten === undefined) return step('source.set', { id }, fields);
  return step(isForgotten ? 'source.remove' : 'source.restore', { id });
}

/** Changes what a source is called or how its files are read, forgets it, or remembers it again. */
export function useChangeSource() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ source, change }: { source: FileSource; change: SourceChange }) =>
      sendNow(stepOf(source, change)),
    onSuccess: () => client.invalidateQueries({ queryKey: KEY }),
  });
}
