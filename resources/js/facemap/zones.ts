import type { Side, Zone } from '../api/types.gen';

/**
 * Where each zone lies on the drawing, as a path on a 360 x 440 sheet. The child looks at you: its right side is on the
 * left of the sheet. Sided zones are drawn for the child's right and mirrored at x = 180 for its left.
 */
const SIDED: Partial<Record<Zone, string>> = {
  forehead: 'M180 66C128 62 88 92 76 138C104 130 138 128 180 132Z',
  brow: 'M164 158C140 140 104 142 86 164C106 158 138 160 164 170Z',
  temple: 'M74 142C62 160 58 186 60 206C72 206 82 196 86 178C84 164 82 150 74 142Z',
  eyelid: 'M94 190C104 174 138 172 156 188C142 180 110 180 94 190Z',
  under_eye: 'M94 204C106 220 142 220 156 204C158 222 140 234 120 232C104 230 94 218 94 204Z',
  cheek: 'M72 222C84 236 108 244 140 238C146 256 138 284 120 296C96 298 76 268 72 222Z',
  muzzle: 'M180 262C158 250 132 262 124 284C120 306 142 322 164 318C172 316 178 312 180 308Z',
  jaw: 'M78 286C92 322 116 352 148 372C138 344 118 316 100 300Z',
  ear: 'M56 196C38 186 30 204 36 226C40 246 52 256 62 248C58 230 56 214 56 196Z',
  neck: 'M180 400C160 402 140 396 126 386L122 432H180Z',
};

const MIDDLE: Partial<Record<Zone, string>> = {
  nose: 'M180 196C170 220 158 236 158 248C160 262 172 264 180 264C188 264 200 262 202 248C202 236 190 220 180 196Z',
  lips: 'M144 318C158 310 170 308 180 312C190 308 202 310 216 318C204 336 192 340 180 340C168 340 156 336 144 318Z',
  chin: 'M180 348C158 346 148 360 156 376C164 390 196 390 204 376C212 360 202 346 180 348Z',
};

/** The arm and the hand have sheets of their own. */
const LIMB: Partial<Record<Zone, string>> = {
  arm: 'M132 60C120 130 124 230 140 300H220C236 230 240 130 228 60Z',
  hand: 'M140 300C120 330 122 380 150 408H212C240 380 240 330 220 300Z',
};

export const isLimb = (zone: Zone): boolean => LIMB[zone] !== undefined;

/** The paths of a zone on a side; on the centre a sided zone is both its halves. */
export function zonePaths(zone: Zone, side: Side): { path: string; mirrored: boolean }[] {
  const middle = MIDDLE[zone] ?? LIMB[zone];
  if (middle !== undefined) {
    return [{ path: middle, mirrored: false }];
  }
  const path = SIDED[zone] ?? '';
  const right = { path, mirrored: false };
  const left = { path, mirrored: true };

  return side === 'right' ? [right] : side === 'left' ? [left] : [right, left];
}
