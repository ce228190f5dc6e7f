import { DropdownMenu } from 'radix-ui';
import { Download } from 'lucide-react';
import { memo } from 'react';
import { toast } from 'sonner';
import { pngBlob } from '../drawing/png.ts';
import type { Box, Shape } from '../drawing/shape.ts';
import { svgText } from '../drawing/svg-text.ts';
import { MENU_ITEM, Menu } from './Menu.tsx';
import { saveFile } from './save-file.ts';

export interface Picture {
  readonly shapes: readonly Shape[];
  readonly box: Box;
}

interface SavePictureProps {
  /** The picture as it is when it is saved: a drawing that moves draws no menu anew. */
  readonly picture: () => Picture;
  /** The name of its files, without an ending. */
  readonly file: string;
}

/** Saves a drawing as a file others can open. */
export const SavePicture = memo(function SavePicture({ picture, file }: SavePictureProps) {
  const savePng = (): void => {
    const { shapes, box } = picture();
    void pngBlob(shapes, box)
      .then((blob) => saveFile(`${file}.png`, 'image/png', blob))
      .catch(() => toast.error('The PNG could not be made: save it as SVG.'));
  };
  const saveSvg = (): void => {
    const { shapes, box } = picture();
    saveFile(`${file}.svg`, 'image/svg+xml', svgText(shapes, box));
  };
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
});
