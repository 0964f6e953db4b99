import type { Drop, Evaluation, Sides } from './api/client';

export type FaceWord = keyof Sides;
export const FACES: FaceWord[] = ['top', 'right', 'bottom', 'left', 'front', 'back'];
/** As a packer goes round: the four walls, then lid and floor. */
export const AROUND: FaceWord[] = ['left', 'right', 'front', 'back', 'top', 'bottom'];

export type View = 'front' | 'side' | 'above';
export const VIEWS: View[] = ['front', 'side', 'above'];
export const VIEW_NAME: Record<View, string> = { front: 'From the front', side: 'From the side', above: 'From above' };

/** Which axes lie across and up in a view (0 x, 1 y, 2 z), and the faces at its four sides. */
export const VIEW_AXES: Record<
  View,
  { across: 0 | 1; up: 1 | 2; left: FaceWord; right: FaceWord; top: FaceWord; bottom: FaceWord }
> = {
  front: { across: 0, up: 2, left: 'left', right: 'right', top: 'top', bottom: 'bottom' },
  side: { across: 1, up: 2, left: 'front', right: 'back', top: 'top', bottom: 'bottom' },
  above: { across: 0, up: 1, left: 'left', right: 'right', top: 'back', bottom: 'front' }
};

export function facesOf(view: View): FaceWord[] {
  const { left, right, top, bottom } = VIEW_AXES[view];
  return [left, right, top, bottom];
}

/** The first view, beginning with the present one, that shows at least two of the struck faces, or the one of a flat drop. */
export function viewFor(faces: string[], present: View): View {
  const enough = Math.min(2, faces.length);
  return (
    [present, ...VIEWS].find((view) => faces.filter((f) => facesOf(view).includes(f as FaceWord)).length >= enough) ??
    present
  );
}

/** The drop on exactly these faces. */
export function dropOn(evaluation: Evaluation, faces: string[]): Drop | undefined {
  return evaluation.drops.find((d) => d.faces.length === faces.length && faces.every((f) => d.faces.includes(f)));
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
