import type { Side, Zone } from '../api/types.gen';
import { type Point, united } from './strokes';

/** The middle line of the sheet. */
export const MIDDLE = 200;

/** Where a zone lies: its outline, and the ellipse that marks are placed in. Drawn on the child's left, which is the right of the sheet. */
export interface Place {
  d: string;
  centre: Point;
  rx: number;
  ry: number;
}

const place = (d: string, x: number, y: number, rx: number, ry: number): Place => ({
  d,
  centre: [x, y],
  rx,
  ry,
});

/** Zones that have a left and a right. */
const SIDED = {
  forehead: place(
    'M200 98C252 98 294 116 311 160C314 170 316 178 316 186C292 172 262 172 238 182C224 187 210 188 200 188Z',
    258,
    146,
    48,
    34,
  ),
  hairline: place('M200 90C258 90 304 110 324 168L311 178C298 132 254 114 200 114Z', 262, 112, 54, 18),
  brow: place(
    'M214 200C230 180 274 176 304 196C308 203 303 209 296 206C270 195 240 199 218 211Z',
    260,
    193,
    42,
    13,
  ),
  temple: place(
    'M304 168C322 178 332 204 333 236C326 250 312 252 306 246C312 226 310 200 300 182Z',
    317,
    210,
    16,
    36,
  ),
  eyelid: place('M219 238C226 206 290 204 302 238C288 219 236 219 219 238Z', 260, 219, 36, 12),
  eye_socket: place(
    'M214 236C214 206 238 190 264 190C294 190 312 210 312 238C312 264 292 280 264 280C236 280 214 264 214 236Z',
    263,
    235,
    48,
    44,
  ),
  outer_eye: place('M298 236C308 222 326 222 333 232C328 250 312 254 298 246Z', 315, 238, 17, 14),
  inner_eye: place(
    'M214 238C216 226 226 222 234 228C238 240 232 252 222 252C216 250 213 244 214 238Z',
    224,
    238,
    10,
    14,
  ),
  under_eye: place(
    'M220 246C240 268 284 268 304 246C306 264 288 282 262 282C238 282 221 266 220 246Z',
    262,
    268,
    36,
    12,
  ),
  nostril: place('M213 297C222 289 233 293 232 302C229 311 217 310 211 304Z', 222, 300, 9, 8),
  cheekbone: place(
    'M236 276C262 290 304 280 329 250C334 272 322 296 298 302C272 306 246 298 236 276Z',
    288,
    282,
    40,
    18,
  ),
  cheek: place(
    'M232 286C258 298 304 290 328 258C333 298 318 340 288 360C262 364 240 334 233 306Z',
    283,
    312,
    40,
    38,
  ),
  lower_cheek: place(
    'M244 334C270 346 300 334 317 310C310 346 292 374 266 390C252 374 245 354 244 334Z',
    281,
    352,
    28,
    26,
  ),
  muzzle: place(
    'M200 306C228 298 266 308 273 336C277 366 246 384 214 378C208 376 203 374 200 370Z',
    238,
    342,
    30,
    30,
  ),
  mouth_corner: place(
    'M232 330C246 322 260 332 258 344C256 356 240 360 230 352C236 346 236 336 232 330Z',
    245,
    342,
    12,
    14,
  ),
  smile_line: place(
    'M226 300C238 306 252 322 256 344C254 352 248 352 245 346C240 328 232 316 222 308Z',
    242,
    326,
    14,
    24,
  ),
  jaw: place(
    'M329 282C324 334 290 392 230 416C244 400 266 382 280 358C298 334 310 310 315 286Z',
    290,
    356,
    26,
    44,
  ),
  ear: place(
    'M334 222C354 208 368 228 362 254C357 278 344 288 333 280C336 260 337 240 334 222Z',
    349,
    248,
    12,
    28,
  ),
  neck: place('M200 424C224 422 244 412 258 398L262 480H200Z', 228, 450, 28, 24),
} satisfies Partial<Record<Zone, Place>>;

