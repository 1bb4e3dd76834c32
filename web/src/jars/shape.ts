/** The outer measures of a jar in millimetres, near enough to draw it: jars of each size look alike in every kitchen. */
interface Outline {
  readonly height: number;
  readonly body: number;
  readonly neck: number;
  readonly lid: number;
  /** From the rim down to where the shoulder begins. */
  readonly shoulder: number;
}

const OUTLINES: Record<string, Outline> = {
  "quart/regular": { height: 168, body: 96, neck: 66, lid: 70, shoulder: 34 },
  "quart/wide": { height: 166, body: 97, neck: 82, lid: 86, shoulder: 24 },
  "pint-and-a-half/wide": { height: 165, body: 84, neck: 80, lid: 86, shoulder: 16 },
  "pint/regular": { height: 126, body: 82, neck: 66, lid: 70, shoulder: 26 },
  "pint/wide": { height: 117, body: 86, neck: 82, lid: 86, shoulder: 16 },
  "twelve-ounce/regular": { height: 131, body: 72, neck: 66, lid: 70, shoulder: 18 },
  "half-pint/regular": { height: 96, body: 74, neck: 66, lid: 70, shoulder: 18 },
  "half-pint/wide": { height: 70, body: 88, neck: 82, lid: 86, shoulder: 14 },
};

const QUART: Outline = { height: 168, body: 96, neck: 66, lid: 70, shoulder: 34 };

export function outline(size: string, mouth: string): Outline {
  return OUTLINES[`${size}/${mouth}`] ?? OUTLINES[`${size}/regular`] ?? OUTLINES[`${size}/wide`] ?? QUART;
}

/** The glass of a jar as an SVG path, its foot's middle at (x, base). */
export function glassPath(shape: Outline, x: number, base: number): string {
  const { height, body, neck, shoulder } = shape;
  const [b, n, top] = [body / 2, neck / 2, base - height];
  const bend = Math.min(shoulder * 0.55, 16);
  return [
    `M ${x - n} ${top}`,
    `V ${top + shoulder - bend}`,
    `C ${x - n} ${top + shoulder}, ${x - b} ${top + shoulder - bend * 0.3}, ${x - b} ${top + shoulder + bend}`,
    `V ${base - 9}`,
    `Q ${x - b} ${base} ${x - b + 9} ${base}`,
    `H ${x + b - 9}`,
    `Q ${x + b} ${base} ${x + b} ${base - 9}`,
    `V ${top + shoulder + bend}`,
    `C ${x + b} ${top + shoulder - bend * 0.3}, ${x + n} ${top + shoulder}, ${x + n} ${top + shoulder - bend}`,
    `V ${top}`,
    "Z",
  ].join(" ");
}
