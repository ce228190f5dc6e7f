import type { ReactNode } from 'react';

/** What somebody sees who is not signed in: the name, one question, one button. */
export function DoorFrame({ title, children }: { title: string; children: ReactNode }) {
  return (
    <main className="flex min-h-screen items-center justify-center p-4">
      <div className="w-full max-w-md panel p-6">
        <p className="mb-4 flex items-center gap-2 font-title text-lg font-bold">
          <img src="/mark.svg" alt="" className="size-7" /> Loxos
        </p>
        <h1 className="mb-4 text-2xl">{title}</h1>
        {children}
      </div>
    </main>
  );
}
