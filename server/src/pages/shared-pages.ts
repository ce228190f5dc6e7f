import type { Handle } from '../db/store.ts';
import type { SharedPage } from './page.dto.ts';
import type { PagesRepository } from './pages.repository.ts';

/** The pages given out from a lesson, with the days their players have ticked; never their links. */
export async function sharedPages(
  pages: PagesRepository,
  db: Handle,
  lessonId: string,
): Promise<SharedPage[]> {
  const found: SharedPage[] = [];
  for (const { id, createdAt, expiresAt, withdrawnAt } of await pages.ofLesson(db, lessonId)) {
    found.push({ id, createdAt, expiresAt, withdrawnAt, ticked: await pages.ticked(db, id) });
  }
  return found;
}
