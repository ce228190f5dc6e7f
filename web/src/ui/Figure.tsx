import { Suspense, lazy, useCallback, useLayoutEffect, useRef } from 'react';
import type { ReactNode } from 'react';
import { Drawing } from '../drawing/Drawing.tsx';
import type { Picture } from './SavePicture.tsx';

/** Fetched where a picture can be saved: a player's page has none of it. */
const SavePicture = lazy(async () => ({
  default: (await import('./SavePicture.tsx')).SavePicture,
}));

interface FigureProps extends Picture {
  /** What it shows, in words, for those who cannot see it. */
  readonly title: string;
  readonly caption: ReactNode;
  /** The name of its files, without an ending; null offers none. */
  readonly file: string | null;
  readonly className?: string;
  readonly drawingClass?: string;
  /** What lies over the drawing, such as handles to drag. */
  readonly children?: ReactNode;
}

/** A drawing in its frame, with its caption and what it can be saved as. */
export function Figure({
  shapes,
  box,
  title,
  caption,
  file,
  className = '',
  drawingClass = 'w-full',
  children,
}: FigureProps) {
  const latest = useRef({ shapes, box });
  useLayoutEffect(() => {
    latest.current = { shapes, box };
  });
  const picture = useCallback(() => latest.current, []);
  return (
    <figure className={`contain-content panel p-2 ${className}`}>
      <Drawing shapes={shapes} box={box} title={title} className={drawingClass}>
        {children}
      </Drawing>
      <figcaption className="flex items-center justify-between gap-2 text-sm text-soft">
        <span>{caption}</span>
        {file !== null && (
          <Suspense>
            <SavePicture picture={picture} file={file} />
          </Suspense>
        )}
      </figcaption>
    </figure>
  );
}
