/** Plane geometry of a dial in a picture: a circle seen from the side is an ellipse, and the image of its middle is not the ellipse's middle. */

export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** Picture to dial or back; three rows of three. */
export type Plane = readonly [number, number, number, number, number, number, number, number, number];

export function through([a, b, c, d, e, f, g, h, i]: Plane, { x, y }: Spot): Spot {
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

export function inverse([a, b, c, d, e, f, g, h, i]: Plane): Plane {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

function times(one: Plane, two: Plane): Plane {
  const [a, b, c, d, e, f, g, h, i] = one;
  const [j, k, l, m, n, o, p, q, r] = two;
  return [
    a * j + b * m + c * p,
    a * k + b * n + c * q,
    a * l + b * o + c * r,
    d * j + e * m + f * p,
    d * k + e * n + f * q,
    d * l + e * o + f * r,
    g * j + h * m + i * p,
    g * k + h * n + i * q,
    g * l + h * o + i * r,
  ];
}

/** An ellipse around the origin or near it: ax² + bxy + cy² + dx + ey = 1. */
export interface Ellipse {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
  readonly e: number;
}

/** How far out a spot is, in its measure: 1 on the ellipse. */
export function distance({ a, b, c, d, e }: Ellipse, { x, y }: Spot): number {
  return Math.sqrt(Math.max(0, a * x * x + b * x * y + c * y * y + d * x + e * y));
}

/** How far a spot is from it, as a share of its distance from the origin; 0 on it. */
export function beside(ellipse: Ellipse, spot: Spot): number {
  return Math.abs(distance(ellipse, spot) - 1);
}

/** The same ellipse, told from another origin. */
export function seenFrom({ a, b, c, d, e }: Ellipse, { x, y }: Spot): Ellipse | undefined {
  const rest = 1 - (a * x * x + b * x * y + c * y * y + d * x + e * y);
  return rest <= 0
    ? undefined
    : {
        a: a / rest,
        b: b / rest,
        c: c / rest,
        d: (d + 2 * a * x + b * y) / rest,
        e: (e + 2 * c * y + b * x) / rest,
      };
}

/** The ellipse through three spots around the origin; undefined where there is none. */
export function ellipseThrough(spots: readonly Spot[]): Ellipse | undefined {
  return solved(
    spots.map(({ x, y }) => [x * x, x * y, y * y]),
    spots.map(() => 1),
    ([a = 0, b = 0, c = 0]) => ({ a, b, c, d: 0, e: 0 }),
  );
}

/** The ellipse that lies best among many spots. */
export function ellipseAmong(spots: readonly Spot[]): Ellipse | undefined {
  const rows = spots.map(({ x, y }) => [x * x, x * y, y * y, x, y]);
  const square =
    rows[0]?.map(
      (_, i) =>
        rows[0]?.map((__, j) => rows.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), 0)) ?? [],
    ) ?? [];
  const right = rows[0]?.map((_, i) => rows.reduce((sum, row) => sum + (row[i] ?? 0), 0)) ?? [];
  return solved(square, right, ([a = 0, b = 0, c = 0, d = 0, e = 0]) => ({ a, b, c, d, e }));
}

function solved(
  square: readonly (readonly number[])[],
  right: readonly number[],
  make: (solution: readonly number[]) => Ellipse,
): Ellipse | undefined {
  const rows = square.map((row, index) => [...row, right[index] ?? 0]);
  const size = rows.length;
  for (let column = 0; column < size; column++) {
    let best = column;
    for (let row = column + 1; row < size; row++) {
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[best]?.[column] ?? 0)) {
        best = row;
      }
    }
    const pivot = rows[best] ?? [];
    rows[best] = rows[column] ?? [];
    rows[column] = pivot;
    const lead = pivot[column] ?? 0;
    if (Math.abs(lead) < 1e-12) {
      return undefined;
    }
    for (let row = 0; row < size; row++) {
      const own = rows[row] ?? [];
      const factor = row === column ? 0 : (own[column] ?? 0) / lead;
      if (factor !== 0) {
        rows[row] = own.map((value, index) => value - factor * (pivot[index] ?? 0));
      }
    }
  }
  const found = make(rows.map((row, index) => (row[size] ?? 0) / (row[index] ?? 1)));
  return found.a > 0 && found.c > 0 && 4 * found.a * found.c > found.b * found.b ? found : undefined;
}

/**
 * From the picture to the dial, with its middle at the origin. The line at infinity of a circle's plane is the polar line of the image of its
 * middle; once that is known, the ellipse becomes a circle again.
 *
 * @param middle the image of the dial's middle, the origin of the ellipse
 * @param scale how many pixels a unit of the ellipse's coordinates is
 */
export function planeOf(ellipse: Ellipse, middle: Spot, scale: number): Plane {
  const { a, b, c, d, e } = ellipse;
  // The polar line of the origin: (d x + e y) / 2 = 1.
  const flat: Plane = [1, 0, 0, 0, 1, 0, -d / 2, -e / 2, 1];
  // What the ellipse is after that: it lies around the origin, so that its linear part is gone.
  const [aa, bb, cc] = [a + (d * d) / 4, b + (d * e) / 2, c + (e * e) / 4];
  // The root of its form makes it the unit circle.
  const root = Math.sqrt(aa * cc - (bb * bb) / 4);
  const sum = Math.sqrt(aa + cc + 2 * root);
  const round: Plane = [(aa + root) / sum, bb / 2 / sum, 0, bb / 2 / sum, (cc + root) / sum, 0, 0, 0, 1];
  const moved: Plane = [1 / scale, 0, -middle.x / scale, 0, 1 / scale, -middle.y / scale, 0, 0, 1];
  return times(round, times(flat, moved));
}

export function scaled(plane: Plane, by: number): Plane {
  return times([by, 0, 0, 0, by, 0, 0, 0, 1], plane);
}
