import type { Scope } from '../common/scope.ts';
import type { Handle } from '../db/store.ts';
import type { PageContent, SharedPage } from './page.dto.ts';
import type { PagesRepository } from './pages.repository.ts';

/** The pages given out from a lesson, with the days their players have ticked; never their links. */
export async function sharedPages(
  scope: Scope,
  pages: PagesRepository,
  db: Handle,
  lessonId: string,
): Promise<SharedPage[]> {
  const found: SharedPage[] = [];
  for (const row of await pages.ofLesson(scope, db, lessonId)) {
    const { id, createdAt, expiresAt, withdrawnAt } = row;
    const { points, homework, nextLook } = JSON.parse(row.content) as PageContent;
    const ticked = await pages.ticked(scope, db, id);
    const said = await pages.words(scope, db, id);
    const given = { points, homework, nextLook };
    found.push({ id, createdAt, expiresAt, withdrawnAt, ticked, said, ...given });
  }
  return found;
}
