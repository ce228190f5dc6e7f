import { DropdownMenu } from 'radix-ui';
import { Download } from 'lucide-react';
import type { ReactNode } from 'react';
import { toast } from 'sonner';
import { Drawing } from '../drawing/Drawing.tsx';
import { pngBlob } from '../drawing/png.ts';
import type { Box, Shape } from '../drawing/shape.ts';
import { svgText } from '../drawing/svg-text.ts';
import { MENU_ITEM, Menu } from './Menu.tsx';
import { saveFile } from './save-file.ts';

export interface Picture {
  readonly shapes: readonly Shape[];
  readonly box: Box;
}

/** Saves a drawing as a file others can open. */
export function SavePicture({ shapes, box, file }: Picture & { readonly file: string }) {
  const savePng = (): void => {
    void pngBlob(shapes, box)
      .then((blob) => saveFile(`${file}.png`, 'image/png', blob))
      .catch(() => toast.error('The PNG could not be made: save it as SVG.'));
  };
  const saveSvg = (): void => saveFile(`${file}.svg`, 'image/svg+xml', svgText(shapes, box));
  return (
    <Menu label="Save the picture" icon={<Download aria-hidden size={18} />} className="size-11">
      <DropdownMenu.Item className={MENU_ITEM} onSelect={saveSvg}>
        SVG, to print at any size
      </DropdownMenu.Item>
      <DropdownMenu.Item className={MENU_ITEM} onSelect={savePng}>
        PNG, to send
      </DropdownMenu.Item>
    </Menu>
  );
}

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
  return (
    <figure className={`rounded-xl border border-line bg-sheet p-2 ${className}`}>
      <Drawing shapes={shapes} box={box} title={title} className={drawingClass}>
        {children}
      </Drawing>
      <figcaption className="flex items-center justify-between gap-2 text-sm text-soft">
        <span>{caption}</span>
        {file !== null && <SavePicture shapes={shapes} box={box} file={file} />}
      </figcaption>
    </figure>
  );
}
