const WORDS: Readonly<Record<string, string>> = {
  lid: "A flat lid beside its band; the ring on its underside is pressed flat in one place",
  unsealed: "A jar whose lid stands up in the middle: it has not sealed",
  siphoned: "A jar with its lid drawn down; its liquid stands a third lower than it was filled",
  floating: "A jar with its lid drawn down; the food swims above clear broth",
};

/** A jar, or its lid, as it was found. */
export function JarPicture({ what }: { readonly what: string }) {
  return (
    <svg viewBox="0 0 200 260" className="mx-auto h-72 lg:h-96" role="img" aria-label={WORDS[what] ?? what}>
      {what === "lid" ? <Lid /> : <Jar what={what} />}
    </svg>
  );
}

function Lid() {
  return (
    <g>
      <ellipse cx="100" cy="95" rx="74" ry="26" className="fill-steam stroke-glass" strokeWidth="4" />
      <ellipse cx="100" cy="92" rx="63" ry="20" className="fill-paper stroke-bar" strokeWidth="7" />
      <path d="M148 100 q8 4 12 -4" className="fill-none stroke-paper" strokeWidth="6" />
      <path
        d="M28 186 Q100 226 172 186 V208 Q100 248 28 208 Z"
        className="fill-steam stroke-glass"
        strokeWidth="4"
      />
      <ellipse cx="100" cy="186" rx="72" ry="24" className="fill-ground stroke-glass" strokeWidth="4" />
    </g>
  );
}

const PIECES = [
  [70, 0],
  [96, 8],
  [124, 2],
  [82, 26],
  [112, 30],
  [134, 24],
  [68, 48],
  [100, 52],
  [128, 50],
] as const;

function Jar({ what }: { readonly what: string }) {
  const level = what === "siphoned" ? 128 : 82;
  const first = what === "floating" ? 88 : 172;
  return (
    <g>
      <path d={`M52 ${level} H148 V232 Q148 240 140 240 H60 Q52 240 52 232 Z`} className="fill-broth" />
      {PIECES.map(([x, y]) => (
        <circle key={`${x}/${y}`} cx={x} cy={first + y} r="11" className="fill-copper" />
      ))}
      <path
        d="M60 58 H140 V70 Q152 76 152 92 V232 Q152 244 140 244 H60 Q48 244 48 232 V92 Q48 76 60 70 Z"
        className="fill-none stroke-glass"
        strokeWidth="4"
      />
      {what === "siphoned" && (
        <path d="M40 82 H160" className="stroke-bar" strokeWidth="2.500" strokeDasharray="6 5" />
      )}
      {what === "unsealed" ? (
        <path d="M56 56 Q100 30 144 56 Z" className="fill-steam stroke-brick" strokeWidth="4" />
      ) : (
        <path d="M56 46 Q100 56 144 46 V56 H56 Z" className="fill-steam stroke-glass" strokeWidth="4" />
      )}
    </g>
  );
}
