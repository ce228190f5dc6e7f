import { DropdownMenu } from 'radix-ui';
import { Download } from 'lucide-react';
import { toast } from 'sonner';
import { pngBlob } from '../drawing/png.ts';
import type { Box, Shape } from '../drawing/shape.ts';
import { svgText } from '../drawing/svg-text.ts';
import { MENU_ITEM, Menu } from './Menu.tsx';
import { saveFile } from './save-file.ts';

interface SavePictureProps {
  readonly shapes: readonly Shape[];
  readonly box: Box;
  /** The name of its files, without an ending. */
  readonly file: string;
}

/** Saves a drawing as a file others can open. */
export function SavePicture({ shapes, box, file }: SavePictureProps) {
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
