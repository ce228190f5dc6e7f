import { answerOf, api } from '../api/client.ts';
import type { IntakeResult } from '../api/client.ts';
import type { DroppedFile } from './pending.ts';

/** Sends a launch file as it came, with what was answered of it. */
export function sendFile(
  { lessonId, file, answers, isAskedAgain }: DroppedFile,
  headers: Readonly<Record<string, string>>,
): Promise<IntakeResult> {
  const form = new FormData();
  form.append('file', new File([file.bytes], file.name), file.name);
  if (answers !== null) form.append('answers', JSON.stringify(answers));
  if (isAskedAgain) form.append('again', 'yes');
  const request = api.POST('/api/lessons/{lessonId}/files', {
    params: { path: { lessonId } },
    headers,
    body: form as unknown as { file: string },
    bodySerializer: (body) => body as unknown as FormData,
  });
  return answerOf(request);
}