const CENTRED = {
  between_brows: place(
    'M185 182C190 174 210 174 215 182C216 200 211 214 200 220C189 214 184 200 185 182Z',
    200,
    197,
    13,
    20,
  ),
  nose_bridge: place('M189 210C194 218 206 218 211 210L215 266C209 272 191 272 185 266Z', 200, 240, 12, 28),
  nose: place(
    'M191 236C196 244 204 244 209 236C213 262 226 280 228 295C228 308 215 314 200 314C185 314 172 308 172 295C174 280 187 262 191 236Z',
    200,
    284,
    26,
    30,
  ),
  nose_tip: place(
    'M180 296C180 285 189 279 200 279C211 279 220 285 220 296C220 307 211 313 200 313C189 313 180 307 180 296Z',
    200,
    296,
    20,
    16,
  ),
  upper_lip: place(
    'M177 316C190 322 210 322 223 316C226 325 230 332 235 339C214 330 186 330 165 339C170 332 174 325 177 316Z',
    200,
    327,
    26,
    9,
  ),
  lips: place(
    'M163 344C178 334 192 332 200 336C208 332 222 334 237 344C227 364 213 370 200 370C187 370 173 364 163 344Z',
    200,
    350,
    36,
    16,
  ),
  lower_lip: place(
    'M165 346C188 352 212 352 235 346C226 364 213 370 200 370C187 370 174 364 165 346Z',
    200,
    358,
    32,
    11,
  ),
  chin: place(
    'M168 384C186 376 214 376 232 384C234 406 219 422 200 422C181 422 166 406 168 384Z',
    200,
    400,
    30,
    20,
  ),
} satisfies Partial<Record<Zone, Place>>;

/** The arm and its hand have a sheet of their own. */
const LIMB = {
  arm: place('M146 40C138 84 138 122 146 158H254C262 122 262 84 254 40Z', 200, 100, 50, 54),
  forearm: place('M146 160C148 206 158 252 166 292H234C242 252 252 206 254 160Z', 200, 226, 42, 62),
  wrist: place('M166 292C168 306 168 318 166 330H234C232 318 232 306 234 292Z', 200, 311, 32, 18),
  hand: place(
    'M166 330C152 344 148 366 152 392C166 404 234 404 248 392C252 366 248 344 234 330Z',
    200,
    366,
    44,
    32,
  ),
  knuckles: place(
    united(
      'M152 384C170 378 230 378 248 384C250 396 248 404 246 408C230 400 170 400 154 408C151 402 151 394 152 384Z',
    ),
    200,
    393,
    44,
    12,
  ),
  fingers: place(
    'M152 392C150 420 156 446 166 448C174 450 178 432 180 412C180 440 184 462 194 462C204 462 206 440 206 412C208 438 214 458 223 456C232 454 232 432 230 408C234 426 240 438 246 434C252 428 250 408 248 392Z',
    200,
    428,
    42,
    26,
  ),
} satisfies Partial<Record<Zone, Place>>;

/** A zone that lies nowhere does not compile. */
const PLACES: Record<Zone, Place> = { ...SIDED, ...CENTRED, ...LIMB };

export const isLimb = (zone: Zone): boolean => zone in LIMB;

/** Whether both halves of the sheet show it, each with a picture of its own. */
export const isSided = (zone: Zone): boolean => zone in SIDED;

export const placeOf = (zone: Zone): Place => PLACES[zone];

/** Which way round the drawing of the child's left is laid: as it is, mirrored, or across the middle. */
export type Half = 'left' | 'right' | 'middle';

export function halvesOf(zone: Zone, side: Side): Half[] {
  if (!isSided(zone)) {
    return ['middle'];
  }

  return side === 'left' ? ['left'] : side === 'right' ? ['right'] : ['left', 'right'];
}

/** The ellipse that a mark stands in: of one half, or of both halves together when it stands on the middle line. */
export function roomOf(zone: Zone, half: Half): Place {
  const found = placeOf(zone);
  if (half !== 'middle' || !isSided(zone)) {
    return found;
  }

  return { ...found, centre: [MIDDLE, found.centre[1]], rx: found.centre[0] - MIDDLE + found.rx };
}

/** Where the points to aim at lie, on the child's left. */
export const landmarks: Record<string, Point> = {
  nose_top: [200, 212],
  nose_tip: [200, 300],
  between_brows: [200, 196],
  brow_end: [304, 200],
  inner_eye_corner: [219, 242],
  outer_eye_corner: [303, 240],
  mouth_corner: [237, 344],
  lip_centre: [200, 340],
  chin_tip: [200, 420],
  ear_lobe: [344, 282],
  hairline_centre: [200, 100],
  wrist_centre: [200, 311],
};
